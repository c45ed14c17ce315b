<?php

declare(strict_types=1);

namespace App\Http\Screens\Product;

use App\Http\Screens\Pictures\PictureLinks;
use App\Media\MediaKind;
use App\Media\PhotoCuts;
use App\Media\PhotoSize;
use App\Models\Banner;
use App\Models\PhotoState;
use App\Store\Library\ValueNames;
use App\Store\Products\LoadedProduct;
use App\Store\ShopDay;
use App\Store\Words\FormattedText;
use Core\Color\Contrast;
use Core\Color\Swatches\SwatchKind;
use Core\Details\DetailKind;
use Core\Details\Fact;
use Core\Gallery\AltTexts\AltText;
use Core\Gallery\Crop;
use Core\Gallery\Entry;
use Core\Gallery\Gallery;
use Core\Gallery\Placement;
use Core\Gallery\Roles\Role;
use Core\Gallery\Shape;
use Core\Matrix\Axis;
use Core\Matrix\AxisDisplay;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Product\Description;
use Core\Product\PurchaseTerms;
use Core\Product\Sku;
use Core\Product\StockCount;
use Core\Stock\Availability;
use Core\Text\Day;

/** The product as a shopper meets it, with some values chosen. */
final class PreviewScreen
{
    public readonly Combination $choice;

    public readonly Gallery $gallery;

    public readonly PictureLinks $pictures;

    public readonly PurchaseTerms $terms;

    private readonly Day $today;

    private ?Matrix $translated = null;

    /** @var ?list<PreviewShot> once they were asked for */
    private ?array $shots = null;

    /**
     * @param  ?string  $choice  key of what is chosen; null as shoppers arrive
     * @param  ValueNames  $names  axes and values in the language looked at
     * @param  AltText  $altText  by which texts for pictures are made in it
     */
    public function __construct(
        public readonly LoadedProduct $loaded,
        ?string $choice,
        public readonly bool $isPhone,
        public readonly ValueNames $names,
        private readonly AltText $altText = new AltText(),
        private readonly ?Banner $banner = null,
    ) {
        $this->choice = $choice === null ? $loaded->core->opens()->choice() : Combination::fromKey($choice);
        $this->gallery = $loaded->core->galleries()->forChoice($this->choice);
        $this->pictures = new PictureLinks($loaded);
        $this->today = ShopDay::today();
        $this->terms = new PurchaseTerms(
            $loaded->core,
            $this->skusFor($this->choice) ?: array_values($loaded->core->made),
            $this->sku(),
            $this->today,
        );
    }

    /** @return list<string|Placement> texts, and the pictures between them that the product still has */
    public function description(): array
    {
        $parts = array_map(
            fn(string|int $part): string|Placement|null => is_string($part)
                ? $part
                : ($this->loaded->placements[$part] ?? null)?->placement,
            (new Description(FormattedText::shown($this->loaded->product->description)))->parts(),
        );

        return array_values(
            array_filter(
                $parts,
                fn(string|Placement|null $part): bool => is_string($part) ||
                    ($part !== null && $this->pictures->url($part, PhotoSize::Card) !== null),
            ),
        );
    }

    public function isFormatted(): bool
    {
        return (new Description($this->loaded->product->description))->isFormatted();
    }

    public function banner(): ?Banner
    {
        return $this->banner;
    }

    public function bannerAddress(): string
    {
        return $this->banner === null
            ? ''
            : PhotoCuts::address($this->banner->photo_id, Shape::Wide, $this->banner->focus());
    }

    /** @return list<PreviewShot> the Lead first */
    public function shots(): array
    {
        return $this->shots ??= array_map(
            fn(Entry $entry): PreviewShot => $this->shot($entry->placement),
            $this->gallery->leadFirst(),
        );
    }

    public function cardAddress(Placement $placement): ?string
    {
        return $this->pictures->url($placement, PhotoSize::Card);
    }

    public function shortText(): string
    {
        return $this->terms->said(DetailKind::ShortText);
    }

    /** @return list<string> */
    public function highlights(): array
    {
        $said = $this->terms->said(DetailKind::Highlights);

        return $said === '' ? [] : explode("\n", $said);
    }

    /** @return list<Fact> those that shoppers are shown */
    public function facts(): array
    {
        return array_values(
            array_filter($this->loaded->core->state->details->facts, fn(Fact $fact): bool => $fact->isShown),
        );
    }

    private function shot(Placement $placement): PreviewShot
    {
        $row = $this->loaded->placements[$placement->id];

        return new PreviewShot(
            $placement->file,
            $this->text($placement),
            $this->pictures->thumb($placement),
            $this->pictures->url($placement, PhotoSize::Gallery),
            $this->pictures->url($placement, PhotoSize::Zoom),
            $row->mark(),
            $row->kind()->value,
            MediaKind::address($row->photoId, $row->type),
        );
    }

    /** The text for a picture: typed in the shop's own language, made in every other. */
    public function text(Placement $placement): string
    {
        return $this->names->tag === ''
            ? $this->loaded->core->altText($placement)
            : $this->altText->made(
                $placement,
                $this->loaded->product->name,
                $this->translated ??= $this->names->matrix($this->loaded->core->matrix),
                $this->loaded->product->brand,
                $this->names->view($placement->view),
            );
    }

