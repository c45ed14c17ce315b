<?php

declare(strict_types=1);

return [
    'packages' => 'Packages',
    'package' => 'Package',
    'about' =>
        'A catalog, or some of its products, as another shop of this kind packed it: dropped here as it is. Nothing is written before you have seen what becomes of each product.',
    'origin' => ':products · :pictures · :user, :when',
    'products' => 'Products',
    'reading' => 'The products are being read.',
    'unpacking' => ':through of :total pictures were unpacked and held against their checksums.',
    'progress' => 'How far the package is',
    'by_verdict' => 'Products by what becomes of them',
    'all_products' => 'All products',
    'becomes_library' =>
        'Nobody has put anything into this catalog yet: it takes the library of the package for its own.',
    'library_stays' => 'What the library has already stays as it is here.',
    'import_library' => 'Take in the library',
    'look' => 'Look again',
    'look_hint' => 'Holds it against the catalog as it is now',
    'to_the_import' => 'What was imported of it, and undo',
    'not_yet' => 'The products are shown as soon as they are read.',
    'no_products' => 'No product is so.',
    'later_products' => 'Later products',
    'ending_zip' => 'Package',
    'zip_about' =>
        'A package (.zip) holds all there is of these products: what sleeps and retired, the whole library, and the pictures. It is brought into another catalog by dropping it on the intake there. The columns below are for sheets.',
];
