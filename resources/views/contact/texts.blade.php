<form class="alt-texts" data-act="{{ route('alt-texts', $product) }}">
    <h2 id="dialog-title">Alt texts of {{ $product->name }}</h2>
    <p>{{ $screen->summary() }}.</p>
    <div class="pairs" tabindex="0" role="region" aria-label="Alt texts">
        <table class="plain">
            <thead>
                <tr>
                    <th scope="col"><span class="visually-hidden">Picture</span></th>
                    <th scope="col">Text</th>
                    <th scope="col">What is wrong</th>
                    <th scope="col">Then</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($screen->rows() as [$row, $thumb, $text, $faults, $proposal])
                    <tr>
                        <td>
                            @if ($thumb !== null)
                                <img src="{{ $thumb }}" alt="" width="34" height="34"
                                    loading="lazy">
                            @endif
                        </td>
                        <td>{{ $text }}@if ($row->placement->altText !== '')
                                <span class="quiet"> · typed</span>
                            @endif
                        </td>
                        <td @class(['warns' => $faults !== []])>
                            {{ implode(', ', array_map(fn($fault) => $fault->value, $faults)) }}</td>
                        <td>{{ $proposal ?? ($faults === [] ? '' : 'type one on the board') }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
    <div class="buttons"><button type="button" class="btn btn-plain" data-do="close">Close</button>
        @if ($screen->proposals !== [])
            <button class="btn btn-primary">Give
                {{ count($screen->proposals) === 1 ? 'it its own text' : 'these ' . count($screen->proposals) . ' their own texts' }}</button>
        @endif
    </div>
</form>
