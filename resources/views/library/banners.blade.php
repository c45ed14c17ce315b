@php($wide = Core\Gallery\Shape::Wide)
<div data-library data-version="{{ $library->library->version }}" data-url="{{ route('library.banners') }}">
    <p class="quiet">The picture at the head of a category, or of a landing page, cut around its focus in every shape. A
        category without one shows that of the category above it.</p>
    <h2>Categories</h2>
    <ul class="banners">
        @forelse ($banners->categories() as $name => [$products, $banner])
            <li>
                <div>
                    @if ($banner !== null)
                        <img src="{{ App\Media\PhotoCuts::address($banner->photo_id, $wide, $banner->focus()) }}"
                        alt="{{ $banner->alt_text }}" loading="lazy">@else<span class="no-banner">no banner</span>
                    @endif
                </div>
                <b>{{ str_replace(' > ', ' › ', $name) }}</b> <small
                    class="quiet">{{ $products === 1 ? '1 product' : number_format($products) . ' products' }}</small>
                @can('edit')
                    <span><button type="button" class="btn btn-plain" data-dialog="{{ route('library.banners.choose') }}"
                            data-verb="POST"
                            data-with="{{ json_encode(['kind' => 'category', 'name' => $name]) }}">{{ $banner === null ? 'Choose a picture…' : 'Another picture…' }}<span
                                class="visually-hidden"> for {{ $name }}</span></button>
                        @if ($banner !== null)
                            <button type="button" class="btn btn-plain"
                                data-dialog="{{ route('library.banner', $banner) }}" data-verb="POST">Focus and text…<span
                                    class="visually-hidden"> of {{ $name }}</span></button>
                        @endif
                    </span>
                @endcan
            </li>
        @empty<li class="quiet">No product has a category yet.</li>
        @endforelse
    </ul>
    <h2>Landing pages</h2>
    <ul class="banners">
        @forelse ($banners->pages() as $banner)
            <li>
                <div><img src="{{ App\Media\PhotoCuts::address($banner->photo_id, $wide, $banner->focus()) }}"
                        alt="{{ $banner->alt_text }}" loading="lazy"></div><b>{{ $banner->name }}</b>
                @can('edit')
                    <span><button type="button" class="btn btn-plain" data-dialog="{{ route('library.banners.choose') }}"
                            data-verb="POST"
                            data-with="{{ json_encode(['kind' => 'page', 'name' => $banner->name]) }}">Another
                            picture…<span class="visually-hidden"> for {{ $banner->name }}</span></button> <button
                            type="button" class="btn btn-plain" data-dialog="{{ route('library.banner', $banner) }}"
                            data-verb="POST">Focus and text…<span class="visually-hidden"> of
                                {{ $banner->name }}</span></button></span>
                @endcan
            </li>
        @empty<li class="quiet">No landing page yet.</li>
        @endforelse
    </ul>
    @can('edit')
        <p><button type="button" class="btn btn-plain" data-dialog="{{ route('library.banners.choose') }}"
                data-verb="POST" data-with='{"kind":"page","name":""}'><x-icon name="plus" /> A landing page…</button>
        </p>
    @endcan
</div>
