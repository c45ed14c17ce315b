<?php

declare(strict_types=1);

namespace Core\Product;

use Brick\Math\BigDecimal;
use Core\Color\Srgb;
use Core\Color\Swatch;
use Core\Color\SwatchPiece;
use Core\Color\Tile;
use Core\Details\DetailKind;
use Core\Details\Details;
use Core\Details\Fact;
use Core\Details\FactKind;
use Core\Details\ReachedDetail;
use Core\Gallery\Need;
use Core\Gallery\Placement;
use Core\Gallery\Role;
use Core\Gallery\Shot;
use Core\Gallery\View;
use Core\Matrix\Axis;
use Core\Matrix\AxisDisplay;
use Core\Matrix\AxisKind;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Matrix\SkuState;
use Core\Matrix\SleepingAxis;
use Core\Matrix\Value;
use Core\Pricing\Adjustment;
use Core\Pricing\Currency;
use Core\Pricing\Money;
use Core\Reach\Clause;
use Core\Reach\Reach;
use stdClass;

/** Reads a document into a product of this catalog: once, as it notes what the library lacks on its way. */
final class DocumentReader
{
    private const AMOUNT = '/^-?\d{1,12}(\.\d{1,4})?$/D';

    private readonly Fields $fields;

    /** @var array<string, IndexedAxis> by name as the document has it, with the values that the library lacks */
    private array $axes = [];

    /** @var list<Lacking> */
    private array $lacking = [];

    private int $lastId = 0;

    public function __construct(stdClass $data, private readonly LibraryIndex $library)
    {
        $this->fields = new Fields($data);
    }

    /** @throws UnreadableDocument */
    public function read(): ReadProduct
    {
        $fields = $this->fields;
        $currency = $fields->reading('currency', fn (): Currency => Currency::of($fields->text('currency')));
        $axes = $fields->all('axes');
        foreach ($axes as $axis) {
            $this->know($axis);
        }
        $matrix = $fields->reading('axes', fn (): Matrix => Matrix::of(
            array_map($this->axis(...), $this->those($axes, isAsleep: false)),
            $this->reach($fields, 'left_out'),
            array_map($this->sleepingAxis(...), $this->those($axes, isAsleep: true)),
        ));
        $pictures = $this->pictures();
        $opening = $fields->fieldsOrNone('opening');
        $details = new ProductDetails(
            $fields->text('name'),
            $fields->text('code'),
            $currency,
            $fields->text('description'),
            $fields->text('brand'),
            $fields->text('category'),
            $this->money($fields, 'price', $currency),
            $this->ref('shot_list', LackingKind::ShotList, $this->library->shotLists),
            array_map($this->fact(...), $fields->all('facts')),
            $this->openings($axes),
            $opening === null ? null : $this->combination($opening),
            array_values(array_filter(array_map($this->shot(...), $fields->all('shots')))),
            $this->ownAxes($axes),
            $this->swatches($axes),
            $this->adjustments($axes, $currency),
            new Details(array_map($this->detail(...), $fields->all('details'))),
            $this->ref('code_pattern', LackingKind::CodePattern, $this->library->codePatterns),
            $this->sleepingLabels($axes),
        );
        $skus = array_map(fn (Fields $sku): Sku => $this->sku($sku, $matrix, $currency), $fields->all('skus'));

        return new ReadProduct(new ProductState($details, $matrix, $skus, $pictures), $this->lacking);
    }

    /**
     * @param  list<Fields>  $axes
     * @return list<Fields>
     */
    private function those(array $axes, bool $isAsleep): array
    {
        return array_values(array_filter($axes, fn (Fields $axis): bool => $axis->isTrue('asleep') === $isAsleep));
    }

