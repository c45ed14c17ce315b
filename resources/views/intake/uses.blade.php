<h2 id="dialog-title">
    {{ __('intake.where_this_picture_is_used') }}</h2>
<div class="uses"><img src="{{ route('photo', [$photoId, 'thumb'], false) }}" alt="" width="132" height="132">
    <table class="plain">
        <thead>
            <tr>
                <th scope="col">{{ __('intake.product') }}</th>
                <th scope="col">{{ __('intake.part') }}</th>
                <th scope="col">{{ __('intake.view_2') }}</th>
                <th scope="col">{{ __('intake.roles') }}</th>
            </tr>
        </thead>
        <tbody>
            @forelse ($uses as $use)
                <tr>
                    <td>
                        @if ($use->isRemoved)
                            {{ $use->product }}
                        <span class="quiet">{{ __('intake.its_making_was_undone') }}</span>@else<a
                                href="{{ route('board', $use->code) }}">{{ $use->product }}</a>
                        @endif
                        <br>
                        <span class="quiet">{{ $use->file }}</span>
                    </td>
                    <td>{{ $use->where }}</td>
                    <td>{{ $use->view }}</td>
                    <td>@list($use->roles)</td>
            </tr>@empty<tr>
                    <td colspan="4" class="quiet">{{ __('intake.no_product_has_it') }}</td>
                </tr>
            @endforelse
        </tbody>
    </table>
</div>
@if ($swatches !== [])
    <p>{{ __('intake.swatches_are_cut_from_it_swatches', ['swatches' => $swatches]) }}</p>
@endif
<div class="buttons">
    @can('edit')
        <a class="btn btn-plain"
            href="{{ route('bulk.pictures', ['photo' => $photoId, 'file' => $uses[0]->file ?? '']) }}">{{ __('intake.change_it_in_many_products') }}</a>
    @endcan
    <button type="button" class="btn btn-primary" data-do="close">{{ __('intake.close') }}</button>
</div>
