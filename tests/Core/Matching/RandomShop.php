<?php

declare(strict_types=1);

namespace Tests\Core\Matching;

use Core\Codes\ValueCode;
use Core\Gallery\View;
use Core\Gallery\Views;
use Core\Matching\Exactness;
use Core\Matching\Names\DroppedName;
use Core\Matching\Names\KnownProduct;
use Core\Matching\Names\Meaning;
use Core\Matching\Names\ViewWords;
use Core\Matching\Names\WordList;
use Core\Matching\Verdict;
use Core\Matrix\Axis;
use Core\Matrix\AxisKind;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Matrix\Value;
use Core\Text\WordForms;
use Random\Randomizer;

/** A shop whose words are drawn at random, and folders of files named by habits that are drawn too. */
final class RandomShop
{
    private const SYLLABLES = [
        'ba',
        'lo',
        'mi',
        'ter',
        'gran',
        'vel',
        'sho',
        'dun',
        'kar',
        'po',
        'lin',
        'rus',
        'fen',
        'wic',
        'mar',
        'tol',
        'ne',
        'quil',
        'ste',
        'bru',
        'çal',
        'grü',
        'nør',
    ];

    private const SIZES = ['XS', 'S', 'M', 'L', 'XL'];

    private const VIEWS = [
        ['front', 'front'],
        ['back', 'back'],
        ['vorne', 'front'],
        ['Rückseite', 'back'],
        ['detail', 'detail'],
        ['worn', 'worn'],
        ['flat', 'flat'],
    ];

    /** How clear names are put together, by the number that clear() takes. */
    public const HABITS = [
        'product code, color code, view',
        'SKU, number',
        'name, color and view in any order',
        'GTIN, view',
        'code without its signs, color, view, number',
        'view, another word for the color, code',
        'folders of product and color, view',
        'EAN with zeros before it, view',
        'SKU, number glued to the view',
    ];

    public const RUN = 'sender, code, color, a run of numbers or letters';

    /** By the number that trap() takes. */
    public const TRAPS = [
        'two colors',
        'a color it does not come in',
        'no color',
        'two products',
        'two views',
        'a shade that the shop does not have',
        'a style it does not come in',
        'a folder of another color',
        'a folder that only looks like a color',
        'the color of its ground',
    ];

    /** How the name of a color is written almost right, by the number that almost() takes. */
    public const FORMS = ['a letter away', 'turned', 'halved', 'short', 'with another ending'];

    /** Endings in four languages. */
    private const ENDINGS = ['e', 's', 'es', 'er', 'en', 'a', 'as', 'os'];

    /** What senders put behind a name that says nothing of the goods, in four languages. */
    private const NOISES = [
        '',
        '',
        '_final',
        ' copy',
        '_1600px',
        '_IMG_4711',
        ' (2)',
        '_v2',
        '_20240317',
        '_hero',
        ' main shot',
        '_packshot',
        '_masked',
        '_Freisteller',
        ' Ansicht',
        '_hauptbild',
        '_vue',
        ' prise 2',
        '_principal',
        '_toma',
        '_vista',
        '_web',
        '_print',
        '_approved',
    ];

    /** What makes another color of one, in four languages. */
    private const SHADES = [
        'dusty',
        'royal',
        'light',
        'pale',
        'hell',
        'dunkel',
        'tauben',
        'clair',
        'foncé',
        'nuit',
        'oscuro',
        'claro',
        'melange',
    ];

    /** What makes something else of a color in the name of a folder. */
    private const ADDED = ['friday', 'background', 'hintergrund', 'edition', 'label', 'semaine'];

    /** Of the senders, which stand in many names. */
    private const SENDERS = ['Acme', 'Lumière', 'Fotowerk', 'AW27', 'estudio'];

    public readonly WordList $words;

    /** @var list<KnownProduct> */
    public array $products = [];

    /** @var array<int, array<string, array{int, string, string}>> product id => cell key => SKU id, code, GTIN */
    private array $skus = [];

    /** @var list<Value> of which products with styles come in the first two */
    private array $styles;

    /** @var array<int, string> value id => another word for it */
    private array $synonyms = [];

