@props(['label', 'like' => null, 'shotLists' => [], 'likes' => []])
{{-- A button, and the form of a new product in a dialog of its own; one that was refused is open again. --}}
<button type="button" class="btn btn-primary" data-shows="new-product">
    {{ $label }}</button>
<dialog id="new-product" class="dialog" aria-labelledby="new-product-title"
    @if ($errors->hasAny(['name', 'code', 'refused', 'like'])) data-open @endif>
    <form class="new-product" method="post" action="{{ route('products.store') }}">
        <x-once />
        <h2 id="new-product-title">{{ $label }}</h2>
        {{ $slot }}
        <div class="field">
            <label for="name">{{ __('parts.name_of_a_new_product') }}</label>
            <input class="form-control" id="name" name="name" value="{{ old('name') }}" maxlength="120"
                placeholder="{{ __('parts.such_as_field_scarf') }}" autocomplete="off" autofocus
                @error('name') aria-invalid="true" aria-describedby="name-error" @enderror>
            @error('name')
                <p class="error" id="name-error">{{ $message }}</p>
            @enderror
        </div>
        <div class="field">
            <label for="code">{{ __('parts.code') }}</label>
            <input class="form-control" id="code" name="code" value="{{ old('code') }}" maxlength="40"
                placeholder="{{ __('parts.such_as_tb_scarf') }}" autocomplete="off" autocapitalize="characters"
                @if ($errors->hasAny(['code', 'refused'])) aria-invalid="true" aria-describedby="code-error" @endif>
            @if ($errors->hasAny(['code', 'refused']))
                <p class="error" id="code-error">{{ $errors->first('code') ?: $errors->first('refused') }}</p>
            @endif
        </div>
        @if ($like !== null)
            <input type="hidden" name="like" value="{{ $like }}">
        @else
            <div class="field">
                <label for="shot_list_id">{{ __('parts.shot_list') }}</label>
                <select class="form-select" id="shot_list_id" name="shot_list_id">
                    <option value="">{{ __('parts.none_2') }}</option>
                    @foreach ($shotLists as $id => $name)
                        <option value="{{ $id }}" @selected((string) old('shot_list_id') === (string) $id)>{{ $name }}</option>
                    @endforeach
                </select>
            </div>
            <div class="field">
                <label for="like">{{ __('parts.set_up_like') }}</label>
                <input class="form-control" id="like" name="like" value="{{ old('like') }}" list="likes"
                    maxlength="40" placeholder="{{ __('parts.code_or_nothing') }}" autocomplete="off"
                    @error('like') aria-invalid="true" aria-describedby="like-error" @enderror>
                <datalist id="likes">
                    @foreach ($likes as $row)
                        <option value="{{ $row->code }}">{{ $row->name }}</option>
                    @endforeach
                </datalist>
                @error('like')
                    <p class="error" id="like-error">{{ $message }}</p>
                @enderror
            </div>
        @endif
        <div class="buttons"><button type="button" class="btn btn-plain"
                data-do="close">{{ __('parts.cancel') }}</button><button
                class="btn btn-primary">{{ __('parts.make_product') }}</button></div>
    </form>
</dialog>
