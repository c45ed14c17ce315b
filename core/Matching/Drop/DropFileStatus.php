<?php

declare(strict_types=1);

namespace Core\Matching\Drop;

use Core\Matching\Verdict;

/** How a file of a drop stands, in the order in which a person is needed. */
enum DropFileStatus: string
{
    /** From here on more speaks for a reading than against it. */
    private const EVEN = 0.5;

    /** Something speaks against the reading. */
    case InDoubt = 'in-doubt';

    /** Nobody knows which product it is of. */
    case NotUnderstood = 'not-understood';

    /** Another picture shows the same: of the drop, or of the product. */
    case Double = 'double';

    /** Read by a slip, by a part of a name, or by its color. */
    case Likely = 'likely';

    /** It has no sizes, and says why. */
    case Broken = 'broken';

    /** No picture, or one that cannot be taken. */
    case Refused = 'refused';

    /** Linking it was refused. */
    case NotLinked = 'not-linked';

    /** The product has this very picture there already. */
    case There = 'there';

    case Sure = 'sure';

    /** It shows a slate card, and stands for what was taken after it. */
    case Card = 'card';

    /** It is kept, and what it looks like is not measured yet. */
    case Looking = 'looking';

    case Arriving = 'arriving';

    /** Accepted, and about to be linked. */
    case Underway = 'underway';

    case Aside = 'aside';

    case Linked = 'linked';

    /** How a picture stands by its reading alone. */
    public static function ofVerdict(?Verdict $verdict): self
    {
        return match (true) {
            $verdict?->productId === null => self::NotUnderstood,
            $verdict->isSure() => self::Sure,
            $verdict->confidence > self::EVEN => self::Likely,
            default => self::InDoubt,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::InDoubt => 'in doubt',
            self::NotUnderstood => 'not understood',
            self::Double => 'with a double',
            self::Likely => 'likely',
            self::Broken => 'cannot be shown',
            self::Refused => 'not taken',
            self::NotLinked => 'not linked',
            self::There => 'there already',
            self::Sure => 'sure',
            self::Card => 'a slate card',
            self::Looking => 'being looked at',
            self::Arriving => 'not arrived yet',
            self::Underway => 'being linked',
            self::Aside => 'put aside',
            self::Linked => 'linked',
        };
    }

    /** Whether a person has to say something before it can be linked. */
    public function needsPerson(): bool
    {
        return in_array($this, [self::InDoubt, self::NotUnderstood, self::Double, self::Likely, self::NotLinked], true);
    }

    /** Whether it is a picture that is kept and not linked: it can be settled. */
    public function isOpen(): bool
    {
        return $this->needsPerson() ||
            in_array($this, [self::There, self::Sure, self::Card, self::Looking, self::Broken], true);
    }
}
