<?php

declare(strict_types=1);

namespace Tests\App;

use App\Formats\CheckedJson;
use App\Models\AreaRow;
use App\Models\BookRow;
use App\Models\Company;
use App\Models\Painter;
use App\Models\PaintRow;
use App\Models\RecipeRow;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Kalokroma\Caution\Tool;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Recipe\Plan\Contrast;
use Kalokroma\Recipe\Plan\LightToward;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Plan\ShadeToward;
use Kalokroma\Recipe\Plan\Who;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Undercoat\Kind;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;

/** Recipes, figures and companies as files, and on paper. */
final class RecipeFilesTest extends TestCase
{
    /** Retarder was taken in the field and refused in the file that was written of it. */
    public function testWhatIsThinnedWithRetarderComesBack(): void
    {
        $painter = $this->signIn();
        $this->postJson('/api/paints', ['name' => 'Slow Drop', 'behaviour' => 'medium', 'for' => 'slowing'])->assertSuccessful();
        $url = $this->url().'/edits';
        $edit = fn (string $key, string $thin) => $this->postJson($url, ['kind' => 'change', 'key' => $key, 'thin' => $thin]);
        $edit('layer', '1:1 retarder')->assertOk();
        $edit('basecoat', '3:1 with Slow Drop')->assertOk();
        $company = Company::query()->firstOrFail()->id;
        $file = $this->written("/api/companies/$company/file?as=json", 'figure.schema.json');
        $this->bring([...$file, 'name' => 'Another'])->assertOk();
        $this->become($this->painter('Other'));
        $this->bring([...$file, 'name' => 'Abroad'])->assertOk();
        $this->become($painter);
        $rows = RecipeRow::query()->withoutGlobalScope('painter')->get()
            ->filter(static fn (RecipeRow $r): bool => str_contains((string) json_encode($r->plan), 'retarder'));
        $withs = $rows->map(static fn (RecipeRow $r): array => array_map(
            static fn (array $s): array => [$s['key'], $s['with'], $s['product']['described']['name'] ?? isset($s['product'])],
            array_values(array_filter($r->plan['steps'], static fn (array $s): bool => $s['with'] === 'retarder')),
        ))->values()->all();

        self::assertSame([['basecoat', 'retarder', true], ['layer', 'retarder', false]], $withs[0]);
        self::assertSame($withs[0], $withs[1], 'in the same workshop with the same pot');
        $abroad = [['basecoat', 'retarder', 'Slow Drop'], ['layer', 'retarder', false]];
        self::assertSame($abroad, $withs[2], 'abroad the pot is kept by name');
    }

    /** As it was kept before a pot had a number there: by name, in whatever word somebody had typed. */
    public function testOlderPlansNameTheirThinnersAgain(): void
    {
        $this->signIn();
        $this->postJson('/api/paints', ['name' => 'Glaze Medium', 'behaviour' => 'medium'])->assertSuccessful();
        $recipe = RecipeRow::query()->firstOrFail();
        $plan = $recipe->plan;
        $plan['steps'][0] = [...$plan['steps'][0], 'with' => 'white spirit', 'product' => 'Lost Spirit'];
        $plan['steps'][1] = [...$plan['steps'][1], 'with' => 'medium', 'product' => 'Glaze Medium'];
        $plan['steps'][2] = [...$plan['steps'][2], 'with' => 'water', 'product' => ''];
        $recipe->newQuery()->toBase()->where('id', $recipe->id)->update(['plan' => json_encode($plan, JSON_THROW_ON_ERROR)]);
        (require database_path('migrations/2026_12_01_000026_name_thinners.php'))->up();
        $steps = $recipe->refresh()->plan['steps'];

        self::assertSame(['solvent', 'Lost Spirit'], [$steps[0]['with'], $steps[0]['product']['described']['name']]);
        $pot = PaintRow::query()->where('name', 'Glaze Medium')->firstOrFail();
        self::assertSame(['medium', ['paint' => (string) $pot->id]], [$steps[1]['with'], $steps[1]['product']]);
        self::assertArrayNotHasKey('product', $steps[2]);
        $this->getJson($this->url())->assertOk();
    }

