<h2 id="dialog-title">
    {{ $screen->kind->label() }} of {{ $screen->part->place() }}</h2>
@php($held = $screen->held())
<p class="quiet">
    {{ count($held) === 0 ? 'No SKU is on offer there.' : 'Now ' . implode('; ', array_map(fn($words, $count) => count($held) === 1 ? $words : "{$words} ({$count})", array_keys(array_slice($held, 0, 6)), array_slice($held, 0, 6))) . (count($held) > 6 ? '; …' : '') . '.' }}
    The product has {{ $screen->ofProduct() }}.</p>
<form class="setup" data-act="{{ route('details.set', $product) }}">
    <input type="hidden" name="detail" value="{{ $screen->kind->value }}">
    <input type="hidden" name="part" value="1">
    <div class="detail-fields">
        @foreach ($screen->fields() as $at => $field)
            <x-detail-field :field="$field" :id="'part-' . $at" :name="'fields[' . $at . ']'" />
        @endforeach
    </div>
    <div class="buttons">
        <button type="button" class="btn btn-plain" data-post="{{ route('details.set', $product) }}"
            data-with="{{ json_encode(['detail' => $screen->kind->value, 'part' => 1]) }}">As the product</button>
        @if ($screen->ofProduct() !== 'none')
            <button type="button" class="btn btn-plain" data-post="{{ route('details.set', $product) }}"
                data-with="{{ json_encode(['detail' => $screen->kind->value, 'part' => 1, 'none' => 1]) }}">None
                here</button>
        @endif
        <span class="spacer"></span>
        <button type="button" class="btn btn-plain" data-do="close">Cancel</button><button
            class="btn btn-primary">Set</button>
    </div>
</form>
