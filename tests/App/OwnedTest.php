<?php

declare(strict_types=1);

namespace Tests\App;

use App\Formats\Shelf\PaintFields;
use App\Models\Painter;
use App\Models\PaintRow;

/** What a painter owns besides paint is asked, not supposed; until it is answered the shelf tells. */
final class OwnedTest extends TestCase
{
    public function testNothingIsAnsweredBeforehandAndTheShelfTells(): void
    {
        $painter = Painter::query()->create(['name' => 'New hand', 'password' => 'marsh lights'])->refresh();
        $this->become($painter);
        $look = fn (): array => (array) $this->getJson('/api/session')->assertOk()->json('painter');

        $first = $look();
        foreach (Painter::ASKED as $question) {
            self::assertNull($first[$question], $question);
        }
        self::assertSame(['airbrush' => '', 'spray_cans' => '', 'solvents' => ''], $first['told']);
        $owned = $painter->equipment();
        self::assertSame(
            [false, false, false, false, false],
            [$owned->sprayCans, $owned->extraction, $owned->solvents, $owned->wetPalette, $owned->metalBrush],
        );

        $painter->paints()->create(PaintFields::read(
            ['name' => 'Black rattle can', 'behaviour' => 'primer', 'colour' => '#1b1a18', 'form' => 'spray can'],
        )->attributes);
        self::assertSame('Black rattle can', $look()['told']['spray_cans']);
        self::assertNull($look()['spray_cans'], 'a pot is no answer');
        self::assertTrue($painter->refresh()->equipment()->sprayCans, 'but it is taken for possible');

        $answer = $this->answered([...$look(), 'spray_cans' => false]);
        self::assertFalse($answer['spray_cans']);
        self::assertNull($answer['airbrush'], 'the other question stays open');
        self::assertFalse($painter->refresh()->equipment()->sprayCans, 'an answer counts more than the shelf');

        $painter->paints()->create(PaintFields::read(
            ['name' => 'Brown enamel wash', 'behaviour' => 'enamel', 'colour' => '#4b3524'],
        )->attributes);
        self::assertSame('Brown enamel wash', $look()['told']['solvents']);
        self::assertTrue($painter->refresh()->equipment()->solvents, 'who keeps enamel thins it');
    }

    /** Fifty pots as somebody would scribble them, a figure drafted with them, and what is fetched for it: each is used as what it is. */
    public function testAListOfFiftyPaintsAFigure(): void
    {
        $painter = Painter::query()->create(['name' => 'New hand', 'password' => 'marsh lights'])->refresh();
        $this->become($painter);
        $text = (string) file_get_contents(__DIR__.'/../Core/data/shelves/fifty.txt');
        $read = (array) $this->postJson('/api/shelf/typed', ['text' => $text])->assertOk()->json('paints');
        $plain = array_values(array_filter($read, static fn (array $p): bool => $p['questions'] === [] && $p['doubt'] === ''));
        self::assertCount(50, $read);
        self::assertGreaterThan(44, count($plain));
        $this->postJson('/api/paints/many', ['paints' => array_column($plain, 'fields')])->assertCreated();

        $figure = ['name' => 'Reed cutter', 'kind' => 'foot', 'count' => 1, 'height_mm' => 30];
        $company = $this->postJson('/api/companies', [...$figure, 'areas' => [
            ['name' => 'Coat', 'material' => 'cloth', 'relief' => 'tight', 'share' => 60, 'depth' => 2, 'weight' => 'leading',
                'colour' => '#754e2f'],
            ['name' => 'Knife', 'material' => 'metal', 'relief' => 'plate', 'share' => 10, 'depth' => 2, 'weight' => 'minor',
                'colour' => '#484e53'],
        ]])->assertCreated();
        foreach ((array) $company->json('areas') as $area) {
            $this->postJson("/api/areas/{$area['id']}/recipe", ['colour' => $area['colour'], 'way' => 'washes'])->assertOk();
        }
        $url = "/api/companies/{$company->json('id')}";
        $can = PaintRow::query()->where('name', 'matt white primer rattlecan')->sole();
        $this->postJson("$url/undercoat/edits", ['key' => 'undercoat', 'mix' => [['paint_id' => $can->id]]])->assertOk();
        $tool = fn (): string => (string) $this->getJson("/api/areas/{$company->json('areas.0.id')}/recipe")->json('steps.0.tool');
        self::assertSame('spray can', $tool());
        $brushed = PaintRow::query()->where('name', 'grey primer brush on')->sole();
        $this->postJson("$url/undercoat/edits", ['key' => 'undercoat', 'mix' => [['paint_id' => $brushed->id]]])->assertOk();
        self::assertSame('large brush', $tool());
        $this->postJson("$url/undercoat/edits", ['key' => 'undercoat', 'mix' => [['paint_id' => $can->id]]])->assertOk();

        $sitting = $this->postJson("$url/sittings", ['origin' => 'minutes', 'minutes' => 240])->assertOk();
        $fetch = array_column((array) $sitting->json('fetch'), 'notes', 'words');
        self::assertSame('spray can: shake for two minutes', $fetch[$can->name][0] ?? json_encode($fetch, JSON_THROW_ON_ERROR));
        self::assertSame('shake well: flakes settle', $fetch['gunmetal'][0]);
    }

    /** What is ruled out later stays drafted until somebody drafts it again, and that is said. */
    public function testWhatWasDraftedStays(): void
    {
        $painter = $this->signIn();
        $area = $painter->companies()->firstOrFail()->areas()->firstOrFail();
        $habits = (array) $this->getJson('/api/session')->json('painter');
        self::assertSame('', $this->answered([...$habits, 'way' => 'airbrush'])['stays']);
        $this->postJson("/api/areas/{$area->id}/recipe", ['way' => 'airbrush', 'colour' => '#2f5a7e'])->assertSuccessful();
        $before = $this->getJson("/api/areas/{$area->id}/recipe")->json('steps.*.technique');
        self::assertContains('airbrush coat', array_map(strval(...), (array) $before), json_encode($before, JSON_THROW_ON_ERROR));

        $habits = (array) $this->getJson('/api/session')->json('painter');
        $answer = $this->answered([...$habits, 'airbrush' => false, 'way' => 'mixed']);
        self::assertStringContainsString('1 area was drafted with what your answers rule out now', $answer['stays']);
        self::assertSame($before, $this->getJson("/api/areas/{$area->id}/recipe")->json('steps.*.technique'));
    }

    /**
     * @param array<string, mixed> $habits
     *
     * @return array<string, mixed>
     */
    private function answered(array $habits): array
    {
        return (array) $this->putJson('/api/workshop', $habits)->assertOk()->json();
    }
}
