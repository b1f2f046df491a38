<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\PaintRow;
use App\Models\RecipeRow;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;

/** What is predicted is marked stale with its sources, by whoever writes them, and worked out again when it is looked at. */
final class StalenessTest extends TestCase
{
    /**
     * @return iterable<string, array{callable(self, PaintRow): mixed, bool, bool}> what is done, whether recipes and undercoats are
     *   stale then
     */
    public static function writes(): iterable
    {
        $put = static fn (array $more): callable => static fn (self $t, PaintRow $p) => $t->putJson('/api/paints/'.$p->id, [...[
            'name' => $p->name, 'line' =>
                $p->line, 'behaviour' =>
                $p->behaviour->value, 'colour' =>
                $p->hex, 'left_ml' =>
                (string) $p->left_ml,
        ], ...$more])->assertOk();
        yield 'another colour' => [$put(['colour' => '#2f5a7e']), true, true];
        yield 'another place' => [$put(['place' => 'left drawer']), false, false];
        yield 'a little used' => [
            static fn (self $t, PaintRow $p) => $t->postJson("/api/paints/$p->id/movements", ['kind' => 'used', 'ml' => '0.5'])->assertOk(),
            false,
            false,
        ];
        yield 'used up' => [
            static fn (self $t, PaintRow $p) => $t->postJson(
                "/api/paints/$p->id/movements",
                ['kind' => 'counted', 'ml' => '0'],
            )->assertOk(),
            true,
            true,
        ];
        yield 'taken off the shelf' => [
            static fn (self $t, PaintRow $p) => $t->deleteJson('/api/paints', ['ids' => [$p->id]])->assertOk(),
            true,
            true,
        ];
        yield 'another paint comes' => [
            static fn (self $t) => $t->postJson(
                '/api/paints',
                ['name' => 'Brand new', 'behaviour' => 'opaque', 'colour' => '#123456'],
            )->assertCreated(), false, true,
        ];
    }

    /** @param callable(self, PaintRow): mixed $write */
    #[DataProvider('writes')]
    public function testAWriteMarksWhatHangsOnIt(callable $write, bool $recipes, bool $undercoats): void
    {
        $this->signIn();
        $recipe = $this->getJson('/api/areas/'.self::coat()->id.'/recipe');
        $this->getJson('/api/companies')->assertOk();
        self::assertFalse(self::row()->stale, 'fresh once it was looked at');
        $paint = PaintRow::query()->findOrFail($recipe->json('steps.1.mix.0.paint_id'));
        $write($this, $paint);

        self::assertSame([$recipes, $undercoats], [self::row()->stale, self::company()->undercoat_stale]);
    }

    public function testAnotherColourOfAnAreaBringsAnotherUndercoatWhenItIsLookedAt(): void
    {
        $this->signIn();
        $said = fn (): string => (string) $this->getJson('/api/areas/'.self::coat()->id.'/recipe')->json('steps.0.reasons.0');
        $before = $said();
        foreach (AreaRow::query()->get() as $area) {
            $area->update(['hex' => '#f3f1ea']);
        }

        self::assertTrue(self::company()->undercoat_stale);
        $after = $said();
        self::assertNotSame($before, $after);
        self::assertTrue(self::company()->undercoat_stale, 'looking writes nothing');
        self::assertSame($after, $said());
    }

    public function testWhatIsStaleIsWorkedOutAndNothingIsWritten(): void
    {
        $this->signIn();
        $this->getJson('/api/shelf/needs')->assertOk();
        RecipeRow::query()->update(['stale' => true, 'strip' => '[]', 'takes' => null]);
        $first = $this->getJson('/api/shelf/needs')->assertOk();

        self::assertTrue(self::row()->stale);
        self::assertSame(
            $first->json('paints'),
            $this->getJson('/api/shelf/needs')->json('paints'),
            'whoever asks again is told the same',
        );
        self::assertNotSame([], $first->json('paints'));
        $coat = self::coat()->id;
        $this->postJson("/api/areas/$coat/recipe/edits", ['kind' => 'change', 'key' => 'basecoat', 'coats' => 2])->assertOk();
        self::assertFalse(self::row()->stale, 'what is changed is written down with what it leads to');
        self::assertCount(4, self::row()->strip);
    }

