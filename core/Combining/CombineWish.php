<?php

declare(strict_types=1);

namespace Core\Combining;

use Core\Changes\Catalog;
use Core\Changes\Details\ProductText;
use Core\Changes\Matrix\DraftAxis;
use Core\Changes\Matrix\DraftReader;
use Core\Changes\Matrix\DraftValue;
use Core\Changes\Matrix\ReadAxis;
use Core\Matrix\Axis;
use Core\Refusal;
use Core\RefusalKind;
use Core\Text\Name;

/** Which products are to become one, and what tells them apart. */
final readonly class CombineWish
{
    /**
     * @param  non-empty-list<int>  $productIds
     * @param  list<string>  $axes  names of the axes that come
     * @param  array<int, array<string, string>>  $values  product id => axis name => label
     */
    public function __construct(
        private Catalog $catalog,
        private string $name,
        private string $code,
        public array $productIds,
        private array $axes,
        private array $values,
    ) {}

    /**
     * The axes that tell them apart; what the library lacks has ids below zero.
     *
     * @return list<ReadAxis>
     *
     * @throws Refusal
     */
    public function axes(): array
    {
        $drafts = [];
        foreach ($this->axes as $axis) {
            $labels = [];
            foreach ($this->productIds as $id) {
                $label = trim($this->values[$id][$axis] ?? '');
                $labels[Name::of($label)->folded] ??= DraftValue::called($label);
            }
            unset($labels['']);
            $drafts[] = new DraftAxis($axis, '', values: array_values($labels));
        }

        return (new DraftReader($this->catalog))->read($drafts);
    }

    /**
     * @param  array<int, CombinedPart>  $parts  by product id, in the order in which they were chosen
     *
     * @throws Refusal
     * @throws CombineConflict
     */
    public function combined(array $parts): Combined
    {
        $name = ProductText::Name->read($this->name);
        $read = $this->axes();
        $placed = [];
        foreach ($parts as $id => $part) {
            $values = [];
            foreach ($read as $axis) {
                $values[$axis->axis->id] = $this->valueId($axis, $this->values[$id][$axis->draft->name] ?? '', $part);
            }
            $placed[] = new CombinedPart($id, $part->product, $values);
        }
        if ($placed === []) {
            throw CombineConflict::tooFew();
        }
        $axes = array_map(fn(ReadAxis $axis): Axis => $axis->axis, $read);

        return (new ProductCombiner())->combine($placed, $axes, $name, trim($this->code));
    }

    private function valueId(ReadAxis $axis, string $said, CombinedPart $part): int
    {
        return self::valueCalled($axis, $said) ??
            throw new Refusal(
                "Say which {$axis->axis->name} {$part->product->state->details->name} is.",
                RefusalKind::Missing,
                'values',
            );
    }

    /** The value of an axis that is called so, in its own words or in others for it; null for none. */
    public static function valueCalled(ReadAxis $axis, string $said): ?int
    {
        $typed = Name::of($said);
        $meant = [$typed->folded];
        foreach ([...$axis->read->otherWords, ...$axis->read->doubles] as $other) {
            if (Name::of($other->typed)->is($typed)) {
                $meant[] = Name::of($other->known())->folded;
            }
        }
        foreach ($typed->isEmpty() ? [] : $axis->axis->values as $value) {
            if (in_array(Name::of($value->label)->folded, $meant, true)) {
                return $value->id;
            }
        }

        return null;
    }
}
