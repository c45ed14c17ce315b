@props(['chosen' => null])
@foreach (app(App\Store\Library\ViewShelf::class)->views()->all as $view)
    <option value="{{ $view->key }}" @selected($view->is($chosen))>{{ $view->label() }}</option>
@endforeach
