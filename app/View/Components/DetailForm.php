<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Models\Product;
use App\Store\Products\LoadedProduct;
use Core\Details\DetailInput;
use Core\Details\DetailKind;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** A detail of the whole product; one of a single field is kept as it is left. */
final class DetailForm extends Component
{
    /** @var list<DetailInput> */
    public readonly array $fields;

    /** How many parts of the product say otherwise. */
    public readonly int $parts;

    public readonly string $detail;

    private readonly string $id;

    /** @param string $kind the value of a Core\Details\DetailKind */
    public function __construct(public readonly Product $product, LoadedProduct $loaded, string $kind)
    {
        $detail = DetailKind::from($kind);
        $details = $loaded->core->state->details->details;
        $this->fields = $detail->type()->inputs($details->whole($detail), $loaded->core->prices->currency);
        $this->parts = count($details->parts($detail));
        $this->detail = $detail->value;
        $this->id = 'detail-' . str_replace(' ', '-', $detail->value);
    }

    public function isWide(): bool
    {
        return !$this->isOfOneField() || $this->fields[0]->type === 'lines';
    }

    public function isOfOneField(): bool
    {
        return count($this->fields) === 1;
    }

    public function fieldId(int $at): string
    {
        return "{$this->id}-{$at}";
    }

    public function render(): View
    {
        return view('components.detail-form');
    }
}
