@foreach ($columns as $column)
    @if ($column->sort === null)
        <th scope="col" class="{{ $column->class }}">{{ $column->label }}</th>
    @else
        <th scope="col" class="{{ $column->class }}" aria-sort="{{ $page->isSortedBy($column->sort) }}">
            <a href="{{ $page->sortedBy($column->sort) }}">{{ $column->label }}@if ($page->isSortedBy($column->sort) !== 'none')
                    <span aria-hidden="true"> {{ $page->asked->descending ? '↓' : '↑' }}</span>
                @endif
            </a>
        </th>
    @endif
@endforeach
