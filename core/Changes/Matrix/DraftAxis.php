<?php

declare(strict_types=1);

namespace Core\Changes\Matrix;

use Core\Refusal;
use Core\RefusalKind;
use Core\Text\Name;

/** An axis as a person has it in a form: values that stand there, and more that are typed. */
final readonly class DraftAxis
{
    /** What the row is called in a form, as long as the form is open. */
    public string $key;

    /**
     * @param  string  $typed  more values, as typed or pasted
     * @param  bool  $keepsOrder  the values were dragged: they stay in the order given
     * @param  ?bool  $changesPicture  asked of an axis that is new to the library
     * @param  ?int  $axisId  of an axis that exists; its name is then not read
     * @param  list<DraftValue>  $values  those that stand there, in order
     */
    public function __construct(
        public string $name,
        public string $typed,
        public bool $keepsOrder = false,
        public ?bool $changesPicture = null,
        public ?int $axisId = null,
        public array $values = [],
        ?string $key = null,
    ) {
        $this->key = $key ?? Name::of($name)->folded;
    }

    /**
     * @param  array<array-key, mixed>  $rows a form's rows
     * @return list<self> blank ones with them
     *
     * @throws Refusal
     */
    public static function fromForm(array $rows): array
    {
        $axes = [];
        foreach ($rows as $key => $row) {
            $text = fn(string $field): string => is_array($row) && is_string($row[$field] ?? null) ? $row[$field] : '';
            $axes[] = new self(
                trim($text('name')),
                $text('values'),
                $text('dragged') === '1',
                $text('pictures_asked') === '' ? null : $text('pictures') === '1',
                (int) $text('axis') > 0 ? (int) $text('axis') : null,
                self::values($text('items')),
                (string) $key,
            );
        }

        return $axes;
    }

    /** A row in which nothing stands yet. */
    public function isBlank(): bool
    {
        return $this->axisId === null && $this->name === '' && trim($this->typed) === '' && $this->values === [];
    }

    public function itemsJson(): string
    {
        $items = array_map(fn(DraftValue $value): int|string => $value->id ?? $value->label, $this->values);

        return json_encode($items, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    /** @return list<DraftValue> */
    private static function values(string $json): array
    {
        $given = $json === '' ? [] : json_decode($json, true, 3);
        if (!is_array($given)) {
            throw new Refusal(
                'The values of an axis could not be read. Open the axes again.',
                RefusalKind::Unreadable,
                'axes',
            );
        }

        return array_map(DraftValue::from(...), array_values($given));
    }
}
