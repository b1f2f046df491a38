<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\Entry;
use App\Models\RecipeRow;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

final class FigureTest extends TestCase
{
    public function testCompaniesWithTheirAreas(): void
    {
        $this->signIn();
        $answer = $this->getJson('/api/companies')->assertOk();

        $this->assertAnswers('figures', $answer);
        self::assertSame('Ferrymen', $answer->json('companies.0.name'));
        self::assertEquals(30.0, $answer->json('companies.0.uncovered'));
        self::assertEquals(9.6, $answer->json('companies.0.areas.0.surface_cm2'), 'by hand: 60 % of 16 cm²');
        self::assertCount(4, $answer->json('companies.0.areas.0.strip'));
    }

    public function testAPaintersOwnFigure(): void
    {
        $this->signIn();
        $answer = $this->postJson('/api/companies', self::figure())->assertCreated();

        $this->assertAnswers('figure', $answer);
        self::assertEquals(64.0, $answer->json('surface_cm2'), 'by hand: twice the height of a foot figure, four times its 16 cm²');
        self::assertNull($answer->json('areas.1.colour'));
        $drafted = $this->postJson('/api/areas/'.$answer->json('areas.0.id').'/recipe', ['colour' => '#4b5a32'])->assertOk();
        self::assertGreaterThan(3, count((array) $drafted->json('steps')));
    }

