@extends('layout.app')
@section('title', __('coverage.shooting_list'))
@section('content')
    <div class="page shooting">
        <x-catalog-head place="shooting-list" />
        <div class="shooting-head">
            <p><b>{{ $screen->countInWords() }}</b>
                @if ($screen->product !== null)
                    {{ __('coverage.of_product', ['product' => $screen->product]) }}
                    <a href="{{ route('shooting-list') }}">{{ __('coverage.of_all_products') }}</a>
                @endif
            </p>
            <nav aria-label="{{ __('coverage.group_by') }}">
                @foreach ($screen::BY as $by)
                    <a class="btn btn-plain" href="{{ $screen->address(['by' => $by]) }}"
                        @if ($screen->by === $by) aria-current="true" @endif>{{ __("coverage.by_{$by}") }}</a>
                @endforeach
                <a class="btn btn-plain" href="{{ $screen->address(route: 'shooting-list.csv') }}"><x-icon name="download" />
                    {{ __('coverage.csv') }}</a>
                <a class="btn btn-plain"
                    href="{{ $screen->address(route: 'shooting-list.cards') }}">{{ __('cards.slate_cards') }}</a>
                <button type="button" class="btn btn-primary" data-do="print">{{ __('coverage.print') }}</button>
            </nav>
        </div>
        @if ($screen->lines === [])
            <p class="empty">
                {{ $screen->product === null ? __('coverage.nothing_is_missing') : __('coverage.nothing_of_product_is_missing', ['product' => $screen->product]) }}
            </p>
        @else
            <p class="quiet">{{ __('coverage.files_with_these_names_are_read') }}</p>
            @foreach ($screen->groups() as $group => $lines)
                <section>
                    <h2>{{ $group }}
                        <small>{{ trans_choice('coverage.lines_picture', count($lines), ['lines' => count($lines)]) }}</small>
                    </h2>
                    <table class="plain">
                        <thead>
                            <tr>
                                <th scope="col"><span class="visually-hidden">{{ __('coverage.done') }}</span></th>
                                @if ($screen->by !== 'product')
                                    <th scope="col">{{ __('coverage.product') }}</th>
                                @endif
                                <th scope="col">
                                    {{ __('coverage.part') }}</th>
                                @if ($screen->by !== 'view')
                                    <th scope="col">{{ __('coverage.view') }}</th>
                                @endif
                                <th scope="col">
                                    {{ __('coverage.needed') }}</th>
                                <th scope="col" class="number">{{ __('coverage.skus') }}</th>
                                <th scope="col">{{ __('coverage.file_name') }}</th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($lines as $line)
                                <tr>
                                    <td><span class="tick" aria-hidden="true"></span></td>
                                    @if ($screen->by !== 'product')
                                        <td>{{ $line->name }} <span class="quiet">{{ $line->code }}</span></td>
                                    @endif
                                    <td>
                                        <a
                                            href="{{ route('board', ['product' => $line->code, 'selected' => $line->selected]) }}">{{ $line->part() }}</a>
                                    </td>
                                    @if ($screen->by !== 'view')
                                        <td>{{ $line->view->name }}</td>
                                    @endif
                                    <td @class([
                                        'quiet' => !$line->need->isRequired(),
                                    ])>
                                        {{ $line->need->value }}</td>
                                    <td class="number">@number($line->skus)</td>
                                    <td>
                                        @if ($line->file === '')
                                            <span
                                            class="quiet">{{ __('coverage.any_name_link_it_by_hand') }}</span>@else<code>{{ $line->file }}</code>
                                        @endif
                                    </td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                </section>
            @endforeach
            @unless ($screen->isAll)
                <p class="quiet">{{ __('coverage.there_are_more_the_csv_has') }}</p>
            @endunless
        @endif
    </div>
@endsection
