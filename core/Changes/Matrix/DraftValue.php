<?php

declare(strict_types=1);

namespace Core\Changes\Matrix;

use Core\Matrix\Value;
use Core\Refusal;
use Core\RefusalKind;
use Core\Text\Name;

/**
 * A value in a form about axes: one that exists travels by its id, a new one by its label, which may hold any
 * character. In a form field it is JSON: a number or a text.
 */
final readonly class DraftValue
{
    private function __construct(public ?int $id, public string $label) {}

    public static function existing(int $id): self
    {
        return new self($id, '');
    }

    public static function called(string $label): self
    {
        return new self(null, $label);
    }

    /** As a form field says a value of an axis; one that the library does not have yet has an id below zero. */
    public static function of(Value $value): self
    {
        return $value->id > 0 ? self::existing($value->id) : self::called($value->label);
    }

    /** @throws Refusal */
    public static function fromJson(string $json): self
    {
        return self::from(json_decode($json, true, 2));
    }

    /** @throws Refusal where it is neither a number nor a text */
    public static function from(mixed $given): self
    {
        return match (true) {
            is_int($given) => self::existing($given),
            is_string($given) => self::called($given),
            default => throw new Refusal(
                'What was sent is no value. Open the axes again.',
                RefusalKind::Unreadable,
                'axes',
            ),
        };
    }

    public function toJson(): string
    {
        return json_encode($this->id ?? $this->label, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    /** Whether this is what a form says of the value. */
    public function means(Value $value): bool
    {
        return $this->id === null ? Name::of($value->label)->is(Name::of($this->label)) : $value->id === $this->id;
    }

    /**
     * The value of an axis that is meant; null where it is not there.
     *
     * @param  list<Value>  $values
     */
    public function among(array $values): ?Value
    {
        foreach ($values as $value) {
            if ($this->means($value)) {
                return $value;
            }
        }

        return null;
    }
}
