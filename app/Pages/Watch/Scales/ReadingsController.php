<?php

declare(strict_types=1);

namespace App\Pages\Watch\Scales;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Cache\ScopeVersions;
use App\Foundation\Writes\Contention;
use App\Foundation\Writes\OpenWrite;
use App\Foundation\Writes\RecordKinds;
use App\Models\HiveScale;
use App\Models\Operation;
use App\Models\Role;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Validator;
use Throwable;

/**
 * The door for scales that send by themselves, each with a secret of its own. A batch sent twice, late or in another
 * order does no harm: a moment has one weight.
 */
final readonly class ReadingsController
{
    private const AT_MOST = 5000;

    private const TRIES = 5;

    /** What the column holds. */
    private const MOST_S = 2147483647;

    public function __construct(
        private CurrentOperation $current,
        private OpenWrite $write,
        private ScopeVersions $versions,
    ) {
    }

    /** What time it is here, and up to when readings are known: where a scale goes on from. */
    public function show(Request $request, string $scale): JsonResponse
    {
        $of = $this->enter($request, $scale);
        $last = DB::table('scale_readings')->where('hive_scale_id', $of->id)->where('source', '')->max('at');

        return new JsonResponse([
            'name' => $of->name,
            'now' => $this->current->now()->format('c'),
            'last_at' => is_string($last) ? str_replace(' ', 'T', $last).'Z' : null,
        ]);
    }

    public function store(Request $request, string $scale): JsonResponse
    {
        $of = $this->enter($request, $scale);
        $values = Validator::make($request->all(), [
            'readings' => ['required', 'array', 'min:1', 'max:'.self::AT_MOST],
            'sent_at' => ['nullable', 'string', 'max:40'],
        ])->validate();
        /** @var array<array-key, mixed> $readings */
        $readings = $values['readings'];
        $sent = SentReadings::of($readings, $values['sent_at'] ?? null, $this->current->now());
        $changed = $this->kept($of, $sent);

        return new JsonResponse([
            'accepted' => count($sent->readings),
            'changed' => $changed,
            'refused' => $sent->refused,
            'clock_skew_s' => $sent->skewS,
        ]);
    }

    /** One batch of a scale after the other; a write that stands in another's way is tried again. */
    private function kept(HiveScale $scale, SentReadings $sent): int
    {
        for ($try = 1; true; $try++) {
            try {
                $this->write->begin();
                DB::table('hive_scales')->where('id', $scale->id)->lockForUpdate()->value('id');
                $changed = StoredReadings::write($scale, $sent->readings);
                if ($changed > 0) {
                    $this->versions->touch(...RecordKinds::scopesOf($scale));
                }
                DB::table('hive_scales')->where('id', $scale->id)->update([
                    'heard_at' => $this->current->utc(),
                    'clock_skew_s' => $sent->skewS === null ? null : max(-self::MOST_S, min(self::MOST_S, $sent->skewS)),
                ]);
                $this->write->keep();

                return $changed;
            } catch (Throwable $error) {
                $this->write->giveUp();
                if ($try >= self::TRIES || ! Contention::is($error)) {
                    throw $error;
                }
                usleep(20000 * $try);
            }
        }
    }

    private function enter(Request $request, string $scale): HiveScale
    {
        $token = (string) $request->bearerToken();
        $of = HiveScale::query()->withoutGlobalScope('operation')->whereKey($scale)->first();
        $isKnown = $of !== null
            && $of->token_hash !== null
            && hash_equals($of->token_hash, hash('sha256', $token));
        abort_if(! $isKnown, 401, __('A scale sends with its own secret.'), ['WWW-Authenticate' => 'Bearer']);
        $this->current->enter(Operation::query()->findOrFail($of->operation_id), Role::Helper);

        return $of;
    }
}
