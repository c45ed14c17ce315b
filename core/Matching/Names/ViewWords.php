<?php

declare(strict_types=1);

namespace Core\Matching\Names;

use Core\Gallery\Views;
use Core\Matching\Exactness;

/** The words by which names of files say what a picture shows. */
final class ViewWords
{
    /** Gives a list all of them. */
    public static function addTo(WordList $list, Views $views): void
    {
        foreach ($views->all as $view) {
            foreach (
                [[$view->words, Exactness::Own], [$view->looseWords, Exactness::Synonym]]
                as [$words, $exactness]
            ) {
                foreach ($words as $word) {
                    $list->add($word, Meaning::view($view, $word, $exactness));
                }
            }
        }
    }
}
