<?php

declare(strict_types=1);

namespace Core\Matching\Names;

/** Where a word about a picture was read. */
enum NameSource: string
{
    case File = 'file name';
    case Folder = 'folder';
    case Title = 'title';
    case Keywords = 'keywords';

    /** A code that is seen in the picture. */
    case Label = 'label';
}