    /** Bare stays what lies near a flake paint of its own painter, or has no colour yet; armour in a colour becomes lacquered. */
    public function testMetalOfOlderWorkshopsIsToldApart(): void
    {
        $painter = $this->signIn();
        $flakes = ['painter_id' => $painter->id, 'behaviour' => 'metallic', 'name' => 'Steel', 'hex' => '#8b9095'];
        DB::table('paints')->insert([...(array) DB::table('paints')->where('painter_id', $painter->id)->first(), ...$flakes, 'id' => 900]);
        $areas = DB::table('areas')->orderBy('id')->pluck('id')->all();
        self::assertCount(2, $areas);
        $migration = require database_path('migrations/2026_11_28_000016_tell_bare_from_lacquered_metal.php');
        $materials = static function (string $first, ?string $second) use ($areas, $migration): array {
            DB::table('areas')->update(['material' => 'metal']);
            DB::table('areas')->where('id', $areas[0])->update(['hex' => $first]);
            DB::table('areas')->where('id', $areas[1])->update(['hex' => $second]);
            $migration->up();

            return DB::table('areas')->orderBy('id')->pluck('material')->all();
        };

        self::assertSame(['metal', 'lacquered-metal'], $materials('#868b91', '#2d5596'));
        self::assertSame(['lacquered-metal', 'metal'], $materials('#a82a20', null));
        $migration->down();
        self::assertSame(['metal', 'metal'], DB::table('areas')->orderBy('id')->pluck('material')->all());
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('badFigures')]
    public function testABadFigureIsRefusedWhole(array $change, string $sentence): void
    {
        $this->signIn();
        $this->assertRefused(422, $sentence, $this->postJson('/api/companies', array_replace_recursive(self::figure(), $change)));

        self::assertSame(1, Company::query()->count());
        self::assertSame(2, AreaRow::query()->count());
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badFigures(): iterable
    {
        yield 'no name' => [['name' => ''], 'name'];
        yield 'a name taken' => [['name' => 'Ferrymen'], 'There is a figure or company of this name already.'];
        yield 'no figures' => [['count' => 0], 'A company has 1 to 99 figures.'];
        yield 'a giant' => [['height_mm' => 5000], 'The height is 10 to 400 mm.'];
        yield 'negative surface' => [['surface_cm2' => -4], 'more than 0 and at most 5000 cm²'];
        yield 'shares over the whole' => [['areas' => [['share' => 80], ['share' => 30]]], 'The areas cover 110 % of the surface together'];
        yield 'a negative share' => [['areas' => [['share' => -5]]], 'Hide covers -5 % of the surface'];
        yield 'no share' => [['areas' => [['share' => null]]], 'Area 1 needs its share of the surface'];
        yield 'a short colour' => [['areas' => [1 => ['colour' => '#12']]], 'The colour of area 2 is not one'];
        yield 'an unknown relief' => [['areas' => [['relief' => 'bumpy']]], 'relief'];
        yield 'an unknown material' => [['areas' => [['material' => 'cheese']]], 'material'];
        yield 'too deep' => [['areas' => [['depth' => 12]]], 'The depth of area 1 runs from 1'];
        yield 'two alike' => [['areas' => [1 => ['name' => 'hide']]], 'Two areas have the same name'];
        yield 'a nameless area' => [['areas' => [1 => ['name' => '']]], 'Area 2 has no name.'];
        yield 'an endless height' => [['height_mm' => '1e400'], 'The height is 10 to 400 mm.'];
        yield 'an endless share' => [['areas' => [['share' => '1e999']]], 'Area 1 needs its share of the surface'];
        yield 'a number for an area' => [['areas' => [1 => 7]], 'areas.1'];
        yield 'areas of words' => [['areas' => 'all of it'], 'areas'];
    }

    public function testAFigureWithoutAreas(): void
    {
        $this->signIn();
        $this->assertRefused(
            422,
            'A figure needs at least one area.',
            $this->postJson('/api/companies', [...self::figure(), 'areas' => []]),
        );
    }

    public function testChangingAreasKeepsTheRecipesOfThoseThatStay(): void
    {
        $this->signIn();
        $company = Company::query()->with('areas')->firstOrFail();
        $coat = $company->areas[0]->id;
        $body = ['name' => 'Ferrymen', 'count' => 4, 'height_mm' => 30, 'surface_cm2' => 18, 'areas' => [
            [
                'id' => $coat,
                'name' => 'Long coat',
                'material' => 'cloth',
                'relief' => 'tight',
                'share' => 70,
                'depth' => 3,
                'weight' => 'leading',
                'colour' => '#9c7d34',
            ],
            ['name' => 'Rope', 'material' => 'rope', 'relief' => 'texture', 'share' => 5, 'depth' => 5, 'weight' => 'minor'],
        ]];
        $answer = $this->putJson('/api/companies/'.$company->id, $body)->assertOk();

        self::assertSame(['Long coat', 'Rope'], array_column((array) $answer->json('areas'), 'name'));
        self::assertSame([true, false], array_column((array) $answer->json('areas'), 'planned'));
        self::assertSame([$coat], RecipeRow::query()->pluck('area_id')->all(), 'the lantern went with its recipe');
    }

    public function testAnOlderFormIsRefusedAndDeletesNothing(): void
    {
        $this->signIn();
        $opened = $this->getJson('/api/companies')->json('companies.0');
        $url = '/api/companies/'.$opened['id'];
        $lining = ['name' => 'Lining', 'material' => 'cloth', 'relief' => 'tight', 'share' => 5, 'depth' => 2, 'weight' => 'minor'];
        $this->putJson($url, [...$opened, 'areas' => [...$opened['areas'], $lining]])->assertOk();
        $mine = [...$opened, 'notes' => 'mine'];
        $refused = $this->putJson($url, $mine);

        $this->assertRefused(409, 'was changed in another window', $refused);
        self::assertSame(['Coat', 'Lantern', 'Lining'], AreaRow::query()->orderBy('position')->pluck('name')->all());
        self::assertSame([
            ['what' => 'Notes', 'there' => $opened['notes'], 'yours' => 'mine'],
            ['what' => 'Area Lining', 'there' => 'cloth, tight, 5 %, depth 2, minor', 'yours' => ''],
        ], $refused->json('differences'), 'both states are told');

        $this->putJson($url, [...$mine, 'version' => $refused->json('version')])->assertOk();
        self::assertSame(2, AreaRow::query()->count(), 'who has seen it and insists has it so');
    }

    public function testARecordChangesNothingOfAFormThatIsOpen(): void
    {
        $this->signIn();
        $opened = $this->getJson('/api/companies')->json('companies.0');
        $this->postJson('/api/companies/'.$opened['id'].'/records', [
            'area_id' => null, 'step' => 'undercoat', 'stage' => 'undercoat', 'figures' => [1], 'real' => ['mix' => []],
        ])->assertOk();

        $this->putJson('/api/companies/'.$opened['id'], [...$opened, 'notes' => 'mine'])->assertOk();
    }

    public function testTwoAreasMayTradeNames(): void
    {
        $this->signIn();
        $company = $this->getJson('/api/companies')->json('companies.0');
        [$company['areas'][0]['name'], $company['areas'][1]['name']] = ['Lantern', 'Coat'];
        $ids = array_column($company['areas'], 'id');
        $answer = $this->putJson('/api/companies/'.$company['id'], $company)->assertOk();

        self::assertSame(['Lantern', 'Coat'], array_column((array) $answer->json('areas'), 'name'));
        self::assertSame($ids, array_column((array) $answer->json('areas'), 'id'));
    }

    public function testWhatWasRecordedOnARemovedAreaStays(): void
    {
        $this->signIn();
        $company = Company::query()->with('areas')->firstOrFail();
        $lantern = $company->areas[1];
        $this->postJson('/api/companies/'.$company->id.'/records', [
            'area_id' => $lantern->id, 'step' => 'basecoat', 'stage' => 'basecoat', 'figures' => [1], 'real' => ['mix' => []],
        ])->assertOk();
        $this->putJson('/api/companies/'.$company->id, [...self::figure(), 'name' => 'Ferrymen'])->assertOk();

        self::assertSame('Lantern', Entry::query()->firstOrFail()->area_name);
        self::assertSame('Lantern', $this->getJson('/api/ledger')->json('entries.0.area'));
    }

    public function testAnAreaOfAnotherFigureIsNotDrawnOver(): void
    {
        $this->signIn();
        $coat = AreaRow::query()->firstOrFail()->id;
        $body = self::figure();
        $body['areas'][0]['id'] = $coat;
        $this->postJson('/api/companies', $body)->assertCreated();

        self::assertSame('Coat', AreaRow::query()->findOrFail($coat)->name);
        self::assertSame(4, AreaRow::query()->count());
    }

    /** @return array<string, mixed> */
    private static function figure(): array
    {
        return ['name' => 'Mud crab', 'count' => 1, 'height_mm' => 60, 'areas' => [
            [
                'name' => 'Hide',
                'material' => 'scales',
                'relief' => 'texture',
                'share' => 70,
                'depth' => 2,
                'weight' => 'leading',
                'colour' => '#4B5A32',
            ],
            [
                'name' => 'Claws',
                'material' => 'bone',
                'relief' => 'plate',
                'share' => 20.5,
                'depth' => 3,
                'weight' => 'minor',
                'colour' => null,
            ],
        ]];
    }
}
