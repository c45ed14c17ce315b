<form class="replans" id="picture-axes" data-replans="dialog" data-plan="{{ route('picture-axes.plan', $product) }}"
    data-act="{{ route('picture-axes', $product) }}">
    <h2 id="dialog-title">By what do pictures differ?</h2>
    <p class="quiet">Each combination of these axes has a gallery, a strip and a row of its own; the others share their
        pictures.</p>
    <input type="hidden" name="said" value="1">
    <table class="plain">
        <tbody>
            @foreach ($screen->axes as $one)
                <tr>
                    <td><label><input type="checkbox" class="form-check-input" name="picture_axes[{{ $one->axis->id }}]"
                                value="1" @checked(in_array($one->axis->id, $screen->chosen, true))> {{ $one->axis->name }}</label></td>
                    <td class="quiet">{{ $one->inWords() }}@if ($one->isProposed)
                            <b>· proposed</b>
                        @endif
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
    <div class="plan" role="status" id="plan">
        <p>Now: {{ $screen->before() }}.</p>
        <p><b>Then: {{ $screen->after() }}.</b></p>
        @if ($screen->units() !== '')
            <p>Units in stock: {{ $screen->units() }}.</p>
        @endif
    </div>
    <div class="buttons"><button type="button" class="btn btn-plain" data-do="close">Cancel</button><button
            class="btn btn-primary">Keep</button></div>
</form>
