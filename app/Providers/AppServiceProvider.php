<?php

declare(strict_types=1);

namespace App\Providers;

use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Model::shouldBeStrict();
        RateLimiter::for('sign-in', static fn (Request $request): array => [
            Limit::perMinute(5)->by(mb_strtolower(is_string($request->input('name')) ? $request->input('name') : '').'|'.$request->ip()),
            Limit::perMinute(30)->by((string) $request->ip()),
        ]);
    }
}