    /** @return list<PreviewShape> */
    public function shapes(): array
    {
        $shapes = [];
        foreach (
            [
                [Role::Card, __('product.in_listings'), Shape::Square],
                [Role::Hover, __('product.pointed_at'), Shape::Square],
                [Role::Share, __('product.in_link_previews'), Shape::Wide],
                [Role::Lead, __('product.on_a_phone'), Shape::Tall],
            ]
            as [$role, $words, $shape]
        ) {
            $picture = $this->gallery->role($role)->placement();
            $row = $picture === null ? null : $this->loaded->placements[$picture->id];
            if ($picture !== null && $row?->photoState === PhotoState::Ready) {
                $shapes[] = new PreviewShape(
                    $words,
                    PhotoCuts::address($row->photoId, $shape, Crop::fromKey($picture->crop)),
                    $this->text($picture),
                    $shape,
                );
            }
        }

        return $shapes;
    }

    /** @return list<PreviewOption> */
    public function options(Axis $axis): array
    {
        $others = $this->choice->without($axis->id);
        $options = [];
        foreach ($axis->values as $value) {
            $isChosen = $this->choice->value($axis->id) === $value->id;
            $skus = $this->skusFor($others->with($axis->id, $value->id));
            $own = $this->loaded->core->galleries()->forChoice(Combination::of([$axis->id => $value->id]));
            $picture = $axis->display->hasSwatches() ? $own->role(Role::Swatch)->placement() : null;
            $swatch = $this->loaded->core->library->swatches->of($value->id);
            $options[] = new PreviewOption(
                $this->names->value($value),
                $isChosen ? $others->key : $others->with($axis->id, $value->id)->key,
                $isChosen,
                match (true) {
                    $skus === [] => 'missing',
                    array_filter(
                        $skus,
                        fn(Sku $sku): bool => $this->loaded->core->availability($sku, $this->today)->canBeBought(),
                    ) === []
                        => 'sold out',
                    default => 'free',
                },
                // What is blank never reaches a shopper: then the name stands alone.
                $axis->display->isServedBy($swatch)
                    ? ($axis->display === AxisDisplay::PictureSwatches
                        ? $swatch
                        : $swatch?->drawn())
                    : null,
                $picture === null ? null : $this->pictures->url($picture, PhotoSize::Thumb),
                $axis->display === AxisDisplay::Buttons &&
                    $swatch?->kind() === SwatchKind::Colors &&
                    Contrast::least(Contrast::textOn($swatch->colors), $swatch->colors) >= Contrast::TEXT,
            );
        }

        return $options;
    }

    public function chosenLabel(Axis $axis): string
    {
        $value = $axis->value($this->choice->value($axis->id) ?? 0);

        return $value === null ? '' : $this->names->value($value);
    }

    public function sku(): ?Sku
    {
        return $this->loaded->core->made[$this->choice->key] ?? null;
    }

    /** What the pictures show that was not chosen: "Shown in Moss"; empty where all was. */
    public function shownIn(): string
    {
        $names = [];
        foreach ($this->loaded->core->matrix->axes as $axis) {
            $value = $axis->value($this->gallery->seenWith?->value($axis->id) ?? 0);
            if ($value !== null) {
                $names[] = $this->names->value($value);
            }
        }

        return $names === [] ? '' : __('product.shown_in_names', ['names' => implode(', ', $names)]);
    }

    /** What the buy button says. */
    public function offer(): string
    {
        $sku = $this->sku();
        $open = array_filter(
            $this->loaded->core->matrix->axes,
            fn(Axis $axis): bool => $this->choice->value($axis->id) === null,
        );

        return match (true) {
            $sku !== null => match ($this->loaded->core->availability($sku, $this->today)) {
                Availability::SoldOut => __('product.sold_out'),
                Availability::PreOrder => __('product.order_ahead'),
                default => __('product.add_to_basket'),
            },
            $open === [] => __('product.not_available'),
            default => __('product.choose_a_open', [
                'open' => $this->listed(
                    array_map(fn(Axis $axis): string => mb_strtolower($this->names->axis($axis)), array_values($open)),
                ),
            ]),
        };
    }

    /** Which SKU was chosen, and its stock; or how many there are. */
    public function inSmallPrint(): string
    {
        $sku = $this->sku();
        $count = count($this->loaded->core->made);

        return match (true) {
            $sku !== null => $sku->code . ' · ' . (new StockCount([$sku], $this->loaded->core->book))->inWords(),
            $count === 0 => __('product.no_sku_is_made_yet'),
            default => trans_choice('product.count_sku_in_all', $count, ['count' => $count]),
        };
    }

    /** @return list<Sku> made SKUs that a partial choice leaves in question */
    private function skusFor(Combination $choice): array
    {
        return array_values(
            array_filter($this->loaded->core->made, fn(Sku $sku): bool => $sku->cell->includes($choice)),
        );
    }

    /** @param  list<string>  $names */
    private function listed(array $names): string
    {
        $last = array_pop($names);

        return $names === []
            ? (string) $last
            : __('product.names_and_a_last', ['names' => implode(', a ', $names), 'last' => $last]);
    }

    /** The address of the preview with another choice, in the same width and language. */
    public function address(string $choice): string
    {
        return route('preview', [
            'product' => $this->loaded->product->code,
            'width' => $this->isPhone ? 'phone' : 'desktop',
            'lang' => $this->names->tag,
            'choice' => $choice,
        ]);
    }
}
