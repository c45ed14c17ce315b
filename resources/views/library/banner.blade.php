<form class="replans crop" id="crop" data-replans="dialog" data-plan="{{ route('library.banner', $banner) }}"
    data-act="{{ route('library.banner.edit', $banner) }}">
    <h2 id="dialog-title">Banner of {{ str_replace(' > ', ' › ', $banner->name) }}</h2>
    <x-crop-parts :crop="$crop" :picture="App\Media\PhotoSize::Gallery->address($banner->photo_id)" :width="$banner->photo->width" :height="$banner->photo->height" :label="$banner->file_name" />
    <div class="field"><label for="banner-text">Alt text</label><input class="form-control" id="banner-text" name="text"
            value="{{ $text }}" maxlength="300" autocomplete="off"></div>
    <div class="buttons"><button type="button" class="btn btn-plain" data-crop-middle
            @disabled($crop->isMiddle())>Middle of all of it</button><button type="button" class="btn btn-plain"
            data-do="close">Cancel</button><button class="btn btn-primary">Keep</button></div>
</form>
<form data-act="{{ route('library.banner.remove', $banner) }}"><button class="btn btn-plain">Take this banner
        off</button></form>
