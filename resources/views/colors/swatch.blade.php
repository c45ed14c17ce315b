@php($form = $screen->form)
@php($pictures = $screen->pictures())
@php($photoId = $screen->photoId())
@php($kinds = ['colors' => 'Colors', 'pattern' => 'A pattern', 'piece' => 'A piece of a picture'])
<form class="swatch-form" data-act="{{ $keep }}" data-draft="{{ $draft }}">
    <h2 id="dialog-title">Swatch of {{ $screen->axis()->name }} {{ $screen->label() }}</h2>
    @if ($product === null)
        <p class="quiet">
            {{ $screen->usedBy === '' ? 'No product uses it at the moment.' : 'Changing it changes it for ' . $screen->usedBy . '.' }}
        </p>
    @endif
    <input type="hidden" name="seen" value="{{ $screen->value->swatch }}"><input type="hidden" name="photo"
        value="{{ $photoId }}" data-photo><input type="hidden" name="frame" value="{{ $form->frame }}"
        data-frame>
    <div class="swatch-parts">
        <div class="swatch-made">
            <div class="swatch-shown"><x-swatch class="swatch-huge" :swatch="$screen->swatch" :draft="true" /><span
                    class="on-dark"><x-swatch class="swatch-large" :swatch="$screen->swatch"
                        :draft="true" /></span><x-swatch :swatch="$screen->swatch" :draft="true" /></div>
            <fieldset class="kinds">
                <legend class="visually-hidden">What it is</legend>
                @foreach ($kinds as $kind => $words)
                    <label><input type="radio" class="form-check-input" name="kind" value="{{ $kind }}"
                            @checked($form->kind->value === $kind)> {{ $words }}</label>
                @endforeach
            </fieldset>
            @for ($at = 0; $at < 3; $at++)
                <div class="color-field @if (($form->colors[$at] ?? '') === '' && $at > count(array_filter($form->colors))) is-later @endif">
                    <label for="swatch-color-{{ $at }}">{{ ['Color', 'Second', 'Third'][$at] }}</label>
                    <input class="form-control" id="swatch-color-{{ $at }}"
                        name="colors[{{ $at }}]" value="{{ $form->colors[$at] ?? '' }}" maxlength="100"
                        autocomplete="off" spellcheck="false"
                        placeholder="{{ $at === 0 ? '#5f7049, a name, lab(…), oklch(…)' : 'none' }}" data-color-text
                        @if ($screen->problemField === "colors.{$at}") aria-invalid="true" @endif>
                    <input type="color" class="form-control form-control-color"
                        aria-label="{{ ['Color', 'Second color', 'Third color'][$at] }} by eye"
                        value="{{ preg_match('/^#[0-9a-f]{6}$/i', $form->colors[$at] ?? '') === 1 ? $form->colors[$at] : ($at === 0 ? $screen->swatch?->main()->hex() ?? '#808080' : '#808080') }}"
                        data-color-eye="{{ $at }}">
                    @if ($screen->readAs($at) !== '')
                        <small>{{ $screen->readAs($at) }}</small>
                    @endif
                </div>
            @endfor
            @if ($screen->problem !== '')
                <p class="problem" role="alert">{{ $screen->problem }}</p>
            @endif
            @if ($form->kind === Core\Color\Swatches\SwatchKind::Pattern)
                <fieldset class="tiles">
                    <legend>Pattern</legend>
                    @foreach (Core\Color\Swatches\Tile::cases() as $tile)
                        <label title="{{ ucfirst($tile->value) }}"><input type="radio" class="visually-hidden"
                                name="tile" value="{{ $tile->value }}" @checked(($form->tile ?? Core\Color\Swatches\Tile::Stripes) === $tile)><x-swatch
                                class="swatch-large" :swatch="($screen->swatch ?? Core\Color\Swatches\Swatch::read('#d8c8a2/#3c4068'))
                                    ->drawn()
                                    ->inTile($tile)" /><span
                                class="visually-hidden">{{ $tile->value }}</span></label>
                    @endforeach
                </fieldset>
            @endif
            @if ($screen->swatch !== null)
                <p class="swatch-words"><code>{{ $screen->swatch->hex() }}</code>
                    {{ App\Http\Screens\Colors\ColorMap::inWords(Core\Color\Lab::of($screen->swatch->main())) }}</p>
                <p class="swatch-words quiet">Called so:
                    {{ implode(', ', array_map(fn($near) => $near->named->name . ($near->named->isOwn ? ' (yours)' : '') . ' ' . number_format($near->distance, 1), $screen->names())) }}
                </p>
                @foreach ($screen->findings() as $finding)
                    <p class="finding {{ $finding->check->severity()->value }}">{{ $finding->message }}@if ($finding->distance !== null)
                            ΔE00 {{ number_format($finding->distance, 1) }}.
                        @endif
                    </p>
                @endforeach
            @elseif ($screen->byName() !== null)
                <p class="swatch-words"><button type="button" class="btn btn-plain"
                        data-color-take="{{ $screen->byName()->color->hex() }}"><x-swatch :swatch="Core\Color\Swatches\Swatch::of($screen->byName()->color)" /> Take
                        {{ $screen->byName()->name }} {{ $screen->byName()->color->hex() }}</button></p>
            @endif
            @if ($product !== null)
                <fieldset class="field scope">
                    <legend>It is for</legend>
                    <label><input type="radio" class="form-check-input" name="scope" value="everywhere"
                            @checked(!$screen->isHereOnly)> every product that has it: {{ $screen->usedBy }}</label>
                    <label><input type="radio" class="form-check-input" name="scope" value="here"
                            @checked($screen->isHereOnly)> {{ $product->name }} only, where the cloth differs</label>
                </fieldset>
            @endif
        </div>
        <div class="dropper-side">
            @if ($photoId !== null)
                <div class="dropper" data-dropper data-photo="{{ $photoId }}"
                    data-url="{{ route('photo.color', $photoId) }}" tabindex="0" role="group"
                    aria-label="Picture to take a color from. Arrows move the patch, plus and minus change its size, Enter takes it">
                    <img src="{{ App\Media\PhotoSize::Gallery->address($photoId) }}" alt=""
                        draggable="false"><svg viewBox="0 0 1000 1000" preserveAspectRatio="none" aria-hidden="true">
                        <rect class="patch-under" width="100" height="100" />
                        <rect class="patch" width="100" height="100" />
                    </svg>
                </div>
                <div class="dropper-tools"><label for="dropper-size">Patch</label><input type="range"
                        class="form-range" id="dropper-size" min="2" max="60" value="10"
                        data-dropper-size aria-label="Size of the patch"><span data-dropper-share>10 %</span><label
                        for="dropper-into">into</label><select class="form-select" id="dropper-into" data-dropper-into>
                        <option value="0">Color</option>
                        <option value="1">Second</option>
                        <option value="2">Third</option>
                    </select></div>
                <p class="quiet" role="status" data-dropper-said>
                    {{ $form->kind === Core\Color\Swatches\SwatchKind::Piece ? 'Click where the cloth is plain to see: the patch becomes the swatch.' : 'Click on the cloth: the color of the patch is taken, without shadow and highlight.' }}
                </p>
            @else
                <p class="quiet">No picture shows this value alone. A picture from your disk can be taken instead.</p>
            @endif
            @if (count($pictures) > 1)
                <div class="dropper-pictures" role="group" aria-label="Pictures to take it from">
                    @foreach ($pictures as $row)
                        <button type="button" data-dropper-photo="{{ $row->photoId }}"
                            aria-pressed="{{ $row->photoId === $photoId ? 'true' : 'false' }}"
                            title="{{ $row->file() }}"><img
                                src="{{ App\Media\PhotoSize::Thumb->address($row->photoId) }}"
                                alt="{{ $row->file() }}" loading="lazy"></button>
                    @endforeach
                </div>
            @endif
            <div class="field"><label for="swatch-file">A picture of the pattern or cloth, chosen or dropped
                    here</label><input class="form-control" type="file" id="swatch-file" accept="image/*"
                    data-swatch-file="{{ route('swatch.picture') }}"></div>
        </div>
    </div>
    <div class="buttons">
        <button type="button" class="btn btn-plain" data-do="close">Cancel</button><button class="btn btn-primary"
            @disabled($screen->swatch === null)>Keep</button>
    </div>
</form>
@if ($product !== null && isset($screen->product?->core->library->swatches->own()[$screen->value->id]))
    <form data-act="{{ $keep }}"><input type="hidden" name="none" value="1"><input type="hidden"
            name="scope" value="here"><button class="btn btn-plain">Show what the library has for
            {{ $screen->label() }} again</button></form>
@elseif ($screen->value->swatch !== null && $product === null)
    <form data-act="{{ $keep }}"><input type="hidden" name="none" value="1"><button
            class="btn btn-plain">Take its swatch away</button></form>
@endif
