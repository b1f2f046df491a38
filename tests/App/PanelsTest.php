<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\Entry;
use App\Models\PassRow;
use Carbon\CarbonImmutable;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** A hull that is washed and wiped panel by panel: in the order, on the fetch list, at the Bench and in the ledger. */
final class PanelsTest extends TestCase
{
    private const EVENINGS = ['zone' => 'UTC', 'weekly' => [[
        'days' => ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'], 'from' => '19:00', 'to' => '21:30',
    ]]];

    public function testAPanelIsAPassOfItsStep(): void
    {
        $this->travelTo(CarbonImmutable::parse('2026-12-02T18:55:00Z'));
        $hull = $this->hull();
        self::assertSame(['wash, panel 1 of 2', 'wash, panel 2 of 2'], $this->planned('enamel wash'));

        [$washed, $wiped] = [$hull.':enamel-wash', $hull.':wiping'];
        $this->travelTo(CarbonImmutable::parse('2026-12-03T19:01:00Z'));
        $sitting = $this->postJson($this->url('sittings'), ['origin' => 'order'])->assertOk();
        $words = implode('; ', array_column((array) $sitting->json('steps'), 'words'));
        self::assertStringContainsString('enamel wash, panel 1 of 2', $words);
        self::assertStringContainsString('wiping, panel 1 of 2', $words);
        $this->postJson('/api/sittings/'.$sitting->json('id').'/start')->assertOk();

        $step = $this->step($washed);
        self::assertSame(['number' => 1, 'of' => 2, 'figures' => [1], 'word' => 'panel'], $step['pass']);
        $bench = $this->pass($step);
        $this->assertAnswers('bench_tick', $bench);
        $this->travel(80)->minutes();
        $this->pass($this->step($wiped));
        self::assertSame([2, 2], PassRow::query()->pluck('panels')->all());
        self::assertSame(2, Entry::query()->count(), 'ground and varnish: no step is done before its last panel');
        $under = $this->getJson('/api/sittings/'.$sitting->json('id'))->assertOk();
        self::assertSame([], array_merge(...array_column((array) $under->json('steps'), 'left')), 'this sitting is done');

        $this->postJson('/api/sittings/'.$sitting->json('id').'/end')->assertOk();
        self::assertSame(['wash, panel 2 of 2'], $this->planned('enamel wash'));
        self::assertSame(['number' => 2, 'of' => 2, 'figures' => [1], 'word' => 'panel'], $this->step($washed)['pass']);
        $this->travelTo(CarbonImmutable::parse('2026-12-04T19:01:00Z'));
        $this->pass($this->step($washed));
        self::assertTrue($this->step($washed)['done']);
        self::assertSame([], $this->planned('enamel wash'));
        self::assertSame('enamel-wash', Entry::query()->latest('id')->value('step_key'));
    }

    /** @return int id of the area: 1,500 cm² of hull whose ground and varnish are on since yesterday */
    private function hull(): int
    {
        $painter = $this->signIn();
        $painter->update(['free' => self::EVENINGS]);
        $this->postJson('/api/paints', ['name' => 'Rust Enamel Wash', 'behaviour' => 'enamel', 'colour' => '#6a3a1e', 'owned' => 'yes'])
            ->assertSuccessful();
        $company = Company::query()->firstOrFail();
        $company->update(['count' => 1, 'leaders' => 0, 'surface_cm2' => 1000]);
        AreaRow::query()->where('name', '!=', 'Coat')->delete();
        $hull = AreaRow::query()->where('name', 'Coat')->firstOrFail();
        $hull->update(['share' => 100]);
        $this->postJson("/api/areas/$hull->id/recipe/told", ['text' => "gloss varnish\nenamel wash: Rust Enamel Wash\nwiping"])->assertOk();
        foreach (['all:undercoat', $hull->id.':gloss-varnish'] as $id) {
            $step = $this->step($id);
            $this->postJson($this->url('records'), self::asPlanned($step))->assertOk();
            $this->travel(1)->hours();
        }

        return $hull->id;
    }

    private function url(string $what): string
    {
        return '/api/companies/'.Company::query()->value('id').'/'.$what;
    }

    /** @return list<string> what is planned of such steps, from the technique on */
    private function planned(string $technique): array
    {
        $found = [];
        foreach ((array) $this->getJson($this->url('order'))->assertOk()->json('plan.sheets') as $sheet) {
            foreach ($sheet['jobs'] as $job) {
                $found = str_contains($job['what'], $technique) ? [...$found, (string) strstr($job['what'], 'wash')] : $found;
            }
        }

        return $found;
    }

    /** @return array<string, mixed> */
    private function step(string $id): array
    {
        return array_column((array) $this->getJson($this->url('bench?by=row'))->assertOk()->json('steps'), null, 'id')[$id];
    }

    /**
     * @param array<string, mixed> $step
     *
     * @return TestResponse<Response>
     */
    private function pass(array $step): TestResponse
    {
        return $this->postJson($this->url('passes').'?by=row', self::asPlanned($step))->assertOk();
    }

    /**
     * @param array<string, mixed> $step as the bench had it
     *
     * @return array<string, mixed>
     */
    private static function asPlanned(array $step): array
    {
        return ['area_id' => $step['area_id'], 'step' => $step['key'], 'as' => $step['as'], 'stage' => $step['stage'], 'figures' => [1],
            'real' => ['mix' => $step['mix'], 'thin' => $step['thin'], 'coats' => $step['coats'], 'tool' => $step['tool']]];
    }
}
