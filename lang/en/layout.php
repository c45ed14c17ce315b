<?php

declare(strict_types=1);

return [
    'to_the_catalog' => 'To the catalog',
    'indigo_slate' => '· Indigo Slate',
    'to_the_content' => 'To the content',
    'places' => 'Places',
    'indigo_slate_2' => 'Indigo Slate',
    'catalog' => 'Catalog',
    'intake' => 'Intake',
    'bulk_desk' => 'Bulk desk',
    'library' => 'Library',
    'help' => 'Help',
    'works' => 'Works',
    'accounts' => 'Accounts',
    'jump_to_a_product_sku_or' => 'Jump to a product, SKU or photo',
    'jump_to_a_product_sku_photo' => 'Jump to a product, SKU, photo…',
    'email_may_right_name_password_time' => ':email, may :right. Name, password, time zone',
    'sign_out' => 'Sign out',
    'files_being_sent' => 'Files being sent',
    'how_much_has_arrived' => 'How much has arrived',
    'close' => 'Close',
    'keys' => 'Keys',
    'everything_that_can_be_dragged_can' =>
        'Everything that can be dragged can be done with these, or from “About” on a picture.',
    'nothing_was_changed' => '. Nothing was changed.',
    'back_in_a_moment_indigo_slate' => 'Back in a moment · Indigo Slate',
    'back_in_a_moment' => 'Back in a moment',
    'message_this_page_asks_again_every' => ':message This page asks again every 5 seconds.',
    'ask_again_now' => 'Ask again now',
    'in_a_moment_indigo_slate' => 'In a moment · Indigo Slate',
    'in_a_moment' => 'In a moment',
    'not_possible' => 'Not possible',
    'let_go' => 'Let go: into the intake',
    'let_go_for_product' => 'Let go: into the intake, for :product',
    'page_of_product' => ':page of :name',
];
