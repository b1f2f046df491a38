<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\PaintRow;
use Illuminate\Http\UploadedFile;
use Kalokroma\Recipe\Technique\Technique;
use PHPUnit\Framework\Attributes\DataProvider;

/** A recipe with every kind of step, paints that nobody owns, and steps without paint: every page still answers. */
final class EveryStepTest extends TestCase
{
    /** @param list<Technique> $techniques */
    #[DataProvider('techniques')]
    public function testEveryPageAnswersWhateverARecipeIsMadeOf(array $techniques): void
    {
        $this->signIn();
        $coat = (int) AreaRow::query()->where('name', 'Coat')->value('id');
        $company = (int) Company::query()->value('id');
        $file = [
            'kind' => 'kalokroma.recipe',
            'version' => 1,
            'name' => 'Everything',
            'colour' => '#9c7d34',
            'way' => 'mixed',
            'material' => 'cloth',
            'relief' => 'tight',
            'plan' => ['steps' => self::steps($techniques)],
        ];
        $book = $this->post(
            '/api/recipes/file',
            ['file' => UploadedFile::fake()->createWithContent('e.json', json_encode($file, JSON_THROW_ON_ERROR))],
            ['Accept' => 'application/json'],
        )->assertOk()->json('book_id');
        $answer = $this->postJson("/api/areas/$coat/recipe/book", ['book_id' => $book])->assertOk();
        $this->assertAnswers('recipeMoved', $answer);
        $told = $this->postJson(
            '/api/areas/'.AreaRow::query()->where('name', 'Lantern')->value('id').'/recipe/told',
            ['text' => "metal: old brass\nwash: sepia wash #8a6a48\nedge highlight: 1 bone + some lemon yellow\nmatt varnish"],
        )->assertOk();
        self::assertNotSame([], $told->json('recipe.totals.missing'));

        $paint = (int) PaintRow::query()->value('id');
        $this->postJson('/api/prices')->assertOk();
        foreach ([
            'shelf' => 'shelf',
            'shelf/map' => 'shelf_map',
            "shelf?like=$paint" => 'shelf',
            'shelf/needs' => 'needs',
            'sets' => 'sets',
            'buy' => 'buy_plan',
            'companies' => 'figures',
            "companies/$company/scheme" => 'scheme',
            "companies/$company/undercoat" => 'undercoats',
            "areas/$coat/recipe" => 'recipe',
            "companies/$company/bench" => 'bench',
            'ledger' => 'ledger',
            "companies/$company/compare" => 'compared',
            'book' => 'book',
            "book/$book" => 'bookRecipe',
            "paints/$paint" => 'paint_look',
        ] as $path => $kind) {
            $got = $this->getJson("/api/$path");
            self::assertSame(200, $got->getStatusCode(), $path.': '.$got->getContent());
            $this->assertAnswers($kind, $got);
        }
        foreach ((array) $answer->json('recipe.steps') as $step) {
            foreach (['', '/substitutes', '/mishap?mishap=slip'] as $about) {
                $got = $step['key'] === 'undercoat'
                    && $about !== '' ? null : $this->getJson("/api/areas/$coat/recipe/{$step['key']}$about");
                self::assertTrue($got === null || $got->getStatusCode() === 200, $step['key'].$about.': '.$got?->getContent());
            }
        }
        foreach ([
            "areas/$coat/card",
            "companies/$company/card",
            "companies/$company/card?as=table",
            "areas/$coat/recipe/file?as=md",
            "companies/$company/file?as=json",
        ] as $path) {
            $this->get('/api/'.$path)->assertOk();
        }
    }

    public function testStepsWithoutPaintAreRecordedAtTheBench(): void
    {
        $this->signIn();
        $coat = (int) AreaRow::query()->where('name', 'Coat')->value('id');
        $company = (int) Company::query()->value('id');
        $this->postJson("/api/areas/$coat/recipe/edits", ['kind' => 'add', 'technique' => 'waiting', 'after' => 'wash'])->assertOk();
        $bench = $this->postJson(
            "/api/companies/$company/records",
            ['area_id' => $coat, 'step' => 'waiting', 'stage' => 'finish', 'figures' => [1], 'real' => ['mix' => []]],
        )->assertOk();

        $this->assertAnswers('bench_tick', $bench);
        self::assertSame(1, $this->getJson("/api/areas/$coat/recipe")->json('steps.3.done_on'));
        $this->assertAnswers('ledger', $this->getJson('/api/ledger')->assertOk());
    }

    public function testAStepForLeadersIsAskedOfLeadersOnly(): void
    {
        $this->signIn();
        $company = Company::query()->firstOrFail();
        $company->update(['leaders' => 1]);
        $coat = (int) AreaRow::query()->where('name', 'Coat')->value('id');
        $recipe = $this->postJson(
            "/api/areas/$coat/recipe/edits",
            ['kind' => 'change', 'key' => 'highlight', 'who' => 'leaders'],
        )->assertOk();
        $keys = fn (int $figure): array => array_column(
            array_filter(
                (array) $this->getJson("/api/companies/$company->id/bench?figure=$figure")->assertOk()->json('steps'),
                static fn (array $s): bool => $s['area'] === 'Coat',
            ),
            'key',
        );

        self::assertSame([3, 1], [$recipe->json('steps.1.figures'), $recipe->json('steps.4.figures')]);
        self::assertSame(['basecoat', 'wash', 'layer', 'highlight'], $keys(1));
        self::assertSame(['basecoat', 'wash', 'layer'], $keys(2));
        $totals = array_column((array) $this->getJson("/api/companies/$company->id/bench")->json('figures'), 'total');
        self::assertSame([$totals[1] + 1, $totals[1], $totals[1]], $totals);
    }

    public function testNoTechniqueIsLeftOut(): void
    {
        $tried = [];
        foreach (self::techniques() as [$techniques]) {
            $tried = [...$tried, ...$techniques];
        }

        self::assertEqualsCanonicalizing(array_slice(Technique::cases(), 1), $tried);
    }

    /** @return iterable<string, array{list<Technique>}> every technique but the undercoat, in two recipes, from the lowest place up */
    public static function techniques(): iterable
    {
        $all = array_slice(Technique::cases(), 1);
        usort($all, static fn (Technique $a, Technique $b): int => $a->facts()->at->rank() <=> $b->facts()->at->rank());
        yield 'the lower half' => [array_slice($all, 0, 25)];
        yield 'the upper half' => [array_slice($all, 25)];
    }

    /**
     * @param list<Technique> $techniques
     *
     * @return list<array<string, mixed>> with paints that nobody owns
     */
    private static function steps(array $techniques): array
    {
        return array_map(static function (Technique $technique): array {
            $kind = $technique->facts()->takes[0] ?? null;

            return [
                'key' => $technique->value,
                'stage' => $technique->facts()->stage->value,
                'technique' => $technique->value,
                'mix' => $kind === null ? null : [[
                    'paint' => [
                        'name' => 'Some '.$kind->value,
                        'line' => 'Elsewhere',
                        'behaviour' => $kind->value,
                        'colour' => $kind->colours() ? '#8a6a48' : null,
                    ],
                    'parts' => null,
                ]],
            ];
        }, $techniques);
    }
}
