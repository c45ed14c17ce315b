<?php

declare(strict_types=1);

return [
    'title' => 'Items that look like one product',
    'about' =>
        'Single items whose names differ only in a color, a size or another value. Put together they are one product: codes, stock, prices and pictures stay, and the old addresses lead to it.',
    'all_sure' => 'Combine :count product that is sure|Combine all :count that are sure',
    'sure_hint' => 'A hundred at most at once; each can be undone by itself',
    'made' =>
        '{0} Nothing was put together.|{1} :count product was put together.|[2,*] :count products were put together.',
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
    'too_few' => 'Choose at least two items to be put together.',
    'doubt_twice' => 'Two of them say the same values: say in what they differ, or leave one out.',
    'doubt_missing' => 'One of them does not say all values: type what it is.',
    'doubt_slip' => 'Their names differ in a letter: look whether all belong here.',
    'doubt_value' => 'One says a value that the shop does not have: it would be new.',
    'doubt_codes' => 'Their codes have nothing in common: look whether all belong here.',
    'doubt_short' => 'Their common name is very short: look whether all belong here.',
];
