<?php

declare(strict_types=1);

namespace App\Files\Sheets;

use ZipArchive;

/** How a sheet is written. */
enum SheetFormat
{
    case Csv;
    case Xlsx;
    case Ods;

    /** The format of a workbook, by what is in it; null where the file is none. */
    public static function ofWorkbook(string $path): ?self
    {
        if ((string) file_get_contents($path, false, null, 0, 4) !== "PK\x03\x04") {
            return null;
        }
        $archive = new ZipArchive();
        if ($archive->open($path, ZipArchive::RDONLY) !== true) {
            return null;
        }
        $format = match (true) {
            $archive->locateName('xl/workbook.xml') !== false => self::Xlsx,
            $archive->locateName('content.xml') !== false &&
                str_contains((string) $archive->getFromName('mimetype', 200), 'opendocument.spreadsheet')
                => self::Ods,
            default => null,
        };
        $archive->close();

        return $format;
    }
}
