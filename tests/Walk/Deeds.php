<?php

declare(strict_types=1);

namespace Tests\Walk;

use App\Actions\Matrix\ChangeMatrix;
use App\Actions\Matrix\EditValue;
use App\Actions\Matrix\LeaveOutCells;
use App\Actions\Matrix\MergeValues;
use App\Actions\Matrix\ReorderValues;
use App\Actions\Matrix\SetDisplay;
use App\Actions\Matrix\SetSwatches;
use App\Actions\Matrix\SplitValue;
use App\Actions\Pictures\AssignRole;
use App\Actions\Pictures\DescribePhotos;
use App\Actions\Pictures\FillHole;
use App\Actions\Pictures\GiveRoles;
use App\Actions\Pictures\HidePhotos;
use App\Actions\Pictures\LinkPhotos;
use App\Actions\Pictures\OrderPhotos;
use App\Actions\Pictures\PlaceInStrip;
use App\Actions\Pictures\SetCrop;
use App\Actions\Pictures\SetShot;
use App\Actions\Pictures\UnlinkPhotos;
use App\Actions\Product\EditFacts;
use App\Actions\Product\SetDetail;
use App\Actions\Product\SetOpening;
use App\Actions\Product\SetPictureAxes;
use App\Actions\Product\SetProductCode;
use App\Actions\Skus\AdjustPrices;
use App\Actions\Skus\ChangeCurrency;
use App\Actions\Skus\ChangePrices;
use App\Actions\Skus\SetCode;
use App\Actions\Skus\SetCounting;
use App\Actions\Skus\SetPrices;
use App\Actions\Skus\SetStock;
use App\History\Change;
use App\Models\LibraryValue;
use App\Models\User;
use App\Store\Library\ValueForm;
use App\Store\Products\LoadedProduct;
use Core\Changes\Details\SayFact;
use Core\Changes\Matrix\DraftAxis;
use Core\Changes\Matrix\DraftValue;
use Core\Changes\Matrix\LikeChoice;
use Core\Changes\Matrix\MatrixChoices;
use Core\Changes\Matrix\OfferCells;
use Core\Changes\Pictures\PlaceInGallery;
use Core\Changes\Prices\PriceWay;
use Core\Changes\Prices\PriceWish;
use Core\Color\ColorOrder;
use Core\Color\Swatches\Swatch;
use Core\Details\Counting;
use Core\Details\DetailKind;
use Core\Gallery\Coverage\Need;
use Core\Gallery\Crop;
use Core\Gallery\Roles\Role;
use Core\Gallery\Views;
use Core\Matrix\Axis;
use Core\Matrix\AxisDisplay;
use Core\Matrix\Value;
use Core\Pricing\OwnPrices;
use Core\Reach\Selection;
use Tests\Support\Shop;

/** Does what a step says, as the board, its dialogs and keys would. */
final class Deeds
{
    private const AXES = [
        'Color' => ['Moss', 'Clay', 'Slate', 'Oat'],
        'Size' => ['S', 'M', 'L', 'XL'],
        'Style' => ['Buttoned', 'Pullover', 'Zip'],
        'Lining' => ['Wool', 'None'],
    ];

    private const LABELS = [
        'Moss, deep',
        'a|b',
        'Clay',
        'M',
        '"quoted"',
        'שחור',
        '🌱 sprout',
        'Terracotta',
        '=1+1',
        'é',
        'Moss; S',
        '12',
        'every Color but S',
    ];

    /** What was tried last, also where it was refused. */
    public string $last = '';

    public function __construct(private readonly Shop $shop, private readonly Shop $other) {}

