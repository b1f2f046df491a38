<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\Entry;
use App\Models\PassRow;
use App\Models\PictureRow;
use App\Models\PotRow;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Response;

/** An evening at the bench: laid out, fetched for, painted in rows, ended; and what goes wrong meanwhile. */
final class EveningTest extends TestCase
{
    #[Group('days')]
    public function testASittingFromTheRunningOrderIsFetchedForPaintedAndEnded(): void
    {
        $this->signIn();
        $this->getJson('/api/tonight')->assertOk()->assertJsonPath('begun', false)->assertJsonPath('sitting', null);
        $sitting = $this->layOut(['origin' => 'order']);
        $this->assertAnswers('sitting', $sitting);
        $id = $sitting->json('id');
        self::assertFalse($sitting->json('started'));
        self::assertNotSame([], $sitting->json('cautions'));
        $kinds = array_count_values(array_column($sitting->json('fetch'), 'kind'));
        self::assertGreaterThan(0, $kinds['paint']);
        self::assertGreaterThan(0, ($kinds['brush'] ?? 0) + ($kinds['tool'] ?? 0));

        $keys = array_column($sitting->json('fetch'), 'key');
        $this->putJson("/api/sittings/$id", ['key' => $keys[0], 'fetched' => true])->assertOk();
        $fetched = $this->putJson("/api/sittings/$id", ['key' => $keys[1], 'fetched' => true])->assertOk();
        self::assertSame([true, true], array_slice(array_column($fetched->json('fetch'), 'fetched'), 0, 2), 'one tick takes none back');
        $back = $this->putJson("/api/sittings/$id", ['key' => $keys[0], 'fetched' => false])->assertOk();
        self::assertSame([false, true], array_slice(array_column($back->json('fetch'), 'fetched'), 0, 2));

        $this->postJson("/api/sittings/$id/start")->assertOk()->assertJsonPath('started', true);
        $bench = $this->bench('by=row');
        self::assertSame($sitting->json('steps.0.id'), $bench->json('next'));
        $step = $this->step($bench, $bench->json('next'));
        $this->travel(30)->minutes();
        $this->done($step, [1, 2, 3])->assertOk();
        $under = $this->getJson("/api/sittings/$id")->assertOk();
        self::assertSame([], $under->json('steps.0.left'));
        self::assertSame($sitting->json('steps.1.id'), $under->json('next.id'));

        $ended = $this->postJson("/api/sittings/$id/end")->assertOk();
        $this->assertAnswers('sitting', $ended);
        self::assertSame(['30 min', '3 figures'], [$ended->json('end.minutes_words'), $ended->json('end.figures_words')]);
        self::assertSame([1, 2, 3], $ended->json('end.done.0.figures'));
        self::assertCount(1, $ended->json('end.drying'));
        self::assertNotSame([], $ended->json('end.washing'));
        self::assertNotSame('', $ended->json('end.next'));
        $this->getJson('/api/tonight')->assertOk()->assertJsonPath('begun', true)->assertJsonPath('sitting', null);
    }

    public function testASittingOfOneRecipeHoldsItsStepsOnly(): void
    {
        $this->signIn();
        $lantern = AreaRow::query()->where('name', 'Lantern')->firstOrFail()->id;
        $sitting = $this->layOut(['origin' => 'recipe', 'area_id' => $lantern]);

        foreach ($sitting->json('steps') as $step) {
            self::assertStringStartsWith($lantern.':', $step['id']);
            self::assertSame([1, 2, 3], $step['left']);
        }
        self::assertSame('lantern', $sitting->json('words'));
    }

    public function testFortyMinutesHoldNoMore(): void
    {
        $this->signIn();
        $sitting = $this->layOut(['origin' => 'minutes', 'minutes' => 40]);

        self::assertLessThanOrEqual(40, array_sum(array_column($sitting->json('steps'), 'minutes')));
        $this->assertRefused(422, 'from 5 to 720', $this->postJson($this->url('sittings'), ['origin' => 'minutes', 'minutes' => 4]));
        $this->assertRefused(422, 'from the running order', $this->postJson($this->url('sittings'), ['origin' => 'luck']));
    }

