<?php

declare(strict_types=1);

namespace App\Ledger;

/** What becomes of some rows of a table. */
final class RowOutcome
{
    /** @var list<array<string, mixed>> */
    public array $insert = [];

    /** @var array<int, array<string, mixed>> by id */
    public array $update = [];

    /** @var list<int> */
    public array $delete = [];

    /** @var list<int> to be deleted where nobody uses them */
    public array $shared = [];

    public function __construct(public readonly string $table) {}

    /**
     * @param  ?array<string, mixed>  $before  null where it is not there
     * @param  ?array<string, mixed>  $after  null where it goes
     */
    public function add(int $id, ?array $before, ?array $after, bool $isShared): void
    {
        if ($before === null && $after !== null) {
            $this->insert[] = $after;
        } elseif ($after !== null) {
            $this->update[$id] = $after;
        } elseif ($before !== null && $isShared) {
            $this->shared[] = $id;
        } elseif ($before !== null) {
            $this->delete[] = $id;
        }
    }
}
