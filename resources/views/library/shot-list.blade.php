<form data-act="{{ $list === null ? route('library.shot-lists.create') : route('library.shot-list.edit', $list) }}">
    <h2 id="dialog-title">
        {{ $list === null ? __('library.another_shot_list') : __('library.shot_list_list', ['list' => $list->name]) }}
    </h2>
    <p class="quiet">
        {{ $usedBy === '' ? __('library.no_product_has_it_yet') : __('library.changing_it_changes_what_is_missing', ['used_by' => $usedBy]) }}
    </p>
    <div class="field"><label for="list-name">{{ __('library.name') }}</label><input class="form-control" id="list-name"
            name="name" value="{{ $list?->name }}" maxlength="60" placeholder="{{ __('library.such_as_garment') }}"
            required autocomplete="off"></div>
    <div class="shot-rows">
        <table class="plain">
            <thead>
                <tr>
                    <th scope="col">{{ __('library.order') }}</th>
                    <th scope="col">{{ __('library.view') }}</th>
                    <th scope="col">{{ __('library.needed') }}</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($shots as $shot)
                    <tr data-value="{{ $shot->view->key }}">
                        <td class="order"><button type="button" class="btn-quiet" data-step="earlier"><x-icon
                                    name="arrow-up" /><span
                                    class="visually-hidden">{{ __('library.view_earlier', ['view' => $shot->view->name]) }}</span></button><button
                                type="button" class="btn-quiet" data-step="later"><x-icon name="arrow-down" /><span
                                    class="visually-hidden">{{ __('library.view_later', ['view' => $shot->view->name]) }}</span></button>
                        </td>
                        <td class="name">{{ $shot->view->label() }}</td>
                        <td><select class="form-select" name="need[{{ $shot->view->key }}]"
                                aria-label="{{ __('library.view_is', ['view' => $shot->view->label()]) }}">
                                <option value="">{{ __('library.not_on_the_list') }}</option>
                                <option value="required" @selected($shot->need?->value === 'required')>{{ __('library.required') }}
                                </option>
                                <option value="wanted" @selected($shot->need?->value === 'wanted')>{{ __('library.wanted') }}</option>
                            </select></td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
    <div class="buttons"><button type="button" class="btn btn-plain"
            data-do="close">{{ __('library.cancel') }}</button><button
            class="btn btn-primary">{{ __('library.keep') }}</button></div>
</form>
@if ($list !== null && $usedBy === '')
    <form data-act="{{ route('library.shot-list.remove', $list) }}"><button
            class="btn btn-plain">{{ __('library.remove_this_shot_list') }}</button></form>
@endif
