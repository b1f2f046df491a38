<?php

declare(strict_types=1);

namespace Tests\App;

use App\Devices\ClimateReading;
use App\Devices\ClimateSensor;
use App\Devices\SensorFailed;
use App\Devices\SimulatedClimateSensor;
use App\Models\AreaRow;
use App\Models\Company;
use App\Models\PaintRow;
use App\Workshop\Studio;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Kalokroma\Colour\Srgb;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Response;

/** The ground below: compared, sketched, sprayed or not, and what it costs. */
final class UndercoatTest extends TestCase
{
    public function testGroundsAreComparedAndOneIsTakenForTheWholeCompany(): void
    {
        $this->signIn();
        $answer = $this->getJson($this->url())->assertOk();
        $this->assertAnswers('undercoats', $answer);
        self::assertFalse($answer->json('chosen'));
        $brushed = $this->getJson($this->url('?kind=brush'))->assertOk();
        self::assertGreaterThan(
            $answer->json('grounds.0.minutes'),
            $brushed->json('grounds.0.minutes'),
            'a brush takes longer than a spray',
        );
        self::assertSame($answer->json('kind'), $brushed->json('kind'), 'asking changes nothing');
        $other = collect((array) $answer->json('grounds'))->first(static fn (array $g): bool => !$g['current'] && $g['lights'] === []);
        $taken = $this->putJson($this->url(), ['paint_id' => $other['paint_id'], 'kind' => 'airbrush'])->assertOk();

        self::assertTrue($taken->json('chosen'));
        self::assertStringContainsString('is your own choice', (string) $taken->json('current_reason'));
        $step = $this->getJson('/api/areas/'.AreaRow::query()->value('id').'/recipe')->json('steps.0');
        self::assertSame($other['words'], $step['mix'][0]['name']);
    }

    public function testAnUndercoatIsUndoneAndDoneAgainLikeAnyEdit(): void
    {
        $this->signIn();
        $area = (int) AreaRow::query()->value('id');
        $before = $this->getJson($this->url())->assertOk();
        self::assertNull($before->json('undo'), 'what was advised at first is nobody\'s change');
        $black = (int) PaintRow::query()->where('name', 'Black primer')->value('id');
        $coats = $this->edit(['coats' => 4], $before->json('version'));
        $this->assertAnswers('undercoats', $coats);
        self::assertSame('coats of the undercoat', $coats->json('undo'));
        $taken = $this->edit(['mix' => [['paint_id' => $black]]], $coats->json('version'))->assertOk();
        self::assertSame(['Black primer', 4], $this->ground($area), 'its coats stay');

        $back = $this->postJson($this->url('/undo'), ['version' => $taken->json('version')])->assertOk();
        self::assertSame([$before->json('current'), 4], $this->ground($area));
        self::assertSame('paint of the undercoat', $back->json('redo'));
        $this->postJson($this->url('/undo'))->assertOk();
        self::assertSame([$before->json('current'), 2], $this->ground($area));
        self::assertFalse($this->getJson($this->url())->json('chosen'), 'it is advised again');
        $this->assertRefused(422, 'nothing to undo', $this->postJson($this->url('/undo')));
        $this->postJson($this->url('/redo'))->assertOk();
        $this->postJson($this->url('/redo'))->assertOk();
        self::assertSame(['Black primer', 4], $this->ground($area));
        $recipe = $this->getJson("/api/areas/$area/recipe");
        self::assertSame('paint of the undercoat', $recipe->json('undercoat.undo'));
        self::assertNotSame('paint of the undercoat', $recipe->json('undo'), 'the recipe has its own');
    }

    public function testWhatWasAdvisedAnewIsTakenBackAndStays(): void
    {
        $this->signIn();
        $first = (string) $this->getJson($this->url())->json('current');
        $company = Company::query()->firstOrFail();
        $company->areas()->update(['hex' => '#15161a']);
        $company->update(['surface_cm2' => $company->surface_cm2 + 1]);
        $advised = $this->getJson($this->url())->assertOk();
        self::assertNotSame($first, $advised->json('current'), 'dark colours want a dark ground');
        self::assertStringStartsWith('best choice: ', (string) $advised->json('undo'));

        $this->postJson($this->url('/undo'))->assertOk();
        $company->refresh()->update(['surface_cm2' => $company->surface_cm2 + 1]);
        self::assertSame([$first, true], [$this->getJson($this->url())->json('current'), $this->getJson($this->url())->json('chosen')]);
    }

