<?php

declare(strict_types=1);

namespace Core\Matching;

use Core\Matching\Names\DropHabits;
use Core\Matching\Names\DroppedName;
use Core\Matching\Names\Lexicon;
use Core\Matching\Names\MeaningKind;
use Core\Matching\Names\NamePart;
use Core\Matching\Names\NameReader;
use Core\Matching\Names\NameReading;
use Core\Matching\Shoots\CardRun;
use Core\Matching\Shoots\FoundCard;
use Core\Matching\Shoots\TakenPicture;
use Core\Reach\Clause;
use Core\Reach\Reach;
use Core\Text\WordForms;

/** Reads the names of a drop together, so that what many of them have in common explains the one that lacks it. */
final readonly class DropReader
{
    /** So often a habit is seen before it explains anything. */
    private const HABIT = 9;

    /** The share of all colors of a drop that a word stands beside which belongs to none of them. */
    private const MOST_VALUES = 0.75;

    private NameReader $reader;

    private NameMatcher $judge;

    private DropHabits $habits;

    public function __construct(private Lexicon $lexicon)
    {
        $this->reader = new NameReader($lexicon);
        $this->judge = new NameMatcher($lexicon);
        $this->habits = new DropHabits($lexicon);
    }

    /**
     * @param  array<array-key, DroppedName>  $names
     * @param  ?int  $productId  where all are known to be of one product
     * @param  array<array-key, SeenPicture>  $seen  what was measured of the pictures, by the same keys
     * @param  array<array-key, TakenPicture>  $taken  how they were taken, by the same keys
     * @return array<array-key, Verdict> by the same keys
     */
    public function read(array $names, ?int $productId = null, array $seen = [], array $taken = []): array
    {
        $runs = CardRun::in($taken);
        $cards = $this->cards($runs, $names);
        $parts = array_map(fn(DroppedName $name): array => $name->parts(), $names);
        $habits = $this->habits->of($parts, $names);
        $readings = [];
        foreach ($parts as $key => $own) {
            $readings[$key] = $this->reader->read($own, $habits[$key] ?? []);
        }
        $common = $this->common($readings);
        $senders = $this->axesBeside($readings, $common);
        $verdicts = $known = [];
        foreach ($readings as $key => $reading) {
            $known[$key] = new Circumstances(
                $names[$key]->productId ?? $productId,
                $names[$key]->view,
                $common,
                $senders,
                $seen[$key] ?? null,
                card: $cards[$key] ?? null,
            );
            $verdicts[$key] = $this->judge->judge($reading, $known[$key]);
        }
        $verdicts = $this->withPresumedProducts($names, $verdicts, $known);
        $verdicts = $this->withTrustedParts($verdicts, $known);

        $verdicts = $this->withViewsByOrder($verdicts, $runs);

        return $this->narrowed($verdicts, $seen);
    }

    /**
     * @param  list<CardRun>  $runs
     * @param  array<array-key, DroppedName>  $names
     * @return array<array-key, FoundCard> of those that nobody has said another product of
     */
    private function cards(array $runs, array $names): array
    {
        $cards = [];
        foreach ($runs as $run) {
            foreach ($run->keys as $key) {
                if (in_array($names[$key]->productId ?? null, [null, $run->card->productId], true)) {
                    $cards[$key] = $run->card;
                }
            }
        }

        return $cards;
    }

    /**
     * As many pictures after a card as there are views to be photographed, and none that says its view: they are these
     * views, in this order.
     *
     * @param  array<array-key, Verdict>  $verdicts
     * @param  list<CardRun>  $runs
     * @return array<array-key, Verdict>
     */
    private function withViewsByOrder(array $verdicts, array $runs): array
    {
        foreach ($runs as $run) {
            $known = array_filter($run->keys, fn(int|string $key): bool => $verdicts[$key]->view !== null);
            if ($known === [] && count($run->keys) === count($run->card->views)) {
                foreach ($run->keys as $at => $key) {
                    $verdicts[$key] = $verdicts[$key]->showingByOrder($run->card->views[$at]);
                }
            }
        }

        return $verdicts;
    }

    /**
     * Words that nobody knows and that stand beside whatever the drop is of: a brand, a season, the photographer. One
     * that stands only beside one color, or beside a few of them, belongs to their names, however often it comes.
     *
     * @param  array<array-key, NameReading>  $readings
     * @return list<string> bare
     */
    private function common(array $readings): array
    {
        $times = $besides = $apart = $colors = [];
        foreach ($readings as $reading) {
            foreach ($reading->meanings(MeaningKind::Value) as [, $meaning]) {
                $colors[(int) $meaning->axisId][(int) $meaning->valueId] = true;
            }
            foreach ($reading->unknown as $part) {
                $times[$part->bare] = ($times[$part->bare] ?? 0) + 1;
                $values = $this->valuesBeside($reading, $part);
                foreach ($values as [$axisId, $valueId]) {
                    $besides[$part->bare][$axisId][$valueId] = true;
                }
                $apart[$part->bare] = ($apart[$part->bare] ?? 0) + ($values === [] ? 1 : 0);
            }
        }
        $common = [];
        foreach ($times as $word => $count) {
            $isOfColors = $apart[$word] === 0;
            foreach ($besides[$word] ?? [] as $axisId => $values) {
                $isOfColors =
                    $isOfColors &&
                    (count($values) === 1 || count($values) < self::MOST_VALUES * count($colors[$axisId]));
            }
            if ($count > self::HABIT && !$isOfColors) {
                $common[] = (string) $word;
            }
        }

        return $common;
    }

    /**
     * Axes of which names say a value that have such a word as well: a word that stands in no name with a color may
     * itself be meant for one.
     *
     * @param  array<array-key, NameReading>  $readings
     * @param  list<string>  $common
     * @return array<array-key, array<int, true>> word => axis ids
     */
    private function axesBeside(array $readings, array $common): array
    {
        $isCommon = array_flip($common);
        $axes = [];
        foreach ($readings as $reading) {
            $said = [];
            foreach ($reading->understood as $understood) {
                foreach ($understood->meanings as $meaning) {
                    $said +=
                        $meaning->skuId === null
                            ? [(int) $meaning->axisId => true]
                            : $this->lexicon->sku($meaning->skuId)->values ?? [];
                }
            }
            foreach ($reading->unknown as $part) {
                if (isset($isCommon[$part->bare])) {
                    $axes[$part->bare] = ($axes[$part->bare] ?? []) + array_fill_keys(array_keys($said), true);
                }
            }
        }

        return $axes;
    }

    /**
     * @return list<array{int, int}> axis id and value id of values that stand right before a word or right behind it
     */
    private function valuesBeside(NameReading $reading, NamePart $part): array
    {
        $values = [];
        foreach ($reading->beside($part) as $understood) {
            foreach ($understood->of(MeaningKind::Value) as $meaning) {
                $values[] = [(int) $meaning->axisId, (int) $meaning->valueId];
            }
        }

        return $values;
    }

    /**
     * A name without a product, in a folder where all others are of one, or with a value that only one product has.
     *
     * @param  array<array-key, DroppedName>  $names
     * @param  array<array-key, Verdict>  $verdicts
     * @param  array<array-key, Circumstances>  $known
     * @return array<array-key, Verdict>
     */
    private function withPresumedProducts(array $names, array $verdicts, array $known): array
    {
        $byFolder = $ofDrop = [];
        foreach ($verdicts as $key => $verdict) {
            $id = (int) $verdict->productId;
            if ($verdict->productId !== null) {
                $ofDrop[$id] = $id;
            }
            if ($verdict->isSure()) {
                $byFolder[$names[$key]->folder][$id] = ($byFolder[$names[$key]->folder][$id] ?? 0) + 1;
            }
        }
        foreach ($verdicts as $key => $verdict) {
            $presumed =
                $verdict->productId === null
                    ? $this->byFolder($byFolder[$names[$key]->folder] ?? [], $names[$key]->file) ??
                        $this->byValue($verdict->reading, array_values($ofDrop))
                    : null;
            if ($presumed !== null) {
                $verdicts[$key] = $this->judge->judge($verdict->reading, $known[$key]->presuming($presumed));
            }
        }

        return $verdicts;
    }

    /** @param  array<int, int>  $usual  product id => how many in the folder are surely of it */
    private function byFolder(array $usual, string $file): ?Presumption
    {
        if (count($usual) !== 1 || reset($usual) < self::HABIT) {
            return null;
        }
        $id = array_key_first($usual);
        $name = $this->lexicon->product($id)->name ?? '';

        return new Presumption(
            $id,
            Exactness::Synonym->confidence(),
            "The others beside it are all of {$name}.",
            $this->codeLike($id, $file),
        );
    }

    /**
     * By a color or a style that only one of the products in the drop has, else only one of the shop.
     *
     * @param  list<int>  $ofDrop  ids of products that others of the drop are read to be of
     */
    private function byValue(NameReading $reading, array $ofDrop): ?Presumption
    {
        foreach ($reading->meanings(MeaningKind::Value) as [, $meaning]) {
            if ($meaning->exactness === Exactness::Slip || $meaning->valueId === null) {
                continue;
            }
            $having = array_values(
                array_filter($ofDrop, fn(int $id): bool => $this->showsValue($id, $meaning->valueId)),
            );
            $only = $having === [] ? $this->lexicon->onlyWith($meaning->valueId) : null;
            $id = count($having) === 1 ? $having[0] : $only;
            if ($id !== null && $this->showsValue($id, $meaning->valueId)) {
                $product = $this->lexicon->product($id);
                $whole = $only === null ? 'Of the products in this drop only' : 'Only';
                $value = $product?->label((int) $meaning->axisId, $meaning->valueId);

                return new Presumption($id, Verdict::LIKELY, "{$whole} {$product?->name} comes in {$value}.");
            }
        }

        return null;
    }

    /** Whether a product has a value that shows in its pictures. */
    private function showsValue(int $productId, int $valueId): bool
    {
        return $this->lexicon->product($productId)?->matrix->axisOf($valueId)?->changesPicture === true;
    }

    /**
     * @return string what stands in a name where a code of the product's kind would, and is not its code; empty for
     * nothing
     */
    private function codeLike(int $productId, string $file): string
    {
        $code = $this->lexicon->product($productId)->code ?? '';
        $pattern = preg_replace_callback(
            '/\p{L}+|\p{N}+|[^\p{L}\p{N}]+/u',
            fn(array $run): string => match (true) {
                preg_match('/\p{L}/u', $run[0]) === 1 => '\p{L}{' . mb_strlen($run[0]) . '}',
                preg_match('/\p{N}/u', $run[0]) === 1 => '\p{N}{' . mb_strlen($run[0]) . '}',
                default => '[^\p{L}\p{N}]*',
            },
            $code,
        );
        // A code of letters alone is like any word.
        if (
            preg_match('/\p{N}{2,}/u', $code) !== 1 ||
            preg_match("/(?<![\\p{L}\\p{N}]){$pattern}(?![\\p{L}\\p{N}])/u", mb_scrub($file, 'UTF-8'), $found) !== 1
        ) {
            return '';
        }

        return WordForms::bare($found[0]) === WordForms::bare($code) ? '' : $found[0];
    }

    /**
     * A word of a product's name that many have, and that fits them all, is how this drop calls it.
     *
     * @param  array<array-key, Verdict>  $verdicts
     * @param  array<array-key, Circumstances>  $known
     * @return array<array-key, Verdict>
     */
    private function withTrustedParts(array $verdicts, array $known): array
    {
        $fitting = $broken = [];
        foreach ($verdicts as $verdict) {
            if ($verdict->isByPart && $verdict->productId !== null) {
                $fitting[$verdict->productId] =
                    ($fitting[$verdict->productId] ?? 0) + ($verdict->foreignWords() === [] ? 1 : 0);
                $broken[$verdict->productId] =
                    ($broken[$verdict->productId] ?? 0) + ($verdict->foreignWords() === [] ? 0 : 1);
            }
        }
        $trusted = array_keys(
            array_filter(
                $fitting,
                fn(int $times, int $id): bool => $times > self::HABIT && $times > self::HABIT * $broken[$id],
                ARRAY_FILTER_USE_BOTH,
            ),
        );

        foreach ($verdicts as $key => $verdict) {
            if ($verdict->isByPart && in_array($verdict->productId, $trusted, true)) {
                $verdicts[$key] = $this->judge->judge($verdict->reading, $known[$key]->trusting($trusted));
            }
        }

        return $verdicts;
    }

    /**
     * The size in a name narrows nothing, unless there is another picture of the same view for another size.
     *
     * @param  array<array-key, Verdict>  $verdicts
     * @param  array<array-key, SeenPicture>  $seen
     * @return array<array-key, Verdict>
     */
    private function narrowed(array $verdicts, array $seen): array
    {
        $alike = [];
        foreach ($verdicts as $key => $verdict) {
            if ($verdict->productId !== null && $verdict->reach !== null) {
                foreach ($verdict->narrower as $axisId => $valueId) {
                    $part = [
                        $verdict->productId,
                        $verdict->reach->key(),
                        $verdict->view?->key,
                        $verdict->place,
                        $axisId,
                    ];
                    $alike[implode(' ', $part)][$valueId][] = $key;
                }
            }
        }
        foreach ($alike as $group => $byValue) {
            $axisId = (int) substr((string) strrchr((string) $group, ' '), 1);
            foreach (count($byValue) > 1 ? $byValue : [] as $valueId => $keys) {
                $others = array_merge(...array_values(array_diff_key($byValue, [$valueId => true])));
                foreach ($keys as $key) {
                    $verdicts[$key] = $this->narrowedTo($verdicts[$key], $axisId, $valueId, [$key, ...$others], $seen);
                }
            }
        }

        return $verdicts;
    }

    /**
     * @param  non-empty-list<array-key>  $keys  of the picture itself, and of those for other sizes
     * @param  array<array-key, SeenPicture>  $seen
     */
    private function narrowedTo(Verdict $verdict, int $axisId, int $valueId, array $keys, array $seen): Verdict
    {
        $size = $this->lexicon->product((int) $verdict->productId)?->label($axisId, $valueId) ?? '';
        if ($verdict->view === null && $verdict->reading->saysByNumber($axisId, $valueId)) {
            return $verdict->doubted(DoubtKind::ManyMeanings, "“{$size}” can be a size or the number of a shot.");
        }
        [$key, $others] = [$keys[0], array_slice($keys, 1)];
        if (array_intersect($seen[$key]->same ?? [], $others) !== []) {
            return $verdict->because('There is the same picture for another size: it shows none of them.');
        }
        $reach = ($verdict->reach ?? Reach::everything())->cut(Reach::of(Clause::of([$axisId => [$valueId]])));

        return $verdict
            ->narrowedTo($reach)
            ->because("There is another picture of the same for another size, so that this one is only for {$size}.");
    }
}
