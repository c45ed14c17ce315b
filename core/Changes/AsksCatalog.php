<?php

declare(strict_types=1);

namespace Core\Changes;

/** A change that knows beforehand what it will ask the catalog, so that it is asked of many products at once. */
interface AsksCatalog
{
    /** @return list<string> codes of SKUs that may be taken */
    public function askedCodes(): array;

    /** @return list<string> GTINs that may be taken, as they are typed */
    public function askedGtins(): array;
}
