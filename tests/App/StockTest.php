<?php

declare(strict_types=1);

namespace Tests\App;

use App\Devices\BottleScale;
use App\Devices\ScaleFailed;
use App\Devices\SimulatedBottleScale;
use App\Models\AreaRow;
use App\Models\Company;
use App\Models\Entry;
use App\Models\MovementRow;
use App\Models\PaintRow;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

/** What is left: taken by the bench, given back, counted, weighed; and never rewritten. */
final class StockTest extends TestCase
{
    public function testWhatIsRecordedAtTheBenchLeavesTheBottle(): void
    {
        $this->signIn();
        [$company, $area] = $this->drafted();
        $step = collect((array) $this->getJson("/api/areas/{$area->id}/recipe")->json('steps'))->firstWhere('key', 'basecoat');
        $id = (int) $step['mix'][0]['paint_id'];
        $before = (float) PaintRow::query()->findOrFail($id)->left_ml;
        $needed = collect(
            (array) $this->getJson('/api/shelf/needs?company='.$company->id)->assertOk()->json('paints'),
        )->firstWhere('id', $id);
        $this->postJson(
            "/api/companies/{$company->id}/records",
            ['area_id' => $area->id, 'step' => 'basecoat', 'stage' => 'basecoat', 'figures' => [1, 2], 'real' => ['mix' => []]],
        )->assertOk();
        $after = (float) PaintRow::query()->findOrFail($id)->left_ml;

        self::assertLessThan($before, $after);
        $moved = $this->getJson("/api/paints/$id/movements")->assertOk();
        $this->assertAnswers('stock', $moved);
        self::assertSame(['used', 'counted'], array_column((array) $moved->json('movements'), 'kind'));
        self::assertEqualsWithDelta($after - $before, $moved->json('movements.0.ml'), 0.006);
        self::assertLessThan(
            $needed['needed_ml'],
            collect(
                (array) $this->getJson('/api/shelf/needs?company='.$company->id)->json('paints'),
            )->firstWhere('id', $id)['needed_ml'] ?? 0.0,
        );

        $this->deleteJson('/api/records/'.Entry::query()->value('id'))->assertOk();
        self::assertEqualsWithDelta($before, (float) PaintRow::query()->findOrFail($id)->left_ml, 1e-6);
        self::assertSame(
            ['taken back', 'used', 'counted'],
            array_column((array) $this->getJson("/api/paints/$id/movements")->json('movements'), 'kind'),
            'nothing is rewritten',
        );
        $this->deleteJson('/api/records/'.Entry::query()->value('id'));
        self::assertSame(3, MovementRow::query()->where('paint_id', $id)->count(), 'taken back once only');
    }

    public function testAnotherMixTakesItsOwnPaints(): void
    {
        $this->signIn();
        [$company, $area] = $this->drafted();
        $black = PaintRow::query()->where('name', 'Black')->firstOrFail();
        $record = fn (array $mix, int $figure): TestResponse => $this->postJson(
            "/api/companies/{$company->id}/records",
            [
                'area_id' => $area->id,
                'step' => 'basecoat',
                'stage' => 'basecoat',
                'figures' => [$figure],
                'real' => ['mix' => $mix, 'coats' => 2],
            ],
        );
        $record([['name' => 'Black', 'parts' => 1], ['name' => 'White', 'parts' => null]], 1)->assertOk();
        self::assertNotSame(0.0, (float) $black->refresh()->left_ml);
        $before = (float) $black->left_ml;
        $record([['name' => 'Black', 'parts' => 1]], 2)->assertOk();
        self::assertLessThan($before, (float) $black->refresh()->left_ml);
    }

