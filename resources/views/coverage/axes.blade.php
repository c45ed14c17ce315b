<form class="replans" id="picture-axes" data-replans="dialog" data-plan="{{ route('picture-axes.plan', $product) }}"
    data-act="{{ route('picture-axes', $product) }}">
    <h2 id="dialog-title">{{ __('coverage.by_what_do_pictures_differ') }}</h2>
    <p class="quiet">{{ __('coverage.each_combination_of_these_axes_has') }}</p>
    <input type="hidden" name="said" value="1">
    <table class="plain">
        <tbody>
            @foreach ($screen->axes as $one)
                <tr>
                    <td><label><input type="checkbox" class="form-check-input" name="picture_axes[{{ $one->axis->id }}]"
                                value="1" @checked($screen->isChosen($one))> {{ $one->axis->name }}</label></td>
                    <td class="quiet">{{ $one->inWords() }}@if ($one->isProposed)
                            <b>{{ __('coverage.proposed') }}</b>
                        @endif
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
    <div class="plan" role="status" id="plan">
        <p>{{ __('coverage.now_before', ['before' => $screen->before()]) }}</p>
        <p><b>{{ __('coverage.then_after', ['after' => $screen->after()]) }}</b></p>
        @if ($screen->units() !== '')
            <p>{{ __('coverage.units_in_stock_units', ['units' => $screen->units()]) }}</p>
        @endif
    </div>
    <div class="buttons"><button type="button" class="btn btn-plain"
            data-do="close">{{ __('coverage.cancel') }}</button><button
            class="btn btn-primary">{{ __('coverage.keep') }}</button></div>
</form>
