<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\AreaRow;
use App\Models\BookRow;
use App\Models\Company;
use App\Models\PaintRow;
use App\Models\RecipeRow;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

/** Recipes from elsewhere: told, followed, from the book, brought to this shelf; mishaps and comparisons. */
final class RecipeMovesTest extends TestCase
{
    public function testSomebodysRecipeIsWrittenDownAndBroughtToTheShelf(): void
    {
        $this->signIn();
        $told = $this->postJson(
            $this->url().'/told',
            ['text' => "basecoat: very dark moss green, thin 2:1, two coats\nwash: sepia wash #8a6a48\n"
                .'layer: Ochre and a little pale straw #e2cf98'],
        )->assertOk();
        $this->assertAnswers('recipeMoved', $told);
        self::assertSame(['undercoat', 'basecoat', 'wash-all-over', 'layer'], array_column((array) $told->json('recipe.steps'), 'key'));
        self::assertSame([false, false, false], array_slice(array_column((array) $told->json('recipe.steps'), 'at_hand'), 1));
        self::assertSame(['pale straw'], $told->json('recipe.steps.3.open'));
        self::assertNull($told->json('recipe.steps.3.mix.1.paint_id'), 'nobody owns it');
        self::assertSame([1, 2, 3], array_column((array) $told->json('notes'), 'line'));
        self::assertSame(['very dark moss green', 'sepia wash', 'pale straw'], $told->json('recipe.totals.missing'));

        $replaced = $this->postJson($this->url().'/replace')->assertOk();
        $this->assertAnswers('recipeMoved', $replaced);
        self::assertSame(['basecoat', 'wash-all-over', 'layer'], array_column((array) $replaced->json('changes'), 'key'));
        self::assertSame([], $replaced->json('recipe.totals.missing'));
        self::assertSame($told->json('recipe.steps'), $this->postJson($this->url().'/undo')->json('steps'), 'and can be had back');
    }

    #[DataProvider('badlyTold')]
    public function testABadLineIsNamedAndNothingChanges(string $text, string $sentence): void
    {
        $this->signIn();
        $before = RecipeRow::query()->firstOrFail()->plan;
        $this->assertRefused(422, $sentence, $this->postJson($this->url().'/told', ['text' => $text]));
        self::assertSame($before, RecipeRow::query()->firstOrFail()->plan);
    }

    /** @return iterable<array{string, string}> */
    public static function badlyTold(): iterable
    {
        yield ['', 'Write at least one line'];
        yield ['and then some more', 'No line says what is done'];
        yield [str_repeat('basecoat: Ochre ', 600), 'at most 8000 letters'];
    }

    /** Each line stands beside what was read out of it; nothing is kept by looking, and no line stops the others. */
    public function testAToldRecipeIsShownAsItWasReadBeforeItIsKept(): void
    {
        $this->signIn();
        $before = RecipeRow::query()->firstOrFail()->plan;
        $heard = $this->postJson('/api/recipe/told', [
            'text' => "basecoat: 80 % Ochre + 20 % Bone\nthin 1:2\nwash: glimmer\nleaders only: edges, Bone",
        ])->assertOk();
        $this->assertAnswers('heard', $heard);

        self::assertSame(3, $heard->json('steps'));
        self::assertSame('Basecoat', $heard->json('lines.0.steps.0.technique'));
        self::assertSame(['4 drops Ochre, 1 drop Bone', '1:2 with water'], $heard->json('lines.0.steps.0.words'));
        self::assertSame([1, []], [$heard->json('lines.1.belongs'), $heard->json('lines.1.steps')]);
        self::assertSame(['glimmer'], $heard->json('lines.2.doubts'));
        self::assertContains('leaders only', (array) $heard->json('lines.3.steps.0.words'));
        self::assertSame($before, RecipeRow::query()->firstOrFail()->plan);

        $kept = $this->postJson($this->url().'/told', ['text' => "wash: glimmer\nlayer: Bone"])->assertOk();
        $this->assertAnswers('recipeMoved', $kept);
        self::assertSame('glimmer', $kept->json('recipe.steps.1.note'), 'words stay with their step, and a step may lack its paint');
        foreach (['bench' => '/api/companies/%d/bench', 'compared' => '/api/companies/%d/compare'] as $kind => $page) {
            $this->assertAnswers($kind, $this->getJson(sprintf($page, Company::query()->value('id')))->assertOk());
        }
    }