    /** Finds an axis and its values in the library, and notes those that it lacks. */
    private function know(Fields $fields): void
    {
        $name = $fields->text('axis');
        $axis = $this->library->axisNamed($name);
        if ($axis === null) {
            $axis = new IndexedAxis(
                --$this->lastId,
                $name,
                $this->case(AxisKind::class, $fields, 'kind'),
                $fields->isTrue('changes_picture'),
                $this->case(AxisDisplay::class, $fields, 'display'),
            );
            $this->lacking[] = Lacking::axis($axis);
        }
        foreach ($fields->all('values') as $value) {
            $label = $value->text('value');
            if ($axis->named($label) === null) {
                $axis = $axis->with(new Value(--$this->lastId, $label, $value->text('code')));
                $this->lacking[] = Lacking::value($this->lastId, $label, $name, $value->text('code'));
            }
        }
        $this->axes[$name] = $axis;
    }

    private function axis(Fields $fields): Axis
    {
        $known = $this->axes[$fields->text('axis')];
        $own = $this->ownAxis($fields);
        $values = $asleep = [];
        foreach ($fields->all('values') as $value) {
            $here = $this->value($fields, $value, 'value');
            if ($value->isTrue('asleep')) {
                $asleep[] = $here->id;
            } else {
                $values[] = new Value($here->id, $value->textOrNone('label') ?? $here->label, $here->code);
            }
        }

        return new Axis(
            $known->id,
            $known->name,
            $known->kind,
            $values,
            $own->changesPicture ?? $known->changesPicture,
            $own->display ?? $known->display,
            $asleep,
        );
    }

    private function sleepingAxis(Fields $fields): SleepingAxis
    {
        $known = $this->axes[$fields->text('axis')];
        $stands = $fields->textOrNone('stands_at') === null ? null : $this->value($fields, $fields, 'stands_at');
        $placed = $asleep = [];
        $label = '';
        foreach ($fields->all('values') as $value) {
            $here = $this->value($fields, $value, 'value');
            $value->isTrue('asleep') ? $asleep[] = $here->id : $placed[] = $here->id;
            $label = $here->id === $stands?->id ? $value->textOrNone('label') ?? $here->label : $label;
        }

        return new SleepingAxis(
            $known->id,
            $placed,
            $stands?->id,
            $asleep,
            $known->name,
            $label,
            $this->ownAxis($fields)->changesPicture ?? $known->changesPicture,
        );
    }

    /** The value that a field names, of an axis of the document. */
    private function value(Fields $axis, Fields $fields, string $name): Value
    {
        return $this->axes[$axis->text('axis')]->named($fields->text($name))
            ?? throw $fields->amiss($name, "{$axis->text('axis')} has no such value");
    }

    private function ownAxis(Fields $fields): OwnAxis
    {
        $display = $fields->textOrNone('own_display') === null
            ? null
            : $this->case(AxisDisplay::class, $fields, 'own_display');

        return new OwnAxis($fields->isTrueOrNone('own_changes_picture'), $display);
    }

    /**
     * @param  list<Fields>  $axes
     * @return array<int, OwnAxis> by axis id
     */
    private function ownAxes(array $axes): array
    {
        $own = [];
        foreach ($axes as $axis) {
            $own[$this->axes[$axis->text('axis')]->id] = $this->ownAxis($axis);
        }

        return array_filter($own, fn (OwnAxis $axis): bool => ! $axis->isNone());
    }

    /**
     * @param  list<Fields>  $axes
     * @return array<int, int> by axis id
     */
    private function openings(array $axes): array
    {
        $openings = [];
        foreach ($axes as $axis) {
            if ($axis->textOrNone('opens_with') !== null) {
                $openings[$this->axes[$axis->text('axis')]->id] = $this->value($axis, $axis, 'opens_with')->id;
            }
        }

        return $openings;
    }

    /**
     * @param  list<Fields>  $axes
     * @return array<int, string> by value id
     */
    private function sleepingLabels(array $axes): array
    {
        $labels = [];
        foreach ($axes as $axis) {
            foreach ($axis->all('values') as $value) {
                $label = $value->textOrNone('label');
                if ($label !== null && ($axis->isTrue('asleep') || $value->isTrue('asleep'))) {
                    $labels[$this->value($axis, $value, 'value')->id] = $label;
                }
            }
        }

        return $labels;
    }

