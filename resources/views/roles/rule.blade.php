<form class="replans role-rule" id="role-rule" data-replans="dialog" data-plan="{{ route('roles.plan', $product) }}"
    data-act="{{ route('roles.give', $product) }}">
    <h2 id="dialog-title">{{ __('roles.roles_by_rule_2') }}</h2>
    <p class="quiet">{{ __('roles.in_every_picture_combination_the_first') }}</p>
    <div class="rule-fields">
        @foreach ($roles as $role)
            <div class="field"><label
                    for="rule-{{ $role->value }}">{{ __('roles.role_is_the', ['role' => $role->label()]) }}</label><select
                    class="form-select" id="rule-{{ $role->value }}" name="views[{{ $role->value }}]">
                    <option value="">{{ __('roles.leave_as_it_is') }}</option><x-view-options :chosen="$views[$role->value] ?? null" />
                </select></div>
        @endforeach
    </div>
    <div class="plan" role="status" id="plan">
        @if ($plan === null)
            <p>{{ __('roles.choose_a_view_for_at_least') }}</p>
        @else
            <p><b>{{ $changes->all === 0 ? __('roles.nothing_changes') : trans_choice('roles.changes_of_steps', $changes->all, ['steps' => count($plan->steps)]) }}</b>
            </p>
            @if ($changes->all > 0)
                <div class="pairs" tabindex="0" role="region" aria-label="{{ __('roles.what_changes') }}">
                    <table class="plain">
                        <thead>
                            <tr>
                                <th scope="col">{{ __('roles.where') }}</th>
                                <th scope="col">{{ __('roles.role') }}</th>
                                <th scope="col">{{ __('roles.now') }}</th>
                                <th scope="col">{{ __('roles.then') }}</th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($changes->shown as $step)
                                <tr>
                                    <td>{{ $loaded->core->matrix->inWordsOr($step->part, __('roles.whole_product')) }}
                                    </td>
                                    <td>{{ $step->role->label() }}</td>
                                    <td>{{ $step->before->placement()?->file ?? __('roles.none') }}@if (!$step->before->ground->isAssigned())
                                            <span class="quiet"> {{ __('roles.stepped_in') }}</span>
                                        @endif
                                    </td>
                                    <td>{{ $step->after->placement()?->file ?? __('roles.none') }}</td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                </div>
                @if ($changes->more > 0)
                    <p class="quiet">{{ __('roles.and_changes_more', ['changes' => $changes->more]) }}</p>
                @endif
            @endif
            @foreach ($without as $step)
                <p class="quiet">
                    {{ __('roles.part_has_no_such_picture', ['part' => $loaded->core->matrix->inWordsOr($step->part, __('roles.the_product')), 'role' => $views[$step->role->value]->name, 'job' => $step->role->label()]) }}
                </p>
            @endforeach
            @foreach ($thwarted as $step)
                <p class="warns">
                    {{ __('roles.part_file_stays_role_since_it', ['part' => $loaded->core->matrix->inWordsOr($step->part, __('roles.the_product')), 'file' => $step->after->placement()?->file, 'role' => $step->role->label()]) }}
                </p>
            @endforeach
        @endif
    </div>
    <div class="buttons"><button type="button" class="btn btn-plain"
            data-do="close">{{ __('roles.cancel') }}</button><button class="btn btn-primary"
            @disabled($plan === null || $changes->all === 0)>{{ __('roles.give_these_roles') }}</button></div>
</form>