    public function testOfTwoWindowsTheSecondIsToldBothUndercoats(): void
    {
        $this->signIn();
        $area = (int) AreaRow::query()->value('id');
        $seen = $this->getJson("/api/areas/$area/recipe")->json('undercoat.version');
        $black = (int) PaintRow::query()->where('name', 'Black primer')->value('id');
        $this->putJson($this->url(), ['paint_id' => $black, 'version' => $seen])->assertOk();

        $late = $this->edit(['coats' => 5], $seen);
        $this->assertRefused(409, 'was changed in another window', $late);
        self::assertContains(['what' => 'Coats', 'there' => 'as usual', 'yours' => '5'], (array) $late->json('differences'));
        $this->assertRefused(409, 'another window', $this->postJson($this->url('/undo'), ['version' => $seen]));
        self::assertSame(['Black primer', 2], $this->ground($area), 'nothing of it was kept');
        $this->edit(['coats' => 5], $late->json('version'))->assertOk();
        self::assertSame(['Black primer', 5], $this->ground($area));
    }

    /** A page that only looks had read the company before another window chose; what it then advises is not written over that choice. */
    public function testWhoOnlyLooksWritesOverNoChoice(): void
    {
        $painter = $this->signIn();
        $lightest = (int) last((array) $this->getJson($this->url())->assertOk()->json('primers'))['id'];
        $company = Company::query()->firstOrFail();
        $company->areas()->update(['hex' => '#15161a']);
        $company->update(['surface_cm2' => $company->surface_cm2 + 1]);
        $looking = Company::query()->with('areas.recipe', 'records')->firstOrFail();
        self::assertTrue($looking->undercoat_stale);
        $this->putJson($this->url(), ['paint_id' => $lightest])->assertOk();
        $chosen = DB::table('companies')->where('id', $company->id)->first(['undercoat', 'undercoat_version']);

        (new Studio($painter->refresh()))->undercoats->laid($looking);
        self::assertEquals($chosen, DB::table('companies')->where('id', $company->id)->first(['undercoat', 'undercoat_version']));
    }

    public function testOneThingOfAnUndercoatIsChangedAtATime(): void
    {
        $this->signIn();
        $this->assertRefused(422, 'cannot be left out', $this->edit(['coats' => 2, 'omitted' => true]));
        $this->assertRefused(422, '30 coats cannot be planned', $this->edit(['coats' => 30]));
        $this->assertRefused(422, 'can be changed', $this->edit([]));
        $this->assertRefused(422, 'is not a thinning', $this->edit(['thin' => 'milk']));
        $this->assertRefused(422, 'no step "undercoat-7"', $this->edit(['key' => 'undercoat-7', 'coats' => 2]));
        $this->assertRefused(422, 'choose one paint', $this->edit(['mix' => [['paint_id' => 1], ['paint_id' => 2]]]));
    }

