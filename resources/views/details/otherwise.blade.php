<form class="setup" data-act="{{ route('details.set', $product) }}">
    <h2 id="dialog-title">Otherwise of a part</h2>
    <p class="quiet">Type the values that it is about, as on the board: Moss XL. Everything else goes on as the product
        says.</p>
    <input type="hidden" name="part" value="1">
    <div class="detail-fields">
        <div class="field"><label for="otherwise-find">Part</label><input class="form-control" id="otherwise-find"
                name="find" required autocomplete="off" maxlength="200"></div>
        <div class="field"><label for="otherwise-detail">What</label><select class="form-select" id="otherwise-detail"
                name="detail">
                @foreach ($kinds as $kind)
                    <option value="{{ $kind->value }}">{{ $kind->label() }}</option>
                @endforeach
            </select></div>
        <div class="field"><label for="otherwise-text">Says</label><input class="form-control" id="otherwise-text"
                name="fields[0]" autocomplete="off"></div>
    </div>
    <div class="buttons"><button type="button" class="btn btn-plain" data-do="close">Cancel</button><button
            class="btn btn-primary">Set</button></div>
</form>
