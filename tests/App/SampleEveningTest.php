<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Entry;
use App\Models\Painter;
use App\Models\SittingRow;
use App\Workshop\Order\OrderPlan;
use Carbon\CarbonImmutable;
use Kalokroma\Record\Occasion;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;

/** The sample workshop opens in the middle of an evening, whenever it is opened. */
final class SampleEveningTest extends TestCase
{
    /** Also at the end of a year, on a leap day, and in both nights in which the clocks change. */
    #[TestWith(['2026-12-03T20:10:00Z'])]
    #[TestWith(['2026-12-31T23:50:00Z'])]
    #[TestWith(['2028-02-29T00:20:00Z'])]
    #[TestWith(['2027-03-28T00:40:00Z'])]
    #[TestWith(['2027-10-31T00:40:00Z'])]
    public function testThreeThingsDryOneSlipIsOpenAndAnHourAndAHalfIsLeft(string $now): void
    {
        $this->travelTo(CarbonImmutable::parse($now));
        $this->assertIsAnEvening();
    }

    #[Group('days')]
    public function testItDoesOnTheDayOnWhichThisIsRun(): void
    {
        $this->assertIsAnEvening();
    }

    private function assertIsAnEvening(): void
    {
        $this->artisan('kalokroma:demo', ['--tonight' => true])->assertSuccessful();
        $this->become(Painter::query()->firstOrFail());
        $tonight = $this->getJson('/api/tonight')->assertOk();

        $this->assertAnswers('tonight', $tonight);
        self::assertCount(3, $tonight->json('drying'));
        self::assertCount(1, $tonight->json('slips'));
        self::assertTrue($tonight->json('sitting.started'));
        $left = array_filter($tonight->json('sitting.steps'), static fn (array $s): bool => $s['left'] !== []);
        self::assertCount(count($tonight->json('sitting.steps')) - 2, $left, 'two of its steps are painted');
        $free = OrderPlan::free(Painter::query()->firstOrFail())?->openings(CarbonImmutable::now())->windows ?? [];
        self::assertSame([0, 95], $free[0], 'free for another 95 minutes, past midnight too');
    }

    public function testWhatNobodyTouchedIsBroughtToTheNextEvening(): void
    {
        $this->travelTo(CarbonImmutable::parse('2026-12-03T20:10:00Z'));
        $this->artisan('kalokroma:demo', ['--tonight' => true])->assertSuccessful();
        $entries = Entry::query()->count();
        $this->travelTo(CarbonImmutable::parse('2026-12-05T18:00:00Z'));
        $this->artisan('kalokroma:demo', ['--tonight' => true])->assertSuccessful();
        $this->become(Painter::query()->firstOrFail());

        self::assertCount(3, $this->getJson('/api/tonight')->json('drying'));
        self::assertSame($entries, Entry::query()->count());
        self::assertSame(
            '2026-12-05T16:49:00Z',
            SittingRow::query()->firstOrFail()->laid_out_at->toIso8601ZuluString(),
            '71 minutes before',
        );
    }

    public function testWhoPaintedInItKeepsWhatTheyDid(): void
    {
        $this->travelTo(CarbonImmutable::parse('2026-12-03T20:10:00Z'));
        $this->artisan('kalokroma:demo', ['--tonight' => true])->assertSuccessful();
        $this->become(Painter::query()->firstOrFail());
        $slip = Entry::query()->where('kind', Occasion::Slip)->firstOrFail();
        $this->travel(1)->minutes();
        $this->postJson("/api/records/{$slip->id}/mended")->assertOk();
        $before = Entry::query()->pluck('done_at')->all();
        $this->travelTo(CarbonImmutable::parse('2026-12-05T18:00:00Z'));
        $this->artisan('kalokroma:demo', ['--tonight' => true])->assertSuccessful();

        self::assertEquals($before, Entry::query()->pluck('done_at')->all());
        self::assertSame([], $this->getJson('/api/tonight')->json('slips'));
    }
}
