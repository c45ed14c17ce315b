<?php

declare(strict_types=1);

namespace Core\Gallery;

/** The views that a shop knows, in order. */
final readonly class Views
{
    /**
     * Key => [what it shows, words by which photographers and suppliers say it, words that can mean goods as well].
     * Common practice, no source.
     */
    private const USUAL = [
        'front' => [
            Showing::Goods,
            [
                'front',
                'frontal',
                'frontside',
                'vorne',
                'vorn',
                'vorderseite',
                'avant',
                'devant',
                'davanti',
                'fronte',
                'frente',
                'delante',
                'delantera',
                'voor',
            ],
            ['face'],
        ],
        'back' => [
            Showing::Back,
            [
                'back',
                'backside',
                'rear',
                'hinten',
                'rückseite',
                'arrière',
                'dos',
                'derrière',
                'dietro',
                'espalda',
                'detrás',
                'trasera',
                'achter',
                'behind',
            ],
            ['retro'],
        ],
        'side' => [
            Showing::Goods,
            ['side', 'profile', 'seite', 'seitlich', 'côté', 'profil', 'lato', 'lado', 'lateral', 'zijkant'],
            [],
        ],
        'top' => [Showing::Goods, ['top view', 'from above', 'draufsicht', 'dessus'], ['top', 'oben']],
        'detail' => [
            Showing::Goods,
            ['detail', 'details', 'close up', 'macro', 'nahaufnahme', 'détail', 'dettaglio', 'detalle', 'zoom'],
            ['inside', 'innen'],
        ],
        'worn' => [
            Showing::Goods,
            ['worn', 'on model', 'getragen', 'porté', 'indossato', 'lifestyle'],
            ['model', 'look'],
        ],
        'flat' => [Showing::Goods, ['flat', 'flat lay', 'flach', 'gelegt', 'à plat', 'laydown'], []],
        'turned' => [Showing::Goods, ['turned', 'turntable', 'all around', 'rundum'], ['film', 'video']],
        'pack' => [Showing::Whole, ['packaging', 'packed', 'verpackung', 'emballage'], ['pack', 'box']],
        'size guide' => [
            Showing::Guide,
            ['size guide', 'size chart', 'sizing', 'measurements', 'größentabelle', 'maßtabelle', 'guide des tailles'],
            [],
        ],
    ];

    /** @var array<string, View> by key */
    private array $byKey;

    /** @param  list<View>  $all  in order */
    public function __construct(public array $all)
    {
        $this->byKey = array_column($all, null, 'key');
    }

    /** Those that a new shop begins with. */
    public static function usual(): self
    {
        /** @var ?self $usual */
        static $usual = null;

        return $usual ??= new self(
            array_map(
                fn(string $key, array $view): View => new View($key, $key, $view[0], $view[1], $view[2]),
                array_keys(self::USUAL),
                self::USUAL,
            ),
        );
    }

    /** @return ?View null for none, and for a key that is not there any more */
    public function find(?string $key): ?View
    {
        return $this->byKey[$key ?? ''] ?? null;
    }

    /** @return int its place in the order, from 0; behind all for none */
    public function place(?View $view): int
    {
        $place = array_search($view?->key, array_keys($this->byKey), true);

        return $place === false ? count($this->all) : (int) $place;
    }
}
