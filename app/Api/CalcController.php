<?php

declare(strict_types=1);

namespace App\Api;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The same door over HTTP. */
final readonly class CalcController
{
    public function __construct(private CalculationRunner $door, private Registry $registry)
    {
    }

    public function index(): JsonResponse
    {
        return new JsonResponse(['names' => $this->registry->names()]);
    }

    public function schemas(): JsonResponse
    {
        return new JsonResponse($this->registry->bundle());
    }

    public function show(string $name): JsonResponse
    {
        return $this->registry->get($name) === null
            ? $this->refused(
                new InputRefused("There is no computation \"$name\".", '', implode(', ', $this->registry->names())),
                404,
            )
            : new JsonResponse($this->registry->schema($name));
    }

    public function store(Request $request, string $name): JsonResponse
    {
        try {
            return new JsonResponse($this->door->run($name, $request->getContent()));
        } catch (InputRefused $refusal) {
            return $this->refused($refusal, $this->registry->get($name) === null ? 404 : 422);
        }
    }

    private function refused(InputRefused $refusal, int $status): JsonResponse
    {
        return new JsonResponse($refusal->toArray(), $status);
    }
}
