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

/** Working on a recipe: every kind of edit, undo and redo, and two windows on one recipe. */
final class RecipeEditsTest extends TestCase
{
    public function testTheVocabularyListsWhatTheEquipmentAllows(): void
    {
        $painter = $this->signIn();
        $all = $this->getJson('/api/recipe/vocabulary')->assertOk();
        $this->assertAnswers('recipeVocabulary', $all);
        self::assertContains('enamel-wash', array_column((array) $all->json('techniques'), 'id'));
        $painter->update(['airbrush' => false, 'solvents' => false]);
        $some = array_column((array) $this->getJson('/api/recipe/vocabulary')->json('techniques'), 'id');

        self::assertSame([], array_intersect(['airbrush-coat', 'airbrush-fade', 'enamel-wash', 'oil-wash', 'wiping'], $some));
        self::assertNotContains('airbrush', array_column((array) $this->getJson('/api/recipe/vocabulary')->json('ways'), 'id'));
    }

    public function testStepsAreAddedMovedMergedLoopedAndDropped(): void
    {
        $this->signIn();
        $added = $this->edit(['kind' => 'add', 'technique' => 'glaze', 'after' => 'layer'])->assertOk();
        $this->assertAnswers('recipe', $added);
        self::assertSame(['undercoat', 'basecoat', 'wash', 'layer', 'glaze', 'highlight'], $this->keys($added));
        self::assertStringContainsString('You added this step.', implode(' ', (array) $added->json('steps.4.reasons')));

        $moved = $this->edit(['kind' => 'move', 'key' => 'glaze', 'to' => 4])->assertOk();
        self::assertSame(['undercoat', 'basecoat', 'wash', 'layer', 'highlight', 'glaze'], $this->keys($moved));
        $looped = $this->edit(['kind' => 'loop', 'key' => 'glaze', 'from' => 'highlight', 'rounds' => 3])->assertOk();
        self::assertSame([1, 1, 1, 1, 3, 3], array_column((array) $looped->json('steps'), 'rounds'));
        $this->edit(['kind' => 'loop', 'key' => 'glaze', 'from' => 'glaze', 'rounds' => 1]);
        self::assertSame(
            ['undercoat', 'basecoat', 'wash', 'layer', 'highlight'],
            $this->keys($this->edit(['kind' => 'drop', 'key' => 'glaze'])),
        );
        $this->edit(['kind' => 'add', 'technique' => 'layer', 'after' => 'layer']);
        self::assertSame(
            ['undercoat', 'basecoat', 'wash', 'layer', 'highlight'],
            $this->keys($this->edit(['kind' => 'merge', 'key' => 'layer'])),
        );
    }

    public function testTwoTonesAreGlazedIntoOneAnother(): void
    {
        $this->signIn();
        $asked = $this->getJson($this->url().'/layer/joins')->assertOk();
        $this->assertAnswers('joins', $asked);
        $join = array_column((array) $asked->json('joins'), null, 'key')['highlight'];
        self::assertEqualsCanonicalizing(['one', 'other', 'both'], array_column($join['ways'], 'by'));
        $ways = array_column($join['ways'], null, 'by');
        $before = $this->keys($this->getJson($this->url()));

        $both = $this->edit(['kind' => 'join', 'key' => 'layer', 'other' => 'highlight', 'by' => 'both'])->assertOk();
        $this->assertAnswers('recipe', $both);
        self::assertSame([...$before, 'glaze', 'glaze-2'], $this->keys($both));
        $coats = array_column((array) $both->json('steps'), 'coats', 'key');
        self::assertSame($ways['both']['layers'], $coats['glaze'] + $coats['glaze-2']);
        self::assertStringContainsString('further back', (string) array_column((array) $both->json('steps'), 'note', 'key')['glaze']);
        self::assertSame('joined layer and feathered layer', $both->json('undo'));
        $this->postJson($this->url().'/undo', ['version' => $both->json('version')])->assertOk();
        self::assertSame($before, $this->keys($this->getJson($this->url())), 'one undo takes both back');

        $this->assertRefused(422, 'can be joined by glazes', $this->edit([
            'kind' => 'join', 'key' => 'layer', 'other' => 'wash', 'by' => 'one',
        ]));
        $this->assertRefused(422, 'by', $this->edit(['kind' => 'join', 'key' => 'layer', 'other' => 'highlight', 'by' => 'hand']));
    }

