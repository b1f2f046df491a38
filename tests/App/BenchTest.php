<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\Entry;
use App\Models\FigureRow;
use App\Models\MovementRow;
use App\Models\PaintRow;
use App\Models\ReplyRow;
use Carbon\CarbonImmutable;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Recipe\Technique\Technique;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\HttpFoundation\Response;

final class BenchTest extends TestCase
{
    public function testTheStepsOfAFigureFromInsideOut(): void
    {
        $this->signIn();
        $answer = $this->getJson($this->url('bench?figure=2'))->assertOk();

        $this->assertAnswers('bench', $answer);
        self::assertSame(
            ['Whole figure', 'Coat', 'Lantern'],
            array_values(array_unique(array_column((array) $answer->json('steps'), 'area'))),
        );
        self::assertSame('all:undercoat', $answer->json('next'));
        self::assertSame([0, 0, 0], array_column((array) $answer->json('figures'), 'done'));
        self::assertNotSame([], $answer->json('steps.0.cautions'));
    }

    public function testAnOmittedStepDoesNotComeToTheBench(): void
    {
        $this->signIn();
        $before = count((array) $this->getJson($this->url('bench'))->json('steps'));
        $this->changeStep($this->coat(), 'highlight', ['omitted' => true])->assertOk();

        self::assertCount($before - 1, (array) $this->getJson($this->url('bench'))->json('steps'));
    }

    public function testDoneAsPlannedAndOnToTheNext(): void
    {
        $this->signIn();
        $answer = $this->record(['area_id' => null, 'step' => 'undercoat', 'stage' => 'undercoat', 'figures' => [1]])->assertOk();

        $this->assertAnswers('bench_tick', $answer);
        self::assertSame([['all:undercoat', true, [1]]], array_map(
            static fn (array $s): array => [$s['id'], $s['done'], $s['done_figures']],
            (array) $answer->json('steps'),
        ), 'only what stands otherwise is answered');
        $bench = $this->getJson($this->url('bench'));
        self::assertSame('Coat', $bench->json('steps.1.area'));
        self::assertSame($bench->json('steps.1.id'), $answer->json('next'));
        self::assertSame($bench->json('steps.*.id'), $answer->json('order'));
        self::assertTrue($bench->json('steps.0.done'));
        foreach (array_diff(array_keys((array) $answer->json()), ['order', 'steps', 'slips', 'pictures', 'now', 'drying']) as $same) {
            self::assertSame($bench->json($same), $answer->json($same), $same);
        }
        self::assertSame('all:undercoat', $this->getJson($this->url('bench?figure=2'))->json('next'));
    }

    public function testAGlazePaintedDroppedAndAddedAgainInAnotherColourIsToDo(): void
    {
        $this->signIn();
        $edits = '/api/areas/'.$this->coat().'/recipe/edits';
        $add = fn (string $colour): string => (string) array_values(array_filter(
            (array) $this->postJson($edits, ['kind' => 'add', 'technique' => 'glaze', 'colour' => $colour])->assertOk()->json('steps'),
            static fn (array $s): bool => $s['technique_id'] === 'glaze',
        ))[0]['key'];
        $first = $add('#a82a20');
        $this->record(['area_id' => $this->coat(), 'step' => $first, 'stage' => 'layer', 'figures' => [1]])->assertOk();
        self::assertTrue($this->step($first)['done']);
        $this->postJson($edits, ['kind' => 'drop', 'key' => $first])->assertOk();
        $second = $add('#2f5a7e');

        self::assertNotSame($first, $second, 'a key is never given twice');
        self::assertFalse($this->step($second)['done']);

        $this->postJson('/api/areas/'.$this->coat().'/recipe/undo')->assertOk();
        $third = $add('#4b5a32');
        self::assertNotContains($third, [$first, $second], 'nor after it was undone');
    }

