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
use Kalokroma\Colour\Srgb;
use PHPUnit\Framework\Attributes\TestWith;

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
        $step = $this->getJson('/api/areas/'.AreaRow::query()->value('id').'/recipe')->json('steps.0');
        self::assertSame(
            [$sketch->json('hexes.below'), $sketch->json('hexes.side'), $sketch->json('hexes.above')],
            [$step['after']['recess'], $step['after']['plane'], $step['after']['ridge']],
        );
        self::assertStringContainsString('A light sketch', implode(' ', $step['reasons']));

        $this->assertRefused(422, 'it needs an airbrush or a spray can', $this->putJson($this->url(), [...$ask, 'kind' => 'brush']));
        $this->assertRefused(422, 'rule out the spray can', $this->putJson($this->url(), [...$ask, 'kind' => 'spray-can']));
        $this->assertRefused(
            422,
            'stands for both',
            $this->postJson($this->url('/sketch'), ['paint_id' => $black, 'lights' => [['paint_id' => $black, 'degrees' => 60]]]),
        );
        $this->assertRefused(
            422,
            '90° below to 90° above',
            $this->postJson($this->url('/sketch'), ['paint_id' => $black, 'lights' => [['paint_id' => $ivory, 'degrees' => 170]]]),
        );
        $this->assertRefused(422, 'is not on this shelf', $this->putJson($this->url(), ['paint_id' => 99999]));
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
        self::assertStringContainsString('Second watch is meant to match', (string) $this->getJson($url)->json('matching.0'));
        $this->putJson($url, ['paint_id' => $other['paint_id']])->assertOk();
        self::assertSame([], $this->getJson($url)->json('matching'));
    }

    #[TestWith(['room', 'go'])]
    #[TestWith(['cellar', 'no'])]
    #[TestWith(['winter', 'no'])]
    public function testTheSensorReadsTheSceneItIsIn(string $scene, string $verdict): void
    {
        $this->signIn();
        $answer = $this->postJson('/api/climate', ['scene' => $scene, 'time' => '14:00'])->assertOk();

        $this->assertAnswers('climate', $answer);
        self::assertSame($verdict, collect((array) $answer->json('weather.kinds'))->firstWhere('id', 'spray-can')['verdict']);
    }

    public function testASensorThatFailsOrTalksNonsense(): void
    {
        $this->signIn();
        $this->assertRefused(422, 'type temperature and humidity in', $this->postJson('/api/climate', ['scene' => 'broken']));
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
        $weather = $this->getJson('/api/tables/weather?celsius=20&humidity=50')->assertOk();
        $this->assertAnswers('spray_weather', $weather);
        self::assertSame(9.3, $weather->json('dew_point'));
        $this->assertRefused(422, 'Write the temperature as a number', $this->getJson('/api/tables/weather?celsius=warm&humidity=50'));
        $this->assertRefused(422, '1 to 100', $this->getJson('/api/tables/weather?celsius=20&humidity=140'));

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
