<?php

declare(strict_types=1);

use App\Apiary\Operation\EnterOperation;
use App\Foundation\Http\DevNumbers;
use App\Foundation\Http\HealthController;
use App\Foundation\Http\OneLine;
use App\Foundation\Http\OwnAddress;
use App\Foundation\Http\PlainText;
use App\Foundation\Http\ProblemPages;
use App\Foundation\Http\SecureHeaders;
use App\Foundation\Writes\WriteOnce;
use App\Pages\InReadersUnits;
use Illuminate\Contracts\Auth\Middleware\AuthenticatesRequests;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Support\Facades\Route;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        api: __DIR__.'/../routes/api.php',
        commands: __DIR__.'/../routes/console.php',
        then: static fn () => Route::get('/up', HealthController::class)->name('up'),
    )
    ->withCommands([__DIR__.'/../app/Console'])
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        $middleware->prepend([SecureHeaders::class, OwnAddress::class]);
        if (($_SERVER['MARJORAM_DEV'] ?? '') === '1') {
            $middleware->prepend(DevNumbers::class);
        }
        $middleware->web(append: [PlainText::class, OneLine::class]);
        // A password that is changed signs out whoever signed in with the one before.
        $middleware->authenticateSessions();
        $middleware->api(append: [PlainText::class]);
        $middleware->alias(['operation' => EnterOperation::class, 'units' => InReadersUnits::class, 'write' => WriteOnce::class]);
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/');
        // The operation must be known before a route's records are looked up, so that others' are not found.
        $middleware->appendToPriorityList(AuthenticatesRequests::class, EnterOperation::class);
        $middleware->appendToPriorityList(AuthenticatesRequests::class, InReadersUnits::class);
        // A removal sent twice is answered as it was the first time, though its record is gone by then.
        $middleware->appendToPriorityList(EnterOperation::class, WriteOnce::class);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        ProblemPages::register($exceptions);
    })
    ->create();
