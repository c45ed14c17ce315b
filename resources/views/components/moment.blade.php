@props(['at', 'none' => ''])
@if ($at === null)
    {{ $none }}@else<time
        datetime="{{ $at->toIso8601ZuluString() }}">{{ $at->setTimezone(config('slate.readers_zone'))->translatedFormat('j M Y, H:i') }}</time>
@endif