    public function testARecipeComesBackAsItWas(): void
    {
        $this->signIn();
        $this->postJson(
            $this->url().'/edits',
            [
                'kind' => 'change',
                'key' => 'layer',
                'coats' => 4,
                'note' => 'Slowly — “at dusk”',
                'place' => ['face' => 'ridge', 'share' => 0.5],
                'who' => 'leaders',
                'level' => 'showpiece',
            ],
        );
        $this->postJson($this->url().'/edits', ['kind' => 'loop', 'key' => 'highlight', 'from' => 'layer', 'rounds' => 2]);
        $this->postJson($this->url().'/edits', ['kind' => 'add', 'technique' => 'wet-blend', 'after' => 'wash']);
        $json = $this->written($this->url().'/file?as=json', 'recipe.schema.json');
        $answer = $this->bring($json)->assertOk();
        $this->assertAnswers('recipeImported', $answer);
        self::assertSame('"Coat" is in your recipe book now, with 5 steps.', $answer->json('words'));
        $id = $answer->json('book_id');

        self::assertEqualsCanonicalizing($this->plan($json), $this->plan($this->written("/api/book/$id/file", 'recipe.schema.json')));
        $was = $this->getJson($this->url());
        $is = $this->postJson($this->url().'/book', ['book_id' => $id])->assertOk();
        self::assertSame([], $is->json('changes'));
        self::assertSame(array_column((array) $was->json('steps'), 'after'), array_column((array) $is->json('recipe.steps'), 'after'));
        self::assertSame('Slowly — “at dusk”', $is->json('recipe.steps.4.note'));
    }

    public function testAnotherWorkshopTakesItByDescriptionAndColour(): void
    {
        $this->signIn();
        $json = $this->written($this->url().'/file?as=json', 'recipe.schema.json');
        $other = Painter::query()->create(['name' => 'Net mender', 'password' => 'marsh lights'])->refresh();
        $this->become($other);
        $id = $this->bring($json)->assertOk()->json('book_id');
        $steps = (array) $this->getJson("/api/book/$id")->json('steps');

        self::assertSame([false, false, false, false], array_column($steps, 'at_hand'));
        self::assertSame(
            array_map(
                static fn (array $s): string => count($s['mix']) === 1 ? $s['mix'][0]['paint']['name'] : '',
                $this->plan($json)['steps'],
            )[1],
            $steps[1]['words'],
        );
        self::assertSame(0, PaintRow::query()->count(), 'a recipe brings no paints onto the shelf');
    }

