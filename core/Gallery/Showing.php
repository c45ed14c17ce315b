<?php

declare(strict_types=1);

namespace Core\Gallery;

/** What pictures of a view are there for, which says what they do where nobody gave a role. */
enum Showing: string
{
    /** They show the goods. */
    case Goods = 'goods';

    /** They show the goods from behind: the first of them serves as Hover. */
    case Back = 'back';

    /**
     * They are there to be read, such as a size guide: the first serves as Guide, none as Lead while there is another.
     */
    case Guide = 'guide';

    /** They look the same for every color, such as the pack: a name that says no color says nothing amiss. */
    case Whole = 'whole';

    /** As it is said on screen. */
    public function inWords(): string
    {
        return match ($this) {
            self::Goods => 'the goods',
            self::Back => 'the goods from behind (serves as Hover)',
            self::Guide => 'something to read (serves as Guide)',
            self::Whole => 'something that is the same in all colors',
        };
    }

    /** Whether a picture of it is usually of the whole product. */
    public function isOfAll(): bool
    {
        return $this === self::Guide || $this === self::Whole;
    }
}
