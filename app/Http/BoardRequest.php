<?php

declare(strict_types=1);

namespace App\Http;

use App\History\Change;
use App\Models\Product;
use Core\Matrix\Axis;
use Core\Matrix\Matrix;
use Illuminate\Foundation\Http\FormRequest;

/** A request from the board: which product and version, what is selected, which lens and layers are shown. */
final class BoardRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'version' => ['nullable', 'integer', 'min:0'],
            'selected' => ['nullable', 'string', 'max:400000', 'regex:/^(\*|[0-9:,;]*)$/'],
            'lens' => ['nullable', 'in:photos,codes,prices,stock'],
            'layer' => ['nullable', 'string', 'max:200', 'regex:/^[0-9:,]*$/'],
            'placements' => ['nullable', 'array', 'max:2000'],
            'placements.*' => ['integer'],
            'batch' => ['nullable', 'uuid'],
        ];
    }

    public function product(): Product
    {
        /** @var Product */
        return $this->route('product');
    }

    public function change(): Change
    {
        return new Change($this->user(), $this->product()->id, $this->integer('version'));
    }

    public function selected(): string
    {
        return $this->string('selected')->toString();
    }

    public function lens(): Lens
    {
        return Lens::tryFrom($this->string('lens')->toString()) ?? Lens::Photos;
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
}
