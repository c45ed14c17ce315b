<?php

declare(strict_types=1);

namespace App\Http;

use App\History\Change;
use App\Http\Bounds\ListBound;
use App\Http\Bounds\NumberBound;
use App\Http\Bounds\RowBound;
use App\Http\Bounds\TextBound;
use App\Models\Product;
use App\Store\ViewShelf;
use Core\Changes\Matrix\DraftValue;
use Core\Changes\Matrix\LikeChoice;
use Core\Changes\Matrix\MatrixChoices;
use Core\Changes\PriceWay;
use Core\Changes\PriceWish;
use Core\Details\DetailKind;
use Core\Gallery\Crop;
use Core\Gallery\Role;
use Core\Gallery\UnknownView;
use Core\Gallery\View;
use Core\Gallery\Views;
use Core\Matrix\Axis;
use Core\Matrix\Matrix;
use Core\Pricing\OwnPrices;
use Core\Reach\Selection;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Foundation\Http\FormRequest;

/** A request from the board: which product and version, what is selected, which lens and layers are shown. */
final class BoardRequest extends FormRequest
{
    use SaysSwatches;

    private const TEXTS = [
        'name',
        'code',
        'value',
        'typed',
        'order',
        'parts',
        'view',
        'text',
        'role',
        'place',
        'field',
        'scope',
        'synonyms',
        'translations',
        'add',
        'lang',
        'choice',
        'width',
        'need',
        'reason',
        'align',
        'kind',
        'tile',
        'frame',
        'by',
        'display',
        'seen',
        'eyes',
        'lab',
        'detail',
        'amount',
        'percent',
        'ending',
        'counting',
        'pattern',
        'unit',
        'way',
        'own',
    ];

    /** A part of the matrix. */
    private const PART = ['nullable', 'string', 'max:400000', 'regex:/^(\*|[0-9:,;]*)$/'];

    /** Rows of axes that a form has: those of the product, those that go and those that come. */
    private const MOST_AXES = 50;

    /** Characters of the values of one axis as they are typed, and as rows of them travel. */
    private const LONGEST_VALUES = 200_000;

