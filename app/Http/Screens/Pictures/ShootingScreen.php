<?php

declare(strict_types=1);

namespace App\Http\Screens\Pictures;

use App\Summaries\Lists\ListQuery;
use App\Summaries\Shooting\ShootingLine;
use Core\Gallery\Coverage\Need;

/** A shooting list as a photographer works through it: grouped by product, by color or by view. */
final readonly class ShootingScreen
{
    /** What the list can be grouped by. */
    public const BY = ['product', 'color', 'view'];

    /**
     * @param  list<ShootingLine>  $lines
     * @param  bool  $isAll  whether these are all there are
     * @param  ?string  $product  code, where it is of one product
     */
    public function __construct(
        public array $lines,
        public bool $isAll,
        public string $by,
        public ListQuery $asked,
        public ?string $product,
    ) {}

    /** @return array<string, list<ShootingLine>> */
    public function groups(): array
    {
        $groups = [];
        foreach ($this->lines as $line) {
            $groups[
                match ($this->by) {
                    'color' => $line->color === '' ? __('pictures.no_color_of_its_own') : $line->color,
                    'view' => $line->view->label(),
                    default => "{$line->name} · {$line->code}",
                }
            ][] = $line;
        }
        if ($this->by !== 'product') {
            ksort($groups, SORT_NATURAL | SORT_FLAG_CASE);
        }

        return $groups;
    }

    public function countInWords(): string
    {
        $count = count($this->lines);
        $required = count(array_filter($this->lines, fn(ShootingLine $line): bool => $line->need === Need::Required));

        return trans_choice('pictures.pictures_to_be_taken', $count, [
            'first' => $this->isAll ? '' : __('pictures.the_first'),
            'count' => $count,
            'required' => $required,
        ]);
    }

    /** @param  array<string, string>  $with */
    public function address(array $with = [], string $route = 'shooting-list'): string
    {
        return route(
            $route,
            array_filter(
                $with + [
                    'by' => $this->by === 'product' ? '' : $this->by,
                    'product' => $this->product ?? '',
                    'q' => $this->asked->search,
                    ...array_filter($this->asked->filters, fn(string $value): bool => $value !== ListQuery::ANY),
                ],
                fn(string $value): bool => $value !== '',
            ),
        );
    }
}
