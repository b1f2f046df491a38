<?php

declare(strict_types=1);

use App\Http\Shared\CountQueries;
use App\Http\Shared\Problems;
use App\Http\Shared\StrictOrigin;
use App\Http\Shared\Writing;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Session\Middleware\AuthenticateSession;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', commands: __DIR__.'/../routes/console.php')
    ->withCommands([__DIR__.'/../app/Console'])
    ->withMiddleware(static function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        $middleware->append(StrictOrigin::class);
        $middleware->append(CountQueries::class);
        $middleware->prependToPriorityList(before: SubstituteBindings::class, prepend: Writing::class);
        $middleware->appendToGroup('web', AuthenticateSession::class);
        $middleware->redirectGuestsTo('/');
    })
    ->withExceptions(static function (Exceptions $exceptions): void {
        Problems::register($exceptions);
    })
    ->create();
