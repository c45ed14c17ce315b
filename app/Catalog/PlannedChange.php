<?php

declare(strict_types=1);

namespace App\Catalog;

use Core\Matrix\MatrixChange;
use Core\Matrix\Plan;

/** A change of the matrix, decided but not stored: what it does to SKUs, codes and pictures. */
final readonly class PlannedChange
{
    /**
     * @param  array<string, string>  $codes  cell key => code of the SKUs to make
     * @param  list<string>  $toTray  file names of pictures that return to the tray
     * @param  list<string>  $fromTray  file names of pictures that come back to their place
     */
    public function __construct(
        public MatrixChange $change,
        public Plan $plan,
        public array $codes,
        public array $toTray,
        public array $fromTray,
    ) {
    }

    public function inWords(): string
    {
        $words = $this->plan->inWords();
        foreach ([[$this->toTray, 'to the tray'], [$this->fromTray, 'to their place']] as [$files, $where]) {
            if ($files !== []) {
                $words .= ', '.count($files).(count($files) === 1 ? ' picture returns ' : ' pictures return ').$where;
            }
        }

        return $words;
    }
}
