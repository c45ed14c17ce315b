<div class="hole">
    <h2 id="dialog-title">{{ __('coverage.view_of_place', ['view' => $hole->view->label(), 'place' => $hole->place()]) }}
    </h2>
    <p class="quiet">
        {{ $hole->cell === null ? __('coverage.needed_as_the_shot_list_says') : trans_choice('coverage.cell_on_lacking', $hole->cell->lacking, ['cell' => ucfirst($hole->cell->inWords())]) }}
    </p>
    @if ($hole->cell !== null)
        <div class="field"><label for="hole-file">{{ __('coverage.a_file_to_take_in_for') }}</label><input
                class="form-control" type="file" id="hole-file" accept="image/*,video/mp4,video/webm,.glb" multiple
                data-hole-file data-onto="{{ $hole->selected }}" data-view="{{ $hole->view->key }}"
                data-words="{{ $hole->place() }}, {{ $hole->view->name }}"></div>
        @if ($hole->offered() === [])
            <p class="quiet">{{ __('coverage.no_picture_of_this_product_waits') }}</p>
        @else
            <h3>{{ __('coverage.or_one_that_is_here_already') }}</h3>
            <ul class="hole-offers">
                @foreach ($hole->offered() as $offer)
                    <li>
                        <form data-act="{{ route('coverage.fill', $product) }}"><input type="hidden"
                                name="placements[0]" value="{{ $offer->row->id() }}"><input type="hidden"
                                name="onto" value="{{ $hole->selected }}"><input type="hidden" name="view"
                                value="{{ $hole->view->key }}">
                            <button class="offer">
                                @if ($offer->thumb !== null)
                                    <img src="{{ $offer->thumb }}" alt="" loading="lazy">
                                @endif
                                <x-file-name :name="$offer->row->file()" /><small>{{ $offer->where }}</small>
                            </button>
                        </form>
                    </li>
                @endforeach
            </ul>
        @endif
    @endif
    <form data-act="{{ route('coverage.shot', $product) }}" class="hole-need">
        <h3>{{ __('coverage.is_it_needed_of_product', ['product' => $product->name]) }}</h3>
        <input type="hidden" name="view" value="{{ $hole->view->key }}">
        <div class="line">
            <div class="field"><label
                    for="shot-need">{{ __('coverage.view_pictures_are', ['view' => $hole->view->label()]) }}</label><select
                    class="form-select" id="shot-need" name="need">
                    <option value="">{{ __('coverage.as_the_shot_list_says') }}</option>
                    @foreach ($needs as $need)
                        <option value="{{ $need->value }}" @selected($hole->own()?->need === $need)>
                            {{ __('coverage.need_here', ['need' => $need->value]) }}
                        </option>
                    @endforeach
                </select></div>
            <div class="field wide"><label for="shot-reason">{{ __('coverage.why') }}</label><input
                    class="form-control" id="shot-reason" name="reason" value="{{ $hole->own()?->reason }}"
                    maxlength="120" placeholder="{{ __('coverage.such_as_nobody_wears_a_cushion') }}"
                    autocomplete="off"></div>
            <button class="btn btn-primary">{{ __('coverage.keep') }}</button>
        </div>
    </form>
    <div class="buttons"><a class="btn btn-plain"
            href="{{ route('board', ['product' => $product, 'selected' => $hole->selected]) }}">{{ __('coverage.show_it_on_the_board') }}</a><button
            type="button" class="btn btn-plain" data-do="close">{{ __('coverage.close') }}</button></div>
</div>
