<form class="replans crop" id="crop" data-replans="dialog"
    data-plan="{{ route('photo.crop.plan', [$product, $row->id()]) }}"
    data-act="{{ route('photo.crop', [$product, $row->id()]) }}">
    <h2 id="dialog-title">{{ __('board.focus_and_crop_of_file', ['file' => $row->file()]) }}</h2>
    <p class="quiet">{{ __('board.the_focus_stays_in_view_whatever') }}</p>
    <x-crop-parts :crop="$crop" :picture="$picture" :width="$row->width" :height="$row->height" :label="$row->file()" />
    <div class="buttons"><button type="button" class="btn btn-plain" data-crop-middle
            @disabled($crop->isMiddle())>{{ __('board.middle_of_all_of_it') }}</button><button type="button"
            class="btn btn-plain" data-do="close">{{ __('board.cancel') }}</button><button
            class="btn btn-primary">{{ __('board.keep') }}</button></div>
</form>
