<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\AreaRow;
use App\Models\Painter;
use App\Models\RecipeRow;
use App\Models\ToldChoice;
use App\Workshop\Studio;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Predict\StepWords;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Recipe\Told\ToldRecipe;

/** What is told is read as the painter chose before, and what is printed of the sample's recipes is read back. */
final class ToldMeaningTest extends TestCase
{
    public function testWhatWasChosenIsReadSoTheNextTime(): void
    {
        $this->signIn();
        $coat = (int) AreaRow::query()->where('name', 'Coat')->value('id');
        $asked = $this->heard('3:1 medium to Ochre', $coat);
        $choices = $asked['lines'][0]['questions'][0]['choices'];
        self::assertSame(['a glaze', 'a shade in the recesses'], array_column($choices, 'words'));
        $means = $choices[0]['line'];

        $this->putJson('/api/recipe/told/meaning', ['said' => '3:1 medium to Ochre', 'means' => $means])->assertOk();
        $read = $this->heard('- 3:1  Medium to ochre.', $coat);
        self::assertSame([], $read['lines'][0]['questions']);
        self::assertTrue($read['lines'][0]['settled']);
        self::assertSame('Glaze', $read['lines'][0]['steps'][0]['technique']);
        self::assertSame(['undercoat', 'glaze'], array_column($read['looks'], 'words'));

        $this->postJson("/api/areas/$coat/recipe/told", ['text' => '3:1 medium to Ochre'])->assertOk();
        $this->putJson('/api/recipe/told/meaning', ['said' => '3:1 medium to Ochre', 'means' => ''])->assertOk();
        self::assertCount(1, $this->heard('3:1 medium to Ochre', $coat)['lines'][0]['questions'], 'it is asked about again');
    }

    public function testChoicesBelongToTheirPainter(): void
    {
        $this->signIn();
        $this->putJson('/api/recipe/told/meaning', ['said' => 'the good brown', 'means' => 'base: Ochre'])->assertOk();
        self::assertSame('Basecoat', $this->heard('the good brown')['lines'][0]['steps'][0]['technique']);

        $this->signIn('Eel catcher');
        self::assertSame(0, ToldChoice::query()->count());
        self::assertFalse($this->heard('the good brown')['lines'][0]['settled']);
    }

    public function testALineThatIsNoneIsRefused(): void
    {
        $this->signIn();
        foreach ([['said' => ' ', 'means' => 'x'], ['said' => str_repeat('a', 601), 'means' => 'x']] as $body) {
            $this->putJson('/api/recipe/told/meaning', $body)->assertStatus(422)->assertSee('Which line is meant');
        }
        $this->postJson('/api/recipe/told', ['text' => 'base: Ochre', 'area_id' => 99_999])->assertNotFound();
    }

    /** Each line of the sample's recipes, as it stands on the page, is that step when it is told. */
    public function testTheSampleIsReadBack(): void
    {
        $this->artisan('kalokroma:demo')->assertSuccessful();
        $painter = Painter::query()->firstOrFail();
        $this->become($painter);
        $studio = new Studio($painter);
        $shelf = $studio->shelf->paints();
        $wrong = [];
        $steps = 0;
        foreach (RecipeRow::query()->get() as $recipe) {
            foreach ($studio->recipes->plan($recipe)->steps ?? [] as $step) {
                if (in_array($step->technique, [Technique::Undercoat, Technique::Waiting], true)) {
                    continue;
                }
                $printed = $step->technique->words().': '.implode(' · ', StepWords::asPlanned($step));
                $read = ToldRecipe::read($printed, $shelf)->steps();
                $back = implode(' || ', array_map(
                    static fn (PlannedStep $s): string => $s->technique->words().': '.implode(' · ', StepWords::asPlanned($s)),
                    $read,
                ));
                $wrong = $back === $printed ? $wrong : [...$wrong, $printed.' → '.$back];
                ++$steps;
            }
        }

        self::assertSame([], $wrong);
        self::assertGreaterThan(20, $steps);
    }

    /** @return array<string, mixed> */
    private function heard(string $text, ?int $area = null): array
    {
        $answer = $this->postJson('/api/recipe/told', ['text' => $text, 'area_id' => $area])->assertOk();
        $this->assertAnswers('heard', $answer);

        return (array) $answer->json();
    }
}
