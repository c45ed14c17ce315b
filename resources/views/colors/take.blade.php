@php($rows = $screen->proposals())
<form class="take" data-act="{{ route('colors.take', $product) }}">
    <h2 id="dialog-title">Measured colors of {{ $screen->axis()->name }}</h2>
    <p class="quiet">What the pictures show, where it is evenly lit. Leave out what is not right.</p>
    <input type="hidden" name="axis" value="{{ $screen->axis()->id }}">
    @if ($rows === [])
        <p>The swatches are what the pictures show already.</p>
    @else
        <table class="plain colors-table">
            <thead>
                <tr>
                    <th scope="col">Take</th>
                    <th scope="col">{{ $screen->axis()->name }}</th>
                    <th scope="col">Picture</th>
                    <th scope="col">Swatch now</th>
                    <th scope="col">Measured</th>
                    <th scope="col" class="number">ΔE00</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($rows as $row)
                    <tr>
                        <td><input type="checkbox" class="form-check-input" name="measured[{{ $row->value->id }}]"
                                value="{{ $row->measured->swatch->text() }}" id="take-{{ $row->value->id }}"
                                @checked($row->measured->isSure && $row->swatch?->isPicture() !== true)></td>
                        <th scope="row"><label for="take-{{ $row->value->id }}">{{ $row->value->label }}</label></th>
                        <td>
                            @if ($row->thumb !== null)
                                <img class="take-picture" src="{{ $row->thumb }}"
                                    alt="The picture of {{ $row->value->label }} that was measured">
                            @endif
                        </td>
                        <td class="swatch-cell"><x-swatch class="swatch-large" :swatch="$row->swatch" />
                            <code>{{ $row->swatch?->hex() ?? 'none' }}</code>
                        </td>
                        <td class="swatch-cell"><x-swatch class="swatch-large" :swatch="$row->measured->swatch" />
                            <span><code>{{ $row->measured->swatch->hex() }}</code>
                                @if (!$row->measured->isSure)
                                    <small>before an uneven ground: look</small>
                                @endif
                            </span>
                        </td>
                        <td class="number">{{ $row->distance === null ? '–' : number_format($row->distance, 1) }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <fieldset class="field scope">
            <legend>They are for</legend>
            <label><input type="radio" class="form-check-input" name="scope" value="here" checked>
                {{ $product->name }} only</label>
            <label><input type="radio" class="form-check-input" name="scope" value="everywhere"> every product that
                has the color</label>
        </fieldset>
    @endif
    <div class="buttons"><button type="button" class="btn btn-plain" data-do="close">Cancel</button>
        @if ($rows !== [])
            <button class="btn btn-primary">Take them</button>
        @endif
    </div>
</form>
