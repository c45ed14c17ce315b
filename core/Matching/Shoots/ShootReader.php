<?php

declare(strict_types=1);

namespace Core\Matching\Shoots;

/**
 * Reads a shoot as a whole: which pictures show one thing in one color, and which of these groups show the same views
 * one after the other.
 */
final class ShootReader
{
    /** Times in which groups are made anew with what was learned of the views. */
    private const ROUNDS = 2;

    /**
     * @param  array<array-key, ShotPicture>  $pictures
     * @return list<ShotSeries> by their first picture, in the order of taking
     */
    public static function read(array $pictures): array
    {
        $taken = array_map(fn(ShotPicture $picture): TakenPicture => $picture->taken, $pictures);
        $rolls = array_map(
            fn(array $keys): ShotRoll => new ShotRoll($keys, $pictures),
            array_values(TakingOrder::of($taken)),
        );
        $series = self::series($rolls, [], $pictures);
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $series = self::series($rolls, SeriesDraft::supported($series), $pictures);
        }

        return array_map(fn(SeriesDraft $draft): ShotSeries => $draft->done(), $series);
    }

    /**
     * @param  list<ShotRoll>  $rolls
     * @param  list<SeriesDraft>  $known  as far as they were found before
     * @param  array<array-key, ShotPicture>  $pictures
     * @return list<SeriesDraft>
     */
    private static function series(array $rolls, array $known, array $pictures): array
    {
        $groups = array_merge(...array_map(fn(ShotRoll $roll): array => $roll->groups($known), $rolls));

        return SeriesDraft::of($groups, $pictures);
    }
}