    public function __construct(private readonly Randomizer $random, int $products = 8)
    {
        $this->words = new WordList();
        ViewWords::addTo($this->words, Views::usual());
        $sku = 0;
        $taken = [];
        $colors = $this->values(1, 14, $taken);
        $labels = $this->random->getInt(0, 1) === 1 ? self::SIZES : ['1', '2', '3', '4', '5'];
        $sizes = array_map(
            fn(int $at, string $size): Value => new Value(201 + $at, $size, $size),
            array_keys($labels),
            $labels,
        );
        $this->styles = $this->values(3, 4, $taken);
        foreach ([1 => $colors, 2 => $sizes, 3 => $this->styles] as $axisId => $values) {
            foreach ($values as $value) {
                $this->words->add($value->label, Meaning::value($axisId, $value->id, $value->label));
                $this->words->add($value->code, Meaning::value($axisId, $value->id, $value->label));
            }
        }
        foreach ($colors as $color) {
            $this->synonyms[$color->id] = $this->word($taken);
            $this->words->add(
                $this->synonyms[$color->id],
                Meaning::value(1, $color->id, $color->label, Exactness::Synonym),
            );
        }
        for ($id = 1; $id <= $products; $id++) {
            $own = array_slice($this->random->shuffleArray($colors), 0, $this->random->getInt(2, 6));
            $axes = [
                new Axis(1, 'Color', AxisKind::Color, $own, true),
                new Axis(2, 'Size', AxisKind::Size, array_slice($sizes, 0, $this->random->getInt(2, 5)), false),
            ];
            if ($this->random->getInt(0, 2) === 0) {
                $axes[] = new Axis(3, 'Style', AxisKind::Other, array_slice($this->styles, 0, 2), true);
            }
            $matrix = Matrix::of($axes);
            $code = strtoupper(substr($this->ascii(), 0, 2)) . '-' . $this->random->getInt(100, 999) . $id;
            $product = new KnownProduct($id, $code, ucfirst($this->word($taken)) . ' ' . $this->word($taken), $matrix);
            $this->products[] = $product;
            $this->words->addProduct($product);
            $this->words->add($code, Meaning::product($id, $code));
            $this->words->add($product->name, Meaning::product($id, $product->name));
            foreach ($matrix->combinations() as $cell) {
                $sku++;
                $gtin = \Core\Codes\Gtin::fromBody(sprintf('2%011d', $sku));
                $skuCode =
                    "{$code}-" .
                    implode(
                        '-',
                        array_map(
                            fn(Axis $axis): string => $axis->value($cell->value($axis->id) ?? 0)->code ?? '',
                            $matrix->axes,
                        ),
                    );
                $this->skus[$id][$cell->key] = [$sku, $skuCode, $gtin];
                $this->words->add($skuCode, Meaning::sku($id, $sku, $skuCode));
                $this->words->add($gtin, Meaning::sku($id, $sku, $skuCode, true));
                $this->words->addSku($sku, $cell);
            }
        }
    }

    /**
     * @return array{DroppedName, int, array<int, int>, ?View} a file, and what it really is: product, picture values,
     * view
     */
    public function clear(int $habit): array
    {
        $product = $this->one($this->products);
        $cell = $this->one($product->matrix->combinations());
        $said = $this->pictured($product, $cell);
        $color = $product->matrix->axes[0]->value($said[1]);
        [$word, $key] = $this->one(self::VIEWS);
        $view = View::usual($key);
        [, $skuCode, $gtin] = $this->skus[$product->id][$cell->key];
        $number = sprintf('%02d', $this->random->getInt(1, 9));
        $print =
            $this->random->getInt(0, 9) === 0
                ? '_' . substr(sha1((string) $this->random->getInt(0, 99_999)), 0, 8)
                : '';
        $noise = $this->one(self::NOISES) . $print;
        $style = isset($said[3]) ? '_' . $product->matrix->axis(3)?->value($said[3])?->label : '';
        $folder = '';
        $name = match ($habit) {
            0 => "{$product->code}_{$color?->code}{$style}_{$word}{$noise}",
            1 => "{$skuCode}_{$number}{$noise}",
            2 => implode(' ', $this->random->shuffleArray([$product->name, $color?->label . $style, $word])) . $noise,
            3 => "{$gtin}_{$word}{$noise}",
            4 => mb_strtolower(str_replace(['-', ' '], '', $product->code)) .
                "-{$color?->label}{$style}-{$word}-{$number}{$noise}",
            6 => "{$word}{$style}{$noise}",
            7 => "EAN 0{$gtin}_{$word}{$noise}",
            8 => "{$skuCode}_{$word}{$number}{$noise}",
            default => "{$word}_{$this->synonyms[$said[1]]}_{$product->code}{$style}{$noise}",
        };
        if ($habit === 6) {
            $folder = $this->one([
                "{$product->code}/{$color?->label}",
                "{$product->name}/{$color?->label}",
                "{$product->code} {$color?->label}",
            ]);
        }

        return [new DroppedName("{$name}.jpg", $folder), $product->id, $said, $habit === 1 ? null : $view];
    }