    public function testALightSketchReachesTheRecipes(): void
    {
        $this->signIn();
        $tones = array_map(
            static fn (array $p): float => Srgb::fromHex($p['hex'])->toLab()->l,
            (array) $this->getJson($this->url())->json('primers'),
        );
        $sorted = $tones;
        sort($sorted);
        self::assertSame($sorted, $tones, 'the darkest first');
        $black = (int) PaintRow::query()->where('name', 'Black primer')->value('id') ?: $this->primer('Black primer', '#1b1b1b');
        $ivory = (int) PaintRow::query()->where('name', 'Ivory primer')->value('id') ?: $this->primer('Ivory primer', '#e6dfcc');
        $ask = ['paint_id' => $black, 'lights' => [['paint_id' => $ivory, 'degrees' => 60]]];
        $sketch = $this->postJson($this->url('/sketch'), $ask)->assertOk();
        $this->assertAnswers('light_sketch', $sketch);
        $lower = $this->postJson($this->url('/sketch'), ['paint_id' => $black, 'lights' => [['paint_id' => $ivory, 'degrees' => 20]]]);
        self::assertGreaterThan($sketch->json('facings.1.lightness'), $lower->json('facings.1.lightness'), 'lower light reaches the sides');

        $this->putJson($this->url(), [...$ask, 'kind' => 'airbrush'])->assertOk();
        $steps = (array) $this->getJson('/api/areas/'.AreaRow::query()->value('id').'/recipe')->json('steps');
        self::assertSame(['Black primer', 'Ivory primer'], [$steps[0]['mix_words'], $steps[1]['mix_words']], 'each spray is a step');
        self::assertSame('from 60° above', $steps[1]['place']);
        self::assertSame(
            [$sketch->json('hexes.below'), $sketch->json('hexes.side'), $sketch->json('hexes.above')],
            [$steps[1]['after']['recess'], $steps[1]['after']['plane'], $steps[1]['after']['ridge']],
        );
        self::assertStringContainsString('A light sketch', implode(' ', $steps[1]['reasons']));

        $this->assertRefused(422, 'it needs an airbrush or a spray can', $this->putJson($this->url(), [...$ask, 'kind' => 'brush']));
        $this->assertRefused(422, 'rule out the spray can', $this->putJson($this->url(), [...$ask, 'kind' => 'spray-can']));
        $this->assertRefused(
            422,
            'is given for both',
            $this->postJson($this->url('/sketch'), ['paint_id' => $black, 'lights' => [['paint_id' => $black, 'degrees' => 60]]]),
        );
        $this->assertRefused(
            422,
            '90° below to 90° above',
            $this->postJson($this->url('/sketch'), ['paint_id' => $black, 'lights' => [['paint_id' => $ivory, 'degrees' => 170]]]),
        );
        $this->assertRefused(422, 'is not on this shelf', $this->putJson($this->url(), ['paint_id' => 99999]));
    }

    /** As it was kept before each spray was a step: the migration makes the same steps of it, and who had it has all of them. */
    public function testAnOlderLightSketchBecomesASequence(): void
    {
        $this->signIn();
        $black = (int) PaintRow::query()->where('name', 'Black primer')->value('id') ?: $this->primer('Black primer', '#1b1b1b');
        $ivory = (int) PaintRow::query()->where('name', 'Ivory primer')->value('id') ?: $this->primer('Ivory primer', '#e6dfcc');
        $ask = ['paint_id' => $black, 'lights' => [['paint_id' => $ivory, 'degrees' => 60]], 'kind' => 'airbrush'];
        $this->putJson($this->url(), $ask)->assertOk();
        $company = (int) Company::query()->value('id');
        $this->postJson("/api/companies/$company/records", [
            'area_id' => null, 'step' => 'undercoat', 'stage' => 'undercoat', 'figures' => [1, 2],
            'real' => ['mix' => [], 'thin' => null, 'coats' => null, 'tool' => null, 'minutes' => null],
        ])->assertOk();
        $row = static fn (): string => (string) DB::table('companies')->where('id', $company)->value('undercoat');
        $kept = static fn (): array => (array) json_decode($row(), true);
        $looks = fn (): array => array_column(
            array_slice((array) $this->getJson('/api/areas/'.AreaRow::query()->value('id').'/recipe')->json('steps'), 0, 2),
            'after',
        );
        [$now, $looked] = [$kept(), $looks()];
        $migration = require database_path('migrations/2026_11_28_000012_spray_one_tone_a_step.php');

        $migration->down();
        self::assertSame([['paint_id' => $ivory, 'degrees' => 60]], $kept()['steps'][0]['lights'] ?? null);
        self::assertCount(1, $kept()['steps']);
        $migration->up();

        self::assertEquals($now['steps'], $kept()['steps']);
        DB::table('recipes')->update(['stale' => true]);
        self::assertSame($looked, $looks());
        self::assertEquals(
            [['undercoat', '[1,2]'], ['undercoat-2', '[1,2]']],
            DB::table('records')->orderBy('step_key')->get(['step_key', 'figures'])
                ->map(static fn (object $r): array => [$r->step_key, $r->figures])->all(),
        );
    }

