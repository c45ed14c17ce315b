<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Files\Cards\WhichCards;
use App\Http\Screens\Pictures\CardPaper;

/** Which slate cards are drawn, and for which paper. */
final class CardsRequest extends ProductRequest
{
    protected function ownRules(): array
    {
        return ['which' => self::CHOICE, 'paper' => self::CHOICE];
    }

    public function which(): WhichCards
    {
        return WhichCards::tryFrom($this->string('which')->toString()) ?? WhichCards::Parts;
    }

    public function paper(): CardPaper
    {
        return CardPaper::tryFrom($this->string('paper')->toString()) ?? CardPaper::FourOnA4;
    }
}
