<?php

declare(strict_types=1);

namespace Core\Product\Document;

/** What a library can lack that a document names. */
enum MissingItemKind: string
{
    case Axis = 'axis';
    case Value = 'value';
    case Picture = 'picture';
    case View = 'view';
    case ShotList = 'shot list';
    case CodePattern = 'code pattern';
}
