<?php

declare(strict_types=1);

return [
    // Between the things of a list.
    'between' => ', ',
    'direction' => 'ltr',
];
