<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Str;
use Marjoram\Core\Sheet\HiveSheet;

/** What a phone does in a test: judges the sheet that it carries, and sends what was tapped. */
trait TapsOfAPhone
{
    /** Of the operation that the phone carries. */
    private string $operation = '';

    /**
     * @param  array<string, mixed>  $sheet
     * @param  array<string, mixed>  $hive
     * @return list<array<string, mixed>>
     */
    private function judged(array $sheet, array $hive, string $today = '2026-08-04'): array
    {
        $question = array_intersect_key($sheet, array_flip(['now', 'policy', 'can_rearrange', 'dry_room', 'flow', 'eye']));
        $question += ['today' => $today, 'excluder' => $hive['excluder'], 'boxes' => $hive['boxes']];
        $json = (new HiveSheet)->answer((string) json_encode($question, JSON_PRESERVE_ZERO_FRACTION));

        return json_decode($json, true)['boxes'] ?? self::fail($json);
    }

    /** @return array<string, mixed> */
    private static function frame(int $slot, float $capped): array
    {
        $face = ['capped' => $capped, 'open' => 0.0, 'brood' => 0.0, 'pollen' => 0.0];

        return ['slot' => $slot, 'a' => $face, 'b' => $face];
    }

    /**
     * @param  array<string, mixed>  $data
     * @return array<string, mixed>
     */
    private function tap(string $kind, string $on, array $data, float $agoMs = 0.0, ?int $version = null): array
    {
        return [
            'id' => (string) Str::ulid(),
            'kind' => $kind,
            'on' => $on,
            'at' => 3600000.0 - $agoMs,
            'data' => $data,
        ] + ($version === null ? [] : ['version' => $version]);
    }

    /**
     * By a phone whose clock stands at an hour past 1970.
     *
     * @param  list<mixed>  $taps
     * @return list<array<string, mixed>>
     */
    private function sendTaps(array $taps): array
    {
        $body = ['sent_at' => 3600000.0, 'operation' => $this->operation, 'taps' => $taps];

        return $this->postJson('/field/taps', $body)->assertOk()->json('answers');
    }
}
