<div class="settle-inner" data-settled-file="{{ $screen->file->file->id }}" data-product="{{ $screen->product()?->code }}"
    data-selected="{{ $screen->selected() }}">
    <div class="settle-top">
        <figure>
            @if ($screen->picture() !== null)
            <img src="{{ $screen->picture() }}" alt="{{ $screen->file->file->file }}">@else<span
                    class="no-picture">{{ $screen->file->status->label() }}</span>
            @endif
        </figure>
        <div>
            <x-file-name :name="$screen->file->file->file" />
            <p class="verdict"><b>{{ $screen->file->status->label() }}</b>
                @if ($screen->file->product !== null)
                    · {{ $screen->file->product->name }} · {{ $screen->row->place() }}
                @endif
            </p>
            <ul class="reasons">
                @if ($screen->file->isByHand())
                    <li>{{ __('intake.somebody_pointed_there_its_name_and') }}</li>
                @endif
                @foreach ($screen->doubts() as $doubt)
                    <li class="warns">{{ $doubt }}</li>
                @endforeach
                @foreach ($screen->file->alike as $alike)
                    <li class="warns">{{ $alike->inWords() }}</li>
                @endforeach
                @if ($screen->file->why !== '')
                    <li @class(['warns' => !$screen->isCard()])>{{ $screen->file->why }}</li>
                @endif
                @foreach ($screen->file->verdict?->reasons ?? [] as $reason)
                    <li>{{ $reason }}</li>
                @endforeach
                @if ($screen->passedOver() !== [])
                    <li class="quiet">
                        {{ __('intake.passed_over_passed_over', ['passed_over' => $screen->passedOver()]) }}</li>
                @endif
                @foreach ($screen->row->remarks() as $remark)
                    <li>{{ $remark }}</li>
                @endforeach
            </ul>
            @if ($screen->colors() !== [])
                <p class="seen" title="{{ __('intake.main_colors_of_what_is_shown') }}">
                    @foreach ($screen->colors() as $share)
                        <x-swatch-chip :swatch="$screen->swatch($share->color)" /><span>{{ $screen->percent($share->share) }} %</span>
                    @endforeach
                </p>
                <p class="seen" title="{{ __('intake.along_the_border_of_the_picture') }}"><x-swatch-chip
                        :swatch="$screen->swatch($screen->file->look->colors->background)" /><span>{{ __('intake.ground_evenness_even', ['evenness' => $screen->percent($screen->file->look->colors->evenness)]) }}</span>
                </p>
            @endif
            @if ($screen->file->look?->colors->doubt !== null)
                <p class="seen"><span>{{ $screen->file->look->colors->doubt }}</span></p>
            @endif
        </div>
    </div>
    @if ($screen->contradiction() !== [])
        <dl class="clash" aria-label="{{ __('intake.name_and_picture_disagree') }}">
            @foreach ($screen->contradiction() as $side)
                <div>
                    <dt>{{ $side->label }}</dt>
                    <dd><x-swatch-chip :swatch="$side->swatch" /><b>{{ $side->value }}</b></dd>
                </div>
            @endforeach
            <div>
                <dt>{{ __('intake.measured') }}</dt>
                <dd><x-swatch-chip :swatch="$screen->swatch($screen->colors()[0]->color ?? null)" /><b>{{ $screen->colors()[0]->color->hex() ?? '–' }}</b></dd>
            </div>
        </dl>
    @endif
    @if ($screen->isDouble())
        @include('intake.alike')
    @endif
    @if ($canEdit && $screen->isBroken())
        <button type="button" class="btn btn-plain" data-intake="read-again"
            data-files="{{ $screen->file->file->id }}">{{ __('intake.read_it_again') }}</button>
    @endif
    @if ($canEdit && $screen->file->status->isOpen())
        <div class="settle-product">
            <label for="settle-find">{{ __('intake.product') }}</label>
            <input class="form-control" id="settle-find" type="search" name="q" autocomplete="off"
                placeholder="{{ $screen->product() === null ? __('intake.which_product_is_it_of') : $screen->product()->name . ', ' . $screen->product()->code }}"
                hx-get="{{ route('intake.products') }}" hx-trigger="input changed delay:150ms" hx-target="#settle-hits"
                hx-swap="innerHTML">
            <div id="settle-hits" role="status">
                @if ($screen->product() === null && $screen->products() !== [])
                    <p class="quiet">{{ __('intake.others_of_this_drop_are_of') }}</p>
                    <div class="hits">
                        @foreach ($screen->products() as $code => $name)
                            <button type="button" class="btn btn-plain"
                                data-intake-product="{{ $code }}">{{ $name }}</button>
                        @endforeach
                    </div>
                @endif
            </div>
            @if ($screen->file->file->said_product_id !== null)
                <button type="button" class="btn btn-quiet"
                    data-intake-product="">{{ __('intake.back_to_what_is_read') }}</button>
            @endif
        </div>
        @if ($screen->matrix !== null)
            @include('intake.matrix', ['matrix' => $screen->matrix])
        @endif
        @if ($screen->file->alike !== [] && !$screen->isDouble())
            @include('intake.alike')
        @endif
        @if ($screen->wordsToTeach() !== [])
            <form class="teach" data-intake-teach>
                <label for="teach-word">{{ __('intake.teach') }}</label>
                <select class="form-select" id="teach-word" name="word">
                    @foreach ($screen->wordsToTeach() as $word)
                        <option>{{ $word }}</option>
                    @endforeach
                </select>
                <label for="teach-value">{{ __('intake.means') }}</label>
                <select class="form-select" id="teach-value" name="taught" required>
                    <option value="">…</option>
                    <option value="nothing">{{ __('intake.nothing') }}</option>
                    <optgroup label="{{ __('intake.the_view') }}">
                        @foreach ($screen->views() as $view)
                            <option value="view {{ $view->key }}">{{ $view->label() }}</option>
                        @endforeach
                    </optgroup>
                    @foreach ($screen->axes() as $axis)
                        <optgroup label="{{ $axis->name }}">
                            @foreach ($axis->values as $value)
                                <option value="value {{ $value->id }}">{{ $value->label }}</option>
                            @endforeach
                        </optgroup>
                    @endforeach
                </select>
                @if ($screen->drop->sender !== '')
                    <label class="sender"><input type="checkbox" class="form-check-input" name="sender_only"
                            value="1">
                        {{ __('intake.only_from_sender', ['sender' => $screen->drop->sender]) }}</label>
                @endif
                <button class="btn btn-plain">{{ __('intake.teach_2') }}</button>
            </form>
        @endif
    @endif
</div>
