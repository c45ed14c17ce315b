@extends('layout.app')
@section('title', 'Stored pictures')
@section('content')
    <div class="page stored">
        <p class="quiet"><a href="{{ route('intake') }}">Intake</a></p>
        <h1>Pictures that are stored already</h1>
        @if (session('said'))
            <p role="status" class="said">{{ session('said') }}.</p>
        @endif
        <form method="get" action="{{ route('intake.stored') }}" class="stored-form">
            <div class="field"><label for="name">File name</label><input class="form-control" id="name"
                    name="name" value="{{ $given['name'] ?? '' }}" maxlength="100" autocomplete="off"></div>
            <div class="field"><label for="product">Product’s code</label><input class="form-control" id="product"
                    name="product" value="{{ $given['product'] ?? '' }}" maxlength="40" autocomplete="off"></div>
            <div class="field"><label for="color">Color</label><input class="form-control" id="color" name="color"
                    value="{{ $given['color'] ?? '' }}" placeholder="moss, #5f7049" maxlength="40" autocomplete="off"
                    @if ($isUnknownColor) aria-invalid="true" aria-describedby="color-unknown" @endif>
                @if ($isUnknownColor)
                    <p class="warns" id="color-unknown">No color is called so. Type it as #5f7049.</p>
                @endif
            </div>
            <div class="field"><label for="least">At least</label><select class="form-select" id="least"
                    name="least">
                    @foreach (['' => 'any size', '800' => '800 px', '1600' => '1,600 px', '3000' => '3,000 px'] as $least => $label)
                        <option value="{{ $least }}" @selected((string) ($given['least'] ?? '') === (string) $least)>{{ $label }}</option>
                    @endforeach
                </select>
            </div>
            <div class="field"><label for="since">Came since</label><input class="form-control" type="date"
                    id="since" name="since" value="{{ $given['since'] ?? '' }}"></div>
            <label class="check"><input type="checkbox" class="form-check-input" name="unused" value="1"
                    @checked($given['unused'] ?? false)> unused only</label>
            <button class="btn btn-plain">Find</button>
        </form>
        @if ($pictures === [])
            <p class="empty">No stored picture is like this.</p>
        @else
            <form method="post" action="{{ route('intake.stored.pick') }}">
                <x-once />
                <ul class="stored-pictures">
                    @foreach ($pictures as $picture)
                        <li><label><img src="{{ App\Media\PhotoSize::Thumb->address($picture->photoId) }}" alt=""
                                    width="132" height="132" loading="lazy"><span><input type="checkbox"
                                        class="form-check-input" name="photos[{{ $picture->photoId }}]"
                                        value="{{ $picture->name }}"> <x-file-name
                                        :name="$picture->name" /></span><small>{{ $picture->width }} × {{ $picture->height }} ·
                                    {{ $picture->uses === 0 ? 'unused, came ' . substr($picture->came, 0, 10) : '' }}</small></label>
                            @if ($picture->uses === 0)
                                @can('edit')
                                    <a class="into-many"
                                        href="{{ route('bulk.pictures', ['photo' => $picture->photoId, 'file' => $picture->name]) }}">into
                                        many…<span class="visually-hidden"> products: {{ $picture->name }}</span></a>
                                @endcan
                                @endif @if ($picture->uses > 0)
                                    <button type="button" class="btn-quiet"
                                        data-dialog="{{ route('intake.stored.uses', $picture->photoId) }}">{{ $picture->uses === 1 ? 'used once' : "used {$picture->uses} times" }}<span
                                            class="visually-hidden">: where {{ $picture->name }} is</span></button>
                                @endif
                        </li>
                    @endforeach
                </ul>
                <div class="stored-deeds">
                    @if ($next !== null)
                        <a class="btn btn-plain" href="{{ route('intake.stored', ['after' => $next] + $given) }}"
                            rel="next">Earlier ones</a>
                    @endif
                    @can('edit')
                        <button class="btn btn-primary">Take the marked ones into the intake</button>
                        <details class="for-good">
                            <summary class="quiet">Remove for good…</summary>
                            <p>The marked pictures and their files go. It cannot be undone. What a product has stays.</p><button
                                class="btn btn-danger" formaction="{{ route('intake.stored.remove') }}">Remove the marked ones
                                for good</button>
                        </details>
                    @endcan
                </div>
            </form>
        @endif
    </div>
@endsection