    #[Group('days')]
    public function testASecondSittingEndsTheFirstAndAForgottenOneIsOver(): void
    {
        $this->signIn();
        $first = $this->layOut(['origin' => 'order'])->json('id');
        $second = $this->layOut(['origin' => 'minutes', 'minutes' => 60])->json('id');
        $this->getJson("/api/sittings/$first")->assertJsonPath('ended', true);
        $this->getJson('/api/tonight')->assertJsonPath('sitting.id', $second);
        $this->travel(9)->hours();

        $this->getJson('/api/tonight')->assertJsonPath('sitting', null);
    }

    public function testWaitsGoByTheInstantsWhicheverClockOrDeviceAsks(): void
    {
        $this->signIn();
        // The night in which clocks go back: what was painted at 00:40 UTC is dry at 01:20 UTC, whatever the wall says.
        $this->travelTo(CarbonImmutable::parse('2026-10-25T00:40:00Z'));
        $bench = $this->record(['area_id' => $this->coat(), 'step' => null, 'stage' => 'wash', 'figures' => [1],
            'at' => '2026-10-25T02:40:00+02:00'])->assertOk();
        self::assertSame('2026-10-25T01:20:00Z', $bench->json('drying.0.until'));
        // A second device an hour ahead says the same instant by its own clock: it is taken for now, and not for later.
        $ahead = $this->record(['area_id' => $this->coat(), 'step' => null, 'stage' => 'wash', 'figures' => [2],
            'at' => '2026-10-25T02:40:00+01:00'])->assertOk();
        $row = $this->bench('by=row');
        self::assertSame([['2026-10-25T01:20:00Z'], [[1, 2]]], [
            array_column($row->json('drying'), 'until'), array_column($row->json('drying'), 'figures'),
        ]);
        self::assertSame([2], $ahead->json('drying.0.figures'));
        $this->travelTo(CarbonImmutable::parse('2026-10-25T01:19:00Z'));
        self::assertCount(1, $this->bench('by=row')->json('drying'));
        $this->travelTo(CarbonImmutable::parse('2026-10-25T01:20:00Z'));
        self::assertSame([], $this->bench('by=row')->json('drying'));
    }

    public function testARowIsGoneAlongCoatByCoat(): void
    {
        $this->signIn();
        $this->changeStep($this->coat(), 'basecoat', ['coats' => 3])->assertOk();
        $id = $this->coat().':basecoat';
        $planned = $this->minutesOf('Coat: basecoat');
        $step = $this->step($this->bench('by=row'), $id);
        self::assertSame(['number' => 1, 'of' => 3, 'figures' => [1, 2, 3], 'word' => 'coat'], $step['pass']);

        $bench = $this->pass($step, [1, 2])->assertOk();
        $this->assertAnswers('bench_tick', $bench);
        self::assertSame([3], $this->step($bench, $id)['pass']['figures'], 'the third still lacks the first coat');
        self::assertSame(['Coat, coat 1'], array_column($bench->json('drying'), 'what'));
        $this->pass($step, [3])->assertOk();
        $bench = $this->pass($step, [1, 2, 3])->assertOk();
        self::assertSame([3, false], [$this->step($bench, $id)['pass']['number'], $this->step($bench, $id)['done']]);
        self::assertSame(0, Entry::query()->count(), 'nothing is done before the last coat');
        self::assertLessThan($planned / 2, $this->minutesOf('Coat: basecoat'), 'the running order knows of the two coats that are on');

        $bench = $this->pass($step, [1, 2, 3])->assertOk();
        self::assertTrue($this->step($bench, $id)['done']);
        self::assertSame([3], Entry::query()->get()->map(static fn (Entry $e): mixed => $e->planned['coats'] ?? null)->all());
        $this->assertRefused(422, 'another window was quicker', $this->pass($step, [1]));
    }

