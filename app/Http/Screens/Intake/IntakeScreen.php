<?php

declare(strict_types=1);

namespace App\Http\Screens\Intake;

use App\Intake\DropFingerprint;
use App\Intake\DropNote;
use App\Intake\ReadDrop;
use App\Intake\ReadFile;
use App\Intake\Shoots\ShootMembers;
use App\Models\Batch;
use App\Models\BatchState;
use Core\Matching\Drop\DropFileStatus;

/** The reading table of a drop. */
final readonly class IntakeScreen
{
    private const PAGE = 150;

    /** Letters that a button has room for. */
    private const BUTTON = 44;

    private const SETTLED = [DropFileStatus::Aside, DropFileStatus::Linked];

    /**
     * @param  string  $by  "product" or "need"
     * @param  string  $show  "settled" for what is done with
     * @param  list<Batch>  $acts  what the person accepted last, the latest first
     * @param  string  $pulse  how things stood before they were read
     * @param  list<DropNote>  $notes  what was done with the drop, the latest first; asked for where the settled ones
     *   are shown
     */
    public function __construct(
        public ReadDrop $read,
        public string $by,
        public string $show,
        private int $page,
        public array $acts,
        public string $pulse,
        public array $notes = [],
    ) {}

    /** @return array<string, list<IntakeRow>> heading => rows of this page */
    public function groups(): array
    {
        $groups = [];
        foreach (array_slice($this->shown(), ($this->page - 1) * self::PAGE, self::PAGE, true) as $one) {
            $groups[$this->heading($one)][] = new IntakeRow($one);
        }

        return $groups;
    }

    /** @return list<int> ids of the files of this page */
    public function shownIds(): array
    {
        return array_keys(array_slice($this->shown(), ($this->page - 1) * self::PAGE, self::PAGE, true));
    }

    public function countOf(string $heading): int
    {
        return count(array_filter($this->shown(), fn(ReadFile $one): bool => $this->heading($one) === $heading));
    }

    public function pages(): int
    {
        return max(1, (int) ceil(count($this->shown()) / self::PAGE));
    }

    public function pageNumber(): int
    {
        return $this->page;
    }

    public function count(DropFileStatus ...$statuses): int
    {
        return $this->read->count(...$statuses);
    }

    /** Files that are all there: nothing of the drop is lost if the window is closed. */
    public function isSafe(): bool
    {
        return $this->count(DropFileStatus::Arriving) === 0;
    }

    public function arriving(): int
    {
        return $this->count(DropFileStatus::Arriving);
    }

    public function sureCount(): int
    {
        return $this->count(DropFileStatus::Sure);
    }

    /** Pictures that say nothing by their names: they can be laid out as a shoot. */
    public function shootCount(): int
    {
        return count(ShootMembers::of($this->read));
    }

    /** Whether files have not arrived, or are none that can be taken. */
    public function lacksFiles(): bool
    {
        return $this->count(DropFileStatus::Arriving, DropFileStatus::Refused) > 0;
    }

    public function hasAside(): bool
    {
        return $this->count(DropFileStatus::Aside) > 0;
    }

    /**
     * Whose the drop is: "Ada, 30 Nov 14:05 · from the studio · all of Brim hat".
     *
     * @return array{user: string, when: string, sender: string, product: string}
     */
    public function origin(): array
    {
        $drop = $this->read->drop;

        return [
            'user' => $drop->user->name,
            'when' => $drop->at('j M H:i'),
            'sender' => $drop->sender === '' ? '' : __('intake.from_sender', ['sender' => $drop->sender]),
            'product' =>
                $drop->product === null ? '' : __('intake.all_of_product', ['product' => $drop->product->name]),
        ];
    }

    /**
     * The address of the same drop, looked at otherwise.
     *
     * @param array<string, string|int> $with
     */
    public function address(array $with): string
    {
        return route('intake.drop', [
            'drop' => $this->read->drop->id,
            ...array_filter(
                $with + ['by' => $this->by, 'show' => $this->show],
                fn(string|int $value): bool => $value !== '' && $value !== 'need',
            ),
        ]);
    }

    public function earlierPage(): int
    {
        return $this->page - 1;
    }

    public function laterPage(): int
    {
        return $this->page + 1;
    }

    /** What can be undone, short enough for a button. */
    public function lastWords(): string
    {
        return mb_strimwidth($this->lastAct()->words ?? '', 0, self::BUTTON, '…');
    }

    /** Whether the page may look different in a moment by itself. */
    public function isMoving(): bool
    {
        $arriving = array_filter(
            $this->read->withStatus(DropFileStatus::Arriving),
            fn(ReadFile $one): bool => $one->file->updated_at->isAfter(now()->subSeconds(DropFingerprint::STILL_SENT)),
        );

        return $arriving !== [] || $this->count(DropFileStatus::Looking, DropFileStatus::Underway) > 0;
    }

    /** @return array<string, string> how many stand how: the state => in words */
    public function sums(): array
    {
        $sums = [];
        foreach (
            [
                [DropFileStatus::Sure],
                [DropFileStatus::Likely],
                [DropFileStatus::InDoubt, DropFileStatus::NotLinked],
                [DropFileStatus::Double],
                [DropFileStatus::NotUnderstood],
                [DropFileStatus::There],
                [DropFileStatus::Card],
                [DropFileStatus::Broken],
                [DropFileStatus::Refused],
                [DropFileStatus::Looking],
                [DropFileStatus::Arriving],
                [DropFileStatus::Underway],
                [DropFileStatus::Aside],
                [DropFileStatus::Linked],
            ]
            as $statuses
        ) {
            $count = $this->count(...$statuses);
            if ($count > 0) {
                $sums[$statuses[0]->value] = number_format($count) . ' ' . $statuses[0]->label();
            }
        }

        return $sums;
    }

    /** The files that can be accepted as they are read, as the page shows them. */
    public function sure(): string
    {
        return $this->marks(DropFileStatus::Sure);
    }

    public function there(): string
    {
        return $this->marks(DropFileStatus::There);
    }

    /** The last act that can be undone, or made again. */
    public function lastAct(): ?Batch
    {
        return self::undoable($this->acts);
    }

    /**
     * @param  list<Batch>  $acts  the latest first
     * @return ?Batch the last that can be undone, or made again
     */
    public static function undoable(array $acts): ?Batch
    {
        foreach ($acts as $act) {
            if (
                in_array(
                    $act->state,
                    [
                        BatchState::Done,
                        BatchState::Stopped,
                        BatchState::Running,
                        BatchState::Undoing,
                        BatchState::Redoing,
                    ],
                    true,
                )
            ) {
                return $act;
            }
        }

        return null;
    }

    public function lastUndone(): ?Batch
    {
        $last = $this->acts[0] ?? null;

        return $last?->state === BatchState::Undone ? $last : null;
    }

    private function marks(DropFileStatus $status): string
    {
        return implode(
            ',',
            array_map(fn(ReadFile $one): string => "{$one->file->id}:{$one->seen()}", $this->read->withStatus($status)),
        );
    }

    private function heading(ReadFile $one): string
    {
        return $this->by === 'product' ? $one->product->name ?? __('intake.no_product_yet') : $one->trouble();
    }

    /** @return array<int, ReadFile> those looked at, in the order of their groups */
    private function shown(): array
    {
        $shown = array_filter(
            $this->read->files,
            fn(ReadFile $one): bool => in_array($one->status, self::SETTLED, true) === ($this->show === 'settled'),
        );
        if ($this->by === 'product') {
            uasort(
                $shown,
                fn(ReadFile $a, ReadFile $b): int => [$a->product === null ? 0 : 1, $a->product->name ?? ''] <=> [
                    $b->product === null ? 0 : 1,
                    $b->product->name ?? '',
                ],
            );
        }

        return $shown;
    }
}
