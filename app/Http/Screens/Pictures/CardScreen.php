<?php

declare(strict_types=1);

namespace App\Http\Screens\Pictures;

use App\Files\Cards\CardDrawing;
use App\Files\Cards\PrintedCard;
use App\Files\Cards\WhichCards;

/** Slate cards as they are printed. */
final readonly class CardScreen
{
    /** More cards are not drawn on one page. */
    public const MOST = 200;

    /**
     * @param  list<PrintedCard>  $cards  all there are, or more than are drawn
     * @param  list<WhichCards>  $kinds  that can be chosen here
     */
    public function __construct(
        private array $cards,
        private array $kinds,
        public WhichCards $which,
        public CardPaper $paper,
    ) {}

    /** @return list<string> the cards as SVG */
    public function drawings(): array
    {
        return array_map(CardDrawing::svg(...), array_slice($this->cards, 0, self::MOST));
    }

    public function isEmpty(): bool
    {
        return $this->cards === [];
    }

    public function countInWords(): string
    {
        return $this->isCut()
            ? __('cards.only_the_first', ['most' => self::MOST])
            : trans_choice('cards.cards_in_words', count($this->cards), ['count' => count($this->cards)]);
    }

    /** @return array<string, string> how cards can lie on paper => in words */
    public function papers(): array
    {
        $papers = [];
        foreach (CardPaper::cases() as $paper) {
            $papers[$paper->value] = $paper->label();
        }

        return $papers;
    }

    /** @return array<string, string> which cards can be drawn => in words */
    public function kinds(): array
    {
        $kinds = [];
        foreach ($this->kinds as $which) {
            $kinds[$which->value] = __("cards.which_{$which->value}");
        }

        return $kinds;
    }

    private function isCut(): bool
    {
        return count($this->cards) > self::MOST;
    }
}