    public function testAToldStepIsAddedToTheOthersWhereItBelongs(): void
    {
        $this->signIn();
        $before = array_column((array) $this->getJson($this->url())->json('steps'), 'key');
        $told = $this->postJson($this->url().'/told', ['text' => "matt varnish\ntuft", 'add' => true])->assertOk();
        $keys = array_column((array) $told->json('recipe.steps'), 'key');

        self::assertSame([...$before, 'matt-varnish', 'tuft'], $keys);
        self::assertSame('added as told: matt varnish, tufts', $told->json('recipe.undo'));
        self::assertSame('matt varnish', $told->json('recipe.steps.'.count($before).'.technique'));
        self::assertSame($before, array_column((array) $this->postJson($this->url().'/undo')->json('steps'), 'key'));
    }

    public function testAnAreaFollowsAnotherExceptForItsOwnChanges(): void
    {
        $this->signIn();
        $lantern = (int) AreaRow::query()->where('name', 'Lantern')->value('id');
        $coat = (int) AreaRow::query()->where('name', 'Coat')->value('id');
        $followed = $this->postJson("/api/areas/$lantern/recipe/follow", ['area_id' => $coat])->assertOk();
        self::assertSame([$coat, 'Coat'], [$followed->json('recipe.model.area_id'), $followed->json('recipe.model.words')]);
        self::assertSame([], $followed->json('recipe.differences'));
        self::assertSame('#9c7d34', $followed->json('recipe.colour'));

        $this->postJson("/api/areas/$lantern/recipe/edits", ['kind' => 'change', 'key' => 'layer', 'coats' => 6])->assertOk();
        $this->postJson($this->url().'/edits', ['kind' => 'change', 'key' => 'basecoat', 'coats' => 4])->assertOk();
        $this->postJson($this->url().'/edits', ['kind' => 'drop', 'key' => 'highlight'])->assertOk();
        $own = $this->getJson("/api/areas/$lantern/recipe");
        self::assertSame(['undercoat', 'basecoat', 'wash', 'layer'], array_column((array) $own->json('steps'), 'key'), 'it follows');
        self::assertSame([4, 6], [$own->json('steps.1.coats'), $own->json('steps.3.coats')]);
        self::assertCount(1, (array) $own->json('differences'));
        self::assertStringContainsString(': 6 coats', (string) $own->json('differences.0.words'));

        $this->assertRefused(422, 'two recipes cannot follow each other', $this->postJson($this->url().'/follow', ['area_id' => $lantern]));
        $alone = $this->postJson("/api/areas/$lantern/recipe/follow", ['area_id' => null])->assertOk();
        self::assertNull($alone->json('recipe.model'));
        $this->postJson($this->url().'/edits', ['kind' => 'change', 'key' => 'basecoat', 'coats' => 2]);
        self::assertSame(4, $this->getJson("/api/areas/$lantern/recipe")->json('steps.1.coats'), 'it stands alone now');
    }

    public function testAFollowerHearsOfANewDraftOfItsModel(): void
    {
        $this->signIn();
        $lantern = (int) AreaRow::query()->where('name', 'Lantern')->value('id');
        $this->postJson(
            "/api/areas/$lantern/recipe/follow",
            ['area_id' => AreaRow::query()->where('name', 'Coat')->value('id')],
        )->assertOk();
        $model = $this->postJson($this->url(), ['colour' => '#2f5a7e', 'way' => 'layers'])->assertOk();
        $follower = $this->getJson("/api/areas/$lantern/recipe");

        self::assertSame(['#2f5a7e', []], [$follower->json('colour'), $follower->json('differences')]);
        self::assertSame(array_column((array) $model->json('steps'), 'paint'), array_column((array) $follower->json('steps'), 'paint'));

        $this->postJson($this->url().'/undo')->assertOk();
        self::assertSame('#9c7d34', $this->getJson("/api/areas/$lantern/recipe")->json('colour'), 'and goes back with it');
    }

