@foreach ($clashes->shown as $clash)
    <label id="code-{{ $loop->index }}" class="code-clash"><span>{{ $clash->inWords() }}</span>
        <input class="form-control" name="codes[{{ $clash->wanted }}]" value="{{ $clash->proposal }}" maxlength="64"
            autocomplete="off"
            aria-label="{{ __('parts.code_in_place_of_wanted', ['wanted' => $clash->wanted]) }}"></label>
@endforeach
@if ($clashes->more > 0)
    <p>{{ __('parts.and_clashes_more_that_are_not', ['clashes' => $clashes->more]) }}</p>
@endif
@foreach ($chosen as $wanted => $code)
    <label class="code-clash"><span>{{ __('parts.in_place_of_wanted', ['wanted' => $wanted]) }}</span>
        <input class="form-control" name="codes[{{ $wanted }}]" value="{{ $code }}" maxlength="64"
            autocomplete="off"></label>
@endforeach
@if ($moves->shown !== [])
    <div class="code-moves">
        <table class="plain">
            <thead>
                <tr>
                    <th scope="col">{{ __('parts.sku') }}</th>
                    <th scope="col">{{ __('parts.now') }}</th>
                    <th scope="col">{{ __('parts.then') }}</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($moves->shown as $move)
                    <tr>
                        <th scope="row">{{ $move->place }}</th>
                        <td><code>{{ $move->sku->code }}</code></td>
                        <td><code>{{ $move->to }}</code></td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
    @if ($moves->more > 0)
        <p class="quiet">{{ __('parts.and_moves_more', ['moves' => $moves->more]) }}</p>
    @endif
@endif
@if ($locked->shown !== [])
    <p class="quiet">
        {{ __($locked->more > 0 ? 'parts.typed_and_left_alone_more' : 'parts.typed_and_left_alone', ['codes' => $locked->shown]) }}
    </p>
@endif