    public function do(Step $step, User $person): void
    {
        $draw = $step->draw();
        $loaded = $this->shop->loaded();
        $this->last = "{$person->name}: {$step->verb->name}";
        $change = $this->shop->change($person);
        match ($step->verb) {
            Verb::Axes => $this->axes($change, $loaded, $draw),
            Verb::Exchange => $this->exchange($change, $loaded, $draw),
            Verb::Merge => $this->merge($change, $loaded, $draw),
            Verb::Split => $this->split($change, $loaded, $draw),
            Verb::LeaveOut => app(LeaveOutCells::class)->run(
                $change,
                OfferCells::leaveOut(Selection::fromKey($this->selected($loaded, $draw))),
            ),
            Verb::OfferAgain => app(LeaveOutCells::class)->run(
                $change,
                OfferCells::again(Selection::fromKey($this->selected($loaded, $draw))),
            ),
            Verb::Link => $draw->oneIn(4)
                ? app(LinkPhotos::class)->onlyThere(
                    $change,
                    $this->photos($loaded, $draw),
                    Selection::fromKey($this->selected($loaded, $draw)),
                )
                : app(LinkPhotos::class)->run(
                    $change,
                    $this->photos($loaded, $draw),
                    Selection::fromKey($this->selected($loaded, $draw)),
                ),
            Verb::Unlink => $draw->oneIn(8)
                ? app(UnlinkPhotos::class)->everywhere(
                    $change,
                    $this->photos($loaded, $draw),
                    Selection::fromKey($this->selected($loaded, $draw)),
                )
                : app(UnlinkPhotos::class)->run(
                    $change,
                    $this->photos($loaded, $draw),
                    Selection::fromKey($this->selected($loaded, $draw)),
                ),
            Verb::Hide => app(HidePhotos::class)->run(
                $change,
                $this->photos($loaded, $draw),
                Selection::fromKey($this->selected($loaded, $draw)),
            ),
            Verb::Show => app(HidePhotos::class)->showAgain(
                $change,
                $this->photos($loaded, $draw),
                Selection::fromKey($this->selected($loaded, $draw)),
            ),
            Verb::Rename => $this->rename($change, $loaded, $draw),
            Verb::ElsewhereNamed => $this->other->axes([
                'Color' => implode(' | ', [
                    $draw->of(['Terracotta', 'Clay', 'Moss', 'é', '12']),
                    $draw->of(['Fern', 'Rust', 'Ink']),
                ]),
            ]),
            Verb::Code => app(SetCode::class)->run(
                $change,
                Selection::fromKey($this->cell($loaded, $draw)),
                $draw->of(['ODD-1', 'ODD-2', 'SMOCK-MOSS-M', 'SMOCK-CLAY', 'SMOCK', 'OTHER']),
            ),
            Verb::SwapCodes => $this->swapCodes($person, $loaded, $draw),
            Verb::Stock => app(SetStock::class)->run(
                $change,
                Selection::fromKey($this->selected($loaded, $draw)),
                $draw->of(['', '0', '3', '10', '25', '+4', '-2']),
            ),
            Verb::Price => app(SetPrices::class)->run(
                $change,
                Selection::fromKey($this->selected($loaded, $draw)),
                $draw->of(['', '49', '54.50', '19,90', '+10 %', '-5']),
            ),
            Verb::Role => $draw->oneIn(4)
                ? app(AssignRole::class)->takeAway($change, $this->photo($loaded, $draw), $draw->of(Role::cases()))
                : app(AssignRole::class)->run($change, $this->photo($loaded, $draw), $draw->of(Role::cases())),
            Verb::Order => $this->order($change, $loaded, $draw),
            Verb::View => app(DescribePhotos::class)->view(
                $change,
                $this->photos($loaded, $draw),
                $draw->of([...Views::usual()->all, null]),
            ),
            Verb::Fact => $this->fact($change, $loaded, $draw),
            Verb::Opening => $this->opening($change, $loaded, $draw),
            Verb::Reorder => $this->reorder($change, $loaded, $draw),
            Verb::Place => app(PlaceInStrip::class)->run(
                $change,
                new PlaceInGallery(
                    $this->photo($loaded, $draw),
                    Selection::fromKey($this->selected($loaded, $draw)),
                    Selection::fromKey($this->selected($loaded, $draw)),
                    $draw->below(6),
                    $draw->oneIn(2),
                ),
            ),
            Verb::RolesByRule => app(GiveRoles::class)->run($change, [
                'lead' => $draw->of(Views::usual()->all),
                'hover' => $draw->of(Views::usual()->all),
            ]),
            Verb::Shot => app(SetShot::class)->run(
                $change,
                $draw->of(Views::usual()->all),
                $draw->of([...Need::cases(), null]),
                'it has none',
            ),
            Verb::Crop => app(SetCrop::class)->run(
                $change,
                $this->photo($loaded, $draw),
                Crop::of(100 * $draw->below(11), 100 * $draw->below(11)),
            ),
            Verb::PictureAxes => app(SetPictureAxes::class)->run(
                $change,
                $draw->some($loaded->core->matrix->axisIds()),
            ),
            Verb::Swatch => $this->swatch($change, $loaded, $draw),
            Verb::Display => $this->display($change, $loaded, $draw),
            Verb::Adjust => $this->adjust($change, $loaded, $draw),
            Verb::Detail => $draw->oneIn(5)
                ? app(SetDetail::class)->nothingOfPart(
                    $change,
                    $draw->of([DetailKind::Cost, DetailKind::Sale, DetailKind::Least, DetailKind::Condition]),
                    Selection::fromKey($this->selected($loaded, $draw)),
                    [$draw->of(['', '3', '20', 'used'])],
                )
                : app(SetDetail::class)->ofPart(
                    $change,
                    $draw->of([DetailKind::Cost, DetailKind::Sale, DetailKind::Least, DetailKind::Condition]),
                    Selection::fromKey($this->selected($loaded, $draw)),
                    [$draw->of(['', '3', '20', 'used'])],
                ),
            Verb::DetailOfAll => app(SetDetail::class)->ofProduct(
                $change,
                $draw->of([DetailKind::Cost, DetailKind::Ending, DetailKind::LowMark]),
                [$draw->of(['', '5', '9'])],
            ),
            Verb::Counting => app(SetCounting::class)->run(
                $change,
                $draw->of([...Counting::cases(), Counting::Pictures, Counting::Pictures]),
            ),
            Verb::PriceByRule => $this->priceByRule($change, $loaded, $draw),
            Verb::LetGo => app(ChangePrices::class)->letGo($change),
            Verb::AdjustStanding => $this->adjustStanding($change, $loaded, $draw),
            Verb::ProductCode => app(SetProductCode::class)->run(
                $change,
                $draw->of(['SMOCK', 'GARB', 'OTHER', 'ODD-1']),
                $draw->oneIn(2),
            ),
            Verb::Fill => app(FillHole::class)->run(
                $change,
                $this->photos($loaded, $draw),
                Selection::fromKey($this->selected($loaded, $draw)),
                $draw->of(Views::usual()->all),
            ),
            Verb::Currency => $draw->oneIn(2)
                ? app(ChangeCurrency::class)->rounding($change, $draw->of(['EUR', 'USD', 'JPY', 'KWD', 'XXX']))
                : app(ChangeCurrency::class)->run($change, $draw->of(['EUR', 'USD', 'JPY', 'KWD', 'XXX'])),
        };
    }