    /** @param string $path an answer that needs all recipes */
    #[TestWith(['companies'])]
    #[TestWith(['shelf/needs'])]
    #[TestWith(['buy'])]
    public function testWhoeverCanAskAgainIsToldHowManyRecipesAreLeft(string $path): void
    {
        $this->derivedApart();
        $this->signIn();
        for ($i = 0; $i < 2; ++$i) {
            $this->copied(self::company(), 'Twin '.$i);
        }
        $this->getJson('/api/companies')->assertOk();
        $this->postJson('/api/prices')->assertOk();
        PaintRow::query()->where('name', 'Ochre')->firstOrFail()->update(['reflectance' => array_fill(0, 18, 0.3)]);
        RecipeRow::query()->update(['stale' => true]);
        Company::query()->update(['undercoat_stale' => true]);
        config(['kalokroma.answers_within_s' => 0.0]);
        $each = RecipeRow::query()->count() / 3;

        foreach ([2 * $each, $each] as $left) {
            $answer = $this->getJson('/api/'.$path, ['Prefer' => 'respond-async'])->assertStatus(202);
            $this->assertAnswers('working', $answer);
            self::assertEquals($left, $answer->json('recipes_left'), 'one company was worked out');
        }
        $this->getJson('/api/'.$path, ['Prefer' => 'respond-async'])->assertOk();
    }

    public function testWhoeverDoesNotSaySoGetsTheWholeAnswerAtOnce(): void
    {
        $this->signIn();
        $this->copied(self::company(), 'Twin');
        RecipeRow::query()->update(['stale' => true]);
        config(['kalokroma.answers_within_s' => 0.0]);

        $whole = $this->getJson('/api/shelf/needs')->assertOk()->json();
        config(['kalokroma.answers_within_s' => 600.0]);
        self::assertSame($whole, $this->getJson('/api/shelf/needs', ['Prefer' => 'respond-async'])->assertOk()->json());
    }

    /** Another company with the same areas and recipes. */
    private function copied(Company $company, string $name): void
    {
        $twin = $company->replicate()->fill(['name' => $name]);
        $twin->save();
        foreach ($company->areas()->with('recipe')->get() as $area) {
            $row = $area->replicate();
            $row->company_id = $twin->id;
            $row->save();
            $recipe = $area->recipe?->replicate();
            if ($recipe !== null) {
                $recipe->area_id = $row->id;
                $recipe->save();
            }
        }
    }

    public function testAnEditOfARecipeTakesAtMostTwelveQueries(): void
    {
        $this->signIn();
        $url = '/api/areas/'.self::coat()->id.'/recipe';
        $this->getJson($url)->assertOk();
        $this->postJson($url.'/edits', ['kind' => 'change', 'key' => 'basecoat', 'coats' => 3])->assertOk();
        $queries = [];
        DB::listen(static function (QueryExecuted $query) use (&$queries): void {
            $queries[] = $query->sql;
        });
        $edit = ['kind' => 'change', 'key' => 'basecoat', 'coats' => 4, 'version' => RecipeRow::query()->where('area_id', self::coat()->id)
            ->value('version')];
        $queries = [];
        $this->postJson($url.'/edits', $edit, ['Idempotency-Key' => 'as-the-pages-send-it'])->assertOk();
        self::assertLessThanOrEqual(12, count($queries), implode("\n", $queries));

        RecipeRow::query()->update(['version' => 89, 'counter' => 89]);
        $edit['version'] = 89;
        $queries = [];
        $this->postJson($url.'/edits', $edit, ['Idempotency-Key' => 'with-a-long-history'])->assertOk();
        self::assertLessThanOrEqual(12, count($queries), implode("\n", $queries));
    }

    private static function company(): Company
    {
        return Company::query()->firstOrFail();
    }

    private static function coat(): AreaRow
    {
        return AreaRow::query()->where('name', 'Coat')->firstOrFail();
    }

    private static function row(): RecipeRow
    {
        return RecipeRow::query()->where('area_id', self::coat()->id)->firstOrFail();
    }

    /** Spectra kept by an older version are derived again from the colours, and what was predicted from them is stale. */
    public function testOlderSpectraAreDerivedAnew(): void
    {
        $this->signIn();
        $paint = PaintRow::query()->where('name', 'Ochre')->firstOrFail();
        $derived = $paint->reflectance;
        DB::table('paints')->where('id', $paint->id)->update(['reflectance' => json_encode(array_fill(0, 18, 0.5), JSON_THROW_ON_ERROR)]);
        $stamp = (int) DB::table('painters')->max('stamp');
        DB::table('recipes')->update(['stale' => false]);

        (require database_path('migrations/2026_11_28_000010_derive_spectra_anew.php'))->up();

        self::assertSame($derived, $paint->refresh()->reflectance);
        self::assertSame(0, RecipeRow::query()->where('stale', false)->count());
        self::assertSame($stamp + 1, (int) DB::table('painters')->max('stamp'));
    }
}
