<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\RecipeRow;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** Recipes for every area with one action, taken back with one. */
final class DraftManyTest extends TestCase
{
    private int $company;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->postJson('/api/companies', [
            'name' => 'Reed cutters', 'kind' => 'foot', 'count' => 2, 'height_mm' => 30, 'areas' => array_map(
                static fn (array $a): array => [
                    'name' => $a[0], 'material' => $a[1], 'relief' => $a[2], 'share' => $a[3], 'depth' => 2, 'weight' => $a[4],
                        'colour' => $a[5],
                ],
                [
                    ['Coat', 'cloth', 'tight', 50, 'leading', '#4b5a32'], ['Face', 'skin', 'tight', 10, 'leading', '#c98e6b'],
                    ['Boots', 'leather', 'broad', 20, 'supporting', '#6f4a2e'], ['Belt', 'leather', 'trim', 5, 'minor', ''],
                    ['Knife', 'metal', 'plate', 15, 'minor', '#5f6265'],
                ],
            ),
        ])->assertSuccessful();
        $this->company = (int) Company::query()->where('name', 'Reed cutters')->value('id');
    }

    public function testEveryColouredAreaIsDraftedAndTheOthersAreNamed(): void
    {
        $answer = $this->draft('first-batch')->assertOk();
        $this->assertAnswers('drafted_many', $answer);
        self::assertSame(['Coat'], $answer->json('done.*.name'), 'one at a time, what leads comes first');
        self::assertSame(['Face', 'Boots', 'Knife'], $answer->json('left.*.name'));
        self::assertSame(['Belt'], $answer->json('uncoloured.*.name'));
        self::assertGreaterThan(2, $answer->json('done.0.steps'));

        self::assertSame(['Face', 'Boots', 'Knife'], $this->draftAll('first-batch'));
        self::assertSame(4, $this->recipes());
        self::assertSame([], $this->draft('other-batch')->json('done'), 'nothing is drafted that has a recipe');
    }

    /** The same action goes on until none is left, and drafts none twice. */
    public function testAnActionGoesOnInSeveralAnswers(): void
    {
        self::assertSame(['Coat', 'Face', 'Boots', 'Knife'], $this->draftAll('in-several', true));
        $this->deleteJson("/api/companies/{$this->company}/recipes/in-several")->assertOk();
        self::assertSame(0, $this->recipes());
    }

    /** What another window has changed since the page was loaded is not drafted over, and named. */
    public function testWhatAnotherWindowChangedIsLeftAlone(): void
    {
        $this->draftAll('first-batch');
        $seen = $this->versions();
        $coat = (int) AreaRow::query()->where(['company_id' => $this->company, 'name' => 'Coat'])->value('id');
        $this->changeStep($coat, 'basecoat', ['coats' => 7])->assertOk();
        $answer = $this->draft('second-batch', true, $seen)->assertOk();
        self::assertSame(['Coat'], $answer->json('changed.*.name'));
        self::assertSame(['Boots', 'Knife'], $answer->json('left.*.name'));
        self::assertStringContainsString('"coats":7', (string) json_encode($this->plans()));
        $this->assertRefused(422, 'Say which versions', $this->postJson("/api/companies/{$this->company}/recipes", [
            'batch' => 'second-batch', 'all' => true,
        ]));
    }

    public function testOneUndoTakesAllBack(): void
    {
        $this->draftAll('first-batch');
        $before = $this->plans();
        foreach (['Coat', 'Boots'] as $name) {
            AreaRow::query()->where(['company_id' => $this->company, 'name' => $name])->update(['hex' => '#a82a20']);
        }
        $this->draftAll('second-batch', true);
        self::assertNotSame($before, $this->plans());
        $undone = $this->deleteJson("/api/companies/{$this->company}/recipes/second-batch")->assertOk();

        $this->assertAnswers('undone_many', $undone);
        self::assertCount(4, $undone->json('undone'));
        self::assertSame($before, $this->plans());
        self::assertSame([], $this->deleteJson("/api/companies/{$this->company}/recipes/second-batch")->json('undone'));
        $this->deleteJson("/api/companies/{$this->company}/recipes/first-batch")->assertOk();
        self::assertSame(0, $this->recipes(), 'those that were new are gone');
    }

    /** What was changed or painted since is kept, and said. */
    public function testWhatWasChangedOrPaintedSinceStays(): void
    {
        $this->draftAll('first-batch');
        $coat = (int) AreaRow::query()->where(['company_id' => $this->company, 'name' => 'Coat'])->value('id');
        $boots = (int) AreaRow::query()->where(['company_id' => $this->company, 'name' => 'Boots'])->value('id');
        $this->changeStep($coat, 'basecoat', ['note' => 'mine'])->assertOk();
        $this->postJson("/api/companies/{$this->company}/records", [
            'area_id' => $boots, 'step' => 'basecoat', 'stage' => 'basecoat', 'figures' => [1], 'real' => ['mix' => []],
        ])->assertOk();
        $undone = $this->deleteJson("/api/companies/{$this->company}/recipes/first-batch")->assertOk();

        self::assertSame(['Coat', 'Boots'], $undone->json('kept.*.name'));
        self::assertSame(['Face', 'Knife'], $undone->json('undone.*.name'));
        self::assertSame(2, $this->recipes());
    }

    public function testAnActionNeedsAName(): void
    {
        $this->assertRefused(422, '8 to 40 letters', $this->postJson("/api/companies/{$this->company}/recipes", []));
        self::assertSame(0, $this->recipes());
    }

    /**
     * @param array<int, int>|null $versions that were seen; null for those that stand
     *
     * @return TestResponse<Response>
     */
    private function draft(string $batch, bool $all = false, ?array $versions = null): TestResponse
    {
        return $this->postJson("/api/companies/{$this->company}/recipes", [
            'batch' => $batch, 'all' => $all, 'versions' => $versions ?? $this->versions(),
        ]);
    }

    /** @return list<string> names of areas in the order in which they were drafted, answer by answer as a page asks */
    private function draftAll(string $batch, bool $all = false): array
    {
        $seen = $this->versions();
        $done = [];
        do {
            $answer = $this->draft($batch, $all, $seen)->assertOk();
            array_push($done, ...$answer->json('done.*.name'));
        } while ($answer->json('left') !== []);

        return $done;
    }

    /** @return array<int, int> of the recipes, by ids of their areas */
    private function versions(): array
    {
        return RecipeRow::query()->whereIn('area_id', AreaRow::query()->where('company_id', $this->company)->select('id'))
            ->pluck('version', 'area_id')->all();
    }

    private function recipes(): int
    {
        return RecipeRow::query()->whereIn('area_id', AreaRow::query()->where('company_id', $this->company)->select('id'))->count();
    }

    /** @return array<int, mixed> */
    private function plans(): array
    {
        return RecipeRow::query()->whereIn('area_id', AreaRow::query()->where('company_id', $this->company)->select('id'))
            ->orderBy('area_id')->get()->map(static fn (RecipeRow $r): array => [$r->area_id, $r->plan, $r->drafted_colour])->all();
    }
}
