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
    'make' => 'Add it',
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
];
