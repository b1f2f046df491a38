<?php

declare(strict_types=1);

namespace App\Providers;

use App\Devices\BottleScale;
use App\Devices\ClimateSensor;
use App\Devices\ColourReader;
use App\Devices\Luck;
use App\Devices\Pretended;
use App\Devices\PriceList;
use App\Devices\SimulatedBottleScale;
use App\Devices\SimulatedClimateSensor;
use App\Devices\SimulatedColourReader;
use App\Devices\SimulatedShop;
use App\Models\WriteLockConnection;
use App\Workshop\Recipe\Staleness;
use Carbon\CarbonImmutable;
use DateTimeInterface;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind(
            ColourReader::class,
            static fn (): ColourReader => new SimulatedColourReader(Luck::seed(), Pretended::of('reader') === 'works'),
        );
        $this->app->bind(
            BottleScale::class,
            static fn (): BottleScale => new SimulatedBottleScale(Luck::seed(), Pretended::of('scale') === 'works'),
        );
        $this->app->bind(
            ClimateSensor::class,
            static fn (): ClimateSensor => new SimulatedClimateSensor(Pretended::of('sensor'), Luck::seed()),
        );
        $this->app->bind(PriceList::class, static fn (): PriceList => new SimulatedShop(Pretended::of('shop')));
    }

    public function boot(): void
    {
        self::setClock((int) config('kalokroma.clock_ahead_s'));
        Connection::resolverFor('sqlite', static fn (mixed ...$given): WriteLockConnection => new WriteLockConnection(...$given));
        Model::shouldBeStrict();
        Staleness::listen();
        foreach (['paint', 'company', 'area', 'record', 'trial', 'book', 'aside', 'invitation'] as $id) {
            Route::pattern($id, '[0-9]+');
        }
        Route::pattern('batch', '[A-Za-z0-9-]{8,40}');
        RateLimiter::for('password', static fn (Request $request): Limit => Limit::perMinute(8)->by(
            'password|'.$request->user()?->getAuthIdentifier(),
        ));
        RateLimiter::for('sign-in', static fn (Request $request): array => [
            Limit::perMinute(5)->by(mb_strtolower(is_string($request->input('name')) ? $request->input('name') : '').'|'.$request->ip()),
            Limit::perMinute(30)->by((string) $request->ip()),
        ]);
    }

    /** Another day than the machine's, which goes on from there. */
    private static function setClock(int $ahead): void
    {
        if ($ahead !== 0) {
            CarbonImmutable::setTestNow(
                static fn (DateTimeInterface $machine): CarbonImmutable => CarbonImmutable::instance($machine)->addSeconds($ahead),
            );
        }
    }
}
