<?php

declare(strict_types=1);

namespace App\Store\Products;

use App\Models\CodePatternRecord;
use App\Models\GtinRangeRecord;
use App\Models\LibraryAxis;
use App\Models\Product;
use Core\Codes\CodeParts;
use Core\Codes\CodeValue;
use Illuminate\Support\Facades\DB;

/** Code patterns and ranges of GTINs, and what of the catalog is made by them. */
final class CodePatterns
{
    /** Of so many SKUs an example is given. */
    private const EXAMPLES = 3;

    /** @var ?array<int, string> */
    private ?array $axes = null;

    /** @var ?array<int, int> */
    private ?array $users = null;

    /** @var ?array<int, int> */
    private ?array $given = null;

    /** @var ?array{string, list<CodeParts>} */
    private ?array $examples = null;

    public function __construct(private readonly ProductLoader $loader, private readonly TakenCodes $taken) {}

    /** @return list<CodePatternRecord> */
    public function all(): array
    {
        return array_values(CodePatternRecord::query()->orderBy('name')->get()->all());
    }

    /** @return list<GtinRangeRecord> */
    public function ranges(): array
    {
        return array_values(GtinRangeRecord::query()->orderBy('name')->get()->all());
    }

    /** @return array<int, string> names of the library's axes by id */
    public function axes(): array
    {
        return $this->axes ??= LibraryAxis::query()->orderBy('name')->pluck('name', 'id')->all();
    }

    /** @return array<int, int> pattern id => products that have it */
    public function users(): array
    {
        return $this->users ??= Product::query()
            ->whereNotNull('code_pattern_id')
            ->groupBy('code_pattern_id')
            ->selectRaw('code_pattern_id, count(*) as users')
            ->pluck('users', 'code_pattern_id')
            ->all();
    }

    /** @return array<int, int> range id => how many of its numbers SKUs have */
    public function given(): array
    {
        return $this->given ??= $this->taken->countsBetween(
            array_column(
                array_map(
                    fn(GtinRangeRecord $record): array => [$record->id, $record->toCore()->ends()],
                    $this->ranges(),
                ),
                1,
                0,
            ),
        );
    }

    /** @return array{string, list<CodeParts>} a product's code, and SKUs of it; invented ones where there is none */
    public function examples(): array
    {
        if ($this->examples !== null) {
            return $this->examples;
        }
        $product = Product::query()
            ->standing()
            ->whereIn('id', DB::table('product_axes')->whereNotNull('position')->select('product_id'))
            ->orderBy('id')
            ->first();
        $parts = $product === null ? [] : $this->parts($product);

        return $this->examples =
            $product === null || $parts === []
                ? [
                    'SMOCK',
                    [
                        new CodeParts(
                            '',
                            [1 => new CodeValue('Color', 'Moss', 'MOSS'), 2 => new CodeValue('Size', 'M', 'M')],
                            'Moss, M',
                        ),
                    ],
                ]
                : [$product->code, $parts];
    }

    /** @return list<CodeParts> */
    private function parts(Product $product): array
    {
        $matrix = $this->loader->matrix($product);

        return $matrix->codeParts(array_slice($matrix->inOrder($matrix->offered()), 0, self::EXAMPLES));
    }
}
