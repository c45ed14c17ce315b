<?php

declare(strict_types=1);

namespace Core\Sheets\Reading;

use Core\Gallery\Galleries;
use Core\Gallery\Placement;
use Core\Gallery\Roles\Role;
use Core\Gallery\View;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Product\Sku;
use Core\Reach\Clause;
use Core\Reach\Reach;
use Core\Reach\Simplifier;
use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;
use Core\Text\Name;

/**
 * Reads the pictures of a product's rows: the names in a row reach its SKU, and what the rows say together is folded
 * into the fewest words. A picture that shows in the very rows that name it stays as it is.
 */
final class PictureCells
{
    /** @var list<Combination> of all SKUs that the product has then */
    private readonly array $cells;

    /** @var array<int, FoundPicture> by photo id */
    private array $found = [];

    /** @param  list<Sku>  $made  that the product has then */
    public function __construct(
        private readonly Matrix $matrix,
        array $made,
        private readonly SheetTerms $terms,
        private readonly Problems $problems,
    ) {
        $this->cells = $matrix->inOrder(array_map(fn(Sku $sku): Combination => $sku->cell, $made));
    }

    /**
     * @param  list<Placement>  $own
     * @param  list<PlacedRow>  $placed
     * @return list<Placement> the very list where nothing is otherwise
     */
    public function read(array $own, GivenProduct $given, array $placed): array
    {
        $rows = array_values(array_filter($placed, fn(PlacedRow $one): bool => $one->state === RowState::Made));
        $field = Field::of(FieldKind::Photos);
        $pictures = $own;
        if ($given->has($field)) {
            $named = [];
            foreach ($rows as $at => $one) {
                $ids = $this->named($one->row, $field);
                if ($ids !== null) {
                    $named[$at] = $ids;
                }
            }
            $pictures = $this->inOrder($this->reaching($own, $rows, $named), array_values($named));
            $pictures = $this->described($pictures, $rows, $given);
        }

        return $this->doing($pictures, $rows, $given);
    }

    /** @return ?list<int> ids of the photos that a row names; null where it says nothing of them */
    private function named(GivenRow $row, Field $field): ?array
    {
        $text = $row->text($field);
        if ($text === '') {
            return $this->terms->empty === EmptyCells::Keep ? null : [];
        }
        if (mb_strtolower($text) === GivenRow::NONE) {
            return [];
        }
        $ids = [];
        foreach (self::names($text) as $name) {
            $picture = $this->picture($row, $field, $name);
            if ($picture !== null) {
                $ids[] = $picture->photoId;
            }
        }

        return array_values(array_unique($ids));
    }

    /** Whether a cell names a picture by its address in the web, and not by the name of a file. */
    public static function isAddress(string $name): bool
    {
        return preg_match('~^https?://~i', $name) === 1;
    }

    /** @return list<string> of files, as a cell lists them: with | or line breaks between, or ; and , of which no name is */
    public static function names(string $text): array
    {
        $sign = preg_match('/[|\r\n]/', $text) === 1 ? '/\s*[|\r\n]+\s*/u' : '/\s*;\s*|,\s+|(?<=\.jpg|\.png),/iu';

        return array_values(array_filter(preg_split($sign, trim($text)) ?: [], fn(string $name): bool => $name !== ''));
    }

    private function picture(GivenRow $row, Field $field, string $name): ?FoundPicture
    {
        $picture = $this->terms->pictures->find($name);
        if ($picture !== null) {
            return $this->found[$picture->photoId] = $picture;
        }
        if (!isset($this->terms->confirmed[SheetTerms::confirmation(FieldKind::Photos->value, $name)])) {
            $isAddress = self::isAddress($name);
            $near = $isAddress ? null : $this->terms->pictures->near($name);
            $kind = $isAddress ? ProblemKind::NotFetched : ProblemKind::NoPicture;
            $message = match (true) {
                $isAddress => "The picture at {$name} is not here. Have it fetched, or go on without it.",
                $near === null => "No picture is called “{$name}”. Drop it on the intake first, or go on without it.",
                default => "No picture is called “{$name}”; one is called {$near}. Take that, drop the missing one " .
                    'first, or go on without it.',
            };
            $this->problems->addOf(
                $row,
                $field,
                new CellProblem($row->number, $field->header(), $kind, $message, $near ?? '', $name),
            );
        }

        return null;
    }

