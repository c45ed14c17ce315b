@extends('layout.app')
@section('title', 'Catalog')
@section('content')
<div class="page">
    <div class="catalog-bar">
        <h1>Catalog <small class="quiet">{{ number_format($page->pages->total()) }} {{ $page->pages->total() === 1 ? 'product' : 'products' }}</small></h1>
        <form method="get" action="{{ route('catalog') }}" role="search">
            <label class="visually-hidden" for="search">Search by name or code</label>
            <input class="form-control" type="search" id="search" name="q" value="{{ $page->search }}" placeholder="Name or code">
        </form>
    </div>
    @can('edit')
        <form class="new-product" method="post" action="{{ route('products.store') }}">
            @csrf
            <div>
                <div class="field">
                    <label for="name">Name of a new product</label>
                    <input class="form-control" id="name" name="name" value="{{ old('name') }}" maxlength="120" placeholder="Such as Field scarf" @error('name') aria-invalid="true" aria-describedby="name-error" @enderror>
                    @error('name')<p class="error" id="name-error">{{ $message }}</p>@enderror
                </div>
                <div class="field">
                    <label for="code">Code</label>
                    <input class="form-control" id="code" name="code" value="{{ old('code') }}" maxlength="40" placeholder="Such as TB-SCARF" autocapitalize="characters" @if ($errors->has('code') || $errors->has('refused')) aria-invalid="true" @endif>
                    @error('code')<p class="error">{{ $message }}</p>@enderror
                    @error('refused')<p class="error">{{ $message }}</p>@enderror
                </div>
                <div class="field">
                    <label for="shot_list_id">Shot list</label>
                    <select class="form-select" id="shot_list_id" name="shot_list_id">
                        <option value="">None</option>
                        @foreach ($page->shotLists as $id => $name)
                            <option value="{{ $id }}" @selected((string) old('shot_list_id') === (string) $id)>{{ $name }}</option>
                        @endforeach
                    </select>
                </div>
                <div class="field">
                    <label for="like">Set up like</label>
                    <input class="form-control" id="like" name="like" value="{{ old('like') }}" list="likes" maxlength="40" placeholder="Code, or nothing" autocomplete="off" @error('like') aria-invalid="true" aria-describedby="like-error" @enderror>
                    <datalist id="likes">@foreach ($page->rows as $row)<option value="{{ $row->code }}">{{ $row->name }}</option>@endforeach</datalist>
                    @error('like')<p class="error" id="like-error">{{ $message }}</p>@enderror
                </div>
                <button class="btn btn-primary submit">Make product</button>
            </div>
        </form>
    @endcan
    @if ($page->rows === [])
        <p class="empty">{{ $page->search === '' ? 'There is no product yet. Give one a name and a code above; its sizes and colors come next.' : 'No product has “'.$page->search.'” in its name, or a code that begins so.' }}</p>
    @else
        <div class="catalog">
            <table class="plain">
                <thead><tr><th scope="col"><span class="visually-hidden">Card picture</span></th><th scope="col">Product</th><th scope="col">Colors</th><th scope="col">Sizes</th><th scope="col" class="number">SKUs</th><th scope="col" class="number">Pictures</th><th scope="col">Views complete</th><th scope="col" class="number">Price</th><th scope="col" class="number">Stock</th></tr></thead>
                <tbody>
                @foreach ($page->rows as $row)
                    <tr>
                        <td>@if ($row->card === null)<span class="no-card">no picture</span>@else<img src="{{ $row->card }}" alt="{{ $row->cardText }}" width="52" height="52" loading="lazy">@endif</td>
                        <td><a class="name" href="{{ route('board', $row->code) }}">{{ $row->name }}</a><br><span class="quiet">{{ $row->code }}{{ $row->category === '' ? '' : ' · '.str_replace(' > ', ' › ', $row->category) }}</span></td>
                        <td><span class="colors">@foreach ($row->colors as $color)<span title="{{ $color['label'] }}"><x-swatch :swatch="$color['swatch']"/><span class="visually-hidden">{{ $color['label'] }}</span></span>@endforeach</span></td>
                        <td>{{ $row->sizes }}</td>
                        <td class="number">{{ number_format($row->skus) }}@if ($row->skus !== $row->cells)<br><span class="quiet">of {{ number_format($row->cells) }}{{ $row->leftOut > 0 ? ', '.$row->leftOut.' left out' : '' }}</span>@endif</td>
                        <td class="number">{{ $row->pictures }}@if ($row->unlinked > 0)<br><span class="warns">{{ $row->unlinked }} not linked</span>@endif</td>
                        <td>@if ($row->percent === null)<span class="quiet">no shot list</span>@else<svg class="bar" viewBox="0 0 100 5" preserveAspectRatio="none" aria-hidden="true"><rect class="fill" width="{{ $row->percent }}" height="5"/></svg>{{ $row->percent }} %@endif</td>
                        <td class="number">{{ $row->prices }}</td>
                        <td class="number">@if ($row->skus > 0 && $row->stock->notCounted === $row->skus)<span class="quiet">not counted</span>@else{{ number_format($row->stock->units) }}@if ($row->stock->notCounted > 0)<br><span class="quiet">{{ number_format($row->stock->notCounted) }} not counted</span>@endif @endif</td>
                    </tr>
                @endforeach
                </tbody>
            </table>
        </div>
        {{ $page->pages->links('catalog.pages') }}
    @endif
</div>
@endsection
