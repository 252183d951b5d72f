<?php

declare(strict_types=1);

namespace App\Providers;

use App\Apiary\Days\MendReader;
use App\Apiary\Days\TroubleWords;
use App\Apiary\Hives\BoxKindReader;
use App\Apiary\Hives\YardReader;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\OperationCache;
use App\Apiary\Operation\OwnPreferences;
use App\Apiary\Overview\YardSum;
use App\Apiary\Weather\NearYards;
use App\Devices\Forecast;
use App\Devices\HttpForecast;
use App\Foundation\Access\Tenant;
use App\Foundation\Cache\ScopeVersions;
use App\Foundation\Http\UploadLimit;
use App\Foundation\Http\WholeFileSessions;
use App\Foundation\Server\Heartbeat;
use App\Foundation\Server\LetterFiles;
use App\Foundation\Units\Formatter;
use App\Foundation\Writes\OpenWrite;
use App\Foundation\Writes\RecordKinds;
use App\Foundation\Writes\Written;
use App\Models\Role;
use App\Models\User;
use App\Pages\Desk\PageComposer;
use App\Pages\Desk\ReadAhead;
use App\Pages\Desk\SummaryReader;
use App\Words\Choices;
use App\Words\SourceTranslator;
use App\Words\Wording;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Console\Events\CommandStarting;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\Relation;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Facades\View as Views;
use Illuminate\Support\ServiceProvider;
use Illuminate\Translation\Translator;
use Illuminate\Validation\Rules\Password;
use Illuminate\View\View;

/** What is one in a request, who may do what, and what every view has. */
final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->scoped(Tenant::class);
        $this->app->scoped(CurrentOperation::class);
        $this->app->scoped(ScopeVersions::class);
        $this->app->scoped(OpenWrite::class);
        $this->app->scoped(OperationCache::class);
        $this->app->scoped(YardReader::class);
        $this->app->scoped(BoxKindReader::class);
        $this->app->scoped(Formatter::class, fn (): Formatter => new Formatter(OwnPreferences::read()));
        $this->app->bind(Forecast::class, HttpForecast::class);
        $this->app->extend('translator', static function (Translator $usual): SourceTranslator {
            $own = new SourceTranslator($usual->getLoader(), $usual->getLocale());
            $own->setFallback($usual->getFallback());

            return $own;
        });
    }

    public function boot(): void
    {
        Model::shouldBeStrict(! app()->isProduction());
        Relation::enforceMorphMap(self::kinds());
        foreach (Role::ABILITIES as $ability => $roles) {
            $may = fn (User $user): bool => in_array($this->app->make(CurrentOperation::class)->role(), $roles, true);
            Gate::define($ability, $may);
        }
        Password::defaults(static fn (): Password => Password::min(10)->max(200));
        RateLimiter::for('sign-in', self::signIns(...));
        RateLimiter::for('calc', self::calculations(...));
        RateLimiter::for('scales', static fn (Request $request): array => [
            Limit::perMinute(60)->by('scale|'.$request->path()),
            Limit::perMinute(600)->by('scales|'.$request->ip()),
        ]);
        Mail::extend('file', static fn (): LetterFiles => new LetterFiles);
        Session::extend('whole-file', WholeFileSessions::configured(...));
        Event::listen(Written::class, ReadAhead::after(...));
        Queue::looping(static fn () => Heartbeat::of(Heartbeat::QUEUE));
        // By itself it says so each full minute only.
        Event::listen(CommandStarting::class, static function (CommandStarting $started): void {
            if ($started->command === 'schedule:work') {
                Heartbeat::of(Heartbeat::SCHEDULER);
            }
        });
        $this->views();
    }

    private function views(): void
    {
        Views::share([
            'f' => new Formatter,
            'say' => Wording::forPrograms(),
            'choose' => new Choices,
            'assetVersion' => (string) (@filemtime(public_path('build/app.css')) ?: 0),
            'operation' => null,
            'uploadMegabytes' => UploadLimit::megabytes(),
        ]);
        Views::composer('components.page', PageComposer::class);
        Views::composer('components.yard-sum', static fn (View $view): View => $view->with('sum', app(YardSum::class)));
        Views::composer('components.enter-weather', static fn (View $view): View => $view->with(
            'choices',
            app(NearYards::class)->choices(),
        ));
        Views::composer('components.mend', static fn (View $view): View => $view->with(
            'troubles',
            app(TroubleWords::class)->sentences(app(MendReader::class)->all()),
        ));
        Views::composer('honey-room.tabs', static fn (View $view): View => $view->with(
            'revision',
            app(ScopeVersions::class)->ofAll(),
        ));
        $summary = fn (View $view): View => $view->with('summary', $this->app->make(SummaryReader::class)->read());
        Views::composer('components.yardlist', $summary);
    }

    /** @return list<Limit> */
    private static function signIns(Request $request): array
    {
        $email = $request->input('email');
        $who = (is_string($email) ? mb_strtolower($email) : '').'|'.$request->ip();

        return [Limit::perMinute(5)->by($who), Limit::perMinute(30)->by((string) $request->ip())];
    }

    private static function calculations(Request $request): Limit
    {
        return Limit::perMinute(300)->by((string) ($request->user()->id ?? $request->ip()));
    }

    /** @return array<string, class-string<Model>> */
    private static function kinds(): array
    {
        /** @var array<string, class-string<Model>> $others */
        $others = config('records.others');

        return RecordKinds::classes() + $others;
    }
}
