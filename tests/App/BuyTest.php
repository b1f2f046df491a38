<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\AreaRow;
use App\Models\PaintRow;
use App\Models\PriceListRow;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\HttpFoundation\Response;

/** The shop's list, what is missing, the cheapest purchase, and what became of it. */
final class BuyTest extends TestCase
{
    public function testTheListOfTheShopIsFetchedAndTheLastGoodOneKept(): void
    {
        $this->signIn();
        $this->assertAnswers('prices', $this->getJson('/api/prices')->assertOk());
        self::assertNull($this->getJson('/api/prices')->json('dated'));
        self::assertTrue($this->getJson('/api/buy')->assertOk()->json('own_prices'), 'the painter\'s own prices do until then');
        self::assertStringContainsString(
            'There is no list yet',
            (string) $this->pricesWhere('down')->json('problem'),
        );
        $this->travelTo('2026-11-02');
        self::assertSame(
            [null, '2026-11-02', 300, 40],
            array_values(
                (array) collect(
                    (array) $this->postJson('/api/prices')->assertOk()->json(),
                )->only(['problem', 'dated', 'paints', 'sets'])->sortBy(
                    static fn ($v, $k): int => (int) array_search($k, ['problem', 'dated', 'paints', 'sets'], true),
                )->all(),
            ),
        );
        $this->travelTo('2026-11-12');
        foreach (['down' => 'does not answer', 'slow' => 'within 4 seconds', 'garbled' => 'cannot be read'] as $mood => $sentence) {
            $answer = $this->pricesWhere($mood)->assertOk();
            self::assertStringContainsString($sentence, (string) $answer->json('problem'));
            self::assertStringContainsString('The list of 2026-11-02 is kept', (string) $answer->json('problem'));
            self::assertSame(['2026-11-02', 10], [$answer->json('dated'), $answer->json('days_old')]);
        }
        $this->travelBack();
    }

    /** @return TestResponse<Response> */
    private function pricesWhere(string $mood): TestResponse
    {
        config(['kalokroma.demo' => true]);
        $this->putJson('/api/devices', ['shop' => $mood])->assertOk();
        $answer = $this->postJson('/api/prices');
        $this->putJson('/api/devices', ['shop' => 'open'])->assertOk();

        return $answer;
    }

    /** Without a list the prices on the shelf count; a paint without one is counted at their average, and named. */
    public function testWithoutAListTheShelfsOwnPricesCount(): void
    {
        $this->signIn();
        PaintRow::query()->update(['price_minor' => null]);
        foreach (['Red' => 300, 'Blue' => 200] as $name => $price) {
            PaintRow::query()->where('name', $name)->update(['price_minor' => $price, 'currency' => 'EUR']);
        }
        $mixes = array_column(AreaRow::query()->where('name', 'Coat')->sole()->recipe->plan['steps'] ?? [], 'mix');
        $used = PaintRow::query()->findOrFail((int) (array_values(array_filter($mixes))[1][0]['paint'] ?? 0));
        $used->update(['left_ml' => 0]);
        $answer = $this->getJson('/api/buy')->assertOk();

        $this->assertAnswers('buy_plan', $answer);
        self::assertTrue($answer->json('own_prices'));
        self::assertContains($used->name, $answer->json('lacks.*.name'));
        self::assertContains($used->name, $answer->json('unpriced'));
        $bought = array_column((array) $answer->json('purchases.0.singles'), 'price', 'name');
        self::assertSame(250, $bought[$used->name], 'half of 300 and 200');
        $used->update(['price_minor' => 410, 'currency' => 'EUR']);
        $answer = $this->getJson('/api/buy')->assertOk();
        self::assertNotContains($used->name, $answer->json('unpriced'));
        self::assertSame(410, array_column((array) $answer->json('purchases.0.singles'), 'price', 'name')[$used->name]);
    }

    /** Elsewhere than in the demo there is no such page, and the stand-ins behave. */
    public function testDevicesPretendOnlyInTheDemo(): void
    {
        $painter = $this->signIn();
        config(['kalokroma.demo' => true]);
        $this->assertAnswers('devices', $this->putJson('/api/devices', ['shop' => 'down', 'reader' => 'broken',
            'scale' => 'broken'])->assertOk());
        $this->assertRefused(422, 'cannot pretend that', $this->putJson('/api/devices', ['shop' => 'on fire']));
        $this->assertRefused(422, 'gave no reading', $this->postJson('/api/reader', ['thing' => 'oak']));
        $paint = (int) PaintRow::query()->value('id');
        $this->assertRefused(422, 'gave no weight', $this->postJson("/api/paints/$paint/scale", ['tare' => '', 'grams' => '']));
        config(['kalokroma.demo' => false]);
        $this->getJson('/api/devices')->assertNotFound();
        $this->putJson('/api/devices', ['shop' => 'open'])->assertNotFound();
        self::assertNull($this->postJson('/api/prices')->json('problem'));
        self::assertSame('down', $painter->refresh()->devices['shop'] ?? null);
    }

