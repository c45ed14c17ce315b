<?php

declare(strict_types=1);

namespace Core\Matching\Names;

use Core\Gallery\View;

/** What is written, and what a person has said, about one picture of a drop. */
final readonly class DroppedName
{
    /**
     * @param  string  $file  its name, with the ending
     * @param  string  $folder  the folders it lay in; empty for none
     * @param  string  $title  written in the picture
     * @param  string  $keywords  written in the picture
     * @param  ?int  $productId  the product that somebody said it is of
     * @param  ?View  $view  what somebody said it shows
     */
    public function __construct(
        public string $file,
        public string $folder = '',
        public string $title = '',
        public string $keywords = '',
        public ?int $productId = null,
        public ?View $view = null,
    ) {}

    /** @return list<NamePart> */
    public function parts(): array
    {
        return [
            ...NameParts::of($this->file),
            ...NameParts::of($this->folder, NameSource::Folder),
            ...NameParts::of($this->title, NameSource::Title),
            ...NameParts::of($this->keywords, NameSource::Keywords),
        ];
    }
}