    public function testACompanyComesBackWithAreasRecipesUndercoatAndDrawing(): void
    {
        $this->signIn();
        $company = Company::query()->firstOrFail();
        $lantern = (int) AreaRow::query()->where('name', 'Lantern')->value('id');
        $coat = (int) AreaRow::query()->where('name', 'Coat')->value('id');
        AreaRow::query()->where('id', $coat)->firstOrFail()->update(['beside' => [$lantern], 'notes' => 'torn hem', 'fragile' => true]);
        AreaRow::query()->where('id', $lantern)->firstOrFail()->update(['beside' => [$coat], 'part' => 'lantern']);
        $this->postJson("/api/areas/$lantern/recipe/follow", ['area_id' => $coat]);
        $this->postJson("/api/areas/$lantern/recipe/edits", ['kind' => 'change', 'key' => 'layer', 'coats' => 6]);
        $svg = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 10 20"><path data-area="Coat" data-tone="plane" '
            .'fill-rule="evenodd" transform="translate(1 2)" d="M0 0L5 0L5 5Z"/><circle data-area="Lantern" '
                .'data-tone="ridge" cx="5" cy="5" r="2"/></svg>';
        $this->post("/api/companies/$company->id/plate", ['file' => UploadedFile::fake()->createWithContent('p.svg', $svg)])->assertOk();
        $black = PaintRow::query()->where('name', 'Black primer')->value('id');
        $this->postJson(
            "/api/companies/$company->id/undercoat/edits",
            ['key' => 'undercoat', 'mix' => [['paint_id' => $black]], 'coats' => 3],
        )->assertOk();

        $json = $this->written("/api/companies/$company->id/file?as=json", 'figure.schema.json');
        $answer = $this->bring($json)->assertOk();
        $this->assertAnswers('recipeImported', $answer);
        self::assertStringContainsString(
            'You have a "'.$company->name.'" already: this one is called "'.$company->name.' (2)".',
            implode(' ', (array) $answer->json('notes')),
        );
        $id = (int) $answer->json('company_id');
        $again = $this->written("/api/companies/$id/file?as=json", 'figure.schema.json');
        self::assertEquals($this->without($json, 'name'), $this->without($again, 'name'));

        $copy = AreaRow::query()->where('company_id', $id)->where('name', 'Lantern')->firstOrFail();
        self::assertSame(
            ['Coat', 6],
            [
                $this->getJson("/api/areas/$copy->id/recipe")->json('model.words'),
                $this->getJson("/api/areas/$copy->id/recipe")->json('steps.3.coats'),
            ],
        );
        $this->postJson(
            '/api/areas/'.AreaRow::query()->where('company_id', $id)->where('name', 'Coat')->value('id').'/recipe/edits',
            ['kind' => 'change', 'key' => 'basecoat', 'coats' => 5],
        );
        self::assertSame(5, $this->getJson("/api/areas/$copy->id/recipe")->json('steps.1.coats'), 'it follows in the copy too');

        $figure = $this->written("/api/companies/$company->id/file?as=figure", 'figure.schema.json');
        self::assertSame(['kalokroma.figure', 1, 0], [$figure['kind'], $figure['count'], $figure['leaders']]);
        $one = $this->bring($figure)->assertOk();
        self::assertSame(1, Company::query()->findOrFail($one->json('company_id'))->count);
    }

    public function testTheWholeSampleTravels(): void
    {
        $this->artisan('kalokroma:demo')->assertSuccessful();
        $this->become(Painter::query()->firstOrFail());
        foreach (Company::query()->pluck('id') as $id) {
            $json = $this->written("/api/companies/$id/file?as=json", 'figure.schema.json');
            $copy = (int) $this->bring($json)->assertOk()->json('company_id');
            self::assertEquals(
                $this->without($json, 'name'),
                $this->without($this->written("/api/companies/$copy/file?as=json", 'figure.schema.json'), 'name'),
            );
        }
        foreach (BookRow::query()->pluck('id') as $id) {
            $this->written("/api/book/$id/file", 'recipe.schema.json');
        }
    }

    public function testAnUndercoatThatIsNotOwnedIsSaid(): void
    {
        $this->signIn();
        $json = $this->written('/api/companies/'.Company::query()->value('id').'/file?as=json', 'figure.schema.json');
        $other = Painter::query()->create(['name' => 'Net mender', 'password' => 'marsh lights', 'airbrush' => false])->refresh();
        $this->become($other);
        $answer = $this->bring($json)->assertOk();

        self::assertMatchesRegularExpression(
            '/Its undercoat, \w+ primer, is not on your shelf: another is advised/',
            implode(' ', (array) $answer->json('notes')),
        );
    }

    /** @param callable(array<string, mixed>): array<string, mixed> $break */
    #[DataProvider('broken')]
    public function testABrokenFileIsReportedByPathAndNothingIsTaken(callable $break, string $sentence): void
    {
        $this->signIn();
        $json = $this->written($this->url().'/file?as=json', 'recipe.schema.json');
        $this->assertRefused(422, $sentence, $this->bring($break($json)));

        self::assertSame([0, 1], [BookRow::query()->count(), Company::query()->count()]);
    }

