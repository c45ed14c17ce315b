@if ($hits !== [])
    <ul class="hits">
        @foreach ($hits as $hit)
            <li><a href="{{ $hit['url'] }}">{{ $hit['label'] }} <span class="quiet">{{ $hit['note'] }}</span></a></li>
        @endforeach
    </ul>
@endif