    /** Whatever the page prints of a thinning its field takes, and nothing moves. */
    public function testWhatIsPrintedOfAThinningIsTaken(): void
    {
        $this->signIn();
        $this->pot('Glaze Medium', 'medium');
        $this->edit(['kind' => 'add', 'technique' => 'glaze', 'after' => 'layer'])->assertOk();
        $this->edit(['kind' => 'change', 'key' => 'highlight', 'thin' => 'open'])->assertOk();
        $page = $this->edit(['kind' => 'change', 'key' => 'glaze', 'thin' => '1:6 with Glaze Medium'])->assertOk();
        $printed = array_column((array) $page->json('steps'), 'thin_words', 'key');

        self::assertSame('1:6 with Glaze Medium', $printed['glaze']);
        self::assertStringStartsWith('thinning not said; usually', $printed['highlight']);
        foreach (array_diff_key(array_filter($printed), ['undercoat' => true]) as $key => $words) {
            $after = $this->edit(['kind' => 'change', 'key' => $key, 'thin' => $words])->assertOk();
            self::assertSame($printed, array_column((array) $after->json('steps'), 'thin_words', 'key'), $words);
        }
        $this->edit(['kind' => 'change', 'key' => 'layer', 'thin' => '1:1 with water'])->assertOk();
    }

    /** The pot a step is thinned with is known by its number: another name is told everywhere, and one that is gone keeps its name. */
    public function testAPotOfMediumMayChangeItsName(): void
    {
        $this->signIn();
        $pot = $this->pot('Glaze Medium', 'medium');
        $this->edit(['kind' => 'change', 'key' => 'layer', 'thin' => '1:2 with Glaze Medium'])->assertOk();
        $pot->update(['name' => 'Slow Glaze']);
        $words = fn (): string => array_column((array) $this->getJson($this->url())->json('steps'), 'thin_words', 'key')['layer'];
        self::assertSame('1:2 with Slow Glaze', $words());
        $pot->delete();
        self::assertSame(['1:2 with Slow Glaze'], [$words()], 'it stays in the plan');
    }

    private function pot(string $name, string $behaviour): PaintRow
    {
        $this->postJson('/api/paints', ['name' => $name, 'behaviour' => $behaviour])->assertSuccessful();

        return PaintRow::query()->where('name', $name)->firstOrFail();
    }

    public function testAnEditChangesWhatIsPredictedAboveIt(): void
    {
        $this->signIn();
        $before = $this->getJson($this->url());
        $after = $this->edit(['kind' => 'add', 'technique' => 'drybrush', 'after' => null, 'colour' => '#f3f1ea'])->assertOk();
        $at = array_search('drybrush', $this->keys($after), true);

        self::assertNotFalse($at);
        self::assertNotSame($after->json("steps.$at.before.ridge"), $after->json("steps.$at.after.ridge"));
        self::assertNotSame($before->json('totals.minutes'), $after->json('totals.minutes'));
        self::assertSame($after->json('steps.'.(count((array) $after->json('steps')) - 1).'.after.ridge'), $after->json('area.strip.3'));
    }

    public function testEveryFieldOfAStepCanBeChanged(): void
    {
        $this->signIn();
        $answer = $this->edit([
            'kind' => 'change',
            'key' => 'layer',
            'place' => ['face' => 'ridge', 'part' => 'upper parts', 'light' => 'from above', 'share' => 0.5],
            'who' => 'leaders', 'level' => 'showpiece', 'note' => 'slowly', 'thin' => '60 % water',
            'coats' => 3, 'tool' => 'detail-brush', 'with' => 'medium',
        ])->assertOk();
        $step = $answer->json('steps.3');

        self::assertEquals(['face' => 'ridge', 'part' => 'upper parts', 'light' => 'from above', 'share' => 50], $step['place_set']);
        self::assertEquals(
            ['face' => '', 'part' => '', 'light' => '', 'share' => 100],
            $answer->json('steps.1.place_set'),
            'where it is as usual',
        );
        self::assertSame(
            ['ridges only, upper parts, light from above, 50 % of it', 'leaders', 'showpiece', 'slowly', '2:3', 3, 'medium'],
            [$step['place'], $step['who'], $step['level'], $step['note'], $step['thin'], $step['coats'], $step['thinned_with']],
        );
        self::assertStringContainsString('detail', $step['tool']);
        $open = $this->edit(
            [
                'kind' => 'change',
                'key' => 'layer',
                'mix' => [['paint_id' => $this->paint('Ochre'), 'parts' => 2], ['paint_id' => $this->paint('Bone'), 'parts' => null]],
            ],
        )->assertOk();
        self::assertSame(['Bone'], $open->json('steps.3.open'));
        self::assertNull($open->json('steps.3.amount'), 'what is not known is not counted in drops');
        self::assertMatchesRegularExpression(
            '/The amount of Bone was left open.*moves by \d/',
            implode(' ', (array) $open->json('steps.3.reasons')),
        );
        self::assertGreaterThan($step['certainty'], $open->json('steps.3.certainty'));
    }

