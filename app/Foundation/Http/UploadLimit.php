<?php

declare(strict_types=1);

namespace App\Foundation\Http;

/** The largest file that a form can bring here, as PHP is set; the web server is set by the same number. */
final class UploadLimit
{
    private const MEGABYTE = 1048576;

    public static function megabytes(): int
    {
        return intdiv(ini_parse_quantity((string) ini_get('upload_max_filesize')), self::MEGABYTE);
    }

    public static function kilobytes(): int
    {
        return 1024 * self::megabytes();
    }
}
