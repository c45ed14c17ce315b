<?php

declare(strict_types=1);

return [
    'roles_by_rule' => 'Roles by rule…',
    'none' => 'none',
    'being_read' => 'being read…',
    'no_view' => 'no view',
    'no_swatch' => 'no swatch',
    'its_own' => 'its own',
    'others_more_for_some_of_these' => ':others more for some of these SKUs',
    'assigned_somebody_gave_it_the_role' =>
        'Assigned: somebody gave it the role, for these SKUs. Stepped in: nobody did, and this picture does it. Point at one, or press it, for the whole reason.',
    'roles_by_rule_2' => 'Roles by rule',
    'in_every_picture_combination_the_first' =>
        'In every picture combination, the first picture of the view gets the role; whoever had it only there gives it up.',
    'role_is_the' => ':role is the',
    'leave_as_it_is' => 'leave as it is',
    'choose_a_view_for_at_least' => 'Choose a view for at least one role.',
    'nothing_changes' => 'Nothing changes.',
    'changes_of_steps' => ':count of :steps changes.|:count of :steps change.',
    'what_changes' => 'What changes',
    'where' => 'Where',
    'role' => 'Role',
    'now' => 'Now',
    'then' => 'Then',
    'stepped_in' => 'stepped in',
    'and_changes_more' => 'And :changes more.',
    'part_has_no_such_picture' => ':part has no :role picture; its :job stays as it is.',
    'part_file_stays_role_since_it' => ':part: :file stays :role, since it is narrower and needed elsewhere.',
    'cancel' => 'Cancel',
    'give_these_roles' => 'Give these roles',
    'role_of_part' => ':role of :part',
    'has_it_take_it_away' => 'has it; take it away',
    'the_role_holds_wherever_the_picture' =>
        'The role holds wherever the picture is shown, unless a narrower one has it there.',
    'close' => 'Close',
    'the_product' => 'The product',
    'whole_product' => 'Whole product',
];
