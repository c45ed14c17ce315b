<?php

declare(strict_types=1);

namespace Core\Matching;

use Core\Gallery\View;

/** Words by which photographers and suppliers say what a picture shows. Common practice, no source. */
final class ViewWords
{
    private const WORDS = [
        'front' => ['front', 'frontal', 'frontside', 'vorne', 'vorn', 'vorderseite', 'avant', 'devant', 'davanti', 'fronte', 'frente', 'voor'],
        'back' => ['back', 'backside', 'rear', 'hinten', 'rückseite', 'arrière', 'dos', 'dietro', 'espalda', 'achter'],
        'side' => ['side', 'profile', 'seite', 'seitlich', 'côté', 'lato', 'lateral', 'zijkant'],
        'top' => ['top view', 'from above', 'draufsicht', 'dessus'],
        'detail' => ['detail', 'details', 'close up', 'macro', 'nahaufnahme', 'détail', 'dettaglio', 'detalle'],
        'worn' => ['worn', 'on model', 'getragen', 'porté', 'indossato', 'lifestyle'],
        'flat' => ['flat', 'flat lay', 'flach', 'gelegt', 'à plat', 'laydown'],
        'pack' => ['packaging', 'packed', 'verpackung', 'emballage'],
        'size guide' => ['size guide', 'size chart', 'sizing', 'measurements', 'größentabelle', 'maßtabelle', 'guide des tailles'],
    ];

    /** Words that can mean goods as well: where a name has a plainer one, they say no view. */
    private const WEAK = ['top' => ['top', 'oben'], 'worn' => ['model', 'look'], 'pack' => ['pack', 'box'], 'back' => ['retro']];

    /** Gives a list all of them. */
    public static function addTo(WordList $list): void
    {
        foreach ([[self::WORDS, Exactness::Own], [self::WEAK, Exactness::Synonym]] as [$byView, $exactness]) {
            foreach ($byView as $view => $words) {
                foreach ($words as $word) {
                    $list->add($word, Meaning::view(View::from($view), $word, $exactness));
                }
            }
        }
    }
}
