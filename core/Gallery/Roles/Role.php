<?php

declare(strict_types=1);

namespace Core\Gallery\Roles;

/** A job a placement does. */
enum Role: string
{
    case Lead = 'lead';
    case Card = 'card';
    case Hover = 'hover';
    case Swatch = 'swatch';
    case Share = 'share';
    case Guide = 'guide';

    /** As it is said on screen: "Lead". */
    public function label(): string
    {
        return ucfirst($this->value);
    }

    /** Whether only a still picture can do it: the rest is seen where nothing plays. */
    public function needsStill(): bool
    {
        return $this !== self::Guide;
    }

    /** What the role is for, in a sentence. */
    public function meaning(): string
    {
        return match ($this) {
            self::Lead => 'seen first',
            self::Card => 'in listings',
            self::Hover => 'second picture in listings',
            self::Swatch => 'the small sign of its color',
            self::Share => 'in link previews',
            self::Guide => 'the size guide',
        };
    }
}
