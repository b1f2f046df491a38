<?php

declare(strict_types=1);

namespace Tests\Core\Recipe;

use Kalokroma\Colour\Ciede2000;
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
    #[DataProvider('weak')]
    public function testAStoneSavesAsManyCoatsAsAnyPaintCould(string $hex, string $ground): void
    {
        $base = Mix::single(Swatches::paint('Weak', $hex));
        $thin = Thinning::fromRatio('1:1');
        $below = Swatches::reflectance($ground);
        $stone = SteppingStone::under($base, $thin, $below, new Palette(Lamplighter::shelf()));
        $alone = Hiding::of($base->pigment(), $thin->load(), $below)->planned();

        $most = 0;
        $load = Thinning::fromRatio(Defaults::THINNING['basecoat']['ratio'])->load();
        foreach (Lamplighter::shelf() as $paint) {
            if ($paint->behaviour->isMixable() && $paint->isAtHand()) {
                foreach ([1, 2] as $coats) {
                    $most = max(
                        $most,
                        $alone - $coats - Hiding::of(
                            $base->pigment(),
                            $thin->load(),
                            $paint->pigment()->over($below, $coats * $load),
                        )->planned(),
                    );
                }
            }
        }
        if ($most === 0 || $alone < Defaults::MANY_COATS) {
            self::assertNull($stone);

            return;
        }
        self::assertNotNull($stone);
        self::assertSame($most, $stone->saves(), $stone->reason($base)->sentence());
        self::assertStringContainsString(sprintf('instead of %d: that saves %d', $alone, $most), $stone->reason($base)->sentence());
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
            if (!$paint->behaviour->isTransparent() || !$paint->isAtHand()) {
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

    /** @return iterable<array{string, string, bool}> */
    public static function shaded(): iterable
    {
        yield 'ochre cloth' => ['#9c7d34', '#5a3a1c', true];
        yield 'flesh' => ['#c08a68', '#6b3a2a', true];
        yield 'strap without a layer' => ['#8b6f4a', '#4a3420', false];
        yield 'slate' => ['#4a626c', '#22323c', true];
        yield 'grey hair' => ['#b4ac9a', '#5a5a58', false];
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

    public function testALayerIsThinnedLessWhereThatSavesCoats(): void
    {
        $grey = Surface::uniform(Swatches::reflectance('#6a6a6a'));
        $white = Mix::single(Swatches::paint('White', '#f3f1ea'));
        $thick = LayerThinning::of($white, $grey, Face::Ridge);
        self::assertNotNull($thick);
        $coats = static fn (string $ratio): int => Hiding::of(
            $white->pigment(),
            Thinning::fromRatio($ratio)->load(),
            $grey->ridge,
        )->planned();
        self::assertSame(
            sprintf('Thinned 1:1 it would take %d coats on the ridge, thinned 2:1 it takes %d.', $coats('1:1'), $coats('2:1')),
            $thick->reason->sentence(),
        );
        self::assertNull(LayerThinning::of(Mix::single(Swatches::paint('Brown', '#4b3524')), $grey, Face::Plane));
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
