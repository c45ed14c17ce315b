@foreach ($views() as $view)
    <option value="{{ $view->key }}" @selected($view->is($chosen))>{{ $view->label() }}</option>
@endforeach