    public function testPricesFollowTheDate(): void
    {
        $this->signIn();
        $prices = function (string $day): array {
            $this->travelTo($day);
            $this->postJson('/api/prices');
            $this->travelBack();

            return array_column((array) PriceListRow::query()->firstOrFail()->body['paints'], 'price');
        };

        self::assertSame($prices('2026-11-02'), $prices('2026-11-02'));
        self::assertNotSame($prices('2026-11-02'), $prices('2027-03-02'));
    }

    public function testWhatIsMissingIsBoughtAndStandsOnTheShelf(): void
    {
        $this->signIn();
        $area = AreaRow::query()->orderBy('id')->firstOrFail();
        $recipe = $this->postJson("/api/areas/{$area->id}/recipe", ['colour' => '#9c7630'])->assertOk();
        $gone = (int) collect((array) $recipe->json('steps'))->firstWhere('key', 'basecoat')['mix'][0]['paint_id'];
        $this->postJson('/api/prices');
        PaintRow::query()->whereKey($gone)->update(['left_ml' => 0]);
        $plan = $this->getJson('/api/buy?within=8')->assertOk();

        $this->assertAnswers('buy_plan', $plan);
        self::assertSame(PaintRow::query()->findOrFail($gone)->name, $plan->json('lacks.0.name'));
        self::assertSame([true, []], [$plan->json('proven'), $plan->json('unmet')]);
        self::assertGreaterThan(0, $plan->json('purchases.0.price'));
        self::assertSame(
            count((array) $plan->json('lacks')),
            count((array) $this->getJson('/api/buy?within=0')->json('unmet')),
            'nothing on sale is exactly it',
        );
        $text = (string) $this->get('/api/buy/list?within=8')->assertOk()->getContent();
        self::assertStringContainsString((string) $plan->json('purchases.0.singles.0.name'), $text);
        self::assertStringContainsString(sprintf('in all %.2f EUR', $plan->json('purchases.0.price') / 100), $text);
        $csv = array_map(
            static fn (string $line): array => str_getcsv($line, ',', '"', ''),
            explode("\r\n", trim((string) $this->get('/api/buy/list?within=8&as=csv')->getContent())),
        );
        self::assertSame(['kind', 'name', 'line', 'price', 'currency', 'for'], $csv[0]);
        $name = (string) $plan->json('purchases.0.singles.0.name');
        $this->postJson('/api/buy', ['singles' => [$plan->json('purchases.0.singles.0.id')], 'sets' => []])->assertOk();
        $bought = PaintRow::query()->where('name', $name)->firstOrFail();
        self::assertTrue($bought->owned);
        self::assertSame('bought', $this->getJson("/api/paints/{$bought->id}/movements")->json('movements.0.kind'));
        $this->assertRefused(422, 'not on the price list', $this->postJson('/api/buy', ['singles' => ['p999'], 'sets' => []]));
    }

    public function testASetThatIsOwnedPutsItsPaintsOnTheShelf(): void
    {
        $this->signIn();
        $this->postJson('/api/prices');
        $sets = $this->getJson('/api/sets')->assertOk();
        $this->assertAnswers('sets', $sets);
        $set = (array) $sets->json('on_sale.10');
        $before = PaintRow::query()->count();
        $this->postJson('/api/buy', ['singles' => [], 'sets' => [$set['id']]])->assertOk();

        self::assertSame($before + count($set['paints']), PaintRow::query()->count());
        self::assertContains($set['name'], array_column((array) $this->getJson('/api/sets')->json('owned'), 'name'));
        $this->postJson('/api/buy', ['singles' => [], 'sets' => [$set['id']]])->assertOk();
        self::assertSame(2, PaintRow::query()->where('set_name', $set['name'])->min('bottles'));
        $fits = $this->getJson('/api/companies/'.AreaRow::query()->value('company_id').'/sets')->assertOk();
        $this->assertAnswers('set_fits', $fits);
        self::assertContains($set['name'], array_column((array) $fits->json('fits'), 'name'));
    }

    #[DataProvider('badQuestions')]
    public function testABadQuestionIsRefused(string $question, string $sentence): void
    {
        $this->signIn();
        $this->postJson('/api/prices');
        $this->assertRefused(422, $sentence, $this->getJson('/api/buy'.$question));
    }

    /** @return iterable<array{string, string}> */
    public static function badQuestions(): iterable
    {
        yield ['?within=-1', 'The tolerance is a number'];
        yield ['?within=near', 'The tolerance is a number'];
        yield ['?companies=all', 'Choose companies of yours'];
    }

