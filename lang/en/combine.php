<?php

declare(strict_types=1);

return [
    'title' => 'Items that look like one product',
    'about' =>
        'Single items whose names differ only in a color, a size or another value. Put together they are one product: codes, stock, prices and pictures stay, and the old addresses lead to it.',
    'all_sure' => 'Combine :count product that is sure|Combine all :count that are sure',
    'sure_hint' => 'One act, in the background; undone as one, or each by itself',
    'none' => 'No single items look like one product.',
    'name' => 'Name',
    'code' => 'Code',
    'items' => ':count item|:count items',
    'combine' => 'Combine',
    'takes_part' => 'Takes part',
    'item' => 'Item',
    'take_item' => ':item takes part',
    'value_of' => ':axis of :item',
    'more' => 'More',
    'matrix' => 'The items as a matrix',
    'separate' => 'Separate',
    'separate_menu' => 'Separate…',
    'separate_title' => 'Separate :name',
    'separate_about' =>
        'Each value becomes a product of its own. SKUs keep their codes, stock and prices; pictures go with what they show.',
    'separate_again' => 'It was put together of these products. They come back, with their SKUs, names and codes:',
    'by_axis' => 'A product for each value of',
    'parts' => ':count product|:count products',
    'only_these' => 'Look only at these products (codes, with spaces between)',
    'look' => 'Look',
    'add_menu' => 'Add single items…',
    'add_title' => 'Add single items to :name',
    'add_about' =>
        'Each item falls into a cell of the product, under its own code, with its stock, price and pictures; its old address leads here. Shown are single items that are called as the product is.',
    'these_items' => 'Others, by their codes',
    'no_items' => 'No single item is called so. Type the codes of those that belong here.',
    'no_axes' => 'This product has no axes yet: combine it with the items, or choose its axes on the board.',
    'what_becomes' => 'See what becomes of it',
    'add' => 'Add them',
    'adds_skus' => 'Adds :count SKU.|Adds :count SKUs.',
    'adds_values' => 'New to the product: :names.',
    'adds_holes' =>
        ':count combination has no item, and is left out.|:count combinations have no item, and are left out.',
    'take_out_menu' => 'Take out as single items…',
    'take_out_title' => 'Take :count SKU out as a single item|Take :count SKUs out as single items',
    'take_out_about' =>
        'Each becomes a product of its own, with its code, stock and price, and with the pictures that shoppers see of it. :name leaves these cells out. Undo brings them back.',
    'take_out' => 'Take out',
    'too_few' => 'Choose at least two items to be put together.',
    'doubt_twice' => 'Two of them say the same values: say in what they differ, or leave one out.',
    'doubt_missing' => 'One of them does not say all values: type what it is.',
    'doubt_slip' => 'Their names differ in a letter: look whether all belong here.',
    'doubt_value' => 'One says a value that the shop does not have: it would be new.',
    'doubt_codes' => 'Their codes have nothing in common: look whether all belong here.',
    'doubt_short' => 'Their common name is very short: look whether all belong here.',
];
