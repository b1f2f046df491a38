<?php

declare(strict_types=1);

namespace Tests\App;

use App\Formats\CheckedJson;
use App\Models\Painter;
use Carbon\CarbonImmutable;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;

/** The running order moved by hand, followed as it really goes, and handed out. */
final class OrderMovedTest extends TestCase
{
    private const FREE = ['zone' => 'Europe/Lisbon', 'weekly' => [['days' => ['monday', 'wednesday'], 'from' => '19:30', 'to' => '21:30']]];

    protected function setUp(): void
    {
        parent::setUp();
        CarbonImmutable::setTestNow('2026-11-29T12:00:00Z');
    }

    protected function tearDown(): void
    {
        CarbonImmutable::setTestNow();
        parent::tearDown();
    }

    public function testWorkIsPutWhereItMayGoAndStaysThere(): void
    {
        // An order that an earlier run has found would be there at once, and no first try be shown.
        $this->derivedApart();
        [$painter, $id] = $this->began();
        $order = $this->order($id);
        $job = $this->last($order);
        $slots = $this->getJson("/api/companies/$id/order/slots?job=".urlencode($job['id']))->assertOk();
        $this->assertAnswers('order_slots', $slots);
        $empty = array_values(array_filter($slots->json('slots'), static fn (array $s): bool => $s['free']));
        $to = end($empty);
        $moved = $this->postJson("/api/companies/$id/order/move", ['version' => $order['version'], 'job' => $job['id'], 'at' => $to['at']])
            ->assertOk();
        $this->assertAnswers('order', $moved);

        self::assertTrue($moved->json('plan.first_try'));
        self::assertStringContainsString('later than before', $moved->json('plan.change'));
        foreach ([$moved->json(), $this->order($id), $this->order($id)] as $answer) {
            $now = $this->jobs($answer)[$job['id']];
            self::assertTrue($now['pinned']);
            self::assertEqualsWithDelta(
                CarbonImmutable::parse($to['at'])->getTimestamp(),
                60 * ($now['begins'] - $now['set_up']),
                120,
                'where it was put, laying out included',
            );
            self::assertSame('', $answer['plan']['let_go']);
        }
        self::assertFalse($this->order($id)['plan']['first_try']);

        $this->putJson("/api/companies/$id/order", ['pins' => $order['pins']])->assertOk()->assertJsonPath('pins', []);
        self::assertFalse($this->jobs($this->order($id))[$job['id']]['pinned'], 'taken back');
        self::assertSame([], $painter->refresh()->pins);
    }

    public function testAPlaceThatRefusesSaysWhy(): void
    {
        [, $id] = $this->began();
        $order = $this->order($id);
        $job = $this->last($order);
        $slots = $this->getJson("/api/companies/$id/order/slots?job=".urlencode($job['id']))->json('slots');

        self::assertFalse($slots[0]['free']);
        self::assertStringContainsString(' has to come first: ', $slots[0]['why']);
        $put = fn (array $body): TestResponse => $this->postJson("/api/companies/$id/order/move", $body);
        $this->assertRefused(422, ' has to come first: ', $put(['job' => $job['id'], 'at' => $slots[0]['at']]));
        $this->assertRefused(422, 'no longer to be done', $put(['job' => 'gone', 'at' => $slots[0]['at']]));
        $this->assertRefused(422, 'as an instant', $put(['job' => $job['id'], 'at' => 'tomorrow']));
        self::assertSame([], $this->order($id)['pins'], 'nothing of it was kept');
    }

    /** Two windows: what the other one has moved is told before it is written over. */
    public function testAnOlderStateIsRefused(): void
    {
        [, $id] = $this->began();
        $order = $this->order($id);
        $job = $this->last($order);
        $pins = ['version' => $order['version'], 'pins' => [['job' => $job['id'], 'at' => $job['begins']]]];
        $this->putJson("/api/companies/$id/order", $pins)->assertOk();
        $other = $order['plan']['sheets'][0]['jobs'][1];
        $slots = $this->getJson("/api/companies/$id/order/slots?job=".urlencode($other['id']))->json('slots');
        $at = array_values(array_filter($slots, static fn (array $s): bool => $s['free']))[0]['at'];

        $this->postJson("/api/companies/$id/order/move", ['version' => $order['version'], 'job' => $other['id'], 'at' => $at])
            ->assertConflict();
        self::assertSame([$job['id']], array_column($this->order($id)['pins'], 'job'));
    }

