<?php

declare(strict_types=1);

namespace App\Store\Library;

use Core\Codes\GtinRange;
use Core\Refusal;
use Core\RefusalKind;
use Core\Text\Name;

/** A range of GTINs as it was typed. */
final readonly class GtinRangeForm
{
    private const MOST_NAME = 60;

    public Name $name;

    /**
     * @param string $first the first and the last item of the range
     *
     * @throws Refusal
     */
    public function __construct(string $name, public string $prefix, public string $first, public string $last)
    {
        $this->name = Name::of($name);
        if ($this->name->isEmpty() || $this->name->isLongerThan(self::MOST_NAME)) {
            throw new Refusal(
                'A range needs a name of up to ' . self::MOST_NAME . ' characters.',
                RefusalKind::Missing,
                'name',
            );
        }
    }

    public function range(): GtinRange
    {
        return GtinRange::typed($this->prefix, $this->first, $this->last);
    }
}
