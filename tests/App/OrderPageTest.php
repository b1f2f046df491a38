<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Company;
use App\Models\Painter;
use Carbon\CarbonImmutable;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\Group;

/** What the page Running order is answered: sittings, ways, prices, days, and what is kept. */
final class OrderPageTest extends TestCase
{
    private const FREE = ['zone' => 'Europe/Lisbon', 'weekly' => [['days' => ['monday', 'wednesday'], 'from' => '19:30', 'to' => '21:30']]];

    #[Group('days')]
    public function testSittingsWithTheirJobsPotsAndReasons(): void
    {
        [$painter, $id] = $this->began();
        $response = $this->getJson("/api/companies/$id/order")->assertOk();
        $this->assertAnswers('order', $response);
        $always = $response->json();
        self::assertNull($always['free']);
        self::assertSame('Sitting 1', $always['plan']['sheets'][0]['day']);
        self::assertStringContainsString(': Ferrymen, 3 figures', $always['plan']['headline']);

        $painter->update(['free' => self::FREE]);
        $evenings = $this->getJson("/api/companies/$id/order")->assertOk()->json();
        foreach ($evenings['plan']['sheets'] as $sheet) {
            self::assertMatchesRegularExpression('/^(Mon|Wed) \d/', $sheet['day']);
            self::assertGreaterThanOrEqual('19:30', $sheet['from']);
            self::assertLessThanOrEqual('21:30', $sheet['to']);
            self::assertNotSame([], $sheet['tools']);
            foreach ($sheet['jobs'] as $job) {
                self::assertNotContains('Nothing has to come before it.', $job['why'], $job['what']);
                self::assertLessThanOrEqual(100.01, $job['left'] + $job['wide']);
            }
        }
        self::assertStringStartsWith('Undercoat: ', $evenings['plan']['sheets'][0]['jobs'][0]['what']);
    }

    /** A figure looks after a sitting as the last thing that was laid by then. */
    /** Nobody waits for a search: a try is there at once, and once the search was made the order that stands is. */
    public function testAnOrderIsAnsweredAtOnce(): void
    {
        $this->derivedApart();
        $this->signIn();
        $url = '/api/companies/'.Company::query()->value('id').'/order';
        $try = $this->getJson($url.'?first=1')->assertOk();
        $this->assertAnswers('order', $try);
        self::assertTrue($try->json('plan.first_try'));
        self::assertSame(['', null], [$try->json('plan.change'), $try->json('plan.shown')], 'a try is not kept');
        self::assertNotSame([], $try->json('plan.sheets'));

        $found = $this->getJson($url)->assertOk();
        self::assertFalse($found->json('plan.first_try'));
        $stands = $this->getJson($url.'?first=1')->assertOk();
        self::assertFalse($stands->json('plan.first_try'));
        self::assertSame($found->json('plan.sheets'), $stands->json('plan.sheets'));
    }

    public function testFiguresLookAsTheyWillByTheEndOfASitting(): void
    {
        [$painter, $id] = $this->began();
        $painter->update(['free' => ['weekly' => [['days' => ['monday', 'wednesday'], 'from' => '19:30', 'to' => '20:15']]] + self::FREE]);
        $sheets = $this->getJson("/api/companies/$id/order")->assertOk()->json('plan.sheets');
        self::assertGreaterThan(1, count($sheets));
        $tones = static fn (array $sheet): array => array_column($sheet['tones'], 'tones', 'area');

        self::assertNotSame($tones($sheets[0]), $tones(end($sheets)));
        foreach (Company::query()->with('areas.recipe')->findOrFail($id)->areas as $area) {
            self::assertSame(
                array_slice($area->recipe->strip ?? [], 1),
                array_values($tones(end($sheets))[$area->id]),
                $area->name.' ends as its recipe does',
            );
        }
    }