    public function testAStepWithOtherPaintThanItWasPaintedWithIsToDoAndSaysSo(): void
    {
        $this->signIn();
        $edits = '/api/areas/'.$this->coat().'/recipe/edits';
        $planned = $this->step('basecoat');
        $this->record(['area_id' => $this->coat(), 'step' => 'basecoat', 'stage' => 'basecoat', 'figures' => [1]])->assertOk();
        $this->postJson($edits, ['kind' => 'change', 'key' => 'basecoat', 'coats' => 5])->assertOk();
        self::assertTrue($this->step('basecoat')['done'], 'more coats are the same step');

        $red = PaintRow::query()->where('name', 'Red')->value('id');
        $this->postJson($edits, ['kind' => 'change', 'key' => 'basecoat', 'mix' => [['paint_id' => $red, 'parts' => 1]]])->assertOk();
        $now = $this->step('basecoat');
        self::assertSame([false, []], [$now['done'], $now['done_figures']]);
        self::assertSame('basecoat in '.$planned['mix_words'], $now['painted_as']);

        $this->postJson('/api/areas/'.$this->coat().'/recipe/undo')->assertOk();
        self::assertTrue($this->step('basecoat')['done'], 'as it was painted');
    }

    /** The bench had shown one plan, another window made another of it, then what was painted is written down. */
    public function testWhatWasPaintedFromAnOlderPlanIsNotTakenForTheNewOne(): void
    {
        $this->signIn();
        $seen = $this->step('basecoat');
        $blue = (int) PaintRow::query()->where('name', 'Blue')->value('id');
        $this->changeStep($this->coat(), 'basecoat', ['mix' => [['paint_id' => $blue, 'parts' => 1]]])->assertOk();
        $body = ['area_id' => $this->coat(), 'step' => 'basecoat', 'stage' => 'basecoat', 'figures' => [1], 'as' => $seen['as']];
        $answer = $this->record($body)->assertOk();
        $this->assertAnswers('bench_tick', $answer);

        $now = $this->step('basecoat');
        self::assertSame([false, [1, 2, 3]], [$now['done'], $now['left']['figures']]);
        self::assertSame('basecoat in '.$seen['mix_words'], $now['painted_as']);
        self::assertSame($seen['mix_words'], $this->getJson('/api/ledger')->json('entries.0.planned.words'));
        $recipe = $this->getJson('/api/areas/'.$this->coat().'/recipe');
        $step = collect((array) $recipe->json('steps'))->firstWhere('key', 'basecoat');
        self::assertSame([['words' => 'basecoat in '.$seen['mix_words'], 'figures' => [1]]], $step['painted_as']);

        $this->postJson('/api/areas/'.$this->coat().'/recipe/edits', ['kind' => 'drop', 'key' => 'basecoat'])->assertOk();
        $this->record(['figures' => [2]] + $body)->assertOk();
        self::assertSame(2, Entry::query()->where('step_key', 'basecoat')->count(), 'what was painted is not lost');
        $this->assertRefused(422, 'technique, its paints and its place', $this->record(['as' => ['technique' => 'magic']] + $body));
    }

    /** An undercoat without a primer on the shelf, and a paint that is only described: what the bench shows of them can be recorded. */
    public function testStepsInPaintsNobodyOwnsAreRecordedAsTheyWereShown(): void
    {
        $this->signIn();
        $this->deleteJson('/api/paints', ['ids' => PaintRow::query()->where('behaviour', 'primer')->pluck('id')->all()])->assertOk();
        $said = "base: Marsh Gold #b08a2a\nwash all over: Rust Wash #6a3a1a";
        $this->postJson('/api/areas/'.$this->coat().'/recipe/told', ['text' => $said])->assertOk();
        $steps = (array) $this->getJson($this->url('bench'))->assertOk()->json('steps');
        self::assertSame(['', null], [$steps[0]['as']['mix'][0]['id'], $steps[0]['mix'][0]['paint_id']]);
        foreach ($steps as $step) {
            $real = ['mix' => array_map(static fn (array $p): array => array_diff_key($p, ['hex' => 1]), $step['mix'])];
            $body = ['area_id' => $step['area_id'], 'step' => $step['key'], 'stage' => $step['stage'], 'figures' => [1]];
            $this->record(['as' => $step['as'], 'real' => $real] + $body)->assertOk();
        }

        $all = $this->getJson($this->url('bench'));
        self::assertSame([true], array_values(array_unique(array_column((array) $all->json('steps'), 'done'))));
        self::assertNull($all->json('next'));
    }

