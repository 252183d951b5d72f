<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\Request;
use Illuminate\Routing\Router;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;

/** A page that can be opened: the one asked for, or where its record is gone, the nearest one above it. */
final readonly class NearestPage
{
    public function __construct(private Router $router)
    {
    }

    public function to(string $url): string
    {
        $path = (string) parse_url($url, PHP_URL_PATH);
        if ($this->canBeOpened($path)) {
            return $url;
        }
        while ($path !== '' && $path !== '/') {
            $path = rtrim(substr($path, 0, (int) strrpos($path, '/')), '/');
            if ($this->canBeOpened($path)) {
                return url($path);
            }
        }

        return route('desk');
    }

    private function canBeOpened(string $path): bool
    {
        try {
            $route = $this->router->getRoutes()->match(Request::create($path === '' ? '/' : $path));
            if ($route->isFallback) {
                return false;
            }
            $this->router->substituteBindings($route);
            $this->router->substituteImplicitBindings($route);

            return true;
        } catch (ModelNotFoundException|HttpExceptionInterface) {
            return false;
        }
    }
}
