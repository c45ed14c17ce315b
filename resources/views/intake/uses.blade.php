<h2 id="dialog-title">
    Where this picture is used</h2>
<div class="uses"><img src="{{ App\Media\PhotoSize::Thumb->address($photoId) }}" alt="" width="132"
        height="132">
    <table class="plain">
        <thead>
            <tr>
                <th scope="col">Product</th>
                <th scope="col">Part</th>
                <th scope="col">View</th>
                <th scope="col">Roles</th>
            </tr>
        </thead>
        <tbody>
            @forelse ($uses as $use)
                <tr>
                    <td>
                        @if ($use->isRemoved)
                            {{ $use->product }}
                        <span class="quiet">its making was undone</span>@else<a
                                href="{{ route('board', $use->code) }}">{{ $use->product }}</a>
                        @endif
                        <br>
                        <span class="quiet">{{ $use->file }}</span>
                    </td>
                    <td>{{ $use->where }}</td>
                    <td>{{ $use->view }}</td>
                    <td>{{ implode(', ', $use->roles) }}</td>
            </tr>@empty<tr>
                    <td colspan="4" class="quiet">No product has it.</td>
                </tr>
            @endforelse
        </tbody>
    </table>
</div>
@if ($swatches !== [])
    <p>Swatches are cut from it: {{ implode(', ', $swatches) }}.</p>
@endif
<div class="buttons">
    @can('edit')
        <a class="btn btn-plain"
            href="{{ route('bulk.pictures', ['photo' => $photoId, 'file' => $uses[0]->file ?? '']) }}">Change it in many
            products…</a>
    @endcan
    <button type="button" class="btn btn-primary" data-do="close">Close</button>
</div>