    private function axes(Change $change, LoadedProduct $loaded, Draw $draw): void
    {
        $drafts = [];
        $homes = [];
        $likes = [];
        foreach (self::AXES as $name => $names) {
            $axis = $this->axisCalled($loaded, $name);
            if ($draw->oneIn($axis === null ? 2 : 6)) {
                continue;
            }
            $drafts[] = $draft = $this->draft($loaded, $axis, $name, $draw->some($names), $draw);
            $homes[$draft->key] = DraftValue::called($draw->of($names));
            if ($axis !== null && $axis->count() > 0 && $draw->oneIn(3)) {
                $likes[$draft->key] = [
                    new LikeChoice(DraftValue::called($draw->of($names)), $draw->of($axis->values)->id),
                ];
            }
        }
        app(ChangeMatrix::class)->run(
            $change,
            $drafts,
            new MatrixChoices(
                homes: $draw->oneIn(2) ? $homes : [],
                survivors: $this->survivors($loaded, $draw),
                stockAddsUp: $draw->oneIn(2),
                likes: $likes,
                asFacts: $draw->oneIn(3) ? $loaded->core->matrix->axisIds() : [],
                winners: $this->winners($loaded, $draw),
            ),
        );
    }

    /**
     * An axis with some of the values it has, by id, and some that are typed.
     *
     * @param  list<string>  $typed
     */
    private function draft(LoadedProduct $loaded, ?Axis $axis, string $name, array $typed, Draw $draw): DraftAxis
    {
        $id = $axis->id ?? $this->libraryId($name);
        $own = array_map(fn(Value $value): DraftValue => DraftValue::existing($value->id), $axis->values ?? []);
        $asleep = array_map(
            DraftValue::existing(...),
            $id === null
                ? []
                : array_values(array_diff($loaded->core->matrix->everyValueId($id), $axis?->valueIds() ?? [])),
        );
        $values = [...$draw->some($own, 5), ...$draw->some($asleep, 2)];

        return new DraftAxis(
            $name,
            $draw->oneIn(2) || $values === [] ? implode(' | ', $typed ?: ['Plain']) : '',
            $draw->oneIn(3),
            null,
            $id,
            $values,
        );
    }