    /**
     * @param  list<Fields>  $axes
     * @return array<int, Swatch> by value id; of a picture that is not here its colors alone
     */
    private function swatches(array $axes): array
    {
        $swatches = [];
        foreach ($axes as $axis) {
            foreach ($axis->all('values') as $value) {
                $swatch = $value->fieldsOrNone('swatch');
                if ($swatch !== null) {
                    $swatches[$this->value($axis, $value, 'value')->id] = $this->swatch($swatch);
                }
            }
        }

        return $swatches;
    }

    private function swatch(Fields $fields): Swatch
    {
        $plain = $fields->reading(
            'colors',
            fn (): Swatch => Swatch::of(...array_map(Srgb::fromHex(...), $fields->texts('colors'))),
        );
        if ($fields->textOrNone('pattern') !== null) {
            return $plain->inTile($this->case(Tile::class, $fields, 'pattern'));
        }
        $checksum = $fields->textOrNone('picture');
        $photoId = $checksum === null ? null : $this->photo($checksum, 'picture of a swatch');

        return $photoId === null ? $plain : $plain->cutFrom(new SwatchPiece($photoId, $fields->text('frame')));
    }

    /**
     * @param  list<Fields>  $axes
     * @return array<int, Adjustment> by value id
     */
    private function adjustments(array $axes, Currency $currency): array
    {
        $adjustments = [];
        foreach ($axes as $axis) {
            foreach ($axis->all('values') as $value) {
                $percent = $value->textOrNone('adds_percent');
                $adds = new Adjustment(
                    $this->money($value, 'adds', $currency),
                    $percent === null
                        ? null
                        : $value->reading('adds_percent', fn (): BigDecimal => Adjustment::percentage($percent)),
                );
                if ($adds->amount !== null || $adds->percent !== null) {
                    $adjustments[$this->value($axis, $value, 'value')->id] = $adds;
                }
            }
        }

        return $adjustments;
    }

    private function sku(Fields $fields, Matrix $matrix, Currency $currency): Sku
    {
        $choice = $fields->fieldsOrNone('choice') ?? throw $fields->amiss('choice', 'it is missing');
        $combination = $this->combination($choice);

        $sku = new Sku(
            0,
            $matrix->place($combination) ?? $combination,
            $this->case(SkuState::class, $fields, 'state'),
            $fields->text('code'),
            $this->money($fields, 'price', $currency),
            $fields->numberOrNone('stock'),
            $fields->textOrNone('gtin'),
            $fields->numberOrNone('weight_g'),
            $combination,
            $fields->isTrue('typed'),
            $fields->number('retired_at'),
        );

        // Documents written before there were any have none.
        $texts = $fields->has('texts') ? $fields->fieldsOrNone('texts') : null;

        return $texts === null ? $sku : $this->withTexts($sku, $texts, $currency);
    }

    private function withTexts(Sku $sku, Fields $texts, Currency $currency): Sku
    {
        $known = [];
        foreach (SkuFields::texts() as $field) {
            $known[$field->key()] = $field;
        }
        foreach ($texts->names() as $key) {
            $field = $known[$key] ?? throw $texts->amiss($key, 'no field of a SKU is called so');
            $sku = $field->written($sku, $texts->text($key), $currency);
        }

        return $sku;
    }

    /** @return list<Placement> those whose pictures are stored here */
    private function pictures(): array
    {
        $pictures = [];
        foreach ($this->fields->all('pictures') as $at => $fields) {
            $photoId = $this->photo($fields->text('sha256'), $fields->text('file'));
            if ($photoId !== null) {
                $pictures[] = new Placement(
                    -($at + 1),
                    $fields->text('file'),
                    $this->reach($fields, 'reach'),
                    $this->reach($fields, 'hidden'),
                    $this->view($fields),
                    array_map(
                        fn (string $role): Role => Role::tryFrom($role) ?? throw $fields->amiss(
                            'roles',
                            "there is no role “{$role}”",
                        ),
                        $fields->texts('roles'),
                    ),
                    $fields->text('alt_text'),
                    $fields->isTrue('still'),
                    $fields->text('crop'),
                    $photoId,
                );
            }
        }

        return $pictures;
    }

