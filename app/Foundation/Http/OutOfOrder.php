<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use App\Foundation\Writes\Contention;
use Throwable;

/** Faults of the installation (not of the request), and what to do about each. */
final class OutOfOrder
{
    /**
     * Words of its message => what is said of it. A full disk has many names in MariaDB: its errors 3, 20, 28, 1021,
     * 1026, 1030 and 1114, and the server's own number 28 of the operating system (ENOSPC) within others.
     */
    private const SIGNS = [
        'No space left on device' => self::DISK,
        'Disk full' => self::DISK,
        'Disk is full' => self::DISK,
        'errno: 28' => self::DISK,
        'Errcode: 28' => self::DISK,
        'Got error 28' => self::DISK,
        'The table is full' => self::DISK,
        "' is full" => self::DISK,
        'error 122' => self::DISK,
        'Error writing file' => self::DISK,
        'General error: 1021' => self::DISK,
        'General error: 1114' => self::DISK,
        'possibly out of disk space' => self::DISK,
        'SQLSTATE[HY000] [2002]' => self::DATABASE,
        'SQLSTATE[HY000] [2003]' => self::DATABASE,
        'SQLSTATE[HY000] [1045]' => self::DATABASE,
        'gone away' => self::DATABASE,
        // A database that is being stopped says so in words of its own: MariaDB's errors 1053, 1927 and 2013.
        'Server shutdown in progress' => self::DATABASE,
        'Connection was killed' => self::DATABASE,
        'Lost connection' => self::DATABASE,
        'is marked as crashed' => self::TABLES,
        "doesn't exist in engine" => self::TABLES,
        'Tablespace is missing' => self::TABLES,
        'Permission denied' => self::FOLDER,
        'Read-only file system' => self::FOLDER,
        'Unable to create lockable file' => self::FOLDER,
        'must be present and writable' => self::FOLDER,
    ];

    private const DISK = 'The disk is full, so nothing can be saved. The person who runs this installation must make room.';

    private const DATABASE = 'The database does not answer. The person who runs this installation can start it with bin/start.';

    private const TABLES = 'The database is damaged. The person who runs this installation must restore the newest backup.';

    private const FOLDER = 'The folder storage cannot be written. The person who runs this installation must correct its permissions.';

    /** @return ?string null where it is an error like any other */
    public static function sentence(Throwable $error): ?string
    {
        for ($one = $error; $one !== null; $one = $one->getPrevious()) {
            $said = self::of($one->getMessage());
            if ($said !== null) {
                return $said;
            }
        }

        return Contention::is($error) ? Contention::sentence() : null;
    }

    private static function of(string $message): ?string
    {
        foreach (self::SIGNS as $sign => $sentence) {
            if (str_contains($message, $sign)) {
                return __($sentence);
            }
        }

        return null;
    }
}