    /** Shade and light meet at once when the step is added; another second colour, a half of the area, one colour alone. */
    public function testTwoColoursMeetInAWetBlend(): void
    {
        $this->signIn();
        $added = $this->edit(['kind' => 'add', 'technique' => 'wet-blend', 'after' => 'wash'])->assertOk();
        $this->assertAnswers('recipe', $added);
        $step = (array) $added->json('steps.3');
        self::assertSame('wet-blend', $step['key']);
        self::assertCount(1, array_filter((array) $step['reasons'], static fn (string $r): bool => str_contains($r, 'stays wet for')));
        self::assertNotEmpty($step['meets']);
        self::assertStringContainsString(' meeting ', $step['mix_words']);

        $bone = $this->paint('Bone');
        $changed = $this->edit([
            'kind' => 'change', 'key' => 'wet-blend', 'meets' => [['paint_id' => $bone, 'parts' => 2]],
            'place' => ['face' => null, 'part' => 'the left', 'light' => '', 'percent' => 100],
        ])->assertOk();
        self::assertSame([$bone], array_column((array) $changed->json('steps.3.meets'), 'paint_id'));
        self::assertNotNull($changed->json('steps.3.zone'));
        self::assertNotEmpty($changed->json('steps.3.amount.meets.drops'));

        $file = $this->getJson($this->url().'/file?as=json')->assertOk();
        self::assertStringContainsString('"meets"', (string) $file->getContent());
        $card = (string) $this->get(str_replace('/recipe', '/card', $this->url()))->assertOk()->getContent();
        self::assertStringContainsString('meeting', $card);
        $alone = $this->edit(['kind' => 'change', 'key' => 'wet-blend', 'meets' => []])->assertOk();
        self::assertSame([], $alone->json('steps.3.meets'));
        $this->edit(['kind' => 'change', 'key' => 'layer', 'meets' => [['paint_id' => $bone, 'parts' => 1]]])
            ->assertStatus(422)
            ->assertJsonPath('message', 'A second colour meets the first in a wet blend only, not in a layer.');
    }

    public function testUndoAndRedoGoThroughAllThatWasDone(): void
    {
        $this->signIn();
        $first = $this->getJson($this->url());
        $this->edit(['kind' => 'change', 'key' => 'basecoat', 'coats' => 5]);
        $second = $this->edit(['kind' => 'drop', 'key' => 'wash']);
        self::assertSame('dropped wash all over', $second->json('undo'));

        $undone = $this->send('undo')->assertOk();
        self::assertSame(
            [5, 'coats of basecoat', 'dropped wash all over'],
            [$undone->json('steps.1.coats'), $undone->json('undo'), $undone->json('redo')],
        );
        $start = $this->send('undo')->assertOk();
        self::assertSame($first->json('steps'), $start->json('steps'));
        $this->assertRefused(422, 'There is nothing to undo.', $this->send('undo'));
        $this->send('redo');
        self::assertSame($second->json('steps'), $this->send('redo')->json('steps'));
        $this->assertRefused(422, 'There is nothing to redo.', $this->send('redo'));

        $this->send('undo');
        $other = $this->edit(['kind' => 'change', 'key' => 'wash', 'coats' => 2])->assertOk();
        self::assertNull($other->json('redo'), 'a new edit ends what could be redone');
    }

