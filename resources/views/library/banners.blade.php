<div data-library data-version="{{ $library->library->version }}" data-url="{{ route('library.banners') }}">
    <p class="quiet">{{ __('library.the_picture_at_the_head_of') }}</p>
    <h2>{{ __('library.categories') }}</h2>
    <ul class="banners">
        @forelse ($banners->categories() as $category)
            <li>
                <div>
                    @if ($category->banner !== null)
                        <img src="{{ $category->address }}" alt="{{ $category->banner->alt_text }}"
                        loading="lazy">@else<span class="no-banner">{{ __('library.no_banner') }}</span>
                    @endif
                </div>
                <b>@path($category->name)</b> <small
                    class="quiet">{{ trans_choice('library.products_in_words', $category->products) }}</small>
                @can('edit')
                    <span><button type="button" class="btn btn-plain" data-dialog="{{ route('library.banners.choose') }}"
                            data-verb="POST"
                            data-with="{{ json_encode(['kind' => 'category', 'name' => $category->name]) }}">{{ $category->banner === null ? __('library.choose_a_picture') : __('library.another_picture') }}<span
                                class="visually-hidden">
                                {{ __('library.for_name', ['name' => $category->name]) }}</span></button>
                        @if ($category->banner !== null)
                            <button type="button" class="btn btn-plain"
                                data-dialog="{{ route('library.banner', $category->banner) }}"
                                data-verb="POST">{{ __('library.focus_and_text') }}<span class="visually-hidden">
                                    {{ __('library.of_name', ['name' => $category->name]) }}</span></button>
                        @endif
                    </span>
                @endcan
            </li>
        @empty<li class="quiet">{{ __('library.no_product_has_a_category_yet') }}</li>
        @endforelse
    </ul>
    <h2>{{ __('library.landing_pages') }}</h2>
    <ul class="banners">
        @forelse ($banners->pages() as $page)
            <li>
                <div><img src="{{ $page->address }}" alt="{{ $page->banner->alt_text }}" loading="lazy"></div>
                <b>{{ $page->banner->name }}</b>
                @can('edit')
                    <span><button type="button" class="btn btn-plain" data-dialog="{{ route('library.banners.choose') }}"
                            data-verb="POST"
                            data-with="{{ json_encode(['kind' => 'page', 'name' => $page->banner->name]) }}">{{ __('library.another_picture') }}<span
                                class="visually-hidden">
                                {{ __('library.for_banner', ['banner' => $page->banner->name]) }}</span></button> <button
                            type="button" class="btn btn-plain" data-dialog="{{ route('library.banner', $page->banner) }}"
                            data-verb="POST">{{ __('library.focus_and_text') }}<span class="visually-hidden">
                                {{ __('library.of_banner', ['banner' => $page->banner->name]) }}</span></button></span>
                @endcan
            </li>
        @empty<li class="quiet">{{ __('library.no_landing_page_yet') }}</li>
        @endforelse
    </ul>
    @can('edit')
        <p><button type="button" class="btn btn-plain" data-dialog="{{ route('library.banners.choose') }}"
                data-verb="POST" data-with='{"kind":"page","name":""}'><x-icon name="plus" />
                {{ __('library.a_landing_page') }}</button>
        </p>
    @endcan
</div>
