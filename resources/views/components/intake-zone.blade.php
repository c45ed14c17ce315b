{{-- Where files are chosen by hand; dropping works anywhere on the page. --}}
<div {{ $attributes->class('intake-zone') }}>
    <x-icon name="upload" />
    <p><b>Drop photos, folders or a ZIP here</b>, or
        <label class="choose">choose files<input class="visually-hidden" type="file" multiple data-intake-files
                accept="image/jpeg,image/png,image/webp,image/avif,image/tiff,image/gif,video/mp4,video/webm,.glb,.zip"></label>
        or
        <label class="choose">a folder<input class="visually-hidden" type="file" webkitdirectory
                data-intake-files></label>.
        {{ $slot }}
    </p>
</div>
