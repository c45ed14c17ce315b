@php($all = $patterns->all())
<div data-library data-version="{{ $library->library->version }}" data-url="{{ route('library.texts') }}">
    <p class="quiet">An alt text stands for a picture where it cannot be seen. A typed one wins; every other is made by
        the pattern, without the parts that have nothing to say. Parts: @foreach (Core\Gallery\AltTexts\AltText::PARTS as $part)
            <code>{{ '{' . $part . '}' }}</code>{{ $loop->last ? '.' : ',' }}
        @endforeach
        What stands in [square brackets] falls away with a part in it that has nothing
        to say.
    </p>
    <table class="plain library-shots">
        <thead>
            <tr>
                <th scope="col">Language</th>
                <th scope="col">Pattern</th>
                <th scope="col">Such as</th>
            </tr>
        </thead>
        <tbody>
            @foreach (['' => $all[''] ?? Core\Gallery\AltTexts\AltText::PATTERN] + $all as $tag => $pattern)
                <tr>
                    <td class="name">{{ $tag === '' ? 'The shop’s own' : $tag }}</td>
                    <td>
                        @can('edit')
                            <form class="line" data-act="{{ route('library.texts.save') }}"><input type="hidden"
                                    name="language" value="{{ $tag }}"><label class="visually-hidden"
                                    for="pattern-{{ $tag }}">Pattern {{ $tag }}</label><input
                                    class="form-control" id="pattern-{{ $tag }}" name="pattern"
                                    value="{{ $pattern }}" maxlength="200" autocomplete="off"><button
                                class="btn btn-plain">Keep</button></form>@else<code>{{ $pattern }}</code>
                        @endcan
                    </td>
                    <td class="quiet">
                        {{ strtr($pattern, ['{product}' => 'Potting smock', '{brand}' => 'Thrumbury', '{values}' => 'Moss', '{view}' => 'front', '[' => '', ']' => '']) }}
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
    @can('edit')
        <form class="library-form" data-act="{{ route('library.texts.save') }}">
            <h2>Another language</h2>
            <div class="line">
                <div class="field"><label for="alt-language">Tag</label><input class="form-control" id="alt-language"
                        name="language" placeholder="de" maxlength="35" required autocomplete="off"></div>
                <div class="field wide"><label for="alt-pattern">Pattern</label><input class="form-control" id="alt-pattern"
                        name="pattern" placeholder="{view} von {product}[ in {values}]" maxlength="200" required
                        autocomplete="off"></div><button class="btn btn-primary">Add</button>
            </div>
            <p class="hint">Names of values, axes and views are taken in that language where the library has them. An
                empty pattern lets it go.</p>
        </form>
    @endcan
</div>
