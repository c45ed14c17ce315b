@foreach ($rights as $right)
    <option value="{{ $right->value }}" @selected($chosen === $right->value)>{{ $right->inWords() }}</option>
@endforeach
