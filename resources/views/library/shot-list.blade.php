<form data-act="{{ $list === null ? route('library.shot-lists.create') : route('library.shot-list.edit', $list) }}">
    <h2 id="dialog-title">{{ $list === null ? 'Another shot list' : 'Shot list ' . $list->name }}</h2>
    <p class="quiet">
        {{ $usedBy === '' ? 'No product has it yet.' : 'Changing it changes what is missing of ' . $usedBy . '.' }}</p>
    <div class="field"><label for="list-name">Name</label><input class="form-control" id="list-name" name="name"
            value="{{ $list?->name }}" maxlength="60" placeholder="Such as Garment" required autocomplete="off"></div>
    <div class="shot-rows">
        <table class="plain">
            <thead>
                <tr>
                    <th scope="col">Order</th>
                    <th scope="col">View</th>
                    <th scope="col">Needed</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($shots as [$view, $need])
                    <tr data-value="{{ $view->key }}">
                        <td class="order"><button type="button" class="btn-quiet" data-step="earlier"><x-icon
                                    name="arrow-up" /><span class="visually-hidden">{{ $view->name }}
                                    earlier</span></button><button type="button" class="btn-quiet"
                                data-step="later"><x-icon name="arrow-down" /><span
                                    class="visually-hidden">{{ $view->name }} later</span></button></td>
                        <td class="name">{{ $view->label() }}</td>
                        <td><select class="form-select" name="need[{{ $view->key }}]"
                                aria-label="{{ $view->label() }} is">
                                <option value="">not on the list</option>
                                <option value="required" @selected($need === Core\Gallery\Coverage\Need::Required)>required</option>
                                <option value="wanted" @selected($need === Core\Gallery\Coverage\Need::Wanted)>wanted</option>
                            </select></td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
    <div class="buttons"><button type="button" class="btn btn-plain" data-do="close">Cancel</button><button
            class="btn btn-primary">Keep</button></div>
</form>
@if ($list !== null && $usedBy === '')
    <form data-act="{{ route('library.shot-list.remove', $list) }}"><button class="btn btn-plain">Remove this shot
            list</button></form>
@endif
