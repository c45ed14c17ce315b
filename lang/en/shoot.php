<?php

declare(strict_types=1);

return [
    'title' => 'Shoot of :drop',
    'about' =>
        ':count picture says nothing by its name. It is laid out as it was taken and as it looks. Nothing is linked until you say so.|:count pictures say nothing by their names. They are laid out as they were taken and as they look: a row for each color, a column for each view. Nothing is linked until you say so.',
    'beyond' => ':count more has no room here: link these first.|:count more have no room here: link these first.',
    'nothing' => 'No picture of this drop has to be told by how it was taken.',
    'open' => 'Lay out as a shoot (:count picture)|Lay out as a shoot (:count pictures)',
    'anew' => 'Propose anew',
    'undo' => 'Undo: :last',
    'link_all' => 'Link all (:count picture)|Link all (:count pictures)',
    'link_group' => 'Link',
    'link_group_of' => 'Link group :number',
    'for_the_picture' => 'For the chosen picture',
    'chosen_none' => 'No picture is chosen',
    'earlier' => '<kbd>←</kbd> This and those after it one earlier',
    'later' => '<kbd>→</kbd> This and those after it one later',
    'own_group' => '<kbd>G</kbd> A row of its own',
    'leave_out' => '<kbd>X</kbd> Leave out',
    'series' => 'Product :number',
    'product' => 'Product',
    'product_unknown' => 'Which product is it? Its code or name',
    'no_product' => 'No product has the code or the name “:typed”, or several have.',
    'say_product' => 'Say so',
    'view_of' => 'View of column :number',
    'no_view' => 'no view',
    'value_of' => ':axis of row :number',
    'choose' => 'choose :axis',
    'group' => 'Row',
    'pictures' => ':count picture|:count pictures',
    'new_group' => 'A new row: drag a picture here',
    'left_out' => 'Left out',
    'left_out_hint' => 'Drag a picture here that belongs to no row; it stays in the drop.',
    'twice' => 'taken twice?',
];