    public function testADraftAnewCanBeUndone(): void
    {
        $this->signIn();
        $this->edit(['kind' => 'change', 'key' => 'basecoat', 'coats' => 4]);
        $this->postJson($this->url(), ['colour' => '#2f5a7e', 'way' => 'layers'])->assertOk();
        $back = $this->send('undo')->assertOk();

        self::assertSame(['#9c7d34', 'mixed', 4], [$back->json('colour'), $back->json('way'), $back->json('steps.1.coats')]);
        self::assertSame('#9c7d34', AreaRow::query()->where('name', 'Coat')->value('hex'));
    }

    public function testAHardRuleIsRefusedAndNothingChanges(): void
    {
        $this->signIn();
        foreach (['gloss-varnish', 'marking', 'softener'] as $technique) {
            $this->edit(['kind' => 'add', 'technique' => $technique])->assertOk();
        }
        $before = RecipeRow::query()->firstOrFail()->plan;
        $this->assertRefused(422, 'That cannot be: marking', $this->edit(['kind' => 'move', 'key' => 'softener', 'to' => 5]));
        self::assertSame($before, RecipeRow::query()->firstOrFail()->plan);
    }

    /** Edges first is a way of painting: it is marked with which way round can be undone, and set aside. */
    public function testAStrongRuleIsMarkedAndSetAside(): void
    {
        $this->signIn();
        $moved = $this->edit(['kind' => 'move', 'key' => 'wash', 'to' => 3])->assertOk();
        $marks = static fn (TestResponse $r): array => array_column(
            array_merge(...array_column((array) $r->json('steps'), 'marks')),
            null,
            'id',
        );
        $mark = $marks($moved)['order.shade@wash'];

        self::assertFalse($mark['hard']);
        self::assertStringContainsString('easier to add than to remove', $mark['sentence']);
        $own = $this->edit(['kind' => 'overrule', 'rule' => 'order.shade@wash', 'on' => true])->assertOk();
        self::assertTrue($marks($own)['order.shade@wash']['overruled']);
    }

    public function testASoftRuleIsMarkedOverruledAndHeardAgain(): void
    {
        $this->signIn();
        $marked = $this->edit(['kind' => 'change', 'key' => 'layer', 'thin' => '1:5'])->assertOk();
        $mark = $marked->json('steps.3.marks.0');
        self::assertSame(['thin.range@layer', false, false], [$mark['id'], $mark['hard'], $mark['overruled']]);
        self::assertStringContainsString('1:5 is thinner than usual', $mark['sentence']);

        self::assertTrue(
            $this->edit(['kind' => 'overrule', 'rule' => 'thin.range@layer', 'on' => true])->json('steps.3.marks.0.overruled'),
        );
        self::assertTrue(
            $this->edit(['kind' => 'change', 'key' => 'basecoat', 'coats' => 2])->json('steps.3.marks.0.overruled'),
            'it is remembered',
        );
        self::assertFalse(
            $this->edit(['kind' => 'overrule', 'rule' => 'thin.range@layer', 'on' => false])->json('steps.3.marks.0.overruled'),
        );
    }

    public function testAnEditOnAStaleVersionIsKeptAsideAndDoesNotOverwrite(): void
    {
        $this->signIn();
        $seen = (int) $this->edit(['kind' => 'change', 'key' => 'basecoat', 'coats' => 3])->json('version');
        $one = $this->edit(['kind' => 'change', 'key' => 'layer', 'coats' => 4, 'version' => $seen])->assertOk();
        $other = $this->edit(['kind' => 'drop', 'key' => 'wash', 'version' => $seen])->assertStatus(202);
        $this->assertAnswers('recipe', $other);

        self::assertSame($one->json('steps'), $other->json('steps'), 'the newer state stands');
        self::assertSame('dropped wash all over', $other->json('aside.0.words'));
        self::assertNotContains('wash all over', array_column((array) $other->json('aside.0.layers'), 'technique'));
        self::assertContains('wash all over', array_column((array) $other->json('steps'), 'technique'));

        $id = $other->json('aside.0.id');
        $kept = $this->postJson($this->url()."/aside/$id", ['take' => false])->assertOk();
        self::assertSame([[], $one->json('steps')], [$kept->json('aside'), $kept->json('steps')]);
        $this->edit(['kind' => 'drop', 'key' => 'wash', 'version' => $seen])->assertStatus(202);
        $id = $this->getJson($this->url())->json('aside.0.id');
        $taken = $this->postJson($this->url()."/aside/$id", ['take' => true])->assertOk();
        self::assertNotContains('wash', $this->keys($taken));
        self::assertSame(3, $taken->json('steps.1.coats'), 'what was there when the other window began is there');
        self::assertSame($one->json('steps'), $this->send('undo')->json('steps'), 'and taking it can be undone');
    }

