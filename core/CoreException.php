<?php

declare(strict_types=1);

namespace Core;

use DomainException;

/**
 * Something a person asked for that the rules of the job do not allow.
 * The message is a sentence for that person: what, where, what to do.
 */
abstract class CoreException extends DomainException {}
