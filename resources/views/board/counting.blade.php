<form class="setup replans" id="counting-plan" data-act="{{ route('counting', $product) }}"
    data-plan="{{ route('counting.plan', $product) }}" data-replans="dialog">
    <h2 id="dialog-title">Stock of {{ $product->name }}</h2>
    <p class="quiet">What the units are counted for. SKUs that are sold from the same units show the same number, and
        sums have each unit once.</p>
    <fieldset class="choices">
        <legend class="visually-hidden">Counted for</legend>
        @foreach (Core\Details\Counting::cases() as $way)
            <label><input type="radio" class="form-check-input" name="counting" value="{{ $way->value }}"
                    @checked($plan->to === $way)> {{ ucfirst($way->inWords()) }}@if ($way === $now)
                    <span class="quiet">as now</span>
                @endif
            </label>
        @endforeach
    </fieldset>
    <div class="plan" role="status" id="plan">
        <p>{{ $plan->to === $now ? ucfirst($plan->before->inWords()) . ', as it is now.' : ucfirst($plan->inWords()) . '.' }}
        </p>
        @if ($plan->to !== $now && $plan->isOff())
            <p>Nobody can say how many of the {{ number_format($plan->before->units) }} belong to whom: what was counted
                so before is there again. Look at it, and set what is there.</p>
        @endif
    </div>
    <div class="buttons"><button type="button" class="btn btn-plain" data-do="close">Cancel</button><button
            class="btn btn-primary" @disabled($plan->to === $now)>Count so</button></div>
</form>
