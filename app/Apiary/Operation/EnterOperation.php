<?php

declare(strict_types=1);

namespace App\Apiary\Operation;

use App\Models\Membership;
use App\Models\Operation;
use App\Models\User;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\View;
use Symfony\Component\HttpFoundation\Response;

/** Finds the operation the person works in; without any, the only page is the one that makes one. */
final readonly class EnterOperation
{
    public function __construct(private CurrentOperation $current)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        /** @var User $user */
        $user = $request->user();
        $membership = $this->membership($user);
        if ($membership === null) {
            return $request->routeIs('start.*') ? $next($request) : redirect()->route('start.show');
        }
        /** @var Operation $operation */
        $operation = $membership->operation;
        $this->current->enter($operation, $membership->role);
        View::share('operation', $operation);

        return $next($request);
    }

    private function membership(User $user): ?Membership
    {
        $memberships = Membership::query()->where('user_id', $user->id)->with('operation')->orderBy('id')->get();

        return $memberships->firstWhere('operation_id', $user->current_operation_id) ?? $memberships->first();
    }
}
