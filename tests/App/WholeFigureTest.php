<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\PaintRow;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Response;

/** Steps over the whole figure, steps for some figures, and loops, from the plan to the bench and into files. */
final class WholeFigureTest extends TestCase
{
    /** A varnish over the figure has no colour: the draft of an area beneath it is shown all the same. */
    public function testADraftIsShownBeneathAVarnish(): void
    {
        $this->signIn();
        $areas = $this->drafted();
        $this->add(['technique' => 'matt-varnish'])->assertOk();
        $preview = $this->getJson("/api/areas/{$areas[0]}/draft?colour=%23446688")->assertOk();
        $this->assertAnswers('draftPreview', $preview);
        $hexes = array_column((array) $preview->json('steps'), 'hex', 'key');

        self::assertContains(null, $hexes, 'the varnish has no colour to show');
        self::assertMatchesRegularExpression('/^#[0-9a-f]{6}$/', $hexes['basecoat']);
    }

    public function testAWashOverEverythingIsEnteredOnceAndStandsInEveryRecipe(): void
    {
        $this->signIn();
        $areas = $this->drafted();
        $before = $this->recipe($areas[1]);
        $this->add(['technique' => 'wash-all-over', 'without' => [$areas[0]], 'tiny' => true])->assertOk();
        [$out, $in] = [$this->recipe($areas[0]), $this->recipe($areas[1])];

        self::assertSame([], self::whole($out), 'that area was left out');
        $its = self::whole($in);
        self::assertCount(1, $its);
        self::assertSame('wash all over', $its[0]['technique']);
        $keys = array_column((array) $in->json('steps'), 'key');
        self::assertLessThan(
            array_search('highlight', $keys, true),
            array_search('whole-2', $keys, true),
            'before the highlights, where a wash belongs',
        );
        self::assertGreaterThan(array_search('basecoat', $keys, true), array_search('whole-2', $keys, true));
        self::assertNotSame($before->json('area.strip'), $in->json('area.strip'), 'the look at the end takes it in');
        self::assertNotEmpty($its[0]['mix'], 'a wash of the shelf, or the own dark paint thinned far');
        $this->assertAnswers('recipe', $in);

        $bench = $this->getJson($this->url('bench'));
        $this->assertAnswers('bench', $bench);
        $over = array_values(array_filter((array) $bench->json('steps'), static fn (array $s): bool => $s['whole']));
        self::assertCount(1, $over, 'once for the figure');
        self::assertNull($over[0]['area_id']);
        $at = array_search($over[0]['id'], array_column((array) $bench->json('steps'), 'id'), true);
        $later = array_slice((array) $bench->json('steps'), $at + 1);
        self::assertNotContains('basecoat', array_column(
            array_filter($later, static fn (array $s): bool => $s['area_id'] === $areas[1]),
            'technique',
        ), 'its base lies below');

        $this->postJson($this->url('records'), [
            'area_id' => null, 'step' => 'whole-2', 'stage' => 'wash', 'figures' => [1], 'real' => ['mix' => []], 'as' => $over[0]['as'],
        ])->assertOk();
        self::assertSame(1, self::whole($this->recipe($areas[1]))[0]['done_on']);
    }

    public function testItIsChangedUndoneAndDropped(): void
    {
        $this->signIn();
        $areas = $this->drafted();
        $this->add(['technique' => 'pigment-powder', 'tiny' => true])->assertOk();
        $version = $this->recipe($areas[0])->json('whole.version');
        $this->edit([
            'key' => 'whole-2', 'version' => $version, 'place' => ['part' => 'the lower third'], 'note' => 'not too much',
        ])->assertOk();
        $step = self::whole($this->recipe($areas[0]))[0];
        self::assertSame(['the lower third', 'not too much'], [$step['place'], $step['note']]);
        $this->assertRefused(409, 'another window', $this->edit(['key' => 'whole-2', 'version' => $version, 'late' => true]));

        $this->postJson($this->url('undercoat/whole/undo'))->assertOk();
        self::assertSame('', self::whole($this->recipe($areas[0]))[0]['place']);
        $this->edit(['key' => 'whole-2', 'without' => [$areas[0]]])->assertOk();
        self::assertSame([], self::whole($this->recipe($areas[0])));
        self::assertCount(1, self::whole($this->recipe($areas[1])));
        $this->deleteJson($this->url('undercoat/whole/whole-2'))->assertOk();
        self::assertSame([], self::whole($this->recipe($areas[1])));
        $this->add(['technique' => 'matt-varnish', 'tiny' => true])->assertOk();
        $now = $this->recipe($areas[1]);
        self::assertSame(['whole-3'], array_column(self::whole($now), 'key'), 'a key is not given twice');
    }

