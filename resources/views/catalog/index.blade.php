@extends('layout.app')
@section('title', 'Catalog')
@section('content')
<div class="page">
    <x-catalog-head place="catalog"/>
    @can('edit')
        <form class="new-product" method="post" action="{{ route('products.store') }}">
            <x-once/>
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
    @include('catalog.filters')
    <div id="catalog-list">@include('catalog.list')</div>
</div>
@endsection
