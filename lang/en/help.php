<?php

declare(strict_types=1);

return [
    'pages_of_the_guide' => 'Pages of the guide',
];
