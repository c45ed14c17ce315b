@props(['page', 'columns'])
@foreach ($columns as [$label, $sort, $class])
    @php($by = App\Summaries\Lists\ListSort::tryFrom($sort))
    <th scope="col" class="{{ $class }}"
        @if ($by !== null) aria-sort="{{ $page->isSortedBy($by) }}" @endif>
        @if ($by === null)
            {{ $label }}
        @else
            <a href="{{ $page->sortedBy($by) }}">{{ $label }}@if ($page->isSortedBy($by) !== 'none')
                    <span aria-hidden="true"> {{ $page->asked->descending ? '↓' : '↑' }}</span>
                @endif
            </a>
        @endif
    </th>
@endforeach
