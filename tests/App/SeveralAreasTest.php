<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\AreaRow;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** One change in several areas, and following a method instead of everything. */
final class SeveralAreasTest extends TestCase
{
    public function testAStepIsAddedDroppedAndDoneAlikeInOtherAreas(): void
    {
        $this->signIn();
        [$one, $other] = $this->drafted();
        $this->edit($one, ['kind' => 'add', 'technique' => 'filter', 'after' => null, 'colour' => '#6a5a3a'])->assertOk();
        $before = count($this->steps($other));
        $this->move($one, 'filter', ['areas' => [$other], 'what' => 'add'])->assertOk();
        self::assertCount($before + 1, $this->steps($other));
        self::assertSame('filter', collect($this->steps($other))->firstWhere('key', 'filter')['technique']);

        $this->edit($one, [
            'kind' => 'change', 'key' => 'filter', 'note' => 'thin as tea', 'place' => ['part' => 'lower parts'],
        ])->assertOk();
        $this->move($one, 'filter', ['areas' => [$other], 'what' => 'alike'])->assertOk();
        $there = collect($this->steps($other))->firstWhere('key', 'filter');
        self::assertSame(['thin as tea', 'lower parts'], [$there['note'], $there['place']]);

        $this->move($one, 'filter', ['areas' => [$other], 'what' => 'drop'])->assertOk();
        self::assertNull(collect($this->steps($other))->firstWhere('key', 'filter'));
        $again = $this->move($one, 'filter', ['areas' => [$other], 'what' => 'drop'])->assertOk();
        self::assertStringContainsString('there is no such step', (string) $again->json('notes.0.words'));
        $this->postJson("/api/areas/$other/recipe/undo", ['version' => null])->assertOk();
        self::assertNotNull(collect($this->steps($other))->firstWhere('key', 'filter'), 'there it is undone like any change');
        $this->assertRefused(422, 'is not of this figure', $this->move($one, 'filter', ['areas' => [99999], 'what' => 'add']));
        $this->assertRefused(422, 'at least one other area', $this->move($one, 'filter', ['areas' => [], 'what' => 'add']));
    }

    public function testFollowingTheMethodKeepsTheOwnColour(): void
    {
        $this->signIn();
        [$red, $green] = $this->drafted();
        AreaRow::query()->whereKey($green)->update(['hex' => '#4b5a32']);
        $followed = $this->postJson("/api/areas/$green/recipe/follow", ['area_id' => $red, 'as' => 'method'])->assertOk();

        self::assertSame('#4b5a32', $followed->json('recipe.colour'));
        self::assertTrue($followed->json('recipe.model.method'));
        self::assertSame('#4b5a32', AreaRow::query()->findOrFail($green)->hex);
        $kinds = fn (int $area): array => array_column($this->steps($area), 'technique');
        self::assertSame($kinds($red), $kinds($green));
        $this->edit($red, ['kind' => 'add', 'technique' => 'filter', 'after' => null])->assertOk();
        self::assertSame($kinds($red), $kinds($green), 'it follows when that one changes');
        self::assertSame('#4b5a32', $this->getJson("/api/areas/$green/recipe")->json('colour'));

        $all = $this->postJson("/api/areas/$green/recipe/follow", ['area_id' => $red])->assertOk();
        self::assertNotSame('#4b5a32', $all->json('recipe.colour'), 'everything takes the colour too');
        AreaRow::query()->whereKey($green)->update(['hex' => null]);
        $this->assertRefused(422, 'has no colour of its own', $this->postJson("/api/areas/$green/recipe/follow", [
            'area_id' => $red, 'as' => 'method',
        ]));
    }

    public function testLeadersStepsStayBehindWhereThereAreNoLeaders(): void
    {
        $this->signIn();
        [$one] = $this->drafted();
        $this->edit($one, ['kind' => 'change', 'key' => 'highlight', 'who' => 'leaders'])->assertOk();
        $company = $this->postJson('/api/companies', [
            'name' => 'Reed cutters', 'count' => 2, 'leaders' => 0, 'height_mm' => 30,
            'areas' => [[
                'name' => 'Coat', 'material' => 'cloth', 'relief' => 'tight', 'share' => 100, 'depth' => 3, 'weight' => 'leading',
                'colour' => '#4b5a32',
            ]],
        ])->assertCreated();
        $coat = (int) AreaRow::query()->where('company_id', $company->json('id'))->value('id');
        $this->postJson("/api/areas/$coat/recipe/follow", ['area_id' => $one])->assertOk();

        self::assertContains('highlight', array_column($this->steps($one), 'key'));
        self::assertNotContains('highlight', array_column($this->steps($coat), 'key'));
    }

    /** @return array{int, int} two areas with recipes */
    private function drafted(): array
    {
        $ids = AreaRow::query()->orderBy('id')->limit(2)->pluck('id')->all();
        $this->postJson("/api/areas/$ids[0]/recipe", ['colour' => '#a82a20'])->assertSuccessful();
        $this->postJson("/api/areas/$ids[1]/recipe", ['colour' => '#4b5a32'])->assertSuccessful();

        return [(int) $ids[0], (int) $ids[1]];
    }

    /** @return list<array<string, mixed>> */
    private function steps(int $area): array
    {
        return array_values((array) $this->getJson("/api/areas/$area/recipe")->assertOk()->json('steps'));
    }

    /**
     * @param array<string, mixed> $edit
     *
     * @return TestResponse<Response>
     */
    private function edit(int $area, array $edit): TestResponse
    {
        return $this->postJson("/api/areas/$area/recipe/edits", $edit);
    }

    /**
     * @param array<string, mixed> $what
     *
     * @return TestResponse<Response>
     */
    private function move(int $area, string $step, array $what): TestResponse
    {
        return $this->postJson("/api/areas/$area/recipe/$step/elsewhere", $what);
    }
}
