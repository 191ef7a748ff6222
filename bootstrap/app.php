<?php

declare(strict_types=1);

use App\Exceptions\Handling;
use App\Http\Middleware\SecurityHeaders;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;

$app = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__ . '/../routes/web.php', commands: __DIR__ . '/../routes/console.php')
    ->withMiddleware(static function (Middleware $middleware): void {
        $middleware->append(SecurityHeaders::class);
        $middleware->prepend(App\Http\Middleware\KnownHost::class);
        $middleware->web(prepend: [App\Http\Middleware\BodySize::class]);
        // The theme is chosen in the browser, its width noted there, and both read here; they are no secret.
        $middleware->encryptCookies(except: ['theme', 'narrow', 'folds']);
        $middleware->web(replace: [
            Illuminate\Session\Middleware\StartSession::class => App\Http\Middleware\OwnSession::class,
            Illuminate\Foundation\Http\Middleware\ValidateCsrfToken::class => App\Http\Middleware\CheckFormToken::class,
        ]);
        $middleware->web(append: [App\Http\Middleware\ReadableInput::class]);
        $middleware->alias(['active' => App\Http\Middleware\ActiveAccount::class, 'whole' => App\Http\Middleware\WholeWrites::class, 'unlisted' => App\Http\Middleware\Unlisted::class]);
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/');
    })
    ->withExceptions(static function (Exceptions $exceptions): void {
        Handling::register($exceptions);
    })
    ->create();

// An instance (the one that `start` serves, the one that `test` makes) keeps its .env and storage/ in a directory of its own.
$instance = getenv('PEBBLEFELL_INSTANCE');
if (is_string($instance) && $instance !== '') {
    $app->useEnvironmentPath($instance);
    $app->useStoragePath($instance . '/storage');
}

return $app;