    public function testThePartsOfAFigureAreLinkedAndGluedOn(): void
    {
        $this->signIn();
        AreaRow::query()->where('name', 'Lantern')->update(['part' => 'lantern']);
        $url = '/api/areas/'.AreaRow::query()->where('name', 'Lantern')->value('id').'/recipe';
        $loose = $this->getJson($url)->assertOk();
        $this->assertAnswers('recipe', $loose);
        self::assertSame([false, ['Lantern']], [$loose->json('part.glued'), array_column((array) $loose->json('part.areas'), 'name')]);
        self::assertNull($this->getJson($this->url())->json('part'));
        $glued = $this->postJson($url.'/edits', ['kind' => 'add', 'technique' => 'gluing'])->assertOk();

        self::assertTrue($glued->json('part.glued'));
        self::assertStringContainsString('it is glued on in the recipe of lantern', (string) $glued->json('part.sentence'));
        self::assertStringContainsString(
            'Super glue',
            implode(' ', (array) $glued->json('steps.'.(count((array) $glued->json('steps')) - 1).'.cautions')),
        );
    }

    public function testAMishapIsAnsweredAndMended(): void
    {
        $this->signIn();
        $answer = $this->getJson($this->url().'/wash/mishap?mishap=tide-mark')->assertOk();
        $this->assertAnswers('mending', $answer);
        self::assertSame('later', $answer->json('when'));
        $mended = $this->postJson($this->url().'/wash/mishap', ['mishap' => 'tide-mark'])->assertOk();
        $this->assertAnswers('recipeMoved', $mended);
        self::assertSame(
            ['undercoat', 'basecoat', 'wash', 'mend-level', 'layer', 'highlight'],
            array_column((array) $mended->json('recipe.steps'), 'key'),
        );
        self::assertSame('fixed: tide mark', $mended->json('recipe.undo'));
        $this->assertRefused(422, 'Say what went wrong', $this->getJson($this->url().'/wash/mishap?mishap=fire'));
        $this->assertRefused(422, 'no step "glitter"', $this->getJson($this->url().'/glitter/mishap?mishap=slip'));
    }

    public function testASpillOnANeighbourIsMendedInItsRecipe(): void
    {
        $this->signIn();
        $coat = AreaRow::query()->where('name', 'Coat')->firstOrFail();
        $lantern = AreaRow::query()->where('name', 'Lantern')->firstOrFail();
        $coat->update(['beside' => [$lantern->id]]);
        $answer = $this->getJson($this->url().'/wash/mishap?mishap=spilled-wash')->assertOk();
        $this->assertAnswers('mending', $answer);
        self::assertSame(
            [$lantern->id, [['id' => $lantern->id, 'words' => 'Lantern']]],
            [$answer->json('on'), $answer->json('neighbours')],
        );
        self::assertStringContainsString('leaves lantern', (string) $answer->json('reason'));
        self::assertSame('Brass', $answer->json('steps.0.mix_words'));
        self::assertNotSame($answer->json('reason'), $this->getJson($this->url().'/wash/mishap?mishap=spilled-wash&on=0')->json('reason'));

        $before = count((array) $this->getJson($this->url())->json('steps'));
        $mended = $this->postJson($this->url().'/wash/mishap', ['mishap' => 'spilled-wash'])->assertOk();
        self::assertSame('The repair is in the recipe of Lantern now.', $mended->json('notes.0.words'));
        self::assertCount($before, (array) $mended->json('recipe.steps'));
        self::assertContains('mend-tidy', array_column((array) $this->getJson("/api/areas/$lantern->id/recipe")->json('steps'), 'key'));
    }

    /** @param array<string, string> $b */
    #[DataProvider('comparisons')]
    public function testTwoDraftsAreSetSideBySide(array $b, bool $sameCoats): void
    {
        $this->signIn();
        $company = (int) Company::query()->value('id');
        $before = RecipeRow::query()->pluck('plan', 'id')->all();
        $black = (string) PaintRow::query()->where('name', 'Black primer')->value('id');
        $answer = $this->getJson(
            "/api/companies/$company/compare?".http_build_query(['b' => str_replace('BLACK', $black, $b)]),
        )->assertOk();
        $this->assertAnswers('compared', $answer);

        self::assertSame(
            $sameCoats,
            $answer->json('sides.0.coats') === $answer->json('sides.1.coats')
                && $answer->json('sides.0.areas') === $answer->json('sides.1.areas'),
        );
        self::assertCount(2, (array) $answer->json('sides.1.apart'));
        self::assertEquals($before, RecipeRow::query()->pluck('plan', 'id')->all(), 'comparing changes nothing');
        foreach ([0, 1] as $side) {
            self::assertGreaterThan(0, $answer->json("sides.$side.minutes"));
            self::assertSame([], $answer->json("sides.$side.missing"));
        }
    }