    /** The second window still shows the first coat when it is pressed there: that is no second coat. */
    public function testTwoWindowsWriteACoatOnce(): void
    {
        $this->signIn();
        $this->changeStep($this->coat(), 'basecoat', ['coats' => 3])->assertOk();
        $step = $this->step($this->bench('by=row'), $this->coat().':basecoat');
        $seen = ['number' => 1] + self::asPlanned($step, [1, 2, 3]);
        $this->postJson($this->url('passes').'?by=row', $seen)->assertOk();

        $this->assertRefused(422, 'That coat is written down there already', $this->postJson($this->url('passes').'?by=row', $seen));
        self::assertSame(1, PassRow::query()->count());
        $this->postJson($this->url('passes').'?by=row', ['number' => 2] + $seen)->assertOk();
        self::assertSame(3, $this->step($this->bench('by=row'), $step['id'])['pass']['number']);
    }

    public function testAPassIsTakenBack(): void
    {
        $this->signIn();
        $this->changeStep($this->coat(), 'basecoat', ['coats' => 2])->assertOk();
        $this->travelTo(CarbonImmutable::parse('2026-11-20T18:00:00Z'));
        $this->done($this->step($this->bench('by=row'), 'all:undercoat'), [1, 2, 3])->assertOk();
        $step = $this->step($this->bench('by=row'), $this->coat().':basecoat');
        $bench = $this->pass($step, [1, 2, 3])->assertOk();
        self::assertTrue($bench->json('last.pass'), 'the pass is the last, though both were written down in the same second');
        $back = $this->deleteJson('/api/passes/'.$bench->json('last.id').'?by=row')->assertOk();

        self::assertSame(1, $this->step($back, $step['id'])['pass']['number']);
        self::assertSame(0, PassRow::query()->count());
    }

    public function testAMixStandsInThePotUntilItIsDry(): void
    {
        $painter = $this->signIn();
        $step = $this->mixedStep();
        self::assertNull($step['pot']['id']);
        $bench = $this->done($step, [1])->assertOk();
        $pot = $this->step($bench, $step['id'], 2)['pot'];
        self::assertSame('wet-palette', $pot['vessel']);
        self::assertGreaterThanOrEqual(0, $pot['drops']);
        $row = PotRow::query()->firstOrFail();
        self::assertSame($row->mixed_at->addDay()->toIso8601ZuluString(), $pot['until']);

        $wetter = $this->pot($row->id, 'wetter');
        $thin = $this->step($wetter, $step['id'], 2)['pot'];
        self::assertSame($pot['drops'] + 1, $thin['drops']);
        self::assertNotSame($pot['thin'], $thin['thin']);
        $more = $this->step($this->pot($row->id, 'again'), $step['id'], 2)['pot'];
        self::assertGreaterThan($thin['drops'], $more['drops']);
        self::assertSame($thin['thin'], $more['thin'], 'the same again is as thin');
        $this->travel(25)->hours();
        self::assertNull($this->step($this->bench('figure=2'), $step['id'], 2)['pot']['id'], 'after a day it is dry');

        $painter->update(['wet_palette' => false]);
        $dry = $this->done($this->step($this->bench('figure=2'), $step['id'], 2), [2])->assertOk();
        $until = $this->step($dry, $step['id'], 2)['pot'];
        self::assertSame('palette', PotRow::query()->orderByDesc('id')->firstOrFail()->vessel);
        self::assertNull($until, 'this figure has it');
        $jar = PotRow::query()->orderByDesc('id')->firstOrFail()->id;
        $this->pot($jar, 'jar');
        $this->travel(30)->days();
        self::assertSame('jar', $this->step($this->bench('figure=3'), $step['id'], 3)['pot']['vessel'], 'a jar keeps');
        $this->pot($jar, 'gone');
        self::assertNull($this->step($this->bench('figure=3'), $step['id'], 3)['pot']['id']);
        $this->assertRefused(422, 'thrown away already', $this->postJson($this->url("pots/$jar"), ['what' => 'again']));
    }