    public function testAreasWithoutARecipeAreNamed(): void
    {
        [, $id] = $this->began();
        $this->getJson("/api/companies/$id/order")->assertOk()->assertJsonPath('undrafted', '');
        Company::query()->findOrFail($id)->areas()->where('name', 'Lantern')->firstOrFail()->recipe()->delete();
        $order = $this->getJson("/api/companies/$id/order")->assertOk()->json();

        self::assertStringStartsWith('One area has no recipe yet', $order['undrafted']);
        self::assertStringEndsWith(': lantern.', $order['undrafted']);
        self::assertNotContains('Lantern', array_merge(...array_map(
            static fn (array $sheet): array => array_column($sheet['jobs'], 'short'),
            $order['plan']['sheets'],
        )));
    }

    public function testWaysAreComparedOneByOneAndAdvised(): void
    {
        [, $id] = $this->began();
        $ways = [];
        foreach ($this->getJson("/api/companies/$id/order")->json('ways') as $way) {
            $answer = $this->getJson("/api/companies/$id/order/ways/{$way['way']}")->assertOk();
            $this->assertAnswers('order_way', $answer);
            $ways[] = array_intersect_key($answer->json(), array_flip(['way', 'at_the_table', 'brush_washes', 'sittings', 'last_window']));
        }
        $advice = $this->postJson("/api/companies/$id/order/advice", ['ways' => $ways])->assertOk();
        $this->assertAnswers('order_advice', $advice);
        self::assertContains($advice->json('way'), array_column($ways, 'way'));

        $this->putJson("/api/companies/$id/order", ['companies' => [['id' => $id, 'way' => 'figure-by-figure']]])
            ->assertOk()->assertJsonPath('way', 'figure-by-figure');
        $this->getJson("/api/companies/$id/order/ways/sideways")->assertNotFound();
        $this->postJson("/api/companies/$id/order/advice", ['ways' => [['way' => 'sideways']]])->assertUnprocessable();
    }

    public function testRulesAreSetAsideWithTheirPrice(): void
    {
        [, $id] = $this->began();
        $price = $this->getJson("/api/companies/$id/order/rules/bases-first")->assertOk();
        $this->assertAnswers('order_price', $price);
        $wishes = ['wishes' => ['overruled' => ['bases-first'], 'relaxed' => ['rim-last']], 'companies' => [
            ['id' => $id, 'fieldable_first' => true],
        ]];
        $order = $this->putJson("/api/companies/$id/order", $wishes)->assertOk();
        $this->assertAnswers('order', $order);
        $kept = array_column($order->json('rules'), 'kept', 'code');

        self::assertSame(['overruled', 'relaxed', 'kept'], [$kept['bases-first'], $kept['rim-last'], $kept['inner-first']]);
        self::assertTrue($order->json('fieldable_first'));
        $other = Company::query()->findOrFail($id)->replicate(['fieldable_first'])->fill(['name' => 'Others']);
        $other->save();
        self::assertFalse($this->getJson("/api/companies/$other->id/order")->json('fieldable_first'), 'of one company alone');
        $this->assertRefused(422, 'Nobody can do it the other way round', $this->putJson("/api/companies/$id/order", [
            'wishes' => ['overruled' => ['undercoat']],
        ]));
        $this->assertRefused(422, 'There is no rule "luck".', $this->getJson("/api/companies/$id/order/rules/luck"));
    }

    public function testThePainterSaysThisBeforeThatAndACircleIsTold(): void
    {
        [, $id] = $this->began();
        $steps = array_column($this->getJson("/api/companies/$id/order")->json('steps'), 'id');
        [$one, $other] = [$steps[1], $steps[count($steps) - 1]];
        $put = fn (array $before): TestResponse => $this->putJson("/api/companies/$id/order", ['wishes' => ['before' => $before]]);
        $at = static fn (TestResponse $order, string $step): int => (int) array_search(
            $step,
            array_column($order->json('steps'), 'id'),
            true,
        );
        $order = $put([[$one, $other]])->assertOk();
        self::assertLessThan($at($order, $other), $at($order, $one));

        $this->assertRefused(422, 'These wait for each other in a circle', $put([[$one, $other], [$other, $one]]));
        $this->become(Painter::query()->where('name', 'Reed cutter')->firstOrFail());
        self::assertSame([['first' => $one, 'then' => $other]], $this->getJson("/api/companies/$id/order")->json('before'));
        $put([[$one, 'gone/long:ago']])->assertOk()->assertJsonPath('problem', null);
        $put([[$one]])->assertUnprocessable();
    }

