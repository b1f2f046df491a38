<?php

declare(strict_types=1);

namespace Tests\Core\Recipe;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Srgb;
use Kalokroma\Film\Face;
use Kalokroma\Film\Hiding;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Choose\LayerThinning;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Choose\Shading;
use Kalokroma\Recipe\Choose\SteppingStone;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Lamplighter;
use Tests\Core\Swatches;

/** What is chosen in the painter's stead, against trying everything. */
final class ChoicesTest extends TestCase
{
    /**
     * A stone is a grey or of the colour's own kind, lies over dark and middle grounds only, and saves minutes: 0.7 for each coat and cm²
     * less, 2 for loading one paint more. No grey of the shelf would save more.
     */
    #[DataProvider('weak')]
    public function testAStoneSavesAsManyMinutesAsAnyGreyCould(string $hex, string $ground): void
    {
        $base = Mix::single(Swatches::paint('Weak', $hex));
        $thin = Thinning::fromRatio('1:1');
        $below = Swatches::reflectance($ground);
        $stone = SteppingStone::under($base, $thin, $below, new Palette(Lamplighter::shelf()), 6.0, 2.0);
        $alone = Hiding::of($base->pigment(), $thin->load(), $below)->planned();
        $minutes = static fn (Paint $paint, int $coats): float => 0.7 * 6.0 * ($alone - $coats - Hiding::of(
            $base->pigment(),
            $thin->load(),
            $paint->pigment()->over($below, $coats * Thinning::fromRatio('2:1')->load()),
        )->planned()) - 2.0;
        $most = 0.0;
        foreach (Lamplighter::shelf() as $paint) {
            $isGrey = $paint->behaviour->isMixable() && $paint->isAtHand() && $paint->lab()->chroma() < 16.0;
            if ($isGrey && !Defaults::isWeak($paint->lab())) {
                $most = max($most, $minutes($paint, 1), $minutes($paint, 2));
            }
        }
        if ($below->toLab()->l >= 72.0 || $alone < Defaults::MANY_COATS) {
            self::assertNull($stone, 'over a pale ground, or under what hides soon, none is needed');

            return;
        }
        if ($stone === null) {
            self::assertSame(0.0, $most);

            return;
        }
        $lab = $stone->paint->lab();
        self::assertTrue($lab->chroma() < 16.0 || $lab->hueApart($base->lab()) <= 45.0, $stone->paint->name);
        self::assertFalse(Defaults::isWeak($lab), 'a stone hides by itself');
        self::assertGreaterThanOrEqual($most - 1e-9, $stone->savesMinutes);
        self::assertEqualsWithDelta($minutes($stone->paint, $stone->coats), $stone->savesMinutes, 1e-9);
        $saved = sprintf('instead of %d: that saves %d', $alone, $stone->saves());
        self::assertStringContainsString($saved, $stone->reason($base)->sentence());
        self::assertNull(
            SteppingStone::under($base, $thin, $below, new Palette(Lamplighter::shelf()), 0.2, 2.0),
            'on a tiny area loading it takes longer than the coats',
        );
    }

    /** @return iterable<string, array{string, string}> */
    public static function weak(): iterable
    {
        foreach ([
            'yellow' => '#f0b42c',
            'pale yellow' => '#f6d873',
            'red' => '#c23a22',
            'white' => '#f3f1ea',
            'brown' => '#4b3524',
        ] as $name => $hex) {
            foreach (['dark' => '#1b1b1b', 'grey' => '#868686', 'light' => '#e6dfcc'] as $on => $ground) {
                yield $name.' on '.$on => [$hex, $ground];
            }
        }
    }

    #[DataProvider('shaded')]
    public function testTheWashIsTheBestOfAllPaintsAndStrengths(string $base, string $shade, bool $covered): void
    {
        $below = Surface::uniform(Swatches::reflectance($base));
        $wanted = Srgb::fromHex($shade)->toLab();
        $plane = Srgb::fromHex($base)->toLab();
        $palette = new Palette(Lamplighter::shelf());
        $best = $covered
            ? Shading::covered($palette, $wanted, $plane, $below, Technique::WashAllOver)
            : Shading::staying($palette, $wanted, $plane, $below, Technique::WashAllOver);
        self::assertNotNull($best);

        $least = INF;
        foreach (Lamplighter::shelf() as $paint) {
            if (!$paint->behaviour->isTransparent() || !$paint->isAtHand() || !self::isShade($paint->lab(), $plane, $wanted)) {
                continue;
            }
            $use = $paint->behaviour === Behaviour::Wash ? 'wash' : 'stain';
            foreach (Shading::STRENGTHS[$use] as $ratio) {
                $look = Technique::WashAllOver->application($paint->behaviour)->pass(
                    $paint->pigment(),
                    Thinning::fromRatio($ratio)->load(),
                    $below,
                );
                $score = Ciede2000::difference(
                    $look->recess->toLab(),
                    $wanted,
                ) + ($covered ? 0.25 : 1.0) * Ciede2000::difference($look->plane->toLab(), $plane);
                $least = min($least, $score);
            }
        }
        $look = Technique::WashAllOver->application($best->mix->first()->behaviour)->pass(
            $best->mix->pigment(),
            $best->thinning->load(),
            $below,
        );
        $score = Ciede2000::difference(
            $look->recess->toLab(),
            $wanted,
        ) + ($covered ? 0.25 : 1.0) * Ciede2000::difference($look->plane->toLab(), $plane);
        self::assertLessThanOrEqual($least + 0.5 + 1e-9, $score, 'within the half that the usual strength is given');
        self::assertEqualsWithDelta($best->dulled, $plane->l - $look->plane->toLab()->l, 0.5);
    }

