<div data-library data-version="{{ $library->library->version }}" data-url="{{ route('library.shots') }}">
    <p class="quiet">{{ __('library.a_shot_list_says_which_views') }}</p>
    <table class="plain library-shots">
        <thead>
            <tr>
                <th scope="col">{{ __('library.shot_list') }}</th>
                <th scope="col">{{ __('library.views_in_order') }}</th>
                <th scope="col" class="number">{{ __('library.products') }}</th>
                <th scope="col"><span class="visually-hidden">{{ __('library.change') }}</span></th>
            </tr>
        </thead>
        <tbody>
            @forelse ($lists as $list)
                <tr>
                    <td class="name">{{ $list->name }}</td>
                    <td><span class="run">
                            @foreach ($list->views as $key)
                                <span
                                    @class(['is-wanted' => !$list->requires($key)])>{{ $names[$key] ?? $key }}@unless ($list->requires($key))
                                    <small> {{ __('library.wanted') }}</small>
                                @endunless
                            </span>
                        @endforeach
                    </span>
                </td>
                <td class="number">@number($products[$list->id] ?? 0)</td>
                <td>
                    @can('edit')
                        <button type="button" class="btn btn-plain"
                            data-dialog="{{ route('library.shot-list', $list) }}">{{ __('library.change_2') }}<span
                                class="visually-hidden">
                                {{ $list->name }}</span></button>
                    @endcan
                </td>
            </tr>
            @empty
                <tr>
                    <td colspan="4" class="quiet">{{ __('library.no_shot_list_yet') }}</td>
                </tr>
            @endforelse
        </tbody>
    </table>
    @can('edit')
        <p><button type="button" class="btn btn-plain" data-dialog="{{ route('library.shot-lists.new') }}"><x-icon
                    name="plus" /> {{ __('library.another_shot_list_2') }}</button></p>
    @endcan
    <h2>{{ __('library.views') }}</h2>
    <p class="quiet">{{ __('library.what_pictures_can_show_and_by') }}</p>
    <table class="plain library-shots">
        <thead>
            <tr>
                <th scope="col">{{ __('library.view') }}</th>
                <th scope="col">{{ __('library.it_shows') }}</th>
                <th scope="col">{{ __('library.words_in_file_names') }}</th>
                <th scope="col" class="number">{{ __('library.pictures') }}</th>
                <th scope="col"><span class="visually-hidden">{{ __('library.change') }}</span></th>
            </tr>
        </thead>
        <tbody>
            @foreach ($views as $view)
                <tr>
                    <td class="name">{{ $view->toCore()->label() }}</td>
                    <td>{{ $view->showing->inWords() }}</td>
                    <td>@list($view->words)@if ($view->loose_words !== [])
                            <span class="quiet">
                                {{ __('library.perhaps_loose_words', ['loose_words' => $view->loose_words]) }}</span>
                        @endif
                    </td>
                    <td class="number">@number($pictures[$view->key] ?? 0)</td>
                    <td>
                        @can('edit')
                            <button type="button" class="btn btn-plain"
                                data-dialog="{{ route('library.view', $view) }}">{{ __('library.change_2') }}<span
                                    class="visually-hidden">
                                    {{ $view->name }}</span></button>
                        @endcan
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
    @can('edit')
        <p><button type="button" class="btn btn-plain" data-dialog="{{ route('library.views.new') }}"><x-icon
                    name="plus" /> {{ __('library.another_view_2') }}</button></p>
    @endcan
    @if ($library->taughtWords() !== [])
        <h2>{{ __('library.words_that_were_taught') }}</h2>
        <p class="quiet">{{ __('library.what_else_words_in_names_of') }}</p>
        <table class="plain library-shots">
            <thead>
                <tr>
                    <th scope="col">{{ __('library.word') }}</th>
                    <th scope="col">{{ __('library.it_means') }}</th>
                    <th scope="col">{{ __('library.where') }}</th>
                    <th scope="col"><span class="visually-hidden">{{ __('library.forget') }}</span></th>
                </tr>
            </thead>
            <tbody>
                @foreach ($library->taughtWords() as $word)
                    <tr>
                        <td class="name">{{ $word->word }}</td>
                        <td>{{ $word->view === null ? __('library.nothing') : __('library.the_view_view', ['view' => $names[$word->view] ?? $word->view]) }}
                        </td>
                        <td>{{ $word->sender === '' ? __('library.everywhere') : __('library.in_what_sender_sends', ['sender' => $word->sender]) }}
                        </td>
                        <td>
                            @can('edit')
                                <form data-act="{{ route('library.taught.forget', $word->id) }}">
                                    <button class="btn btn-quiet">{{ __('library.forget') }}<span class="visually-hidden">
                                            {{ $word->word }}</span></button>
                                </form>
                            @endcan
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
</div>
