<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a frame weighed stands beside the verdict it was taken by; a frame's verdict has the names of a super's. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('taken_supers', function (Blueprint $table): void {
            $table->json('frame_grams')->nullable()->after('frozen');
        });
        DB::table('taken_supers')->whereNotNull('frozen')->orderBy('id')->each(function (object $row): void {
            $old = json_decode((string) $row->frozen, true);
            if (! is_array($old)) {
                return;
            }
            $new = $old;
            unset($new['grams'], $new['a'], $new['b'], $new['seen'], $new['policy_met']);
            if (isset($old['a'], $old['b'])) {
                $of = static fn (array $face): float => (float) ($face['capped'] ?? 0) + (float) ($face['open'] ?? 0);
                $honey = $of($old['a']) + $of($old['b']);
                $capped = (float) ($old['a']['capped'] ?? 0) + (float) ($old['b']['capped'] ?? 0);
                $new += [
                    'faces' => [(int) $row->slot => [$of($old['a']), $of($old['b'])]],
                    'capped_share' => round($honey > 0.0 ? $capped / $honey : 0.8, 3),
                    'frames_seen' => ($old['seen'] ?? false) === true ? 1 : 0,
                    'p_policy_met' => $old['policy_met'] ?? null,
                ];
            }
            if ($new !== $old) {
                DB::table('taken_supers')->where('id', $row->id)->update([
                    'frozen' => json_encode($new),
                    'frame_grams' => isset($old['grams']) ? json_encode($old['grams']) : null,
                ]);
            }
        });
    }
};
