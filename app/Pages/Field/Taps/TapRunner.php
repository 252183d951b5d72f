<?php

declare(strict_types=1);

namespace App\Pages\Field\Taps;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Units\Formatter;
use App\Foundation\Writes\OpenWrite;
use DateInterval;
use Illuminate\Contracts\Container\Container;
use Illuminate\Http\Request;
use Illuminate\Routing\Exceptions\UrlGenerationException;
use Illuminate\Routing\Pipeline;
use Illuminate\Routing\Router;
use Illuminate\Support\Facades\Facade;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/**
 * Does what was tapped, one by one, through the very routes that the pages write by: the same rules, the same rights,
 * the same key that makes a second sending harmless, each a write of its own that can be undone. Each is dated as it
 * was tapped, not as it was sent.
 */
final readonly class TapRunner
{
    /** Of a route's middleware, what belongs to the write; the session and the person are those of the batch. */
    private const OF_THE_WRITE = [
        \Illuminate\Routing\Middleware\SubstituteBindings::class,
        \Illuminate\Auth\Middleware\Authorize::class,
        \App\Foundation\Writes\WriteOnce::class,
    ];

    public function __construct(
        private Router $router,
        private Container $container,
        private CurrentOperation $current,
        private Formatter $format,
        private OpenWrite $write,
    ) {
    }

    /** @param  float  $elapsedMs  since it was tapped */
    public function run(Tap $tap, float $elapsedMs, Request $batch, FrameVersions $versions): TapAnswer
    {
        $seconds = (int) round($elapsedMs / 1000.0);
        $moment = $this->current->now()->sub(new DateInterval('PT'.max(0, $seconds).'S'));

        return $this->current->asOf($moment, fn (): TapAnswer => $this->answer($tap, $batch, $versions));
    }

    private function answer(Tap $tap, Request $batch, FrameVersions $versions): TapAnswer
    {
        $version = $tap->kind === TapKind::Frame ? $versions->of($tap) : null;
        try {
            $write = TapWrite::of($tap, $version, $this->current, $this->format);
            $response = $this->send($write, $tap->id, $batch);
        } catch (UrlGenerationException) {
            return new TapAnswer($tap->id, 'refused', __('This tap cannot be read: its hive or box is missing.'));
        } catch (NotFoundHttpException) {
            return new TapAnswer($tap->id, 'refused', self::reason(404, ''));
        }
        $isJson = str_contains((string) $response->headers->get('Content-Type'), 'json');
        $json = $isJson ? (array) json_decode((string) $response->getContent(), true) : [];

        return match (true) {
            $response->getStatusCode() < 400 => self::kept($tap, $json, $versions),
            $response->getStatusCode() === 409 => new TapAnswer(
                $tap->id,
                'conflict',
                self::message($json),
                array_filter((array) ($json['theirs'] ?? []), is_string(...), ARRAY_FILTER_USE_KEY),
            ),
            in_array($response->getStatusCode(), [429, 503], true) => new TapAnswer(
                $tap->id,
                'later',
                self::message($json) ?: __('The server was busy.'),
            ),
            default => new TapAnswer($tap->id, 'refused', self::reason($response->getStatusCode(), self::message($json))),
        };
    }

    /** @param  array<array-key, mixed>  $json */
    private static function kept(Tap $tap, array $json, FrameVersions $versions): TapAnswer
    {
        $slots = [];
        $made = is_array($json['versions'] ?? null) ? $json['versions'] : [$tap->slot() => $json['version'] ?? null];
        foreach ($made as $slot => $version) {
            if (is_int($version)) {
                $slots[(int) $slot] = $version;
                $versions->learn($tap->on, (int) $slot, $version);
            }
        }

        $shown = array_filter(array_intersect_key($json, ['html' => true, 'line' => true]), is_string(...));

        /** @var array<string, string> $shown */
        return new TapAnswer($tap->id, 'kept', versions: $slots, shown: $shown);
    }

    private function send(TapWrite $write, string $key, Request $batch): Response
    {
        $request = Request::create($write->url, $write->method, server: array_intersect_key(
            $batch->server->all(),
            array_flip(['REMOTE_ADDR', 'HTTP_HOST', 'HTTPS', 'SERVER_NAME', 'SERVER_PORT']),
        ), content: (string) json_encode($write->body));
        $request->headers->add([
            'Content-Type' => 'application/json',
            'Accept' => 'application/json',
            'Idempotency-Key' => $key,
        ]);
        $request->setLaravelSession($batch->session());
        $request->setUserResolver($batch->getUserResolver());
        $this->enter($request);
        try {
            $route = $this->router->getRoutes()->match($request);
            $route->flushController();
            $request->setRouteResolver(static fn () => $route);

            return (new Pipeline($this->container))
                ->send($request)
                ->through($this->middleware($route))
                ->then(fn (Request $sent): Response => $this->router->prepareResponse($sent, $route->run()));
        } finally {
            $this->write->giveUp();
            $this->enter($batch);
        }
    }

    /** @return list<string> */
    private function middleware(\Illuminate\Routing\Route $route): array
    {
        $isOfTheWrite = static fn (mixed $one): bool => is_string($one)
            && in_array(explode(':', $one)[0], self::OF_THE_WRITE, true);

        return array_values(array_filter($this->router->gatherRouteMiddleware($route), $isOfTheWrite));
    }

    private function enter(Request $request): void
    {
        $this->container->instance('request', $request);
        Facade::clearResolvedInstance('request');
    }

    /** @param  array<array-key, mixed>  $json */
    private static function message(array $json): string
    {
        $message = $json['message'] ?? '';

        return is_string($message) ? $message : '';
    }

    private static function reason(int $status, string $message): string
    {
        return match ($status) {
            403 => __('Your role in this operation may not do this.'),
            500 => __('The server could not save this. Send it again, or enter it on the pages.'),
            404 => __('The record was removed, or belongs to another operation.'),
            default => $message !== '' ? $message : __('The server refused this tap.'),
        };
    }
}
