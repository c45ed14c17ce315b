<?php

declare(strict_types=1);

return [
    'no_picture_here_a_shopper_sees' => 'No picture here: a shopper sees an empty frame.',
    'zoom' => 'Zoom',
    'play' => 'Play',
    'pictures' => 'Pictures',
    'no_price_yet' => 'No price yet',
    'before' => 'before',
    'choose' => 'Choose…',
    'not_offered' => ', not offered',
    'sold_out' => ', sold out',
    'not_offered_2' => 'not offered',
    'sold_out_2' => 'sold out',
    'in_small_print_this_is_a' => ':in_small_print. This is a preview: nothing can be bought here.',
    'up_to_most' => 'Up to :most',
    'least_to_most' => ':least to :most',
    'most_characters' => ':most characters',
    'as_a_shopper_meets_it_today' => 'as a shopper meets it today',
    'width' => 'Width',
    'desktop' => 'Desktop',
    'phone' => 'Phone',
    'as_named' => 'As named',
    'preview_of' => 'Preview of :name',
];
