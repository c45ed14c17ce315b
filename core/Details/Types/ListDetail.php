<?php

declare(strict_types=1);

namespace Core\Details\Types;

use Core\Details\DetailInput;
use Core\Details\DetailSection;
use Core\Details\DetailType;
use Core\Details\UnreadableDetail;
use Core\Pricing\Currency;
use Core\Text\Name;

/** Several short texts, each once. */
final readonly class ListDetail implements DetailType
{
    use UsualDetail;

    /** Characters of one entry. */
    private const LONGEST = 160;

    /**
     * @param  string  $parted  pattern of what stands between entries as they are typed
     * @param  non-empty-string  $between  what stands between them as they are kept; lines get a larger field
     * @param  string  $key  id of the list of what was typed before; empty where nothing is offered again
     * @param  list<string>  $usual  words that are usual for it
     */
    public function __construct(
        private string $label,
        private int $most,
        private string $hint,
        private string $parted,
        private string $between,
        private string $key = '',
        private bool $isOfProduct = false,
        private bool $isPath = false,
        private bool $isTerm = false,
        private array $usual = [],
    ) {}

    public function label(): string
    {
        return $this->label;
    }

    public function section(): DetailSection
    {
        return DetailSection::Shoppers;
    }

    public function isOfProduct(): bool
    {
        return $this->isOfProduct;
    }

    /** @throws UnreadableDetail */
    public function read(array $typed, Currency $currency): string
    {
        $usual = [];
        foreach ($this->usual as $word) {
            $usual[Name::of($word)->folded] = $word;
        }
        $list = [];
        foreach (preg_split($this->parted, $typed[0]) ?: [] as $part) {
            $text = TextDetail::bounded($this->label, $this->isPath ? self::path($part) : $part, self::LONGEST);
            $folded = Name::of($text)->folded;
            if ($text !== '') {
                $list[$folded] ??= $usual[$folded] ?? $text;
            }
        }

        return count($list) > $this->most
            ? throw UnreadableDetail::areTooMany($this->label, $this->most)
            : implode($this->between, $list);
    }

    public function inWords(string $kept, Currency $currency): string
    {
        return str_replace("\n", '; ', $kept);
    }

    public function inputs(string $kept, Currency $currency): array
    {
        $type = $this->between === "\n" ? 'lines' : 'text';

        return [new DetailInput($this->label, $kept, $type, $this->hint, known: $type === 'lines' ? '' : $this->key)];
    }

    public function term(string $kept, Currency $currency): string
    {
        return $this->isTerm ? $this->inWords($kept, $currency) : '';
    }

    public function remembers(): ?string
    {
        return $this->key === '' ? null : $this->between;
    }

    public function usual(): array
    {
        return $this->usual;
    }

    /** A path through the tree of categories: "Outerwear > Smocks". */
    private static function path(string $typed): string
    {
        $parts = array_map(trim(...), preg_split('/[>›]/u', $typed) ?: []);

        return implode(' > ', array_filter($parts, fn(string $part): bool => $part !== ''));
    }
}
