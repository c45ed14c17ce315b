<form class="replans crop" id="crop" data-replans="dialog" data-plan="{{ route('library.banner', $banner) }}"
    data-act="{{ route('library.banner.edit', $banner) }}">
    <h2 id="dialog-title">{{ __('library.banner_of_banner', ['banner' => $shownName]) }}</h2>
    <x-crop-parts :crop="$crop" :picture="route('photo', [$banner->photo_id, 'gallery'], false)" :width="$banner->photo->width" :height="$banner->photo->height" :label="$banner->file_name" />
    <div class="field"><label for="banner-text">{{ __('library.alt_text') }}</label><input class="form-control"
            id="banner-text" name="text" value="{{ $text }}" maxlength="300" autocomplete="off"></div>
    <div class="buttons"><button type="button" class="btn btn-plain" data-crop-middle
            @disabled($crop->isMiddle())>{{ __('library.middle_of_all_of_it') }}</button><button type="button"
            class="btn btn-plain" data-do="close">{{ __('library.cancel') }}</button><button
            class="btn btn-primary">{{ __('library.keep') }}</button></div>
</form>
<form data-act="{{ route('library.banner.remove', $banner) }}"><button
        class="btn btn-plain">{{ __('library.take_this_banner_off') }}</button></form>