    public function testWhatIsLeftIsToldForAllFiguresAStepIsFor(): void
    {
        $this->signIn();
        $before = $this->getJson($this->url('bench'))->assertOk();
        $step = $this->step('basecoat');
        self::assertSame([1, 2, 3], $step['left']['figures']);
        $loadedOnce = 3 * ($step['minutes'] - 2) + 2;
        self::assertEqualsWithDelta($loadedOnce, $step['left']['minutes'], 2, 'minutes of one are whole ones');
        $this->record(['area_id' => $this->coat(), 'step' => 'basecoat', 'stage' => 'basecoat', 'figures' => [1, 3]])->assertOk();

        self::assertSame([2], $this->step('basecoat')['left']['figures']);
        self::assertLessThan($before->json('left_minutes'), $this->getJson($this->url('bench'))->json('left_minutes'));
        Company::query()->firstOrFail()->update(['leaders' => 1]);
        $this->changeStep($this->coat(), 'highlight', ['who' => 'leaders'])->assertOk();
        self::assertSame([1], $this->step('highlight')['left']['figures'], 'a step for leaders is not left to do on the others');
    }

    public function testARepeatedRecordGivesTheFirstAnswer(): void
    {
        $this->signIn();
        $body = ['area_id' => null, 'step' => 'undercoat', 'stage' => 'undercoat', 'figures' => [1], 'real' => ['mix' => []]];
        $sent = fn (array $more = [], string $key = 'one-of-many-keys'): TestResponse => $this->postJson(
            $this->url('records'),
            [...$body, ...$more],
            ['Idempotency-Key' => $key],
        );
        $first = $sent()->assertOk();
        $again = $sent()->assertOk()->assertHeader('Idempotency-Replayed', 'true');

        self::assertSame($first->getContent(), $again->getContent());
        self::assertSame(1, Entry::query()->count());
        $this->assertRefused(422, 'every change needs a key of its own', $sent(['figures' => [2]]));
        $this->assertRefused(422, 'Idempotency-Key', $sent(key: 'a b'));
        $sent(['figures' => [9]], 'another-key')->assertStatus(422);
        $sent(['figures' => [3]], 'another-key')->assertOk();
        self::assertSame(2, Entry::query()->count(), 'what was refused has used no key up');
    }

    public function testAnEntryHappenedWhenItWasDoneNotWhenItArrived(): void
    {
        $this->signIn();
        $this->travelTo(CarbonImmutable::parse('2026-11-28T20:00:00Z'));
        $done = ['area_id' => null, 'step' => 'undercoat', 'stage' => 'undercoat'];
        $this->record([...$done, 'figures' => [1], 'at' => '2026-11-28T18:30:00+01:00'])->assertOk();
        $this->record([...$done, 'figures' => [2], 'at' => '2026-11-28T20:09:00.250Z'])->assertOk();
        $this->assertRefused(422, 'which is more than a year', $this->record([...$done, 'figures' => [3],
            'at' => '2024-01-01T00:00:00Z']));
        $this->assertRefused(422, 'an instant with its zone', $this->record([...$done, 'figures' => [3], 'at' => 'yesterday']));
        [$late, $ahead] = Entry::query()->orderBy('id')->get()->all();

        self::assertSame('2026-11-28T17:30:00Z', $late->done_at->toIso8601ZuluString());
        self::assertSame('2026-11-28T20:00:00Z', $ahead->done_at->toIso8601ZuluString(), 'a clock that runs ahead loses nothing');
        self::assertSame('2026-11-28T20:09:00Z', $ahead->said_at?->toIso8601ZuluString(), 'both are kept');
    }

    public function testAKeyIsForgottenAfterAYearAndBelongsToItsPainter(): void
    {
        $body = ['area_id' => null, 'step' => 'undercoat', 'stage' => 'undercoat', 'figures' => [1], 'real' => ['mix' => []]];
        $this->signIn();
        $this->postJson($this->url('records'), $body, ['Idempotency-Key' => 'one-of-many-keys'])->assertOk();
        $this->signIn('Another');
        $url = '/api/companies/'.Company::query()->firstOrFail()->id.'/records';
        $this->postJson($url, $body, ['Idempotency-Key' => 'one-of-many-keys'])->assertOk()->assertHeaderMissing('Idempotency-Replayed');

        $this->travel(367)->days();
        $this->postJson($url, ['figures' => [2]] + $body, ['Idempotency-Key' => 'a-later-key'])->assertOk();
        $this->postJson('/api/session', ['name' => 'Another', 'password' => 'marsh lights'])->assertOk();
        self::assertSame(['a-later-key'], ReplyRow::query()->withoutGlobalScopes()->pluck('key')->all());
    }

