<?php

declare(strict_types=1);

namespace App\Http\Screens\Catalog;

use App\Models\SizeRunRecord;
use Core\Sizes\SizeGuide;
use Core\Sizes\SizeRun;

/** A size run as the library's page draws it. */
final readonly class DrawnRun
{
    /**
     * @param string $remark what is unusual about its order; empty where it is the one people expect
     * @param ?SizeGuide $guide null where nothing is known of its sizes
     */
    public function __construct(
        public SizeRunRecord $record,
        public SizeRun $run,
        public string $remark,
        public ?SizeGuide $guide,
    ) {}
}