    /** Two bottles of one name: the one that was meant is used up, under the name it has by now. */
    public function testOfTwoPaintsOfOneNameTheOneThatWasMeantIsUsed(): void
    {
        $this->signIn();
        [$company, $area] = $this->drafted();
        $black = PaintRow::query()->where('name', 'Black')->firstOrFail();
        $twin = PaintRow::query()->create(['name' => 'Black', 'line' => 'Other range', 'left_ml' => 10.0] + array_intersect_key(
            $black->getAttributes(),
            ['behaviour' => 1, 'hex' => 1, 'bottle_ml' => 1],
        ));
        $before = (float) $black->left_ml;
        $record = fn (int $figure): TestResponse => $this->postJson("/api/companies/{$company->id}/records", [
            'area_id' => $area->id, 'step' => 'basecoat', 'stage' => 'basecoat', 'figures' => [$figure],
            'real' => ['mix' => [['paint_id' => $twin->id, 'name' => 'Black', 'parts' => 1]], 'coats' => 2],
        ])->assertOk();
        $record(1);
        self::assertLessThan(10.0, (float) $twin->refresh()->left_ml);
        self::assertSame($before, (float) $black->refresh()->left_ml);

        $twin->update(['name' => 'Lamp black']);
        $had = (float) $twin->left_ml;
        $record(2);
        self::assertLessThan($had, (float) $twin->refresh()->left_ml, 'renamed since the page was opened');
        self::assertSame(
            ['Lamp black', 'Black'],
            array_map(static fn (array $e): string => $e['real']['words'], (array) $this->getJson('/api/ledger')->json('entries')),
            'each as it was called then',
        );
    }

    public function testACountIsAMovementOfItsOwn(): void
    {
        $this->signIn();
        $paint = PaintRow::query()->where('name', 'Ochre')->firstOrFail();
        $had = (float) $paint->left_ml;
        $move = fn (string $kind, string $ml): TestResponse => $this->postJson(
            "/api/paints/{$paint->id}/movements",
            ['kind' => $kind, 'ml' => $ml],
        )->assertOk();
        $move('bought', '15');
        self::assertEqualsWithDelta($had + 15, $move('counted', (string) ($had + 15))->json('left_ml'), 1e-6);
        $move('poured-away', '1.5');
        self::assertEqualsWithDelta($had + 13.5, $paint->refresh()->left_ml, 1e-6);
        self::assertCount(4, (array) $this->getJson("/api/paints/{$paint->id}/movements")->json('movements'));
    }

    public function testAmountsChangedInTheFormAreWrittenDownToo(): void
    {
        $this->signIn();
        $paint = PaintRow::query()->where('name', 'Ochre')->firstOrFail();
        $this->putJson(
            '/api/paints/'.$paint->id,
            [
                'name' => 'Ochre',
                'line' => $paint->line,
                'behaviour' => 'opaque',
                'colour' => '#9c7630',
                'bottle_ml' => '15',
                'left_ml' => '2',
                'owned' => 'yes',
            ],
        )->assertOk();

        self::assertSame('entered by hand', $this->getJson("/api/paints/{$paint->id}/movements")->json('movements.0.note'));
    }

