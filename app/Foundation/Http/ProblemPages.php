<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use App\Foundation\Access\Tenant;
use App\Foundation\Writes\Conflict;
use App\Foundation\Writes\OpenWrite;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\QueryException;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Routing\Route;
use Illuminate\Routing\Router;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\MessageBag;
use Illuminate\Support\ViewErrorBag;
use Illuminate\Validation\ValidationException;
use Marjoram\Core\InvalidInput;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** Answers bad input with the page it was sent from, its messages, what was entered, and status 422. */
final class ProblemPages
{
    public static function register(Exceptions $exceptions): void
    {
        $exceptions->render(
            fn (ValidationException $e, Request $request): Response => self::invalid($e->errors(), $request),
        );
        $exceptions->render(
            fn (InvalidInput $e, Request $request): Response => self::invalid(
                [self::field($e->pointer) => [__($e->getMessage())]],
                $request,
            ),
        );
        $exceptions->render(
            fn (Conflict $e, Request $request): Response => $request->expectsJson()
                ? new JsonResponse(['message' => $e->getMessage(), 'theirs' => $e->theirs], 409)
                : self::invalid(['version' => [$e->getMessage()]], $request, 409),
        );
        $exceptions->render(
            fn (UniqueConstraintViolationException $e, Request $request): Response => self::invalid(
                ['form' => [self::taken()]],
                $request,
            ),
        );
        $exceptions->render(function (Throwable $e, Request $request): ?Response {
            $sentence = OutOfOrder::sentence($e);

            return match (true) {
                $sentence === null => null,
                $request->expectsJson() => new JsonResponse(['message' => $sentence], 503),
                default => response()->view('errors.503', ['sentence' => $sentence], 503),
            };
        });
        // A query's values may be personal: only its shape goes to the log.
        $exceptions->report(function (QueryException $e): bool {
            Log::error('database error', [
                'code' => $e->getCode(),
                'error' => $e->errorInfo[1] ?? null,
                'sql' => $e->getSql(),
            ]);

            return false;
        });
        $exceptions->dontReport([Conflict::class, InvalidInput::class]);
    }

    private static function taken(): string
    {
        return __('This name, code or day exists already. Load the page again to see it, or choose another.');
    }

    /** @param  array<string, list<string>>  $messages */
    private static function invalid(array $messages, Request $request, int $status = 422): Response
    {
        // The page must show what is saved, not the unfinished write.
        app(OpenWrite::class)->giveUp();
        if ($request->expectsJson()) {
            return new JsonResponse(
                ['message' => (string) current(current($messages) ?: ['']), 'errors' => $messages],
                $status,
            );
        }

        return self::pageAgain($messages, $request, $status) ??
            response()->view('errors.invalid', ['messages' => $messages], $status);
    }

    /**
     * The page before, rendered inside this request: no redirect, so that what was typed stays and the status says 422.
     *
     * @param  array<string, list<string>>  $messages
     */
    private static function pageAgain(array $messages, Request $request, int $status): ?Response
    {
        $router = app(Router::class);
        foreach (self::addresses($request) as $url) {
            $page = Request::create($url, 'GET', server: ['REQUEST_METHOD' => 'GET'] + $request->server->all());
            try {
                $route = $router->getRoutes()->match($page);
                $again = self::mayBeShown($route, $request)
                    ? self::render($router, $route, $page, $request, $messages)
                    : null;
                if ($again !== null && ! $again->isRedirection()) {
                    return $again->setStatusCode($status);
                }
            } catch (Throwable $problem) {
                // The page before is gone, not ours, or asked for wrongly itself: try the next, or say what was wrong
                // on a page of its own.
                if (! self::isExpected($problem)) {
                    report($problem);
                }
            }
        }

        return null;
    }

    private static function isExpected(Throwable $problem): bool
    {
        return $problem instanceof HttpExceptionInterface
            || $problem instanceof ModelNotFoundException
            || $problem instanceof ValidationException
            || $problem instanceof InvalidInput;
    }

    /** @return list<string> of this application alone */
    private static function addresses(Request $request): array
    {
        $here = $request->getSchemeAndHttpHost();
        $isHere = static fn (string $url): bool => $url === $here
            || str_starts_with($url, "$here/")
            || preg_match('#^/(?!/)#', $url) === 1;

        return array_values(array_filter([url()->previous(), $request->fullUrl()], $isHere));
    }

    /** Under the same rules as a request for it: signed in, with a role that may see it. */
    private static function mayBeShown(Route $route, Request $request): bool
    {
        if ($route->isFallback || ! in_array('GET', $route->methods(), true) || $route->getName() === null) {
            return false;
        }
        $user = $request->user();
        foreach ($route->gatherMiddleware() as $rule) {
            $may = match (true) {
                $rule === 'auth' => $user !== null,
                $rule === 'guest' => $user === null,
                $rule === 'operation' => app(Tenant::class)->id() !== null || str_starts_with($route->uri(), 'start'),
                is_string($rule) && str_starts_with($rule, 'can:') => $user !== null && Gate::allows(substr($rule, 4)),
                default => true,
            };
            if (! $may) {
                return false;
            }
        }

        return true;
    }

    /** @param  array<string, list<string>>  $messages */
    private static function render(
        Router $router,
        Route $route,
        Request $page,
        Request $request,
        array $messages,
    ): Response {
        if ($request->hasSession()) {
            $page->setLaravelSession($request->session());
            $request
                ->session()
                ->flash(
                    '_old_input',
                    Arr::except($request->input(), [
                        'password',
                        'password_confirmation',
                        'current_password',
                        '_token',
                        '_key',
                    ]),
                );
        }
        $page->setUserResolver($request->getUserResolver());
        $page->setRouteResolver(fn (): Route => $route);
        $page->attributes->add($request->attributes->all());
        app()->instance('request', $page);
        \Illuminate\Support\Facades\Facade::clearResolvedInstance('request');
        view()->share('errors', (new ViewErrorBag)->put('default', new MessageBag($messages)));
        $router->substituteBindings($route);
        $router->substituteImplicitBindings($route);

        return Router::toResponse($page, $route->run());
    }

    private static function field(string $pointer): string
    {
        $parts = explode('/', trim($pointer, '/'));

        return $parts[count($parts) - 1] === '' ? 'form' : $parts[count($parts) - 1];
    }
}