    public function testTheMapNamesGapsAndDoubles(): void
    {
        $this->signIn();
        $map = $this->getJson('/api/shelf/map')->assertOk();

        $this->assertAnswers('shelf_map', $map);
        self::assertNotSame([], $map->json('gaps'));
        $ochre = PaintRow::query()->where('name', 'Ochre')->firstOrFail();
        $ochre->replicate()->fill(['name' => 'Ochre twin'])->save();
        self::assertContains(
            'Ochre twin',
            array_merge(
                array_column((array) $this->getJson('/api/shelf/map')->json('doubles'), 'one'),
                array_column((array) $this->getJson('/api/shelf/map')->json('doubles'), 'other'),
            ),
        );
        $like = collect((array) $this->getJson('/api/shelf?like='.$ochre->id)->json('paints'));
        self::assertSame(0.0, (float) $like->firstWhere('name', 'Ochre twin')['apart']);
    }

    public function testManyPaintsAtOnceAndBack(): void
    {
        $this->signIn();
        $ids = PaintRow::query()->orderBy('id')->limit(3)->pluck('id')->all();
        $this->patchJson('/api/paints', ['ids' => $ids, 'place' => 'drawer 9'])->assertOk();
        self::assertSame(3, PaintRow::query()->where('place', 'drawer 9')->count());
        $all = PaintRow::query()->count();
        $this->deleteJson('/api/paints', ['ids' => $ids])->assertOk();
        self::assertSame($all - 3, PaintRow::query()->count());
        self::assertStringNotContainsString('drawer 9', (string) $this->getJson('/api/shelf')->getContent());
        $this->postJson('/api/paints/restore', ['ids' => $ids])->assertOk();
        self::assertSame(3, PaintRow::query()->where('place', 'drawer 9')->count());
        $this->assertRefused(422, 'Choose paints first', $this->deleteJson('/api/paints', ['ids' => []]));
        $this->assertRefused(422, 'are not on your shelf', $this->deleteJson('/api/paints', ['ids' => [999999]]));
        $this->assertRefused(422, 'matt, satin or gloss', $this->patchJson('/api/paints', ['ids' => $ids, 'finish' => 'shiny']));
    }

    public function testAnothersPaintsAreNotReached(): void
    {
        $other = $this->painter('The other one');
        $theirs = $other->paints()->pluck('id')->all();
        $this->signIn();

        $this->assertRefused(422, 'are not on your shelf', $this->deleteJson('/api/paints', ['ids' => $theirs]));
        $this->assertRefused(422, 'are not on your shelf', $this->patchJson('/api/paints', ['ids' => $theirs, 'place' => 'mine now']));
        self::assertSame(count($theirs), PaintRow::query()->withoutGlobalScope('painter')->where('painter_id', $other->id)->count());
    }

    public function testAFileIsLookedAtBeforeAnythingIsWritten(): void
    {
        $this->signIn();
        $ochre = PaintRow::query()->where('name', 'Ochre')->firstOrFail();
        $csv = "name,line,behaviour,colour,left_ml\nNew one,Fens,opaque,#123456,5\n"
            ."Ochre,{$ochre->line},opaque,#9c7631,1.5\nBroken,Fens,glittery,#123456,5\n";
        $send = fn (array $more): TestResponse => $this->post(
            '/api/shelf/file',
            ['file' => UploadedFile::fake()->createWithContent('shelf.csv', $csv)] + $more,
            ['Accept' => 'application/json'],
        );
        $look = $send(['look' => '1'])->assertOk();

        $this->assertAnswers('import_report', $look);
        self::assertSame([1, 1, 1], [$look->json('taken'), $look->json('changed'), $look->json('skipped')]);
        self::assertStringContainsString('colour: #9c7630 → #9c7631', (string) $look->json('lines.1.why'));
        self::assertStringContainsString('left_ml', (string) $look->json('lines.1.why'));
        self::assertContains('Black', (array) $look->json('missing'));
        self::assertSame(['#9c7630', 0], [$ochre->refresh()->hex, PaintRow::query()->where('name', 'New one')->count()]);
        $done = $send([])->assertOk();
        self::assertSame($look->json('lines'), $done->json('lines'), 'what was shown is what was done');
        self::assertSame(['#9c7631', 1], [$ochre->refresh()->hex, PaintRow::query()->where('name', 'New one')->count()]);
        self::assertSame('from a file', $this->getJson("/api/paints/{$ochre->id}/movements")->json('movements.0.note'));
    }

