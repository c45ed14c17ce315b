<form data-act="{{ route('library.run.edit', $record) }}">
    <h2 id="dialog-title">Size run {{ $run->name }}</h2>
    <p class="quiet">Products keep the sizes they have; the run is for what is set up from now on.</p>
    <input type="hidden" name="axis" value="{{ $record->axis_id }}">
    <div class="field"><label for="run-new-name">Name</label><input class="form-control" id="run-new-name" name="name"
            value="{{ $run->name }}" maxlength="60" required></div>
    <div class="field"><label for="run-new-values">Values of {{ $record->axis->name }}, in order</label>
        <textarea class="form-control" id="run-new-values" name="values" rows="3" required>{{ implode(', ', $run->sizes) }}</textarea>
    </div>
    <div class="buttons"><button type="button" class="btn btn-plain" data-do="close">Cancel</button><button
            class="btn btn-primary">Keep</button></div>
</form>
<form data-act="{{ route('library.run.remove', $record) }}"><button class="btn btn-plain">Remove this run</button>
</form>
