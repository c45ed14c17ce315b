<form class="replans crop" id="crop" data-replans="dialog"
    data-plan="{{ route('photo.crop.plan', [$product, $row->id()]) }}"
    data-act="{{ route('photo.crop', [$product, $row->id()]) }}">
    <h2 id="dialog-title">Focus and crop of {{ $row->file() }}</h2>
    <p class="quiet">The focus stays in view whatever the shape; what lies outside of the frame is never shown. Drag the
        mark, or use the arrow keys on it.</p>
    <x-crop-parts :crop="$crop" :picture="$picture" :width="$row->width" :height="$row->height" :label="$row->file()" />
    <div class="buttons"><button type="button" class="btn btn-plain" data-crop-middle @disabled($crop->isMiddle())>Middle
            of all of it</button><button type="button" class="btn btn-plain" data-do="close">Cancel</button><button
            class="btn btn-primary">Keep</button></div>
</form>
