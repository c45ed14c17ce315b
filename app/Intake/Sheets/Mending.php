<?php

declare(strict_types=1);

namespace App\Intake\Sheets;

/** What a person does about the matter with a cell. */
enum Mending: string
{
    /** Types the cell. */
    case Type = 'type';

    /** Takes what may be meant. */
    case Take = 'take';

    /** It is new, or missing, and that is right: go on. */
    case Confirm = 'confirm';
}
