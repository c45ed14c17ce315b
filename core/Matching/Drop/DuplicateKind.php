<?php

declare(strict_types=1);

namespace Core\Matching\Drop;

/** In what another picture is like one of a drop. */
enum DuplicateKind
{
    /** The very same file. */
    case Same;

    /** Nearly the same picture: smaller, saved anew, cut a little. */
    case Nearly;

    /** Another picture, of the same view of the same part. */
    case Place;
}
