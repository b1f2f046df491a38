<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\AreaRow;
use App\Models\Company;

/** What a step is stands once in the core; recipe, bench, card and Markdown draw the same facts. */
final class OneDescriptionTest extends TestCase
{
    private const ALL = [
        'load', 'thin', 'tool', 'place', 'who', 'coats', 'until', 'wait', 'level', 'how', 'hand', 'note', 'caution', 'why',
    ];

    public function testEveryFactOfAStepIsFoundInAllFour(): void
    {
        $this->signIn();
        $coat = AreaRow::query()->where('name', 'Coat')->firstOrFail();
        $url = "/api/areas/$coat->id/recipe";
        $this->changeStep($coat->id, 'layer', [
            'place' => ['face' => 'ridge', 'part' => 'upper parts', 'light' => 'from above', 'share' => 0.8],
            'who' => '1', 'level' => 'showpiece', 'thin' => '1:2', 'tool' => 'old-brush', 'note' => 'ask about the hem',
            'coats' => 2, 'wait' => 'overnight', 'strokes' => 'down, ending at the hem', 'line' => 'thin', 'sloppy' => true,
            'unwashed' => true, 'batch' => 'one batch for all',
        ])->assertOk();
        $this->postJson("$url/edits", [
            'kind' => 'loop', 'key' => 'layer', 'from' => 'layer', 'rounds' => 3, 'exit' => 'bright as the lamp', 'smaller' => true,
        ])->assertOk();
        $facts = self::facts((array) $this->getJson($url)->json('steps'), 'layer');
        self::assertSame([], array_diff(self::ALL, array_column($facts, 'key')), 'the step has everything set');

        $company = Company::query()->firstOrFail();
        self::assertSame($facts, self::facts((array) $this->getJson("/api/companies/$company->id/bench")->json('steps'), 'layer'));
        $card = html_entity_decode((string) $this->get("/api/areas/$coat->id/card")->assertOk()->getContent(), ENT_QUOTES);
        $markdown = stripslashes((string) $this->get("$url/file?as=md")->assertOk()->getContent());
        foreach ($facts as $fact) {
            self::assertStringContainsString($fact['text'], $card, $fact['key'].' on the card');
            self::assertStringContainsString($fact['text'], $markdown, $fact['key'].' in Markdown');
        }
        self::assertStringNotContainsString('Once is enough', implode(' ', array_column($facts, 'text')));
    }

    /** What is gone through again is never "once enough". */
    public function testAWashInALoopIsNotSaidToBeEnoughOnce(): void
    {
        $this->signIn();
        $coat = AreaRow::query()->where('name', 'Coat')->firstOrFail();
        $url = "/api/areas/$coat->id/recipe";
        $once = implode(' ', array_column(self::facts((array) $this->getJson($url)->json('steps'), 'wash'), 'text'));
        self::assertStringContainsString('Once is enough', $once);

        $this->postJson("$url/edits", [
            'kind' => 'loop', 'key' => 'layer', 'from' => 'wash', 'rounds' => 3, 'exit' => 'deep enough',
        ])->assertOk();
        $steps = (array) $this->getJson($url)->json('steps');
        self::assertStringNotContainsString('Once is enough', implode(' ', array_column(self::facts($steps, 'wash'), 'text')));
        self::assertContains('1 coat, 3 rounds', array_column(self::facts($steps, 'wash'), 'text'));
        self::assertContains('deep enough', array_column(self::facts($steps, 'layer'), 'text'));
    }

    /**
     * @param array<mixed> $steps
     *
     * @return list<array{key: string, label: string, text: string}>
     */
    private static function facts(array $steps, string $key): array
    {
        foreach ($steps as $step) {
            if ($step['key'] === $key) {
                return $step['facts'];
            }
        }

        return [];
    }
}
