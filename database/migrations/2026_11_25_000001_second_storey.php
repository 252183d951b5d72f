<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * One word for one thing: a schedule is over all yards, a clearing is one yard's, a harvest policy is a policy. Records
 * are named in the audit trail by a word of their own instead of a class, and revisions are counted by scope.
 */
return new class extends Migration {
    private const TABLES = [
        'rounds' => 'schedules',
        'round_searches' => 'schedule_searches',
        'clear_plans' => 'clearings',
        'clear_items' => 'clearing_supers',
        'harvest_plans' => 'harvest_policies',
    ];

    /** table as it is called from now on => old column => new column */
    private const COLUMNS = [
        'schedules' => ['task' => 'question', 'services' => 'visits'],
        'schedule_searches' => ['round_id' => 'schedule_id', 'services' => 'visits'],
        'clearings' => ['round_id' => 'schedule_id'],
        'clearing_supers' => ['clear_plan_id' => 'clearing_id'],
    ];

    /** Classes of old whose word is not their present name's. */
    private const RENAMED = [
        'clear_plan' => 'clearing',
        'clear_item' => 'clearing_super',
        'harvest_plan' => 'harvest_policy',
        'round' => 'schedule',
    ];

    private const METHODS = ['escape' => 'escape-board', 'fume' => 'fume-board'];

    public function up(): void
    {
        foreach (self::TABLES as $old => $new) {
            Schema::rename($old, $new);
        }
        foreach (self::COLUMNS as $table => $columns) {
            foreach ($columns as $old => $new) {
                Schema::table($table, fn (Blueprint $rows) => $rows->renameColumn($old, $new));
            }
        }
        $this->schedules(self::METHODS, 'way', 'method');
        $this->trail(
            static fn (string $class): string => str_starts_with($class, 'App\\Models\\')
                ? self::RENAMED[$word = self::snake(substr($class, 11))] ?? $word
                : $class,
        );
        Schema::create('revisions', function (Blueprint $table): void {
            $table->foreignUlid('operation_id')->constrained()->cascadeOnDelete();
            $table->string('scope', 40);
            $table->unsignedBigInteger('number')->default(1);
            $table->primary(['operation_id', 'scope']);
        });
        Schema::table('operations', fn (Blueprint $table) => $table->dropColumn('revision'));
        Schema::table('apiaries', fn (Blueprint $table) => $table->dropColumn('revision'));
    }

    public function down(): void
    {
        Schema::table('apiaries', fn (Blueprint $table) => $table->unsignedBigInteger('revision')->default(1));
        Schema::table('operations', fn (Blueprint $table) => $table->unsignedBigInteger('revision')->default(1));
        Schema::dropIfExists('revisions');
        $old = array_flip(self::RENAMED);
        $this->trail(
            static fn (string $word): string => str_contains($word, '\\')
                ? $word
                : 'App\\Models\\'.str_replace('_', '', ucwords($old[$word] ?? $word, '_')),
        );
        $this->schedules(array_flip(self::METHODS), 'method', 'way');
        foreach (self::COLUMNS as $table => $columns) {
            foreach ($columns as $old => $new) {
                Schema::table($table, fn (Blueprint $rows) => $rows->renameColumn($new, $old));
            }
        }
        foreach (array_reverse(self::TABLES) as $old => $new) {
            Schema::rename($new, $old);
        }
    }

    /**
     * Visits and the methods of yards in the words of all other places.
     *
     * @param  array<string, string>  $methods  old => new
     */
    private function schedules(array $methods, string $from, string $to): void
    {
        $visit = static function (array $one) use ($methods, $from, $to): array {
            $method = $one[$from];
            unset($one[$from]);

            return $one + [$to => $methods[$method] ?? $method];
        };
        foreach (DB::table('schedules')->get() as $row) {
            $question = self::json($row->question);
            foreach ($question['yards'] ?? [] as $n => $yard) {
                $allowed = $yard[$from.'s'] ?? [];
                unset($yard[$from.'s']);
                $question['yards'][$n] = $yard + [
                    $to.'s' => array_map(static fn (string $one): string => $methods[$one] ?? $one, $allowed),
                ];
            }
            DB::table('schedules')
                ->where('id', $row->id)
                ->update([
                    'question' => json_encode($question, JSON_THROW_ON_ERROR),
                    'visits' => json_encode(array_map($visit, self::json($row->visits)), JSON_THROW_ON_ERROR),
                    'locks' => json_encode(array_map($visit, self::json($row->locks)), JSON_THROW_ON_ERROR),
                ]);
        }
        // What a search had found so far is found again.
        DB::table('schedule_searches')->update(['visits' => null]);
    }

    /** @param  Closure(string): string  $name */
    private function trail(Closure $name): void
    {
        foreach (['subject_type', 'causer_type'] as $column) {
            foreach (DB::table('activity_log')->whereNotNull($column)->distinct()->pluck($column) as $was) {
                DB::table('activity_log')
                    ->where($column, $was)
                    ->update([$column => $name((string) $was)]);
            }
        }
    }

    /** @return array<array-key, mixed> */
    private static function json(mixed $text): array
    {
        $found = json_decode(is_string($text) ? $text : '[]', true);

        return is_array($found) ? $found : [];
    }

    private static function snake(string $class): string
    {
        return strtolower((string) preg_replace('/(?<!^)[A-Z]/', '_$0', $class));
    }
};