    public function testTwoWindowsOnAnUntouchedRecipe(): void
    {
        $this->signIn();
        $version = $this->getJson($this->url())->json('version');
        $this->edit(['kind' => 'change', 'key' => 'layer', 'coats' => 4, 'version' => $version])->assertOk();

        self::assertSame(
            'coats of basecoat',
            $this->edit(['kind' => 'change', 'key' => 'basecoat', 'coats' => 6, 'version' => $version])
                ->assertStatus(202)->json('aside.0.words'),
        );
        self::assertNotSame(6, $this->getJson($this->url())->json('steps.1.coats'));
    }

    public function testADraftAnUndoAndALinkOnAStaleVersionDoNotOverwrite(): void
    {
        $this->signIn();
        $seen = (int) $this->edit(['kind' => 'change', 'key' => 'basecoat', 'coats' => 3])->json('version');
        $one = $this->edit(['kind' => 'change', 'key' => 'layer', 'coats' => 4, 'version' => $seen])->assertOk();

        $draft = $this->postJson($this->url(), ['colour' => '#2f5a7e', 'way' => 'layers', 'version' => $seen])->assertStatus(202);
        self::assertSame([$one->json('steps'), '#9c7d34'], [$draft->json('steps'), $draft->json('colour')]);
        self::assertSame('drafted layers only', $draft->json('aside.0.words'));
        self::assertSame('#9c7d34', AreaRow::query()->where('name', 'Coat')->value('hex'));

        $lantern = AreaRow::query()->where('name', 'Lantern')->value('id');
        foreach (['undo' => [], 'redo' => [], 'follow' => ['area_id' => $lantern]] as $what => $data) {
            $this->assertRefused(
                422,
                'Another window has changed this recipe meanwhile',
                $this->postJson($this->url()."/$what", $data + ['version' => $seen]),
            );
        }
        $told = $this->postJson($this->url().'/told', ['text' => 'drybrush: Ochre', 'version' => $seen])->assertOk();
        self::assertSame($one->json('steps'), $told->json('recipe.steps'));
        self::assertSame(['drafted layers only', 'written down as told'], array_column((array) $told->json('recipe.aside'), 'words'));
    }

    /** @param array<string, mixed> $edit */
    #[DataProvider('bad')]
    public function testABadEditIsRefusedInASentence(array $edit, string $sentence): void
    {
        $this->signIn();
        $before = RecipeRow::query()->firstOrFail()->plan;
        $this->assertRefused(422, $sentence, $this->edit($edit));
        self::assertSame($before, RecipeRow::query()->firstOrFail()->plan);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        yield 'no kind' => [['key' => 'layer'], 'A recipe is changed by'];
        yield 'an odd kind' => [['kind' => 'explode', 'key' => 'layer'], 'A recipe is changed by'];
        yield 'an unknown technique' => [['kind' => 'add', 'technique' => 'glitter'], 'Choose what kind of step to add.'];
        yield 'a second undercoat' => [['kind' => 'add', 'technique' => 'undercoat'], 'belongs to the whole figure'];
        yield 'behind nothing' => [['kind' => 'add', 'technique' => 'glaze', 'after' => 'nowhere'], 'This recipe has no step "nowhere"'];
        yield 'a place far away' => [['kind' => 'move', 'key' => 'layer', 'to' => 99], 'There is no place 100'];
        yield 'too many rounds' => [['kind' => 'loop', 'key' => 'layer', 'from' => 'wash', 'rounds' => 40], 'A loop has 1 to 9 rounds'];
        yield 'a loop backward' => [
            ['kind' => 'loop', 'key' => 'wash', 'from' => 'layer', 'rounds' => 2],
            'A loop goes from an earlier step',
        ];
        yield 'nothing to merge' => [['kind' => 'merge', 'key' => 'highlight'], 'there is none to merge it with'];
        yield 'a share of nothing' => [
            ['kind' => 'change', 'key' => 'layer', 'place' => ['share' => 0]],
            'The share of a place is more than 0',
        ];
        yield 'an odd place' => [['kind' => 'change', 'key' => 'layer', 'place' => ['part' => 'the moon']], 'That is no place on an area'];
        yield 'a foreign paint' => [
            ['kind' => 'change', 'key' => 'layer', 'mix' => [['paint_id' => 999999, 'parts' => 1]]],
            'Paint 999999 is not on this shelf',
        ];
        yield 'half a coat' => [['kind' => 'change', 'key' => 'layer', 'coats' => 1.5], 'Coats are a whole number'];
        yield 'a long note' => [['kind' => 'change', 'key' => 'layer', 'note' => str_repeat('x', 401)], 'A note has at most 400 letters'];
        yield 'nonsense to thin' => [['kind' => 'change', 'key' => 'layer', 'thin' => 'very'], 'is not a thinning'];
    }

