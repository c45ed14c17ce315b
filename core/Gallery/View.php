<?php

declare(strict_types=1);

namespace Core\Gallery;

/** What a picture shows. */
enum View: string
{
    case Front = 'front';
    case Back = 'back';
    case Side = 'side';
    case Top = 'top';
    case Detail = 'detail';
    case Worn = 'worn';
    case Flat = 'flat';
    case Pack = 'pack';
    case SizeGuide = 'size guide';

    /** As it is said on screen: "size guide". */
    public function label(): string
    {
        return ucfirst($this->value);
    }
}
