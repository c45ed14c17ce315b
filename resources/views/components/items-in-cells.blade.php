@props(['screen', 'canEdit' => true])
<div class="combine-work">
    <table class="plain">
        <thead>
            <tr>
                <th scope="col">{{ __('combine.takes_part') }}</th>
                <th scope="col">{{ __('combine.item') }}</th>
                <th scope="col">{{ __('combine.code') }}</th>
                @foreach ($screen->columns() as $axis)
                    <th scope="col">{{ $axis }}</th>
                @endforeach
            </tr>
        </thead>
        <tbody>
            @foreach ($screen->items() as $one)
                <tr data-combine-item="{{ $one->item->code }}" @class(['is-open' => $screen->isOpen($one)])>
                    <td><input type="checkbox" class="form-check-input" name="items[]" value="{{ $one->item->productId }}"
                            @checked($screen->takesPart($one)) @disabled(!$canEdit)
                            aria-label="{{ __('combine.take_item', ['item' => $one->item->name]) }}"></td>
                    <td><a href="{{ route('board', $one->item->code) }}">{{ $one->item->name }}</a></td>
                    <td>{{ $one->item->code }}</td>
                    @foreach ($screen->columns() as $key => $axis)
                        <td><input class="form-control"
                                name="values[{{ $one->item->productId }}][{{ $key }}]" data-combine-value
                                value="{{ $screen->value($one, $key) }}" maxlength="80" @disabled(!$canEdit)
                                aria-label="{{ __('combine.value_of', ['axis' => $axis, 'item' => $one->item->name]) }}">
                        </td>
                    @endforeach
                </tr>
            @endforeach
        </tbody>
    </table>
    @if ($screen->columns() !== [])
        <div class="combine-matrix" role="group" aria-label="{{ __('combine.matrix') }}"
            data-combine-matrix="{{ json_encode($screen->values()) }}"
            data-combine-taken="{{ json_encode($screen->taken()) }}"></div>
    @endif
</div>