    /** @param  string  $file  what it is called where it is not here */
    private function photo(string $checksum, string $file): ?int
    {
        $id = $this->library->photo($checksum);
        if ($id === null) {
            $this->lack(Lacking::picture($file, $checksum));
        }

        return $id;
    }

    private function fact(Fields $fields): Fact
    {
        return new Fact(
            0,
            $fields->text('name'),
            $fields->text('value'),
            $this->case(FactKind::class, $fields, 'kind'),
            $fields->text('unit'),
            $fields->isTrue('shown'),
        );
    }

    private function detail(Fields $fields): ReachedDetail
    {
        return new ReachedDetail(
            $this->case(DetailKind::class, $fields, 'kind'),
            $this->reach($fields, 'reach'),
            $fields->text('text'),
        );
    }

    private function shot(Fields $fields): ?Shot
    {
        $view = $this->view($fields);

        return $view === null
            ? null
            : new Shot($view, $this->case(Need::class, $fields, 'need'), $fields->text('reason'));
    }

    private function view(Fields $fields): ?View
    {
        $key = $fields->textOrNone('view');
        $view = $this->library->views->find($key);
        if ($key !== null && $view === null) {
            $this->lack(Lacking::of(LackingKind::View, $key));
        }

        return $view;
    }

    /** @param  list<LibraryRef>  $known */
    private function ref(string $name, LackingKind $kind, array $known): ?LibraryRef
    {
        $wanted = $this->fields->textOrNone($name);
        $ref = $wanted === null ? null : LibraryIndex::named($known, $wanted);
        if ($wanted !== null && $ref === null) {
            $this->lack(Lacking::of($kind, $wanted));
        }

        return $ref;
    }

    private function lack(Lacking $lacking): void
    {
        if (! in_array($lacking, $this->lacking, false)) {
            $this->lacking[] = $lacking;
        }
    }

    private function combination(Fields $choice): Combination
    {
        $values = [];
        foreach ($choice->names() as $axis) {
            [$axisId, $valueIds] = $this->named($choice, $axis, [$choice->text($axis)]);
            $values[$axisId] = $valueIds[0];
        }

        return Combination::of($values);
    }

    private function reach(Fields $fields, string $name): Reach
    {
        $clauses = [];
        foreach ($fields->all($name) as $clause) {
            $values = [];
            foreach ($clause->names() as $axis) {
                [$axisId, $valueIds] = $this->named($clause, $axis, $clause->texts($axis));
                $values[$axisId] = $valueIds;
            }
            $clauses[] = Clause::of($values);
        }

        return Reach::of(...$clauses);
    }

    /**
     * @param  list<string>  $values
     * @return array{int, list<int>} the axis, and its values
     */
    private function named(Fields $fields, string $axis, array $values): array
    {
        $known = $this->axes[$axis] ?? throw $fields->amiss($axis, 'the product has no such axis');

        return [$known->id, array_map(
            fn (string $value): int => $known->named($value)->id ?? throw $fields->amiss(
                $axis,
                "there is no value “{$value}”",
            ),
            $values,
        )];
    }

    private function money(Fields $fields, string $name, Currency $currency): ?Money
    {
        $text = $fields->textOrNone($name);
        if ($text !== null && preg_match(self::AMOUNT, $text) !== 1) {
            throw $fields->amiss($name, "an amount such as 49.00 is expected, not “{$text}”");
        }

        return $text === null ? null : $fields->reading($name, fn (): Money => Money::of($text, $currency));
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T
     */
    private function case(string $enum, Fields $fields, string $name): mixed
    {
        return $enum::tryFrom($fields->text($name)) ?? throw $fields->amiss(
            $name,
            "“{$fields->text($name)}” is not known",
        );
    }
}
