<?php

declare(strict_types=1);

namespace App\Http\Screens\Intake;

use App\Intake\DropFingerprint;
use App\Intake\DropNote;
use App\Intake\Table\DropLine;
use App\Intake\Table\DropTable;
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

    /** @var list<DropLine> those looked at, in the order of their groups */
    private array $shown;

    /** @var array<string, int> heading => how many */
    private array $counts;

    /**
     * @param  string  $by  "product" or "need"
     * @param  string  $show  "settled" for what is done with
     * @param  list<Batch>  $acts  what the person accepted last, the latest first
     * @param  list<DropNote>  $notes  what was done with the drop, the latest first; asked for where the settled ones
     *   are shown
     */
    public function __construct(
        public DropTable $table,
        public string $by,
        public string $show,
        private int $page,
        public array $acts,
        public array $notes = [],
    ) {
        $this->shown = $this->shown();
        $this->counts = array_count_values(array_map($this->heading(...), $this->shown));
    }

    /** @return array<string, list<IntakeRow>> heading => rows of this page */
    public function groups(): array
    {
        $groups = [];
        foreach ($this->table->files($this->shownIds()) as $id => $one) {
            $groups[$this->heading($this->table->lines[$id])][] = new IntakeRow($one);
        }

        return $groups;
    }

    /** @return list<int> ids of the files of this page */
    public function shownIds(): array
    {
        return array_map(
            fn(DropLine $line): int => $line->id,
            array_slice($this->shown, ($this->page - 1) * self::PAGE, self::PAGE),
        );
    }

    public function countOf(string $heading): int
    {
        return $this->counts[$heading] ?? 0;
    }

    public function pages(): int
    {
        return max(1, (int) ceil(count($this->shown) / self::PAGE));
    }

    public function pageNumber(): int
    {
        return $this->page;
    }

    public function count(DropFileStatus ...$statuses): int
    {
        return $this->table->count(...$statuses);
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
        return count(array_filter($this->table->lines, fn(DropLine $line): bool => $line->isShot));
    }

    /** Whether a file can take the place of a picture that a product has. */
    public function hasBetter(): bool
    {
        return array_filter($this->table->lines, fn(DropLine $line): bool => $line->isBetter) !== [];
    }

    public function fileCount(): int
    {
        return count($this->table->lines);
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
        $drop = $this->table->drop;

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
            'drop' => $this->table->drop->id,
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
        $since = now()->subSeconds(DropFingerprint::STILL_SENT)->getTimestamp();
        $arriving = array_filter(
            $this->table->withStatus(DropFileStatus::Arriving),
            fn(DropLine $line): bool => $line->grewAt > $since,
        );

        return $arriving !== [] ||
            $this->table->isAhead ||
            $this->count(DropFileStatus::Looking, DropFileStatus::Underway) > 0;
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
                $sums[$statuses[0]->value] =
                    $statuses[0] === DropFileStatus::Card
                        ? trans_choice('cards.slate_cards_in_words', $count, ['count' => $count])
                        : number_format($count) . ' ' . $statuses[0]->label();
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
        return implode(',', array_map(fn(DropLine $line): string => $line->token(), $this->table->withStatus($status)));
    }

    private function heading(DropLine $line): string
    {
        return $this->by === 'product'
            ? ($line->hasProduct()
                ? $line->product
                : __('intake.no_product_yet'))
            : $line->trouble;
    }

    /** @return list<DropLine> */
    private function shown(): array
    {
        $shown = array_filter(
            $this->table->lines,
            fn(DropLine $line): bool => in_array($line->status, self::SETTLED, true) === ($this->show === 'settled'),
        );
        $ids = $this->by === 'product' ? DropTable::byProduct($shown) : array_keys($shown);

        return array_map(fn(int $id): DropLine => $shown[$id], $ids);
    }
}
