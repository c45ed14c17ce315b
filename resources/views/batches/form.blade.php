@extends('layout.app')
@section('title', __('batches.change_many_products'))
@section('content')
    <div class="page batches">
        <h1>{{ trans_choice('batches.change_products', $found) }}</h1>
        <p class="quiet">{{ __('batches.each_product_is_changed_by_itself') }}</p>
        @if ($found === 0)
            <p class="empty">{{ __('batches.no_product_is_like_this') }} <a
                    href="{{ $page->address([]) }}">{{ __('batches.back_to_the_catalog') }}</a></p>
        @else
            <form method="post" action="{{ route('batches.store') }}" class="batch-form">
                <x-once />
                <input type="hidden" name="q" value="{{ $page->asked->search }}">
                @foreach ($page->asked->filters as $facet => $value)
                    <input type="hidden" name="{{ $facet }}" value="{{ $value }}">
                @endforeach
                <div class="field"><label for="what">{{ __('batches.what') }}</label>
                    <select class="form-select" id="what" name="what" required>
                        @foreach ($whats as $what => $label)
                            <option value="{{ $what }}" @selected(old('what') === $what)>{{ $label }}</option>
                        @endforeach
                        @foreach ($page->shotLists as $id => $name)
                            <option value="details:shot_list_id:{{ $id }}" @selected(old('what') === "details:shot_list_id:{$id}")>
                                {{ __('batches.shot_list_name', ['name' => $name]) }}</option>
                        @endforeach
                    </select>
                </div>
                <div class="field only-value"><label for="of">{{ __('batches.of_the_value') }}</label>
                    <select class="form-select" id="of" name="of">
                        @foreach ($axes as $axis)
                            <optgroup label="{{ $axis->name }}">
                                @foreach ($axis->values as $value)
                                    <option value="{{ $value->id }}" @selected((int) old('of') === $value->id)>{{ $value->name }}
                                    </option>
                                @endforeach
                            </optgroup>
                        @endforeach
                    </select>
                </div>
                <div class="field"><label for="value">{{ __('batches.to') }}</label><input class="form-control"
                        id="value" name="value" value="{{ old('value') }}" maxlength="200" autocomplete="off"
                        aria-describedby="value-hint" @error('refused') aria-invalid="true" @enderror></div>
                <fieldset class="field">
                    <legend>{{ __('batches.if_a_product_refuses') }}</legend>
                    <label><input type="radio" class="form-check-input" name="mode" value="far"
                            @checked(old('mode', 'far') === 'far')> {{ __('batches.change_all_others') }}</label>
                    <label><input type="radio" class="form-check-input" name="mode" value="all"
                            @checked(old('mode') === 'all')> {{ __('batches.change_none_all_or_nothing') }}</label>
                </fieldset>
                <button class="btn btn-primary submit">{{ trans_choice('batches.change_products', $found) }}</button>
            </form>
            <p class="quiet" id="value-hint">{{ __('batches.prices_52_00_sets_5_and') }}</p>
            <table class="plain">
                <caption>
                    {{ $found > count($page->rows) ? __('batches.the_first_rows_of_them_as', ['rows' => count($page->rows)]) : __('batches.as_they_are_now') }}
                </caption>
                <thead>
                    <tr>
                        <th scope="col">{{ __('batches.product') }}</th>
                        <th scope="col">{{ __('batches.category') }}</th>
                        <th scope="col" class="number">{{ __('batches.skus') }}</th>
                        <th scope="col" class="number">{{ __('batches.price') }}</th>
                        <th scope="col" class="number">{{ __('batches.stock') }}</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($page->rows as $row)
                        <tr>
                            <td>{{ $row->name }} <span class="quiet">{{ $row->code }}</span></td>
                            <td>@path($row->category)</td>
                            <td class="number">@number($row->skus)</td>
                            <td class="number">{{ $row->prices }}</td>
                            <td class="number">
                                @if ($row->isCounted())
                                    @number($row->units)@else{{ __('batches.not_counted') }}
                                @endif
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        @endif
    </div>
@endsection
