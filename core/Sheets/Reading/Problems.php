<?php

declare(strict_types=1);

namespace Core\Sheets\Reading;

use Core\CoreException;
use Core\Refusal;
use Core\RefusalKind;
use Core\Sheets\Columns\Field;

/** Collects what is the matter with the cells of a product while they are read. */
final class Problems
{
    /** @var array<string, CellProblem> one for each cell */
    private array $all = [];

    public function add(GivenRow $row, Field $field, ProblemKind $kind, string $message, string $suggestion = ''): void
    {
        $this->addOf($row, $field, new CellProblem($row->number, $field->header(), $kind, $message, $suggestion));
    }

    /** About a part of the cell. */
    public function addOf(GivenRow $row, Field $field, CellProblem $problem): void
    {
        $this->all["{$row->number} {$field->key()}"] ??= $problem;
    }

    /**
     * Reads a cell, and notes what is the matter with it.
     *
     * @template T
     *
     * @param  callable(): T  $read
     * @return ?T null where it cannot be read
     */
    public function reading(GivenRow $row, Field $field, callable $read): mixed
    {
        try {
            return $read();
        } catch (CoreException $fault) {
            $kind =
                $fault instanceof Refusal && $fault->kind === RefusalKind::Taken
                    ? ProblemKind::Taken
                    : ProblemKind::Unreadable;
            $this->add($row, $field, $kind, $fault->getMessage());

            return null;
        }
    }

    /** @return list<CellProblem> */
    public function all(): array
    {
        return array_values($this->all);
    }
}
