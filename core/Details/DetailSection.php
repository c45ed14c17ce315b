<?php

declare(strict_types=1);

namespace Core\Details;

/** Where a detail is typed. */
enum DetailSection: string
{
    case Shoppers = 'For shoppers';
    case Sending = 'For sending and customs';
    case Orders = 'For orders';
    /** On a page of its own, or on the board. */
    case Elsewhere = '';
}
