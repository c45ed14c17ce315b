<?php

declare(strict_types=1);

namespace App\Intake\Addresses;

/** How far a picture is that is fetched from an address. */
enum AddressState: string
{
    case Waiting = 'waiting';
    case Fetched = 'fetched';
    case Failed = 'failed';
}