    private function exchange(Change $change, LoadedProduct $loaded, Draw $draw): void
    {
        $old = $loaded->core->matrix->axes === [] ? null : $draw->of($loaded->core->matrix->axes);
        if ($old === null) {
            return;
        }
        $name = $draw->of(['Length', 'Fit', 'Cuff']);
        $drafts = [];
        foreach ($loaded->core->matrix->axes as $axis) {
            $drafts[] =
                $axis->id === $old->id
                    ? new DraftAxis(
                        $name,
                        implode(
                            ' | ',
                            $draw->oneIn(2)
                                ? array_map(
                                    fn(Value $value): string => str_replace(['|', ',', ';'], ' ', $value->label),
                                    $old->values,
                                )
                                : ['Short', 'Long'],
                        ),
                    )
                    : new DraftAxis(
                        $axis->name,
                        '',
                        true,
                        null,
                        $axis->id,
                        array_map(fn(Value $value): DraftValue => DraftValue::existing($value->id), $axis->values),
                    );
        }
        app(ChangeMatrix::class)->run(
            $change,
            $drafts,
            new MatrixChoices(
                stockAddsUp: $draw->oneIn(2),
                exchanges: [$old->id => mb_strtolower($name)],
                winners: $this->winners($loaded, $draw),
            ),
        );
    }

    private function adjust(Change $change, LoadedProduct $loaded, Draw $draw): void
    {
        $axis = $this->axis($loaded, $draw);
        if ($axis !== null) {
            app(AdjustPrices::class)->run(
                $change,
                $draw->of($axis->values)->id,
                $draw->of(['', '+5', '-60', '2.50']),
                $draw->of(['', '', '10', '-7.5']),
            );
        }
    }

    /** By the rule, mostly for all or for one value, whatever becomes of own prices. */
    private function priceByRule(Change $change, LoadedProduct $loaded, Draw $draw): void
    {
        $axis = $this->axis($loaded, $draw);
        $selected = match (true) {
            $axis === null || $draw->oneIn(3) => '*',
            $draw->oneIn(4) => $this->selected($loaded, $draw),
            default => "{$axis->id}:{$draw->of($axis->values)->id}",
        };
        app(ChangePrices::class)->run(
            $change,
            Selection::fromKey($selected),
            new PriceWish(
                $draw->of(['49', '54.50', '+10 %', '-12.5 %', '+5', '-3', '']),
                $draw->oneIn(5) ? '.95' : '',
                $draw->of([PriceWay::Rule, PriceWay::Rule, PriceWay::Own]),
                $draw->of([...OwnPrices::cases(), null]),
            ),
        );
    }

    private function adjustStanding(Change $change, LoadedProduct $loaded, Draw $draw): void
    {
        $standing = array_keys($loaded->core->prices->standingLabels());
        if ($standing !== []) {
            app(AdjustPrices::class)->run(
                $change,
                $draw->of($standing),
                $draw->of(['', '+5', '2.50']),
                $draw->of(['', '', '10']),
            );
        }
    }

