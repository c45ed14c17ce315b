<?php

declare(strict_types=1);

namespace Core\Details;

use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Pricing\Currency;
use Core\Pricing\Money;
use Core\Reach\Reach;
use Core\Reach\ReachMapper;
use Core\Reach\Wording;

/**
 * All that is said of a product and its parts. Of each kind there is at most one text for the whole product, and parts
 * that say otherwise; no two parts of a kind overlap, so that a SKU has one answer.
 */
final readonly class Details
{
    /**
     * @param  list<ReachedDetail>  $all  of a part before others that it might overlap after values became one: the
     *   first holds
     */
    public function __construct(public array $all = []) {}

    /** What is said of the whole product; empty for nothing. */
    public function whole(DetailKind $kind): string
    {
        foreach ($this->all as $detail) {
            if ($detail->kind === $kind && $detail->reach->isEverything()) {
                return $detail->text;
            }
        }

        return '';
    }

    /** @return list<ReachedDetail> parts that say otherwise */
    public function parts(DetailKind $kind): array
    {
        return array_values(
            array_filter(
                $this->all,
                fn(ReachedDetail $detail): bool => $detail->kind === $kind && !$detail->reach->isEverything(),
            ),
        );
    }

    /** What holds at a SKU; empty for nothing. */
    public function at(DetailKind $kind, Combination $cell, Matrix $matrix): string
    {
        return $this->finder($kind, $matrix)->at($cell);
    }

    /** @return DetailFinder one that is quick for many SKUs */
    public function finder(DetailKind $kind, Matrix $matrix): DetailFinder
    {
        return DetailFinder::of($this->whole($kind), $this->parts($kind), $matrix);
    }

    /** @return list<SaidDetail> all that is said of a SKU */
    public function allAt(Combination $cell, Matrix $matrix): array
    {
        $said = [];
        foreach (DetailKind::cases() as $kind) {
            $finder = $this->finder($kind, $matrix);
            if ($finder->at($cell) !== '') {
                $said[] = new SaidDetail($kind, $finder->at($cell), $finder->isOwnAt($cell));
            }
        }

        return $said;
    }

    /**
     * Said anew somewhere; nowhere else is anything different. A part's say stays its own, whatever the product says
     * meanwhile: the same as well.
     *
     * @param  Reach  $where  everything: the product itself; its parts go on saying what they say
     * @param  ?string  $text  null: as the whole product, so that the part's say goes and the product's stays; empty: a
     *                         say like any other, that there is nothing here
     */
    public function with(DetailKind $kind, Reach $where, ?string $text, Matrix $matrix): self
    {
        if ($where->isEverything() && $text !== null) {
            return $this->withWhole($kind, $text);
        }
        $all = array_values(
            array_filter(
                $this->all,
                fn(ReachedDetail $detail): bool => $detail->kind !== $kind || $detail->reach->isEverything(),
            ),
        );
        $isNew = $text !== null;
        foreach ($this->parts($kind) as $part) {
            $rest =
                $isNew && $part->text === $text ? $part->reach->union($where) : $part->reach->subtract($where, $matrix);
            $isNew = $isNew && $part->text !== $text;
            if (!$rest->isNothing()) {
                $all[] = new ReachedDetail($kind, $rest, $part->text);
            }
        }

        return new self($isNew ? [...$all, new ReachedDetail($kind, $where, (string) $text)] : $all);
    }

    /**
     * Units that the SKUs of a picture combination share. Where no axis tells combinations apart any more, all of it is
     * one, and nothing else has units beside it.
     *
     * @param  ?string  $units  null where nobody counts them
     */
    public function pooled(Reach $where, ?string $units, Matrix $matrix): self
    {
        return $where->isEverything()
            ? $this->with(DetailKind::PictureUnits, $where, null, $matrix)->withWhole(
                DetailKind::PictureUnits,
                (string) $units,
            )
            : $this->with(DetailKind::PictureUnits, $where, $units, $matrix);
    }

    /** Said anew of the whole product; parts that say something of their own go on saying it. */
    public function withWhole(DetailKind $kind, string $text): self
    {
        $others = array_values(
            array_filter(
                $this->all,
                fn(ReachedDetail $detail): bool => $detail->kind !== $kind || !$detail->reach->isEverything(),
            ),
        );

        return new self($text === '' ? $others : [...$others, new ReachedDetail($kind, Reach::everything(), $text)]);
    }

    /** The same after a change of the matrix. */
    public function carried(ReachMapper $carrying): self
    {
        return new self(
            array_map(
                fn(ReachedDetail $detail): ReachedDetail => new ReachedDetail(
                    $detail->kind,
                    $detail->kind === DetailKind::PictureUnits
                        ? $carrying->units($detail->reach)
                        : $carrying->said($detail->reach),
                    $detail->text,
                ),
                $this->all,
            ),
        );
    }

    /** @return list<Money> all amounts of money in what is said */
    public function amounts(Currency $currency): array
    {
        $reader = new DetailReader($currency);

        return array_merge(
            ...array_map(
                fn(ReachedDetail $detail): array => $reader->amounts($detail->kind, $detail->text),
                $this->all,
            ),
        );
    }

    /** Whether of a kind as much is said as in another. */
    public function hasAsMany(self $other, DetailKind $kind): bool
    {
        $count = fn(self $details): int => count(
            array_filter(
                $details->all,
                fn(ReachedDetail $detail): bool => $detail->kind === $kind && $detail->text !== '',
            ),
        );

        return $count($this) === $count($other);
    }

    /** The same with every amount in another currency. */
    public function inCurrency(Currency $from, Currency $to): self
    {
        $reader = new DetailReader($from);
        $all = array_map(
            fn(ReachedDetail $detail): ReachedDetail => new ReachedDetail(
                $detail->kind,
                $detail->reach,
                $reader->inCurrency($detail->kind, $detail->text, $to),
            ),
            $this->all,
        );

        return new self(
            array_values(
                array_filter(
                    $all,
                    fn(ReachedDetail $detail): bool => $detail->text !== '' || !$detail->reach->isEverything(),
                ),
            ),
        );
    }

    /**
     * As texts, to be held against another's and to be shown.
     *
     * @return array<string, SaidText> in the order of names; by keys that tell kinds and parts apart
     */
    public function texts(DetailReader $reader, Matrix $matrix): array
    {
        $texts = [];
        foreach ($this->all as $detail) {
            $where = match (true) {
                $detail->reach->isEverything() => '',
                $detail->reach->activeIn($matrix)->isNothing() => ' (of a part that sleeps)',
                default => ', ' . (new Wording())->say($detail->reach, $matrix),
            };
            $texts["{$detail->kind->value} {$detail->reach->key()}"] = new SaidText(
                $detail->kind->label() . $where,
                $detail->text === '' ? 'none there' : $reader->inWords($detail->kind, $detail->text),
            );
        }
        uasort($texts, fn(SaidText $one, SaidText $other): int => $one->name <=> $other->name);

        return $texts;
    }
}
