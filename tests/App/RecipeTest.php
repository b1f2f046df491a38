<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\PaintRow;
use App\Models\RecipeRow;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;

final class RecipeTest extends TestCase
{
    public function testARecipeStandsFromTheUndercoatUp(): void
    {
        $this->signIn();
        $answer = $this->getJson($this->url())->assertOk();

        $this->assertAnswers('recipe', $answer);
        self::assertSame(['undercoat', 'basecoat', 'wash', 'layer', 'highlight'], array_column((array) $answer->json('steps'), 'key'));
        self::assertSame(['drybrush'], array_column((array) $answer->json('left_out'), 'stage'));
        self::assertSame('airbrush', $answer->json('steps.0.tool'));
        self::assertSame($answer->json('steps.0.after'), $answer->json('steps.1.before'), 'each step lies on the one before');
        self::assertSame(5, $answer->json('totals.steps'));
        self::assertSame([], $answer->json('totals.missing'));
    }

    public function testDraftingForAnotherColourAndWay(): void
    {
        $this->signIn();
        $answer = $this->postJson($this->url(), ['colour' => '#2F5A7E', 'way' => 'layers'])->assertOk();

        $this->assertAnswers('recipe', $answer);
        self::assertSame(['#2f5a7e', 'layers'], [$answer->json('colour'), $answer->json('way')]);
        self::assertSame(['undercoat', 'basecoat', 'shade', 'layer', 'highlight'], array_column((array) $answer->json('steps'), 'key'));
        self::assertSame('Blue', $answer->json('steps.1.mix_words'));
        self::assertSame('#2f5a7e', AreaRow::query()->firstOrFail()->hex, 'the colour is kept with the area');
    }

    /** The end is told on the recipe, on the figure's list and in Compare, and what is far off comes with its mend. */
    public function testWhereARecipeEndsIsToldEverywhere(): void
    {
        $this->signIn();
        $drafted = $this->postJson($this->url(), ['colour' => '#2F5A7E', 'way' => 'layers'])->assertOk();
        self::assertLessThan(6.0, $drafted->json('ending.off'));
        self::assertNull($drafted->json('ending.far'));

        $black = (int) PaintRow::query()->where('name', 'Black')->value('id');
        $this->change('layer', ['mix' => [['paint_id' => $black, 'parts' => 1]]])->assertOk();
        $dark = $this->change('basecoat', ['mix' => [['paint_id' => $black, 'parts' => 1]]])->assertOk();
        $off = $dark->json('ending.off');
        self::assertGreaterThan(6.0, $off);
        self::assertStringContainsString(sprintf('The planes come to %.1f off', $off), (string) $dark->json('ending.far'));

        $company = (int) Company::query()->value('id');
        self::assertSame($off, $this->getJson('/api/companies')->json('companies.0.areas.0.off'));
        $compared = $this->getJson("/api/companies/$company/compare")->assertOk();
        $this->assertAnswers('compared', $compared);
        self::assertSame($off, $compared->json('sides.0.areas.0.off'));
    }

    /** A fluid has no colour of its own: a step with one of the shelf is there after a reload as before. */
    public function testAFluidOfTheShelfStaysInThePlan(): void
    {
        $this->signIn();
        $this->postJson('/api/paints', [
            'name' => 'Chip Fluid', 'behaviour' => 'effect', 'purpose' => 'chipping', 'owned' => 'yes', 'form' => 'bottle',
            'bottle_ml' => '17', 'left_ml' => '10',
        ])->assertCreated();
        $version = $this->getJson($this->url())->json('version');
        $added = $this->postJson($this->url().'/edits', ['kind' => 'add', 'technique' => 'chipping-fluid', 'version' => $version]);
        self::assertContains('Chip Fluid', array_column((array) $added->assertOk()->json('steps'), 'mix_words'));

        self::assertContains('Chip Fluid', array_column((array) $this->getJson($this->url())->json('steps'), 'mix_words'));
        $later = $this->postJson($this->url().'/edits', [
            'kind' => 'add', 'technique' => 'layer', 'colour' => '#aa3322', 'version' => $added->json('version'),
        ])->assertOk();
        self::assertContains('Chip Fluid', array_column((array) $later->json('steps'), 'mix_words'), 'and after the next step is added');
    }

