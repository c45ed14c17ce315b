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
use Core\Gallery\Placement;
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

    /** @return list<StripRow> */
    public function strips(): array
    {
        return array_map(function (Strip $strip): StripRow {
            $difference = $this->sheet->difference($strip);

            return new StripRow(
                $strip->part,
                $this->names->selected($strip->part),
                $this->names->label($strip->part),
                $strip->skus(),
                !$difference->isNone(),
                match (true) {
                    $strip === $this->sheet->reference && $this->sheet->differing() > 0 => __(
                        'contact.the_usual_sequence',
                    ),
                    $difference->isNone() => trans_choice('contact.skus', $strip->skus()),
                    default => ucfirst($difference->inWords()),
                },
                $this->cells($strip, $difference),
            );
        }, $this->sheet->strips);
    }

    /** Whether any strip has its views in another order than the others. */
    public function isOutOfOrder(): bool
    {
        return $this->sheet->outOfOrder() > 0;
    }

    /** @return list<string> names of the views that the shot list asks for, in its order */
    public function listedViews(): array
    {
        return array_column($this->loaded->core->library->shotList?->views() ?? [], 'name');
    }

    /**
     * What stands in each column; by place, what is missing stands at the end.
     *
     * @return list<?StripCell>
     */
    private function cells(Strip $strip, SequenceDifference $difference): array
    {
        $picture = fn(int $at): StripCell => $this->picture($strip, $at, $difference);
        $hole = fn(?CoverageCell $hole): ?StripCell => $hole === null ? null : new StripCell($hole);
        if (!$this->byView) {
            return [...array_map($picture, array_keys($strip->entries)), ...array_map($hole, $this->holes($strip))];
        }
        $places = array_flip(array_map(fn(NumberedShot $shot): string => $shot->key, $strip->shots));

        return array_map(
            fn(NumberedShot $column): ?StripCell => isset($places[$column->key])
                ? $picture($places[$column->key])
                : $hole($this->hole($strip, $column)),
            $this->columns,
        );
    }

    private function picture(Strip $strip, int $at, SequenceDifference $difference): StripCell
    {
        [$placement, $shot] = [$strip->entries[$at]->placement, $strip->shots[$at]];
        $isOff = $difference->touches($shot);
        $shownBy = $strip->shownBy[$placement->id];

        return new StripCell(
            placementId: $placement->id,
            at: $at,
            place: $at + 1,
            file: $placement->file,
            words: $shot->inWords(),
            label: __($isOff ? 'contact.picture_not_as_the_others' : 'contact.picture_at_its_place', [
                'part' => $this->names->label($strip->part),
                'place' => $at + 1,
                'shot' => $shot->inWords(),
                'file' => $placement->file,
            ]),
            title: __($shownBy < $strip->skus() ? 'contact.file_reach_on_some' : 'contact.file_reach', [
                'file' => $placement->file,
                'reach' => $this->reach($placement),
                'some' => $shownBy,
                'skus' => $strip->skus(),
            ]),
            thumb: $this->pictures->thumb($placement),
            large: $this->pictures->url($placement, PhotoSize::Gallery),
            mark: $this->loaded->placements[$placement->id]->mark(),
            isOff: $isOff,
            isLead: $this->leads($strip)?->id === $placement->id,
        );
    }

    /** "3 of 8 strips differ, 2 in order"; "All 8 strips have one sequence" */
    public function summary(): string
    {
        $all = count($this->sheet->strips);
        $differing = $this->sheet->differing();
        $moved = $this->sheet->outOfOrder();

        return match (true) {
            $all === 0 => __('pictures.this_product_has_no_sku_yet_2'),
            $all === 1 => __('pictures.one_gallery_nothing_to_compare_it'),
            $differing === 0 => __('pictures.all_all_strips_have_one_sequence', ['all' => $all]),
            default => trans_choice('pictures.strips_that_differ', $differing, [
                'differing' => $differing,
                'all' => $all,
                'moved' => match (true) {
                    $moved === $differing => __('pictures.in_order'),
                    $moved === 0 => __('pictures.in_what_they_have_the_order'),
                    default => __('pictures.moved_in_order', ['moved' => $moved]),
                },
            ]),
        };
    }

    /** What is missing in a column of the strips aligned by view; null where nothing is. */
    private function hole(Strip $strip, NumberedShot $column): ?CoverageCell
    {
        $cell = $this->loaded->core->coverage()?->rows[$strip->part->key]->cells[$column->view->key ?? ''] ?? null;

        return $cell?->isHole() === true && $column->number === 1 ? $cell : null;
    }

    /** @return list<CoverageCell> views that the shot list asks for and the strip lacks */
    private function holes(Strip $strip): array
    {
        return ($this->loaded->core->coverage()->rows[$strip->part->key] ?? null)?->holes() ?? [];
    }

    private function reach(Placement $placement): string
    {
        return $this->words[$placement->reach->key()] ??= $this->say($placement->reach);
    }

    private function leads(Strip $strip): ?Placement
    {
        return $this->loaded->core->galleries()->of($strip->cells[0])->role(Role::Lead)->placement();
    }

    private function say(Reach $reach): string
    {
        return (new Wording())->say($reach, $this->loaded->core->matrix);
    }
}
