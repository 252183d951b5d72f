<?php

declare(strict_types=1);

namespace App\Pages\Field\Taps;

use App\Apiary\Operation\CurrentOperation;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A batch of what was tapped, in its order; each is answered by itself, whatever becomes of the others. */
final readonly class TapController
{
    /** A phone that was in a drawer over the winter does not date a look by its wrong clock. */
    private const MOST_MS = 100.0 * 86400.0 * 1000.0;

    private const MOST = 50;

    public function __construct(private TapRunner $runner, private CurrentOperation $current)
    {
    }

    public function store(Request $request): JsonResponse
    {
        $sent = $request->validate([
            'sent_at' => ['required', 'numeric'],
            'operation' => ['required', 'string'],
            'taps' => ['required', 'array', 'min:1', 'max:'.self::MOST],
        ]);
        if ($sent['operation'] !== $this->current->id()) {
            return new JsonResponse(['message' => __('These taps belong to another operation. Choose it first.')], 403);
        }
        $answers = [];
        $versions = new FrameVersions;
        foreach (array_values($sent['taps']) as $i => $one) {
            $answers[] = $this->one($one, (float) $sent['sent_at'], $i, $request, $versions)->toJson();
        }
        // What pages say after a write is not for the next page.
        $request->session()->forget(['saved', '_old_input']);

        return new JsonResponse(['answers' => $answers]);
    }

    private function one(
        mixed $sent,
        float $sentAt,
        int $i,
        Request $request,
        FrameVersions $versions,
    ): TapAnswer {
        $tap = Tap::read($sent);
        if ($tap === null) {
            $id = is_array($sent) && is_string($sent['id'] ?? null) ? $sent['id'] : '';

            return new TapAnswer($id, 'refused', __('Tap :n of those sent cannot be read.', ['n' => $i + 1]));
        }
        $elapsed = $sentAt - $tap->at;
        if ($elapsed > self::MOST_MS) {
            return new TapAnswer($tap->id, 'refused', __('This tap is dated more than 100 days ago. Check the phone\'s clock.'));
        }

        return $this->runner->run($tap, $elapsed, $request, $versions);
    }
}
