<?php

declare(strict_types=1);

namespace Core\Details\Types;

use Core\Details\DetailInput;
use Core\Details\DetailSection;
use Core\Details\DetailType;
use Core\Details\UnreadableDetail;
use Core\Pricing\Currency;

/** A text in one line. */
final readonly class TextDetail implements DetailType
{
    use UsualDetail;

    /**
     * @param  int  $longest  in characters
     * @param  string  $key  id of the list of what was typed before; empty where nothing is offered again
     * @param  string  $linkedAs  property of a product in the terms of schema.org; empty for none
     * @param  string  $hint  of a text that may be long, which gets a larger field
     */
    public function __construct(
        private string $label,
        private int $longest,
        private DetailSection $section,
        private string $key = '',
        private string $hint = '',
        private bool $isOfProduct = false,
        private bool $isTerm = false,
        private string $linkedAs = '',
    ) {}

    public function label(): string
    {
        return $this->label;
    }

    public function section(): DetailSection
    {
        return $this->section;
    }

    public function isOfProduct(): bool
    {
        return $this->isOfProduct;
    }

    public function read(array $typed, Currency $currency): string
    {
        return self::bounded($this->label, $typed[0], $this->longest);
    }

    public function inputs(string $kept, Currency $currency): array
    {
        $type = $this->hint === '' ? 'text' : 'lines';

        return [new DetailInput($this->label, $kept, $type, $this->hint, known: $this->key)];
    }

    public function term(string $kept, Currency $currency): string
    {
        return $this->isTerm ? $kept : '';
    }

    public function linked(string $kept): array
    {
        return $this->linkedAs === '' ? [] : [$this->linkedAs => $kept];
    }

    public function remembers(): ?string
    {
        return $this->key === '' ? null : "\n";
    }

    /**
     * Without spaces around it, and with one between words.
     *
     * @throws UnreadableDetail where it is too long
     */
    public static function bounded(string $label, string $typed, int $longest): string
    {
        $text = trim((string) preg_replace('/\s+/u', ' ', $typed));

        return mb_strlen($text) > $longest ? throw UnreadableDetail::isTooLong($label, $longest) : $text;
    }
}
