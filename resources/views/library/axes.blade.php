<div data-library data-version="{{ $library->library->version }}" data-url="{{ route('library') }}">
    <table class="plain library-axes">
        <thead>
            <tr>
                <th scope="col">{{ __('library.axis') }}</th>
                <th scope="col">{{ __('library.kind') }}</th>
                <th scope="col">{{ __('library.shoppers_see') }}</th>
                <th scope="col">{{ __('library.in_pictures') }}</th>
                <th scope="col">{{ __('library.values') }}</th>
                <th scope="col">{{ __('library.size_runs') }}</th>
                <th scope="col" class="number">{{ __('library.products') }}</th>
            </tr>
        </thead>
        <tbody>
            @forelse ($library->axes() as $axis)
                <tr>
                    <td><a class="name" href="{{ route('library.axis', $axis) }}">{{ $axis->name }}</a></td>
                    <td>{{ __("library.kind_{$axis->kind->value}") }}</td>
                    <td>{{ $axis->display->value }}</td>
                    <td>{{ $axis->changes_picture ? __('library.look_different') : __('library.look_the_same') }}</td>
                    <td class="values">@list($values[$axis->id]->shown)@if ($values[$axis->id]->more > 0)
                            <span
                                class="quiet">{{ __('library.and_values_more', ['values' => $values[$axis->id]->more]) }}</span>
                        @endif
                    </td>
                    <td>@list($axis->runs->pluck('name')->all())</td>
                    <td class="number">@number($products[$axis->id] ?? 0)</td>
                </tr>
                @empty
                    <tr>
                        <td colspan="7" class="quiet">{{ __('library.no_axis_yet_whatever_is_typed') }}</td>
                    </tr>
                @endforelse
            </tbody>
        </table>
        @can('edit')
            <form class="library-form" data-act="{{ route('library.axes.create') }}">
                <h2>{{ __('library.another_axis') }}</h2>
                <div class="line">@include('library.axis-fields', ['axis' => null])<button
                        class="btn btn-primary">{{ __('library.add') }}</button></div>
            </form>
        @endcan
    </div>
