<?php

declare(strict_types=1);

namespace App\Pages\Practise;

use App\Models\PracticeTry;
use App\Models\User;
use Marjoram\Core\Calibration\EyeTest;

/**
 * A person's practice: which task comes next, and how the eye does so far. The truth never leaves the server before
 * the guess.
 */
final class Tries
{
    /** So many faces before a correction may be put on one's own estimates. */
    public const ENOUGH = 20;

    /** The newest are what counts: an eye learns. */
    private const LAST = 40;

    public static function next(User $user, string $task): int
    {
        $last = PracticeTry::withBinned()->where('user_id', $user->id)->where('task', $task)->max('number');

        return (is_numeric($last) ? (int) $last : 0) + 1;
    }

    public static function seed(User $user, string $task, int $number): int
    {
        return (int) hexdec(substr(hash('sha256', "$user->id $task $number"), 0, 12));
    }

    /** @return list<array{float, float}> truth and guess of the newest tries, oldest first */
    public static function pairs(User $user, string $task): array
    {
        return array_values(
            PracticeTry::query()
                ->where('user_id', $user->id)
                ->where('task', $task)
                ->orderByDesc('number')
                ->limit(self::LAST)
                ->get()
                ->reverse()
                ->map(fn (PracticeTry $try): array => [$try->truth, $try->guess])
                ->all(),
        );
    }

    public static function test(User $user): ?EyeTest
    {
        $pairs = self::pairs($user, 'face');

        return $pairs === [] ? null : EyeTest::of($pairs);
    }
}
