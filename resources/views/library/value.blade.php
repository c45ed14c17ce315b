<form data-act="{{ route('library.value.edit', $value) }}">
    <h2 id="dialog-title">{{ $value->axis->name }} {{ $value->name }}</h2>
    <p class="quiet">{{ $usedBy === '' ? 'No product uses it at the moment.' : 'Changing it changes it for '.$usedBy.'.' }}</p>
    <div class="field"><label for="value-name">Name</label><input class="form-control" id="value-name" name="name" value="{{ $value->name }}" maxlength="80" required></div>
    @include('library.value-fields')
    <div class="buttons"><button type="button" class="btn btn-plain" data-do="close">Cancel</button><button class="btn btn-primary">Keep</button></div>
</form>
@if ($usedBy === '')
    <form data-act="{{ route('library.value.remove', $value) }}"><button class="btn btn-plain">Remove {{ $value->name }} from the library</button></form>
@endif