    public function testASlipStaysOnTheListUntilItIsMended(): void
    {
        $this->signIn();
        $bench = $this->record(['area_id' => $this->coat(), 'stage' => 'basecoat', 'step' => 'basecoat', 'figures' => [2], 'kind' => 'slip',
            'mishap' => ['what' => 'slip', 'step' => 'basecoat'], 'note' => 'over the lantern'])->assertOk();
        $this->assertAnswers('bench_tick', $bench);
        self::assertSame([], $bench->json('drying'), 'a slip is no coat to wait for');
        self::assertFalse($this->step($this->bench('figure=2'), $this->coat().':basecoat')['done'], 'nor is the step done by it');
        $slip = $bench->json('slips.0');
        self::assertSame([[2], 'slip', 'over the lantern'], [$slip['figures'], $slip['what'], $slip['note']]);
        self::assertNotSame('', $slip['answer']['reason']);
        $this->getJson('/api/tonight')->assertOk()->assertJsonPath('slips.0.id', $slip['id']);

        $mended = $this->postJson("/api/records/{$slip['id']}/mended")->assertOk();
        self::assertSame([], $mended->json('slips'));
        $repair = Entry::query()->orderByDesc('id')->firstOrFail();
        self::assertSame(['repair', [2]], [$repair->kind->value, $repair->figures]);
        $this->assertRefused(422, 'mended already', $this->postJson("/api/records/{$slip['id']}/mended"));

        $back = $this->deleteJson("/api/records/{$repair->id}")->assertOk();
        self::assertSame($slip['id'], $back->json('slips.0.id'), 'with the repair taken back it is to be mended again');
    }

    public function testTheOthersLikeThisChangesThePlanAndUndoesNothing(): void
    {
        $this->signIn();
        $step = $this->step($this->bench(), $this->coat().':basecoat');
        $this->done($step, [1])->assertOk();
        $paint = $this->getJson('/api/shelf')->json('paints.0');
        $different = $this->record(['area_id' => $step['area_id'], 'step' => 'basecoat', 'stage' => 'basecoat', 'figures' => [2],
            'as' => $step['as'], 'real' => ['mix' => [['paint_id' => $paint['id'], 'name' => $paint['name'], 'parts' => 1]],
                'thin' => '3:1',
                'coats' => 2]])->assertOk();
        self::assertTrue($different->json('last.different'));
        $bench = $this->postJson('/api/records/'.$different->json('last.id').'/likewise?figure=3')->assertOk();

        $now = $this->step($bench, $step['id']);
        self::assertSame([$paint['name']], array_column($now['mix'], 'name'));
        self::assertSame(['3:1', 2], [$now['thin'], $now['coats']]);
        self::assertSame([[1, 2], [3]], [$now['done_figures'], $now['left']['figures']], 'those that have it keep it');
        $this->deleteJson('/api/records/'.$different->json('last.id'))->assertOk();
        self::assertSame([2, 3], $this->step($this->bench('figure=3'), $step['id'])['left']['figures']);
    }

    public function testWhatIsNotOnTheShelfCannotBeThePlanOfTheOthers(): void
    {
        $this->signIn();
        $different = $this->record(['area_id' => $this->coat(), 'step' => 'basecoat', 'stage' => 'basecoat', 'figures' => [2],
            'real' => ['mix' => [['name' => 'Borrowed grey', 'parts' => null]]]])->assertOk();

        $refused = $this->postJson('/api/records/'.$different->json('last.id').'/likewise');
        $this->assertRefused(422, 'Borrowed grey is not on your shelf', $refused);
    }

