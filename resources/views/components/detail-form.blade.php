{{-- A detail of the whole product; one of a single field is kept as it is left. --}}
@props(['product', 'loaded', 'kind'])
@php($fields = $kind->type()->inputs($loaded->core->state->details->details->whole($kind), $loaded->core->prices->currency))
@php($parts = count($loaded->core->state->details->details->parts($kind)))
<form @class([
    'detail',
    'is-wide' => count($fields) > 1 || $fields[0]->type === 'lines',
]) data-act="{{ route('details.set', $product) }}"
    @if (count($fields) === 1) data-at-once @endif>
    <input type="hidden" name="detail" value="{{ $kind->value }}">
    <div class="detail-fields">
        @foreach ($fields as $at => $field)
            <x-detail-field :field="$field" :id="'detail-' . str_replace(' ', '-', $kind->value) . '-' . $at" :name="'fields[' . $at . ']'" :readonly="!auth()->user()->can('edit')" />
        @endforeach
        @if (count($fields) > 1)
            @can('edit')
                <button class="btn btn-plain">Keep</button>
            @endcan
        @endif
    </div>
    @if ($parts > 0)
        <p class="hint">{{ $parts === 1 ? 'One part says' : $parts . ' parts say' }} otherwise, see below.</p>
    @endif
</form>