    /** Two windows add a step each on the same state: the second is refused, told both, and nothing of it is kept. */
    public function testOfTwoWindowsTheSecondIsRefused(): void
    {
        $this->signIn();
        $areas = $this->drafted();
        $seen = $this->recipe($areas[0])->json('whole.version');
        $this->add(['technique' => 'gloss-varnish', 'tiny' => true, 'version' => $seen])->assertOk();
        $late = $this->add(['technique' => 'matt-varnish', 'tiny' => true, 'version' => $seen]);
        $this->assertRefused(409, 'was changed in another window', $late);
        self::assertSame(['gloss varnish'], array_column(self::whole($this->recipe($areas[0])), 'technique'));
        $this->add(['technique' => 'matt-varnish', 'tiny' => true, 'version' => $late->json('version')])->assertOk();
        self::assertSame(['gloss varnish', 'matt varnish'], array_column(self::whole($this->recipe($areas[0])), 'technique'));
    }

    public function testWeatheringComesAsAStackAndTwiceIsAskedAbout(): void
    {
        $this->signIn();
        $areas = $this->drafted();
        $this->add(['technique' => 'weathering', 'tiny' => true])->assertOk();
        self::assertSame(
            ['gloss varnish', 'enamel wash', 'wiping', 'streak', 'streaks blended', 'matt varnish', 'pigment powder'],
            array_column(self::whole($this->recipe($areas[0])), 'technique'),
        );
        $this->assertRefused(422, 'weathered already: enamel wash over the whole figure', $this->add([
            'technique' => 'weathering', 'tiny' => true,
        ]));
        $this->assertRefused(422, 'weathered already', $this->add(['technique' => 'pigment-powder', 'tiny' => true]));
        $this->add(['technique' => 'pigment-powder', 'tiny' => true, 'sure' => true])->assertOk();
        self::assertCount(8, self::whole($this->recipe($areas[0])));
        $this->assertRefused(422, 'is not done over a whole figure', $this->add(['technique' => 'dot', 'tiny' => true]));
        $this->assertRefused(422, 'is not of this figure', $this->add(['technique' => 'filter', 'without' => [99999], 'tiny' => true]));
        $this->assertRefused(422, 'would go nowhere', $this->add(['technique' => 'filter', 'without' => $areas, 'tiny' => true]));
    }

    public function testTinyDetailsMayBeLeftOut(): void
    {
        $this->signIn();
        $areas = $this->drafted();
        $company = Company::query()->firstOrFail();
        AreaRow::query()->whereKey($areas[1])->update(['share' => 1]);
        self::assertLessThan(0.5, AreaRow::query()->findOrFail($areas[1])->toCore($company)->surfaceCm2);
        $this->add(['technique' => 'filter', 'tiny' => false])->assertOk();
        self::assertSame([], self::whole($this->recipe($areas[1])));
        self::assertCount(1, self::whole($this->recipe($areas[0])));
    }