    /** Asked when a sketch is taken: by default what is stained or glazed keeps it, and only there opaque coats are warned of. */
    public function testWhichAreasKeepTheSketchIsAsked(): void
    {
        $this->signIn();
        self::assertNull($this->getJson($this->url())->json('keeps'), 'no sketch, no question');
        $black = $this->primer('Black sketch', '#1b1b1b');
        $ivory = $this->primer('Ivory sketch', '#e6dfcc');
        $ask = ['paint_id' => $black, 'lights' => [['paint_id' => $ivory, 'degrees' => 60]], 'kind' => 'airbrush'];
        $taken = $this->putJson($this->url(), $ask)->assertOk();
        $this->assertAnswers('undercoats', $taken);
        self::assertNotContains(true, array_column((array) $taken->json('keeps'), 'keeps'), 'nothing is stained');

        $area = (int) AreaRow::query()->value('id');
        $marks = fn (): string => (string) json_encode($this->getJson("/api/areas/$area/recipe")->json('steps.*.marks'));
        self::assertStringNotContainsString('The light sketch spans', $marks());
        $kept = $this->putJson($this->url('/keeps'), ['areas' => [['id' => $area, 'keeps' => true]]])->assertOk();
        $keeping = array_filter((array) $kept->json('keeps'), static fn (array $k): bool => $k['keeps']);
        self::assertSame([$area], array_column($keeping, 'id'));
        self::assertStringContainsString('The light sketch spans', $marks());
        $this->putJson($this->url('/keeps'), ['areas' => [['id' => $area, 'keeps' => false]]])->assertOk();
        self::assertStringNotContainsString('The light sketch spans', $marks());
    }

    /** Three sprays, one of them from a side, and one area on a ground of its own: at the recipe, the bench, the file and back. */
    public function testASequenceOfSpraysIsPlannedAsItIsDone(): void
    {
        $this->signIn();
        $areas = AreaRow::query()->orderBy('id')->pluck('id')->all();
        $planned = $this->sprays([$areas[0]]);
        $seen = $this->getJson($this->url())->json('version');
        $put = $this->putJson($this->url('/sprays'), ['version' => $seen, 'sprays' => $planned])->assertOk();
        $this->assertAnswers('undercoats', $put);
        self::assertSame(['undercoat', 'undercoat-2', 'undercoat-3', 'undercoat-4'], array_column((array) $put->json('sprays'), 'key'));
        self::assertSame('Flesh primer from 35° below, from the left', $put->json('sprays.1.words'));
        self::assertLessThan(
            $put->json('sprays.0.amount.drops.0.drops'),
            $put->json('sprays.1.amount.drops.0.drops'),
            'what comes from one side takes less',
        );

        $own = (array) $this->getJson("/api/areas/$areas[0]/recipe")->json('steps');
        $other = (array) $this->getJson("/api/areas/$areas[1]/recipe")->json('steps');
        $ground = static fn (array $steps): array => array_values(array_filter($steps, static fn (array $s): bool => $s['of_figure']));
        self::assertSame([4, 3], [count($ground($own)), count($ground($other))], 'one area has a spray more');
        self::assertNotSame($ground($own)[3]['after'], $ground($other)[2]['after'], 'and stands on another ground');
        $company = Company::query()->firstOrFail();
        $bench = (array) $this->getJson("/api/companies/$company->id/bench?figure=1")->assertOk()->json('steps');
        $whole = array_values(array_filter($bench, static fn (array $s): bool => $s['area_id'] === null));
        self::assertCount(4, $whole);
        self::assertStringContainsString('only ', $whole[3]['place']);

        // The second is dropped, and another put there: it is a new step, and takes nothing over from the one that is gone.
        $sprays = (array) $this->getJson($this->url())->json('sprays');
        $again = $this->putJson($this->url('/sprays'), [
            'version' => $put->json('version'),
            'sprays' => [$sprays[0], ['key' => null] + $sprays[1], $sprays[2]],
        ])->assertOk();
        self::assertSame(['undercoat', 'undercoat-5', 'undercoat-3'], array_column((array) $again->json('sprays'), 'key'));
        $this->assertRefused(409, 'was changed in another window', $this->putJson($this->url('/sprays'), [
            'version' => $seen, 'sprays' => [$sprays[0]],
        ]));
        $this->postJson($this->url('/undo'))->assertOk();
        self::assertCount(4, (array) $this->getJson($this->url())->json('sprays'));

        $file = (string) $this->get("/api/companies/$company->id/file?as=json")->assertOk()->getContent();
        $this->withHeaders(['Accept' => 'application/json'])
            ->post('/api/recipes/file', ['file' => UploadedFile::fake()->createWithContent('f.json', $file)])->assertSuccessful();
        $copy = Company::query()->latest('id')->firstOrFail();
        $taken = (array) $this->getJson("/api/companies/$copy->id/undercoat")->json('sprays');
        self::assertSame(array_column($sprays, 'words'), array_column($taken, 'words'));
        self::assertSame($copy->areas()->orderBy('id')->value('id'), $taken[3]['areas'][0], 'its area is the one of the copy');
    }

