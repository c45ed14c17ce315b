<?php

declare(strict_types=1);

namespace Core\Gallery\Roles;

/** Why a placement has a role: it was assigned, or which fallback chose it. */
enum Ground
{
    case Assigned;
    case FirstPicture;
    case OnlyGuide;
    case AsLead;
    case BackView;
    case OtherPicture;
    case SizeGuideView;
    case None;

    public function isAssigned(): bool
    {
        return $this === self::Assigned;
    }
}
