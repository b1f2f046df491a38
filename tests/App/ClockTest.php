<?php

declare(strict_types=1);

namespace Tests\App;

use App\Providers\AppServiceProvider;
use Carbon\CarbonImmutable;
use Tests\Clock;

/** The clock by which tests and pictures go. */
final class ClockTest extends TestCase
{
    public function testEveryTestTakesPlaceOnTheSameEvening(): void
    {
        if (Clock::isMachines()) {
            self::assertEqualsWithDelta(time(), CarbonImmutable::now()->getTimestamp(), 60);
        } else {
            self::assertSame(Clock::NOW, CarbonImmutable::now()->toIso8601ZuluString());
        }
    }

    public function testTheApplicationsClockGoesOnFromAnotherDay(): void
    {
        config(['kalokroma.clock_ahead_s' => -86_400]);
        (new AppServiceProvider($this->app))->boot();
        $before = time() - 86_400;

        self::assertGreaterThanOrEqual($before, CarbonImmutable::now()->getTimestamp());
        self::assertLessThanOrEqual(time() - 86_400, CarbonImmutable::now()->getTimestamp(), 'not frozen, and a day behind');
    }
}