    /** @return iterable<string, array{callable(array<string, mixed>): array<string, mixed>, string}> */
    public static function broken(): iterable
    {
        $set = static function (string $path, mixed $value): callable {
            return static function (array $json) use ($path, $value): array {
                data_set($json, $path, $value);

                return $json;
            };
        };
        yield 'another kind' => [$set('kind', 'kalokroma.shelf'), 'At /kind: "kalokroma.shelf" is no recipe, figure or company'];
        yield 'another version' => [$set('version', 7), 'At /version'];
        yield 'no colour' => [$set('colour', 'brown'), 'At /colour'];
        yield 'an unknown technique' => [$set('plan.steps.1.technique', 'glitter'), 'At /plan/steps/1/technique'];
        yield 'an undercoat inside' => [$set('plan.steps.1.technique', 'undercoat'), 'At /plan/steps/1/technique'];
        yield 'negative parts' => [$set('plan.steps.0.mix.0.parts', -2), 'At /plan/steps/0/mix/0/parts'];
        yield 'too many coats' => [$set('plan.steps.0.coats', 21), 'At /plan/steps/0/coats'];
        yield 'a ratio without paint' => [$set('plan.steps.0.thin', '0:3'), 'At /plan/steps/0/thin'];
        yield 'a reserved key' => [$set('plan.steps.1.key', 'undercoat'), 'At /plan/steps/1/key: "undercoat" means something else here'];
        yield 'a key of the addresses' => [$set('plan.steps.1.key', 'file'), 'At /plan/steps/1/key: "file" means something else here'];
        yield 'a key with a slash' => [$set('plan.steps.1.key', 'a/b'), 'At /plan/steps/1/key: "a/b" cannot be the key of a step'];
        yield 'a key of 55 letters' => [$set('plan.steps.1.key', str_repeat('a', 55)), 'cannot be the key of a step: small letters'];
        yield 'a key twice' => [$set('plan.steps.1.key', 'basecoat'), 'At /plan/steps/1/key: "basecoat" is there twice'];
        yield 'a loop from nowhere' => [
            $set('plan.steps.2.loop', ['from' => 'nowhere', 'rounds' => 3, 'exit' => 'enough']),
            'At /plan/steps/2/loop/from: there is no step "nowhere" before it',
        ];
        yield 'paint without colour' => [$set('plan.steps.0.mix.0.paint.colour', null), 'At /plan/steps/0/mix/0/paint/colour'];
        yield 'a basecoat without paint' => [$set('plan.steps.0.mix', null), 'At /plan/steps/0/mix: basecoat is done with paint'];
        yield 'a foreign field' => [$set('owner', 'somebody'), 'owner'];
        yield 'a figure without areas' => [
            static fn (array $j): array => ['kind' => 'kalokroma.figure', 'version' => 1, 'name' => 'F', 'height_mm' => 30, 'areas' => []],
            'At /areas',
        ];
        yield 'an area twice' => [static fn (array $j): array => self::figure(['Coat', 'coat']), 'At /areas/1/name: "coat" is there twice'];
        yield 'following nobody' => [static function (array $j): array {
            $figure = self::figure(['Coat']);
            $figure['areas'][0]['recipe'] = ['colour' => '#123456', 'way' => 'mixed', 'follows' => 'Cape', 'plan' => ['steps' => []]];

            return $figure;
        }, 'At /areas/0/recipe/follows: no area is called "Cape"'];
        yield 'following in a circle' => [static function (array $j): array {
            $figure = self::figure(['Coat', 'Cape']);
            $figure['areas'][0]['recipe'] = ['colour' => '#123456', 'way' => 'mixed', 'follows' => 'Cape', 'plan' => ['steps' => []]];
            $figure['areas'][1]['recipe'] = ['colour' => '#123456', 'way' => 'mixed', 'follows' => 'Coat', 'plan' => ['steps' => []]];

            return $figure;
        }, 'two recipes cannot follow each other'];
        yield 'more than a whole surface' => [static function (array $j): array {
            $figure = self::figure(['Coat', 'Cape']);
            $figure['areas'][0]['share'] = 80;

            return $figure;
        }, '%'];
        yield 'a hostile drawing' => [
            static fn (array $j): array => [
                ...self::figure(['Coat']),
                'plate' => '<!DOCTYPE x [<!ENTITY a "b">]><svg xmlns="http://www.w3.org/2000/svg"/>',
            ],
            'entities',
        ];
    }

