<?php

declare(strict_types=1);

namespace App\Media;

use App\Models\PhotoState;
use RuntimeException;

/** Why a picture has no sizes; the sentence is for a person. */
final class PictureFault extends RuntimeException
{
    /**
     * @param  PhotoState  $state  what that makes of the picture
     * @param  string  $cause  what the decoder said, for the log
     * @param  bool  $isOurs  whether it is a fault of the application, which is reported as any other is
     */
    private function __construct(
        string $sentence,
        public readonly PhotoState $state,
        public readonly string $cause,
        public readonly bool $isOurs = false,
    ) {
        parent::__construct($sentence);
    }

    /** Its content cannot be read, today or tomorrow. */
    public static function damaged(string $cause): self
    {
        return new self(
            'This file is damaged and cannot be shown. Copy it again from where it came, and drop it again.',
            PhotoState::Refused,
            $cause,
        );
    }

    /** It is whole, but written in a way that is not read here. */
    public static function unknown(string $cause): self
    {
        return new self(
            'This picture is of a kind that is not read here. Save it anew, as a plain JPEG, and drop that.',
            PhotoState::Refused,
            $cause,
        );
    }

    /** Something of ours broke off: nothing is said against the file. */
    public static function ours(string $cause): self
    {
        return new self(
            'Reading this picture broke off on this server, which is not the file’s fault; it is tried again by itself.',
            PhotoState::Waiting,
            $cause,
            true,
        );
    }

    /** It breaks a limit that every picture is held to. */
    public static function beyond(string $limit, string $cause): self
    {
        return new self(
            "This picture {$limit}. Save it anew, as a plain JPEG, and drop that.",
            PhotoState::Refused,
            $cause,
        );
    }

    /** The server lacks what it needs at the moment. */
    public static function lacking(string $what, string $cause): self
    {
        return new self(
            "The server has too little {$what} at the moment; this picture is read as soon as there is enough.",
            PhotoState::Waiting,
            $cause,
        );
    }

    /** The original is not in the store. */
    public static function lost(string $path): self
    {
        return new self('The file of this picture is missing. Drop it again.', PhotoState::Failed, "no {$path}");
    }
}