    public function testWhatIsOverTheWholeFigureComesThroughFiles(): void
    {
        $this->signIn();
        $areas = $this->drafted();
        $this->add(['technique' => 'wash-all-over', 'without' => [$areas[0]], 'tiny' => true, 'late' => true])->assertOk();
        $this->edit(['key' => 'whole-2', 'place' => ['part' => 'lower parts'], 'who' => 'not 1'])->assertOk();
        $company = Company::query()->firstOrFail();
        $file = (string) $this->get("/api/companies/$company->id/file?as=json")->assertOk()->getContent();
        $this->withHeaders(['Accept' => 'application/json'])
            ->post('/api/recipes/file', ['file' => UploadedFile::fake()->createWithContent('f.json', $file)])->assertSuccessful();
        $copy = Company::query()->latest('id')->firstOrFail();
        $steps = self::whole($this->recipe((int) $copy->areas()->orderBy('id')->skip(1)->value('id')));

        self::assertSame(['lower parts', 'not 1'], [$steps[0]['place'], $steps[0]['who']]);
        self::assertSame([], self::whole($this->recipe((int) $copy->areas()->orderBy('id')->value('id'))));
        self::assertTrue($this->recipe((int) $copy->areas()->orderBy('id')->value('id'))->json('whole.steps.0.late'));
    }

    public function testItsPaintIsCountedOnceForEveryFigure(): void
    {
        $this->signIn();
        $this->drafted();
        $this->add(['technique' => 'wash-all-over', 'tiny' => true])->assertOk();
        $wash = $this->getJson($this->url('bench'))->json('steps');
        $step = collect((array) $wash)->firstWhere('whole', true);
        self::assertNotNull($step['amount']);
        $needs = collect((array) $this->getJson('/api/shelf/needs')->assertOk()->json('paints'));
        $its = $needs->firstWhere('name', $step['mix'][0]['name']);
        self::assertContains(Company::query()->orderBy('id')->value('name').', whole figure', $its['uses']);
    }

    /** The third has a green lens, the company keeps one recipe. */
    public function testAStepDiffersOnChosenFigures(): void
    {
        $this->signIn();
        $areas = $this->drafted();
        $green = (int) PaintRow::query()->where('behaviour', 'opaque')->orderByDesc('id')->value('id');
        $count = Company::query()->value('count');
        $url = "/api/areas/$areas[0]/recipe/edits";
        $this->assertRefused(422, sprintf('figures 1 to %d', $count), $this->postJson($url, [
            'kind' => 'differ', 'key' => 'basecoat', 'who' => '99',
        ]));
        $this->assertRefused(422, 'names no figures', $this->postJson($url, ['kind' => 'change', 'key' => 'basecoat', 'who' => 'some']));
        $this->postJson($url, ['kind' => 'differ', 'key' => 'basecoat', 'who' => '2'])->assertOk();
        $changed = $this->postJson($url, [
            'kind' => 'change', 'key' => 'basecoat-2', 'mix' => [['paint_id' => $green, 'parts' => 1]],
        ])->assertOk();
        $steps = collect((array) $changed->json('steps'))->keyBy('key');

        self::assertSame(['all but figure 2', 'figure 2 only'], [$steps['basecoat']['who_words'], $steps['basecoat-2']['who_words']]);
        self::assertSame([$count - 1, 1], [$steps['basecoat']['figures'], $steps['basecoat-2']['figures']]);
        $on = fn (int $figure): array => array_column((array) $this->getJson($this->url('bench?figure='.$figure))->json('steps'), 'key');
        self::assertContains('basecoat-2', $on(2));
        self::assertNotContains('basecoat-2', $on(1));
    }

    public function testALoopCarriesItsExitAndItsShares(): void
    {
        $this->signIn();
        $areas = $this->drafted();
        $url = "/api/areas/$areas[0]/recipe/edits";
        $looped = $this->postJson($url, [
            'kind' => 'loop', 'key' => 'layer', 'from' => 'layer', 'rounds' => 3, 'exit' => 'bright enough for me', 'smaller' => true,
        ])->assertOk();
        $step = collect((array) $looped->json('steps'))->firstWhere('key', 'layer');
        self::assertEquals([100, 65, 42], $step['loop']['percents']);
        self::assertSame('bright enough for me', $step['loop']['exit']);
        self::assertNotNull($step['first']);
        self::assertNotSame($step['first'], $step['after']);
        $own = $this->postJson($url, [
            'kind' => 'loop', 'key' => 'layer', 'from' => 'layer', 'rounds' => 2, 'exit' => 'x', 'percents' => [80, 20],
        ])->assertOk();
        self::assertEquals([80, 20], collect((array) $own->json('steps'))->firstWhere('key', 'layer')['loop']['percents']);
        $this->assertRefused(422, 'at most 100 %', $this->postJson($url, [
            'kind' => 'loop', 'key' => 'layer', 'from' => 'layer', 'rounds' => 2, 'percents' => [0, 200],
        ]));

        $bench = collect((array) $this->getJson($this->url('bench'))->json('steps'))->firstWhere('key', 'layer');
        self::assertSame('x', $bench['loop']['exit']);
        $this->postJson($this->url('records'), [
            'area_id' => $areas[0], 'step' => 'layer', 'stage' => 'layer', 'figures' => [1], 'as' => $bench['as'],
            'real' => ['mix' => [], 'rounds' => 4],
        ])->assertOk();
        self::assertSame([2, 4], [$this->getJson('/api/ledger')->json('entries.0.planned.rounds'), $this->getJson('/api/ledger')->json(
            'entries.0.real.rounds',
        )]);
    }