    public function testWhatIsNoJsonIsSaid(): void
    {
        $this->signIn();
        foreach ([
            '' => 'Choose a JSON file first',
            '{"kind":' => 'The file is not JSON',
            '[]' => 'At /',
            '"text"' => 'At /',
        ] as $bytes => $sentence) {
            $this->assertRefused(422, $sentence, $bytes === '' ? $this->postJson('/api/recipes/file') : $this->bring($bytes));
        }
        $this->assertRefused(422, 'at most 2 MB', $this->bring(str_repeat(' ', 2_100_000)));
    }

    public function testMarkdownTellsTheRecipe(): void
    {
        $this->signIn();
        $this->postJson($this->url().'/edits', ['kind' => 'change', 'key' => 'layer', 'note' => 'not *too* much | slowly']);
        $answer = $this->get($this->url().'/file?as=md')->assertOk();
        self::assertSame('text/markdown; charset=UTF-8', $answer->headers->get('Content-Type'));
        self::assertSame('attachment; filename="coat.md"', $answer->headers->get('Content-Disposition'));
        $text = (string) $answer->getContent();
        $steps = (array) $this->getJson($this->url())->json('steps');

        self::assertStringStartsWith("# Coat\n\n", $text);
        foreach ($steps as $i => $step) {
            self::assertStringContainsString(sprintf('| %d | %s | %s |', $i + 1, ucfirst($step['technique']), $step['mix_words']), $text);
            self::assertStringContainsString(implode(' ', $step['after']), $text);
        }
        self::assertStringContainsString('Your note: not \\*too\\* much \\| slowly', $text, 'what was typed stays text');
        $whole = (string) $this->get('/api/companies/'.Company::query()->value('id').'/file?as=md')->getContent();
        self::assertStringContainsString('## Coat', $whole);
        self::assertStringContainsString('## Lantern', $whole);
    }

    public function testTheCardShowsEveryStepWithItsStrata(): void
    {
        $this->signIn();
        $coat = AreaRow::query()->where('name', 'Coat')->firstOrFail();
        $coat->update(['notes' => '']);
        $company = (int) $coat->company_id;
        $this->postJson(
            "/api/companies/$company/records",
            ['area_id' => $coat->id, 'step' => 'basecoat', 'stage' => 'basecoat', 'figures' => [1, 2], 'real' => ['mix' => []]],
        )->assertOk();
        $this->postJson($this->url().'/edits', ['kind' => 'change', 'key' => 'layer', 'note' => '<script>alert(1)</script>']);
        $page = (string) $this->get("/api/areas/$coat->id/card")->assertOk()->getContent();
        $steps = (array) $this->getJson($this->url())->json('steps');

        self::assertSame(1, substr_count($page, '<section>'));
        self::assertSame(count($steps), substr_count($page, 'class="strata"'));
        foreach ($steps as $step) {
            self::assertStringContainsString(sprintf('recess %s, plane %s, ridge %s', ...array_values($step['after'])), $page);
            self::assertStringContainsString(e($step['mix_words']), $page);
        }
        self::assertSame(2, substr_count($page, '<span class="done">'), 'two figures have their basecoat');
        self::assertStringNotContainsString('<script>alert', $page);

        $table = (string) $this->get("/api/companies/$company/card?as=table")->assertOk()->getContent();
        self::assertSame([1, 2], [substr_count($table, '<table>'), substr_count($table, '<tr>') - 1]);
        $pages = (string) $this->get("/api/companies/$company/card")->assertOk()->getContent();
        self::assertSame(2, substr_count($pages, '<section>'), 'one page for each area');
        RecipeRow::query()->delete();
        self::assertStringContainsString(
            'No area of it has a recipe yet',
            (string) $this->get("/api/companies/$company/card")->getContent(),
        );
    }

