<?php

declare(strict_types=1);

return [
    'sign_in_indigo_slate' => 'Sign in · Indigo Slate',
    'indigo_slate' => 'Indigo Slate',
    'the_right_picture_for_every_size' => 'The right picture for every size, color and style.',
    'email_address' => 'Email address',
    'password' => 'Password',
    'stay_signed_in_here_for_30' => 'Stay signed in here for 30 days',
    'sign_in' => 'Sign in',
];