    /** The sensor of the room slows or quickens what dries; what else is kept stays as it was. */
    public function testDryingGoesByTheAirOfTheRoom(): void
    {
        [$painter, $id] = $this->began();
        $painter->update(['wishes' => ['overruled' => ['rim-last'], 'air' => ['celsius' => 20, 'humidity' => 80]]]);
        $damp = $this->getJson("/api/companies/$id/order")->assertOk();
        self::assertSame(['usual' => false, 'words' => '20 °C and 80 % humidity'], $damp->json('air'));
        $usual = $this->putJson("/api/companies/$id/order", ['wishes' => ['air' => null]])->assertOk();
        self::assertTrue($usual->json('air.usual'));
        self::assertSame('overruled', array_column($usual->json('rules'), 'kept', 'code')['rim-last']);
        $drying = static fn (TestResponse $order): array => array_column($order->json('plan.sheets.0.jobs'), 'dries', 'what');
        foreach (array_intersect_key($drying($damp), $drying($usual)) as $what => $minutes) {
            self::assertEqualsWithDelta(2 * $drying($usual)[$what], $minutes, 1, $what);
        }

        $read = $this->postJson("/api/companies/$id/order/air")->assertOk();
        $this->assertAnswers('order', $read);
        self::assertFalse($read->json('air.usual'));
    }

    #[Group('days')]
    public function testADayIsToldWhatItHolds(): void
    {
        [$painter, $id] = $this->began();
        $this->assertRefused(422, 'Say when you are free first', $this->getJson("/api/companies/$id/order/table/2030-01-31"));
        $painter->update(['free' => self::FREE]);
        $table = $this->getJson("/api/companies/$id/order/table/2030-01-31")->assertOk();
        $this->assertAnswers('order_table', $table);

        self::assertSame('Everything that is planned is done by then.', $table->json('words'));
        $this->assertRefused(422, 'is no day', $this->getJson("/api/companies/$id/order/table/soon"));
        $this->assertRefused(422, 'is over when the plan begins', $this->getJson("/api/companies/$id/order/table/2020-01-31"));
    }

    /** Of what comes next, whatever fits into the minutes that are there; nothing where nothing does. */
    #[Group('days')]
    public function testWhatFitsIntoTheMinutesThatAreThere(): void
    {
        [$painter, $id] = $this->began();
        $fits = fn (int $minutes): TestResponse => $this->getJson("/api/companies/$id/order/now/$minutes");
        $much = $fits(120)->assertOk();
        $this->assertAnswers('order_now', $much);
        self::assertStringStartsWith('In 2 h: undercoat: ', $much->json('words'));
        self::assertLessThan(strlen($much->json('words')), strlen($fits(60)->json('words')));
        self::assertSame('Nothing of what comes next fits into 5 min.', $fits(5)->json('words'));

        $painter->update(['free' => self::FREE]);
        self::assertStringStartsWith('In 2 h: undercoat: ', $fits(120)->assertOk()->json('words'), 'also where now is no evening');
        $this->assertRefused(422, 'from 5 to 720', $fits(3));
        $this->assertRefused(422, 'from 5 to 720', $this->getJson("/api/companies/$id/order/now/soon"));
    }

    #[Group('days')]
    public function testHoursAreKeptAndRefusedWithAReason(): void
    {
        [, $id] = $this->began();
        $put = fn (array $body) => $this->putJson("/api/companies/$id/order", $body);
        $put(['free' => self::FREE])->assertOk()->assertJsonPath('free.weekly.0.from', '19:30');

        $this->assertRefused(422, 'there is no time zone "Marsh/Lamp"', $put(['free' => ['zone' => 'Marsh/Lamp'] + self::FREE]));
        $none = $put(['free' => ['zone' => 'UTC', 'weekly' => []]])->assertOk();
        $this->assertAnswers('order', $none);
        self::assertSame('You have no free hours.', $none->json('plan.left.tasks.0.why'));
        $put(['free' => self::FREE])->assertOk()->assertJsonPath('plan.left', null);
        $put(['free' => ['weekly' => [['days' => ['monday'], 'from' => '25:00', 'to' => '26:00']]] + self::FREE])->assertUnprocessable();
        $put(['free' => ['weekly' => [['days' => ['lampday'], 'from' => '10:00', 'to' => '11:00']]] + self::FREE])->assertUnprocessable();
        self::assertSame(self::FREE, Painter::query()->where('name', 'Reed cutter')->firstOrFail()->free, 'nothing of it was kept');
        $put(['free' => null])->assertOk()->assertJsonPath('free', null);
    }

