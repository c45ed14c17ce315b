<?php

declare(strict_types=1);

namespace Tests\Walk;

use App\Models\HistoryEntry;
use App\Models\Right;
use App\Models\User;
use Closure;
use Core\CoreException;
use Core\Refusal;
use Illuminate\Support\Facades\DB;
use Tests\Support\Shop;
use Throwable;

/**
 * Two people change one product at random, and every step is undone and redone; the laws are looked at after each, and
 * at the end all is undone. Each walk runs in a transaction that is rolled back.
 */
final class Walk
{
    private readonly Deeds $deeds;

    private readonly Laws $laws;

    /** @var array{User, User} */
    private readonly array $people;

    private function __construct(private readonly Shop $shop, Shop $other)
    {
        $this->deeds = new Deeds($shop, $other);
        $this->laws = new Laws($shop);
        $this->people = [$shop->user, Shop::person(Right::Edit, 'Ines')];
    }

    /** A product with five pictures in its tray, and another that shares its library. */
    public static function ready(): self
    {
        $shop = Shop::open();
        foreach (range(1, 5) as $at) {
            $shop->receive(["p{$at}.jpg" => Shop::picture("p{$at}")]);
        }

        return new self($shop, Shop::open('OTHER'));
    }

    /**
     * Does what it can of the steps, and leaves the product as it is then.
     *
     * @param  list<Step>  $steps
     */
    public function leave(array $steps): void
    {
        foreach ($steps as $step) {
            try {
                $this->deeds->do($step, $this->people[$step->person]);
            } catch (CoreException) {
                // What is refused changes nothing; the next step goes on.
            }
        }
    }

    /** @param  list<Step>  $steps */
    public function run(array $steps): ?Breach
    {
        DB::beginTransaction();
        try {
            return $this->walk($steps);
        } finally {
            DB::rollBack();
        }
    }

    /** @param  list<Step>  $steps */
    private function walk(array $steps): ?Breach
    {
        $done = [];
        $kept = [];
        $at = 0;
        $this->laws->begin();
        try {
            foreach ($steps as $at => $step) {
                [$words, $takeBack] = $this->step($step);
                $done[] = $words;
                $kept[] = $takeBack;
            }
            $this->laws->countsAreFresh();
            foreach (array_reverse(array_filter($kept)) as $takeBack) {
                $takeBack();
            }
            $this->laws->countsAreFresh();
        } catch (Refusal $refused) {
            // Values that a change made stay in the library when it is undone; one may have taken an older name.
            return str_contains($refused->getMessage(), 'the library has another value')
                ? null
                : new Breach('one’s own changes can be undone', $refused->getMessage(), count($steps), $done);
        } catch (LawBroken $broken) {
            return new Breach($broken->law, $broken->getMessage(), $at + 1, [...$done, (string) $this->deeds->last]);
        } catch (Throwable $fault) {
            return new Breach(
                'nothing breaks down: ' . $fault::class,
                $fault->getMessage() . "\n" . $fault->getFile() . ':' . $fault->getLine(),
                $at + 1,
                [...$done, (string) $this->deeds->last],
            );
        }

        return null;
    }

    /**
     * @return array{string, ?Closure(): void} what was done in words, and how it is taken back in the end; null where
     *   nothing was kept
     */
    private function step(Step $step): array
    {
        $person = $this->people[$step->person];
        $before = $this->laws->state();
        $entries = $this->entries();
        $this->laws->remember();
        try {
            $this->deeds->do($step, $person);
        } catch (CoreException $refusal) {
            LawBroken::unlessSame($this->laws->state(), $before, 'what is refused changes nothing');

            return ["{$this->deeds->last}: refused: {$refusal->getMessage()}", null];
        }
        $this->laws->hold($step->verb);
        $changes = $this->entries() - $entries;
        if ($changes === 0) {
            LawBroken::unlessSame($this->laws->state(), $before, 'what is not in the history changes nothing');

            return ["{$this->deeds->last}: nothing", null];
        }
        $after = $this->laws->state();
        $this->takeBack($person, $changes, $before);
        for ($redone = 0; $redone < $changes; $redone++) {
            $this->shop->redo($person);
        }
        LawBroken::unlessSame($this->laws->state(), $after, 'a change redone is the same change');

        return ["{$person->name}: {$this->shop->words()}", fn() => $this->takeBack($person, $changes, $before)];
    }

    /** @param  array<string, mixed>  $before */
    private function takeBack(User $person, int $changes, array $before): void
    {
        for ($undone = 0; $undone < $changes; $undone++) {
            $this->shop->undo($person);
        }
        LawBroken::unlessSame($this->laws->state(), $before, 'a change undone leaves no trace');
    }

    private function entries(): int
    {
        return HistoryEntry::query()->where('product_id', $this->shop->product->id)->count();
    }
}
