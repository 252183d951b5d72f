<?php

declare(strict_types=1);

use App\Foundation\Writes\RecordTable;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        RecordTable::create(
            'drives',
            function (Blueprint $table): void {
                $table->foreignUlid('apiary_id')->constrained()->restrictOnDelete();
                // The honey room where it is null.
                $table->foreignUlid('other_id')->nullable()->constrained('apiaries')->restrictOnDelete();
                // 1 for the honey room, so that it is the other end once only.
                $table->unsignedTinyInteger('home')->nullable();
                $table->decimal('minutes', 6, 1);
            },
            unique: ['apiary_id', 'other_id'],
            checks: [
                'minutes' => 'minutes >= 0 and minutes <= 1440',
                'order' => 'other_id is null or apiary_id < other_id',
                'home' => '(other_id is null) = (home is not null)',
            ],
        );
        Schema::table('drives', fn (Blueprint $table) => $table->unique(['apiary_id', 'home', 'alive']));
        foreach (DB::table('rounds')->get() as $round) {
            $task = json_decode((string) $round->task, true, flags: JSON_THROW_ON_ERROR);
            foreach ($task['yards'] as $a => $yard) {
                $task['yards'][$a] += [
                    'apiary' => $yard['id'],
                    'later' => false,
                    'by_hive' => $this->byHive($yard['boxes'] ?? []),
                ];
            }
            $hives = array_column($task['yards'], 'hives', 'id');
            $locks = [];
            foreach (json_decode((string) $round->locks, true, flags: JSON_THROW_ON_ERROR) as $yard => $lock) {
                $locks[] = ['yard' => $yard, 'hives' => $hives[$yard] ?? 1] + $lock;
            }
            DB::table('rounds')
                ->where('id', $round->id)
                ->update([
                    'task' => json_encode($task, JSON_THROW_ON_ERROR),
                    'locks' => json_encode($locks, JSON_THROW_ON_ERROR),
                ]);
        }
    }

    /**
     * @param  list<string>  $boxes
     * @return list<array{hive: string, code: string, boxes: list<string>}>
     */
    private function byHive(array $boxes): array
    {
        $hives = [];
        foreach (
            DB::table('box_places')
                ->join('hives', 'hives.id', '=', 'box_places.hive_id')
                ->whereIn('box_id', $boxes)
                ->whereNull('until')
                ->whereNull('box_places.deleted_at')
                ->get(['hives.id', 'code', 'box_id']) as $place
        ) {
            $hives[$place->id] ??= ['hive' => $place->id, 'code' => $place->code, 'boxes' => []];
            $hives[$place->id]['boxes'][] = $place->box_id;
        }

        return array_values($hives);
    }

    public function down(): void
    {
        Schema::dropIfExists('drives');
    }
};
