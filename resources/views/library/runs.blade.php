<div data-library data-version="{{ $library->library->version }}" data-url="{{ route('library.runs') }}">
    <p class="quiet">A size run is an ordered list of values to put onto a product in one go: “Change axes…” on its
        board offers them.</p>
    <table class="plain library-runs">
        <thead>
            <tr>
                <th scope="col">Run</th>
                <th scope="col">Axis</th>
                <th scope="col">Values in order</th>
                <th scope="col" class="number">Count</th>
                <th scope="col"><span class="visually-hidden">Change</span></th>
            </tr>
        </thead>
        <tbody>
            @forelse ($library->runs() as $record)
                @php($run = $library->run($record))
                <tr>
                    <td class="name">{{ $run->name }}</td>
                    <td>{{ $record->axis->name }}</td>
                    <td><span class="run">
                            @foreach ($run->sizes as $size)
                                <span>{{ $size }}</span>
                            @endforeach
                        </span>
                        @if ($library->orderRemark($run) !== '')
                            <br><span class="quiet">{{ $library->orderRemark($run) }}</span>
                        @endif
                        @php($guide = Core\Sizes\SizeGuide::of($run))
                        @if ($guide !== null)
                            <details class="guide">
                                <summary>For a size guide</summary>
                                <table class="plain">
                                    <thead>
                                        <tr>
                                            @foreach ($guide->columns as $column)
                                                <th scope="col">{{ $column }}</th>
                                            @endforeach
                                        </tr>
                                    </thead>
                                    <tbody>
                                        @foreach ($guide->rows as $row)
                                            <tr>
                                                @foreach ($row as $cell)
                                                    <td>{{ $cell }}</td>
                                                @endforeach
                                            </tr>
                                        @endforeach
                                    </tbody>
                                </table>
                            </details>
                        @endif
                    </td>
                    <td class="number">{{ count($run->sizes) }}</td>
                    <td>
                        @can('edit')
                            <button type="button" class="btn btn-plain"
                                data-dialog="{{ route('library.run', $record) }}">Change…<span class="visually-hidden">
                                    {{ $run->name }}</span></button>
                        @endcan
                    </td>
                </tr>
            @empty
                @if ($library->axes()->isNotEmpty())
                    <tr>
                        <td colspan="5" class="quiet">No size run yet.</td>
                    </tr>
                @endif
            @endforelse
        </tbody>
    </table>
    @php($axes = $library->axes()->sortByDesc(fn($axis) => $axis->kind === Core\Matrix\AxisKind::Size))
    @if ($axes->isEmpty())
        <p class="empty">The library has no axis yet. <a href="{{ route('library') }}">Add one</a>, such as Size; then
            its values can be put into a run.</p>
    @elsecan('edit')
        <form class="library-form" data-act="{{ route('library.runs.create') }}">
            <h2>Another run</h2>
            <div class="line">
                <div class="field"><label for="run-name">Name</label><input class="form-control" id="run-name"
                        name="name" placeholder="Such as XS–XXL" maxlength="60" required></div>
                <div class="field"><label for="run-axis">Axis</label><select class="form-select" id="run-axis"
                        name="axis">
                        @foreach ($axes as $axis)
                            <option value="{{ $axis->id }}">{{ $axis->name }}</option>
                        @endforeach
                    </select></div>
                <div class="field wide"><label for="run-values">Values in order</label><input class="form-control"
                        id="run-values" name="values" placeholder="XS, S, M, L, XL, XXL" required autocomplete="off">
                </div>
                <button class="btn btn-primary">Add</button>
            </div>
        </form>
    @endif
</div>
