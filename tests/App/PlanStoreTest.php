<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\PaintRow;
use App\Models\RecipeRow;
use App\Models\RevisionRow;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A plan is kept in parts: each is changed and undone for itself, and which paints it takes stands in rows. */
final class PlanStoreTest extends TestCase
{
    public function testAVarnishIsNotUndoneWithTheUndercoat(): void
    {
        $this->signIn();
        $company = Company::query()->firstOrFail();
        $url = "/api/companies/{$company->id}/undercoat";
        $this->postJson("$url/edits", ['key' => 'undercoat', 'coats' => 3])->assertOk();
        $this->postJson("$url/whole", ['technique' => 'matt-varnish', 'tiny' => true, 'late' => true])->assertOk();
        $this->postJson("$url/edits", ['key' => 'undercoat', 'coats' => 4])->assertOk();
        self::assertSame([4, ['matt-varnish']], $this->stands());

        $this->postJson("$url/undo")->assertOk();
        self::assertSame([3, ['matt-varnish']], $this->stands(), 'the varnish was added before and stays');
        $this->postJson("$url/whole/undo")->assertOk();
        self::assertSame([3, []], $this->stands());
        $this->assertRefused(422, 'nothing to undo', $this->postJson("$url/whole/undo"));
        $this->postJson("$url/redo")->assertOk();
        $this->postJson("$url/whole/redo")->assertOk();
        self::assertSame([4, ['matt-varnish']], $this->stands());
        $area = AreaRow::query()->where('company_id', $company->id)->value('id');
        $shown = $this->getJson("/api/areas/$area/recipe")->assertOk();
        self::assertSame('matt varnish over the whole figure', $shown->json('whole.undo'));
        self::assertSame('coats of the undercoat', $shown->json('undercoat.undo'));
    }

    /** Two windows, one at the undercoat and one at the varnish, do not hinder each other. */
    public function testTheUndercoatAndTheVarnishHaveVersionsOfTheirOwn(): void
    {
        $this->signIn();
        $url = '/api/companies/'.Company::query()->value('id').'/undercoat';
        $seen = $this->getJson($url)->json();
        $this->postJson("$url/edits", ['key' => 'undercoat', 'coats' => 3, 'version' => $seen['version']])->assertOk();
        $wish = ['technique' => 'gloss-varnish', 'tiny' => true, 'version' => $seen['whole_version']];
        $added = $this->postJson("$url/whole", $wish)->assertOk();

        self::assertGreaterThan($seen['whole_version'], $added->json('whole_version'));
        $this->assertRefused(409, 'another window', $this->postJson("$url/edits", [
            'key' => 'undercoat', 'coats' => 5, 'version' => $seen['version'],
        ]));
    }

    /**
     * As it was kept while both were one: undercoat, then varnish, then another undercoat, then another varnish, and one step back. Each
     * part has its own states afterwards and stands where it stood.
     */
    public function testOneHistoryBecomesTwo(): void
    {
        $this->signIn();
        $company = Company::query()->firstOrFail();
        $url = "/api/companies/{$company->id}/undercoat";
        $this->postJson("$url/edits", ['key' => 'undercoat', 'coats' => 2])->assertOk();
        $this->postJson("$url/whole", ['technique' => 'matt-varnish', 'tiny' => true])->assertOk();
        $now = Company::query()->findOrFail($company->id);
        $one = [...$now->undercoat ?? [], 'given' => 2];
        $varnish = $now->whole['steps'];
        $two = $one;
        $two['steps'][0]['coats'] = 5;
        $late = $varnish;
        $late[0]['late'] = true;
        $states = [
            1 => ['as it was', [...$one, 'whole' => []]],
            2 => ['matt varnish over the whole figure', [...$one, 'whole' => $varnish]],
            3 => ['coats of the undercoat', [...$two, 'whole' => $varnish]],
            4 => ['matt varnish over the whole figure', [...$two, 'whole' => $late]],
            5 => ['coats of the undercoat', [...$one, 'whole' => $late]],
        ];
        $this->asBefore($company, $states, 4);
        (require database_path('migrations/2026_12_01_000028_part_the_plan_of_a_figure.php'))->up();

        self::assertSame([5, ['matt-varnish']], $this->stands());
        $kept = static fn (string $part): array => RevisionRow::query()->where('company_id', $company->id)->where('part', $part)
            ->orderBy('number')->pluck('words', 'number')->all();
        self::assertSame([1 => 'as it was', 3 => 'coats of the undercoat', 5 => 'coats of the undercoat'], $kept('undercoat'));
        self::assertSame([1 => 'as it was', 2 => $states[2][0], 3 => $states[4][0]], $kept('whole'));
        $row = Company::query()->findOrFail($company->id);
        self::assertSame([3, 3], [$row->undercoat_version, $row->whole_version]);
        $this->postJson("$url/whole/undo")->assertOk();
        self::assertFalse(Company::query()->findOrFail($company->id)->whole['steps'][0]['late']);
        $this->postJson("$url/undo")->assertOk();
        self::assertSame([2, ['matt-varnish']], $this->stands());
        $this->postJson("$url/redo")->assertOk();
        $this->postJson("$url/redo")->assertOk();
        self::assertSame([2, ['matt-varnish']], $this->stands(), 'what had been undone is still there');
    }