    public function testTheFavouredWayIsTakenWhereNoneIsAskedFor(): void
    {
        $painter = $this->signIn();
        $painter->update(['way' => 'drybrush']);

        self::assertContains(
            'drybrush',
            array_column((array) $this->postJson($this->url(), ['colour' => '#9c7d34'])->json('steps'), 'key'),
        );
    }

    public function testEachChangeAnswersWithTheNewPrediction(): void
    {
        $this->signIn();
        $before = $this->getJson($this->url())->json('steps.1');
        $coats = $this->change('basecoat', ['coats' => 5])->assertOk();
        self::assertSame([5, true], [$coats->json('steps.1.coats'), $coats->json('steps.1.coats_own')]);
        self::assertNotSame($before['after'], $coats->json('steps.1.after'));
        self::assertSame($before['coats'], $this->change('basecoat', ['coats' => 0])->json('steps.1.coats'));

        $thin = $this->change('basecoat', ['thin' => '1:6'])->assertOk();
        self::assertGreaterThan($before['coats'], $thin->json('steps.1.coats'));
        self::assertNotSame($before['reasons'], $thin->json('steps.1.reasons'));

        $blue = PaintRow::query()->where('name', 'Blue')->value('id');
        $bone = PaintRow::query()->where('name', 'Bone')->value('id');
        $mix = $this->change('basecoat', ['mix' => [['paint_id' => $blue, 'parts' => 4], ['paint_id' => $bone, 'parts' => 2]]])->assertOk();
        self::assertSame('2 drops Blue, 1 drop Bone', $mix->json('steps.1.mix_words'));
        self::assertStringContainsString('Your own choice', implode(' ', (array) $mix->json('steps.1.reasons')));
        $this->assertAnswers('recipe', $mix);
    }

