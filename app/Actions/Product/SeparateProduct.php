<?php

declare(strict_types=1);

namespace App\Actions\Product;

use App\Changing\Separating;
use App\Models\Product;
use App\Models\User;
use Core\Combining\ProductSeparator;
use Core\CoreException;
use Core\Product\Product as CoreProduct;
use Core\Refusal;
use Core\RefusalKind;

/**
 * Parts a product into several: into those that it was put together of, else into one for each value of an axis.
 */
final readonly class SeparateProduct
{
    private const LONGEST_NAME = 120;

    private const LONGEST_CODE = 40;

    public function __construct(private Separating $work) {}

    /**
     * @param  ?int  $axisId  by whose values it is parted; null where it was put together
     * @return Product the first part
     *
     * @throws CoreException
     */
    public function run(User $user, Product $product, ?int $axisId): Product
    {
        return $this->work->run($user, self::class, $product->id, function (CoreProduct $core) use ($axisId): array {
            $axis = $axisId === null ? null : $core->matrix->axis($axisId);
            if ($axis === null) {
                throw new Refusal(
                    'Choose the axis by whose values the product is parted.',
                    RefusalKind::Missing,
                    'axis',
                );
            }
            $details = $core->state->details;
            $names = [];
            foreach ($axis->values as $value) {
                $code = (string) preg_replace('/[^A-Za-z0-9._-]+/', '-', "{$details->code}-{$value->code}");
                $names[$value->id] = [
                    mb_substr("{$details->name} {$value->label}", 0, self::LONGEST_NAME),
                    mb_substr($code, 0, self::LONGEST_CODE),
                ];
            }

            return (new ProductSeparator())->separate($core, $axis, $names);
        });
    }
}
