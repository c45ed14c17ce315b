<?php

declare(strict_types=1);

namespace Core\Matching;

/** What is written about one picture of a drop. */
final readonly class DroppedName
{
    /**
     * @param  string  $file  its name, with the ending
     * @param  string  $folder  the folders it lay in; empty for none
     * @param  string  $title  written in the picture
     * @param  string  $keywords  written in the picture
     */
    public function __construct(
        public string $file,
        public string $folder = '',
        public string $title = '',
        public string $keywords = '',
    ) {
    }

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
