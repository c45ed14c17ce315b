@props(['chosen' => null])
@foreach (app(App\Store\ViewShelf::class)->views()->all as $view)<option value="{{ $view->key }}" @selected($view->is($chosen))>{{ $view->label() }}</option>@endforeach
