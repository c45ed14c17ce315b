<?php

declare(strict_types=1);

return [
    'from' => 'From',
    'to' => 'To',
    'and_differences_more' => 'and :differences more',
    'the_product_is_the_same_at' => 'The product is the same at both points.',
    'other_points' => 'Other points',
    'compare_from_with_now' => 'Compare “from” with now',
    'nothing_has_been_changed_in_the' =>
        'Nothing has been changed in the library yet. What is changed from a product’s board is in that product’s history.',
    'when' => 'When',
    'who' => 'Who',
    'picture' => 'Picture',
    'what' => 'What',
    'compare_from_here_entry' => 'Compare from here: :entry',
    'compare_to_here_entry' => 'Compare to here: :entry',
    'undone_undone_at_by_undoer' => 'undone :undone_at by :undoer',
    'changes_of_that_age_cannot_be' => 'Changes of that age cannot be undone',
    'words_only' => 'words only',
    'undo_all_changes_of_yours_that' => 'Undo all changes of yours that came after this one',
    'undo_my_later_ones' => 'Undo my later ones',
    'undo_takes_back_your_own_changes' => 'Undo takes back your own changes; what others did meanwhile stays.',
    'compare_the_two_points' => 'Compare the two points',
    'undo' => 'Undo',
    'history_of_the_library' => 'History of the library',
    'comparison_of' => 'Comparison of :name',
    'history_of' => 'History of :name',
];
