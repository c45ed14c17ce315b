<?php

declare(strict_types=1);

namespace Core\Changes;

use Core\CoreException;
use Core\Product\ChosenSkus;
use Core\Reach\Selection;

/** A change of the numbers of some SKUs, for which nothing else of their product need be read. */
interface SkuChange
{
    /** The SKUs that it is about. */
    public function selection(): Selection;

    /** @throws CoreException where it cannot be done to them */
    public function on(ChosenSkus $chosen, Catalog $catalog): Changed;
}
