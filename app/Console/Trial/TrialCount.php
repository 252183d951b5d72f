<?php

declare(strict_types=1);

namespace App\Console\Trial;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Compares what the clients of a trial were told with what is stored. */
final class TrialCount extends Command
{
    protected $signature = 'trial:count {folder} {database} {--before= : only what was acknowledged before, Unix seconds}';

    protected $description = 'Count what a trial wrote';

    protected $hidden = true;

    public function handle(): int
    {
        $all = Sent::readAll((string) $this->argument('folder'));
        $before = $this->option('before') === null ? INF : (float) $this->option('before');
        $told = self::marks($all, static fn (Sent $sent): array => $sent->acknowledged, $before);
        $undone = self::marks($all, static fn (Sent $sent): array => $sent->undone, $before);
        $found = $this->found();
        $missing = array_diff($told, array_keys($found));
        $twice = array_filter($found, static fn (int $times): bool => $times > 1);
        $stillThere = array_intersect($undone, array_keys($found));
        $counts = [
            'acknowledged' => count($told),
            'found' => count(array_intersect($told, array_keys($found))),
            'missing' => count($missing),
            'twice' => count($twice),
            'undone' => count($undone),
            'undone, yet there' => count($stillThere),
        ];
        if ($before === INF) {
            $counts += [
                'failed (500)' => array_sum(array_map(static fn (Sent $sent): int => $sent->failed, $all)),
                'put off and sent again' => array_sum(array_map(static fn (Sent $sent): int => $sent->putOff, $all)),
                'signed out' => array_sum(array_map(static fn (Sent $sent): int => $sent->signedOut, $all)),
                'longest wait, s' => round(max([0.0, ...array_map(static fn (Sent $sent): float => $sent->longestWait, $all)]), 1),
            ];
        }
        foreach ($counts as $what => $count) {
            $this->line(sprintf('  %-26s %8s', $what, $count));
        }
        $isWell = $missing === [] && $twice === [] && $stillThere === [] && ($counts['failed (500)'] ?? 0) === 0;

        return $isWell && $told !== [] ? self::SUCCESS : self::FAILURE;
    }

    /**
     * @param  list<Sent>  $all
     * @param  callable(Sent): array<string, float>  $which
     * @return list<string>
     */
    private static function marks(array $all, callable $which, float $before): array
    {
        $marks = [];
        foreach ($all as $sent) {
            $inTime = array_filter($which($sent), static fn (float $at): bool => $at < $before);
            $marks = [...$marks, ...array_keys($inTime)];
        }

        return $marks;
    }

    /** @return array<string, int> how often each mark is stored */
    private function found(): array
    {
        config(['database.connections.mariadb.database' => $this->argument('database')]);
        DB::purge();
        $found = [];
        foreach (DB::table('colony_facts')->whereNull('deleted_at')->pluck('note') as $note) {
            if (is_string($note) && preg_match('/^(trial|undo) \d+-\d+$/', $note) === 1) {
                $found[$note] = ($found[$note] ?? 0) + 1;
            }
        }

        return $found;
    }
}
