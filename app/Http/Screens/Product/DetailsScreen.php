<?php

declare(strict_types=1);

namespace App\Http\Screens\Product;

use App\Http\Requests\ProductRequest;
use App\Models\ShotListRecord;
use App\Store\Library\LibraryShelf;
use App\Store\Products\LoadedProduct;
use App\Store\Words\FormattedText;
use App\Store\Words\InputSuggestions;
use Core\Checks\CheckedProduct;
use Core\Checks\Checks;
use Core\Checks\DetailCheck;
use Core\Checks\Finding;
use Core\Checks\Page;
use Core\Checks\Severity;
use Core\Details\DetailKind;
use Core\Details\DetailReader;
use Core\Details\DetailSection;
use Core\Matrix\Arithmetic;
use Core\Product\Description;
use Core\Reach\Wording;

/** All that is said of a product, what is still missing, and what parts say otherwise. */
final readonly class DetailsScreen implements PageScreen
{
    /** Where on this page what is missing is typed. */
    private const FIELDS = [
        'category' => '#category',
        'description' => '#description-box',
        'brand' => '#brand',
        'short text' => '#detail-short-text-0',
    ];

    /** An address can be only so long. */
    private const MOST_SELECTED = 40;

    /** Of these no part can be removed here: they are shown where they are changed. */
    private const ELSEWHERE = [DetailKind::PictureUnits, DetailKind::ProductUnits, DetailKind::Counting];

    /** @param  list<Finding>  $findings */
    private function __construct(
        public LoadedProduct $loaded,
        public array $findings,
        private InputSuggestions $known,
        private LibraryShelf $shelf,
    ) {}

    public static function forPage(LoadedProduct $loaded, ProductRequest $request): static
    {
        return self::of($loaded);
    }

    public static function of(LoadedProduct $loaded): self
    {
        return new self(
            $loaded,
            Checks::findings(new CheckedProduct($loaded->core), DetailCheck::cases()),
            app(InputSuggestions::class),
            app(LibraryShelf::class),
        );
    }

    /**
     * @return array<string, list<DetailKind>> what is typed here beside what everyone needs, by the title of its group
     */
    public function groups(): array
    {
        $groups = [];
        foreach ([DetailSection::Shoppers, DetailSection::Sending, DetailSection::Orders] as $section) {
            $groups[$section->value] = array_values(
                array_filter(DetailKind::cases(), fn(DetailKind $kind): bool => $kind->type()->section() === $section),
            );
        }

        return $groups;
    }

    /** @return list<NameField> */
    public function nameFields(): array
    {
        $product = $this->loaded->product;

        return [
            new NameField('name', __('details.name'), $product->name, 120, __('details.name_hint')),
            new NameField('brand', __('details.brand'), $product->brand, 80, known: 'brands'),
            new NameField(
                'category',
                __('details.category'),
                $product->category,
                200,
                __('details.category_hint'),
                'categories',
            ),
        ];
    }

    /** Which SKU shoppers see first, and why. */
    public function opensWith(): string
    {
        $core = $this->loaded->core;
        $cell = $core->opens()->cell();

        return $cell === null
            ? __('details.no_sku_is_on_offer_yet')
            : __($core->hasChosenOpening() ? 'details.opens_as_chosen' : 'details.opens_first', [
                'cell' => $core->matrix->inWordsOr($cell, __('details.single_sku')),
            ]);
    }

    /** What of it shoppers find chosen. */
    public function choiceInWords(): string
    {
        $choice = $this->loaded->core->opens()->choice();

        return $choice->values === []
            ? __('details.shoppers_choose_every_value_themselves')
            : __('details.they_find_choice_chosen', ['choice' => $this->loaded->core->matrix->inWords($choice)]);
    }

    /** In how many combinations it comes, in words. */
    public function arithmetic(): string
    {
        return Arithmetic::of($this->loaded->core->matrix)->inWords();
    }

    /** "1 to settle before it can be sold, 3 worth a look." */
    public function summary(): string
    {
        $findings = $this->findings;
        $count = fn(Severity $severity): int => count(
            array_filter($findings, fn(Finding $finding): bool => $finding->check->severity() === $severity),
        );
        $words = array_filter([
            $count(Severity::Stop) === 0
                ? ''
                : __('product.stop_to_settle_before_it_can', ['stop' => $count(Severity::Stop)]),
            $count(Severity::Warn) === 0
                ? ''
                : __('product.warn_that_shoppers_would_miss', ['warn' => $count(Severity::Warn)]),
            $count(Severity::Advise) === 0
                ? ''
                : __('product.advise_worth_a_look', ['advise' => $count(Severity::Advise)]),
        ]);

        return $findings === [] ? __('product.nothing_is_missing') : ucfirst(implode(', ', $words)) . '.';
    }

    /** Where a finding is mended: a field of this page, or the board with the SKUs selected. */
    public function remedy(Finding $finding): string
    {
        $product = $this->loaded->product;
        $place = $finding->check->place();

        return match (true) {
            $place->page === Page::Details => self::FIELDS[$place->part] ?? '#',
            $place->page === Page::Board && $place->part !== '' => route('board', [
                'product' => $product,
                'lens' => $place->part,
                'selected' => implode(';', array_slice($finding->cells, 0, self::MOST_SELECTED)),
            ]),
            default => route($place->page->value, $product),
        };
    }

    /** @return list<PartDetail> */
    public function parts(): array
    {
        $reader = new DetailReader($this->loaded->core->prices->currency);
        $parts = [];
        foreach ($this->loaded->core->state->details->details->all as $detail) {
            $active = $detail->reach->activeIn($this->loaded->core->matrix);
            if (
                !$detail->reach->isEverything() &&
                !$active->isNothing() &&
                !in_array($detail->kind, self::ELSEWHERE, true)
            ) {
                $selected = array_merge(
                    ...array_map(
                        fn($clause): array => array_map(fn($part): string => $part->key, $clause->parts()),
                        $active->clauses,
                    ),
                );
                $parts[] = new PartDetail(
                    $detail->kind,
                    (new Wording())->say($detail->reach, $this->loaded->core->matrix),
                    $detail->text === '' ? __('product.none_there') : $reader->inWords($detail->kind, $detail->text),
                    implode(';', $selected),
                );
            }
        }

        return $parts;
    }

    /** @return array<string, list<string>> id of a list => what was typed before */
    public function known(): array
    {
        return $this->known->lists();
    }

    /** @return list<ShotListRecord> */
    public function shotLists(): array
    {
        return array_values($this->shelf->shotLists()->all());
    }

    public function description(): string
    {
        return (new Description(FormattedText::shown($this->loaded->product->description)))->formatted();
    }
}
