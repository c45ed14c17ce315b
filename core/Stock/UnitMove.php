<?php

declare(strict_types=1);

namespace Core\Stock;

/** Where units go that a change of the matrix concerns, in words and numbers. */
final readonly class UnitMove
{
    /**
     * @param  array<string, ?int>  $from  where they were counted, in words => how many; null: not counted
     * @param  ?string  $to  where they are counted then; null where they rest, since all that is sold from them goes
     * @param  ?int  $units  how many there are then
     */
    public function __construct(public array $from, public ?string $to, public ?int $units) {}

    /**
     * The first few, and how many more; empty where there is none.
     *
     * @param  list<self>  $moves
     */
    public static function allInWords(array $moves, int $most): string
    {
        $words = array_map(fn(self $move): string => $move->inWords(), array_slice($moves, 0, $most));
        $more = count($moves) - $most;

        return implode('; ', $words) . ($more > 0 ? " and {$more} more" : '');
    }

    /** "Moss 100 → Moss, Button 100", "Clay 50 rest", "Plum 20 again" */
    public function inWords(): string
    {
        $count = fn(?int $units): string => $units === null ? 'not counted' : number_format($units);
        $from = [];
        foreach ($this->from as $place => $units) {
            $from[] = "{$place} {$count($units)}";
        }
        $was = implode(' and ', $from);

        return match (true) {
            $this->to === null => "{$was} rest",
            $was === '' => "{$this->to} {$count($this->units)} again",
            default => "{$was} → {$this->to} {$count($this->units)}",
        };
    }
}