    /**
     * Whether a reading says that product and those values, whatever size beside.
     *
     * @param  array<int, int>  $said  axis id => value id, of axes that change pictures
     */
    public static function isRead(Verdict $verdict, int $productId, array $said): bool
    {
        $sets = $verdict->reach?->toArrays() ?? [];
        $own = array_intersect_key($sets[0] ?? [], $said);
        ksort($own);

        return $verdict->productId === $productId &&
            count($sets) === 1 &&
            $own === array_map(fn(int $id): array => [$id], $said);
    }

    /** @return array<int, int> axis id => value id, of axes that change pictures */
    private function pictured(KnownProduct $product, Combination $cell): array
    {
        $said = [];
        foreach ($product->matrix->pictureAxes() as $axis) {
            $said[$axis->id] = (int) $cell->value($axis->id);
        }

        return $said;
    }

    /**
     * A file whose name has a color of its product almost right.
     *
     * @return ?array{DroppedName, int, array<int, int>} null where that color cannot be written so
     */
    public function almost(int $form): ?array
    {
        $product = $this->one($this->products);
        $said = $this->pictured($product, $this->one($product->matrix->combinations()));
        $label = mb_strtolower($product->matrix->axes[0]->value($said[1])->label ?? '');
        $words = explode(' ', $label);
        $ascii = (string) preg_replace('/[^a-z]/', '', WordForms::bare($label));
        $consonants = (string) preg_replace('/[aeiou]/', '', substr($ascii, 1));
        $word = match (true) {
            $form === 0 && count($words) === 1 => mb_substr($label, 0, 2) . mb_substr($label, 3),
            $form === 1 && count($words) > 1 => "{$words[1]}-{$words[0]}",
            $form === 2 && count($words) > 1 => $words[0],
            $form === 3 && strlen($consonants) > 2 => $ascii[0] . $consonants[0] . $consonants[2],
            $form === 4 && count($words) === 1 => $label . $this->one(self::ENDINGS),
            default => '',
        };
        $style = isset($said[3]) ? '_' . $product->matrix->axis(3)?->value($said[3])?->label : '';

        $isAnother = $word === '' || $this->words->exactly(WordForms::bare($word)) !== [];

        return $isAnother ? null : [new DroppedName("{$product->code}_{$word}{$style}_front.jpg"), $product->id, $said];
    }

    /**
     * A run of shots of one color, in a shop whose sizes are numbers or not.
     *
     * @return list<array{DroppedName, int, array<int, int>, int}> a file, and what it really is: product, picture
     *                                                             values, number
     */
    public function run(): array
    {
        $product = $this->one($this->products);
        $said = $this->pictured($product, $this->one($product->matrix->combinations()));
        $labels = array_map(
            fn(int $id): string => $product->matrix->axes[0]->value($id)->label ??
                ($product->matrix->axis(3)?->value($id)->label ?? ''),
            $said,
        );
        $sender = $this->one(self::SENDERS);
        $separator = $this->one(['_', '-', ' ']);
        $first = $this->random->getInt(0, 1);
        $isOfLetters = $this->random->getInt(0, 3) === 0;
        $run = [];
        for ($number = $first, $last = $first + $this->random->getInt(1, 5); $number <= $last; $number++) {
            $end = $isOfLetters
                ? chr(ord('a') + $number - $first)
                : ($this->random->getInt(0, 1) === 1
                    ? sprintf('%02d', $number)
                    : (string) $number);
            $name = implode($separator, [$sender, $product->code, ...$labels, $end]);
            $run[] = [
                new DroppedName("{$name}.jpg"),
                $product->id,
                $said,
                $isOfLetters ? $number - $first + 1 : $number,
            ];
        }

        return $run;
    }

