<?php

declare(strict_types=1);

namespace App\Providers;

use App\Models\Role;
use App\Models\User;
use App\Operation\CurrentOperation;
use App\Records\Revisions;
use App\Support\Units\Formatter;
use App\Support\Units\Preferences;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->scoped(CurrentOperation::class);
        $this->app->scoped(Revisions::class);
        $this->app->scoped(Formatter::class, fn (): Formatter => new Formatter(Preferences::ofSignedIn()));
    }

    public function boot(): void
    {
        Model::shouldBeStrict(! app()->isProduction());
        foreach (Role::ABILITIES as $ability => $roles) {
            Gate::define(
                $ability,
                fn (User $user): bool => in_array(app(CurrentOperation::class)->role(), $roles, true),
            );
        }
        RateLimiter::for(
            'sign-in',
            fn (Request $request): array => [
                Limit::perMinute(5)->by(
                    (is_string($request->input('email')) ? mb_strtolower($request->input('email')) : '').
                        '|'.
                        $request->ip(),
                ),
                Limit::perMinute(30)->by((string) $request->ip()),
            ],
        );
        RateLimiter::for(
            'calc',
            fn (Request $request): Limit => Limit::perMinute(300)->by((string) ($request->user()->id ?? $request->ip())),
        );
        $this->app->bind(\App\Devices\Forecast::class, \App\Devices\HttpForecast::class);
        View::composer('components.page', \App\Desk\PageComposer::class);
        View::composer(
            'components.yardlist',
            fn (\Illuminate\View\View $view): \Illuminate\View\View => $view->with(
                'summary',
                app(\App\Desk\SummaryReader::class)->read(),
            ),
        );
        View::share(['f' => new Formatter, 'assetVersion' => self::assetVersion(), 'operation' => null]);
    }

    private static function assetVersion(): string
    {
        return (string) (@filemtime(public_path('build/app.css')) ?: 0);
    }
}
