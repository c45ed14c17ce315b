<?php

declare(strict_types=1);

namespace App\Intake\Shoots;

use App\Intake\ReadDrop;
use App\Intake\ReadFile;
use Core\Matching\Drop\DropFileStatus;
use Core\Matching\Names\NameSource;
use Core\Matching\Names\Understood;

/** Which pictures of a drop tell nothing by their own names: they are read as a shoot. */
final class ShootMembers
{
    private const STATUSES = [
        DropFileStatus::InDoubt,
        DropFileStatus::NotUnderstood,
        DropFileStatus::Likely,
        DropFileStatus::Double,
        // By its folder or a slate card, without its view.
        DropFileStatus::Sure,
    ];

    /** @return array<int, ReadFile> by id, in the order in which they came */
    public static function of(ReadDrop $read): array
    {
        $members = array_filter($read->files, self::isOne(...));
        ksort($members);

        return $members;
    }

    /** Whether its own name, and what is written in it, says neither product nor value nor view. */
    public static function isOne(ReadFile $one): bool
    {
        $says = fn(Understood $understood): bool => $understood->parts[0]->source !== NameSource::Folder;

        return in_array($one->status, self::STATUSES, true) &&
            $one->look !== null &&
            $one->file->said_view === null &&
            $one->verdict !== null &&
            ($one->status !== DropFileStatus::Sure || $one->verdict->view === null) &&
            array_filter($one->verdict->reading->understood, $says) === [];
    }
}
