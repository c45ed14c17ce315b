@props(['chosen' => null])
@foreach (app(App\Catalog\ViewShelf::class)->views()->all as $view)<option value="{{ $view->key }}" @selected($view->is($chosen))>{{ $view->label() }}</option>@endforeach
