@extends('layout.app')
@section('title', __('batches.a_picture_in_many_products'))
@section('content')
    <div class="page batches">
        <h1>{{ __('batches.a_picture_in_many_products') }}</h1>
        @if (($wanted['photo'] ?? '') === '')
            <p class="empty">{{ __('batches.choose_the_picture_first_among_those') }} <a
                    href="{{ route('intake.stored') }}">{{ __('batches.stored_already') }}</a>{{ __('batches.open_where_it_is_used_and') }}
            </p>
        @else
            <form method="get" action="{{ route('bulk.pictures') }}" class="bulk-picture">
                <img src="{{ route('photo', [$wanted['photo'], 'thumb'], false) }}" alt="" width="132"
                    height="132">
                <div>
                    <input type="hidden" name="photo" value="{{ $wanted['photo'] }}">
                    <div class="line">
                        <div class="field"><label for="file">{{ __('batches.it_is_called') }}</label><input
                                class="form-control" id="file" name="file" value="{{ $wanted['file'] ?? '' }}"
                                maxlength="180" required>
                        </div>
                        <div class="field"><label for="way">{{ __('batches.what') }}</label><select
                                class="form-select" id="way" name="way">
                                @foreach ($ways as $way)
                                    <option value="{{ $way->value }}" @selected(($wanted['way'] ?? 'add') === $way->value)>{{ $way->inWords() }}
                                    </option>
                                @endforeach
                            </select>
                        </div>
                        <div class="field"><label for="part">{{ __('batches.where') }}</label><input
                                class="form-control" id="part" name="part" value="{{ $wanted['part'] ?? '' }}"
                                maxlength="200" placeholder="{{ __('batches.whole_product_or_such_as_moss') }}"
                                autocomplete="off"></div>
                        <div class="field"><label for="view">{{ __('batches.view') }}</label><select
                                class="form-select" id="view" name="view">
                                <option value="">{{ __('batches.as_it_is') }}</option>
                                @foreach ($views as $view)
                                    <option value="{{ $view->key }}" @selected(($wanted['view'] ?? '') === $view->key)>{{ $view->label() }}
                                    </option>
                                @endforeach
                            </select>
                        </div>
                    </div>
                    <div class="line">
                        <div class="field"><label for="q">{{ __('batches.products_with') }}</label><input
                                class="form-control" type="search" id="q" name="q"
                                value="{{ $page->asked->search }}"
                                placeholder="{{ __('batches.all_or_words_of_name_and') }}" autocomplete="off"></div>
                        <div class="field"><label for="category">{{ __('batches.category') }}</label><select
                                class="form-select" id="category" name="category">
                                <option value="">{{ __('batches.any') }}</option>
                                @foreach ($page->options('category') as $option)
                                    <option value="{{ $option->value }}" @selected($option->isChosen)>
                                        {{ $option->label }}</option>
                                @endforeach
                            </select>
                        </div>
                        @if (($wanted['way'] ?? '') === 'replace')
                            <div class="field"><label
                                    for="find">{{ __('batches.pictures_to_put_in_its_place') }}</label><input
                                    class="form-control" id="find" name="find" value="{{ $wanted['find'] ?? '' }}"
                                    maxlength="100" autocomplete="off"></div>
                        @endif
                    </div>
                    @if (($wanted['way'] ?? '') === 'replace')
                        <fieldset class="field others">
                            <legend>{{ __('batches.in_its_place_where_it_is') }}</legend>
                            @foreach ($others as $other)
                                <label><input type="radio" name="other" value="{{ $other->photoId }}"
                                        @checked((int) ($wanted['other'] ?? 0) === $other->photoId)><img
                                        src="{{ route('photo', [$other->photoId, 'thumb'], false) }}"
                                        alt="{{ $other->name }}" title="{{ $other->name }}" width="52"
                                        height="52" loading="lazy"></label>
                            @endforeach
                        </fieldset>
                    @endif
                    <button class="btn btn-plain submit">{{ __('batches.show_what_it_does') }}</button>
                </div>
            </form>
            @if ($problem !== '')
                <p class="warns" role="status">{{ $problem }}</p>
            @elseif ($found === 0)
                <p class="empty">{{ __('batches.no_product_is_like_this') }}</p>
            @else
                <form method="post" action="{{ route('bulk.pictures.store') }}" class="batch-form">
                    <x-once />
                    @foreach ($given as $name => $value)
                        <input type="hidden" name="{{ $name }}" value="{{ $value }}">
                    @endforeach
                    <input type="hidden" name="q" value="{{ $page->asked->search }}">
                    @foreach ($page->asked->filters as $facet => $value)
                        <input type="hidden" name="{{ $facet }}" value="{{ $value }}">
                    @endforeach
                    <p role="status">@sayChoice('batches.words_in_products', $found, ['words' => $words])</p>
                    <label><input type="checkbox" class="form-check-input" name="mode" value="all">
                        {{ __('batches.all_or_nothing') }}</label>
                    <button class="btn btn-primary submit">{{ trans_choice('batches.change_products', $found) }}</button>
                </form>
                <table class="plain">
                    <caption>
                        {{ $found > count($rows) ? __('batches.the_first_rows_of_them', ['rows' => count($rows)]) : __('batches.all_of_them') }}
                    </caption>
                    <thead>
                        <tr>
                            <th scope="col">{{ __('batches.product') }}</th>
                            <th scope="col">{{ __('batches.part') }}</th>
                            <th scope="col">{{ __('batches.before') }}</th>
                            <th scope="col">{{ __('batches.after') }}</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($rows as $row)
                            <tr>
                                <td>{{ $row['name'] }} <span class="quiet">{{ $row['code'] }}</span></td>
                                @if ($row['refusal'] !== '')
                                <td colspan="3" class="quiet">{{ $row['refusal'] }}</td>@else<td>
                                        {{ $row['place'] }}</td>
                                    <td>{{ $row['before'] === '' ? __('batches.no_picture') : $row['before'] }}</td>
                                    <td>
                                        @if ($row['after'] === $row['before'])
                                            <span
                                                class="quiet">{{ __('batches.the_same') }}</span>@else{{ $row['after'] === '' ? __('batches.no_picture') : $row['after'] }}
                                        @endif
                                    </td>
                                @endif
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            @endif
        @endif
    </div>
@endsection
