<?php

declare(strict_types=1);

namespace App\Http\Screens\Pictures;

use App\Http\Requests\ProductRequest;
use App\Http\Screens\Product\PageScreen;
use App\Media\PhotoSize;
use App\Store\Products\LoadedProduct;
use Core\Gallery\ContactSheet;
use Core\Gallery\Coverage\CoverageCell;
use Core\Gallery\Coverage\NumberedShot;
use Core\Gallery\Entry;
use Core\Gallery\Roles\Role;
use Core\Gallery\Sequence\SequenceDifference;
use Core\Gallery\Strip;
use Core\Reach\Reach;
use Core\Reach\Wording;

/** Every gallery of a product, one strip for each picture combination, aligned by place or by view. */
final class ContactScreen implements PageScreen
{
    public readonly ContactSheet $sheet;

    public readonly PartNames $names;

    /** @var list<NumberedShot> */
    public readonly array $columns;

    /** @var array<string, string> key of a reach => in words */
    private array $words = [];

    public static function forPage(LoadedProduct $loaded, ProductRequest $request): static
    {
        return new self($loaded, new PictureLinks($loaded), $request->string('align')->toString() === 'view');
    }

    public function __construct(
        public readonly LoadedProduct $loaded,
        private readonly PictureLinks $pictures,
        public readonly bool $byView,
    ) {
        $this->sheet = ContactSheet::of(
            $loaded->core->matrix,
            $loaded->core->madeCells(),
            $loaded->core->state->pictures,
            $loaded->core->galleries(),
        );
        $this->names = new PartNames($loaded);
        $this->columns = $byView ? $this->sheet->columns() : [];
    }

    /**
     * What stands in each column: a picture's number in the strip, or null where it has none there.
     *
     * @return list<?int>
     */
    public function cells(Strip $strip): array
    {
        if (!$this->byView) {
            return array_keys($strip->entries);
        }
        $places = array_flip(array_map(fn(NumberedShot $shot): string => $shot->key, $strip->shots));

        return array_map(fn(NumberedShot $column): ?int => $places[$column->key] ?? null, $this->columns);
    }

    public function difference(Strip $strip): SequenceDifference
    {
        return $this->sheet->difference($strip);
    }

    /** "3 of 8 strips differ, 2 in order"; "All 8 strips have one sequence" */
    public function summary(): string
    {
        $all = count($this->sheet->strips);
        $differing = $this->sheet->differing();
        $moved = $this->sheet->outOfOrder();

        return match (true) {
            $all === 0 => 'This product has no SKU yet. Build its matrix on the board first.',
            $all === 1 => 'One gallery: nothing to compare it with',
            $differing === 0 => "All {$all} strips have one sequence",
            default => "{$differing} of {$all} strips " .
                ($differing === 1 ? 'differs' : 'differ') .
                match (true) {
                    $moved === $differing => ' in order',
                    $moved === 0 => ' in what they have; the order is the same',
                    default => ", {$moved} in order",
                },
        };
    }

    /** What is missing in a column of the strips aligned by view; null where nothing is. */
    public function hole(Strip $strip, int $column): ?CoverageCell
    {
        $cell =
            $this->loaded->core->coverage()?->rows[$strip->part->key]->cells[
                $this->columns[$column]->view->key ?? ''
            ] ?? null;

        return $cell?->isHole() === true && $this->columns[$column]->number === 1 ? $cell : null;
    }

    /** @return list<CoverageCell> views that the shot list asks for and the strip lacks */
    public function holes(Strip $strip): array
    {
        return ($this->loaded->core->coverage()->rows[$strip->part->key] ?? null)?->holes() ?? [];
    }

    public function thumb(Entry $entry): ?string
    {
        return $this->pictures->thumb($entry->placement);
    }

    public function large(Entry $entry): ?string
    {
        return $this->pictures->url($entry->placement, PhotoSize::Gallery);
    }

    public function reach(Entry $entry): string
    {
        $key = $entry->placement->reach->key();

        return $this->words[$key] ??= $this->say($entry->placement->reach);
    }

    public function isLead(Strip $strip, Entry $entry): bool
    {
        return $this->loaded->core->galleries()->of($strip->cells[0])->role(Role::Lead)->placement()?->id ===
            $entry->placement->id;
    }

    private function say(Reach $reach): string
    {
        return (new Wording())->say($reach, $this->loaded->core->matrix);
    }
}