    /** Card and bench are asked for no more than a level of finish. */
    public function testUpToALevel(): void
    {
        $this->signIn();
        $areas = $this->drafted();
        $all = array_column((array) $this->getJson($this->url('bench'))->json('steps'), 'level');
        $fieldable = $this->getJson($this->url('bench?level=fieldable'));
        $this->assertAnswers('bench', $fieldable);
        self::assertContains('finished', $all);
        self::assertSame(['fieldable'], array_values(array_unique(array_column((array) $fieldable->json('steps'), 'level'))));
        self::assertSame('fieldable', $fieldable->json('level'));
        $steps = (array) $this->recipe($areas[0])->json('steps');
        self::assertContains('fieldable', array_column($steps, 'level_end'));
        $card = (string) $this->get("/api/areas/$areas[0]/card")->assertOk()->getContent();
        $short = (string) $this->get("/api/areas/$areas[0]/card?level=fieldable")->assertOk()->getContent();
        self::assertStringContainsString('fieldable to here', $card);
        self::assertStringNotContainsString('fieldable to here', $short, 'nothing goes beyond it');
        self::assertLessThan(strlen($card), strlen($short));
        $markdown = (string) $this->get("/api/areas/$areas[0]/recipe/file?as=md")->getContent();
        self::assertStringContainsString('*fieldable to here*', $markdown);
    }

    /** What nobody said stays open on page, bench, card and in files. */
    public function testWhatIsOpenStaysOpen(): void
    {
        $this->signIn();
        $areas = $this->drafted();
        $paints = PaintRow::query()->whereIn('name', ['Ochre', 'Bone'])->orderBy('name')->pluck('id', 'name');
        $this->postJson("/api/areas/$areas[0]/recipe/edits", ['kind' => 'change', 'key' => 'highlight', 'thin' => '?', 'mix' => [
            ['paint_id' => $paints['Ochre'], 'parts' => 2], ['paint_id' => $paints['Bone'], 'parts' => null],
        ]])->assertOk();
        $step = collect((array) $this->recipe($areas[0])->json('steps'))->firstWhere('key', 'highlight');
        self::assertSame('2 drops Ochre, some Bone', $step['mix_words']);
        self::assertTrue($step['thin_open']);
        self::assertStringStartsWith('thinning not said; usually ', $step['thin_words']);
        self::assertCount(2, $step['open_ends']);
        self::assertNotSame($step['open_ends'][0], $step['open_ends'][1]);
        self::assertNull($step['amount']);
        $bench = collect((array) $this->getJson($this->url('bench'))->json('steps'))
            ->where('area_id', $areas[0])->firstWhere('key', 'highlight');
        self::assertSame(['2 drops Ochre, some Bone', true], [$bench['mix_words'], $bench['thin_open']]);
        $card = (string) $this->get("/api/areas/$areas[0]/card")->getContent();
        self::assertStringContainsString('some Bone', $card);
        self::assertStringContainsString('thinning not said; usually', $card);
        self::assertStringContainsString('some Bone', (string) $this->get("/api/areas/$areas[0]/recipe/file?as=md")->getContent());
        $json = json_decode((string) $this->get("/api/areas/$areas[0]/recipe/file?as=json")->getContent(), true);
        $kept = array_column($json['plan']['steps'], null, 'key')['highlight'];
        self::assertSame([2, null, true], [$kept['mix'][0]['parts'], $kept['mix'][1]['parts'], $kept['thin_open']]);
        $said = ['kind' => 'change', 'key' => 'highlight', 'thin' => '1:1'];
        $set = $this->postJson("/api/areas/$areas[0]/recipe/edits", $said)->assertOk();
        self::assertFalse(collect((array) $set->json('steps'))->firstWhere('key', 'highlight')['thin_open']);
    }

