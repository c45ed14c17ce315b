<?php

declare(strict_types=1);

arch('the core knows no framework, no database, no files')->expect('Core')->not->toUse(['Illuminate', 'App', 'Symfony', 'Carbon', 'PDO', 'Imagick', 'DateTime', 'DateTimeImmutable']);
arch('the core reads no clock, no chance, no file')->expect('Core')
    ->not->toUse(['time', 'microtime', 'date', 'now', 'rand', 'mt_rand', 'random_int', 'uniqid', 'file_get_contents', 'file_put_contents', 'fopen', 'glob', 'getenv', 'env', 'config']);
arch('the core is strict and final')->expect('Core')->classes()->toUseStrictTypes();
arch('actions write; controllers and views do not')->expect('App\Http\Views')->not->toUse('App\History\Ledger');
arch('no left-overs')->expect(['dd', 'dump', 'var_dump', 'ray', 'print_r'])->not->toBeUsed();
