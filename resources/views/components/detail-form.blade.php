<form @class(['detail', 'is-wide' => $isWide()]) data-act="{{ route('details.set', $product) }}"
    @if ($isOfOneField()) data-at-once @endif>
    <input type="hidden" name="detail" value="{{ $detail }}">
    <div class="detail-fields">
        @foreach ($fields as $at => $field)
            <x-detail-field :field="$field" :id="$fieldId($at)" name="fields[{{ $at }}]" :readonly="!$canEdit" />
        @endforeach
        @if (!$isOfOneField())
            @can('edit')
                <button class="btn btn-plain">{{ __('parts.keep') }}</button>
            @endcan
        @endif
    </div>
    @if ($parts > 0)
        <p class="hint">{{ trans_choice('parts.parts_otherwise_see_below', $parts, ['parts' => $parts]) }}</p>
    @endif
</form>
