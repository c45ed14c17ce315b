<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\History\Change;
use App\Http\Lens;
use App\Http\Person;
use App\Http\ProductPage;
use App\Models\Product;
use Core\Color\Deficiency;
use Core\Matrix\Axis;
use Core\Matrix\Matrix;
use Core\Reach\Selection;
use Illuminate\Foundation\Http\FormRequest;
use LogicException;

/**
 * A request about a product: which version was seen, what is selected, and which page, lens and layers are shown. Each
 * form adds the fields that it has. A field that has no rule is not read: nothing comes in that is not bounded.
 */
class ProductRequest extends FormRequest
{
    /** Something that a person writes. Values refuse with words of their own what is too long for them. */
    protected const TEXT = ['nullable', 'string', 'max:20000'];

    /** The name of one of several things that can be chosen. */
    protected const CHOICE = ['nullable', 'string', 'max:200'];

    protected const ID = ['nullable', 'integer'];

    protected const YES = ['nullable'];

    /** A part of the matrix. */
    private const PART = ['nullable', 'string', 'max:400000', 'regex:/^(\*|[0-9:,;]*)$/'];

    /** @return array<string, list<mixed>> */
    final public function rules(): array
    {
        return $this->ownRules() + [
            'version' => ['nullable', 'integer', 'min:0'],
            'token' => ['nullable', 'uuid'],
            'selected' => self::PART,
            'onto' => self::PART,
            'page' => [
                'nullable',
                'in:' . implode(',', array_column([ProductPage::Board, ...ProductPage::drawn()], 'value')),
            ],
            'lens' => [
                'nullable',
                'in:' . implode(',', array_map(fn(Lens $lens): string => $lens->value, Lens::cases())),
            ],
            'layer' => ['nullable', 'string', 'max:200', 'regex:/^[0-9:,]*$/'],
            'find' => self::CHOICE,
            'axis' => self::ID,
            'align' => self::CHOICE,
            'eyes' => self::CHOICE,
            'reload' => self::YES,
        ];
    }

    /** @return array<string, list<mixed>> of the fields of the form */
    protected function ownRules(): array
    {
        return [];
    }

    /**
     * @param  ?string  $key
     * @param  mixed  $default
     *
     * @throws LogicException
     */
    public function input($key = null, $default = null): mixed
    {
        if ($key !== null && !isset($this->rules()[$key])) {
            throw new LogicException(static::class . " has no rule for the field “{$key}”, so that it cannot be read.");
        }

        return parent::input($key, $default);
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
        $token = $this->filled('token') ? $this->string('token')->toString() : null;

        return new Change(Person::of($this), $this->product()->id, $this->integer('version'), token: $token);
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

    public function lens(): Lens
    {
        return Lens::tryFrom($this->string('lens')->toString()) ?? Lens::photos();
    }

    /** Whose eyes colors are looked at with; null for everybody's. */
    public function eyes(): ?Deficiency
    {
        return Deficiency::tryFrom($this->string('eyes')->toString());
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
            [$axisId, $valueId] = array_map(intval(...), explode(':', $part . ':0'));
            $axis = $matrix->axis($axisId);
            if ($axis instanceof Axis && $axis->has($valueId)) {
                $layers[$axisId] = $valueId;
            }
        }

        return $layers;
    }

    /** @return array<int, mixed> what stands under ids; what stands under anything else is for nobody */
    final protected function byId(string $name): array
    {
        return array_filter($this->fields($name), is_int(...), ARRAY_FILTER_USE_KEY);
    }

    /** @return array<array-key, mixed> */
    final protected function fields(string $name): array
    {
        $given = $this->input($name, []);

        return is_array($given) ? $given : [];
    }
}
