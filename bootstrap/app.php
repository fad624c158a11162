<?php

declare(strict_types=1);

use App\Http\Middleware\ClocksAsTyped;
use App\Http\Middleware\ContentSecurityPolicy;
use App\Http\Middleware\DecimalCommas;
use App\Http\Middleware\KeepsPlanHistory;
use App\Http\Middleware\OwnAddresses;
use App\Http\Middleware\PretendsTime;
use App\Http\Middleware\WellFormedText;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php')
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        $middleware->prepend(OwnAddresses::class);
        $middleware->append(ContentSecurityPolicy::class);
        $middleware->web(append: [WellFormedText::class, DecimalCommas::class, ClocksAsTyped::class, PretendsTime::class]);
        $middleware->alias(['history' => KeepsPlanHistory::class]);
        $middleware->encryptCookies(except: ['look']);
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->dontFlash(['password']);
    })
    ->create();
