<?php

declare(strict_types=1);

/*
 * A language that nobody speaks, made of the words of lang/en: each sentence stands in brackets and is about half as
 * long again, and it runs from right to left. Whatever is seen on screen without brackets was not translated.
 * php tests/Browser/pseudo.php make|remove
 */

const LETTERS = [
    'a' => 'á',
    'c' => 'ç',
    'e' => 'é',
    'i' => 'í',
    'n' => 'ñ',
    'o' => 'ó',
    's' => 'š',
    'u' => 'ú',
    'y' => 'ý',
];

$folder = dirname(__DIR__, 2) . '/lang/qps';

/** Names of what is put in and marks stay as they are. */
function pseudo(string $words): string
{
    return implode(
        '|',
        array_map(function (string $form): string {
            $said = preg_replace_callback(
                '/(:[a-z_]+|<[^>]+>|&[a-z]+;)|([^:<&]+|[:<&])/u',
                fn(array $piece): string => ($piece[1] ?? '') !== '' ? $piece[1] : strtr($piece[2], LETTERS),
                $form,
            );
            $more = str_repeat('·', (int) ceil(mb_strlen(strip_tags($form)) / 2));

            return trim($form) === '' ? $form : "⟦{$said}{$more}⟧";
        }, explode('|', $words)),
    );
}

function pseudoOf(mixed $words): mixed
{
    return is_array($words) ? array_map(pseudoOf(...), $words) : pseudo($words);
}

$files = glob(dirname(__DIR__, 2) . '/lang/en/*.php') ?: [];
if (($argv[1] ?? '') === 'remove') {
    array_map(unlink(...), glob("{$folder}/*.php") ?: []);
    @rmdir($folder);
    exit(0);
}
@mkdir($folder);
foreach ($files as $file) {
    $words = pseudoOf(require $file);
    if (basename($file) === 'words.php') {
        $words = ['between' => ', ', 'direction' => 'rtl'];
    }
    file_put_contents("{$folder}/" . basename($file), '<?php return ' . var_export($words, true) . ';');
}