    public function testJsonComesBackWithWhatWasMeasuredAndAPaletteAsPaints(): void
    {
        $this->signIn();
        $id = PaintRow::query()->where('name', 'Yellow')->value('id');
        $this->putJson("/api/paints/$id/swatch", ['on_black' => '58 14 40', 'on_white' => '70 16 60'])->assertOk();
        $json = (string) $this->get('/api/shelf/file?as=json')->getContent();
        $send = fn (string $bytes): TestResponse => $this->post(
            '/api/shelf/file',
            ['file' => UploadedFile::fake()->createWithContent('shelf.json', $bytes)],
            ['Accept' => 'application/json'],
        );
        self::assertSame(
            [0, 0],
            array_values((array) collect((array) $send($json)->assertOk()->json())->only(['taken', 'changed'])->all()),
            'nothing has changed',
        );
        $this->deleteJson("/api/paints/$id/swatch")->assertOk();
        PaintRow::query()->where('name', 'Ochre')->forceDelete();
        $report = $send($json)->assertOk();
        self::assertSame([1, 1], [$report->json('taken'), $report->json('changed')]);
        self::assertSame('measured from a test swatch', $this->getJson("/api/paints/$id")->json('source'));
        $this->assertRefused(
            422,
            'At /paints/0/behaviour',
            $send('{"kind":"kalokroma.shelf","version":1,"paints":[{"name":"x","behaviour":"glittery","owned":true}]}'),
        );
        $this->assertRefused(422, 'absorption', $send(str_replace('"absorption": [', '"absorption": [-1,', $json)));
        $palette = $send("GIMP Palette\nName: Marsh\nColumns: 2\n#\n 18  52  86\tDeep pool\n300 0 0\tToo red\n  1   2   3\n")->assertOk();
        self::assertSame([2, 1], [$palette->json('taken'), $palette->json('skipped')]);
        self::assertSame('#123456', PaintRow::query()->where('name', 'Deep pool')->value('hex'));
        $this->assertRefused(422, 'holds no colour', $send("GIMP Palette\nName: Nothing\n"));
    }

    /** Bytes of a good file changed, taken out and doubled by chance with a seed. */
    public function testFuzzedFilesNeverBreakIt(): void
    {
        $this->signIn();
        $good = (string) $this->get('/api/shelf/file')->getContent();
        $dice = new Randomizer(new Mt19937(404));
        $answers = $refusals = 0;
        for ($i = 0; $i < 60; ++$i) {
            $bytes = $good;
            for ($n = $dice->getInt(1, 2); $n > 0; --$n) {
                $at = $dice->getInt(0, strlen($bytes) - 1);
                $bytes = match ($dice->getInt(0, 3)) {
                    0 => substr_replace($bytes, chr($dice->getInt(0, 255)), $at, 1),
                    1 => substr($bytes, 0, $at).substr($bytes, $at + $dice->getInt(1, 40)),
                    2 => substr($bytes, 0, $at).'"'.substr($bytes, $at),
                    default => substr($bytes, 0, $at).substr($bytes, max(0, $at - 30)),
                };
            }
            $answer = $this->post(
                '/api/shelf/file',
                ['file' => UploadedFile::fake()->createWithContent('shelf.csv', $bytes), 'look' => $i % 2],
                ['Accept' => 'application/json'],
            );
            if ($answer->status() === 200) {
                ++$answers;
                $this->assertAnswers('import_report', $answer);
            } else {
                ++$refusals;
                $this->assertRefused(422, '', $answer);
            }
        }

        self::assertGreaterThan(5, $answers);
        self::assertGreaterThan(2, $refusals);
        $this->assertAnswers('shelf', $this->getJson('/api/shelf')->assertOk());
    }

    public function testTheShelfGoesOutInEveryForm(): void
    {
        $this->signIn();
        PaintRow::query()->where('name', 'Ochre')->update(['name' => 'Ochre <b>"x"']);
        $out = fn (string $as): string => (string) $this->get('/api/shelf/file?as='.$as)->assertOk()->getContent();
        $lines = explode("\n", trim($out('gpl')));
        self::assertSame('GIMP Palette', $lines[0]);
        self::assertContains("156 118  48\tOchre <b>\"x\"", $lines);
        $shelf = json_decode($out('json'), false, 64, JSON_THROW_ON_ERROR);
        $schema = json_decode((string) file_get_contents(base_path('docs/formats/shelf.schema.json')), false, 64, JSON_THROW_ON_ERROR);
        self::assertNull((new Validator())->validate($shelf, $schema)->error());
        self::assertCount(PaintRow::query()->count(), $shelf->paints);
        $drawing = simplexml_load_string($out('sheet-svg'));
        self::assertNotFalse($drawing);
        self::assertSame('210mm', (string) $drawing['width']);
        self::assertStringNotContainsString('<b>"x"', $out('sheet'));
    }
}