    private const LONGEST_ROWS = 1_000_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...array_fill_keys(self::TEXTS, ['nullable', 'string', 'max:20000']),
            ...array_map(fn (ListBound $bound): array => ['nullable', 'array', $bound], $this->lists()),
            'range' => ['nullable', 'integer'],
            ...$this->swatchRules(),
            'version' => ['nullable', 'integer', 'min:0'],
            'token' => ['nullable', 'uuid'],
            'grid' => ['nullable', 'string', 'max:400000', 'regex:/^[0-9:,;|]*$/'],
            'block' => ['nullable', 'string', 'max:1000001'],
            'selected' => self::PART,
            'onto' => self::PART,
            'page' => ['nullable', 'in:board,coverage,contact,roles,colors,prices,details'],
            'lens' => ['nullable', 'in:'.implode(',', array_map(fn (Lens $lens): string => $lens->value, Lens::cases()))],
            'layer' => ['nullable', 'string', 'max:200', 'regex:/^[0-9:,]*$/'],
            'find' => ['nullable', 'string', 'max:200'],
            'batch' => ['nullable', 'uuid'],
        ];
    }

    /**
     * Lists are held to their bounds as they are, in one go: rules with a star spread each list out first.
     *
     * @return array<string, ListBound>
     */
    private function lists(): array
    {
        $short = new TextBound(100);
        $axis = new RowBound([
            'name' => new TextBound(1_000),
            'axis' => $short,
            'dragged' => $short,
            'pictures' => $short,
            'values' => new TextBound(self::LONGEST_VALUES),
            'items' => new TextBound(self::LONGEST_ROWS),
        ]);

        return [
            ...array_fill_keys(
                [
                    'homes',
                    'survivors',
                    'exchanges',
                    'heirs',
                    'as_facts',
                    'winners',
                    'roles',
                    'codes',
                    'views',
                    'picture_axes',
                    'crop',
                    'measured',
                ],
                ListBound::ofTexts(1_000, 600),
            ),
            'fields' => ListBound::ofTexts(1_000, 20_000),
            'axes' => new ListBound(self::MOST_AXES, $axis),
            'likes' => new ListBound(self::MOST_AXES, ListBound::ofTexts(1_000, 600)),
            'rule' => new ListBound(self::MOST_AXES, ListBound::ofTexts(10_000, 20)),
            'copies' => new ListBound(10_000, new NumberBound(0, 100_000)),
            'placements' => new ListBound(2_000, new NumberBound()),
        ];
    }

    /** The page that asks, which is what it is answered with. */
    public function page(): ProductPage
    {
        return ProductPage::tryFrom($this->string('page')->toString()) ?? ProductPage::Board;
    }

    public function product(): Product
    {
        /** @var Product */
        return $this->route('product');
    }

    public function change(): Change
    {
        return new Change($this->user(), $this->product()->id, $this->integer('version'), token: $this->filled('token') ? $this->string('token')->toString() : null);
    }

    public function selection(): Selection
    {
        return Selection::fromKey($this->selectedKey());
    }

    /** The selection as the page knows it. */
    public function selectedKey(): string
    {
        return $this->string('selected')->toString();
    }

    /** Where pictures were dropped; null where they were not dropped on a part of the matrix. */
    public function onto(): ?Selection
    {
        return $this->filled('onto') ? Selection::fromKey($this->string('onto')->toString()) : null;
    }

    /** What is to be said of the product or of a part of it. */
    public function detail(): DetailKind
    {
        return DetailKind::tryFrom($this->string('detail')->toString()) ?? throw new Refusal(
            'Say first what is to be changed.',
            RefusalKind::Missing,
            'detail',
        );
    }

    /** @return list<string> the fields of a detail as they were typed */
    public function detailFields(): array
    {
        return array_values(array_map(strval(...), $this->fields('fields')));
    }

    /** A change of prices, and how it is to be made. */
    public function priceWish(): PriceWish
    {
        return new PriceWish(
            $this->string('typed')->limit(100, '')->toString(),
            $this->string('ending')->limit(20, '')->toString(),
            PriceWay::tryFrom($this->string('way')->toString()) ?? PriceWay::Asking,
            OwnPrices::tryFrom($this->string('own')->toString()),
        );
    }

    public function lens(): Lens
    {
        return Lens::tryFrom($this->string('lens')->toString()) ?? Lens::photos();
    }

    /** @return ?View null where none was chosen */
    public function pictureView(): ?View
    {
        $key = $this->string('view')->toString();

        return $key === '' ? null : app(ViewShelf::class)->views()->find($key) ?? throw UnknownView::called($key);
    }

    /** @return list<int> */
    public function placementIds(): array
    {
        return array_map(intval(...), array_values($this->input('placements', [])));
    }

    /**
     * The layers shown: for an axis that is neither down nor across, the one value that is looked at.
     *
     * @return array<int, int> axis id => value id
     */
    public function layers(Matrix $matrix): array
    {
        $layers = [];
        foreach (array_filter(explode(',', $this->string('layer')->toString())) as $part) {
            [$axisId, $valueId] = array_map(intval(...), explode(':', $part.':0'));
            $axis = $matrix->axis($axisId);
            if ($axis instanceof Axis && $axis->has($valueId)) {
                $layers[$axisId] = $valueId;
            }
        }

        return $layers;
    }

    /** What was settled about a change of the matrix. */
    public function choices(): MatrixChoices
    {
        $values = fn (string $field): array => array_map(fn (mixed $json): ?DraftValue => (string) $json === '' ? null : DraftValue::fromJson((string) $json), $this->fields($field));
        $winners = [];
        foreach ($this->fields('winners') as $key => $skuId) {
            $winners[$key === '-' ? '' : (string) $key] = (int) $skuId;
        }

        return new MatrixChoices(
            homes: array_filter($values('homes')),
            survivors: array_map(intval(...), $this->byId('survivors')),
            stockAddsUp: $this->boolean('stock_adds_up'),
            exchanges: array_filter(
                array_map(strval(...), $this->byId('exchanges')),
                fn (string $row): bool => $row !== '',
            ),
            heirs: array_filter($values('heirs'), is_int(...), ARRAY_FILTER_USE_KEY),
            likes: array_map(fn (mixed $row): array => array_values(array_filter(array_map($this->like(...), is_array($row) ? $row : []))), $this->fields('likes')),
            asFacts: array_map(intval(...), array_keys($this->byId('as_facts'))),
            comersStay: $this->boolean('comers_stay'),
            winners: $winners,
            roles: array_map(intval(...), $this->fields('roles')),
            codes: array_filter(array_map(fn (mixed $code): string => trim((string) $code), $this->fields('codes'))),
        );
    }

    /** A new value and the id of the one it is made like, as JSON; nothing for none. */
    private function like(mixed $json): ?LikeChoice
    {
        $pair = is_string($json) && $json !== '' ? json_decode($json, true, 2) : null;

        return is_array($pair) && count($pair) === 2 && is_int($pair[1] ?? null) ? new LikeChoice(DraftValue::from($pair[0] ?? null), $pair[1]) : null;
    }

    /**
     * A rule as checked boxes.
     *
     * @return array<int, list<int>> axis id => value ids
     */
    public function ruleValues(): array
    {
        return array_map(
            fn (mixed $ids): array => array_values(array_map(intval(...), array_filter((array) $ids))),
            $this->byId('rule'),
        );
    }

    /** @return ?Crop what of a picture is shown, as its form says; null where it says nothing */
    public function crop(): ?Crop
    {
        return CropForm::read($this->input('crop'));
    }

    /** @return list<int> ids of the axes that are checked */
    public function pictureAxes(): array
    {
        return array_map(intval(...), array_keys($this->byId('picture_axes')));
    }

    /**
     * A rule for roles.
     *
     * @return array<string, View> role's value => the view that is to have it
     */
    public function roleViews(Views $known): array
    {
        $views = [];
        foreach ($this->fields('views') as $role => $key) {
            $view = $known->find(is_string($key) ? $key : null);
            if ($view !== null && Role::tryFrom((string) $role) !== null) {
                $views[(string) $role] = $view;
            }
        }

        return $views;
    }

    /** @return array<int, mixed> what stands under ids; what stands under anything else is for nobody */
    private function byId(string $name): array
    {
        return array_filter($this->fields($name), is_int(...), ARRAY_FILTER_USE_KEY);
    }

    /** @return array<array-key, mixed> */
    private function fields(string $name): array
    {
        $given = $this->input($name, []);

        return is_array($given) ? $given : [];
    }
}