    /** A pin of an evening that is over holds nothing any more. */
    public function testWhatIsOverIsPlannedAgain(): void
    {
        [, $id] = $this->began();
        $order = $this->order($id);
        $first = $order['plan']['sheets'][0]['jobs'][0];
        $this->putJson("/api/companies/$id/order", ['pins' => [['job' => $first['id'], 'at' => $first['begins']]]])->assertOk();
        CarbonImmutable::setTestNow('2026-12-01T12:00:00Z');
        $later = $this->order($id);

        self::assertSame('Wed 2 Dec', $later['plan']['sheets'][0]['day']);
        self::assertFalse($this->jobs($later)[$first['id']]['pinned']);
        self::assertMatchesRegularExpression(
            '/^Changed: .* now in another sitting; you finish on .*, \d days later than before\.$/',
            $later['plan']['change'],
        );
        self::assertSame($later['plan']['change'], $this->order($id)['plan']['change'], 'told again the same day');
    }

    /** What is written down is done; what dries is waited for; the bench goes on where the order does. */
    public function testTheOrderFollowsWhatIsReallyPaintedAndTheBenchFollowsIt(): void
    {
        [$painter, $id] = $this->began();
        $painter->update(['free' => null]);
        $order = $this->order($id);
        $jobs = $order['plan']['sheets'][0]['jobs'];
        self::assertSame($jobs[0]['what'], 'Undercoat: '.$jobs[0]['paint']);
        $done = [
            'area_id' => null, 'step' => $jobs[0]['key'], 'stage' => 'undercoat', 'figures' => $jobs[0]['figures'],
            'real' => ['mix' => [], 'minutes' => 21], 'note' => '',
        ];
        $this->postJson("/api/companies/$id/records", $done)->assertOk();
        $after = $this->order($id);
        $this->assertAnswers('order', $this->getJson("/api/companies/$id/order"));

        self::assertSame('Whole figure: undercoat', $after['done'][0]['what']);
        self::assertStringStartsWith('21 min, planned ', $after['done'][0]['minutes_words']);
        self::assertSame(['Whole figure: undercoat'], array_column($after['today']['blocks'], 'what'));
        self::assertSame(['21 min', [[0, 100]]], [
            $after['today']['words'],
            array_map(static fn (array $b): array => [$b['left'], $b['wide']], $after['today']['blocks']),
        ]);
        self::assertNull($order['today']);
        self::assertMatchesRegularExpression('/^#[0-9a-f]{6}$/', $after['today']['blocks'][0]['hex']);
        self::assertNotNull($after['done'][0]['dry_at']);
        self::assertArrayNotHasKey($jobs[0]['id'], $this->jobs($after));
        self::assertStringStartsWith('Changed: one task fewer; ', $after['plan']['change']);
        $dry = CarbonImmutable::parse($after['done'][0]['dry_at'])->getTimestamp();
        self::assertGreaterThanOrEqual($dry, 60 * $after['plan']['sheets'][0]['jobs'][0]['begins']);

        $steps = array_filter($this->getJson("/api/companies/$id/bench")->json('steps'), static fn (array $s): bool => !$s['done']);
        $bench = array_map(static fn (array $s): string => ($s['area_id'] ?? 'all').':'.$s['key'], array_values($steps));
        $planned = array_values(array_unique(array_map(
            static fn (array $job): string => ($job['area_id'] ?? 'all').':'.$job['key'],
            $this->jobs($after),
        )));
        self::assertSame(array_values(array_intersect($planned, $bench)), $bench);
    }

    public function testAnOpenPotIsToldWhereItIsWanted(): void
    {
        [, $id] = $this->began();
        $order = $this->order($id);
        self::assertNotSame([], $order['pots']);
        foreach ($order['pots'] as $pot) {
            $queue = $this->getJson("/api/companies/$id/order/queue/{$pot['id']}?drops=40")->assertOk();
            $this->assertAnswers('order_queue', $queue);
            $wanted = count(array_filter($this->jobs($order), static fn (array $job): bool => str_contains(
                $job['paint'] ?? '',
                $pot['name'],
            )));
            self::assertGreaterThanOrEqual($wanted, count($queue->json('next')), $pot['name']);
        }
        $ground = $this->jobs($order)[array_key_first($this->jobs($order))]['paint'];
        $pot = array_column($order['pots'], 'id', 'name')[$ground];
        $cup = fn (int $drops): string => $this->getJson("/api/companies/$id/order/queue/$pot?drops=$drops")->json('cup');
        self::assertStringStartsWith('What is in the cup is not enough for one figure', $cup(1));
        self::assertStringStartsWith('What is in the cup is enough for 3 of 3 figures', $cup(400));
        self::assertSame(
            'Nothing that is left to do takes this paint: close the pot.',
            $this->getJson("/api/companies/$id/order/queue/none")
            ->json('words'),
        );
    }

