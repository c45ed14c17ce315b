<?php

declare(strict_types=1);

namespace Core\Product\Document;

use Core\Matrix\AxisDisplay;
use Core\Matrix\AxisKind;

/** Something that a document names and this library does not have: proposed to it as the document says it is. */
final readonly class MissingLibraryItem
{
    /**
     * @param  int  $id  by which the state of the product names it, below zero; 0 where the state goes without it
     * @param  string  $name  of a picture its file name
     * @param  string  $axis  of a value what its axis is called; else empty
     * @param  string  $code  of a value its code, of a picture its checksum; else empty
     */
    private function __construct(
        public MissingItemKind $kind,
        public int $id,
        public string $name,
        public string $axis = '',
        public string $code = '',
        public ?AxisKind $axisKind = null,
        public bool $changesPicture = false,
        public ?AxisDisplay $display = null,
    ) {}

    public static function axis(IndexedAxis $axis): self
    {
        return new self(
            MissingItemKind::Axis,
            $axis->id,
            $axis->name,
            '',
            '',
            $axis->kind,
            $axis->changesPicture,
            $axis->display,
        );
    }

    public static function value(int $id, string $name, string $axis, string $code): self
    {
        return new self(MissingItemKind::Value, $id, $name, $axis, $code);
    }

    public static function picture(string $file, string $checksum): self
    {
        return new self(MissingItemKind::Picture, 0, $file, '', $checksum);
    }

    /** A view, a shot list or a code pattern: the product goes without it until the library has it. */
    public static function of(MissingItemKind $kind, string $name): self
    {
        return new self($kind, 0, $name);
    }

    /** "the color Moss", "the picture front.jpg" */
    public function inWords(): string
    {
        return match ($this->kind) {
            MissingItemKind::Value => "the value {$this->name} of {$this->axis}",
            default => "the {$this->kind->value} {$this->name}",
        };
    }
}
