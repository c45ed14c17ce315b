<?php

declare(strict_types=1);

namespace App\Media;

use RuntimeException;

/** Nothing shows the picture in this shape and frame, so it is not cut. */
final class CutNotKept extends RuntimeException {}
