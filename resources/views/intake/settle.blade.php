@php($file = $screen->file)
@php($drop = $screen->read->drop)
@php($can = auth()->user()->can('edit'))
@php($product = $screen->product())
<div class="settle-inner" data-settled-file="{{ $file->file->id }}" data-product="{{ $product?->code }}"
    data-selected="{{ $screen->selected() }}">
    <div class="settle-top">
        <figure>
            @if ($screen->picture() !== null)
            <img src="{{ $screen->picture() }}" alt="{{ $file->file->file }}">@else<span
                    class="no-picture">{{ $file->status->label() }}</span>
            @endif
        </figure>
        <div>
            <x-file-name :name="$file->file->file" />
            <p class="verdict"><b>{{ $file->status->label() }}</b>
                @if ($file->product !== null)
                    · {{ $file->product->name }} · {{ $screen->row->place() }}
                @endif
            </p>
            <ul class="reasons">
                @if ($file->isByHand())
                    <li>Somebody pointed there. Its name and its picture say:</li>
                @endif
                @foreach ($file->verdict?->doubtWords() ?? [] as $doubt)
                    <li class="warns">{{ $doubt }}</li>
                @endforeach
                @foreach ($file->alike as $alike)
                    <li class="warns">{{ $alike->inWords() }}</li>
                @endforeach
                @if ($file->why !== '')
                    <li class="warns">{{ $file->why }}</li>
                @endif
                @foreach ($file->verdict?->reasons ?? [] as $reason)
                    <li>{{ $reason }}</li>
                @endforeach
                @foreach ($file->verdict?->reading->passedOver ?? [] as $part)
                    @if ($loop->first)
                        <li class="quiet">Passed over:
                            {{ implode(', ', array_map(fn($one) => "“{$one->text}”", $file->verdict->reading->passedOver)) }}.
                        </li>
                    @endif
                @endforeach
                @foreach ($screen->row->remarks() as $remark)
                    <li>{{ $remark }}</li>
                @endforeach
            </ul>
            @if ($screen->colors() !== [])
                <p class="seen" title="Main colors of what is shown">
                    @foreach ($screen->colors() as $share)
                        <x-swatch :swatch="Core\Color\Swatches\Swatch::of($share->color)" /><span>{{ round(100 * $share->share) }} %</span>
                    @endforeach
                </p>
                <p class="seen" title="Along the border of the picture"><x-swatch :swatch="Core\Color\Swatches\Swatch::of($file->look->colors->background)" /><span>ground,
                        {{ round(100 * $file->look->colors->evenness) }} % even</span></p>
            @endif
            @if ($file->look?->colors->doubt !== null)
                <p class="seen"><span>{{ $file->look->colors->doubt }}</span></p>
            @endif
        </div>
    </div>
    @if ($screen->contradiction() !== [])
        <dl class="clash" aria-label="Name and picture disagree">
            @foreach ($screen->contradiction() as [$what, $value, $swatch])
                <div>
                    <dt>{{ $what }}</dt>
                    <dd><x-swatch :swatch="$swatch" /><b>{{ $value }}</b></dd>
                </div>
            @endforeach
            <div>
                <dt>Measured</dt>
                <dd><x-swatch :swatch="$screen->colors() === []
                    ? null
                    : Core\Color\Swatches\Swatch::of($screen->colors()[0]->color)" /><b>{{ $screen->colors()[0]->color->hex() ?? '–' }}</b></dd>
            </div>
        </dl>
    @endif
    @if ($file->status === Core\Matching\Drop\DropFileStatus::Double)
        @include('intake.alike')
    @endif
    @if ($can && $file->status === Core\Matching\Drop\DropFileStatus::Broken)
        <button type="button" class="btn btn-plain" data-intake="read-again" data-files="{{ $file->file->id }}">Read
            it again</button>
    @endif
    @if ($can && $file->status->isOpen())
        <div class="settle-product">
            <label for="settle-find">Product</label>
            <input class="form-control" id="settle-find" type="search" name="q" autocomplete="off"
                placeholder="{{ $product === null ? 'Which product is it of?' : $product->name . ', ' . $product->code }}"
                hx-get="{{ route('intake.products') }}" hx-trigger="input changed delay:150ms" hx-target="#settle-hits"
                hx-swap="innerHTML">
            <div id="settle-hits" role="status">
                @if ($product === null && $screen->products() !== [])
                    <p class="quiet">Others of this drop are of</p>
                    <div class="hits">
                        @foreach ($screen->products() as $code => $name)
                            <button type="button" class="btn btn-plain"
                                data-intake-product="{{ $code }}">{{ $name }}</button>
                        @endforeach
                    </div>
                @endif
            </div>
            @if ($file->file->said_product_id !== null)
                <button type="button" class="btn btn-quiet" data-intake-product="">Back to what is read</button>
            @endif
        </div>
        @if ($screen->matrix !== null)
            @include('intake.matrix', ['matrix' => $screen->matrix])
        @endif
        @if ($file->alike !== [] && $file->status !== Core\Matching\Drop\DropFileStatus::Double)
            @include('intake.alike')
        @endif
        @if ($screen->wordsToTeach() !== [])
            <form class="teach" data-intake-teach>
                <label for="teach-word">Teach:</label>
                <select class="form-select" id="teach-word" name="word">
                    @foreach ($screen->wordsToTeach() as $word)
                        <option>{{ $word }}</option>
                    @endforeach
                </select>
                <label for="teach-value">means</label>
                <select class="form-select" id="teach-value" name="taught" required>
                    <option value="">…</option>
                    <option value="nothing">nothing</option>
                    <optgroup label="The view">
                        @foreach ($screen->views() as $view)
                            <option value="view {{ $view->key }}">{{ $view->label() }}</option>
                        @endforeach
                    </optgroup>
                    @foreach (collect($screen->values())->groupBy(0) as $axis => $values)
                        <optgroup label="{{ $axis }}">
                            @foreach ($values as [, $label, $id])
                                <option value="value {{ $id }}">{{ $label }}</option>
                            @endforeach
                        </optgroup>
                    @endforeach
                </select>
                @if ($drop->sender !== '')
                    <label class="sender"><input type="checkbox" class="form-check-input" name="sender_only"
                            value="1"> only from {{ $drop->sender }}</label>
                @endif
                <button class="btn btn-plain">Teach</button>
            </form>
        @endif
    @endif
</div>