    public function testPicturesAreWrittenAgainAndStayWithTheirPainter(): void
    {
        $this->signIn();
        $bench = $this->postJson($this->url('pictures').'?figure=2', ['file' => self::photograph(2400, 1200), 'area_id' => $this->coat(),
            'step' => 'basecoat', 'of_figure' => 2, 'of_light' => '1'])->assertOk();
        $this->assertAnswers('bench_tick', $bench);
        $picture = $bench->json('pictures.0');
        self::assertSame([1600, 800, true, 2], [$picture['width'], $picture['height'], $picture['of_light'], $picture['figure']]);
        $bytes = (string) $this->get('/api/pictures/'.$picture['id'])->assertOk()->assertHeader('Content-Type', 'image/jpeg')->getContent();
        self::assertSame([1600, 800], array_slice((array) getimagesizefromstring($bytes), 0, 2));
        self::assertStringNotContainsString('Taken at the harbour', $bytes, 'what stood beside the pixels is gone');

        $refused = $this->postJson($this->url('pictures'), ['file' => UploadedFile::fake()->createWithContent('a.jpg', 'no picture')]);
        $this->assertRefused(422, 'use PNG or JPEG', $refused);
        $this->assertRefused(422, 'there is no figure 9', $this->postJson($this->url('pictures'), [
            'file' => self::photograph(40, 40), 'of_figure' => 9,
        ]));
        $this->signIn('Another painter');
        $this->get('/api/pictures/'.$picture['id'])->assertNotFound();
        self::assertSame(0, PictureRow::query()->count());
    }

    /**
     * What lies in the corner that the camera saw first, by the table of EXIF 2.3, section 4.6.4, tag 0x0112.
     *
     * @param array{int, int} $size
     */
    #[TestWith([1, [40, 20], 'top left'])]
    #[TestWith([2, [40, 20], 'top right'])]
    #[TestWith([3, [40, 20], 'bottom right'])]
    #[TestWith([4, [40, 20], 'bottom left'])]
    #[TestWith([5, [20, 40], 'top left'])]
    #[TestWith([6, [20, 40], 'top right'])]
    #[TestWith([7, [20, 40], 'bottom right'])]
    #[TestWith([8, [20, 40], 'bottom left'])]
    public function testAPictureThatLiesOnItsSideIsTurnedUpright(int $orientation, array $size, string $corner): void
    {
        $image = imagecreatetruecolor(40, 20);
        imagefill($image, 0, 0, 0x0000FF);
        imagefilledrectangle($image, 0, 0, 19, 9, 0xFF0000);
        ob_start();
        imagejpeg($image, null, 95);
        $exif = "Exif\0\0II*\0".pack('V', 8).pack('v', 1).pack('vvVvv', 0x0112, 3, 1, $orientation, 0).pack('V', 0);
        $jpeg = substr_replace((string) ob_get_clean(), "\xFF\xE1".pack('n', strlen($exif) + 2).$exif, 2, 0);
        $this->signIn();
        $picture = $this->postJson($this->url('pictures'), ['file' => UploadedFile::fake()->createWithContent('a.jpg', $jpeg)])
            ->assertOk()->json('pictures.0');
        $kept = imagecreatefromstring((string) $this->get('/api/pictures/'.$picture['id'])->getContent());
        self::assertNotFalse($kept);

        self::assertSame($size, [imagesx($kept), imagesy($kept)]);
        $at = static fn (int $x, int $y): bool => (imagecolorat($kept, $x, $y) >> 16 & 0xFF) > 128;
        [$right, $bottom] = [$size[0] - 4, $size[1] - 4];
        $red = ['top left' => $at(4, 4), 'top right' => $at($right, 4), 'bottom right' => $at($right, $bottom), 'bottom left' => $at(
            4,
            $bottom,
        )];
        self::assertSame([$corner], array_keys(array_filter($red)));
    }

