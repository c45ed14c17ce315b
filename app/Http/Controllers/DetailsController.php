<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\EditDetails;
use App\Actions\EditFacts;
use App\Catalog\ProductLoader;
use App\Http\BoardRequest;
use App\Models\Product;
use App\Models\ShotListRecord;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;

final class DetailsController
{
    public function __construct(private readonly ProductLoader $loader)
    {
    }

    public function show(BoardRequest $request): View
    {
        return view('details.page', $this->data($request->product()));
    }

    /** One field at a time: each is kept when it is left. */
    public function update(BoardRequest $request, EditDetails $action): Response
    {
        $request->validate([
            'field' => ['required', Rule::in(array_keys(EditDetails::FIELDS))],
            'value' => match ($request->input('field')) {
                'name' => ['required', 'string', 'max:120'],
                'description' => ['nullable', 'string', 'max:20000'],
                'brand' => ['nullable', 'string', 'max:80'],
                'category' => ['nullable', 'string', 'max:200'],
                'currency' => ['required', 'string', 'regex:/^[A-Z]{3}$/'],
                'shot_list_id' => ['nullable', 'integer', 'exists:shot_lists,id'],
                default => ['nullable', 'string', 'max:40'],
            },
        ], [
            'value.required' => 'The '.(EditDetails::FIELDS[$request->input('field')] ?? 'field').' cannot be empty.',
            'value.regex' => 'A currency is three letters, such as EUR.',
            'value.max' => 'That is longer than this field can hold (:max characters).',
        ]);
        $field = $request->string('field')->toString();
        $typed = $request->string('value')->trim()->toString();
        $value = match (true) {
            $field === 'shot_list_id' => $typed === '' ? null : (int) $typed,
            $field === 'price' => $typed === '' ? null : $typed,
            default => $typed,
        };
        $action->run($request->change(), $field, $value);

        return response()->view('details.kept', ['product' => $request->product()->refresh()]);
    }

    public function setFact(BoardRequest $request, EditFacts $action): Response
    {
        $action->set($request->change(), $request->string('name')->toString(), $request->string('value')->toString());

        return $this->fragment($request);
    }

    public function removeFact(BoardRequest $request, EditFacts $action): Response
    {
        $action->remove($request->change(), $request->integer('fact'));

        return $this->fragment($request);
    }

    private function fragment(BoardRequest $request): Response
    {
        return response()->view('details.fragment', $this->data($request->product()->refresh()));
    }

    /** @return array<string, mixed> */
    private function data(Product $product): array
    {
        return ['product' => $product, 'loaded' => $this->loader->load($product), 'shotLists' => ShotListRecord::query()->orderBy('name')->get()];
    }
}
