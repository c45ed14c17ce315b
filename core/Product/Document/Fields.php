<?php

declare(strict_types=1);

namespace Core\Product\Document;

use Core\CoreException;
use Core\Pricing\Currency;
use Core\Pricing\Money;
use stdClass;

/** One object of a document: its fields are asked by name and kind, and what is amiss is said with its place. */
final readonly class Fields
{
    private const AMOUNT = '/^-?\d{1,12}(\.\d{1,4})?$/D';

    /**
     * @param  string  $place  where it stands: "axes 2, values 3"; empty for the document itself
     */
    public function __construct(private stdClass $data, private string $place = '') {}

    public function has(string $name): bool
    {
        return property_exists($this->data, $name);
    }

    /** @throws UnreadableDocument */
    public function text(string $name): string
    {
        $value = $this->value($name);

        return is_string($value) ? $value : throw $this->amiss($name, 'a text is expected');
    }

    public function textOrNone(string $name): ?string
    {
        return $this->value($name) === null ? null : $this->text($name);
    }

    /** @throws UnreadableDocument */
    public function number(string $name): int
    {
        $value = $this->value($name);

        return is_int($value) ? $value : throw $this->amiss($name, 'a whole number is expected');
    }

    public function numberOrNone(string $name): ?int
    {
        return $this->value($name) === null ? null : $this->number($name);
    }

    /** @throws UnreadableDocument */
    public function isTrue(string $name): bool
    {
        $value = $this->value($name);

        return is_bool($value) ? $value : throw $this->amiss($name, 'true or false is expected');
    }

    public function isTrueOrNone(string $name): ?bool
    {
        return $this->value($name) === null ? null : $this->isTrue($name);
    }

    public function fieldsOrNone(string $name): ?self
    {
        return $this->value($name) === null
            ? null
            : new self($this->object($this->value($name), $name), $this->at($name));
    }

    /** @return list<self> */
    public function all(string $name): array
    {
        $all = [];
        foreach ($this->list($name) as $at => $one) {
            $place = $this->at($name) . ' ' . ($at + 1);
            $all[] = new self($this->object($one, $name), $place);
        }

        return $all;
    }

    /**
     * @return list<string>
     *
     * @throws UnreadableDocument
     */
    public function texts(string $name): array
    {
        $isText = fn(mixed $one): string => is_string($one)
            ? $one
            : throw $this->amiss($name, 'a list of texts is expected');

        return array_map($isText, $this->list($name));
    }

    /** @throws UnreadableDocument */
    public function money(string $name, Currency $currency): ?Money
    {
        $text = $this->textOrNone($name);
        if ($text !== null && preg_match(self::AMOUNT, $text) !== 1) {
            throw $this->amiss($name, "an amount such as 49.00 is expected, not “{$text}”");
        }

        return $text === null ? null : $this->reading($name, fn(): Money => Money::of($text, $currency));
    }

    /**
     * One of the cases of an enum, by its value.
     *
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T
     *
     * @throws UnreadableDocument
     */
    public function case(string $name, string $enum): mixed
    {
        return $enum::tryFrom($this->text($name)) ?? throw $this->amiss($name, "“{$this->text($name)}” is not known");
    }

    /** @return list<string> what its fields are called: of a choice its axes */
    public function names(): array
    {
        return array_map(strval(...), array_keys(get_object_vars($this->data)));
    }

    /**
     * Reads something of a field, and says where it is amiss.
     *
     * @template T
     *
     * @param  callable(): T  $read
     * @return T
     *
     * @throws UnreadableDocument
     */
    public function reading(string $name, callable $read): mixed
    {
        try {
            return $read();
        } catch (CoreException $fault) {
            throw $this->amiss($name, rtrim($fault->getMessage(), '.'));
        }
    }

    public function amiss(string $name, string $why): UnreadableDocument
    {
        return UnreadableDocument::at($this->at($name), $why);
    }

    private function value(string $name): mixed
    {
        return property_exists($this->data, $name) ? $this->data->{$name} : throw $this->amiss($name, 'it is missing');
    }

    private function at(string $name): string
    {
        return $this->place === '' ? $name : "{$this->place}, {$name}";
    }

    /** @return list<mixed> */
    private function list(string $name): array
    {
        $value = $this->value($name);

        return is_array($value) && array_is_list($value) ? $value : throw $this->amiss($name, 'a list is expected');
    }

    private function object(mixed $value, string $name): stdClass
    {
        return $value instanceof stdClass ? $value : throw $this->amiss($name, 'named fields are expected');
    }
}