    /**
     * @param  list<Placement>  $own
     * @param  list<PlacedRow>  $rows
     * @param  array<int, list<int>>  $named  place of the row => ids of photos
     * @return list<Placement>
     */
    private function reaching(array $own, array $rows, array $named): array
    {
        $galleries = new Galleries($this->matrix, $this->cells, $own);
        $wanted = $shown = [];
        foreach ($named as $at => $ids) {
            $cell = $rows[$at]->cell;
            foreach ($ids as $id) {
                $wanted[$id][$cell->key] = $cell;
            }
            foreach ($galleries->of($cell)->entries as $entry) {
                $shown[$entry->placement->photoId][$cell->key] = $cell;
            }
        }
        $known = array_column($own, null, 'photoId');
        foreach (array_keys($wanted + $shown) as $id) {
            $come = array_diff_key($wanted[$id] ?? [], $shown[$id] ?? []);
            $go = array_diff_key($shown[$id] ?? [], $wanted[$id] ?? []);
            if ($come !== [] || $go !== []) {
                $known[$id] = $this->moved($known[$id] ?? $this->fresh($id, count($known)), $come, $go);
            }
        }

        return array_values($known);
    }

    private function fresh(int $photoId, int $place): Placement
    {
        $picture = $this->found[$photoId];

        return new Placement(
            -1 - $place,
            $picture->file,
            Reach::nothing(),
            Reach::nothing(),
            isStill: $picture->isStill,
            photoId: $photoId,
        );
    }

    /**
     * @param  array<string, Combination>  $come  cells in which it is to show
     * @param  array<string, Combination>  $go  cells in which it is not to show any more
     */
    private function moved(Placement $picture, array $come, array $go): Placement
    {
        $reach = $picture->reach->activeIn($this->matrix);
        $there = [];
        foreach ($this->cells as $cell) {
            $shows =
                isset($come[$cell->key]) ||
                (!isset($go[$cell->key]) && $reach->covers($cell) && !$picture->hidden->covers($cell));
            if ($shows) {
                $there[] = $cell;
            }
        }
        $hidden = $picture->hidden;
        foreach ($come as $cell) {
            $hidden = $hidden->covers($cell) ? $hidden->subtract(Reach::of(Clause::at($cell)), $this->matrix) : $hidden;
        }
        $reach = (new Simplifier())->fromCells($there, $this->cells, $this->matrix);

        return $picture->reaching($reach->union($picture->reach->dormantIn($this->matrix)), $hidden);
    }

    /**
     * In the order in which the rows name them; those that no row names keep their place behind what they stood behind.
     *
     * @param  list<Placement>  $pictures
     * @param  list<list<int>>  $sequences  ids of photos
     * @return list<Placement>
     */
    private function inOrder(array $pictures, array $sequences): array
    {
        $byPhoto = array_column($pictures, null, 'photoId');
        $order = array_keys($byPhoto);
        if ($this->isFollowed($order, $sequences)) {
            return $pictures;
        }
        $wanted = self::merged(self::followed($sequences), $order);

        return array_map(fn(int $id): Placement => $byPhoto[$id], $wanted);
    }

    /**
     * @param  list<int>  $order
     * @param  list<list<int>>  $sequences
     */
    private function isFollowed(array $order, array $sequences): bool
    {
        $places = array_flip($order);
        foreach ($sequences as $sequence) {
            $last = -1;
            foreach ($sequence as $id) {
                if ($places[$id] < $last) {
                    return false;
                }
                $last = $places[$id];
            }
        }

        return true;
    }

    /**
     * One order in which each of the sequences is kept; where they contradict each other, the first of them is.
     *
     * @param  list<list<int>>  $sequences
     * @return list<int>
     */
    private static function followed(array $sequences): array
    {
        $before = $after = [];
        foreach ($sequences as $sequence) {
            foreach ($sequence as $at => $id) {
                $before[$id] ??= [];
                $next = $sequence[$at + 1] ?? null;
                if ($next !== null && !isset($after[$id][$next])) {
                    $after[$id][$next] = true;
                    $before[$next][$id] = true;
                }
            }
        }
        $order = [];
        while ($before !== []) {
            $free = array_key_first(array_filter($before, fn(array $ids): bool => $ids === []));
            $id = $free ?? array_key_first($before);
            $order[] = $id;
            unset($before[$id]);
            foreach (array_keys($after[$id] ?? []) as $next) {
                unset($before[$next][$id]);
            }
        }

        return $order;
    }

    /**
     * What is not in the list yet comes behind what it follows in the other.
     *
     * @param  list<int>  $list
     * @param  list<int>  $other
     * @return list<int>
     */
    private static function merged(array $list, array $other): array
    {
        $before = 0;
        foreach ($other as $id) {
            $at = array_search($id, $list, true);
            if ($at === false) {
                array_splice($list, $before, 0, [$id]);
                $before++;
            } else {
                $before = max($before, $at + 1);
            }
        }

        return $list;
    }

    /**
     * Views and texts beside the names of the pictures.
     *
     * @param  list<Placement>  $pictures
     * @param  list<PlacedRow>  $rows
     * @return list<Placement>
     */
    private function described(array $pictures, array $rows, GivenProduct $given): array
    {
        $views = $this->beside(Field::of(FieldKind::Views), $rows, $given);
        $texts = $this->beside(Field::of(FieldKind::AltTexts), $rows, $given);
        foreach ($pictures as $at => $picture) {
            $view = isset($views[$picture->photoId]) ? $this->view($views[$picture->photoId]) : null;
            $pictures[$at] = $view === null || $view->is($picture->view) ? $picture : $picture->showing($view);
            $text = $texts[$picture->photoId]->text ?? $picture->altText;
            $pictures[$at] = $text === $picture->altText ? $pictures[$at] : $pictures[$at]->told($text);
        }

        return $pictures;
    }

