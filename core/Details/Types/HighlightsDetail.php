<?php

declare(strict_types=1);

namespace Core\Details\Types;

use Core\Details\DetailSection;
use Core\Details\DetailType;
use Core\Pricing\Currency;

/** What is good about it, a line to each. */
final readonly class HighlightsDetail implements DetailType
{
    use UsualDetail;

    private const MOST = 10;

    private ListDetail $list;

    public function __construct()
    {
        $this->list = new ListDetail('Highlights', self::MOST, 'One to a line, up to ten.', '/\R/u', "\n");
    }

    public function label(): string
    {
        return $this->list->label();
    }

    public function section(): DetailSection
    {
        return DetailSection::Shoppers;
    }

    public function read(array $typed, Currency $currency): string
    {
        return $this->list->read($typed, $currency);
    }

    public function inWords(string $kept, Currency $currency): string
    {
        return $this->list->inWords($kept, $currency);
    }

    public function inputs(string $kept, Currency $currency): array
    {
        return $this->list->inputs($kept, $currency);
    }

    public function linked(string $kept): array
    {
        $items = [];
        foreach (explode("\n", $kept) as $at => $line) {
            $items[] = ['@type' => 'ListItem', 'position' => $at + 1, 'name' => $line];
        }

        return ['positiveNotes' => ['@type' => 'ItemList', 'itemListElement' => $items]];
    }
}
