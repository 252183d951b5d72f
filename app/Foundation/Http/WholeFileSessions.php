<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use Illuminate\Filesystem\Filesystem;
use Illuminate\Session\FileSessionHandler;

/** Sessions in files, each written beside and moved in place: a process that is killed meanwhile signs nobody out. */
final class WholeFileSessions extends FileSessionHandler
{
    public static function configured(): self
    {
        $minutes = config('session.lifetime');
        $folder = config('session.files');
        assert(is_int($minutes) && is_string($folder));

        return new self(new Filesystem, $folder, $minutes);
    }

    public function write($sessionId, $data): bool
    {
        $this->files->replace($this->path.'/'.$sessionId, $data, 0600);

        return true;
    }
}
