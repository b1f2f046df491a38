<?php

declare(strict_types=1);

namespace Tests\Served;

use PHPUnit\Framework\TestCase;

/** The application as it is really served, with four workers and several browsers at the same moment. */
final class TwoAtOnceTest extends TestCase
{
    private static ?Served $served = null;

    /** @var array<int, Visitor> */
    private static array $visitors = [];

    public static function setUpBeforeClass(): void
    {
        self::$served = new Served(20_000 + getmypid() % 9000);
    }

    public static function tearDownAfterClass(): void
    {
        self::$served = null;
        self::$visitors = [];
    }

    public function testWhileOneWindowEditsTheWritesOfAnotherAreSaved(): void
    {
        [$one, $other] = [$this->visitor(0), $this->visitor(1)];
        $edits = $this->recipe($one);
        $paint = $this->paint($one);
        $before = (float) $paint['left_ml'];
        $requests = [];
        $page = substr($edits, 0, -strlen('/edits'));
        $seen = $one->ask('GET', $page)['body'];
        for ($i = 0; $i < 15; ++$i) {
            $edit = ['kind' => 'change', 'key' => 'basecoat', 'coats' => 1 + $i % 4, 'version' => $seen['version']];
            $requests[] = $one->request('POST', $edits, $edit);
            $requests[] = $other->request('POST', '/api/paints/'.$paint['id'].'/movements', ['kind' => 'used', 'ml' => '0.02']);
        }
        $answers = Visitor::together($requests);

        $statuses = array_count_values(array_column($answers, 'status'));
        ksort($statuses);
        self::assertSame([200 => 16, 202 => 14], $statuses, 'one edit is kept, fourteen aside');
        $now = $one->ask('GET', $page)['body'];
        self::assertSame(14, count($now['aside']) - count($seen['aside']), 'and none is lost');
        foreach ($now['aside'] as $aside) {
            $one->ask('POST', $page.'/aside/'.$aside['id'], ['take' => false, 'version' => $now['version']]);
        }
        $left = (float) $one->ask('GET', '/api/paints/'.$paint['id'].'/movements')['body']['left_ml'];
        self::assertEqualsWithDelta($before - 15 * 0.02, $left, 1e-6, 'fifteen were taken, none was lost or taken twice');
    }

    public function testOfTwoEditsOnOneVersionAtTheSameMomentOneIsKeptAside(): void
    {
        [$one, $other] = [$this->visitor(0), $this->visitor(1)];
        $edits = $this->recipe($one);
        $page = substr($edits, 0, -strlen('/edits'));
        for ($round = 0; $round < 8; ++$round) {
            $version = $one->ask('GET', $page)['body']['version'];
            $answers = Visitor::together([
                $one->request('POST', $edits, ['kind' => 'change', 'key' => 'basecoat', 'coats' => 2, 'version' => $version]),
                $other->request('POST', $edits, ['kind' => 'change', 'key' => 'basecoat', 'note' => "round $round", 'version' => $version]),
            ]);
            $statuses = array_column($answers, 'status');
            sort($statuses);
            self::assertSame([200, 202], $statuses, 'round '.$round);
        }
        self::assertCount(8, $one->ask('GET', $page)['body']['aside'], 'each of the later ones waits for the painter');
    }

    public function testTheSameRecordSentTwiceAtOnceIsOneEntryAndTakesThePaintOnce(): void
    {
        $one = $this->visitor();
        [$company, $step] = $this->open($one);
        $before = $this->total($one);
        $record = [
            'area_id' => $step['area_id'], 'step' => $step['key'], 'stage' => $step['stage'], 'figures' => [12],
            'real' => ['mix' => [], 'thin' => null, 'coats' => null, 'tool' => null, 'minutes' => null], 'note' => 'a bad connection',
        ];
        $key = ['Idempotency-Key: 5c0e4a52-0d7e-4c1f-9d3b-a1b2c3d4e5f6'];
        $url = '/api/companies/'.$company.'/records';
        $answers = Visitor::together(array_map(static fn (): array => $one->request('POST', $url, $record, $key), range(1, 6)));

        self::assertSame([200], array_values(array_unique(array_column($answers, 'status'))));
        self::assertCount(5, array_filter(array_column($answers, 'replayed')));
        $bodies = array_map(static fn (array $a): string => serialize(['now' => ''] + $a['body']), $answers);
        self::assertCount(1, array_unique($bodies), 'the same answer');
        self::assertSame($before + 1, $this->total($one));

        $other = $one->ask('POST', $url, [...$record, 'figures' => [11]], $key);
        self::assertSame(422, $other['status']);
        self::assertStringContainsString('every change needs a key of its own', $other['body']['message']);
        self::assertSame($before + 1, $this->total($one));
    }

