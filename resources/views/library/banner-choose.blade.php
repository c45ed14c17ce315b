<form class="replans" id="banner-choose" data-replans="dialog" data-plan="{{ route('library.banners.choose') }}">
    <h2 id="dialog-title">Banner of {{ $name === '' ? 'a new landing page' : str_replace(' > ', ' › ', $name) }}</h2>
    <input type="hidden" name="kind" value="{{ $kind->value }}">
    <div class="two-fields">
        <div class="field"><label for="banner-name">{{ ucfirst($kind->inWords()) }}</label><input class="form-control"
                id="banner-name" name="name" value="{{ $name }}" maxlength="200" @readonly($kind === App\Models\BannerKind::Category)
                autocomplete="off"></div>
        <div class="field"><label for="banner-find">Stored pictures, by name</label><input class="form-control"
                id="banner-find" name="find" value="{{ $find }}" maxlength="100" autocomplete="off"></div>
    </div>
</form>
<ul class="hole-offers">
    @forelse ($pictures as $picture)
        <li>
            <form data-act="{{ route('library.banners.set') }}"><input type="hidden" name="kind"
                    value="{{ $kind->value }}"><input type="hidden" name="name" value="{{ $name }}"><input
                    type="hidden" name="photo" value="{{ $picture->photoId }}"><input type="hidden" name="file"
                    value="{{ $picture->name }}"><button class="offer"><img
                        src="{{ App\Media\PhotoSize::Thumb->address($picture->photoId) }}" alt=""
                        loading="lazy"><x-file-name :name="$picture->name" /></button></form>
    </li>@empty<li class="quiet">No stored picture is called so. Drop one into the intake first.</li>
    @endforelse
</ul>
<div class="buttons"><button type="button" class="btn btn-plain" data-do="close">Close</button></div>