    /** @return array<string, mixed> a step of the coat, at the bench of figure 1 */
    private function step(string $key): array
    {
        foreach ((array) $this->getJson($this->url('bench'))->json('steps') as $step) {
            if ($step['key'] === $key && $step['area'] === 'Coat') {
                return $step;
            }
        }
        self::fail('No step '.$key);
    }

    public function testDoneOnSeveralFiguresAtOnce(): void
    {
        $this->signIn();
        $this->record(['step' => 'undercoat', 'stage' => 'undercoat', 'figures' => [3, 1, 3]])->assertOk();

        self::assertSame([1, 3], Entry::query()->firstOrFail()->figures);
        self::assertSame([1, 0, 1], array_column((array) $this->getJson($this->url('bench'))->json('figures'), 'done'));
    }

    public function testPlannedAndRealStandSideBySide(): void
    {
        $this->signIn();
        $planned = $this->getJson('/api/areas/'.$this->coat().'/recipe')->json('steps.1');
        $this->record([
            'area_id' => $this->coat(), 'step' => 'basecoat', 'stage' => 'basecoat', 'figures' => [2],
            'real' => [
                'mix' => [['name' => 'A borrowed ochre', 'parts' => null]],
                'thin' => '1:3',
                'coats' => $planned['coats'] + 1,
                'tool' => $planned['tool'],
                'minutes' => 17,
            ],
            'note' => 'Streaky at first.',
        ])->assertOk();
        $answer = $this->getJson('/api/ledger')->assertOk();

        $this->assertAnswers('ledger', $answer);
        $entry = $answer->json('entries.0');
        self::assertSame($planned['mix_words'], $entry['planned']['words']);
        self::assertSame('A borrowed ochre', $entry['real']['words']);
        self::assertSame([
            'A borrowed ochre instead of '.$planned['mix_words'],
            'thinned 1:3 instead of '.$planned['thin'],
            sprintf('1 coat more than planned (%d for %d)', $planned['coats'] + 1, $planned['coats']),
        ], $entry['differences']);
        self::assertSame('Streaky at first.', $entry['note']);
        self::assertSame($planned['after'], $entry['look']);
    }

    public function testThePlanOfThatMomentIsKeptWhenTheRecipeChangesLater(): void
    {
        $this->signIn();
        $words = $this->getJson('/api/areas/'.$this->coat().'/recipe')->json('steps.1.mix_words');
        $this->record(['area_id' => $this->coat(), 'step' => 'basecoat', 'stage' => 'basecoat', 'figures' => [1]])->assertOk();
        $this->postJson('/api/areas/'.$this->coat().'/recipe', ['colour' => '#2f5a7e'])->assertOk();

        self::assertSame($words, $this->getJson('/api/ledger')->json('entries.0.planned.words'));
    }

    #[DataProvider('stages')]
    public function testEveryStageCanBeRecordedOutsideThePlan(string $stage): void
    {
        $this->signIn();
        $this->record(
            ['area_id' => $this->coat(), 'step' => null, 'as' => null, 'stage' => $stage, 'figures' => [1], 'real' => ['mix' => []]],
        )->assertOk();
        $entry = $this->getJson('/api/ledger')->json('entries.0');

        self::assertSame([$stage, false, null], [$entry['stage'], $entry['in_plan'], $entry['planned']]);
        self::assertSame(
            ['words' => null, 'thin' => null, 'coats' => null, 'tool' => null, 'minutes' => null, 'rounds' => null],
            $entry['real'],
            'holes stay holes',
        );
        self::assertSame('all:undercoat', $this->getJson($this->url('bench'))->json('next'), 'and no planned step is ticked off');
    }