    public function testASequenceThatCannotBeIsRefused(): void
    {
        $this->signIn();
        $sprays = $this->sprays([]);
        $refused = fn (string $why, array $said): null => $this->assertRefused(422, $why, $this->putJson($this->url('/sprays'), [
            'sprays' => $said,
        ]));
        $refused('at least one step', []);
        $refused('The first step of an undercoat goes over the whole figure', [$sprays[1]]);
        $refused('at most 9 steps', array_fill(0, 10, $sprays[0]));
        $refused('90° below to 90° above', [$sprays[0], ['from' => ['degrees' => 120]] + $sprays[1]]);
        $refused('from all round, left, right, front or back', [$sprays[0], ['from' => ['degrees' => 1, 'side' => 'up']] + $sprays[1]]);
        $refused('rule out the spray can', [['kind' => 'spray-can'] + $sprays[0]]);
        $refused('it needs an airbrush', [$sprays[0], ['kind' => 'brush'] + $sprays[1]]);
        $refused('is not of this figure', [$sprays[0], ['areas' => [99999]] + $sprays[1]]);
        $refused('is not on this shelf', [['paint_id' => 99999] + $sprays[0]]);
    }

    /** Dark areas stay as they are, light ones get more passes: each step names the areas it is for. */
    public function testAValueSketchIsPlannedInSteps(): void
    {
        $this->signIn();
        $areas = AreaRow::query()->orderBy('id')->get();
        $areas[0]->update(['hex' => '#f2efe6']);
        $areas[1]->update(['hex' => '#1d1d20']);
        $ask = ['paint_id' => $this->named('Black primer', '#1b1b1b'), 'lights' => [
            ['paint_id' => $this->named('Ivory primer', '#e6dfcc'), 'degrees' => 0],
        ]];
        $planned = $this->postJson($this->url('/value-sketch'), $ask)->assertOk();
        $of = array_column((array) $planned->json('sprays'), 'areas');
        self::assertSame([], $of[0], 'dark all over first');
        self::assertContains($areas[0]->id, $of[count($of) - 1], 'the lightest gets every pass');
        self::assertNotContains($areas[1]->id, array_merge(...$of), 'black stays dark');
        $ground = fn (int $area): string => collect((array) $this->getJson("/api/areas/$area/recipe")->json('steps'))
            ->where('of_figure', true)->last()['after']['plane'];
        self::assertGreaterThan(75, Srgb::fromHex($ground($areas[0]->id))->toLab()->l);
        self::assertSame('#1b1b1b', $ground($areas[1]->id));
        $this->assertRefused(422, 'is given for both', $this->postJson($this->url('/value-sketch'), [
            'paint_id' => $ask['paint_id'], 'lights' => [['paint_id' => $ask['paint_id'], 'degrees' => 0]],
        ]));
    }

    /** What is left in the cup serves whoever still waits for that tone. */
    public function testWhoElseWaitsForATone(): void
    {
        $this->signIn();
        $company = Company::query()->firstOrFail();
        $this->putJson($this->url('/sprays'), ['sprays' => $this->sprays([])])->assertOk();
        $step = collect((array) $this->getJson("/api/companies/$company->id/bench?figure=1")->json('steps'))->firstWhere('area_id', null);
        $this->postJson("/api/companies/$company->id/records", [
            'area_id' => null, 'step' => $step['key'], 'stage' => 'undercoat', 'figures' => [1], 'real' => ['mix' => []],
        ])->assertOk();
        self::assertContains(
            ['company' => $company->name, 'figures' => $company->count - 2],
            (array) $this->getJson($this->url())->json('sprays.0.waiting'),
        );
    }