    /**
     * @param  list<PlacedRow>  $rows
     * @return array<int, SaidCell> photo id => what stands beside its name
     */
    private function beside(Field $field, array $rows, GivenProduct $given): array
    {
        $beside = [];
        $photos = Field::of(FieldKind::Photos);
        foreach ($given->has($field) ? $rows : [] as $one) {
            $names = self::names($one->row->text($photos));
            $said = explode('|', $one->row->text($field));
            foreach ($names as $at => $name) {
                $text = trim($said[$at] ?? '');
                $picture = $text === '' ? null : $this->terms->pictures->find($name);
                if ($picture !== null) {
                    $beside[$picture->photoId] ??= new SaidCell($one->row, $field, $text);
                }
            }
        }

        return $beside;
    }

    private function view(SaidCell $said): ?View
    {
        $view = $this->terms->views->find(mb_strtolower($said->text));
        foreach ($view === null ? $this->terms->views->all : [] as $one) {
            $view ??= Name::of($one->name)->is(Name::of($said->text)) ? $one : null;
        }
        if ($view === null) {
            $this->problems->add(
                $said->row,
                $said->field,
                ProblemKind::Unreadable,
                "“{$said->text}” is no view that the library has. Write one of its views, such as front or back.",
            );
        }

        return $view;
    }

    /**
     * @param  list<Placement>  $pictures
     * @param  list<PlacedRow>  $rows
     * @return list<Placement>
     */
    private function doing(array $pictures, array $rows, GivenProduct $given): array
    {
        foreach ($given->fields(FieldKind::Role) as $field) {
            $pictures = $this->given($pictures, Role::from($field->name), $this->wanted($rows, $field));
        }

        return $pictures;
    }

    /**
     * @param  list<PlacedRow>  $rows
     * @return array<int, array<string, Combination>> photo id => the cells of the rows that name it
     */
    private function wanted(array $rows, Field $field): array
    {
        $wanted = [];
        foreach ($rows as $one) {
            $name = $one->row->text($field);
            $picture = $name === '' ? null : $this->picture($one->row, $field, $name);
            if ($picture !== null) {
                $wanted[$picture->photoId][$one->cell->key] = $one->cell;
            }
        }

        return $wanted;
    }

    /**
     * @param  list<Placement>  $pictures
     * @param  array<int, array<string, Combination>>  $wanted  photo id => the cells where it is to have the role
     * @return list<Placement>
     */
    private function given(array $pictures, Role $role, array $wanted): array
    {
        $pictures = $this->withThose($pictures, $wanted);
        $galleries = new Galleries($this->matrix, $this->cells, $pictures);
        $rivals = [];
        $isOther = false;
        foreach ($wanted as $photoId => $cells) {
            foreach ($cells as $cell) {
                $gallery = $galleries->of($cell);
                $answer = $gallery->role($role);
                $isOther = $isOther || !$answer->ground->isAssigned() || $answer->placement()?->photoId !== $photoId;
                foreach ([...$gallery->entries, ...$gallery->hidden] as $entry) {
                    $rivals[$entry->placement->photoId] = true;
                }
            }
        }

        return $isOther
            ? array_map(
                fn(Placement $picture): Placement => match (true) {
                    isset($wanted[$picture->photoId]) => $picture->having($role, true),
                    isset($rivals[$picture->photoId]) && $picture->carries($role) => $picture->having($role, false),
                    default => $picture,
                },
                $pictures,
            )
            : $pictures;
    }

    /**
     * A picture that does a job where it is not among the photos reaches there, and is hidden.
     *
     * @param  list<Placement>  $pictures
     * @param  array<int, array<string, Combination>>  $wanted  photo id => cells
     * @return list<Placement>
     */
    private function withThose(array $pictures, array $wanted): array
    {
        $known = array_column($pictures, null, 'photoId');
        foreach ($wanted as $photoId => $cells) {
            $picture = $known[$photoId] ?? null;
            $reach = $picture?->reach->activeIn($this->matrix);
            $apart = array_filter($cells, fn(Combination $cell): bool => $reach?->covers($cell) !== true);
            if ($apart !== []) {
                $moved = $this->moved($picture ?? $this->fresh($photoId, count($known)), $apart, []);
                $hidden = (new Simplifier())->fromCells(array_values($apart), $this->cells, $this->matrix);
                $known[$photoId] = $moved->reaching($moved->reach, $moved->hidden->union($hidden));
            }
        }

        return array_values($known);
    }
}
