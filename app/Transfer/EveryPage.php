<?php

declare(strict_types=1);

namespace App\Transfer;

use App\Models\Apiary;
use App\Models\User;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Routing\Route;
use Illuminate\Routing\Router;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Facade;
use Illuminate\Support\Facades\Session;

/**
 * Opens every page of an operation that is being read in, before it counts: records that fit their forms one by one may
 * still not fit together, and would lock their people out of a page.
 */
final readonly class EveryPage
{
    /** Addresses that lead to no page of an operation. */
    private const NOT_THESE = '#^(sign-|forgotten|invitations|start|up$|api|storage|compare/out/operation|field-worker)#';

    public function __construct(private Router $router)
    {
    }

    /** @throws Unreadable naming the page that does not open */
    public function check(User $person): void
    {
        $before = request();
        $kernel = app(Kernel::class);
        $sessions = (string) Session::getDefaultDriver();
        Session::setDefaultDriver('array');
        try {
            foreach ($this->addresses() as $address) {
                Auth::setUser($person);
                $asked = Request::create(config('app.url').$address, server: ['HTTP_HOST' => self::host()]);
                if ($kernel->handle($asked)->getStatusCode() >= 500) {
                    throw Unreadable::because(__('with these records the page :page does not open', ['page' => $address]));
                }
            }
        } finally {
            Session::setDefaultDriver($sessions);
            app()->instance('request', $before);
            Facade::clearResolvedInstance('request');
        }
    }

    /** @return iterable<string> */
    public function addresses(): iterable
    {
        $yards = Apiary::query()->orderBy('position')->pluck('slug');
        foreach ($this->router->getRoutes()->getRoutes() as $route) {
            if (! in_array('GET', $route->methods(), true) || preg_match(self::NOT_THESE, $route->uri()) === 1) {
                continue;
            }
            if ($route->parameterNames() === []) {
                yield '/'.ltrim($route->uri(), '/');
            } elseif (self::isOfYard($route)) {
                foreach ($yards as $slug) {
                    yield '/'.preg_replace('/\{\w+(:\w+)?\}/', rawurlencode((string) $slug), $route->uri());
                }
            }
        }
    }

    private static function isOfYard(Route $route): bool
    {
        return $route->parameterNames() === ['apiary'];
    }

    private static function host(): string
    {
        $url = config('app.url');

        return (string) preg_replace('#^https?://#', '', is_string($url) ? $url : '');
    }
}
