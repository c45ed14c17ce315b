<?php

declare(strict_types=1);

namespace App\Intake\Shoots;

use Core\Matching\Shoots\Plan\PlannedGroup;
use Core\Matching\Shoots\Plan\PlannedSeries;
use Core\Matching\Shoots\Plan\ShootPlan;
use Core\Matrix\Combination;
use Illuminate\Support\Facades\DB;

/** How shoots were laid out by a person, beside their drops. */
final class KeptPlans
{
    public function of(int $dropId): ?ShootPlan
    {
        $kept = DB::table('drops')->where('id', $dropId)->value('shoot');

        return $kept === null ? null : self::read($kept);
    }

    /** @param  ?ShootPlan  $plan  null for what is proposed */
    public function keep(int $dropId, ?ShootPlan $plan): void
    {
        DB::table('drops')
            ->where('id', $dropId)
            ->update(['shoot' => $plan === null ? null : self::written($plan)]);
    }

    /** Tells two layouts apart. */
    public static function token(ShootPlan $plan): string
    {
        return substr(hash('xxh128', self::written($plan)), 0, 16);
    }

    private static function written(ShootPlan $plan): string
    {
        $series = array_map(
            fn(PlannedSeries $one): array => [
                $one->productId,
                $one->views,
                array_map(fn(PlannedGroup $group): array => [$group->part->key, (object) $group->cells], $one->groups),
            ],
            $plan->series,
        );

        return json_encode([$series, $plan->leftOut], JSON_THROW_ON_ERROR);
    }

    private static function read(string $kept): ShootPlan
    {
        /**
         * @var array{
         *     list<array{?int, list<?string>, list<array{string, array<int, non-empty-list<int>>}>}>,
         *     list<int>,
         * } $plan
         */
        $plan = json_decode($kept, true, 8, JSON_THROW_ON_ERROR);
        $series = array_map(
            fn(array $one): PlannedSeries => new PlannedSeries(
                $one[0],
                $one[1],
                array_map(
                    fn(array $group): PlannedGroup => new PlannedGroup(Combination::fromKey($group[0]), $group[1]),
                    $one[2],
                ),
            ),
            $plan[0],
        );

        return new ShootPlan($series, $plan[1]);
    }
}
