<?php

declare(strict_types=1);

namespace App\Actions\Intake;

use App\Intake\DropTransaction;
use App\Intake\Shoots\KeptPlans;
use App\Intake\Shoots\Shoot;
use App\Intake\Shoots\ShootPlace;
use App\Intake\Shoots\ShootReading;
use App\Models\Drop;
use App\Models\User;
use Closure;
use Core\Gallery\View;
use Core\Matching\Shoots\Plan\ShootPlan;
use Core\Matrix\Combination;
use Core\Refusal;
use Core\RefusalKind;

/** Lays the pictures of a shoot out otherwise. Links nothing. */
final class ArrangeShoot
{
    public function __construct(
        private readonly ShootReading $reading,
        private readonly KeptPlans $kept,
        private readonly DropTransaction $keeper,
    ) {}

    /**
     * @param  string  $seen  token of the layout that the page showed
     *
     * @throws Refusal
     */
    public function move(User $user, Drop $drop, string $seen, int $file, ShootPlace $to): void
    {
        $this->keep(
            $user,
            $drop,
            $seen,
            fn(Shoot $shoot): ShootPlan => $shoot->plan->moved($file, $to->series, $to->group, $to->place),
        );
    }

    /**
     * @param  string  $seen  token of the layout that the page showed
     * @param  int  $by  places: later, or earlier where it is negative
     *
     * @throws Refusal
     */
    public function shift(User $user, Drop $drop, string $seen, int $file, int $by): void
    {
        $this->keep($user, $drop, $seen, fn(Shoot $shoot): ShootPlan => $shoot->plan->shifted($file, $by));
    }

    /**
     * @param  string  $seen  token of the layout that the page showed
     *
     * @throws Refusal
     */
    public function leaveOut(User $user, Drop $drop, string $seen, int $file): void
    {
        $this->keep($user, $drop, $seen, fn(Shoot $shoot): ShootPlan => $shoot->plan->withLeftOut($file));
    }

    /**
     * @param  string  $seen  token of the layout that the page showed
     *
     * @throws Refusal
     */
    public function sayProduct(User $user, Drop $drop, string $seen, int $series, int $productId): void
    {
        $this->keep($user, $drop, $seen, function (Shoot $shoot) use ($drop, $series, $productId): ShootPlan {
            $own = $shoot->plan->series[$series] ?? null;
            $product = $this->reading->product($productId);
            if ($own === null || $product === null) {
                throw self::gone();
            }

            return $shoot->plan->with($series, $this->reading->ofProduct($drop, $own, $product));
        });
    }

    /**
     * @param  string  $seen  token of the layout that the page showed
     *
     * @throws Refusal
     */
    public function sayPart(User $user, Drop $drop, string $seen, ShootPlace $of, Combination $part): void
    {
        $this->keep($user, $drop, $seen, function (Shoot $shoot) use ($of, $part): ShootPlan {
            $product = $shoot->products[$shoot->plan->series[$of->series]->productId ?? 0] ?? throw self::gone();
            foreach ($part->values as $axisId => $valueId) {
                if ($product->matrix->axisOf($valueId)?->id !== $axisId) {
                    throw self::gone();
                }
            }

            return $shoot->plan->withPart($of->series, $of->group, $part);
        });
    }

    /**
     * @param  string  $seen  token of the layout that the page showed
     * @param  ?View  $view  null where it shows none
     *
     * @throws Refusal
     */
    public function sayView(User $user, Drop $drop, string $seen, ShootPlace $at, ?View $view): void
    {
        $this->keep(
            $user,
            $drop,
            $seen,
            fn(Shoot $shoot): ShootPlan => $shoot->plan->withView($at->series, $at->place, $view?->key),
        );
    }

    /** As it is proposed, whatever was moved. */
    public function proposeAnew(User $user, Drop $drop): void
    {
        $this->keeper->keep($user, $drop, function () use ($drop): string {
            $this->kept->keep($drop->id, null);

            return 'Laid the shoot out as it is proposed';
        });
    }

    /** @param  Closure(Shoot): ShootPlan  $change */
    private function keep(User $user, Drop $drop, string $seen, Closure $change): void
    {
        $this->keeper->keep($user, $drop, function () use ($drop, $seen, $change): string {
            $shoot = $this->reading->of($drop);
            if ($shoot->token() !== $seen) {
                throw new Refusal(
                    'Somebody else has laid this shoot out otherwise meanwhile. It is shown as it is now.',
                    RefusalKind::Changed,
                );
            }
            $this->kept->keep($drop->id, $change($shoot));

            return 'Laid the shoot out';
        });
    }

    private static function gone(): Refusal
    {
        return new Refusal('This is not in the shoot any more. It is shown as it is now.', RefusalKind::Gone);
    }
}
