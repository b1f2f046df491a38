<?php

declare(strict_types=1);

namespace Tests\App;

use App\Formats\Shelf\PaintFields;
use App\Models\Painter;

/** What a painter owns besides paint is asked, not supposed; until it is answered the shelf tells. */
final class OwnedTest extends TestCase
{
    public function testNothingIsAnsweredBeforehandAndTheShelfTells(): void
    {
        $painter = Painter::query()->create(['name' => 'New hand', 'password' => 'marsh lights'])->refresh();
        $this->become($painter);
        $look = fn (): array => (array) $this->getJson('/api/session')->assertOk()->json('painter');

        $first = $look();
        self::assertSame([null, null], [$first['airbrush'], $first['spray_cans']]);
        self::assertSame(['airbrush' => '', 'spray_cans' => ''], $first['told']);
        self::assertFalse($painter->equipment()->sprayCans);

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
