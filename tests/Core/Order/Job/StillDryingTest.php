<?php

declare(strict_types=1);

namespace Tests\Core\Order\Job;

use Kalokroma\Order\Job\StillDrying;
use Kalokroma\Recipe\Plan\StepRef;
use Kalokroma\Recipe\Technique\Technique;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Waits by the instants that were written down. */
final class StillDryingTest extends TestCase
{
    /** 25 October 2026, 00:30 UTC: half an hour later the clocks of Europe go back. */
    private const NIGHT = 1_792_888_200;

    /** An oil wash dries for an hour, and has to be wiped within two; told from a quarter of an hour before. */
    #[DataProvider('minutes')]
    public function testAWaitOfTwoSides(int $passed, bool $wet, bool $awaited, bool $urgent): void
    {
        $wash = StillDrying::of('hull', [1, 2], self::NIGHT, 60, null, Technique::OilWash);
        $now = self::NIGHT + 60 * $passed;

        self::assertSame(Technique::Wiping, $wash->then);
        self::assertSame([$wet, $awaited, $urgent], [$wash->isWet($now), $wash->isAwaited($now), $wash->isUrgent($now)]);
    }

    /** @return array<string, array{int, bool, bool, bool}> */
    public static function minutes(): array
    {
        return [
            'just laid' => [0, true, true, false],
            'nearly dry' => [59, true, true, false],
            'dry' => [60, false, true, false],
            'soon too late' => [105, false, true, true],
            'the last minute' => [120, false, true, true],
            'too late' => [121, false, false, false],
        ];
    }

    public function testWhatIsFoundDryIsDry(): void
    {
        $gloss = StillDrying::of(null, [1], self::NIGHT, 1440, null, Technique::GlossVarnish);
        $found = StillDrying::of(null, [1], self::NIGHT, 1440, self::NIGHT + 7200, Technique::GlossVarnish);

        self::assertTrue($gloss->isWet(self::NIGHT + 86_399));
        self::assertFalse($gloss->isWet(self::NIGHT + 86_400));
        self::assertTrue($found->isWet(self::NIGHT + 7199));
        self::assertFalse($found->isWet(self::NIGHT + 7200));
        self::assertNull($gloss->latest);
        self::assertFalse($gloss->isUrgent(self::NIGHT));
    }

    public function testWhatLiesUnderAStep(): void
    {
        $belt = StillDrying::of('belt', [1, 3], self::NIGHT, 8, null, null);
        $all = StillDrying::of(null, [1, 3], self::NIGHT, 8, null, null);

        self::assertTrue($belt->isUnder(StepRef::of('belt', 'wash'), 3));
        self::assertFalse($belt->isUnder(StepRef::of('belt', 'wash'), 2), 'another figure');
        self::assertFalse($belt->isUnder(StepRef::of('coat', 'wash'), 3), 'another area');
        self::assertTrue($belt->isUnder(StepRef::ofFigure('undercoat'), 3), 'a varnish goes over all of it');
        self::assertTrue($all->isUnder(StepRef::of('coat', 'wash'), 1), 'an undercoat is below everything');
    }

    public function testNothingWetWithSolventIsBlownAt(): void
    {
        self::assertFalse(StillDrying::mayBeBlown(Technique::EnamelWash));
        self::assertFalse(StillDrying::mayBeBlown(Technique::OilWash));
        self::assertTrue(StillDrying::mayBeBlown(Technique::Basecoat));
        self::assertTrue(StillDrying::mayBeBlown(null));
    }
}
