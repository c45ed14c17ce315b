<div class="sheet-problem">
    <p><b>{{ $one->where }}</b> {{ $one->problem->message }}</p>
    @if ($canEdit && $screen->isReady() && $one->canType)
        <form method="post" action="{{ route('sheet.mend', $screen->sheet) }}"
            hx-post="{{ route('sheet.mend', $screen->sheet) }}" hx-target="#sheet" hx-swap="morph:innerHTML">
            <x-once />
            <input type="hidden" name="row" value="{{ $row->number() }}">
            <input type="hidden" name="field" value="{{ $one->problem->column }}">
            @foreach ($screen->filter() as $name => $value)
                <input type="hidden" name="{{ $name }}" value="{{ $value }}">
            @endforeach
            <input class="form-control" name="text" value="{{ $one->cell }}" maxlength="32767" autocomplete="off"
                aria-label="{{ __('sheets.cell', ['where' => $one->where, 'row' => $row->number()]) }}">
            <button class="btn btn-plain" name="way" value="type">{{ __('sheets.set') }}</button>
            @if ($one->take() !== '')
                <button class="btn btn-plain" name="way" value="take">{{ $one->take() }}</button>
            @endif
            @if ($one->confirm !== '')
                <button class="btn btn-plain" name="way" value="confirm">{{ $one->confirm }}</button>
            @endif
            <label class="sheet-all"><input type="checkbox" class="form-check-input" name="all" value="1"
                    @checked($one->isUsuallyForAll())>{{ __('sheets.all_alike') }}</label>
        </form>
    @endif
</div>
