@if ($hits !== [])
    <ul class="hits">
        @foreach ($hits as $hit)
            <li><a href="{{ route('board', ['product' => $hit->product, 'selected' => $hit->selected]) }}">{{ $hit->label }}
                    <span class="quiet">{{ $hit->note }}</span></a></li>
        @endforeach
    </ul>
@endif
