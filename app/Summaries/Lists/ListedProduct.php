<?php

declare(strict_types=1);

namespace App\Summaries\Lists;

use Illuminate\Support\Carbon;
use stdClass;

/** A product as its kept counts have it. */
final readonly class ListedProduct
{
    /**
     * @param  list<int>  $colors  ids of values
     * @param  list<int>  $sizes  ids of the values between which its sizes lie, or of all where they are few
     * @param  int  $tray  pictures that are linked to nothing
     * @param  ?int  $coverage  percent of the required views that are there; null without a shot list
     * @param  int  $holes  required views missing over all picture combinations
     * @param  int  $touched  SKUs that lack one
     */
    private function __construct(
        public int $id,
        public string $code,
        public string $name,
        public string $category,
        public ?int $cardPhotoId,
        public string $cardText,
        public array $colors,
        public array $sizes,
        public int $sizeCount,
        public int $skus,
        public int $cells,
        public int $leftOut,
        public int $pictures,
        public int $tray,
        public ?int $coverage,
        public string $prices,
        public int $units,
        public int $notCounted,
        public Carbon $changedAt,
        public int $holes,
        public int $touched,
    ) {}

    /** @param  stdClass  $row  of product_summaries, with live_code, live_name, live_category */
    public static function of(stdClass $row): self
    {
        $sizes = json_decode($row->sizes, true, 2);

        return new self(
            $row->product_id,
            $row->live_code,
            $row->live_name,
            $row->live_category,
            $row->card_photo_id,
            $row->card_text,
            json_decode($row->colors, true, 2),
            array_values(array_filter($sizes)),
            count($sizes),
            $row->skus,
            $row->cells,
            $row->left_out,
            $row->pictures,
            $row->tray,
            $row->coverage < 0 ? null : $row->coverage,
            $row->prices,
            (int) $row->units,
            $row->not_counted,
            Carbon::parse($row->changed_at),
            $row->holes,
            $row->touched,
        );
    }
}