    public function testChangesAreStillThereLater(): void
    {
        $this->signIn();
        $this->change('layer', ['coats' => 4, 'thin' => '1:2']);
        $this->change('highlight', ['omitted' => true]);
        $later = $this->getJson($this->url());

        self::assertSame([4, '1:2'], [$later->json('steps.3.coats'), $later->json('steps.3.thin')]);
        self::assertTrue($later->json('steps.4.omitted'));
        self::assertSame($later->json('steps.3.after'), $later->json('steps.4.after'));
        self::assertSame(4, $later->json('totals.steps'));
        self::assertSame($later->json('steps.3.after.ridge'), $later->json('area.strip.3'), 'the small drawing follows');
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('badChanges')]
    public function testABadChangeIsRefusedAndNothingChanges(string $step, array $change, string $sentence): void
    {
        $this->signIn();
        $before = RecipeRow::query()->firstOrFail()->plan;
        $this->assertRefused(422, $sentence, $this->change($step, $change));

        self::assertSame($before, RecipeRow::query()->firstOrFail()->plan);
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function badChanges(): iterable
    {
        yield 'negative coats' => ['basecoat', ['coats' => -2], '-2 coats cannot be planned'];
        yield 'too many coats' => ['basecoat', ['coats' => 50], '50 coats cannot be planned'];
        yield 'half a coat' => ['basecoat', ['coats' => 1.5], 'Coats are a whole number'];
        yield 'words for a ratio' => ['basecoat', ['thin' => 'milk'], '"milk" is not a thinning'];
        yield 'no paint in a ratio' => ['basecoat', ['thin' => '0:3'], '"0:3" is not a thinning'];
        yield 'no parts' => ['basecoat', ['mix' => [['paint_id' => 1, 'parts' => 0]]], 'Parts are whole numbers'];
        yield 'an empty mix' => ['basecoat', ['mix' => []], 'A mix names 1 to 4 paints'];
        yield 'an unknown paint' => ['basecoat', ['mix' => [['paint_id' => 999999, 'parts' => 1]]], 'Paint 999999 is not on this shelf'];
        yield 'an unknown step' => ['glitter', ['coats' => 2], 'This recipe has no step "glitter"'];
    }

    public function testAPaintWithoutColourCannotBePlanned(): void
    {
        $this->signIn();
        $varnish = PaintRow::query()->where('name', 'Matt varnish')->value('id');

        $this->assertRefused(
            422,
            'Matt varnish has no colour',
            $this->change('basecoat', ['mix' => [['paint_id' => $varnish, 'parts' => 1]]]),
        );
    }

    #[DataProvider('badColours')]
    public function testABadColourIsRefused(string $colour, string $sentence): void
    {
        $this->signIn();
        $this->assertRefused(422, $sentence, $this->postJson($this->url(), ['colour' => $colour]));
        self::assertSame('#9c7d34', AreaRow::query()->firstOrFail()->hex);
    }

    /** @return iterable<array{string, string}> */
    public static function badColours(): iterable
    {
        yield ['#12', '"#12" is not a colour'];
        yield ['brown', '"brown" is not a colour'];
        yield ['', 'colour'];
    }

    public function testAnEmptyShelfSaysWhatToDo(): void
    {
        $this->signIn();
        PaintRow::query()->delete();

        $this->assertRefused(422, 'add a few paints first', $this->postJson($this->url(), ['colour' => '#9c7d34']));
        $steps = (array) $this->getJson($this->url())->assertOk()->json('steps');
        self::assertSame(
            [5, false],
            [count($steps), in_array(true, array_column(array_slice($steps, 1), 'at_hand'), true)],
            'taken off the shelf: planned, but not in stock',
        );
        PaintRow::withTrashed()->forceDelete();
        self::assertCount(1, (array) $this->getJson($this->url())->assertOk()->json('steps'), 'the undercoat alone is left');
    }

    public function testTheShelfAnswersWithRankedAlternatives(): void
    {
        $this->signIn();
        $match = $this->getJson($this->url().'/basecoat')->assertOk();
        $this->assertAnswers('alternatives', $match);
        self::assertSame('match', $match->json('kind'));
        $expected = array_column((array) $match->json('pairs'), 'expected');
        $sorted = $expected;
        sort($sorted);
        self::assertSame($sorted, $expected);
        $wash = $this->getJson($this->url().'/wash')->assertOk();
        $this->assertAnswers('alternatives', $wash);
        self::assertSame('shade', $wash->json('kind'));
        self::assertCount(1, array_filter(array_column((array) $wash->json('singles'), 'current')));
        $this->assertRefused(422, 'no step', $this->getJson($this->url().'/glitter'));
    }

    public function testTakingAnAlternativeMakesItTheOneThatIsTaken(): void
    {
        $this->signIn();
        $offer = $this->getJson($this->url().'/layer')->json('pairs.1');
        $parts = array_map(static fn (array $p): array => ['paint_id' => $p['paint_id'], 'parts' => $p['parts']], $offer['mix']);
        $taken = $this->change('layer', ['mix' => $parts])->assertOk();

        self::assertSame($offer['mix_words'], $taken->json('steps.3.mix_words'));
        self::assertEqualsWithDelta($offer['difference'], $taken->json('steps.3.difference'), 0.01);
        self::assertSame($offer['look'], $taken->json('steps.3.colour'));
    }

    public function testAnotherUndercoatCountsForTheWholeCompany(): void
    {
        $this->signIn();
        $grounds = $this->getJson($this->url().'/undercoat')->assertOk();
        $this->assertAnswers('alternatives', $grounds);
        self::assertCount(3, (array) $grounds->json('grounds'));
        $black = PaintRow::query()->where('name', 'Black primer')->value('id');
        $company = (int) Company::query()->value('id');
        $this->postJson("/api/companies/$company/undercoat/edits", ['key' => 'undercoat', 'mix' => [['paint_id' => $black]]])->assertOk();

        foreach (AreaRow::query()->get() as $area) {
            $recipe = $this->getJson('/api/areas/'.$area->id.'/recipe');
            self::assertSame('Black primer', $recipe->json('steps.0.mix_words'));
            self::assertSame('#1b1b1b', $recipe->json('area.strip.0'));
            self::assertStringContainsString('Black primer is your own choice', implode(' ', (array) $recipe->json('steps.0.reasons')));
        }
    }

    #[DataProvider('equipment')]
    public function testEquipmentBoundsTheUndercoat(bool $airbrush, bool $cans, string $tool, string $never): void
    {
        $painter = $this->signIn();
        $painter->update(['airbrush' => $airbrush, 'spray_cans' => $cans]);
        // Who sprays from cans has primers in them: what is in a bottle would be brushed.
        $painter->paints()->where('behaviour', 'primer')->get()
            ->each(static fn (PaintRow $p) => $p->update(['form' => $cans ? 'spray can' : 'bottle']));
        $answer = $this->getJson($this->url())->assertOk();

        self::assertSame($tool, $answer->json('steps.0.tool'));
        foreach ((array) $answer->json('steps') as $step) {
            self::assertNotSame($never, $step['tool']);
        }
    }

    /** @return iterable<string, array{bool, bool, string, string}> */
    public static function equipment(): iterable
    {
        yield 'an airbrush' => [true, false, 'airbrush', 'spray can'];
        yield 'spray cans' => [false, true, 'spray can', 'airbrush'];
        yield 'neither' => [false, false, 'large brush', 'airbrush'];
    }

    public function testAPaintThatRanDryIsNamed(): void
    {
        $this->signIn();
        $name = (string) $this->getJson($this->url())->json('steps.1.mix.0.name');
        PaintRow::query()->where('name', $name)->update(['left_ml' => 0]);
        $answer = $this->getJson($this->url());

        self::assertContains($name, (array) $answer->json('totals.missing'));
        self::assertFalse($answer->json('steps.1.at_hand'));
    }

    public function testMetalIsPaintedWithAMetallicPot(): void
    {
        $this->signIn();
        $lantern = AreaRow::query()->where('name', 'Lantern')->firstOrFail();
        $answer = $this->getJson('/api/areas/'.$lantern->id.'/recipe')->assertOk();

        self::assertSame('metal basecoat', $answer->json('steps.1.technique'));
        self::assertSame('Brass', $answer->json('steps.1.mix_words'));
        self::assertSame('the brush kept for metal', $answer->json('steps.1.tool'));
    }

    public function testTheAdviceFollowsTheColoursUntilTheGroundIsPainted(): void
    {
        $this->signIn();
        $reason = fn (): string => implode(' ', (array) $this->getJson($this->url())->json('steps.0.reasons'));
        $before = $reason();
        $this->postJson($this->url(), ['colour' => '#f0b42c'])->assertOk();
        self::assertNotSame($before, $reason());
        $company = (int) Company::query()->value('id');
        $this->postJson(
            "/api/companies/$company/records",
            ['step' => 'undercoat', 'stage' => 'undercoat', 'figures' => [1, 2], 'real' => ['mix' => []]],
        )->assertOk();
        $ground = $this->getJson($this->url())->json('steps.0.mix_words');
        $this->postJson($this->url(), ['colour' => '#1d1c1b'])->assertOk();

        self::assertSame($ground, $this->getJson($this->url())->json('steps.0.mix_words'));
        self::assertStringContainsString('It is on 2 of 3 figures already', $reason());
    }

    public function testAPaintThatGetsAnotherColourChangesWhatIsPredicted(): void
    {
        $this->signIn();
        $before = $this->getJson($this->url());
        $paint = PaintRow::query()->findOrFail($before->json('steps.3.mix.0.paint_id'));
        $this->putJson(
            '/api/paints/'.$paint->id,
            ['name' => $paint->name, 'line' => $paint->line, 'behaviour' => 'opaque', 'colour' => '#2f5a7e', 'left_ml' => '5'],
        )->assertOk();
        $after = $this->getJson($this->url());

        self::assertNotSame($before->json('steps.3.after.plane'), $after->json('steps.3.after.plane'));
        self::assertSame($after->json('steps.4.after.plane'), $after->json('area.strip.2'), 'the small drawing follows');
    }

    public function testARecipeTellsWhenItsAreaHasChangedSince(): void
    {
        $this->signIn();
        self::assertNull($this->getJson($this->url())->json('outdated'));
        $company = $this->getJson('/api/companies')->json('companies.0');
        $company['areas'][0]['relief'] = 'broad';
        $this->putJson('/api/companies/'.$company['id'], $company)->assertOk();

        self::assertSame(
            'Coat has changed since this recipe was drafted: its relief was tight folds and is broad, smooth folds now.',
            $this->getJson($this->url())->json('outdated'),
        );
        self::assertNull($this->postJson($this->url(), ['colour' => '#9c7d34'])->json('outdated'));
    }

    public function testTheUndercoatIsAdvisedForTheColoursOfTheCompany(): void
    {
        $this->signIn();
        $reason = (string) (Company::query()->firstOrFail()->undercoat['reason'] ?? '');

        self::assertMatchesRegularExpression('/^\w+ primer: \d+ min a figure for undercoat and base coats over \d areas?/', $reason);
    }

    private function url(): string
    {
        return '/api/areas/'.AreaRow::query()->where('name', 'Coat')->value('id').'/recipe';
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return TestResponse<Response>
     */
    private function change(string $step, array $change): TestResponse
    {
        return $this->changeStep((int) AreaRow::query()->where('name', 'Coat')->value('id'), $step, $change);
    }
}
