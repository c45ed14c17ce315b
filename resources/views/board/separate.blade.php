<form method="post" action="{{ route('separate', $product) }}" class="separate">
    <x-once />
    <h2>{{ __('combine.separate_title', ['name' => $product->name]) }}</h2>
    @if ($origins === [])
        <p>{{ __('combine.separate_about') }}</p>
        <div class="field"><label for="separate-axis">{{ __('combine.by_axis') }}</label>
            <select class="form-select" id="separate-axis" name="axis">
                @foreach ($axes as $axis)
                    <option value="{{ $axis->id }}">{{ $axis->name }}
                        ({{ trans_choice('combine.parts', $axis->count(), ['count' => $axis->count()]) }})
                    </option>
                @endforeach
            </select>
        </div>
    @else
        <p>{{ __('combine.separate_again') }}</p>
        <ul>
            @foreach ($origins as $code => $name)
                <li>{{ $code }} {{ $name }}</li>
            @endforeach
        </ul>
    @endif
    <div class="buttons">
        <button type="button" class="btn btn-plain" data-do="close">{{ __('board.cancel') }}</button>
        <button class="btn btn-primary">{{ __('combine.separate') }}</button>
    </div>
</form>
