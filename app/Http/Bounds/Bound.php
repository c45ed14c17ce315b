<?php

declare(strict_types=1);

namespace App\Http\Bounds;

/** How large something in a form may be. It is looked at before anything is done with it, once, in one go. */
interface Bound
{
    /**
     * @return ?string what is wrong, as the end of a sentence that begins with the field's name; null where nothing is
     */
    public function fault(mixed $given): ?string;
}
