<?php

declare(strict_types=1);

use Brick\Math\BigDecimal;
use Core\Codes\Barcode;
use Core\Codes\Gtin;
use Core\Codes\GtinRange;
use Core\Details\Quantity;
use Core\Details\Unit;
use Core\Matching\Cards\CardCode;
use Core\Matrix\Combination;
use Core\Pricing\Currency;
use Symfony\Component\Process\Process;
use Tests\Core\Color\Samples;

require_once dirname(__DIR__) . '/tools.php';

// Source: python-stdnum's stdnum.ean (Debian python3-stdnum), side by side on random numbers of all four lengths.
it('takes for a GTIN what an independent library takes for one', function (): void {
    $random = Samples::random(4);
    $numbers = [];
    foreach ([8, 12, 13, 14] as $length) {
        for ($times = 0; $times < 1000; $times++) {
            $body = substr(str_repeat('0', 14) . $random->getInt(0, 99_999_999_999_999), -($length - 1));
            // Half of them with the right digit, half with any.
            $numbers[] = $times % 2 === 0 ? Gtin::fromBody($body) : $body . $random->getInt(0, 9);
        }
    }
    $valid = array_map(Gtin::isValid(...), $numbers);

    expect(count(array_filter($valid)))
        ->toBeGreaterThan(2000)
        ->toBeLessThan(2600)
        ->and($valid)
        ->toBe(outside(['python3', 'tests/Reference/tools/counts.py'], ['what' => 'valid', 'numbers' => $numbers]));
});

// Source: worked examples of check digits as GS1's pages on check digits give them (from memory).
it('computes the check digits of worked examples', function (string $gtin): void {
    expect(Gtin::isValid($gtin))->toBeTrue();
})->with(['6291041500213', '9780201379624', '4006381333931', '036000291452', '73513537', '10614141543219']);

it('gives numbers that an independent library takes for GTINs', function (): void {
    $numbers = GtinRange::typed('4006381', '100', '399')->free(300, []);

    expect(outside(['python3', 'tests/Reference/tools/counts.py'], ['what' => 'valid', 'numbers' => $numbers]))->toBe(
        array_fill(0, 300, true),
    );
});

// Source: the npm package currency-codes, which is made of the list that the maintenance agency of ISO 4217 publishes.
it('gives currencies the minor units of ISO 4217', function (): void {
    $known = outside(['node', 'tests/Reference/tools/currencies.mjs'], '');
    $differs = [];
    foreach (Currency::codes() as $code) {
        if (isset($known[$code]) && $known[$code] !== Currency::of($code)->digits) {
            $differs[$code] = [$known[$code], Currency::of($code)->digits];
        }
    }

    expect(count(array_intersect_key($known, array_flip(Currency::codes()))))
        ->toBeGreaterThan(150)
        ->and($differs)
        ->toBe([]);
});

// Source: GNU Units (Debian units), side by side on random amounts.
it('converts weights and lengths as GNU Units does', function (): void {
    $random = Samples::random(9);
    $kinds = [
        [Unit::Milligram, Unit::Gram, Unit::Kilogram, Unit::Ounce, Unit::Pound],
        [Unit::Millimeter, Unit::Centimeter, Unit::Meter, Unit::Inch, Unit::Foot],
    ];
    $asked = $ours = [];
    foreach ($kinds as $units) {
        foreach ($units as $from) {
            foreach ($units as $to) {
                $number = BigDecimal::ofUnscaledValue($random->getInt(1, 999_999), 3);
                $asked[] = "{$number} {$from->value}\n{$to->value}";
                $ours[] = (float) (string) (new Quantity($number, $from))->in($to, 12);
            }
        }
    }
    $process = new Process(['units', '--terse', '--digits', '15'], null, null, implode("\n", $asked) . "\n");
    $process->mustRun();
    $theirs = array_map(floatval(...), preg_split('/\s+/', trim($process->getOutput())) ?: []);

    expect($theirs)->toHaveCount(50);
    foreach ($ours as $at => $number) {
        expect($number)->toEqualWithDelta($theirs[$at], max(1e-9, abs($theirs[$at]) * 1e-12));
    }
});

/** The bars as a picture that a reader of barcodes reads: a portable gray map, three dots to a module. */
function barsAsPicture(Barcode $barcode): string
{
    $scale = 3;
    $row = str_repeat("\xFF", ($barcode->quietLeft + $barcode->modules() + $barcode->quietRight) * $scale);
    foreach ($barcode->bars() as [$at, $width]) {
        $row = substr_replace($row, str_repeat("\0", $width * $scale), $at * $scale, $width * $scale);
    }

    return 'P5 ' . strlen($row) . " 80 255\n" . str_repeat($row, 80);
}

// Source: ZBar (Debian zbar-tools), an independent reader, on drawn barcodes of random numbers.
it('draws bars that an independent reader reads', function (int $length, string $config, string $named): void {
    $random = Samples::random($length);
    $folder = sys_get_temp_dir() . '/slate-bars-' . bin2hex($random->getBytes(4));
    mkdir($folder);
    $numbers = [];
    for ($times = 0; $times < 40; $times++) {
        $number = Gtin::fromBody(substr(str_repeat('0', 14) . $random->getInt(0, 99_999_999_999_999), -($length - 1)));
        $numbers[sprintf('%02d', $times)] = $number;
        file_put_contents(sprintf('%s/%02d.pgm', $folder, $times), barsAsPicture(Barcode::of($number)));
    }
    $process = new Process([
        'zbarimg',
        '--quiet',
        '--set',
        'disable',
        '--set',
        $config,
        '--set',
        'ean13.enable',
        ...glob("{$folder}/*.pgm") ?: [],
    ]);
    $process->run();
    array_map(unlink(...), glob("{$folder}/*") ?: []);
    rmdir($folder);

    expect(array_filter(explode("\n", trim($process->getOutput()))))->toBe(
        array_values(array_map(fn(string $number): string => "{$named}:{$number}", $numbers)),
    );
})->with([
    'EAN-13' => [13, 'ean13.enable', 'EAN-13'],
    'UPC-A' => [12, 'upca.enable', 'UPC-A'],
    'EAN-8' => [8, 'ean8.enable', 'EAN-8'],
    'ITF-14' => [14, 'i25.enable', 'I2/5'],
]);

// Source: python-stdnum's stdnum.iso7064.mod_97_10 (Debian python3-stdnum), on the signs as numbers of two digits.
it('gives slate cards check digits that an independent library takes', function (): void {
    $random = Samples::random(7);
    $numbers = [];
    for ($times = 0; $times < 500; $times++) {
        $seal = $random->getInt(1, 2_000_000_000);
        $code = CardCode::of($random->getInt(1, 90_000), $seal, Combination::of([1 => $random->getInt(1, 9_000)]));
        $payload = substr($code, strlen('SLATE/'), -3);
        $signs = "{$payload}/" . strtoupper(base_convert((string) $seal, 10, 36));
        $digits = array_map(
            fn(string $sign): string => sprintf('%02d', strpos('0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZ/- ', $sign)),
            str_split($signs),
        );
        $numbers[] = implode('', $digits) . substr($code, -2);
    }

    expect(outside(['python3', 'tests/Reference/tools/counts.py'], ['what' => 'mod97', 'numbers' => $numbers]))->toBe(
        array_fill(0, 500, true),
    );
});
