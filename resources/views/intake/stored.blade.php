@extends('layout.app')
@section('title', __('intake.stored_pictures'))
@section('content')
    <div class="page stored">
        <p class="quiet"><a href="{{ route('intake') }}">{{ __('intake.intake') }}</a></p>
        <h1>{{ __('intake.pictures_that_are_stored_already') }}</h1>
        @if (session('said'))
            <p role="status" class="said">{{ session('said') }}.</p>
        @endif
        <form method="get" action="{{ route('intake.stored') }}" class="stored-form">
            <div class="field"><label for="name">{{ __('intake.file_name') }}</label><input class="form-control"
                    id="name" name="name" value="{{ $given['name'] ?? '' }}" maxlength="100" autocomplete="off">
            </div>
            <div class="field"><label for="product">{{ __('intake.products_code') }}</label><input class="form-control"
                    id="product" name="product" value="{{ $given['product'] ?? '' }}" maxlength="40" autocomplete="off">
            </div>
            <div class="field"><label for="color">{{ __('intake.color') }}</label><input class="form-control"
                    id="color" name="color" value="{{ $given['color'] ?? '' }}"
                    placeholder="{{ __('intake.moss_5f7049') }}" maxlength="40" autocomplete="off"
                    @if ($isUnknownColor) aria-invalid="true" aria-describedby="color-unknown" @endif>
                @if ($isUnknownColor)
                    <p class="warns" id="color-unknown">{{ __('intake.no_color_is_called_so_type') }}</p>
                @endif
            </div>
            <div class="field"><label for="least">{{ __('intake.at_least') }}</label><select class="form-select"
                    id="least" name="least">
                    @foreach ($sizes as $least => $label)
                        <option value="{{ $least }}" @selected((string) ($given['least'] ?? '') === (string) $least)>{{ $label }}</option>
                    @endforeach
                </select>
            </div>
            <div class="field"><label for="since">{{ __('intake.came_since') }}</label><input class="form-control"
                    type="date" id="since" name="since" value="{{ $given['since'] ?? '' }}"></div>
            <label class="check"><input type="checkbox" class="form-check-input" name="unused" value="1"
                    @checked($given['unused'] ?? false)> {{ __('intake.unused_only') }}</label>
            <button class="btn btn-plain">{{ __('intake.find') }}</button>
        </form>
        @if ($pictures === [])
            <p class="empty">{{ __('intake.no_stored_picture_is_like_this') }}</p>
        @else
            <form method="post" action="{{ route('intake.stored.pick') }}">
                <x-once />
                <ul class="stored-pictures">
                    @foreach ($pictures as $picture)
                        <li><label><img src="{{ route('photo', [$picture->photoId, 'thumb'], false) }}" alt=""
                                    width="132" height="132" loading="lazy"><span><input type="checkbox"
                                        class="form-check-input" name="photos[{{ $picture->photoId }}]"
                                        value="{{ $picture->name }}"> <x-file-name
                                        :name="$picture->name" /></span><small>{{ $picture->width }} × {{ $picture->height }} ·
                                    @if ($picture->uses === 0)
                                        {{ __('intake.unused_came_came', ['came' => $picture->day()]) }}
                                    @endif
                                </small></label>
                            @if ($picture->uses === 0)
                                @can('edit')
                                    <a class="into-many"
                                        href="{{ route('bulk.pictures', ['photo' => $picture->photoId, 'file' => $picture->name]) }}">{{ __('intake.into_many') }}<span
                                            class="visually-hidden">
                                            {{ __('intake.products_picture', ['picture' => $picture->name]) }}</span></a>
                                @endcan
                                @endif @if ($picture->uses > 0)
                                    <button type="button" class="btn-quiet"
                                        data-dialog="{{ route('intake.stored.uses', $picture->photoId) }}">{{ trans_choice('intake.used_once', $picture->uses) }}<span
                                            class="visually-hidden">{{ __('intake.where_picture_is', ['picture' => $picture->name]) }}</span></button>
                                @endif
                        </li>
                    @endforeach
                </ul>
                <div class="stored-deeds">
                    @if ($next !== null)
                        <a class="btn btn-plain" href="{{ route('intake.stored', [...$given, 'after' => $next]) }}"
                            rel="next">{{ __('intake.earlier_ones') }}</a>
                    @endif
                    @can('edit')
                        <button class="btn btn-primary">{{ __('intake.take_the_marked_ones_into_the') }}</button>
                        <details class="for-good">
                            <summary class="quiet">{{ __('intake.remove_for_good') }}</summary>
                            <p>{{ __('intake.the_marked_pictures_and_their_files') }}</p><button class="btn btn-danger"
                                formaction="{{ route('intake.stored.remove') }}">{{ __('intake.remove_the_marked_ones_for_good') }}</button>
                        </details>
                    @endcan
                </div>
            </form>
        @endif
    </div>
@endsection