    /** Eight entries of six minutes each without a pause: after fifty minutes a rest is due, told once, and due again after a pause. */
    public function testARestIsDueAfterFiftyMinutesWithOrWithoutASitting(): void
    {
        $this->signIn();
        $this->travelTo(CarbonImmutable::parse('2026-11-20T18:00:00Z'));
        for ($i = 0; $i < 8; ++$i) {
            $this->travel(6)->minutes();
            $this->record(['area_id' => $this->coat(), 'step' => null, 'stage' => 'layer', 'figures' => [1], 'real' => ['minutes' => 6]])
                ->assertOk();
        }
        self::assertSame(['2026-11-20T18:50:00Z', false], [$this->bench()->json('care.rest_at'), $this->bench()->json('care.rest_due')]);
        $this->travelTo(CarbonImmutable::parse('2026-11-20T18:51:00Z'));
        self::assertTrue($this->bench()->json('care.rest_due'));
        $this->postJson($this->url('bench/care/rested'))->assertOk()->assertJsonPath('care.rest_due', false);
        $this->travel(20)->minutes();
        self::assertFalse($this->bench()->json('care.rest_due'), 'told once');
        $this->postJson($this->url('bench/care/danced'))->assertNotFound();
    }

    public function testTheAirbrushAsksToBeCleaned(): void
    {
        $this->signIn();
        $this->travelTo(CarbonImmutable::parse('2026-11-20T18:00:00Z'));
        self::assertNull($this->bench()->json('care.clean_at'));
        $this->record(['step' => 'undercoat', 'stage' => 'undercoat', 'figures' => [1, 2, 3], 'real' => ['minutes' => 10,
            'tool' => 'airbrush']])
            ->assertOk();
        self::assertSame('2026-11-20T18:05:00Z', $this->bench()->json('care.clean_at'), 'it was in use since 17:50');
        $this->travel(7)->minutes();
        $this->postJson($this->url('bench/care/cleaned'))->assertOk()->assertJsonPath('care.clean_at', null);
    }

    public function testTheAirOfTheRoomSlowsWhatIsWetAlready(): void
    {
        $this->signIn();
        config(['kalokroma.device_seed' => 7]);
        $step = $this->step($this->bench(), $this->coat().':basecoat');
        $before = $this->done($step, [1])->assertOk()->json('drying.0.until');
        $after = $this->postJson($this->url('bench/air').'?figure=1')->assertOk();

        self::assertFalse($after->json('air.usual'));
        $entry = Entry::query()->firstOrFail();
        self::assertSame($entry->done_at->addMinutes($entry->dry_minutes)->toIso8601ZuluString(), $after->json('drying.0.until'));
        self::assertNotSame('', $before);
    }

    public function testALevelThatIsReachedIsToldUntilItWasLookedOver(): void
    {
        $this->signIn();
        self::assertNull($this->bench('by=row')->json('stop'));
        foreach ($this->bench('by=row&level=fieldable')->json('steps') as $step) {
            $this->done($step, [1, 2, 3])->assertOk();
        }
        $stop = $this->bench('by=row');
        self::assertSame('fieldable', $stop->json('stop.level'));
        self::assertStringContainsString('each of the 3 figures', (string) $stop->json('stop.look'));

        $this->postJson($this->url('bench/looked').'?by=row', ['level' => 'fieldable'])->assertOk()->assertJsonPath('stop', null);
        $this->assertRefused(422, 'no such level', $this->postJson($this->url('bench/looked'), ['level' => 'splendid']));
    }

    #[Group('days')]
    public function testTonightTellsWhatDriesAndHowEveryCompanyStands(): void
    {
        $this->signIn();
        foreach (array_slice($this->bench('by=row')->json('steps'), 0, 2) as $step) {
            $this->done($step, [1, 2])->assertOk();
        }
        $tonight = $this->getJson('/api/tonight')->assertOk();
        $this->assertAnswers('tonight', $tonight);

        self::assertTrue($tonight->json('begun'));
        self::assertCount(2, $tonight->json('drying'));
        $company = $tonight->json('companies.0');
        self::assertSame([1, 2, 3], array_column($company['figures'], 'number'));
        self::assertNotSame($company['figures'][0]['tones'], $company['figures'][2]['tones'], 'the third is bare');
        self::assertSame('3', $company['next_figures']);
    }

