<?php

declare(strict_types=1);

return [
    'works' => 'Works',
    'what_runs_behind_the_screens_as' => 'What runs behind the screens, as it stands now.',
    'well' => 'Well',
    'not_well' => 'Not well',
    'jobs_waiting' => 'Jobs waiting',
    'pictures' => 'Pictures',
    'pictures_without_sizes' => 'Pictures without sizes',
    'read_all_again' => 'Read all again',
    'none_every_picture_can_be_shown' => 'None: every picture can be shown.',
    'picture' => 'Picture',
    'product' => 'Product',
    'state' => 'State',
    'why' => 'Why',
    'size' => 'Size',
    'in_no_product' => 'in no product',
    'being_read' => 'being read',
    'jobs_that_failed' => 'Jobs that failed',
    'try_all_again' => 'Try all again',
    'none' => 'None.',
    'job' => 'Job',
    'when' => 'When',
    'versions' => 'Versions',
    'kilobytes' => ':kilobytes kB',
    'pictures_by_state' => ':ready ready, :waiting waiting, :failed failed, :refused refused',
];
