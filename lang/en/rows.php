<?php

declare(strict_types=1);

return [
    'as_rows' => 'As rows',
    'of_products' => 'Rows of :count product|Rows of :count products',
    'number' => 'Row',
    'product' => 'Product',
    'columns' => 'Columns',
    'show_these' => 'Show these',
    'grid' => 'SKUs as rows',
    'hint' =>
        'Type into a cell, or into several at once; paste a block; Ctrl+D fills down. What is typed is kept with Enter.',
    'add' => 'Add a row',
    'new_row' => 'A new row',
    'new_about' =>
        'One SKU of :product. A value that it does not have yet is added with just the cell that the row needs.',
    'look' => 'See what becomes of it',
    'plan' => 'What becomes of it',
    'do_it' => 'Do it',
    'makes' => 'Makes :count SKU.|Makes :count SKUs.',
    'changes' => 'Changes :count SKU that is there.|Changes :count SKUs that are there.',
    'changes_nothing' => 'Changes nothing: it is there already, just so.',
    'new_to_the_library' => 'New: :names.',
    'leaves_out' =>
        ':count other combination is left out, and can be offered on the board.|:count other combinations are left out, and can be offered on the board.',
    'undo' => 'Undo: :words',
    'redo' => 'Redo: :words',
    'nothing_to_undo' => 'Nothing typed here can be undone',
    'earlier' => 'Earlier rows',
    'later' => 'Later rows',
    'earlier_products' => 'Earlier products',
    'later_products' => 'Later products',
    'more' => 'There are more rows than this page holds. Open the rows of a product by its code.',
    'none' => 'There is no row here. Build the product on its board first.',
    'pages' => 'Pages of rows',
    'axes' => 'Which columns make SKUs',
    'axes_title' => 'Which columns make SKUs',
    'axis_makes' => ':count value, makes SKUs|:count values, makes SKUs',
    'axis_to_column' => 'Make it a mere column',
    'make_axis_of' => 'Make an axis of',
    'was_an_axis' => 'was an axis; each SKU goes back to its value',
    'says_nothing_of' => 'says nothing of :count SKU|says nothing of :count SKUs',
    'typed_column' => 'A column that you type or paste',
    'a_line_each' => 'What it says of the one SKU|What it says of each of the :count SKUs, a line each',
    'axis_name' => 'Name of the axis',
    'as_the_column' => 'As the column',
    'as_written' => 'Values that are nearly those of the library are new, just as they are written',
    'and_more' => ':named and :count more',
    'go_to_their_values' =>
        'The SKU goes to its value; its code, stock, price and pictures stay.|:count SKUs go to their values; their codes, stock, prices and pictures stay.',
    'makes_none' => 'Makes no SKUs now',
];