    /** After any edits the rows name the paints of all plans, and a change of one paint makes stale what takes it, and nothing else. */
    public function testThePaintsOfPlansAreRows(): void
    {
        $this->signIn();
        $dice = new Randomizer(new Mt19937(31));
        $paints = PaintRow::query()->whereIn('behaviour', ['opaque', 'wash'])->pluck('id')->all();
        $areas = AreaRow::query()->whereHas('recipe')->pluck('id')->all();
        for ($i = 0; $i < 24; ++$i) {
            $area = $areas[$dice->getInt(0, count($areas) - 1)];
            $steps = RecipeRow::query()->where('area_id', $area)->firstOrFail()->plan['steps'];
            $key = $steps[$dice->getInt(0, count($steps) - 1)]['key'];
            $paint = $paints[$dice->getInt(0, count($paints) - 1)];
            $url = "/api/areas/$area/recipe";
            match ($dice->getInt(0, 4)) {
                0 => $this->postJson("$url/edits", ['kind' => 'drop', 'key' => $key]),
                1 => $this->postJson("$url/edits", ['kind' => 'change', 'key' => $key, 'coats' => $dice->getInt(1, 4)]),
                2 => $this->postJson("$url/undo"),
                default => $this->postJson("$url/edits", [
                    'kind' => 'change', 'key' => $key, 'mix' => [['paint_id' => $paint, 'parts' => 1]],
                ]),
            };
            self::assertSame($this->inPlans(), $this->inRows(), "after $i changes");
        }
        $pairs = $this->inRows();
        $paint = PaintRow::query()->findOrFail(explode(' ', $pairs[intdiv(count($pairs), 2)])[1]);
        $taking = array_values(array_unique(array_map(
            static fn (string $pair): int => (int) explode(' ', $pair)[0],
            array_filter($pairs, static fn (string $pair): bool => explode(' ', $pair)[1] === (string) $paint->id),
        )));
        DB::table('recipes')->update(['stale' => false]);
        $paint->update(['hex' => '#123456']);

        sort($taking);
        self::assertSame($taking, RecipeRow::query()->where('stale', true)->orderBy('area_id')->pluck('area_id')->all());
    }

    /** @return list<string> "area paint" of every step, as the plans themselves say */
    private function inPlans(): array
    {
        $found = [];
        foreach (RecipeRow::query()->get() as $recipe) {
            foreach ($recipe->plan['steps'] as $step) {
                foreach ([...$step['mix'] ?? [], ...$step['meets'] ?? [], ...isset($step['product']) ? [$step['product']] : []] as $part) {
                    $found[] = $recipe->area_id.' '.$part['paint'];
                }
            }
        }
        $found = array_values(array_unique($found));
        sort($found);

        return $found;
    }

    /** @return list<string> */
    private function inRows(): array
    {
        $found = DB::table('plan_paints')->whereNotNull('area_id')->get()
            ->map(static fn (object $row): string => $row->area_id.' '.$row->paint)->unique()->values()->all();
        sort($found);

        return $found;
    }

    /** @return array{int|null, list<string>} coats of the undercoat, and what is done to the whole figure */
    private function stands(): array
    {
        $company = Company::query()->firstOrFail();

        return [
            $company->undercoat['steps'][0]['coats'] ?? null,
            array_map(static fn (array $each): string => $each['step']['technique'], $company->whole['steps'] ?? []),
        ];
    }

    /**
     * @param array<int, array{string, array<string, mixed>}> $states by number, with their words
     * @param int $at where it stands
     */
    private function asBefore(Company $company, array $states, int $at): void
    {
        DB::table('revisions')->where('company_id', $company->id)->delete();
        foreach ($states as $number => [$words, $state]) {
            DB::table('revisions')->insert([
                'painter_id' => $company->painter_id, 'company_id' => $company->id, 'number' => $number, 'aside' => false,
                'words' => $words, 'state' => json_encode($state, JSON_THROW_ON_ERROR), 'created_at' => now(),
            ]);
        }
        DB::table('companies')->where('id', $company->id)->update([
            'undercoat' => json_encode($states[$at][1], JSON_THROW_ON_ERROR), 'undercoat_version' => $at,
            'undercoat_counter' => count($states),
        ]);
        DB::statement('ALTER TABLE companies DROP COLUMN whole');
        DB::statement('ALTER TABLE companies DROP COLUMN whole_version');
        DB::statement('ALTER TABLE companies DROP COLUMN whole_counter');
        DB::statement('ALTER TABLE revisions DROP COLUMN part');
        DB::statement('ALTER TABLE recipes RENAME COLUMN drafted_colour TO hex');
    }
}