    /** What the schemas list is what the core knows. */
    public function testTheSchemasKnowTheWholeVocabulary(): void
    {
        $schema = json_decode((string) file_get_contents(base_path('docs/formats/recipe.schema.json')), true, 64, JSON_THROW_ON_ERROR);
        $step = $schema['$defs']['step']['properties'];
        $values = static fn (array $cases): array => array_map(static fn (\BackedEnum $c): string => (string) $c->value, $cases);

        self::assertSame(
            $values(array_slice(Technique::cases(), 1)),
            $step['technique']['enum'],
            'all but the undercoat, which is the figure\'s',
        );
        self::assertSame($values(Stage::cases()), $step['stage']['enum']);
        foreach ([new Who(), Who::leaders(), Who::only([3, 12]), Who::except([1])] as $who) {
            self::assertMatchesRegularExpression('/'.$step['who']['pattern'].'/', $who->value());
        }
        self::assertSame([...$values(Level::cases()), null], $step['level']['enum']);
        self::assertSame([...$values(Tool::cases()), null], $step['tool']['enum']);
        self::assertSame(array_keys(Place::PARTS), $schema['$defs']['place']['properties']['part']['enum']);
        self::assertSame(Place::LIGHTS, $schema['$defs']['place']['properties']['light']['enum']);
        self::assertSame($values(Behaviour::cases()), $schema['$defs']['paint']['properties']['behaviour']['enum']);
        self::assertSame($values(Way::cases()), $schema['properties']['way']['enum']);
        self::assertSame($values(Material::cases()), $schema['properties']['material']['enum']);
        self::assertSame($values(Relief::cases()), $schema['properties']['relief']['enum']);
        $options = $schema['$defs']['options']['properties'];
        self::assertSame(
            [$values(Contrast::cases()), $values(LightToward::cases()), $values(ShadeToward::cases())],
            [$options['contrast']['enum'], $options['light']['enum'], $options['shade']['enum']],
        );
        $figure = json_decode((string) file_get_contents(base_path('docs/formats/figure.schema.json')), true, 64, JSON_THROW_ON_ERROR);
        self::assertSame($values(Kind::cases()), $figure['properties']['undercoat']['properties']['kind']['enum']);
    }

    /** @return array<string, mixed> */
    private function written(string $url, string $schema): array
    {
        $answer = $this->get($url)->assertOk();
        self::assertStringContainsString('attachment; filename="', (string) $answer->headers->get('Content-Disposition'));

        return CheckedJson::read((string) $answer->getContent(), $schema);
    }

    /**
     * @param array<string, mixed>|string $json
     *
     * @return TestResponse<Response>
     */
    private function bring(array|string $json): TestResponse
    {
        return $this->post(
            '/api/recipes/file',
            [
                'file' => UploadedFile::fake()->createWithContent(
                    'recipe.json',
                    is_string($json) ? $json : json_encode($json, JSON_THROW_ON_ERROR),
                ),
            ],
            ['Accept' => 'application/json'],
        );
    }

    /**
     * @param array<string, mixed> $json
     *
     * @return array{steps: list<array<string, mixed>>}
     */
    private function plan(array $json): array
    {
        self::assertIsArray($json['plan']);

        return $json['plan'];
    }

    /**
     * @param array<string, mixed> $json
     *
     * @return array<string, mixed>
     */
    private function without(array $json, string $key): array
    {
        unset($json[$key]);

        return $json;
    }

    /**
     * @param list<string> $names
     *
     * @return array<string, mixed>
     */
    private static function figure(array $names): array
    {
        return [
            'kind' => 'kalokroma.figure',
            'version' => 1,
            'name' => 'Wreck',
            'height_mm' => 30,
            'areas' => array_map(
                static fn (string $n): array => [
                    'name' => $n,
                    'material' => 'cloth',
                    'relief' => 'tight',
                    'share' => 50,
                    'depth' => 1,
                    'weight' => 'minor',
                ],
                $names,
            ),
        ];
    }

    private function url(): string
    {
        return '/api/areas/'.AreaRow::query()->where('name', 'Coat')->value('id').'/recipe';
    }
}