    /** @return iterable<string, array{array<string, string>, bool}> */
    public static function comparisons(): iterable
    {
        yield 'with itself' => [['way' => ''], true];
        yield 'layers' => [['way' => 'layers'], false];
        yield 'strong contrast' => [['contrast' => 'strong'], false];
        yield 'a dark ground' => [['ground' => 'BLACK'], false];
    }

    public function testAComparisonOfOneAreaTellsHowFarTheEndsLieApart(): void
    {
        $this->signIn();
        $company = (int) Company::query()->value('id');
        $coat = (int) AreaRow::query()->where('name', 'Coat')->value('id');
        $answer = $this->getJson(
            "/api/companies/$company/compare?".http_build_query(['area' => $coat, 'b' => ['way' => 'layers', 'contrast' => 'strong']]),
        )->assertOk();
        $this->assertAnswers('compared', $answer);

        self::assertSame($coat, $answer->json('area'));
        self::assertGreaterThan(1.0, $answer->json('sides.1.apart.0.difference.recess'));
        self::assertStringStartsWith('Per figure it takes ', (string) $answer->json('sides.1.said'));
        self::assertStringContainsString('Layers only, strong contrast', (string) $answer->json('sides.1.words'));
        $this->assertRefused(422, 'has no such area', $this->getJson("/api/companies/$company/compare?area=999999"));
    }

    /** Without being asked the page opens on what differs most; further sides stand beside it, wherever they are taken from. */
    public function testTheMostDifferentWayIsShownAndFurtherSidesFromElsewhere(): void
    {
        $this->signIn();
        $company = (int) Company::query()->value('id');
        $coat = (int) AreaRow::query()->where('name', 'Coat')->value('id');
        $lantern = (int) AreaRow::query()->where('name', 'Lantern')->value('id');
        $url = "/api/companies/$company/compare?";
        $opened = $this->getJson($url.http_build_query(['area' => $coat]))->assertOk();
        $this->assertAnswers('compared', $opened);
        $apart = static fn (TestResponse $r): float => array_sum((array) $r->json('sides.1.apart.0.difference'));
        self::assertNotSame('', $opened->json('sides.1.asked.way'));
        self::assertGreaterThan(0.0, $apart($opened), 'never the same twice');

        $three = $this->getJson($url.http_build_query(['area' => $coat, 'b' => 'most', 'c' => 'most']))->assertOk();
        self::assertNotSame($three->json('sides.1.asked.way'), $three->json('sides.2.asked.way'), 'one more is another one');

        $this->postJson('/api/book', ['area_id' => $lantern, 'name' => 'Lantern brass'])->assertOk();
        $book = (int) BookRow::query()->value('id');
        $start = (string) $opened->json('starts.0.id');
        $four = $this->getJson($url.http_build_query([
            'area' => $coat,
            'b' => ['from' => 'book:'.$book],
            'c' => ['from' => $start],
            'd' => ['told' => "basecoat: Olive\ndrybrush: Bone"],
        ]))->assertOk();
        $this->assertAnswers('compared', $four);
        self::assertSame('From the book: Lantern brass', $four->json('sides.1.words'));
        self::assertSame($start, $four->json('sides.2.asked.from'));
        self::assertSame('As it was told', $four->json('sides.3.words'));
        self::assertCount(2, (array) $four->json('sides.3.areas.0.layers'));
        $other = $this->getJson($url.http_build_query(['area' => $coat, 'b' => ['from' => 'area:'.$lantern]]))->assertOk();
        self::assertStringStartsWith('As on Lantern of ', (string) $other->json('sides.1.words'));
        $broken = $this->getJson($url.http_build_query(['area' => $coat, 'b' => ['told' => '  ', 'from' => 'area:x', 'way' => 'magic']]));
        self::assertSame('As planned', $broken->assertOk()->json('sides.1.words'), 'what is not understood is not asked');
    }