    private function merge(Change $change, LoadedProduct $loaded, Draw $draw): void
    {
        $axis = $this->axis($loaded, $draw);
        if ($axis !== null) {
            [$goes, $stays] = [$draw->of($axis->values), $draw->of($axis->values)];
            app(MergeValues::class)->run(
                $change,
                $goes->id,
                $stays->id,
                new MatrixChoices(
                    stockAddsUp: $draw->oneIn(2),
                    comersStay: $draw->oneIn(2),
                    winners: $this->winners($loaded, $draw),
                ),
            );
        }
    }

    private function split(Change $change, LoadedProduct $loaded, Draw $draw): void
    {
        $axis = $this->axis($loaded, $draw);
        if ($axis !== null) {
            $parts = $draw->of(['Light | Dark', 'Fern | Moss', 'S | M | Oat', 'Clay | Rust']);
            app(SplitValue::class)->run($change, $draw->of($axis->values)->id, $parts, $draw->oneIn(2));
        }
    }

    private function rename(Change $change, LoadedProduct $loaded, Draw $draw): void
    {
        $axis = $this->axis($loaded, $draw);
        if ($axis !== null) {
            $value = LibraryValue::query()->findOrFail($draw->of($axis->values)->id);
            app(EditValue::class)->run(
                $change,
                $value->id,
                ValueForm::typed($draw->oneIn(4) ? $value->name : $draw->of(self::LABELS), $value->code),
                !$draw->oneIn(4),
            );
        }
    }

    private function swatch(Change $change, LoadedProduct $loaded, Draw $draw): void
    {
        $axis = $this->axis($loaded, $draw);
        if ($axis !== null) {
            $swatch = $draw->oneIn(4)
                ? null
                : Swatch::read(
                    $draw->of([
                        '#5f7049',
                        '#f6f5f1/#b3322f',
                        'checks:#d8c8a2/#8a3557',
                        'plaid:#111111/#eeeeee/#b4694a',
                    ]),
                );
            app(SetSwatches::class)->one($change, $draw->of($axis->values)->id, $swatch, !$draw->oneIn(4));
        }
    }

    private function display(Change $change, LoadedProduct $loaded, Draw $draw): void
    {
        $axis = $this->axis($loaded, $draw);
        if ($axis === null) {
            return;
        }
        if ($draw->oneIn(3)) {
            app(ReorderValues::class)->byColor($change, $axis->id, $draw->of(ColorOrder::cases()));
        } else {
            app(SetDisplay::class)->run($change, $axis->id, $draw->of([null, ...AxisDisplay::cases()]));
        }
    }

    private function swapCodes(User $person, LoadedProduct $loaded, Draw $draw): void
    {
        $made = array_values($loaded->core->made);
        if (count($made) < 2) {
            return;
        }
        $first = $made[$draw->below(count($made) - 1)];
        $second = $made[count($made) - 1];
        foreach ([[$first, 'BETWEEN'], [$second, $first->code], [$first, $second->code]] as [$sku, $code]) {
            app(SetCode::class)->run(
                $this->shop->change($person),
                Selection::fromKey($sku->cell->key === '' ? '*' : $sku->cell->key),
                $code,
            );
        }
    }

    private function order(Change $change, LoadedProduct $loaded, Draw $draw): void
    {
        match ($draw->below(3)) {
            0 => app(OrderPhotos::class)->followShotList($change),
            1 => app(OrderPhotos::class)->matchTo($change, Selection::fromKey($this->selected($loaded, $draw))),
            default => app(OrderPhotos::class)->move(
                $change,
                $this->photo($loaded, $draw),
                Selection::fromKey($this->selected($loaded, $draw)),
                $draw->below(5),
            ),
        };
    }

    private function fact(Change $change, LoadedProduct $loaded, Draw $draw): void
    {
        $draw->oneIn(3) && $loaded->core->state->details->facts !== []
            ? app(EditFacts::class)->remove($change, $draw->of($loaded->core->state->details->facts)->id)
            : app(EditFacts::class)->set(
                $change,
                new SayFact($draw->of(['Lining', 'Style', 'Care']), $draw->of(['Wool', 'Zip', 'by hand'])),
            );
    }

