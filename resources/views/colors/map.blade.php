<div class="colors-parts">
    <section class="colors-map" aria-labelledby="colors-map-title">
        <div class="colors-map-head">
            <h2 id="colors-map-title">{{ __('colors.color_map') }}</h2>
            <nav aria-label="{{ __('colors.whose_eyes') }}">
                @foreach ($screen->allEyes() as $eyes)
                    <a href="{{ route($pageRoute, [...$here, 'eyes' => $eyes?->value]) }}"
                        @if ($screen->eyes === $eyes) aria-current="true" @endif>{{ $eyes === null ? __('colors.all_cones') : $eyes->inWords() }}</a>
                @endforeach
            </nav>
        </div>
        <svg viewBox="{{ $screen->map->viewBox() }}" role="group"
            aria-label="{{ __('colors.swatches_and_measured_colors_by_a') }}" data-color-map
            data-side="{{ $screen->map->side }}" data-scale="{{ $screen->map->scale }}">
            <rect class="plane" width="{{ $screen->map->side }}" height="{{ $screen->map->side }}" />
            <g transform="translate({{ $screen->map->middle }} {{ $screen->map->middle }})">
                @foreach ($screen->map->rings() as $ring)
                    <circle class="ring" r="{{ $ring->radius }}" />
                    <text class="ring-name" x="-{{ $ring->diagonal }}"
                        y="{{ $ring->diagonal }}">{{ $ring->chroma }}</text>
                @endforeach
                <path class="cross" d="{{ $screen->map->cross() }}" />
            </g>
            <text class="pole" x="4" y="{{ $screen->map->middle }}"
                dy="-5">{{ __('colors.green_a') }}</text><text class="pole end" x="{{ $screen->map->side }}"
                dx="-4" y="{{ $screen->map->middle }}" dy="-5">{{ __('colors.red_a') }}</text><text
                class="pole" x="{{ $screen->map->middle }}" dx="5"
                y="12">{{ __('colors.yellow_b') }}</text><text class="pole" x="{{ $screen->map->middle }}"
                dx="5" y="{{ $screen->map->side }}" dy="-5">{{ __('colors.blue_b') }}</text>
            <g class="light" transform="translate({{ $screen->map->lightX }} 0)">
                <rect class="plane" width="60" height="{{ $screen->map->side }}" />
                @foreach ($screen->map->lightLines() as $line)
                    <path class="cross" d="M0 {{ $line->y }}h60" /><text class="ring-name" x="2"
                        y="{{ $line->labelY }}">{{ $line->lightness }}</text>
                @endforeach
                <text class="pole" y="{{ $screen->map->side }}" dy="16">
                    {{ __('colors.lightness') }}</text>
            </g>
            @foreach ($screen->map->pictures as $picture)
                <g @class(['picture', 'is-marked' => $picture->isMarked])>
                    @if ($picture->swatch !== null)
                        <path class="tie" data-tie="{{ $picture->swatch->valueId }}"
                            d="M{{ $picture->x }} {{ $picture->y }}L{{ $picture->swatch->x }} {{ $picture->swatch->y }}" />
                    @endif
                    <rect transform="translate({{ $picture->x }} {{ $picture->y }})" x="-4" y="-4" width="8"
                        height="8" fill="{{ $picture->color->hex() }}">
                        <title>{{ $picture->file }}, {{ $picture->value }}:
                            {{ $picture->distance === null ? __('colors.no_swatch') : __('colors.e00_distance_2', ['distance' => $picture->distance]) }}
                        </title>
                    </rect>
                    <rect transform="translate({{ $screen->map->lightX }} {{ $picture->lightY }})" x="48" y="-2"
                        width="10" height="4" fill="{{ $picture->color->hex() }}" />
                    @if ($picture->isSaid && $picture->distance !== null)
                        <text class="far" x="{{ $picture->x }}" dx="7" y="{{ $picture->y }}"
                            dy="4">@number($picture->distance, 1)</text>
                    @endif
                </g>
            @endforeach
            @foreach ($screen->map->points as $point)
                <g @class([
                    'point',
                    'is-marked' => $point->isMarked,
                    'can-move' => $point->canMove,
                ]) data-point="{{ $point->valueId }}" data-lab="{{ $point->figures() }}"
                    data-label="{{ $point->label }}"
                    @if ($point->canMove) data-move="{{ route($moveRoute, [...$of, $point->valueId]) }}" @endif
                    @can('edit') data-open="{{ route($openRoute, [...$of, $point->valueId]) }}" tabindex="0" role="button" aria-label="{{ $point->inWords() }}{{ $point->canMove ? __('colors.arrows_move_it_page_up_and') : __('colors.enter_opens_it') }}" @endcan>
                    <path class="tie" d="{{ $point->tie() }}" />
                    <g class="spot" transform="translate({{ $point->x }} {{ $point->y }})">
                        <circle r="8" fill="{{ $point->swatch->main()->hex() }}" />
                        <title>{{ $point->inWords() }}</title>
                    </g>
                    <g class="depth" transform="translate({{ $screen->map->depthX }} {{ $point->lightY }})">
                        <rect x="-8" y="-5" width="16" height="10" rx="2"
                            fill="{{ $point->swatch->main()->hex() }}" />
                    </g>
                    @if ($screen->map->isNamed())
                        <text class="point-name" x="{{ $point->x }}" dx="13" y="{{ $point->labelY }}"
                            dy="4">{{ $point->shortLabel() }}</text>
                    @endif
                </g>
            @endforeach
            @if ($screen->map->tried() !== null)
                <g class="tried">
                    <circle cx="{{ $screen->map->tried()->x }}" cy="{{ $screen->map->tried()->y }}" r="9"
                        fill="{{ $screen->map->tried()->swatch->main()->hex() }}" /><text class="point-name"
                        x="{{ $screen->map->tried()->x }}" dx="8" y="{{ $screen->map->tried()->labelY }}"
                        dy="4">{{ $screen->map->tried()->shortLabel() }}</text>
                    <rect transform="translate({{ $screen->map->lightX }} {{ $screen->map->tried()->lightY }})" x="14"
                        y="-5" width="16" height="10" rx="2"
                        fill="{{ $screen->map->tried()->swatch->main()->hex() }}" />
                </g>
            @endif
        </svg>
        <p class="colors-readout" role="status" data-map-readout></p>
        <p class="quiet">
            {{ $screen->eyes === null ? ($product ?? false ? __('colors.round_swatches_square_what_the_pictures') : __('colors.the_swatches_of_all_its_values')) : __('colors.as_seen_eyes_look_at_it', ['eyes' => $screen->eyes->inWords()]) }}@can('edit')
            @if ($screen->eyes === null)
                {{ __('colors.drag_a_swatch_or_move_it') }}
            @endif @endcan
        </p>
        @can('edit')
            @if ($product ?? false)
                <fieldset class="colors-scope">
                    <legend>{{ __('colors.a_color_moved_here_is_for') }}</legend><label><input type="radio"
                            class="form-check-input" name="map-scope" value="here" checked>
                        {{ __('colors.this_product') }}</label><label><input type="radio" class="form-check-input"
                            name="map-scope" value="everywhere"> {{ __('colors.every_product') }}</label>
                </fieldset>
            @endif
        @endcan
    </section>
    <section class="colors-list" aria-label="{{ __('colors.values_and_their_colors') }}">
        @if ($screen->findings !== [])
            <h2>{{ __('colors.found') }}</h2>
            <ul class="findings">
                @foreach ($screen->firstFindings()->shown as $finding)
                    <li class="finding {{ $finding->check->severity()->value }}">
                        <b>{{ $finding->check->inWords() }}</b> {{ $finding->message }}@if ($finding->distance !== null)
                            <span
                                class="number">{{ __('colors.e00_distance_2', ['distance' => $finding->distance]) }}</span>
                        @endif
                        @if ($screen->pictureOf($finding) !== null)
                            <img src="{{ $screen->pictureOf($finding) }}" alt="" loading="lazy">
                        @endif
                        @if ($finding->placementId !== null && ($product ?? false))
                            <a
                                href="{{ route('board', ['product' => $product, 'selected' => $screen->selected($finding->valueIds[0])]) }}">{{ __('colors.show_on_the_board') }}</a>
                        @else
                            @can('edit')
                                <button type="button" class="btn btn-quiet"
                                    data-dialog="{{ route($openRoute, [...$of, $finding->valueIds[0]]) }}"
                                    data-verb="POST">{{ __('colors.change') }}<span class="visually-hidden">
                                        {{ __('colors.the_swatch_of_value_ids', ['value_ids' => $axis->value($finding->valueIds[0])?->label]) }}</span></button>
                            @endcan
                        @endif
                    </li>
                @endforeach
            </ul>
            @if ($screen->firstFindings()->more > 0)
                <p class="quiet">
                    {{ __('colors.findings_more_are_not_listed', ['findings' => $screen->firstFindings()->more]) }}</p>
            @endif
        @endif
        @if ($screen->farPictures() !== [])
            <details class="far-pictures">
                <summary>
                    {{ trans_choice('colors.far_pictures_mainly_another_color_than', count($screen->farPictures())) }}
                </summary>
                <ul>
                    @foreach ($screen->firstFarPictures() as $picture)
                        <li><a
                                href="{{ route('board', ['product' => $product, 'selected' => $screen->selected($picture->swatch->valueId)]) }}">{{ $picture->file }}</a>
                            <span class="quiet">{{ $picture->value }}</span> <span
                                class="number">{{ __('colors.e00_distance_2', ['distance' => $picture->distance]) }}</span>
                        </li>
                    @endforeach
                </ul>
            </details>
        @endif
        <table class="plain colors-table">
            <thead>
                <tr>
                    <th scope="col">{{ $axis->name }}</th>
                    <th scope="col">{{ __('colors.swatch') }}</th>
                    @if ($product ?? false)
                        <th scope="col">{{ __('colors.pictures_show') }}</th>
                        <th scope="col" class="number" title="{{ __('colors.from_the_swatch_to_what_the') }}">
                            {{ __('colors.e00') }}
                        </th>
                    @endif
                    <th scope="col">
                        {{ __('colors.nearest') }}</th>
                    <th scope="col"><span class="visually-hidden">{{ __('colors.change_2') }}</span></th>
                </tr>
            </thead>
            <tbody>
                @foreach ($screen->rows() as $row)
                    <tr @class(['is-found' => $row->findings !== []])>
                        <th scope="row">{{ $row->value->label }} <small>{{ $row->value->code }}</small></th>
                        <td class="swatch-cell"><x-swatch-chip class="swatch-large" :swatch="$row->swatch" />
                            @if ($row->swatch === null)
                                <span
                                class="quiet">{{ __('colors.none') }}</span>@else<span><code>{{ $row->swatch->hex() }}</code><small>{{ $row->figuresInWords() }}</small>
                                    @if ($row->remark() !== '')
                                        <small>{{ $row->remark() }}</small>
                                    @endif
                                </span>
                            @endif
                        </td>
                        @if ($product ?? false)
                            <td class="swatch-cell">
                                @if ($row->measured === null)
                                    <span
                                        class="quiet">{{ $row->pictures === 0 ? __('colors.nothing_that_can_be_told') : __('colors.another_color') }}</span>
                                @else
                                    @if ($row->thumb !== null)
                                        <img src="{{ $row->thumb }}" alt="" loading="lazy">
                                    @endif
                                    <x-swatch-chip class="swatch-large" :swatch="$row->measured->swatch" />
                                    <span><code>{{ $row->measured->swatch->hex() }}</code><small>{{ trans_choice($row->measured->isSure ? 'colors.pictures_picture' : 'colors.pictures_uneven', $row->measured->pictures) }}</small></span>
                                @endif
                            </td>
                            <td class="number">
                                @if ($row->distance === null)
                                    –
                                @else
                                    @number($row->distance, 1)
                                @endif
                            </td>
                        @endif
                        <td>
                            @if ($row->nearest === null)
                                –@else{{ $row->nearestLabel }} @number($row->nearest->distance, 1)
                            @endif
                        </td>
                        <td>
                            @can('edit')
                                <button type="button" class="btn btn-plain"
                                    data-dialog="{{ route($openRoute, [...$of, $row->value->id]) }}"
                                    data-verb="POST">{{ __('colors.swatch_2') }}<span class="visually-hidden">
                                        {{ __('colors.of_row', ['row' => $row->value->label]) }}</span></button>
                            @endcan
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </section>
</div>