    /** @return iterable<array{string}> */
    public static function stages(): iterable
    {
        foreach (Stage::cases() as $stage) {
            yield $stage->value => [$stage->value];
        }
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('badRecords')]
    public function testABadRecordIsRefusedWhole(array $change, string $sentence): void
    {
        $this->signIn();
        $this->assertRefused(
            422,
            $sentence,
            $this->record(array_replace_recursive(['step' => 'undercoat', 'stage' => 'undercoat', 'figures' => [1]], $change)),
        );
        self::assertSame(0, Entry::query()->count());
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badRecords(): iterable
    {
        yield 'figure 4 of 3' => [['figures' => [4]], 'Ferrymen has figures 1 to 3'];
        yield 'figure 0' => [['figures' => [0]], 'Choose at least one figure'];
        yield 'an unknown stage' => [['stage' => 'dipping'], 'Choose what was done'];
        yield 'a step that is gone' => [['step' => 'glitter'], 'no longer in the recipe'];
        yield 'negative coats' => [['real' => ['coats' => -1]], 'Coats are a whole number from 1 to 20'];
        yield 'a bad thinning' => [['real' => ['thin' => 'like milk']], '"like milk" is not a thinning'];
        yield 'negative minutes' => [['real' => ['minutes' => -5]], 'Minutes are a whole number'];
        yield 'no drops' => [['real' => ['mix' => [['name' => 'Ochre', 'parts' => 0]]]], 'Drops are whole numbers'];
        yield 'a nameless paint' => [['real' => ['mix' => [['name' => '', 'parts' => 1]]]], 'Every paint of the mix needs a name'];
        yield 'a novel' => [['note' => str_repeat('a', 2001)], 'note'];
    }

    public function testNoFigures(): void
    {
        $this->signIn();
        $this->assertRefused(
            422,
            'Choose at least one figure',
            $this->record(['step' => 'undercoat', 'stage' => 'undercoat', 'figures' => []]),
        );
        $this->assertRefused(422, 'Ferrymen has figures 1 to 3: there is no figure 9.', $this->getJson($this->url('bench?figure=9')));
    }

    public function testAnEntryIsTakenBackButNotErased(): void
    {
        $this->signIn();
        $id = $this->record(['step' => 'undercoat', 'stage' => 'undercoat', 'figures' => [1]])->json('last.id');
        $back = $this->deleteJson('/api/records/'.$id)->assertOk();

        $this->assertAnswers('bench_tick', $back);
        self::assertSame('all:undercoat', $back->json('next'));
        self::assertNull($back->json('last'));
        self::assertSame([], $this->getJson('/api/ledger')->json('entries'));
        self::assertNotNull(Entry::query()->findOrFail($id)->withdrawn_at);
    }

    /** By hand: an airbrushed undercoat dries 20 minutes; after 5 of them it dries until 15 minutes later. */
    public function testWhatDriesIsCountedDown(): void
    {
        $this->signIn();
        CarbonImmutable::setTestNow('2026-11-20 18:00:00');
        $this->record(['step' => 'undercoat', 'stage' => 'undercoat', 'figures' => [1]])->assertOk();
        CarbonImmutable::setTestNow('2026-11-20 18:05:00');
        $drying = $this->getJson($this->url('bench?figure=1'))->json('drying');
        self::assertSame(
            [[
                'ids' => [1],
                'pass' => false,
                'what' => 'Whole figure, undercoat',
                'figures' => [1],
                'all' => false,
                'then' => '',
                'latest' => null,
                'soon' => null,
                'urgent' => false,
                'blown' => true,
                'since' => '2026-11-20T18:00:00Z',
                'first' => null,
                'until' => '2026-11-20T18:20:00Z',
                'after' => 'basecoat',
            ]],
            array_map(
                static fn (array $wait): array => array_diff_key($wait, ['company_id' => 0, 'company' => '', 'hex' => '']),
                $drying,
            ),
        );
        self::assertSame([], $this->getJson($this->url('bench?figure=2'))->json('drying'));
        CarbonImmutable::setTestNow('2026-11-20 18:21:00');
        self::assertSame([], $this->getJson($this->url('bench?figure=1'))->json('drying'));
        CarbonImmutable::setTestNow();
    }

    #[Group('days')]
    public function testTheLedgerIsToldByCompanyAndNewestFirst(): void
    {
        $this->signIn();
        CarbonImmutable::setTestNow('2026-11-20 18:00:00');
        $this->record(['step' => 'undercoat', 'stage' => 'undercoat', 'figures' => [1]])->assertOk();
        CarbonImmutable::setTestNow('2026-11-21 18:00:00');
        $this->record(['area_id' => $this->coat(), 'step' => 'basecoat', 'stage' => 'basecoat', 'figures' => [1]])->assertOk();
        CarbonImmutable::setTestNow();

        self::assertSame(['basecoat', 'undercoat'], array_column((array) $this->getJson('/api/ledger')->json('entries'), 'stage'));
        self::assertSame(2, $this->getJson('/api/ledger?company='.Company::query()->value('id'))->json('total'));
        self::assertSame(0, $this->getJson('/api/ledger?company=99')->json('total'));
        self::assertSame(2, $this->getJson('/api/ledger')->json('companies.0.entries'));
    }

    private function coat(): int
    {
        return (int) AreaRow::query()->where('name', 'Coat')->value('id');
    }

    /** What is asked of the database and answered stays small, however many steps there are. */
    public function testATickIsSmall(): void
    {
        $this->signIn();
        $this->record(['area_id' => null, 'step' => 'undercoat', 'stage' => 'undercoat', 'figures' => [1, 2]])->assertOk();
        $this->getJson($this->url('bench?by=row'))->assertOk();
        [$url, $coat, $reads] = [$this->url('records').'?by=row', $this->coat(), []];
        DB::listen(static function (QueryExecuted $query) use (&$reads): void {
            $reads = [...$reads, ...str_starts_with($query->sql, 'select') ? [$query->sql] : []];
        });
        $answer = $this->postJson($url, [
            'area_id' => $coat, 'step' => 'basecoat', 'stage' => 'basecoat', 'figures' => [1], 'real' => ['mix' => []],
        ], ['Idempotency-Key' => 'as-the-pages-send-it'])->assertOk();

        self::assertLessThanOrEqual(12, count($reads), implode("\n", $reads));
        self::assertLessThan(20_000, strlen((string) $answer->getContent()));
    }

    /** Stripped, a figure begins again: everything is to do on it, the others stand as they are,
        and what was done is still to be read. */
    public function testAStrippedFigureBeginsAnewAndKeepsItsPast(): void
    {
        $this->signIn();
        foreach (['undercoat' => null, 'basecoat' => $this->coat()] as $key => $area) {
            $this->record(['area_id' => $area, 'step' => $key, 'stage' => $key, 'figures' => [1, 2]])->assertOk();
            $this->travel(1)->hours();
        }
        $this->pass($this->coat(), 'wash', [1, 2]);
        $this->travel(1)->hours();
        $stripped = $this->record(['area_id' => null, 'stage' => 'undercoat', 'figures' => [1], 'real' => ['technique' => 'stripping']]);
        $done = fn (int $figure): array => array_column(array_filter(
            (array) $this->getJson($this->url('bench?figure='.$figure))->json('steps'),
            static fn (array $s): bool => $s['done'],
        ), 'key');

        self::assertSame([[], ['undercoat', 'basecoat']], [$done(1), $done(2)]);
        self::assertSame('all:undercoat', $stripped->assertOk()->json('next'));
        self::assertCount(1, $this->getJson($this->url('bench?figure=1'))->json('drying'), 'only the stripping is waited for');
        $steps = array_column((array) $this->getJson($this->url('bench?figure=1'))->json('steps'), null, 'key');
        self::assertSame(1, $steps['wash']['pass']['number'], 'a coat that was on it counts no more');
        self::assertSame([2, 1, 1], FigureRow::query()->orderBy('number')->pluck('life')->all());
        self::assertCount(3, $this->getJson('/api/ledger')->json('entries'));

        $this->record(['area_id' => null, 'step' => 'undercoat', 'stage' => 'undercoat', 'figures' => [1]])->assertOk();
        self::assertSame(['undercoat'], $done(1));
        $this->deleteJson('/api/records/'.$stripped->json('last.id'))->assertOk();
        self::assertSame(['undercoat', 'basecoat'], $done(1), 'taken back, it never came off');
        self::assertSame([1, 1, 1], FigureRow::query()->orderBy('number')->pluck('life')->all());
    }

    /** A coat is what it was laid with, whatever its step is changed to before the next one. */
    public function testAPaintReplacedBetweenTwoCoatsLeavesTheFirstAsItWas(): void
    {
        $this->signIn();
        foreach (['all' => null, 'area' => $this->coat()] as $key => $area) {
            $step = $key === 'all' ? 'undercoat' : 'basecoat';
            $this->record(['area_id' => $area, 'step' => $step, 'stage' => $step, 'figures' => [1, 2]])->assertOk();
            $this->travel(1)->hours();
        }
        $this->pass($this->coat(), 'wash', [1]);
        $first = $this->step('wash');
        $other = PaintRow::query()->whereNot('name', $first['mix_words'])->whereNotNull('hex')->firstOrFail();
        $this->travel(1)->hours();
        $this->changeStep($this->coat(), 'wash', ['mix' => [['paint_id' => $other->id, 'parts' => 1]], 'thin' => '1:1'])->assertOk();
        $second = $this->step('wash');
        self::assertSame(2, $second['pass']['number']);
        $this->postJson($this->url('passes'), [
            'area_id' => $this->coat(), 'step' => 'wash', 'stage' => $second['stage'], 'figures' => [1], 'real' => ['mix' => []],
                'number' => 2,
        ])->assertOk();

        $written = Entry::query()->where('step_key', 'wash')->orderBy('done_at')->get();
        self::assertSame(
            [[$first['mix_words'], 1], [$second['mix_words'], 1]],
            $written->map(static fn (Entry $e): array => [$e->planned['mix'][0]['name'] ?? null, $e->real['coats'] ?? null])->all(),
        );
        self::assertSame(
            [1, 1],
            [$this->took($written[0], $first['mix_words']), $this->took($written[1], $other->name)],
            'each coat takes its own paint from the shelf',
        );
        self::assertTrue($this->step('wash')['done']);
    }

    private function took(Entry $entry, string $paint): int
    {
        return MovementRow::query()->where('record_id', $entry->id)->where('paint_id', PaintRow::query()->where(
            'name',
            $paint,
        )->value('id'))
            ->where('ml', '<', 0)->count();
    }

    /** @param list<int> $figures one coat of a step that has two */
    private function pass(int $area, string $key, array $figures): void
    {
        $this->changeStep($area, $key, ['coats' => 2])->assertOk();
        $step = $this->step($key);
        $this->postJson($this->url('passes'), [
            'area_id' => $area, 'step' => $key, 'stage' => $step['stage'], 'figures' => $figures, 'real' => ['mix' => []], 'number' => 1,
        ])->assertOk();
    }

    /** Stripping is no coat, and nothing "dries in overnight". */
    public function testStrippingIsToldAsWhatItIs(): void
    {
        $this->signIn();
        $recipe = $this->postJson('/api/areas/'.$this->coat().'/recipe/edits', ['kind' => 'add', 'technique' => 'stripping'])->assertOk();
        $facts = array_column((array) $recipe->json('steps.1.facts'), 'text', 'label');

        self::assertArrayNotHasKey('How often', $facts);
        self::assertSame('dries overnight', $facts['Then']);
        self::assertSame('2 coats', array_column((array) $recipe->json('steps.0.facts'), 'text', 'label')['How often']);
    }

    /** Whatever was done can be written down: every kind of work, with its own stage and drying. */
    public function testEveryKindOfWorkIsWrittenDownUnplanned(): void
    {
        $this->signIn();
        foreach (Technique::cases() as $technique) {
            $this->record([
                'area_id' => $this->coat(), 'stage' => 'layer', 'figures' => [1], 'real' => ['technique' => $technique->value],
            ])->assertOk();
            $entry = Entry::query()->latest('id')->firstOrFail();
            self::assertSame($technique->facts()->stage, $entry->stage, $technique->value);
            self::assertSame($technique->facts()->dry, $entry->dry_minutes, $technique->value);
        }
        $ledger = $this->getJson('/api/ledger')->assertOk();
        $this->assertAnswers('ledger', $ledger);
        self::assertContains(Technique::Glaze->words(), array_column((array) $ledger->json('entries'), 'work'));
        $this->assertRefused(422, 'There is no such kind of work', $this->record([
            'stage' => 'layer', 'figures' => [1], 'real' => ['technique' => 'magic'],
        ]));
    }

    /** An undercoat, a gloss of a day and a coat: none forgets the other; the shortest comes first, and each says what it is under. */
    #[Group('days')]
    public function testEveryWaitIsKept(): void
    {
        $this->signIn();
        $steps = $this->getJson($this->url('bench'))->json('steps');
        $done = static fn (array $step): array => ['area_id' => $step['area_id'], 'step' => $step['key'], 'stage' => $step['stage'],
            'figures' => [1]];
        $this->record($done($steps[0]))->assertOk();
        $this->record($done($steps[1]))->assertOk();
        $bench = $this->record(['area_id' => null, 'step' => null, 'stage' => 'finish', 'figures' => [1], 'real' => [
            'technique' => 'gloss-varnish',
        ]])->assertOk();
        $this->assertAnswers('bench_tick', $bench);
        $drying = $bench->json('drying');

        self::assertCount(3, $drying);
        $until = array_column($drying, 'until');
        $sorted = $until;
        sort($sorted);
        self::assertSame($sorted, $until);
        $open = array_filter($this->getJson($this->url('bench'))->json('steps'), static fn (array $s): bool => !$s['done']);
        self::assertSame(array_column($open, 'id'), array_column($bench->json('below'), 'step'), 'the gloss is under all of it');
        self::assertSame([], $bench->json('meanwhile'));

        foreach ($drying as $wait) {
            $bench = $this->postJson("/api/records/{$wait['ids'][0]}/dry", ['figure' => 1])->assertOk();
        }
        self::assertSame([[], []], [$bench->json('drying'), $bench->json('below')]);
    }

    public function testWhatIsWetSaysWhatMayBePaintedMeanwhile(): void
    {
        $this->signIn();
        $this->record(['area_id' => null, 'step' => 'undercoat', 'stage' => 'undercoat', 'figures' => [1, 2, 3]])->assertOk();
        $this->travel(1)->hours();
        $steps = $this->getJson($this->url('bench'))->json('steps');
        $area = $steps[1]['area_id'];
        $bench = $this->record(['area_id' => $area, 'step' => $steps[1]['key'], 'stage' => $steps[1]['stage'],
            'figures' => [1]])->assertOk();
        $wait = $bench->json('drying.0.ids.0');
        self::assertNotNull($bench->json('below.0'));
        $byId = array_column($steps, null, 'id');
        foreach ($bench->json('below') as $below) {
            $step = $byId[$below['step']];
            self::assertContains($step['area_id'], [$area, null]);
        }
        self::assertNotSame([], $bench->json('meanwhile'));
        foreach ($bench->json('meanwhile') as $meanwhile) {
            self::assertNotSame($area, $byId[$meanwhile['id']]['area_id']);
        }
        self::assertSame([], $this->getJson($this->url('bench').'?figure=2')->json('drying'), 'another figure is dry');

        $blown = $this->postJson("/api/records/$wait/dry", ['figure' => 1, 'hairdryer' => true])->assertOk();
        $left = CarbonImmutable::parse($blown->json('drying.0.until'))->getTimestamp() - CarbonImmutable::now()->getTimestamp();
        self::assertEqualsWithDelta(60, $left, 3, 'a minute to cool');
        $this->travel(2)->minutes();
        self::assertSame([], $this->getJson($this->url('bench'))->json('drying'));
    }

    public function testOthersCannotSayWhatIsDry(): void
    {
        $this->signIn();
        $bench = $this->record(['area_id' => null, 'step' => null, 'stage' => 'basecoat', 'figures' => [1]])->assertOk();
        $wait = $bench->json('drying.0.ids.0');
        $this->signIn('Another painter');

        $this->postJson("/api/records/$wait/dry")->assertNotFound();
    }

    private function url(string $what): string
    {
        return '/api/companies/'.Company::query()->value('id').'/'.$what;
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
}