    public function testUnitsAreThePainters(): void
    {
        $painter = $this->signIn();
        $painter->update(['temperature' => 'F', 'length' => 'in']);
        $weather = $this->getJson('/api/tables/weather?temperature=68&humidity=50')->assertOk();
        $this->assertAnswers('spray_weather', $weather);
        self::assertSame([68.0, '°F', 48.7], [(float) $weather->json('temperature'), $weather->json('unit'), $weather->json('dew_point')]);
        $this->assertRefused(422, 'Write the temperature as a number', $this->getJson('/api/tables/weather?temperature=warm&humidity=50'));
        $made = $this->postJson('/api/companies', [
            'name' => 'Inch high', 'count' => 1, 'height_in' => '1.2', 'height_mm' => '1.2', 'areas' => [[
                'name' => 'Coat', 'material' => 'cloth', 'relief' => 'tight', 'share' => 100, 'depth' => 3, 'weight' => 'leading',
            ]],
        ])->assertCreated();
        self::assertEqualsWithDelta(30.5, $made->json('height_mm'), 1e-9);
        self::assertEqualsWithDelta(1.2, $made->json('height_in'), 1e-9);
    }

    #[TestWith(['the left', 'the right'])]
    #[TestWith(['upper parts', 'lower parts'])]
    public function testZonesReachThePage(string $one, string $other): void
    {
        $this->signIn();
        $areas = $this->drafted();
        $url = "/api/areas/$areas[0]/recipe/edits";
        $place = fn (string $key, string $part): TestResponse => $this->postJson($url, [
            'kind' => 'change', 'key' => $key, 'place' => ['part' => $part],
        ])->assertOk();
        $place('wash', $one);
        $steps = collect((array) $place('layer', $other)->json('steps'))->keyBy('key');
        self::assertNotNull($steps['layer']['zone']);
        self::assertNotSame($steps['layer']['zone'], $steps['layer']['after']);
        self::assertNull($steps['basecoat']['zone']);
    }

    /** @return list<int> areas of the first company, each with a recipe */
    private function drafted(): array
    {
        $areas = AreaRow::query()->with('recipe')->orderBy('id')->get();
        foreach ($areas as $area) {
            if ($area->recipe === null) {
                $this->postJson("/api/areas/$area->id/recipe", ['colour' => $area->hex ?? '#6f4a2e'])->assertSuccessful();
            }
        }

        return array_values($areas->map(static fn (AreaRow $a): int => $a->id)->all());
    }

    private function url(string $path): string
    {
        return '/api/companies/'.Company::query()->orderBy('id')->value('id').'/'.$path;
    }

    /**
     * @param array<string, mixed> $wish
     *
     * @return TestResponse<Response>
     */
    private function add(array $wish): TestResponse
    {
        return $this->postJson($this->url('undercoat/whole'), $wish);
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return TestResponse<Response>
     */
    private function edit(array $change): TestResponse
    {
        return $this->postJson($this->url('undercoat/edits'), $change);
    }

    /** @return TestResponse<Response> */
    private function recipe(int $area): TestResponse
    {
        return $this->getJson("/api/areas/$area/recipe")->assertOk();
    }

    /**
     * @param TestResponse<Response> $recipe
     *
     * @return list<array<string, mixed>>
     */
    private static function whole(TestResponse $recipe): array
    {
        return array_values(array_filter((array) $recipe->json('steps'), static fn (array $s): bool => $s['whole']));
    }
}
