<?php

declare(strict_types=1);

namespace Fruitcake\Cors;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;

/** Same origin only: answers no preflight and adds no header. */
final class CorsService
{
    /** @param  array<string, mixed>  $options */
    public function __construct(array $options = [])
    {
    }

    /** @param  array<string, mixed>  $options */
    public function setOptions(array $options): void
    {
    }

    public function isCorsRequest(Request $request): bool
    {
        return false;
    }

    public function isPreflightRequest(Request $request): bool
    {
        return false;
    }

    public function handlePreflightRequest(Request $request): Response
    {
        return new Response('', 204);
    }

    public function addActualRequestHeaders(Response $response, Request $request): Response
    {
        return $response;
    }

    public function varyHeader(Response $response, string $header): Response
    {
        return $response;
    }
}
