<?php

declare(strict_types=1);

namespace App\Records;

use Closure;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as HtmlResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Spatie\Activitylog\Facades\LogBatch;
use Symfony\Component\HttpFoundation\Response;

/**
 * Every write: one transaction, one batch of the audit trail (so that it can be undone as one), and safe to
 * send twice. The same key by the same person gives the first answer again and writes nothing.
 */
final readonly class WriteOnce
{
    public function __construct(private Revisions $revisions)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        $key = $request->header('Idempotency-Key') ?? $request->input('_key');
        if (! is_string($key) || ! Str::isUlid($key)) {
            abort(400, __('This form was sent without its key. Load the page again and send it once more.'));
        }
        $earlier = $this->earlier($request, $key);
        if ($earlier !== null) {
            return $this->replay($earlier);
        }
        DB::beginTransaction();
        try {
            $kept = IdempotencyKey::query()->create([
                'user_id' => $request->user()?->id,
                'key' => $key,
                'method' => $request->method(),
                'path' => $request->path(),
            ]);
            LogBatch::startBatch();
            $response = $next($request);
        } catch (UniqueConstraintViolationException $clash) {
            DB::rollBack();
            $first = $this->earlier($request, $key);

            return $first === null ? throw $clash : $this->replay($first);
        } finally {
            LogBatch::endBatch();
        }
        if ($response->getStatusCode() >= 400) {
            DB::rollBack();

            return $response;
        }
        $this->remember($kept, $response);
        DB::commit();

        return $response;
    }

    private function remember(IdempotencyKey $kept, Response $response): void
    {
        $kept
            ->forceFill([
                'status' => $response->getStatusCode(),
                'location' => $response->headers->get('Location'),
                'body' => $response instanceof JsonResponse ? $response->getContent() : null,
            ])
            ->save();
        $this->revisions->raise();
    }

    private function earlier(Request $request, string $key): ?IdempotencyKey
    {
        $earlier = IdempotencyKey::query()->where('user_id', $request->user()?->id)->where('key', $key)->first();
        if ($earlier !== null && ($earlier->path !== $request->path() || $earlier->method !== $request->method())) {
            abort(422, __('This key has been used for something else. Load the page again.'));
        }

        return $earlier;
    }

    private function replay(IdempotencyKey $earlier): Response
    {
        if ($earlier->location !== null) {
            return new HtmlResponse('', $earlier->status ?? 303, [
                'Location' => $earlier->location,
                'Idempotency-Replayed' => 'true',
            ]);
        }

        return new HtmlResponse($earlier->body ?? '', $earlier->status ?? 200, [
            'Content-Type' => 'application/json',
            'Idempotency-Replayed' => 'true',
        ]);
    }
}
