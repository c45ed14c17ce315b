<form class="replans" id="banner-choose" data-replans="dialog" data-plan="{{ route('library.banners.choose') }}">
    <h2 id="dialog-title">
        {{ $name === '' ? __('library.banner_of_a_new_page') : __('library.banner_of_banner', ['banner' => $shownName]) }}
    </h2>
    <input type="hidden" name="kind" value="{{ $kind->value }}">
    <div class="two-fields">
        <div class="field"><label for="banner-name">{{ ucfirst($kind->inWords()) }}</label><input class="form-control"
                id="banner-name" name="name" value="{{ $name }}" maxlength="200" @readonly($kind->value === 'category')
                autocomplete="off"></div>
        <div class="field"><label for="banner-find">{{ __('library.stored_pictures_by_name') }}</label><input
                class="form-control" id="banner-find" name="find" value="{{ $find }}" maxlength="100"
                autocomplete="off"></div>
    </div>
</form>
<ul class="hole-offers">
    @forelse ($pictures as $picture)
        <li>
            <form data-act="{{ route('library.banners.set') }}"><input type="hidden" name="kind"
                    value="{{ $kind->value }}"><input type="hidden" name="name" value="{{ $name }}"><input
                    type="hidden" name="photo" value="{{ $picture->photoId }}"><input type="hidden" name="file"
                    value="{{ $picture->name }}"><button class="offer"><img
                        src="{{ route('photo', [$picture->photoId, 'thumb'], false) }}" alt=""
                        loading="lazy"><x-file-name :name="$picture->name" /></button></form>
    </li>@empty<li class="quiet">{{ __('library.no_stored_picture_is_called_so') }}</li>
    @endforelse
</ul>
<div class="buttons"><button type="button" class="btn btn-plain" data-do="close">{{ __('library.close') }}</button>
</div>
