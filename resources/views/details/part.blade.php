<h2 id="dialog-title">
    {{ __('details.kind_of_place', ['kind' => $screen->kind->label(), 'place' => $screen->part->place()]) }}</h2>
<p class="quiet">
    {{ $screen->heldInWords() }} {{ __('details.the_product_has', ['words' => $screen->ofProduct()]) }}</p>
<form class="setup" data-act="{{ route('details.set', $product) }}">
    <input type="hidden" name="detail" value="{{ $screen->kind->value }}">
    <input type="hidden" name="part" value="1">
    <div class="detail-fields">
        @foreach ($screen->fields() as $at => $field)
            <x-detail-field :field="$field" id="part-{{ $at }}" name="fields[{{ $at }}]" />
        @endforeach
    </div>
    <div class="buttons">
        <button type="button" class="btn btn-plain" data-post="{{ route('details.set', $product) }}"
            data-with="{{ json_encode(['detail' => $screen->kind->value, 'part' => 1]) }}">{{ __('details.as_the_product') }}</button>
        @if ($screen->ofProduct() !== 'none')
            <button type="button" class="btn btn-plain" data-post="{{ route('details.set', $product) }}"
                data-with="{{ json_encode(['detail' => $screen->kind->value, 'part' => 1, 'none' => 1]) }}">{{ __('details.none_here') }}</button>
        @endif
        <span class="spacer"></span>
        <button type="button" class="btn btn-plain" data-do="close">{{ __('details.cancel') }}</button><button
            class="btn btn-primary">{{ __('details.set') }}</button>
    </div>
</form>
