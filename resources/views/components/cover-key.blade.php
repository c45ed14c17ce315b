<span class="cover-key">
    @foreach ($marks() as $mark)
        <span><x-cover-mark :cover="$mark['cover']" :need="$mark['need']" /> {{ $mark['words'] }}</span>
    @endforeach
</span>