    /** @return array{DroppedName, string} a file that sets a trap, and a word of the sentence that says so */
    public function trap(int $kind): array
    {
        $product = $this->one($this->products);
        [$one, $other] = array_slice($this->random->shuffleArray($product->matrix->axes[0]->values), 0, 2);
        $foreign = $this->one(
            array_values(
                array_filter(
                    $this->words->product($product->id) === null ? [] : $this->allColors(),
                    fn(Value $value): bool => !$product->matrix->axes[0]->has($value->id),
                ),
            ),
        );
        $second = $this->one(
            array_values(array_filter($this->products, fn(KnownProduct $known): bool => $known->id !== $product->id)),
        );

        $shade = $this->one(self::SHADES);
        $style = count($product->matrix->axes) > 2 ? $this->styles[0] : null;
        $behind = $style === null ? '' : "_{$style->label}";

        return match ($kind % count(self::TRAPS)) {
            5 => [
                new DroppedName("{$product->code}_{$shade}-{$one->label}{$behind}_front.jpg"),
                'is one name, the shop has only',
            ],
            0 => [
                new DroppedName("{$product->code}_{$one->label}_{$other->label}{$behind}_front.jpg"),
                'more than one color',
            ],
            1 => [new DroppedName("{$product->code}_{$foreign->label}{$behind}_front.jpg"), 'does not come in'],
            2 => [new DroppedName("{$product->code}{$behind}_front.jpg"), 'says no Color'],
            3 => [new DroppedName("{$product->code} {$second->code} {$one->label}.jpg"), 'more than one product'],
            6 => [
                new DroppedName("{$one->label}_{$this->styles[3]->label}_front.jpg", $product->code),
                "does not come in {$this->styles[3]->label}",
            ],
            7 => [
                new DroppedName("{$one->label}{$behind}_front.jpg", "{$product->code}/{$other->label}"),
                'The folder says',
            ],
            9 => [new DroppedName("{$product->code}{$behind}_front_{$this->ground($one->label)}.jpg"), 'says no Color'],
            8 => [
                new DroppedName("{$product->code}{$behind}_front.jpg", "{$one->label} {$this->one(self::ADDED)}"),
                'The folder says',
            ],
            default => [
                new DroppedName("{$product->code}_{$one->code}{$behind}_front_back.jpg"),
                'more than one view',
            ],
        };
    }

    /** What says that a color is that of the ground, in four languages. */
    private function ground(string $color): string
    {
        return $this->one([
            "{$color} bg",
            "{$color}-background",
            "Hintergrund {$color}",
            "auf {$color}",
            "on {$color}",
            "fond {$color}",
            "{$color} fondo",
        ]);
    }

    /** @return list<Value> */
    private function allColors(): array
    {
        $all = [];
        foreach ($this->products as $product) {
            foreach ($product->matrix->axes[0]->values as $value) {
                $all[$value->id] = $value;
            }
        }

        return array_values($all);
    }

    /**
     * @param  array<string, true>  $taken
     * @return list<Value>
     */
    private function values(int $axisId, int $count, array &$taken): array
    {
        $codes = [];
        $values = [];
        for ($at = 1; $at <= $count; $at++) {
            $label = ucfirst($this->word($taken));
            if ($axisId === 1 && $at % 4 === 0) {
                $label .= ' ' . $values[$at - 2]->label;
            }
            $code = ValueCode::propose($label, $codes + array_flip(self::SIZES));
            $codes[$code] = true;
            $values[] = new Value(100 * $axisId + $at, $label, $code);
        }

        return $values;
    }

    /** @param  array<string, true>  $taken words, and what is a letter away from them */
    private function word(array &$taken): string
    {
        do {
            $word = implode('', array_map(fn(): string => $this->one(self::SYLLABLES), range(1, 3)));
            $near = \Core\Text\NearWords::variantsOf(WordForms::bare($word));
        } while (array_intersect_key($taken, array_flip($near)) !== []);
        $taken += array_fill_keys($near, true);

        return $word;
    }

    private function ascii(): string
    {
        return implode('', array_map(fn(): string => chr($this->random->getInt(97, 122)), range(1, 3)));
    }

    /**
     * @template T
     * @param  non-empty-list<T>  $list
     * @return T
     */
    private function one(array $list): mixed
    {
        return $list[$this->random->getInt(0, count($list) - 1)];
    }
}
