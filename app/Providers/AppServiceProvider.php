<?php

declare(strict_types=1);

namespace App\Providers;

use App\Cluster\NodeConnector;
use App\Database\Faults;
use App\Database\PatientSessions;
use App\Database\PatientStore;
use App\Exceptions\Handling;
use App\Http\Device;
use App\Http\Folds;
use App\Http\May;
use App\Http\OwnersForm;
use App\Models\Customer;
use App\Models\Job;
use App\Models\LibraryPart;
use App\Models\Role;
use App\Models\User;
use App\Models\Workshop;
use App\Words\Lexicon;
use App\Words\Show;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Cache\Repository;
use Illuminate\Contracts\Database\LostConnectionDetector;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;
use Illuminate\Validation\Rules\Password;
use Pebblefell\Region\Units;
use Symfony\Component\Uid\Uuid;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        if (config('database.connections.mariadb.nodes') !== []) {
            $this->app->bind('db.connector.mariadb', NodeConnector::class);
        }
        $this->app->bind(LostConnectionDetector::class, Faults::class);
    }

    public function boot(): void
    {
        Model::preventLazyLoading(!$this->app->isProduction());
        Model::preventSilentlyDiscardingAttributes(!$this->app->isProduction());
        TrustProxies::at((array) config('pebblefell.proxies'));
        Cache::extend('patient', fn(Application $app, array $config): Repository => Cache::repository(new PatientStore(
            DB::connection(),
            (string) $config['table'],
            (string) config('cache.prefix'),
            (string) $config['lock_table'],
        ), $config));
        Session::extend('patient', static fn(Application $app): PatientSessions => new PatientSessions(
            DB::connection(),
            (string) config('session.table'),
            (int) config('session.lifetime'),
            $app,
        ));
        Password::defaults(static fn(): Password => Password::min(10));

        // Slow down guessing: by account, each device that has signed in to it for itself, and by address. Only what fails counts.
        RateLimiter::for('sign-in', static fn(Request $request): array => [
            Limit::perMinute((int) config('pebblefell.sign_in_attempts'))->by('account|' . Device::asks($request))->after(Auth::guest(...)),
            Limit::perMinute(4 * (int) config('pebblefell.sign_in_attempts'))->by('address|' . $request->ip())->after(Auth::guest(...)),
        ]);
        RateLimiter::for('message', static function (Request $request): array {
            $pack = 'message|' . ($request->route()?->originalParameter('handover') ?? '');

            $again = static fn(Request $request) => OwnersForm::again($request, 'pack.too-often', 429);

            return [
                Limit::perHour((int) config('pebblefell.messages_an_hour'))->by("$pack|h")->response($again),
                Limit::perDay((int) config('pebblefell.messages_a_day'))->by("$pack|d")->response($again),
            ];
        });
        RateLimiter::for('pack', static fn(Request $request): Limit => Limit::perMinute(120)->by((string) $request->ip()));

        Gate::define('view-components', static fn(User $user): bool => true);
        Gate::define('change-own-password', static fn(User $user): bool => true);
        Gate::define('read-help', static fn(User $user): bool => true);

        // Pages without a job read in metric, the library in the workshop's units; a job's pages replace it by their region's.
        View::share('show', new Show(Units::Metric));
        View::share('say', Lexicon::plain());
        // Asked many times a page: as plain conditions, not by the name of one.
        Blade::directive('may', static fn(string $of): string => '<?php if (\\' . May::class . "::do($of)): ?>");
        Blade::directive('endmay', static fn(): string => '<?php endif; ?>');
        // What a form is sent with: exactly once, however often it is sent.
        Blade::directive('clientid', static fn(): string => '<input type="hidden" name="client_id" value="<?php echo \\'
            . Uuid::class . '::v4(); ?>">');
        Blade::directive('stone', static fn(string $of): string => '<?php echo \App\View\Stone::svg(' . $of . '); ?>');
        Blade::directive('foldlink', static fn(string $of): string => '<?php echo e(\\' . Folds::class . "::link($of)); ?>");
        Blade::directive('unfolded', static fn(string $of): string => '<?php if (\\' . Folds::class . "::isOpen($of)): ?>");
        Blade::directive('endunfolded', static fn(): string => '<?php endif; ?>');
        View::share(
            'models',
            [
                'customer' => Customer::class,
                'job' => Job::class,
                'library' => LibraryPart::class,
                'user' => User::class,
                'workshop' => Workshop::class,
                'roles' => Role::cases(),
            ],
        );
        View::composer(
            ['errors.500', 'errors::500'],
            static fn(\Illuminate\View\View $view): mixed => $view->with('reference', Handling::reference()),
        );
        View::composer(
            'library.edit',
            static fn(): mixed => View::share('show', new Show(Workshop::current()->region->units(), Workshop::current()->currency)),
        );
    }
}
