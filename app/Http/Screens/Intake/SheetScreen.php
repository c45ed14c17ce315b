<?php

declare(strict_types=1);

namespace App\Http\Screens\Intake;

use App\Intake\Sheets\LayoutRecord;
use App\Intake\Sheets\SheetProducts;
use App\Intake\Sheets\TermsRecord;
use App\Intake\Sheets\Verdicts\VettedRow;
use App\Intake\Sheets\Verdicts\VettedRows;
use App\Models\Sheets\Sheet;
use App\Models\Sheets\SheetState;
use Core\Sheets\Reading\EmptyCells;
use Core\Sheets\Reading\ProblemKind;
use Core\Sheets\Rows\RowShape;
use Core\Sheets\Rows\SheetLayout;
use Core\Sheets\Verdicts\SheetVerdict;

/** A sheet of the intake as its pages draw it. */
final readonly class SheetScreen
{
    /** New values and axes that are named; of more it is said how many. */
    private const NAMED = 8;

    /** Products of a pilot. */
    private const PILOT = 3;

    /** @var array<string, int> verdict => rows */
    private array $rowCounts;

    /** @var array<string, int> verdict => products */
    private array $productCounts;

    /** @var list<string> */
    private array $additions;

    private ?SheetLayout $layout;

    /** @param  list<VettedRow>  $page  one more than a page where there are more */
    public function __construct(
        public Sheet $sheet,
        private SheetProducts $products,
        private VettedRows $rows,
        private array $page,
        public ?SheetVerdict $verdict,
        public ?ProblemKind $kind,
        public AddressSums $addresses,
        public bool $isColumns,
    ) {
        $this->rowCounts = $rows->counts($sheet);
        $this->productCounts = $products->counts($sheet);
        $this->additions = $products->additions($sheet);
        $this->layout = $sheet->layout === [] ? null : LayoutRecord::decode($sheet->layout);
    }

    public function origin(): string
    {
        return __('sheets.origin', [
            'rows' => trans_choice('sheets.rows', $this->sheet->rows),
            'products' => trans_choice('sheets.products', array_sum($this->productCounts)),
            'user' => $this->sheet->user->name,
            'when' => $this->sheet->at('j M H:i'),
            'sender' => $this->sheet->sender === '' ? '' : __('sheets.from', ['sender' => $this->sheet->sender]),
        ]);
    }

    /** Whether the page is to look again by itself. */
    public function isMoving(): bool
    {
        return $this->isAtWork() || $this->addresses->waiting() > 0;
    }

    /** Whether rows name addresses that nobody has fetched. */
    public function canFetch(): bool
    {
        return $this->isReady() && $this->addresses->waiting() === 0 && $this->rows->hasAddresses($this->sheet);
    }

    public function isAtWork(): bool
    {
        return $this->sheet->state->isAtWork();
    }

    public function isReady(): bool
    {
        return $this->sheet->state === SheetState::Ready;
    }

    public function failure(): string
    {
        return $this->sheet->state === SheetState::Failed ? $this->sheet->failure : '';
    }

    public function progressInWords(): string
    {
        return match ($this->sheet->state) {
            SheetState::Reading => __('sheets.reading'),
            SheetState::Sorting => __('sheets.sorting'),
            default => __('sheets.vetting', ['through' => $this->through(), 'total' => $this->total()]),
        };
    }

    public function through(): int
    {
        return $this->sheet->state === SheetState::Vetting ? $this->sheet->through : 0;
    }

    public function total(): int
    {
        return max(1, array_sum($this->productCounts));
    }

    /** @return list<SheetSum> rows by what becomes of them */
    public function sums(): array
    {
        $sums = [
            new SheetSum(
                __('sheets.all_rows'),
                $this->sheet->rows,
                [],
                $this->verdict === null && $this->kind === null,
            ),
        ];
        foreach (SheetVerdict::cases() as $verdict) {
            $count = $this->rowCounts[$verdict->value] ?? 0;
            if ($count > 0) {
                $sums[] = new SheetSum(
                    __("sheets.verdict_{$verdict->value}"),
                    $count,
                    ['verdict' => $verdict->value],
                    $this->verdict === $verdict && $this->kind === null,
                );
            }
        }

        return $sums;
    }

    /** @return list<SheetSum> rejected rows by what is the matter */
    public function kinds(): array
    {
        $sums = [];
        foreach ($this->rows->problems($this->sheet) as $value => $count) {
            $sums[] = new SheetSum(
                __("sheets.kind_{$value}"),
                $count,
                ['verdict' => SheetVerdict::Rejected->value, 'kind' => $value],
                $this->kind?->value === $value,
            );
        }

        return $sums;
    }

    /** @return list<string> what is worth knowing of it as a whole */
    public function remarks(): array
    {
        $remarks = $this->sheet->notes;
        if ($this->additions !== []) {
            $more = count($this->additions) - self::NAMED;
            $remarks[] = trans_choice('sheets.additions', max(0, $more), [
                'names' => implode(', ', array_slice($this->additions, 0, self::NAMED)),
                'more' => $more,
            ]);
        }
        $leftOut = $this->products->leftOut($this->sheet);
        if ($leftOut > 0) {
            $remarks[] = trans_choice('sheets.left_out', $leftOut);
        }
        if ($this->empty() === EmptyCells::Clear) {
            $remarks[] = trans_choice('sheets.emptied', $this->rows->emptied($this->sheet));
        }

        return $remarks;
    }

    /** Products that are sound and not as the sheet says yet. */
    public function sound(): int
    {
        return ($this->productCounts[SheetVerdict::Fresh->value] ?? 0) +
            ($this->productCounts[SheetVerdict::Changed->value] ?? 0);
    }

    /** How many products a pilot imports. */
    public function pilot(): int
    {
        return self::PILOT;
    }

    public function canPilot(): bool
    {
        return $this->sound() > self::PILOT;
    }

    public function hasRejects(): bool
    {
        return ($this->rowCounts[SheetVerdict::Rejected->value] ?? 0) > 0;
    }

    public function lastBatch(): ?string
    {
        return $this->products->lastBatch($this->sheet);
    }

    /** @return list<SheetRowScreen> */
    public function rows(): array
    {
        $columns = $this->layout->columns ?? [];

        return array_map(
            fn(VettedRow $row): SheetRowScreen => new SheetRowScreen($row, $columns),
            array_slice($this->page, 0, VettedRows::PAGE),
        );
    }

    /** Where the next page of rows is; null on the last. */
    public function nextAddress(): ?string
    {
        return count($this->page) > VettedRows::PAGE
            ? $this->address(['after' => (string) $this->page[VettedRows::PAGE - 1]->verdict->row] + $this->filter())
            : null;
    }

    /** @param  array<string, string>  $filter */
    public function address(array $filter): string
    {
        return route('sheet', ['sheet' => $this->sheet->id] + $filter);
    }

    /** @return array<string, string> what the address says of the rows that are shown */
    public function filter(): array
    {
        return array_filter([
            'verdict' => (string) $this->verdict?->value,
            'kind' => (string) $this->kind?->value,
        ]);
    }

    /** @return list<SheetColumnScreen> */
    public function columns(): array
    {
        $columns = [];
        foreach ($this->layout->columns ?? [] as $column) {
            $columns[] = new SheetColumnScreen(
                $column,
                array_map(fn(VettedRow $row): string => $row->cells[$column->place] ?? '', $this->page),
                in_array($column->place, $this->layout->sizes ?? [], true),
            );
        }

        return $columns;
    }

    public function shape(): string
    {
        return ($this->layout->shape ?? RowShape::SkuRows)->value;
    }

    /** @return array<string, string> shape => label */
    public function shapes(): array
    {
        $labels = [];
        foreach (RowShape::cases() as $shape) {
            if ($shape === RowShape::SizesAcross && !$this->hasSizesAcross()) {
                continue;
            }
            $labels[$shape->value] = __("sheets.shape_{$shape->value}");
        }

        return $labels;
    }

    /** Whether several of its columns are called by sizes. */
    public function hasSizesAcross(): bool
    {
        return count($this->layout?->as(RowShape::SizesAcross)->sizes ?? []) > 1;
    }

    public function across(): string
    {
        return $this->layout->across->value ?? '';
    }

    public function empty(): EmptyCells
    {
        return TermsRecord::of($this->sheet)->empty;
    }
}