    /** Black, brown, or of the family of the colour or its shade; no pale tint. */
    private static function isShade(Lab $wash, Lab $plane, Lab $wanted): bool
    {
        return $wash->l <= 76.0 && (
            $wash->chroma() < 12.0
            || ($wash->hue() >= 20.0 && $wash->hue() <= 88.0)
            || ($plane->chroma() >= 5.0 && min($wash->hueApart($plane), $wash->hueApart($wanted)) <= 50.0)
        );
    }

    /** White, turquoise and yellow ink shade nothing, however near the arithmetic comes. */
    public function testPaleTintsAreNoShade(): void
    {
        $tints = array_map(
            static fn (string $hex): Paint => Swatches::paint($hex, $hex, Behaviour::Ink),
            ['#f4f2ec', '#8fd0cc', '#f2d24a'],
        );
        foreach (['#9a9a98' => '#5a5a58', '#c8a040' => '#7a5a20', '#d8caa3' => '#8a7a58'] as $hex => $shade) {
            $below = Surface::uniform(Swatches::reflectance($hex));
            [$wanted, $plane] = [Srgb::fromHex($shade)->toLab(), Srgb::fromHex($hex)->toLab()];

            self::assertNull(Shading::covered(new Palette($tints), $wanted, $plane, $below, Technique::WashAllOver), $hex);
            $brown = Swatches::paint('Brown wash', '#8b6a49', Behaviour::Wash);
            self::assertNotNull(Shading::covered(new Palette([...$tints, $brown]), $wanted, $plane, $below, Technique::WashAllOver));
        }
    }

    /** @return iterable<array{string, string, bool}> */
    public static function shaded(): iterable
    {
        yield 'ochre cloth' => ['#9c7d34', '#5a3a1c', true];
        yield 'flesh' => ['#c08a68', '#6b3a2a', true];
        yield 'strap without a layer' => ['#8b6f4a', '#4a3420', false];
        yield 'slate' => ['#4a626c', '#22323c', true];
        yield 'grey hair' => ['#a9a9a7', '#5a5a58', false];
    }

    public function testAWashWhereNoLayerFollowsDullsLess(): void
    {
        $below = Surface::uniform(Swatches::reflectance('#8b6f4a'));
        [$shade, $plane] = [Srgb::fromHex('#2a1c10')->toLab(), Srgb::fromHex('#8b6f4a')->toLab()];
        $covered = Shading::covered(new Palette(Lamplighter::shelf()), $shade, $plane, $below, Technique::WashAllOver);
        $staying = Shading::staying(new Palette(Lamplighter::shelf()), $shade, $plane, $below, Technique::WashAllOver);

        self::assertLessThan($covered?->dulled, $staying?->dulled);
        self::assertNotSame($covered?->reason()->sentence(), $staying?->reason()->sentence());
        self::assertNull(Shading::covered(new Palette(Swatches::randomShelf(3, 5)), $shade, $plane, $below, Technique::WashAllOver));
    }

    public function testALayerIsThinnedLessWhereItStaysTooWeak(): void
    {
        $grey = Surface::uniform(Swatches::reflectance('#6a6a6a'));
        $white = Mix::single(Swatches::paint('White', '#f3f1ea'));
        $thick = LayerThinning::of($white, $grey, Face::Ridge, 2);
        self::assertNotNull($thick);
        $left = static fn (string $ratio): float => Hiding::of(
            $white->pigment(),
            Thinning::fromRatio($ratio)->load(),
            $grey->ridge,
            4.0,
            2,
        )->difference[1];
        self::assertSame(
            sprintf(
                "Thinned 1:1, 2 passes leave the ridge %.1f from the paint's own colour; thinned 2:1 only %.1f.",
                $left('1:1'),
                $left('2:1'),
            ),
            $thick->reason->sentence(),
        );
        self::assertNull(LayerThinning::of(Mix::single(Swatches::paint('Brown', '#4b3524')), $grey, Face::Plane, 3));
    }

    public function testPaintsThatAreNotAtHandAreNeverChosen(): void
    {
        $shelf = array_map(
            static fn (Paint $p): Paint => $p->behaviour->isTransparent() ? new Paint(
                $p->id,
                $p->name,
                $p->line,
                $p->behaviour,
                $p->colour,
                false,
            ) : $p,
            Lamplighter::shelf(),
        );

        self::assertNull(
            Shading::covered(
                new Palette($shelf),
                Srgb::fromHex('#2a1c10')->toLab(),
                Srgb::fromHex('#8b6f4a')->toLab(),
                Surface::uniform(Swatches::reflectance('#8b6f4a')),
                Technique::WashAllOver,
            ),
        );
    }
}