    public function testManyRecordsAtOnceAllArriveOnce(): void
    {
        $visitors = array_map($this->visitor(...), range(0, 3));
        [$company, $step] = $this->open($visitors[0]);
        $before = $this->total($visitors[0]);
        $requests = [];
        for ($i = 0; $i < 24; ++$i) {
            $requests[] = $visitors[$i % 4]->request('POST', '/api/companies/'.$company.'/records', self::entry(
                $step,
                null,
                [1 + $i % 12],
            ));
        }

        self::assertSame([200], array_values(array_unique(array_column(Visitor::together($requests), 'status'))));
        self::assertSame($before + 24, $this->total($visitors[0]));
    }

    /** Four windows press "done" on the same row at once: each figure gets the step once, and the others are told so. */
    public function testAStepIsWrittenOnceForEachFigureHoweverManyWindowsAsk(): void
    {
        $visitors = array_map($this->visitor(...), range(0, 3));
        [$company, $step] = $this->open($visitors[0]);
        $before = $this->total($visitors[0]);
        $left = $step['left']['figures'];
        $requests = [];
        foreach ([...$left, ...$left] as $i => $figure) {
            $requests[] = $visitors[$i % 4]->request(
                'POST',
                '/api/companies/'.$company.'/records',
                self::entry($step, $step['key'], [$figure]),
            );
        }
        $answers = array_count_values(array_column(Visitor::together($requests), 'status'));

        self::assertGreaterThanOrEqual(4, count($left));
        self::assertSame([count($left), count($left)], [$answers[200] ?? 0, $answers[422] ?? 0]);
        self::assertSame($before + count($left), $this->total($visitors[0]));
    }

    /**
     * @param array<string, mixed> $step as the bench has it
     * @param list<int> $figures
     *
     * @return array<string, mixed>
     */
    private static function entry(array $step, ?string $key, array $figures): array
    {
        return [
            'area_id' => $step['area_id'], 'step' => $key, 'stage' => $step['stage'], 'figures' => $figures,
            'real' => ['mix' => [], 'thin' => null, 'coats' => null, 'tool' => null, 'minutes' => null], 'note' => '',
        ];
    }

    /** The first, second … browser, each signed in once: nobody signs in often. */
    private function visitor(int $number = 0): Visitor
    {
        assert(self::$served !== null);

        return self::$visitors[$number] ??= self::$served->visitor()->signIn();
    }

    /** Address of the edits of a recipe that nothing follows. */
    private function recipe(Visitor $visitor): string
    {
        foreach ($visitor->ask('GET', '/api/companies')['body']['companies'][0]['areas'] as $area) {
            if ($area['planned']) {
                return '/api/areas/'.$area['id'].'/recipe/edits';
            }
        }
        self::fail('The sample has no recipe.');
    }

    /** @return array<string, mixed> a paint of which enough is left */
    private function paint(Visitor $visitor): array
    {
        foreach ($visitor->ask('GET', '/api/shelf')['body']['paints'] as $paint) {
            if ($paint['left_ml'] > 5) {
                return $paint;
            }
        }
        self::fail('The sample has no paint.');
    }

    /** @return array{int, array<string, mixed>} the first company, and a step of it that is still to do */
    private function open(Visitor $visitor): array
    {
        $company = $visitor->ask('GET', '/api/companies')['body']['companies'][0]['id'];
        foreach ($visitor->ask('GET', '/api/companies/'.$company.'/bench?figure=12')['body']['steps'] as $step) {
            if (!$step['done'] && $step['area_id'] !== null && $step['amount'] !== null) {
                return [$company, $step];
            }
        }
        self::fail('All is done.');
    }

    private function total(Visitor $visitor): int
    {
        return (int) $visitor->ask('GET', '/api/ledger')['body']['total'];
    }
}
