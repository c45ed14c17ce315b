<div data-library data-version="{{ $library->library->version }}" data-url="{{ route('library.axis', $axis) }}">
    <h2>{{ $axis->name }} <small
            class="quiet">{{ $usedBy === '' ? __('library.no_product_uses_it') : __('library.used_by_used_by', ['used_by' => $usedBy]) }}</small>
        @if ($axis->kind->isColor() || $axis->display->hasSwatches())
            <a class="btn btn-plain"
                href="{{ route('library.colors', $axis) }}">{{ __('library.colors_and_their_map') }}</a>
        @endif
    </h2>
    @can('edit')
        <form class="library-form" data-act="{{ route('library.axis.edit', $axis) }}">
            <div class="line">@include('library.axis-fields')
                <div class="field"><label for="axis-translations">{{ __('library.in_other_languages') }}</label>
                    <textarea class="form-control" id="axis-translations" name="translations" rows="1"
                        placeholder="{{ __('library.de_farbe') }}">@typedTranslations($axis->translations)</textarea>
                </div>
                <button class="btn btn-primary">{{ __('library.keep') }}</button>
            </div>
            @if ($usedBy !== '')
                <p class="hint">{{ __('library.keeping_a_change_here_changes_it', ['used_by' => $usedBy]) }}</p>
            @endif
        </form>
    @endcan
    @if ($lacking->names !== [])
        <div class="notice lacking">
            <p>{{ $lacking->inWords() }}</p>
            @can('edit')
                <form data-act="{{ route('library.colors.fill', [$axis, 'part' => 'axis']) }}"><button
                        class="btn btn-primary">{{ trans_choice('library.fill_the_gap_from_lead_pictures', count($lacking->names)) }}</button>
                </form>
            @endcan
        </div>
    @endif
    <table class="plain library-values">
        <thead>
            <tr>
                <th scope="col">{{ __('library.order') }}</th>
                <th scope="col">{{ __('library.value') }}</th>
                <th scope="col">{{ __('library.code') }}</th>
                <th scope="col">{{ __('library.other_words') }}</th>
                <th scope="col">{{ __('library.in_other_languages') }}</th>
                <th scope="col" class="number">{{ __('library.products') }}</th>
                <th scope="col"><span class="visually-hidden">{{ __('library.change') }}</span></th>
            </tr>
        </thead>
        <tbody data-orders="{{ route('library.values.order', $axis) }}">
            @foreach ($axis->values as $value)
                <tr data-value="{{ $value->id }}" id="library-value-{{ $value->id }}">
                    <td class="order">
                        @can('edit')
                            <button type="button" class="btn-quiet" data-step="earlier"
                                @disabled($loop->first)><x-icon name="arrow-up" /><span
                                    class="visually-hidden">{{ __('library.value_earlier', ['value' => $value->name]) }}</span></button><button
                                type="button" class="btn-quiet" data-step="later" @disabled($loop->last)><x-icon
                                    name="arrow-down" /><span
                                    class="visually-hidden">{{ __('library.value_later', ['value' => $value->name]) }}</span></button>
                        @endcan
                    </td>
                    <td class="name">
                        @if ($axis->kind->isColor() || $value->swatch !== null || $axis->display->hasSwatches())
                            <x-swatch-chip :swatch="$value->look()" />
                        @endif {{ $value->name }}
                    </td>
                    <td><code>{{ $value->code }}</code></td>
                    <td>@list($value->synonyms)</td>
                    <td>
                        @foreach ($value->translations as $tag => $name)
                            <span class="translation"><small>{{ $tag }}</small> {{ $name }}</span>
                        @endforeach
                    </td>
                    <td class="number">@number($products[$value->id] ?? 0)</td>
                    <td>
                        @can('edit')
                            @if ($axis->kind->isColor() || $value->swatch !== null || $axis->display->hasSwatches())
                                <button type="button" class="btn btn-plain"
                                    data-dialog="{{ route('library.swatch', [$value, 'part' => 'axis']) }}"
                                    data-verb="POST">{{ __('library.swatch_2') }}<span class="visually-hidden">
                                        {{ __('library.of_value', ['value' => $value->name]) }}</span></button>
                            @endif
                            <button type="button" class="btn btn-plain"
                                data-dialog="{{ route('library.value', $value) }}">
                                {{ __('library.change_2') }}<span class="visually-hidden">
                                    {{ $value->name }}</span></button>
                        @endcan
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
    @can('edit')
        <form class="library-form" data-act="{{ route('library.values.add', $axis) }}">
            <div class="line">
                <div class="field wide"><label for="library-values">{{ __('library.more_values') }}</label><input
                        class="form-control" id="library-values" name="values"
                        placeholder="{{ __('library.type_or_paste_with_commas_between') }}" autocomplete="off"></div>
                <button class="btn btn-primary">{{ __('library.add') }}</button>
            </div>
        </form>
        @if ($usedBy === '')
            <form data-act="{{ route('library.axis.remove', $axis) }}"><button
                    class="btn btn-plain">{{ __('library.remove_this_axis') }}</button></form>
        @endif
    @endcan
</div>