    public function testCompaniesMeantToMatchAreWarnedOf(): void
    {
        $this->signIn();
        $company = (array) $this->getJson('/api/companies')->json('companies.0');
        $second = $this->postJson(
            '/api/companies',
            [
                'name' => 'Second watch',
                'count' => 2,
                'height_mm' => 30,
                'matches_id' => $company['id'],
                'areas' => [[
                    'name' => 'Coat', 'material' => 'cloth', 'relief' => 'tight', 'share' => 100,
                    'depth' => 3, 'weight' => 'leading', 'colour' => '#efe9d9',
                ]],
            ],
        )->assertCreated();
        $url = '/api/companies/'.$second->json('id').'/undercoat';
        $now = (array) $this->getJson($url)->json();
        $other = collect((array) $this->getJson($this->url())->json('grounds'))->firstWhere('current', true);
        $unlike = collect((array) $now['grounds'])->first(static fn (array $g): bool => $g['id'] !== $other['id'] && $g['lights'] === []);
        $this->putJson($url, ['paint_id' => $unlike['paint_id']])->assertOk();
        $told = (array) $this->getJson($url)->json('matching');
        self::assertStringContainsString('Second watch is meant to match', (string) $told['warnings'][0]);
        self::assertStringContainsString($told['words'].' for all of them: ', (string) $told['sentence']);

        $all = $this->putJson($url.'/alike', ['paint_id' => $told['paint_id']])->assertOk();
        self::assertNull($all->json('matching'), 'one button lays it under both');
        self::assertSame([$told['words'], $told['words']], [$all->json('current'), $this->getJson($this->url())->json('current')]);
    }

    #[TestWith(['room', 'go'])]
    #[TestWith(['cellar', 'no'])]
    #[TestWith(['winter', 'no'])]
    public function testTheSensorReadsTheSceneItIsIn(string $scene, string $verdict): void
    {
        $this->signIn();
        config(['kalokroma.demo' => true]);
        $this->putJson('/api/devices', ['sensor' => $scene])->assertOk();
        $answer = $this->postJson('/api/climate', ['time' => '14:00'])->assertOk();

        $this->assertAnswers('climate', $answer);
        self::assertSame($verdict, collect((array) $answer->json('weather.kinds'))->firstWhere('id', 'spray-can')['verdict']);
    }

    public function testASensorThatFailsOrTalksNonsense(): void
    {
        $this->signIn();
        config(['kalokroma.demo' => true]);
        $this->putJson('/api/devices', ['sensor' => 'broken'])->assertOk();
        $this->assertRefused(422, 'type temperature and humidity in', $this->postJson('/api/climate'));
        $script = new class () implements ClimateSensor {
            /** @var list<array{celsius: float, humidity: float}|null> */
            public array $script = [];

            public function name(): string
            {
                return 'The test sensor';
            }

            public function read(float $hour): array
            {
                return array_shift($this->script) ?? throw SensorFailed::silent();
            }
        };
        $good = static fn (float $c): array => ['celsius' => $c, 'humidity' => 48.0];
        $script->script = [$good(20.0), null, ['celsius' => -127.0, 'humidity' => 255.0], $good(20.4), $good(30.0)];
        $reading = ClimateReading::take($script, 12);
        self::assertSame(
            [20.4, 48.0, 2],
            [$reading->weather->celsius, $reading->weather->humidity, $reading->refused],
            'the middle one, nonsense dropped',
        );

        $this->app->bind(ClimateSensor::class, static fn (): ClimateSensor => $script);
        $this->assertRefused(422, 'The test sensor gave nothing usable in 8 tries', $this->postJson('/api/climate'));
    }

