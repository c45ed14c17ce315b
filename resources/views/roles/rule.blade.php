<form class="replans role-rule" id="role-rule" data-replans="dialog" data-plan="{{ route('roles.plan', $product) }}"
    data-act="{{ route('roles.give', $product) }}">
    <h2 id="dialog-title">Roles by rule</h2>
    <p class="quiet">In every picture combination, the first picture of the view gets the role; whoever had it only
        there gives it up.</p>
    <div class="rule-fields">
        @foreach (Core\Gallery\Roles\Role::cases() as $role)
            <div class="field"><label for="rule-{{ $role->value }}">{{ $role->label() }} is the</label><select
                    class="form-select" id="rule-{{ $role->value }}" name="views[{{ $role->value }}]">
                    <option value="">leave as it is</option><x-view-options :chosen="$views[$role->value] ?? null" />
                </select></div>
        @endforeach
    </div>
    <div class="plan" role="status" id="plan">
        @if ($plan === null)
            <p>Choose a view for at least one role.</p>
        @else
            @php($changes = $plan->changes())
            <p><b>{{ count($changes) === 0 ? 'Nothing changes.' : count($changes) . ' of ' . count($plan->steps) . (count($changes) === 1 ? ' changes.' : ' change.') }}</b>
            </p>
            @if ($changes !== [])
                <div class="pairs" tabindex="0" role="region" aria-label="What changes">
                    <table class="plain">
                        <thead>
                            <tr>
                                <th scope="col">Where</th>
                                <th scope="col">Role</th>
                                <th scope="col">Now</th>
                                <th scope="col">Then</th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach (array_slice($changes, 0, 100) as $step)
                                <tr>
                                    <td>{{ $loaded->core->matrix->inWordsOr($step->part, 'Whole product') }}</td>
                                    <td>{{ $step->role->label() }}</td>
                                    <td>{{ $step->before->placement()?->file ?? 'none' }}@if ($step->before->ground !== Core\Gallery\Roles\Ground::Assigned)
                                            <span class="quiet"> stepped in</span>
                                        @endif
                                    </td>
                                    <td>{{ $step->after->placement()?->file ?? 'none' }}</td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                </div>
                @if (count($changes) > 100)
                    <p class="quiet">And {{ count($changes) - 100 }} more.</p>
                @endif
            @endif
            @foreach (array_slice($plan->without(), 0, 8) as $step)
                <p class="quiet">{{ $loaded->core->matrix->inWordsOr($step->part, 'The product') }} has no
                    {{ $views[$step->role->value]->name }} picture; its {{ $step->role->label() }} stays as it is.</p>
            @endforeach
            @foreach (array_slice($plan->thwarted(), 0, 8) as $step)
                <p class="warns">{{ $loaded->core->matrix->inWordsOr($step->part, 'The product') }}:
                    {{ $step->after->placement()?->file }} stays {{ $step->role->label() }}, since it is narrower and
                    needed elsewhere.</p>
            @endforeach
        @endif
    </div>
    <div class="buttons"><button type="button" class="btn btn-plain" data-do="close">Cancel</button><button
            class="btn btn-primary" @disabled($plan === null || $plan->changes() === [])>Give these roles</button></div>
</form>
