<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\AreaRow;
use App\Models\Company;

/** A figure looked over: survey, neighbours, parts, templates. */
final class LookingOverTest extends TestCase
{
    public function testAYesAddsTheAreaAndTheOthersMakeRoom(): void
    {
        $this->signIn();
        $company = $this->company();
        self::assertSame([], (array) AreaRow::query()->first()?->beside);
        $answer = $this->putJson("/api/companies/{$company->id}/survey", ['question' => 'gems', 'answer' => 'yes'])->assertOk();
        $this->assertAnswers('figure', $answer);

        $gem = collect((array) $answer->json('areas'))->firstWhere('name', 'Gem');
        self::assertSame(['glass', 'orb', 0.5], [$gem['material'], $gem['relief'], $gem['share']]);
        self::assertLessThanOrEqual(100.05, array_sum(array_column((array) $answer->json('areas'), 'share')));
        self::assertSame('Gem', collect((array) $answer->json('survey'))->firstWhere('id', 'gems')['found']);
        self::assertContains(
            $gem['id'],
            collect((array) $answer->json('areas'))->firstWhere('id', $gem['touches'][0])['touches'],
            'being neighbours holds for both',
        );

        $this->putJson("/api/companies/{$company->id}/survey", ['question' => 'lenses', 'answer' => 'no'])->assertOk();
        self::assertTrue(collect((array) $this->getJson('/api/companies')->json('companies.0.survey'))->firstWhere('id', 'lenses')['no']);
        $open = $this->putJson("/api/companies/{$company->id}/survey", ['question' => 'lenses', 'answer' => 'open']);
        self::assertFalse(collect((array) $open->json('survey'))->firstWhere('id', 'lenses')['no']);
        $this->assertRefused(
            422,
            'There is an area Gem already',
            $this->putJson("/api/companies/{$company->id}/survey", ['question' => 'gems', 'answer' => 'yes']),
        );
        $this->assertRefused(
            422,
            'no such question',
            $this->putJson("/api/companies/{$company->id}/survey", ['question' => 'crew', 'answer' => 'yes']),
        );
        $this->assertRefused(
            422,
            'yes or no',
            $this->putJson("/api/companies/{$company->id}/survey", ['question' => 'gems', 'answer' => 'maybe']),
        );
    }

    public function testEveryTemplateCanBeKeptAsItIs(): void
    {
        $this->signIn();
        foreach ((array) $this->getJson('/api/companies')->json('vocabulary.kinds') as $kind) {
            $answer = $this->postJson(
                '/api/companies',
                ['name' => 'My '.$kind['id'], 'kind' => $kind['id'], 'count' => 1, 'height_mm' => 60, 'areas' => $kind['template']],
            )->assertCreated();
            $this->assertAnswers('figure', $answer);
            self::assertEqualsWithDelta(4 * $kind['surface_at_30_mm'], $answer->json('surface_cm2'), 1e-9);
            self::assertNotSame([], $answer->json('areas.0.touches'));
            self::assertCount(count($kind['template']), (array) $answer->json('fields'));
        }
    }

    public function testSharesAreNormalisedOnRequestAndStrangersAreNoNeighbours(): void
    {
        $this->signIn();
        $area = static fn (string $name, float $share, array $touches = []): array => [
            'name' => $name,
            'material' => 'cloth',
            'relief' => 'tight',
            'share' => $share,
            'depth' => 2,
            'weight' => 'minor',
            'touches' => $touches,
        ];
        $figure = [
            'name' => 'Ferryman',
            'count' => 1,
            'height_mm' => 30,
            'areas' => [$area('Coat', 120), $area('Hat', 40, ['Coat']), $area('Pole', 40)],
        ];
        $this->assertRefused(422, 'Coat covers 120 %', $this->postJson('/api/companies', $figure));
        self::assertEqualsWithDelta(
            [60.0, 20.0, 20.0],
            array_column(
                (array) $this->postJson('/api/companies', [...$figure, 'normalise' => true])->assertCreated()->json('areas'),
                'share',
            ),
            1e-9,
        );
        $this->assertRefused(
            422,
            'is next to Boat, but there is no area of that name',
            $this->postJson(
                '/api/companies',
                ['name' => 'Other', 'count' => 1, 'height_mm' => 30, 'areas' => [$area('Coat', 50, ['Boat'])]],
            ),
        );
        self::assertSame(0, Company::query()->where('name', 'Other')->count());
    }

    public function testPartsAndWeakJointsAreKeptAndCarriedToTheSteps(): void
    {
        $this->signIn();
        $company = (array) $this->getJson('/api/companies')->json('companies.0');
        $company['areas'][0] = [...$company['areas'][0], 'fragile' => true, 'reachable' => false, 'part' => 'cape', 'notes' => 'glue last'];
        $saved = $this->putJson('/api/companies/'.$company['id'], $company)->assertOk();

        self::assertSame(
            [true, false, 'cape', 'glue last'],
            [
                $saved->json('areas.0.fragile'),
                $saved->json('areas.0.reachable'),
                $saved->json('areas.0.part'),
                $saved->json('areas.0.notes'),
            ],
        );
        self::assertSame(['weak'], array_column((array) $saved->json('remarks'), 'code'), 'a part of its own needs no glue warning');
        $steps = (array) $this->getJson('/api/areas/'.$company['areas'][0]['id'].'/recipe')->json('steps');
        self::assertStringContainsString('weak joint', implode(' ', $steps[1]['cautions']));
    }

    public function testLeadersAreSomeOfTheFigures(): void
    {
        $this->signIn();
        $figure = [
            'name' => 'Second watch',
            'count' => 6,
            'leaders' => 2,
            'height_mm' => 30,
            'areas' => [[
                'name' => 'Coat', 'material' => 'cloth', 'relief' => 'tight', 'share' => 50,
                'depth' => 2, 'weight' => 'minor',
            ]],
        ];
        self::assertSame(2, $this->postJson('/api/companies', $figure)->assertCreated()->json('leaders'));
        $this->assertRefused(
            422,
            'at most as many as figures',
            $this->postJson('/api/companies', [...$figure, 'name' => 'Third watch', 'leaders' => 7]),
        );
        $this->assertRefused(
            422,
            'at most as many as figures',
            $this->postJson('/api/companies', [...$figure, 'name' => 'Third watch', 'leaders' => -1]),
        );
    }

    public function testAFigureGoesUnlessTheLedgerKnowsIt(): void
    {
        $this->signIn();
        $new = $this->postJson(
            '/api/companies',
            [
                'name' => 'Short-lived',
                'count' => 1,
                'height_mm' => 30,
                'areas' => [[
                    'name' => 'Coat', 'material' => 'cloth', 'relief' => 'tight', 'share' => 50,
                    'depth' => 2, 'weight' => 'minor',
                ]],
            ],
        )->json('id');
        $this->deleteJson("/api/companies/$new")->assertNoContent();
        $company = $this->company();
        $this->postJson(
            "/api/companies/{$company->id}/records",
            ['step' => 'undercoat', 'stage' => 'undercoat', 'figures' => [1], 'real' => ['mix' => []]],
        )->assertOk();
        $this->assertRefused(422, 'stays: the ledger holds 1 entry', $this->deleteJson("/api/companies/{$company->id}"));
        self::assertSame(1, Company::query()->count());
    }

    private function company(): Company
    {
        return Company::query()->with('areas')->firstOrFail();
    }
}
