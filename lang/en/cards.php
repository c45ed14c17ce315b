<?php

declare(strict_types=1);

return [
    'slate_cards' => 'Slate cards',
    'slate_cards_of' => 'Slate cards of :name',
    'photograph_a_card_first' =>
        'Photograph a card, then what it says, then the next card. The intake reads the code, links what was taken after it, and keeps the picture of the card out of every gallery.',
    'slate_cards_in_words' => ':count slate card|:count slate cards',
    'cards_in_words' => ':count card|:count cards',
    'only_the_first' => 'Only the first :most cards are drawn: choose a part of the product, or what is missing.',
    'one_for' => 'A card for',
    'which_parts' => 'each color and style',
    'which_views' => 'each view of them',
    'which_missing' => 'each that lacks a picture',
    'which_missing-views' => 'each picture that is missing',
    'paper' => 'Paper',
    'paper_four' => 'A4, four cards to a page',
    'paper_a4' => 'A4, a card to a page',
    'paper_a6' => 'A6, a card to a page',
    'show' => 'Show',
    'print' => 'Print',
    'nothing_to_print' => 'There is no card to print: nothing is missing, or nothing is selected that has SKUs.',
    'back' => 'Back to the shooting list',
];
