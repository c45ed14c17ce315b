@php($cover = Core\Gallery\Coverage\Cover::class)
@php($need = Core\Gallery\Coverage\Need::class)
<span class="cover-key">
    @foreach ([['there', $cover::There, $need::Required], ['shared with others', $cover::Shared, $need::Required], ['required, missing', $cover::Missing, $need::Required], ['wanted, missing', $cover::Missing, $need::Wanted], ['not wanted', $cover::Missing, $need::NotWanted]] as [$words, $is, $of])
        <span><x-cover :cover="$is" :need="$of" /> {{ $words }}</span>
    @endforeach
</span>
