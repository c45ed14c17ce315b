{{-- Where files are chosen by hand; dropping works anywhere on the page. --}}
<div {{ $attributes->class('intake-zone') }}>
    <x-icon name="upload" />
    <p>@say('parts.drop_photos_folders_or_a_zip')
        <label class="choose">{{ __('parts.choose_files') }}<input class="visually-hidden" type="file" multiple
                data-intake-files
                accept="image/jpeg,image/png,image/webp,image/avif,image/tiff,image/gif,video/mp4,video/webm,.glb,.zip,.csv,.tsv,.xlsx,.ods"></label>
        {{ __('parts.or') }}
        <label class="choose">{{ __('parts.a_folder') }}<input class="visually-hidden" type="file" webkitdirectory
                data-intake-files></label>.
        {{ $slot }}
    </p>
</div>
