<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\AreaRow;

/** What a step says of its place among the other areas: on its page, in the running order, in files. */
final class ComesAfterTest extends TestCase
{
    public function testAStepComesAfterAnAreaThatItNames(): void
    {
        $this->signIn();
        [$coat, $lantern] = [$this->area('Coat'), $this->area('Lantern')];
        $company = AreaRow::query()->findOrFail($coat)->company_id;
        $this->changeStep($coat, 'basecoat', ['comes_after' => 'the lantern'])->assertOk();

        $recipe = $this->getJson("/api/areas/$coat/recipe");
        $this->assertAnswers('recipe', $recipe);
        self::assertSame('the lantern', $this->handling($recipe->json('steps'))['after']);
        self::assertSame('comes after the lantern', $this->handling($recipe->json('steps'))['words']);
        self::assertSame([], $recipe->json('not_kept'));
        $order = $this->getJson("/api/companies/$company/order")->assertOk();
        $this->assertAnswers('order', $order);
        self::assertSame([], $order->json('plan.not_kept'));
        $jobs = array_merge(...array_column((array) $order->json('plan.sheets'), 'jobs'));
        $last = max(array_keys(array_column($jobs, 'area_id'), $lantern, true));
        $own = array_filter($jobs, static fn (array $job): bool => $job['area_id'] === $coat && $job['key'] === 'basecoat');
        self::assertGreaterThan($last, min(array_keys($own)));

        $json = (array) json_decode((string) $this->get("/api/areas/$coat/recipe/file?as=json")->getContent(), true);
        self::assertStringContainsString('the lantern', (string) json_encode($json));
        $this->changeStep($coat, 'basecoat', ['comes_after' => ''])->assertOk();
        self::assertSame('', $this->handling($this->getJson("/api/areas/$coat/recipe")->json('steps'))['after']);
    }

    public function testWhatNothingIsCalledIsSaidOnBothPages(): void
    {
        $this->signIn();
        $coat = $this->area('Coat');
        $company = AreaRow::query()->findOrFail($coat)->company_id;
        $this->changeStep($coat, 'layer', ['comes_before' => 'the strings'])->assertOk();
        $words = 'nothing on this figure is called "the strings", so "before the strings" orders nothing';

        $recipe = $this->getJson("/api/areas/$coat/recipe");
        self::assertSame('layer', $recipe->json('not_kept.0.key'));
        self::assertStringContainsString($words, $recipe->json('not_kept.0.words'));
        $order = $this->getJson("/api/companies/$company/order");
        self::assertStringContainsString($words, implode(' ', (array) $order->json('plan.not_kept')));
        $this->assertRefused(422, 'What comes later has at most 120 letters', $this->changeStep($coat, 'layer', [
            'comes_before' => str_repeat('far ', 40),
        ]));
    }

    private function area(string $name): int
    {
        return AreaRow::query()->where('name', $name)->firstOrFail()->id;
    }

    /**
     *
     * @return array<string, mixed> of the base coat
     */
    private function handling(mixed $steps): array
    {
        foreach ((array) $steps as $step) {
            if ($step['key'] === 'basecoat') {
                return $step['handling'];
            }
        }
        self::fail('no base coat');
    }
}
