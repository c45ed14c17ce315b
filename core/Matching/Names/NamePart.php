<?php

declare(strict_types=1);

namespace Core\Matching\Names;

/** A piece of a name that may mean something: letters or digits in a row. */
final readonly class NamePart
{
    /**
     * @param  string  $text  as it stands
     * @param  string  $bare  folded, letters without their marks
     * @param  int  $at  where it begins in the name, in bytes
     * @param  bool  $isGlued  whether it stands right behind the one before, with no separator between
     * @param  bool  $isBracketed  whether it stands alone in round brackets, as the number of a copy does
     * @param  NameSource  $source  the file's own name, its folder's, or what is written in the picture
     * @param  int  $segment  in which folder of a path it stands, from 0
     */
    public function __construct(
        public string $text,
        public string $bare,
        public int $at,
        public bool $isGlued,
        public bool $isBracketed,
        public NameSource $source,
        public int $segment = 0,
    ) {}

    public function isNumber(): bool
    {
        return preg_match('/^\p{N}+$/u', $this->text) === 1;
    }

    /** The same as the number of a shot. */
    public function counted(int $number): self
    {
        return new self(
            $this->text,
            (string) $number,
            $this->at,
            $this->isGlued,
            $this->isBracketed,
            $this->source,
            $this->segment,
        );
    }
}
