@php($map = $screen->map)
@php($side = $map::SIDE)
<div class="colors-parts">
    <section class="colors-map" aria-labelledby="colors-map-title">
        <div class="colors-map-head">
            <h2 id="colors-map-title">Color map</h2>
            <nav aria-label="Whose eyes">
                @foreach ([null, ...Core\Color\Deficiency::cases()] as $eyes)
                    <a href="{{ route($page, $here + array_filter(['eyes' => $eyes?->value])) }}"
                        @if ($screen->eyes === $eyes) aria-current="true" @endif>{{ $eyes === null ? 'all cones' : $eyes->inWords() }}</a>
                @endforeach
            </nav>
        </div>
        <svg viewBox="-10 -10 {{ $side + 110 }} {{ $side + 34 }}" role="group"
            aria-label="Swatches and measured colors by a and b, with their lightness beside" data-color-map
            data-side="{{ $side }}" data-scale="{{ $map->scale }}">
            <rect class="plane" width="{{ $side }}" height="{{ $side }}" />
            @foreach ($map->rings() as [$chroma, $radius])
                <circle class="ring" cx="{{ $side / 2 }}" cy="{{ $side / 2 }}" r="{{ $radius }}" />
                <text class="ring-name" x="{{ $side / 2 - 0.707 * $radius }}"
                    y="{{ $side / 2 + 0.707 * $radius }}">{{ $chroma }}</text>
            @endforeach
            <path class="cross"
                d="M0 {{ $side / 2 }}H{{ $side }}M{{ $side / 2 }} 0V{{ $side }}" />
            <text class="pole" x="4" y="{{ $side / 2 - 5 }}">green, a −</text><text class="pole end"
                x="{{ $side - 4 }}" y="{{ $side / 2 - 5 }}">red, a +</text><text class="pole"
                x="{{ $side / 2 + 5 }}" y="12">yellow, b +</text><text class="pole" x="{{ $side / 2 + 5 }}"
                y="{{ $side - 5 }}">blue, b −</text>
            <g class="light">
                <rect class="plane" x="{{ $side + 24 }}" width="60" height="{{ $side }}" />
                @foreach ([100, 75, 50, 25, 0] as $light)
                    <path class="cross" d="M{{ $side + 24 }} {{ ((100 - $light) / 100) * $side }}h60" /><text
                        class="ring-name" x="{{ $side + 26 }}"
                        y="{{ min($side - 2, ((100 - $light) / 100) * $side + 10) }}">{{ $light }}</text>
                @endforeach
                <text class="pole" x="{{ $side + 24 }}" y="{{ $side + 16 }}">
                    lightness</text>
            </g>
            @foreach ($map->pictures as $picture)
                <g @class(['picture', 'is-marked' => $picture->isMarked])>
                    @if ($picture->swatch !== null)
                        <path class="tie" data-tie="{{ $picture->swatch->valueId }}"
                            d="M{{ $picture->x }} {{ $picture->y }}L{{ $picture->swatch->x }} {{ $picture->swatch->y }}" />
                    @endif
                    <rect x="{{ $picture->x - 4 }}" y="{{ $picture->y - 4 }}" width="8" height="8"
                        fill="{{ $picture->color->hex() }}">
                        <title>{{ $picture->file }}, {{ $picture->value }}:
                            {{ $picture->distance === null ? 'no swatch' : 'ΔE00 ' . number_format($picture->distance, 1) }}
                        </title>
                    </rect>
                    <rect x="{{ $side + 72 }}" y="{{ $picture->lightY - 2 }}" width="10" height="4"
                        fill="{{ $picture->color->hex() }}" />
                    @if ($picture->isSaid && $picture->distance !== null)
                        <text class="far" x="{{ $picture->x + 7 }}"
                            y="{{ $picture->y + 4 }}">{{ number_format($picture->distance, 1) }}</text>
                    @endif
                </g>
            @endforeach
            @foreach ($map->points as $point)
                <g @class([
                    'point',
                    'is-marked' => $point->isMarked,
                    'can-move' => $point->canMove,
                ]) data-point="{{ $point->valueId }}"
                    data-lab="{{ round($point->lab->lightness, 2) }},{{ round($point->lab->a, 2) }},{{ round($point->lab->b, 2) }}"
                    data-label="{{ $point->label }}"
                    @if ($point->canMove) data-move="{{ $move($point->valueId) }}" @endif
                    @can('edit') data-open="{{ $open($point->valueId) }}" tabindex="0" role="button" aria-label="{{ $point->inWords() }}{{ $point->canMove ? '. Arrows move it, Page Up and Page Down change its lightness, Enter keeps' : '. Enter opens it' }}" @endcan>
                    <path class="tie"
                        d="M{{ $point->x + 9 }} {{ $point->y }}L{{ $point->x + 12 }} {{ $point->labelY }}" />
                    <g class="spot" transform="translate({{ $point->x }} {{ $point->y }})">
                        <circle r="8" fill="{{ $point->swatch->main()->hex() }}" />
                        <title>{{ $point->inWords() }}</title>
                    </g>
                    <g class="depth" transform="translate({{ $side + 46 }} {{ $point->lightY }})">
                        <rect x="-8" y="-5" width="16" height="10" rx="2"
                            fill="{{ $point->swatch->main()->hex() }}" />
                    </g>
                    @if ($map->isNamed())
                        <text class="point-name" x="{{ $point->x + 13 }}"
                            y="{{ $point->labelY + 4 }}">{{ Illuminate\Support\Str::limit($point->label, 18, '…') }}</text>
                    @endif
                </g>
            @endforeach
            @if ($map->tried() !== null)
                <g class="tried">
                    <circle cx="{{ $map->tried()->x }}" cy="{{ $map->tried()->y }}" r="9"
                        fill="{{ $map->tried()->swatch->main()->hex() }}" /><text class="point-name"
                        x="{{ $map->tried()->x + 8 }}"
                        y="{{ $map->tried()->labelY + 4 }}">{{ Illuminate\Support\Str::limit($map->tried()->label, 18, '…') }}</text>
                    <rect x="{{ $side + 38 }}" y="{{ $map->tried()->lightY - 5 }}" width="16" height="10"
                        rx="2" fill="{{ $map->tried()->swatch->main()->hex() }}" />
                </g>
            @endif
        </svg>
        <p class="colors-readout" role="status" data-map-readout></p>
        <p class="quiet">
            {{ $screen->eyes === null ? ($product ?? false ? 'Round: swatches. Square: what the pictures show, tied to their swatch.' : 'The swatches of all its values, and their lightness.') : 'As seen ' . $screen->eyes->inWords() . '. Look at it with all cones to move a swatch.' }}@can('edit')
            @if ($screen->eyes === null)
                Drag a swatch, or move it by arrows and Page Up and Page Down; Enter keeps.
            @endif @endcan
        </p>
        @can('edit')
            @if ($product ?? false)
                <fieldset class="colors-scope">
                    <legend>A color moved here is for</legend><label><input type="radio" class="form-check-input"
                            name="map-scope" value="here" checked> this product</label><label><input type="radio"
                            class="form-check-input" name="map-scope" value="everywhere"> every product</label>
                </fieldset>
            @endif
        @endcan
    </section>
    <section class="colors-list" aria-label="Values and their colors">
        @if ($screen->findings !== [])
            <h2>Found</h2>
            <ul class="findings">
                @foreach (array_slice($screen->findings, 0, 60) as $finding)
                    <li class="finding {{ $finding->check->severity()->value }}">
                        <b>{{ $finding->check->inWords() }}</b> {{ $finding->message }}@if ($finding->distance !== null)
                            <span class="number">ΔE00 {{ number_format($finding->distance, 1) }}</span>
                        @endif
                        @if ($screen->pictureOf($finding) !== null)
                            <img src="{{ $screen->pictureOf($finding) }}" alt="" loading="lazy">
                        @endif
                        @if ($finding->placementId !== null && ($product ?? false))
                            <a
                                href="{{ route('board', ['product' => $product, 'selected' => $screen->selected($finding->valueIds[0])]) }}">Show
                                on the board</a>
                        @else
                            @can('edit')
                                <button type="button" class="btn btn-quiet"
                                    data-dialog="{{ $open($finding->valueIds[0]) }}" data-verb="POST">Change…<span
                                        class="visually-hidden"> the swatch of
                                        {{ $axis->value($finding->valueIds[0])?->label }}</span></button>
                            @endcan
                        @endif
                    </li>
                @endforeach
            </ul>
            @if (count($screen->findings) > 60)
                <p class="quiet">{{ count($screen->findings) - 60 }} more are not listed.</p>
            @endif
        @endif
        @if ($screen->farPictures() !== [])
            <details class="far-pictures">
                <summary>
                    {{ count($screen->farPictures()) === 1 ? '1 picture shows' : count($screen->farPictures()) . ' pictures show' }}
                    mainly another color than {{ count($screen->farPictures()) === 1 ? 'its' : 'their' }} swatch
                </summary>
                <ul>
                    @foreach (array_slice($screen->farPictures(), 0, 60) as $picture)
                        <li><a
                                href="{{ route('board', ['product' => $product, 'selected' => $screen->selected($picture->swatch->valueId)]) }}">{{ $picture->file }}</a>
                            <span class="quiet">{{ $picture->value }}</span> <span class="number">ΔE00
                                {{ number_format($picture->distance, 1) }}</span>
                        </li>
                    @endforeach
                </ul>
            </details>
        @endif
        <table class="plain colors-table">
            <thead>
                <tr>
                    <th scope="col">{{ $axis->name }}</th>
                    <th scope="col">Swatch</th>
                    @if ($product ?? false)
                        <th scope="col">Pictures show</th>
                        <th scope="col" class="number" title="From the swatch to what the pictures show, ΔE00">ΔE00
                        </th>
                    @endif
                    <th scope="col">
                        Nearest</th>
                    <th scope="col"><span class="visually-hidden">Change</span></th>
                </tr>
            </thead>
            <tbody>
                @foreach ($screen->rows() as $row)
                    <tr @class(['is-found' => $row->findings !== []])>
                        <th scope="row">{{ $row->value->label }} <small>{{ $row->value->code }}</small></th>
                        <td class="swatch-cell"><x-swatch class="swatch-large" :swatch="$row->swatch" />
                            @if ($row->swatch === null)
                                <span
                                class="quiet">none</span>@else<span><code>{{ $row->swatch->hex() }}</code><small>{{ App\Http\Screens\Colors\ColorMap::inWords(Core\Color\Lab::of($row->swatch->main())) }}</small>
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
                                        class="quiet">{{ $row->pictures === 0 ? 'nothing that can be told' : 'another color' }}</span>
                                @else
                                    @if ($row->thumb !== null)
                                        <img src="{{ $row->thumb }}" alt="" loading="lazy">
                                    @endif
                                    <x-swatch class="swatch-large" :swatch="$row->measured->swatch" />
                                    <span><code>{{ $row->measured->swatch->hex() }}</code><small>{{ $row->measured->pictures }}
                                            {{ $row->measured->pictures === 1 ? 'picture' : 'pictures' }}{{ $row->measured->isSure ? '' : ', ground uneven' }}</small></span>
                                @endif
                            </td>
                            <td class="number">{{ $row->distance === null ? '–' : number_format($row->distance, 1) }}
                            </td>
                        @endif
                        <td>{{ $row->nearest === null ? '–' : $row->nearestLabel . ' ' . number_format($row->nearest->distance, 1) }}
                        </td>
                        <td>
                            @can('edit')
                                <button type="button" class="btn btn-plain" data-dialog="{{ $open($row->value->id) }}"
                                    data-verb="POST">Swatch…<span class="visually-hidden"> of
                                        {{ $row->value->label }}</span></button>
                            @endcan
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </section>
</div>
