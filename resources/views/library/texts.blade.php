<div data-library data-version="{{ $library->library->version }}" data-url="{{ route('library.texts') }}">
    <p class="quiet">{{ __('library.an_alt_text_stands_for_a') }} @foreach ($parts as $part)
            <code>{{ $part }}</code>{{ $loop->last ? '.' : ',' }}
        @endforeach
        {{ __('library.what_stands_in_square_brackets_falls') }}
    </p>
    <table class="plain library-shots">
        <thead>
            <tr>
                <th scope="col">{{ __('library.language') }}</th>
                <th scope="col">{{ __('library.pattern') }}</th>
                <th scope="col">{{ __('library.such_as_2') }}</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($samples as $tag => $pattern)
                <tr>
                    <td class="name">{{ $tag === '' ? __('library.the_shops_own') : $tag }}</td>
                    <td>
                        @can('edit')
                            <form class="line" data-act="{{ route('library.texts.save') }}"><input type="hidden"
                                    name="language" value="{{ $tag }}"><label class="visually-hidden"
                                    for="pattern-{{ $tag }}">{{ __('library.pattern_tag', ['tag' => $tag]) }}</label><input
                                    class="form-control" id="pattern-{{ $tag }}" name="pattern"
                                    value="{{ $pattern->pattern }}" maxlength="200" autocomplete="off"><button
                                    class="btn btn-plain">{{ __('library.keep') }}</button></form>
                        @else<code>{{ $pattern->pattern }}</code>
                        @endcan
                    </td>
                    <td class="quiet">
                        {{ $pattern->sample }}
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
    @can('edit')
        <form class="library-form" data-act="{{ route('library.texts.save') }}">
            <h2>{{ __('library.another_language') }}</h2>
            <div class="line">
                <div class="field"><label for="alt-language">{{ __('library.tag') }}</label><input class="form-control"
                        id="alt-language" name="language" placeholder="{{ __('library.de') }}" maxlength="35" required
                        autocomplete="off"></div>
                <div class="field wide"><label for="alt-pattern">{{ __('library.pattern') }}</label><input
                        class="form-control" id="alt-pattern" name="pattern"
                        placeholder="{{ __('library.view_von_product_in_values') }}" maxlength="200" required
                        autocomplete="off"></div><button class="btn btn-primary">{{ __('library.add') }}</button>
            </div>
            <p class="hint">{{ __('library.names_of_values_axes_and_views') }}</p>
        </form>
    @endcan
</div>
