<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Draft;

use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Figure\Weight;
use Kalokroma\Film\Face;
use Kalokroma\Recipe\Draft\Brief;
use Kalokroma\Recipe\Draft\Drafter;
use Kalokroma\Recipe\Plan\LadderWish;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Recipe\Technique\Way;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Critic\Matrix;

/** Lights in glazes where they are asked for; a pale robe stained with a pale stain. */
final class GlazedLightsTest extends TestCase
{
    #[DataProvider('cloaks')]
    public function testLightsAreGlazedOnRidgesAndStillShow(Relief $relief, string $hex): void
    {
        $usual = $this->drafted($relief, $hex, new LadderWish());
        $glazed = $this->drafted($relief, $hex, new LadderWish(glazedLights: true));
        $lights = array_values(array_filter($glazed, static fn (StepOutcome $o): bool => $o->step->technique === Technique::Glaze
            && $o->step->scope->place->face === Face::Ridge));

        self::assertNotSame([], array_filter($usual, self::isFeathered(...)), 'layers where nothing is asked');
        self::assertSame([], array_filter($glazed, self::isFeathered(...)));
        self::assertNotSame([], $lights);
        foreach ($lights as $light) {
            self::assertSame($light->look->below->recess->toHex(), $light->look->after->recess->toHex(), 'the recess stays');
            self::assertGreaterThan($light->look->below->ridge->toLab()->l, $light->look->after->ridge->toLab()->l);
            self::assertStringContainsString('as you asked', implode(' ', array_map(
                static fn ($f): string => $f->sentence(),
                $light->step->why,
            )));
        }
        $end = $glazed[count($glazed) - 1]->look->after;
        self::assertGreaterThanOrEqual(6.0, $end->ridge->toLab()->l - $end->plane->toLab()->l, 'a light that shows');
    }

    /** @return iterable<string, array{Relief, string}> */
    public static function cloaks(): iterable
    {
        yield 'red, broad' => [Relief::Broad, '#a82a20'];
        yield 'turquoise, tight' => [Relief::Tight, '#3f9ea0'];
        yield 'olive, broad' => [Relief::Broad, '#5f5d3a'];
    }

    public function testInOtherWaysNothingIsGlazedForIt(): void
    {
        $steps = static fn (array $outcomes): array => array_map(static fn (StepOutcome $o): string => $o->step->words(), $outcomes);

        self::assertSame(
            $steps($this->drafted(Relief::Broad, '#a82a20', new LadderWish(), Way::Layers)),
            $steps($this->drafted(Relief::Broad, '#a82a20', new LadderWish(glazedLights: true), Way::Layers)),
        );
    }

    /** A stain of far stronger colour pools in its own hue, also where it would come a little nearer on the plane. */
    #[DataProvider('robes')]
    public function testAPaleRobeIsStainedWithAPaleStain(string $hex): void
    {
        $stains = array_values(array_filter(
            $this->drafted(Relief::Broad, $hex, new LadderWish(), Way::Stain, "Parchment stain\nYellow stain\nRed stain\nBone stain\n"),
            static fn (StepOutcome $o): bool => $o->step->technique === Technique::Stain,
        ));

        self::assertNotSame([], $stains);
        self::assertMatchesRegularExpression('/^(?:Parchment|Bone) stain$/', (string) $stains[0]->step->load->words());
    }

    /** @return iterable<string, array{string}> */
    public static function robes(): iterable
    {
        yield 'bone' => ['#d9cba4'];
        yield 'pale bone' => ['#e0d6b8'];
        yield 'parchment' => ['#efe6cc'];
    }

    private static function isFeathered(StepOutcome $outcome): bool
    {
        return $outcome->step->technique === Technique::FeatheredLayer;
    }

    /** @return list<StepOutcome> */
    private function drafted(Relief $relief, string $hex, LadderWish $wish, Way $way = Way::Glazes, string $more = ''): array
    {
        $shelf = Matrix::typed(file_get_contents(dirname(__DIR__, 2).'/data/shelves/drafts/words.txt')."\n".$more);
        $area = new Area('a', 'Robe', Material::Cloth, $relief, 6.0, 3, Weight::Supporting);
        $ground = Matrix::ground($way === Way::Stain ? 'sketch' : 'grey');
        $plan = Drafter::draft(new Brief($area, Srgb::fromHex($hex)->toOklch(), $way, $ground, $shelf, $wish));

        return array_values(array_filter(
            Simulation::run($plan->steps, $area, $ground),
            static fn (StepOutcome $o): bool => !$o->step->isOfFigure(),
        ));
    }
}
