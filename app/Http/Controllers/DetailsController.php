<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\EditDetails;
use App\Http\BoardRequest;
use App\Models\ShotListRecord;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;

final class DetailsController
{
    public function show(BoardRequest $request): View
    {
        return view('details.page', ['product' => $request->product(), 'shotLists' => ShotListRecord::query()->orderBy('name')->get()]);
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
}