    public function testAnAreaWithoutARecipeSaysSo(): void
    {
        $this->signIn();
        RecipeRow::query()->delete();

        $this->assertRefused(422, 'Coat has no recipe yet: draft one first.', $this->edit(['kind' => 'drop', 'key' => 'layer']));
        $this->assertRefused(422, 'Coat has no recipe yet', $this->send('undo'));
    }

    public function testDraftingTakesWishesAndStarts(): void
    {
        $this->signIn();
        $soft = $this->postJson(
            $this->url(),
            ['colour' => '#9c7d34', 'contrast' => 'soft', 'light' => 'bone', 'shade' => 'cold', 'mixed' => true],
        )->assertOk();
        self::assertSame(
            [
                'contrast' => 'soft', 'light' => 'bone', 'shade' => 'cold', 'mixed' => true, 'insist' => false,
                'shades' => null, 'highlights' => null, 'finish' => 'finished', 'glazed' => false,
            ],
            $soft->json('options'),
        );
        $glazed = $this->postJson($this->url(), ['colour' => '#9c7d34', 'way' => 'glazes', 'glazed' => true])->assertOk();
        self::assertTrue($glazed->json('options.glazed'));
        self::assertTrue($this->getJson($this->url())->json('options.glazed'), 'kept');
        self::assertNotContains('feathered-layer', array_column((array) $glazed->json('steps'), 'technique_id'));
        self::assertStringContainsString('Rung ', implode(' ', (array) $soft->json('steps.1.reasons')));
        $strong = $this->postJson($this->url(), ['colour' => '#9c7d34', 'contrast' => 'strong'])->assertOk();
        self::assertNotSame($soft->json('area.strip'), $strong->json('area.strip'));
        $fire = $this->postJson($this->url(), ['colour' => '#a82a20', 'start' => 'red-fire'])->assertOk();
        self::assertStringContainsString('Red of fire', implode(' ', (array) $fire->json('findings')));
        $more = $this->postJson($this->url(), ['colour' => '#a82a20', 'start' => 'weathering'])->assertOk();
        self::assertSame(
            $this->keys($fire),
            array_slice($this->keys($more), 0, count($this->keys($fire))),
            'a start that only adds keeps what is there',
        );
        $this->assertRefused(
            422,
            'There is no start "glitter"',
            $this->postJson($this->url(), ['colour' => '#a82a20', 'start' => 'glitter']),
        );
    }

    /** What is shown before drafting is what is then drafted, in every wish, and showing it keeps nothing. */
    public function testWhatIsShownBeforeDraftingIsThenDrafted(): void
    {
        $this->signIn();
        $area = AreaRow::query()->where('name', 'Coat')->value('id');
        $painted = static fn (TestResponse $r): array => array_map(
            static fn (array $s): array => [$s['key'], $s['technique'] ?? '', $s['mix_words'], $s['coats'], $s['after']],
            array_values(array_filter((array) $r->json('steps'), static fn (array $s): bool => !($s['of_figure'] ?? false))),
        );
        $wishes = [
            ['colour' => '#9c7d34'],
            ['colour' => '#2f5a7e', 'way' => 'layers', 'contrast' => 'strong'],
            ['colour' => '#f0e9d2', 'mixed' => true, 'highlights' => 3, 'shades' => 2],
            ['colour' => '#a82a20', 'finish' => 'fieldable', 'way' => 'washes'],
            ['colour' => '#a82a20', 'finish' => 'showpiece', 'start' => 'leather'],
        ];
        foreach ($wishes as $wish) {
            $before = [AreaRow::query()->find($area)?->hex, RecipeRow::query()->firstOrFail()->plan, Company::query()->value('undercoat')];
            $shown = $this->getJson("/api/areas/$area/draft?".http_build_query($wish))->assertOk();
            $this->assertAnswers('draftPreview', $shown);
            self::assertSame($before, [
                AreaRow::query()->find($area)?->hex, RecipeRow::query()->firstOrFail()->plan, Company::query()->value('undercoat'),
            ], 'looking keeps nothing');
            $drafted = $this->postJson($this->url(), $wish)->assertOk();
            self::assertSame($painted($shown), $painted($drafted), json_encode($wish) ?: '');
            self::assertSame($shown->json('minutes'), $drafted->json('totals.minutes'));
            self::assertSame($shown->json('off'), $drafted->json('ending.off'));
        }
        $this->assertRefused(422, 'is not a colour', $this->getJson("/api/areas/$area/draft?colour=brown"));
        $this->assertRefused(422, 'Highlights are 0 to 4', $this->getJson("/api/areas/$area/draft?colour=%239c7d34&highlights=7"));
    }