    /** An area without a recipe is counted on neither side, and said to be so. */
    public function testWhatOneSideLacksIsCountedOnNone(): void
    {
        $this->signIn();
        $company = (int) Company::query()->value('id');
        $url = "/api/companies/$company/compare?".http_build_query(['b' => ['way' => 'layers']]);
        $both = $this->getJson($url)->assertOk();
        RecipeRow::query()->where('area_id', AreaRow::query()->where('name', 'Lantern')->value('id'))->delete();
        $one = $this->getJson($url)->assertOk();
        $this->assertAnswers('compared', $one);

        self::assertContains('no recipe yet', array_column((array) $one->json('sides.0.areas'), 'refused'));
        self::assertContains('not counted', array_column((array) $one->json('sides.1.apart'), 'words'));
        foreach ([0, 1] as $side) {
            self::assertLessThan($both->json("sides.$side.minutes"), $one->json("sides.$side.minutes"));
        }
    }

    public function testTheSchemeOfATrialCanBeCompared(): void
    {
        $this->signIn();
        $company = (int) Company::query()->value('id');
        $trial = $this->postJson("/api/companies/$company/trials", ['name' => 'first try'])->json('trials.0.id');
        AreaRow::query()->where('name', 'Coat')->firstOrFail()->update(['hex' => '#2f5a7e']);
        $answer = $this->getJson("/api/companies/$company/compare?".http_build_query(['b' => ['trial' => $trial]]))->assertOk();

        self::assertStringContainsString('in the colours of first try', (string) $answer->json('sides.1.words'));
    }

    public function testTheBookKeepsFindsAppliesAndForgets(): void
    {
        $this->signIn();
        $coat = (int) AreaRow::query()->where('name', 'Coat')->value('id');
        $lantern = (int) AreaRow::query()->where('name', 'Lantern')->value('id');
        $book = $this->postJson(
            '/api/book',
            ['area_id' => $coat, 'name' => 'Ochre coat', 'tags' => ['cloth', ' coast ', ''], 'notes' => 'proved itself'],
        )->assertOk();
        $this->postJson('/api/book', ['area_id' => $lantern, 'name' => 'Brass', 'tags' => ['metal']]);
        $this->assertAnswers('book', $book);
        self::assertSame(['cloth', 'coast'], $book->json('recipes.0.tags'));
        $this->assertRefused(
            422,
            'The book has a recipe "Brass" already',
            $this->postJson('/api/book', ['area_id' => $coat, 'name' => 'Brass']),
        );
        $this->assertRefused(422, 'Give the recipe a name', $this->postJson('/api/book', ['area_id' => $coat, 'name' => '']));

        foreach ([
            ['q' => 'coast', 1],
            ['q' => 'ochre coat', 1],
            ['material' => 'metal', 1],
            ['q' => 'zebra', 0],
            ['q' => 'by relief', 2],
        ] as $case) {
            $count = array_pop($case);
            self::assertCount(
                $count,
                (array) $this->getJson('/api/book?'.http_build_query($case))->json('recipes'),
                json_encode($case) ?: '',
            );
        }
        self::assertSame('Brass', $this->getJson('/api/book?colour=%238f6f35')->json('recipes.0.name'), 'the nearest colour first');
        $id = (int) BookRow::query()->where('name', 'Ochre coat')->value('id');
        $whole = $this->getJson("/api/book/$id")->assertOk();
        $this->assertAnswers('bookRecipe', $whole);
        $recipe = $this->getJson("/api/areas/$coat/recipe");
        self::assertSame(
            $recipe->json('steps.1.thin_words'),
            $whole->json('steps.0.how'),
        );

        PaintRow::query()->where('name', 'Mustard')->update(['left_ml' => 0]);
        PaintRow::query()->where('name', 'Ochre')->update(['owned' => false]);
        $applied = $this->postJson("/api/areas/$lantern/recipe/book", ['book_id' => $id])->assertOk();
        self::assertSame([], $applied->json('recipe.totals.missing'), 'every paint is replaced by what is owned');
        self::assertNotSame([], $applied->json('changes'));
        self::assertSame('from the book: Ochre coat', $applied->json('recipe.undo'));

        $this->putJson("/api/book/$id", ['name' => 'Ochre', 'tags' => ['cloth'], 'notes' => ''])->assertOk();
        $this->assertRefused(422, 'already', $this->putJson("/api/book/$id", ['name' => 'Brass']));
        self::assertSame(1, $this->deleteJson("/api/book/$id")->assertOk()->json('total'));
    }

    private function url(): string
    {
        return '/api/areas/'.AreaRow::query()->where('name', 'Coat')->value('id').'/recipe';
    }
}
