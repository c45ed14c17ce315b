<?php

declare(strict_types=1);

namespace Core\Matching\Shoots;

use Core\Gallery\View;

/** Which views stand at the places of a series. */
final class ShotViews
{
    /** Pictures of a product that are linked already show a view that looks like this at most. */
    private const LIKE = 0.3;

    /**
     * By pictures of the same product that are linked already; else as this sender takes so many views; else by the
     * order of the shot list.
     *
     * @param  list<ShotLook>  $forms  what is seen at each place
     * @param  list<array{View, ShotLook}>  $linked  pictures of the product whose views are known
     * @param  list<View>  $usual  in the order in which the sender takes so many; empty where nobody has learned it
     * @param  list<View>  $shotList  in order
     * @return list<?View> at each place
     */
    public static function of(array $forms, array $linked, array $usual, array $shotList): array
    {
        $views = array_map(fn(): ?View => null, $forms);
        $pairs = [];
        foreach ($forms as $place => $form) {
            foreach ($linked as [$view, $look]) {
                $pairs[] = [$form->formDistance($look), $place, $view];
            }
        }
        usort($pairs, fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $given = [];
        foreach ($pairs as [$distance, $place, $view]) {
            if ($distance <= self::LIKE && $views[$place] === null && !isset($given[$view->key])) {
                $views[$place] = $view;
                $given[$view->key] = true;
            }
        }
        if ($given === [] && count($usual) === count($forms)) {
            return $usual;
        }
        $left = array_values(array_filter($shotList, fn(View $view): bool => !isset($given[$view->key])));
        foreach ($views as $place => $view) {
            $views[$place] = $view ?? array_shift($left);
        }

        return $views;
    }
}