    private function coat(): int
    {
        return AreaRow::query()->where('name', 'Coat')->firstOrFail()->id;
    }

    private function url(string $what): string
    {
        return '/api/companies/'.Company::query()->value('id').'/'.$what;
    }

    /** @return TestResponse<Response> */
    private function bench(string $question = ''): TestResponse
    {
        return $this->getJson($this->url('bench').'?'.$question)->assertOk();
    }

    /**
     * @param array<string, mixed> $body
     *
     * @return TestResponse<Response>
     */
    private function layOut(array $body): TestResponse
    {
        return $this->postJson($this->url('sittings'), $body)->assertOk();
    }

    /**
     * @param TestResponse<Response> $bench
     *
     * @return array<string, mixed> the step of this id; where another figure was looked at, as it is for this one
     */
    private function step(TestResponse $bench, string $id, ?int $figure = null): array
    {
        $bench = $figure === null || $bench->json('figure') === $figure ? $bench : $this->bench("figure=$figure");

        return array_column((array) $bench->json('steps'), null, 'id')[$id];
    }

    /** Minutes that are planned for what begins with these words. */
    private function minutesOf(string $what): int
    {
        $minutes = 0;
        foreach ((array) $this->getJson($this->url('order'))->assertOk()->json('plan.sheets') as $sheet) {
            foreach ($sheet['jobs'] as $job) {
                $minutes += str_starts_with($job['what'], $what) ? $job['minutes'] : 0;
            }
        }

        return $minutes;
    }

    /** @return array<string, mixed> the first step that something is mixed for */
    private function mixedStep(): array
    {
        foreach ($this->bench()->json('steps') as $step) {
            if ($step['pot'] !== null && $step['coats'] === 1) {
                return $step;
            }
        }
        self::fail('Nothing is mixed in this recipe.');
    }

    /**
     * @param array<string, mixed> $step as the bench had it
     * @param list<int> $figures
     *
     * @return TestResponse<Response>
     */
    private function done(array $step, array $figures): TestResponse
    {
        return $this->record(self::asPlanned($step, $figures));
    }

    /**
     * @param array<string, mixed> $step as the bench had it
     * @param list<int> $figures
     *
     * @return TestResponse<Response>
     */
    private function pass(array $step, array $figures): TestResponse
    {
        return $this->postJson($this->url('passes').'?by=row', self::asPlanned($step, $figures));
    }

    /** @return TestResponse<Response> */
    private function pot(int $pot, string $what): TestResponse
    {
        return $this->postJson($this->url("pots/$pot"), ['what' => $what])->assertOk();
    }

    /**
     * @param array<string, mixed> $step as the bench had it
     * @param list<int> $figures
     *
     * @return array<string, mixed>
     */
    private static function asPlanned(array $step, array $figures): array
    {
        return ['area_id' => $step['area_id'], 'step' => $step['key'], 'as' => $step['as'], 'stage' => $step['stage'],
            'figures' => $figures,
            'real' => ['mix' => $step['mix'], 'thin' => $step['thin'], 'coats' => $step['coats'], 'tool' => $step['tool']]];
    }

    /**
     * @param array<string, mixed> $body what was done; as planned where nothing is said of it
     *
     * @return TestResponse<Response>
     */
    private function record(array $body): TestResponse
    {
        $body['real'] = ['mix' => [], ...($body['real'] ?? [])];

        return $this->postJson($this->url('records'), $body);
    }

    private static function photograph(int $width, int $height): UploadedFile
    {
        $image = imagecreatetruecolor($width, $height);
        imagefill($image, 0, 0, 0x886644);
        ob_start();
        imagejpeg($image);
        $jpeg = (string) ob_get_clean();
        $comment = 'Taken at the harbour';
        $jpeg = substr($jpeg, 0, 2)."\xFF\xFE".pack('n', strlen($comment) + 2).$comment.substr($jpeg, 2);

        return UploadedFile::fake()->createWithContent('figure.jpg', $jpeg);
    }
}