    /** @param array<string, string> $given */
    #[DataProvider('badMovements')]
    public function testBadMovementsAreRefused(array $given, string $sentence): void
    {
        $this->signIn();
        $id = PaintRow::query()->where('name', 'Ochre')->value('id');

        $this->assertRefused(422, $sentence, $this->postJson("/api/paints/$id/movements", $given));
        self::assertSame(0, MovementRow::query()->count());
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function badMovements(): iterable
    {
        yield 'less than nothing' => [['kind' => 'used', 'ml' => '-2'], 'number of millilitres from 0'];
        yield 'a word' => [['kind' => 'used', 'ml' => 'some'], 'number of millilitres'];
        yield 'a sea' => [['kind' => 'bought', 'ml' => '90000'], 'to 5000'];
        yield 'no such thing' => [['kind' => 'lent', 'ml' => '2'], 'Say what happened'];
        yield 'taken back by hand' => [['kind' => 'taken-back', 'ml' => '2'], 'Say what happened'];
    }

    public function testTheScaleTellsMillilitresAndFailsInASentence(): void
    {
        $this->signIn();
        $this->app->bind(BottleScale::class, static fn (): BottleScale => new SimulatedBottleScale(3));
        $paint = PaintRow::query()->where('name', 'Ochre')->firstOrFail();
        $paint->update(['bottle_ml' => 15, 'left_ml' => 8]);
        $answer = $this->postJson("/api/paints/{$paint->id}/scale")->assertOk();
        $this->assertAnswers('weighed', $answer);
        self::assertEqualsWithDelta(7.4, $answer->json('ml'), 1.2);
        self::assertEqualsWithDelta(8.0, $paint->refresh()->left_ml, 1e-9, 'weighing alone changes nothing');
        self::assertEqualsWithDelta(
            (14.5 - 9.5) / 1.25,
            $this->postJson("/api/paints/{$paint->id}/scale", ['grams' => '14,5'])->json('ml'),
            0.006,
        );
        $this->assertRefused(422, 'less than the empty bottle', $this->postJson("/api/paints/{$paint->id}/scale", ['grams' => '3']));
        $this->assertRefused(422, 'write grams', $this->postJson("/api/paints/{$paint->id}/scale", ['grams' => 'heavy']));
        $this->app->bind(BottleScale::class, static fn (): BottleScale => new class () implements BottleScale {
            public function name(): string
            {
                return 'The broken scale';
            }

            public function weigh(PaintRow $bottle): float
            {
                throw ScaleFailed::noRest();
            }
        });
        $this->assertRefused(422, 'The broken scale gave no weight 4 times', $this->postJson("/api/paints/{$paint->id}/scale"));
    }

    public function testWhatDriedUpIsNotAtHand(): void
    {
        $this->signIn();
        $paint = PaintRow::query()->where('name', 'Ochre')->firstOrFail();
        $paint->update(['state' => 'dried up']);

        self::assertStringNotContainsString('Ochre', (string) $this->getJson('/api/tables/match?colour=%239c7630')->getContent());
        self::assertFalse($this->getJson("/api/paints/{$paint->id}")->json('paint.at_hand'));
    }

    public function testSubstitutesAreOfferedAndMarked(): void
    {
        $this->signIn();
        [, $area] = $this->drafted();
        $step = collect((array) $this->getJson("/api/areas/{$area->id}/recipe")->json('steps'))->firstWhere('key', 'basecoat');
        $drafted = $step['mix_words'];
        PaintRow::query()->whereKey($step['mix'][0]['paint_id'])->update(['left_ml' => 0]);
        $offers = $this->getJson("/api/areas/{$area->id}/recipe/basecoat/substitutes")->assertOk();

        $this->assertAnswers('substitutes', $offers);
        self::assertSame([$step['mix'][0]['name']], $offers->json('missing'));
        self::assertStringNotContainsString(
            $step['mix'][0]['name'],
            implode(' ', array_column((array) $offers->json('substitutes'), 'mix_words')),
        );
        $mix = array_map(
            static fn (array $p): array => ['paint_id' => $p['paint_id'], 'parts' => $p['parts']],
            (array) $offers->json('substitutes.0.mix'),
        );
        $changed = collect(
            (array) $this->changeStep($area->id, 'basecoat', ['mix' => $mix])->assertOk()->json('steps'),
        )->firstWhere('key', 'basecoat');
        self::assertSame([$drafted, true], [$changed['instead_of'], $changed['at_hand']]);
        $this->assertRefused(422, 'step', $this->getJson("/api/areas/{$area->id}/recipe/nothing/substitutes"));
    }

    public function testARecipeKeepsAPaintThatWasTakenOffTheShelf(): void
    {
        $this->signIn();
        [$company, $area] = $this->drafted();
        $recipe = fn (): array => (array) $this->getJson("/api/areas/{$area->id}/recipe")->assertOk()->json('steps');
        $before = $recipe();
        $id = (int) $before[1]['mix'][0]['paint_id'];
        $this->deleteJson('/api/paints', ['ids' => [$id]])->assertOk();
        $gone = $recipe();
        self::assertSame(array_column($before, 'key'), array_column($gone, 'key'));
        self::assertFalse($gone[1]['at_hand']);
        self::assertNotSame([], $this->getJson("/api/areas/{$area->id}/recipe/basecoat/substitutes")->json('missing'));
        $this->assertRefused(
            422,
            'is not on this shelf',
            $this->changeStep($area->id, 'highlight', ['mix' => [['paint_id' => $id, 'parts' => 1]]]),
        );
        self::assertSame(
            'missing',
            collect((array) $this->getJson('/api/shelf/needs?company='.$company->id)->json('paints'))->firstWhere('id', $id)['enough'],
        );
        $this->postJson('/api/paints/restore', ['ids' => [$id]])->assertOk();
        self::assertSame($before, $recipe(), 'as if it had never been away');
    }

    /** @return array{Company, AreaRow} with a drafted recipe */
    private function drafted(): array
    {
        $company = Company::query()->firstOrFail();
        $area = AreaRow::query()->where('company_id', $company->id)->orderBy('id')->firstOrFail();
        $this->postJson("/api/areas/{$area->id}/recipe", ['colour' => '#9c7630'])->assertOk();

        return [$company, $area];
    }
}