    /** Through the night in which the clock goes back, and the one in which it goes forward: the clock on the wall shows the same. */
    #[DataProvider('nights')]
    public function testSittingsGoIntoCalendarsAndAreUpdated(string $now, string $before, string $after): void
    {
        CarbonImmutable::setTestNow($now);
        [$painter, $id] = $this->began();
        $painter->update(['free' => ['weekly' => [['days' => ['monday', 'wednesday'], 'from' => '19:30', 'to' => '20:15']]] + self::FREE]);
        $first = $this->calendar($id);
        $starts = [];
        foreach ($first->select('VEVENT') as $event) {
            $starts[(string) $event->DTSTART] = (string) $event->UID;
            self::assertMatchesRegularExpression('/^Fetch: .+\.\n\d\d:\d\d  [A-Z].+ min/', (string) $event->DESCRIPTION);
        }
        self::assertGreaterThan(2, count($starts));
        self::assertCount(count($starts), array_unique($starts), 'no UID twice');
        $times = array_map(static fn (string $start): string => substr($start, 9, 2).':'.substr($start, 11, 2), array_keys($starts));
        self::assertSame(substr($before, 0, 4), substr($times[0], 0, 4));
        self::assertContains(
            substr($after, 0, 4),
            array_map(static fn (string $t): string => substr($t, 0, 4), $times),
            'the clock has changed',
        );

        $this->putJson("/api/companies/$id/order", ['companies' => [['id' => $id, 'fieldable_first' => true]]])->assertOk();
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addMinutes(90));
        $uids = [];
        foreach ($this->calendar($id)->select('VEVENT') as $event) {
            $uids[] = (string) $event->UID;
            self::assertGreaterThan(0, (int) (string) $event->SEQUENCE);
        }
        self::assertSame(array_values($starts), array_slice($uids, 0, count($starts)), 'the same sittings are updated');
    }

    /** @return array<string, array{string, string, string}> */
    public static function nights(): array
    {
        return [
            'the clock goes back' => ['2026-10-19T12:00:00Z', '18:30', '19:30'],
            'the clock goes forward' => ['2026-03-23T12:00:00Z', '19:30', '18:30'],
        ];
    }

    public function testTheOrderIsReadAsTextAndData(): void
    {
        [$painter, $id] = $this->began();
        $answer = $this->get("/api/companies/$id/order/file/json")->assertOk();
        $data = CheckedJson::read((string) $answer->getContent(), 'running-order.schema.json');
        $text = (string) $this->get("/api/companies/$id/order/file/txt")->assertOk()->getContent();

        self::assertSame('kalokroma.running-order', $data['kind']);
        self::assertStringContainsString('attachment; filename="ferrymen.json"', (string) $answer->headers->get('Content-Disposition'));
        self::assertStringContainsString('Mon 30 Nov 2026, 19:3', $text);
        foreach ($data['sitting_list'] as $sitting) {
            foreach ($sitting['order'] as $job) {
                self::assertStringContainsString($job['what'], $text);
            }
        }
        $painter->update(['free' => null]);
        $this->assertRefused(422, 'A calendar needs days', $this->getJson("/api/companies/$id/order/file/ics"));
        $this->getJson("/api/companies/$id/order/file/pdf")->assertNotFound();
    }

    /** A choir every Monday, a day off, a birthday that keeps nobody from painting, and an evening whose hours are said in another zone. */
    public function testACalendarIsLookedAtAndTaken(): void
    {
        [$painter, $id] = $this->began();
        $text = (string) file_get_contents(__DIR__.'/data/calendar-evenings.ics');
        $look = $this->postJson("/api/companies/$id/order/calendar/look", ['text' => $text])->assertOk();
        $this->assertAnswers('calendar_look', $look);
        $events = array_column($look->json('events'), null, 'name');

        self::assertSame(['Choir, in the old boathouse; bring the folder', 'Ferry to the island', 'Day off'], array_keys($events));
        $choir = $events['Choir, in the old boathouse; bring the folder'];
        self::assertStringStartsWith('Mon 30 Nov, 20:00 – 22:00, and ', $choir['times']);
        self::assertSame('Wed 2 Dec, 18:00 – 20:00', $events['Ferry to the island']['times'], '19:00 to 21:00 in Berlin');
        self::assertSame('30 min of your free hours', $events['Ferry to the island']['cuts']);
        self::assertTrue($events['Day off']['whole_day']);
        self::assertNull($painter->refresh()->busy, 'nothing is taken by looking');

        $keys = [$events['Choir, in the old boathouse; bring the folder']['key'], $events['Ferry to the island']['key']];
        $taken = $this->postJson("/api/companies/$id/order/calendar", ['text' => $text, 'name' => 'evenings.ics',
            'keys' => $keys])->assertOk();
        $this->assertAnswers('order', $taken);
        $sheets = $this->order($id)['plan']['sheets'];
        self::assertSame('evenings.ics', $this->order($id)['busy']);
        foreach ($sheets as $sheet) {
            $isFree = !str_starts_with($sheet['day'], 'Mon') || $sheet['day'] === 'Mon 7 Dec';
            self::assertTrue($isFree || $sheet['to'] <= '20:00', $sheet['day'].' '.$sheet['to']);
            self::assertTrue($sheet['day'] !== 'Wed 2 Dec' || $sheet['from'] >= '20:00', $sheet['day'].' '.$sheet['from']);
        }
        $this->putJson("/api/companies/$id/order", ['busy' => null])->assertOk()->assertJsonPath('busy', null);
    }

    public function testOwnSittingsKeepNobodyFromPainting(): void
    {
        [, $id] = $this->began();
        $own = (string) $this->get("/api/companies/$id/order/file/ics")->assertOk()->getContent();
        $look = $this->postJson("/api/companies/$id/order/calendar/look", ['text' => $own])->assertOk();

        self::assertSame('Nothing that is still to come stands in this calendar.', $look->json('words'));
    }

    public function testWhatIsNoCalendarIsRefused(): void
    {
        [$painter, $id] = $this->began();
        $look = fn (string $text): TestResponse => $this->postJson("/api/companies/$id/order/calendar/look", ['text' => $text]);
        $event = static fn (string $more): string => implode("\r\n", [
            'BEGIN:VCALENDAR', 'VERSION:2.0', 'BEGIN:VEVENT', 'UID:a', $more, 'END:VEVENT', 'END:VCALENDAR', '',
        ]);

        $this->assertRefused(422, 'Choose a calendar file', $look(''));
        $this->assertRefused(422, 'This is no calendar', $look('a shopping list'));
        $this->assertRefused(422, 'This is no calendar', $look("BEGIN:VCARD\r\nVERSION:4.0\r\nFN:Reed cutter\r\nEND:VCARD\r\n"));
        $this->assertRefused(422, 'larger than 2 MB', $look(str_repeat('x', 2_000_001)));
        $this->assertRefused(422, 'repeats in a way that cannot be read', $look($event("DTSTART:20261130T200000Z\r\nRRULE:FREQ=TIDALLY")));
        $look($event('DTSTART:soon'))->assertUnprocessable();
        $look($event('SUMMARY:no beginning'))->assertOk()->assertJsonPath('events', []);
        $look($event("DTSTART:20261130T200000Z\r\nDTEND:20261130T190000Z"))->assertOk()->assertJsonPath('events', []);
        $all = $event("DTSTART:20261129T000000Z\r\nDTEND:20261130T000000Z\r\nRRULE:FREQ=DAILY");
        $this->assertRefused(422, 'Choose at least one event', $this->postJson("/api/companies/$id/order/calendar", ['text' => $all,
            'keys' => []]));
        $key = $look($all)->assertOk()->json('events.0.key');
        $this->postJson("/api/companies/$id/order/calendar", ['text' => $all, 'keys' => [$key]])->assertOk();
        self::assertNotNull($painter->refresh()->busy, 'a year that is full leaves the next one');
        $painter->update(['free' => null]);
        $this->assertRefused(422, 'Say when you are free first', $look($all));
    }

    private function calendar(int $id): VCalendar
    {
        $answer = $this->get("/api/companies/$id/order/file/ics")->assertOk();
        self::assertSame('text/calendar; charset=utf-8', $answer->headers->get('Content-Type'));
        foreach (explode("\r\n", (string) $answer->getContent()) as $line) {
            self::assertLessThanOrEqual(75, strlen($line), 'folded');
        }
        $calendar = Reader::read((string) $answer->getContent());
        self::assertInstanceOf(VCalendar::class, $calendar);
        self::assertSame([], array_filter($calendar->validate(), static fn (array $problem): bool => $problem['level'] > 2));

        return $calendar;
    }

    /** @return array<string, mixed> as the page shows it, which then has it kept */
    private function order(int $id): array
    {
        $order = $this->getJson("/api/companies/$id/order")->assertOk()->json();
        if ($order['plan']['shown'] ?? null) {
            $this->postJson("/api/companies/$id/order/shown", ['shown' => $order['plan']['shown']])->assertNoContent();
        }

        return $order;
    }

    /**
     * @param array<string, mixed> $order
     *
     * @return array<string, array<string, mixed>> by id
     */
    private function jobs(array $order): array
    {
        return array_column(array_merge(...array_column($order['plan']['sheets'], 'jobs')), null, 'id');
    }

    /**
     * @param array<string, mixed> $order
     *
     * @return array<string, mixed> the last job
     */
    private function last(array $order): array
    {
        $jobs = array_values($this->jobs($order));

        return $jobs[count($jobs) - 1];
    }

    /** @return array{Painter, int} */
    private function began(string $name = 'Reed cutter'): array
    {
        $painter = $this->signIn($name);
        $painter->update(['free' => self::FREE]);

        return [$painter, (int) $painter->companies()->firstOrFail()->id];
    }
}