    private function opening(Change $change, LoadedProduct $loaded, Draw $draw): void
    {
        $axis = $this->axis($loaded, $draw);
        $draw->oneIn(2) || $axis === null
            ? app(SetOpening::class)->sku(
                $change,
                $draw->oneIn(4) ? null : Selection::fromKey($this->cell($loaded, $draw)),
            )
            : app(SetOpening::class)->value($change, $axis->id, $draw->oneIn(4) ? null : $draw->of($axis->values)->id);
    }

    private function reorder(Change $change, LoadedProduct $loaded, Draw $draw): void
    {
        $axis = $this->axis($loaded, $draw);
        if ($axis !== null) {
            $ids = $axis->valueIds();
            $at = $draw->below(count($ids));
            app(ReorderValues::class)->run($change, $axis->id, [
                ...array_slice($ids, $at),
                ...array_slice($ids, 0, $at),
            ]);
        }
    }

    /** A part of the matrix, or several: the corner, rows, columns, cells, made or not. */
    private function selected(LoadedProduct $loaded, Draw $draw): string
    {
        $parts = [];
        for ($count = $draw->of([1, 1, 1, 2, 3]); $count > 0; $count--) {
            $values = [];
            foreach ($loaded->core->matrix->axes as $axis) {
                if (!$draw->oneIn(2)) {
                    $values[] = "{$axis->id}:{$draw->of($axis->values)->id}";
                }
            }
            sort($values, SORT_NATURAL);
            $parts[] = implode(',', $values);
        }

        return in_array('', $parts, true) ? '*' : implode(';', $parts);
    }

    private function cell(LoadedProduct $loaded, Draw $draw): string
    {
        $made = array_keys($loaded->core->made);

        return $made === [] || $made === [''] ? '*' : (string) $draw->of($made);
    }

    private function photo(LoadedProduct $loaded, Draw $draw): int
    {
        return $draw->of(array_keys($loaded->placements));
    }

    /** @return list<int> */
    private function photos(LoadedProduct $loaded, Draw $draw): array
    {
        return array_values(array_unique([$this->photo($loaded, $draw), $this->photo($loaded, $draw)]));
    }

    private function axis(LoadedProduct $loaded, Draw $draw): ?Axis
    {
        return $loaded->core->matrix->axes === [] ? null : $draw->of($loaded->core->matrix->axes);
    }

    private function axisCalled(LoadedProduct $loaded, string $name): ?Axis
    {
        return array_values(
            array_filter($loaded->core->matrix->axes, fn(Axis $axis): bool => $axis->name === $name),
        )[0] ?? null;
    }

    private function libraryId(string $name): ?int
    {
        return \App\Models\LibraryAxis::query()->where('name', $name)->value('id');
    }

    /** @return array<int, int> */
    private function survivors(LoadedProduct $loaded, Draw $draw): array
    {
        $survivors = [];
        foreach ($loaded->core->matrix->axes as $axis) {
            $survivors[$axis->id] = $draw->of($axis->values)->id;
        }

        return $survivors;
    }

    /** @return array<string, int> now and then a SKU that somebody prefers in its cell, though it may not lie there */
    private function winners(LoadedProduct $loaded, Draw $draw): array
    {
        $winners = [];
        foreach ($draw->oneIn(2) ? $loaded->core->state->skus : [] as $sku) {
            foreach ($loaded->core->state->skus as $other) {
                $winners[$other->cell->key] = $sku->id;
            }
            // Where an axis is dropped, the cell is what is left of its own.
            foreach ($loaded->core->matrix->axisIds() as $axisId) {
                $others = array_values(array_diff($loaded->core->matrix->axisIds(), [$axisId]));
                $winners[$sku->cell->on($others)->key] = $sku->id;
            }
            if ($draw->oneIn(2)) {
                break;
            }
        }

        return $winners;
    }
}
