<?php

declare(strict_types=1);

namespace Core\Matching\Names;

use Core\Gallery\View;
use Core\Matching\Cards\CardCode;

/** What is written, and what a person has said, about one picture of a drop. */
final readonly class DroppedName
{
    /** Longer codes on labels are no codes of goods. */
    private const LONGEST_LABEL = 60;

    /**
     * @param  string  $file  its name, with the ending
     * @param  string  $folder  the folders it lay in; empty for none
     * @param  string  $title  written in the picture
     * @param  string  $keywords  written in the picture
     * @param  ?int  $productId  the product that somebody said it is of
     * @param  ?View  $view  what somebody said it shows
     * @param  list<string>  $labels  what codes hold that are seen in the picture
     */
    public function __construct(
        public string $file,
        public string $folder = '',
        public string $title = '',
        public string $keywords = '',
        public ?int $productId = null,
        public ?View $view = null,
        public array $labels = [],
    ) {}

    /** Whether a code can be that of goods: no address, and no slate card. */
    private static function canBeOfGoods(string $label): bool
    {
        return mb_strlen($label) <= self::LONGEST_LABEL &&
            !str_contains($label, ':') &&
            CardCode::read($label) === null;
    }

    /** @return list<NamePart> */
    public function parts(): array
    {
        return [
            ...NameParts::of($this->file),
            ...NameParts::of($this->folder, NameSource::Folder),
            ...NameParts::of($this->title, NameSource::Title),
            ...NameParts::of($this->keywords, NameSource::Keywords),
            ...NameParts::of(implode('; ', array_filter($this->labels, self::canBeOfGoods(...))), NameSource::Label),
        ];
    }
}
