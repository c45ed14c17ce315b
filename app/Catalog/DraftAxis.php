<?php

declare(strict_types=1);

namespace App\Catalog;

/** An axis as a person typed it. */
final readonly class DraftAxis
{
    /**
     * @param  bool  $keepsOrder  the values were dragged: they stay in the order given
     * @param  ?bool  $changesPicture  asked of an axis that is new to the library
     */
    public function __construct(
        public string $name,
        public string $typed,
        public bool $keepsOrder = false,
        public ?bool $changesPicture = null,
    ) {
    }

    /**
     * @param  list<array{name?: ?string, values?: ?string, dragged?: ?string, pictures?: ?string, pictures_asked?: ?string}>  $rows a form's rows
     * @return list<self>
     */
    public static function fromForm(array $rows): array
    {
        $axes = [];
        foreach ($rows as $row) {
            $axis = new self(
                trim($row['name'] ?? ''),
                $row['values'] ?? '',
                ($row['dragged'] ?? '') === '1',
                isset($row['pictures_asked']) ? ($row['pictures'] ?? '') === '1' : null,
            );
            if ($axis->name !== '' || trim($axis->typed) !== '') {
                $axes[] = $axis;
            }
        }

        return $axes;
    }
}