    /** Two windows: the later one is told what the other has saved. */
    public function testAnOlderStateIsRefused(): void
    {
        [, $id] = $this->began();
        $version = $this->getJson("/api/companies/$id/order")->json('version');
        $body = static fn (string $way): array => ['version' => $version, 'companies' => [['id' => $id, 'way' => $way]]];
        $this->putJson("/api/companies/$id/order", $body('row'))->assertOk();

        $this->putJson("/api/companies/$id/order", $body('area-by-area'))->assertConflict();
        $this->putJson("/api/companies/$id/order", $body('row'))->assertOk();
        self::assertSame('row', Company::query()->findOrFail($id)->way?->value);
    }

    public function testCompaniesShareTheEveningsByPriority(): void
    {
        [$painter, $id] = $this->began();
        $other = Company::query()->findOrFail($id)->replicate();
        $other->fill(['name' => 'Others'])->save();
        $order = $this->putJson("/api/companies/$id/order", ['companies' => [
            ['id' => $id, 'priority' => 2], ['id' => $other->id, 'priority' => 1],
        ]])->assertOk();
        $this->assertAnswers('order', $order);

        self::assertSame(['Others', 'Ferrymen'], $order->json('planned'));
        self::assertSame($other->id, $order->json('plan.sheets.0.jobs.0.company_id'));
        $this->putJson("/api/companies/$id/order", ['companies' => [['id' => 9999, 'priority' => 2]]])->assertNotFound();
    }

    /** @return array{Painter, int} */
    private function began(): array
    {
        $painter = $this->signIn();

        return [$painter, (int) $painter->companies()->firstOrFail()->id];
    }

    /** What does not fit into two short evenings is made to fit with one press: by a longer one, or without what is not needed. */
    #[Group('days')]
    public function testWhatWouldMakeItFitIsOfferedAndTaken(): void
    {
        [, $id] = $this->began();
        $url = "/api/companies/$id/order";
        $always = $this->getJson($url)->assertOk();
        self::assertNull($always->json('plan.left'));
        $day = static fn (int $n): string => CarbonImmutable::now()->addDays($n)->format('Y-m-d');
        $hours = static fn (string $to): array => ['zone' => 'UTC', 'weekly' => [], 'exceptions' => array_map(
            static fn (int $n): array => ['date' => $day($n), 'free' => [['from' => '10:00', 'to' => $to]]],
            [1, 2],
        )];
        $to = 30;
        do {
            $to += 10;
            $short = $this->putJson($url, ['free' => $hours(sprintf('%02d:%02d', 10 + intdiv($to, 60), $to % 60))])->assertOk();
        } while ($short->json('plan.left') !== null);
        $short = $this->putJson($url, ['free' => $hours(sprintf('%02d:%02d', 10 + intdiv($to - 10, 60), ($to - 10) % 60))])->assertOk();
        $this->assertAnswers('order', $short);
        self::assertStringStartsWith('Left over: ', (string) $short->json('plan.left.words'));

        $out = $this->getJson($url.'/out')->assertOk();
        $this->assertAnswers('order_out', $out);
        self::assertContains('longer', $out->json('ways.*.id'));
        $this->postJson($url.'/out', ['way' => 'longer', 'version' => 'another'])->assertConflict();
        $this->assertRefused(422, 'does not make it fit any more', $this->postJson($url.'/out', ['way' => 'sooner']));
        $taken = $this->postJson($url.'/out', ['way' => 'longer', 'version' => $short->json('version')])->assertOk();
        self::assertNull($taken->json('plan.left'));
        self::assertNotSame($short->json('free'), $taken->json('free'));
        self::assertSame([], $this->getJson($url.'/out')->json('ways'));
    }
}
