<?php

declare(strict_types=1);

namespace Core\Changes\Pictures;

/** What is done with a picture in many products. */
enum PictureWay: string
{
    case Add = 'add';
    case Set = 'set';
    case Replace = 'replace';
    case Take = 'take';

    public function inWords(): string
    {
        return match ($this) {
            self::Add => 'Add it beside what is there',
            self::Set => 'Make it the only one of its view there',
            self::Replace => 'Put another picture in its place',
            self::Take => 'Take it away there',
        };
    }
}
