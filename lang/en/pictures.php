<?php

declare(strict_types=1);

return [
    'assigned_twice' => 'assigned twice',
    'stepped_in' => 'stepped in',
    'parts_galleries' => ':parts galleries',
    '1_gallery' => '1 gallery',
    'rows_galleries' => ':rows galleries',
    'rows_percent_of_the_required_views' => ':rows, :percent % of the required views there, :missing missing',
    'no_color_of_its_own' => 'No color of its own',
    'the_first' => 'The first ',
    'pictures_to_be_taken' =>
        ':first:count picture to be taken, :required required|:first:count pictures to be taken, :required required',
    'this_product_has_no_shot_list' =>
        'This product has no shot list, so nothing can be missing of it. Choose one under Details.',
    'this_product_has_no_sku_yet' =>
        'This product has no SKU yet. Build its matrix on the board; then its pictures can be counted.',
    'whole_product' => 'Whole product',
    'this_product_has_no_sku_yet_2' => 'This product has no SKU yet. Build its matrix on the board first.',
    'one_gallery_nothing_to_compare_it' => 'One gallery: nothing to compare it with',
    'all_all_strips_have_one_sequence' => 'All :all strips have one sequence',
    'in_order' => ' in order',
    'in_what_they_have_the_order' => ' in what they have; the order is the same',
    'moved_in_order' => ', :moved in order',
    'strips_that_differ' => ':differing of :all strips differs:moved|:differing of :all strips differ:moved',
    'clashes_with_more_than_one_picture' => ', :clashes with more than one picture for the same job',
    'roles_in_all' => ':assigned assigned, :stepped_in stepped in:clashes',
];
