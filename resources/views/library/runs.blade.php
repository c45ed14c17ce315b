<div data-library data-version="{{ $library->library->version }}" data-url="{{ route('library.runs') }}">
    <p class="quiet">{{ __('library.a_size_run_is_an_ordered') }}</p>
    <table class="plain library-runs">
        <thead>
            <tr>
                <th scope="col">{{ __('library.run') }}</th>
                <th scope="col">{{ __('library.axis') }}</th>
                <th scope="col">{{ __('library.values_in_order') }}</th>
                <th scope="col" class="number">{{ __('library.count') }}</th>
                <th scope="col"><span class="visually-hidden">{{ __('library.change') }}</span></th>
            </tr>
        </thead>
        <tbody>
            @forelse ($library->drawnRuns() as $run)
                <tr>
                    <td class="name">{{ $run->run->name }}</td>
                    <td>{{ $run->record->axis->name }}</td>
                    <td><span class="run">
                            @foreach ($run->run->sizes as $size)
                                <span>{{ $size }}</span>
                            @endforeach
                        </span>
                        @if ($run->remark !== '')
                            <br><span class="quiet">{{ $run->remark }}</span>
                        @endif
                        @if ($run->guide !== null)
                            <details class="guide">
                                <summary>{{ __('library.for_a_size_guide') }}</summary>
                                <table class="plain">
                                    <thead>
                                        <tr>
                                            @foreach ($run->guide->columns as $column)
                                                <th scope="col">{{ $column }}</th>
                                            @endforeach
                                        </tr>
                                    </thead>
                                    <tbody>
                                        @foreach ($run->guide->rows as $row)
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
                    <td class="number">{{ count($run->run->sizes) }}</td>
                    <td>
                        @can('edit')
                            <button type="button" class="btn btn-plain"
                                data-dialog="{{ route('library.run', $run->record) }}">{{ __('library.change_2') }}<span
                                    class="visually-hidden">
                                    {{ $run->run->name }}</span></button>
                        @endcan
                    </td>
                </tr>
            @empty
                @if ($library->axes()->isNotEmpty())
                    <tr>
                        <td colspan="5" class="quiet">{{ __('library.no_size_run_yet') }}</td>
                    </tr>
                @endif
            @endforelse
        </tbody>
    </table>
    @if ($library->axes()->isEmpty())
        <p class="empty">{{ __('library.the_library_has_no_axis_yet') }} <a
                href="{{ route('library') }}">{{ __('library.add_one') }}</a>{{ __('library.such_as_size_then_its_values') }}
        </p>
    @elsecan('edit')
        <form class="library-form" data-act="{{ route('library.runs.create') }}">
            <h2>{{ __('library.another_run') }}</h2>
            <div class="line">
                <div class="field"><label for="run-name">{{ __('library.name') }}</label><input class="form-control"
                        id="run-name" name="name" placeholder="{{ __('library.such_as_xs_xxl') }}" maxlength="60"
                        required></div>
                <div class="field"><label for="run-axis">{{ __('library.axis') }}</label><select class="form-select"
                        id="run-axis" name="axis">
                        @foreach ($library->axesForRuns() as $axis)
                            <option value="{{ $axis->id }}">{{ $axis->name }}</option>
                        @endforeach
                    </select></div>
                <div class="field wide"><label for="run-values">{{ __('library.values_in_order') }}</label><input
                        class="form-control" id="run-values" name="values"
                        placeholder="{{ __('library.xs_s_m_l_xl_xxl') }}" required autocomplete="off">
                </div>
                <button class="btn btn-primary">{{ __('library.add') }}</button>
            </div>
        </form>
    @endif
</div>