    public function testTheStandInHasADayNoiseAndFailures(): void
    {
        $sensor = new SimulatedClimateSensor('summer', 11);
        $noon = $night = [];
        $failed = $nonsense = 0;
        for ($i = 0; $i < 300; ++$i) {
            try {
                $read = $sensor->read($i % 2 === 0 ? 15 : 3);
                if ($read['celsius'] < -20 || $read['celsius'] > 50) {
                    ++$nonsense;
                } elseif ($i % 2 === 0) {
                    $noon[] = $read['celsius'];
                } else {
                    $night[] = $read['celsius'];
                }
            } catch (SensorFailed) {
                ++$failed;
            }
        }
        self::assertGreaterThan(5, $failed);
        self::assertGreaterThan(5, $nonsense);
        self::assertEqualsWithDelta(29.5, array_sum($noon) / count($noon), 0.2);
        self::assertEqualsWithDelta(19.5, array_sum($night) / count($night), 0.2);
        self::assertGreaterThan(1, count(array_unique($noon)));
    }

    public function testWeatherByHandAndCost(): void
    {
        $this->signIn();
        $weather = $this->getJson('/api/tables/weather?temperature=20&humidity=50')->assertOk();
        $this->assertAnswers('spray_weather', $weather);
        self::assertSame(9.3, $weather->json('dew_point'));
        $this->assertRefused(422, 'Write the temperature as a number', $this->getJson('/api/tables/weather?temperature=warm&humidity=50'));
        $this->assertRefused(422, '1 to 100', $this->getJson('/api/tables/weather?temperature=20&humidity=140'));

        $ask = [
            'can_price' => 1000,
            'can_cm2' => 1000,
            'bottle_price' => 600,
            'bottle_ml' => 20,
            'cm2_per_ml' => 100,
            'start_up' => 900,
            'figure_cm2' => 20,
            'figures' => 60,
        ];
        $cost = $this->getJson('/api/tables/primer-cost?'.http_build_query($ask))->assertOk();
        $this->assertAnswers('primer_cost', $cost);
        self::assertSame(51, $cost->json('break_even'), 'worked by hand with the core\'s test');
        self::assertStringContainsString('from 51 figures on', (string) $cost->json('sentence'));
        self::assertSame([2000, 1500], [$cost->json('yours.can'), $cost->json('yours.bottle')]);
        $usual = $this->getJson('/api/tables/primer-cost?figure_cm2=18&figures=12')->assertOk();
        self::assertSame(
            [1190, 2350],
            [$usual->json('yours.can'), $usual->json('yours.bottle')],
            'by hand: one can for 11.90; one bottle for 9.50 and 14.00 once',
        );
        $this->assertRefused(
            422,
            'A can covers more than 0',
            $this->getJson('/api/tables/primer-cost?'.http_build_query([...$ask, 'can_cm2' => -5])),
        );
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return TestResponse<Response>
     */
    private function edit(array $change, mixed $version = null): TestResponse
    {
        return $this->postJson($this->url('/edits'), $change + ['key' => 'undercoat', 'version' => $version]);
    }

    /** @return array{string, int} its words and coats, as this recipe shows them */
    private function ground(int $area): array
    {
        $step = $this->getJson("/api/areas/$area/recipe")->assertOk()->json('steps.0');

        return [$step['mix_words'], $step['coats']];
    }

    /**
     * @param list<int> $own areas of the last spray
     *
     * @return list<array<string, mixed>>
     */
    private function sprays(array $own): array
    {
        $spray = fn (string $name, string $hex, ?array $from, array $areas = []): array => [
            'key' => null, 'paint_id' => $this->named($name, $hex), 'kind' => 'airbrush', 'from' => $from, 'areas' => $areas,
        ];

        return [
            $spray('Black primer', '#1b1b1b', null),
            $spray('Flesh primer', '#8a4a34', ['degrees' => -35, 'side' => 'left', 'strength' => 1]),
            $spray('Ivory primer', '#e6dfcc', ['degrees' => 65, 'side' => '', 'strength' => 1]),
            ...$own === [] ? [] : [$spray('Flesh primer', '#8a4a34', null, $own)],
        ];
    }

    private function named(string $name, string $hex): int
    {
        return (int) PaintRow::query()->where('name', $name)->value('id') ?: $this->primer($name, $hex);
    }

    private function primer(string $name, string $hex): int
    {
        return (int) $this->postJson(
            '/api/paints',
            ['name' => $name, 'line' => 'Groundwork', 'behaviour' => 'primer', 'colour' => $hex, 'owned' => 'yes'],
        )->json('id');
    }

    private function url(string $rest = ''): string
    {
        return '/api/companies/'.Company::query()->value('id').'/undercoat'.$rest;
    }
}
