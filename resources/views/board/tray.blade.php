<aside class="tray" id="tray" aria-label="{{ __('board.photos') }}"
    data-waiting="{{ $tray->isWaiting() ? '1' : '' }}" data-selected="{{ $tray->selected }}">
    <h2>{{ $tray->title() }}<span>{{ $tray->counts() }}</span></h2>
    <p class="remark">{{ $tray->sameness() }}@if ($tray->coverage() !== null)
            {{ __('board.views_coverage', ['coverage' => $tray->coverage()->inWords()]) }}
        @endif
    </p>
    @can('edit')
        <div class="tools" role="group" aria-label="{{ __('board.for_the_marked_pictures') }}" data-needs-marks hidden>
            <button type="button" class="btn btn-plain" data-change="link">{{ __('board.link_here') }}</button>
            <button type="button" class="btn btn-plain" data-change="link"
                data-with='{"only":1}'>{{ __('board.only_here') }}</button>
            <button type="button" class="btn btn-plain" data-change="unlink">{{ __('board.unlink_here') }}</button>
            <button type="button" class="btn btn-plain" data-change="unlink"
                data-with='{"everywhere":1}'>{{ __('board.back_to_tray') }}</button>
            <button type="button" class="btn btn-plain" data-change="hide">{{ __('board.hide_here') }}</button>
            <label class="visually-hidden" for="marked-view">{{ __('board.view_of_the_marked_pictures') }}</label>
            <select class="form-select" id="marked-view">
                <option value="">{{ __('board.view') }}</option><x-view-options />
            </select>
        </div>
        @if (count($tray->shown()) > 1)
            <div class="tools" role="group" aria-label="{{ __('board.order_of_the_galleries') }}" data-needs-no-marks>
                @if ($loaded->core->library->shotList !== null)
                    <button type="button" class="btn btn-plain" data-change="follow-shot-list"
                        title="{{ __('board.sort_all_galleries_of_this_product') }}">{{ __('board.follow_the_shot_list') }}</button>
                @endif
                <button type="button" class="btn btn-plain" data-change="match-others"
                    title="{{ __('board.give_the_other_galleries_the_sequence') }}">{{ __('board.match_the_others_to_this') }}</button>
            </div>
        @endif
    @endcan
    <ul class="cards" id="gallery" aria-label="{{ $tray->title() }}">
        @foreach ($tray->shown() as $card)
            @include('board.card')
        @endforeach
        @foreach ($tray->coverage()?->holes() ?? [] as $hole)
            <li @class(['missing-view', 'is-wanted' => !$hole->isRequiredHole()])>
                {{ __('board.no_view_view', ['view' => $hole->shot->view->name]) }}<small>{{ $hole->shot->need->value }}{{ $hole->lacking < $hole->skus ? ', ' . $hole->inWords() : '' }}</small>
            </li>
        @endforeach
    </ul>
    @if ($tray->hidden() !== [])
        <h2>{{ __('board.hidden_here') }}<span>{{ count($tray->hidden()) }}</span></h2>
        <ul class="cards" id="hidden-here" aria-label="{{ __('board.hidden_here') }}">
            @foreach ($tray->hidden() as $card)
                @include('board.card')
            @endforeach
        </ul>
    @endif
    <div class="unlinked">
        <h2>{{ __('board.not_linked_yet') }}<span>{{ trans_choice('board.unlinked_picture', count($tray->unlinked()), ['unlinked' => count($tray->unlinked())]) }}</span>
        </h2>
        @can('edit')
            <div class="dropzone"><x-icon name="upload" /><span>{{ __('board.drop_pictures_here_or') }}</span><input
                    class="visually-hidden" type="file" id="files" multiple
                    accept="image/jpeg,image/png,image/webp,image/avif,image/tiff,image/gif,video/mp4,video/webm,.glb"
                    data-files><label for="files">{{ __('board.choose_files') }}</label></div>
        @endcan
        <div class="uploads" id="uploads" data-keep="1" aria-live="polite"></div>
        @if ($tray->unlinked() !== [])
            <p class="remark">@say('board.drag_onto_a_color_a_size')</p>
        @endif
        <ul class="cards" id="unlinked" aria-label="{{ __('board.not_linked_yet') }}">
            @foreach ($tray->unlinked() as $card)
                @include('board.card')
            @endforeach
        </ul>
    </div>
</aside>
