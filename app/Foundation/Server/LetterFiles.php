<?php

declare(strict_types=1);

namespace App\Foundation\Server;

use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;

/**
 * Letters where there is no mail server: a file each in storage/app/letters, for whoever runs the installation. They
 * hold secrets, so only their owner may read them and none stays longer than its link holds, an hour.
 */
final class LetterFiles extends AbstractTransport
{
    private const SECONDS = 3600;

    public static function folder(): string
    {
        return storage_path('app/letters');
    }

    /** Deletes what is older than an hour. */
    public static function forgetOld(): void
    {
        clearstatcache();
        foreach (glob(self::folder().'/*.eml') ?: [] as $file) {
            if ((int) @filemtime($file) < time() - self::SECONDS) {
                @unlink($file);
            }
        }
    }

    protected function doSend(SentMessage $message): void
    {
        File::ensureDirectoryExists(self::folder(), 0700);
        self::forgetOld();
        $file = self::folder().'/'.Str::ulid().'.eml';
        $before = umask(0077);
        try {
            File::put($file, $message->toString());
        } finally {
            umask($before);
        }
    }

    public function __toString(): string
    {
        return 'file';
    }
}
