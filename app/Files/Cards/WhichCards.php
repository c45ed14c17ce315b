<?php

declare(strict_types=1);

namespace App\Files\Cards;

/** Which slate cards of a product are drawn. */
enum WhichCards: string
{
    /** One for each picture combination. */
    case Parts = 'parts';

    /** One for each view of each picture combination. */
    case Views = 'views';

    /** One for each picture combination that lacks a view. */
    case Missing = 'missing';

    /** One for each view that is missing. */
    case MissingViews = 'missing-views';
}