    /** A ladder of the tables, taken over whole: its mixes are the base, the shades and the highlights. */
    public function testALadderOfTheTablesIsTakenOverWhole(): void
    {
        $this->signIn();
        $id = static fn (string $name): int => (int) PaintRow::query()->where('name', $name)->value('id');
        [$dark, $light] = [$id('Black'), $id('Blue')];
        $ladder = "$dark:1;$dark:1,$light:2;$light:1";
        $wish = ['colour' => '#2f5a7e', 'way' => 'layers', 'ladder' => $ladder, 'middle' => 1];
        $drafted = $this->postJson($this->url(), $wish)->assertOk();
        $mixes = array_column((array) $drafted->json('steps'), 'mix_words', 'key');

        self::assertSame('1 drop Black, 2 drops Blue', $mixes['basecoat']);
        self::assertSame('Black', $mixes['shade']);
        self::assertSame('Blue', $mixes['highlight']);
        self::assertStringContainsString('of the ladder you took over', implode(' ', $drafted->json('steps.1.reasons')));
        $this->assertRefused(422, 'A ladder is written as', $this->postJson($this->url(), ['colour' => '#2f5a7e', 'ladder' => 'black']));
        $this->assertRefused(422, 'not on this shelf', $this->postJson($this->url(), ['colour' => '#2f5a7e', 'ladder' => '99999:1']));

        $glazed = $this->edit([
            'kind' => 'add', 'technique' => 'glaze', 'mix' => [['paint_id' => $light, 'parts' => 1]], 'thin' => '1:6', 'coats' => 3,
        ])->assertOk();
        $glaze = array_values(array_filter((array) $glazed->json('steps'), static fn (array $s): bool => $s['key'] === 'glaze'))[0];
        self::assertSame(['Blue', '1:6', 3], [$glaze['mix_words'], $glaze['thin'], $glaze['coats']]);
    }

    public function testATwentyStepRecipeIsWhole(): void
    {
        $this->signIn();
        for ($i = 0; $i < 16; ++$i) {
            $this->edit(['kind' => 'add', 'technique' => 'glaze', 'after' => null])->assertOk();
        }
        $answer = $this->edit(['kind' => 'change', 'key' => 'glaze-16', 'coats' => 2])->assertOk();

        self::assertCount(21, (array) $answer->json('steps'));
        $this->assertAnswers('recipe', $answer);
    }

    private function url(): string
    {
        return '/api/areas/'.AreaRow::query()->where('name', 'Coat')->value('id').'/recipe';
    }

    private function paint(string $name): int
    {
        return (int) PaintRow::query()->where('name', $name)->value('id');
    }

    /**
     * @param array<string, mixed> $edit
     *
     * @return TestResponse<Response>
     */
    private function edit(array $edit): TestResponse
    {
        return $this->postJson($this->url().'/edits', $edit);
    }

    /** @return TestResponse<Response> */
    private function send(string $what): TestResponse
    {
        return $this->postJson($this->url().'/'.$what);
    }

    /**
     * @param TestResponse<Response> $answer
     *
     * @return list<string>
     */
    private function keys(TestResponse $answer): array
    {
        return array_column((array) $answer->json('steps'), 'key');
    }
}
