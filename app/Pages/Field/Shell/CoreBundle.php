<?php

declare(strict_types=1);

namespace App\Pages\Field\Shell;

/** The rules as the build packed them for phones; a phone's verdict names their version. */
final class CoreBundle
{
    public static function version(): string
    {
        $file = public_path('build/core.version');

        return is_file($file) ? trim((string) file_get_contents($file)) : '';
    }
}
