<?php

declare(strict_types=1);

return [
    'sku' => 'SKU',
    'without_gtin_has_no_gtin_its' =>
        ':without_gtin has no GTIN: its label has no bars.|:without_gtin have no GTIN: their labels have no bars.',
    'only_the_first' => 'Only the first :most are drawn: print them in parts.',
    'how_many_of_each' => 'How many of each',
    'code' => 'Code',
    'in_stock' => 'In stock',
    'labels_2' => 'Labels',
    'labels_of_code' => 'Labels of :code',
    'show_these' => 'Show these',
    'print' => 'Print',
    'on_a4_three_to_a_row' => 'On A4, three to a row; the bars are drawn to be read at full size.',
    'no_gtin' => 'no GTIN',
    'labels_of' => 'Labels of :name',
    'so_many_labels_of_skus' => ':labels of :skus.',
    'labels_in_words' => ':count label|:count labels',
    'skus_in_words' => ':count SKU|:count SKUs',
];
