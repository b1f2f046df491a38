<?php

declare(strict_types=1);

namespace Tests\Core\Recipe;

use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Choose\MixChoice;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Draft\Brief;
use Kalokroma\Recipe\Draft\Drafter;
use Kalokroma\Recipe\Draft\StepMaker;
use Kalokroma\Recipe\Draft\StepWish;
use Kalokroma\Recipe\Ladder\Ladder;
use Kalokroma\Recipe\Ladder\Rung;
use Kalokroma\Recipe\Plan\Contrast;
use Kalokroma\Recipe\Plan\LadderWish;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\StepKey;
use Kalokroma\Recipe\Predict\Glazing;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Part;
use Kalokroma\Word\Finding;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Swatches;

/** A reason that is shown says something else as soon as what it was computed from changes. */
final class FindingsTest extends TestCase
{
    /** @param callable(): list<Finding> $one */
    #[DataProvider('pairs')]
    public function testAReasonFollowsItsInput(string $code, callable $one, callable $other): void
    {
        $said = static function (callable $find) use ($code): string {
            foreach ($find() as $finding) {
                if ($finding->code === $code) {
                    return $finding->sentence();
                }
            }
            self::fail($code.' was not found');
        };

        self::assertNotSame($said($one), $said($other));
        self::assertDoesNotMatchRegularExpression('/[{}]|NAN|INF/', $said($one).$said($other));
    }

    /** @return iterable<string, array{string, callable(): list<Finding>, callable(): list<Finding>}> */
    public static function pairs(): iterable
    {
        $nearest = static fn (string $hex, array $shelf): callable => static fn (): array => [
            (new MixChoice(new Palette($shelf)))->nearest(Srgb::fromHex($hex)->toLab())[1],
        ];
        $all = Swatches::shelf();
        yield 'a single paint' => ['mix.single', $nearest('#9c7630', $all), $nearest('#a8842a', $all)];
        yield 'a mix of two' => ['mix.pair', $nearest('#7a7440', $all), $nearest('#7a5a3a', $all)];
        yield 'nothing near' => ['mix.missing', $nearest('#e010e0', $all), $nearest('#10e0e0', $all)];
        yield 'the only paint' => ['mix.only', $nearest('#a82a20', [$all[5]]), $nearest('#4b3524', [$all[5]])];

        $metal = static fn (string $hex, array $shelf, Relief $relief = Relief::Trim): callable => static fn (): array => self::drafted(
            $hex,
            Material::Metal,
            $relief,
            $shelf,
        );
        $two = [
            ...$all,
            Swatches::paint('Pale copper', '#c98a68', Behaviour::Metallic),
            Swatches::paint('Copper', '#9a5b3c', Behaviour::Metallic),
        ];
        yield 'a metallic' => ['mix.metal', $metal('#8f6f35', $two), $metal('#9a5b3c', $two)];
        yield 'a lighter metallic' => ['mix.metal-light', $metal('#8f6f35', $two), $metal('#9a5b3c', $two)];
        $one = static fn (string $name): array => array_values(
            array_filter($two, static fn (Paint $p): bool => $p->behaviour !== Behaviour::Metallic || $p->name === $name),
        );
        foreach ([
            'no lighter metallic' => ['metal.no-lighter', Relief::Plate],
            'the same metal again' => ['mix.metal-again', Relief::Texture],
        ] as $case => [$finding, $relief]) {
            yield $case => [$finding, $metal('#8f6f35', $one('Brass'), $relief), $metal('#9a5b3c', $one('Copper'), $relief)];
        }
        yield 'a wash in the recesses alone' => ['metal.recess-only', $metal('#8f6f35', $one('Brass')), $metal('#9a5b3c', $one('Copper'))];

        $step = static fn (PlannedStep $s, string $ground = '#868686'): callable => static fn (): array => Simulation::step(
            $s,
            new Area('1', 'A', Material::Cloth, Relief::Tight, 5.0),
            Surface::uniform(Swatches::reflectance($ground)),
        )->reasons;
        yield 'coats that hide' => [
            'coats.hidden',
            $step(Steps::step('basecoat', '#d9cca6')),
            $step(Steps::step('basecoat', '#d9cca6'), '#1b1b1b'),
        ];
        yield 'too many coats' => [
            'coats.too-many',
            $step(Steps::step('basecoat', '#f6d873', '1:12'), '#1b1b1b'),
            $step(Steps::step('basecoat', '#f0b42c', '1:12'), '#1b1b1b'),
        ];
        yield 'coats of one\'s own' => [
            'coats.overruled',
            $step(Steps::step('basecoat', '#d9cca6', coats: 5)),
            $step(Steps::step('basecoat', '#d9cca6', coats: 6)),
        ];
        $target = static fn (PlannedStep $s, string $hex): PlannedStep => $s->withMix(Mix::single(Swatches::paint('Mine', $hex)));
        yield 'a mix of one\'s own' => [
            'mix.yours',
            $step($target(Steps::step('layer', '#9c7d34'), '#9c7630')),
            $step($target(Steps::step('layer', '#9c7d34'), '#d0601f')),
        ];
        $open = static fn (string $hex): PlannedStep => Steps::step('layer', '#9c7d34')->withMix(
            Mix::of([new Part(Swatches::paint('Ochre', '#9c7630'), 1), new Part(Swatches::paint('Light', $hex), 1)]),
            open: ['Light'],
        );
        yield 'an open amount' => ['mix.open', $step($open('#f3f1ea')), $step($open('#b79a5a'))];
        yield 'an open thinning' => [
            'thinning.open',
            $step(Steps::step('layer')->thinned(null)),
            $step(Steps::step('glaze')->thinned(null)),
        ];

        $ladder = static fn (string $hex, string $rung): callable => static fn (): array => [
            (new Ladder(Srgb::fromHex($hex)->toOklch()))->reason(Rung::from($rung)),
        ];
        yield 'a neutral shade' => ['ladder.neutral', $ladder('#c2c6c4', 'shade'), $ladder('#5b5b5b', 'shade')];
        yield 'the colour itself' => ['ladder.intended', $ladder('#9c7d34', 'layer'), $ladder('#4b3524', 'layer')];
        $flat = static fn (string $hex): callable => static fn (): array => self::drafted(
            $hex,
            Material::Cloth,
            Relief::Tight,
            array_values(array_filter($all, static fn (Paint $p): bool => !$p->behaviour->isTransparent())),
            Way::Stain,
        );
        yield 'a stain that drowns' => ['stain.swallowed', $flat('#d9cca6'), $flat('#f0b42c')];
        $short = static fn (string $hex): callable => static fn (): array => self::drafted(
            $hex,
            Material::Cloth,
            Relief::Broad,
            array_slice($all, 3, 3),
            Way::Layers,
            new LadderWish(Contrast::Strong),
        );
        yield 'contrast out of reach' => ['contrast.short', $short('#9c7630'), $short('#6f4a2e')];

        $glaze = static fn (string $from, string $thin): callable => static fn (): array => array_filter(
            [
                Glazing::with(
                    Mix::single(Swatches::paint('Red', '#a82a20')),
                    Swatches::reflectance($from),
                    Srgb::fromHex('#a82a20')->toLab(),
                    Thinning::fromRatio($thin),
                )?->reason(),
            ],
        );
        yield 'steep glazes' => ['glaze.steep', $glaze('#f3f1ea', '1:4'), $glaze('#d9cca6', '1:4')];

        $made = static fn (
            array $shelf,
            string $technique,
            ?string $hex = null,
        ): callable => static fn (): array => (new StepMaker(new Palette($shelf)))->make(
            StepKey::of('k'),
            new StepWish(Technique::from($technique), $hex === null ? null : Srgb::fromHex($hex)->toOklch()),
            Surface::uniform(Swatches::reflectance('#868686')),
        )->why;
        $odd = [
            ...$all,
            Swatches::paint('Rust dust', '#8a4a28', Behaviour::Pigment),
            Swatches::paint('Ash dust', '#a8a49a', Behaviour::Pigment),
        ];
        yield 'the nearest of its kind' => ['mix.kind', $made($odd, 'pigment-powder', '#8a4a28'), $made($odd, 'pigment-powder', '#b0aca0')];
        yield 'nothing of its kind' => ['mix.lacking', $made($all, 'pigment-powder', '#8a4a28'), $made($all, 'matt-varnish')];
    }

    public function testTheThinningOfOnesOwnIsToldBesideTheUsual(): void
    {
        $plan = Drafter::draft(
            new Brief(
                new Area('1', 'A', Material::Cloth, Relief::Tight, 5.0),
                Srgb::fromHex('#6f4a2e')->toOklch(),
                Way::Mixed,
                Swatches::reflectance('#868686'),
                Swatches::shelf(),
            ),
        );
        $said = static function (string $ratio) use ($plan): string {
            $base = $plan->step('basecoat') ?? self::fail('no basecoat');
            $reasons = Simulation::step(
                $base->thinned(Thinning::fromRatio($ratio)),
                new Area('1', 'A', Material::Cloth, Relief::Tight, 5.0),
                Surface::uniform(Swatches::reflectance('#868686')),
            )->reasons;

            return implode(' ', array_map(static fn (Finding $f): string => $f->sentence(), $reasons));
        };

        self::assertStringContainsString('You thin it 1:3; 2:1 was proposed (usual 3:1 – 1:1)', $said('1:3'));
        self::assertStringContainsString('You thin it not at all; 2:1 was proposed', $said('1:0'));
        self::assertStringContainsString('Thinned 2:1 with water', $said('2:1'));
    }

    public function testAFindingPrintsItsFactsOnce(): void
    {
        $finding = new Finding('x', '{a} of {b}: {c}', ['a' => 1.26, 'b' => 'two {a}', 'c' => -0.04]);

        self::assertSame(
            '1.3 of two {a}: 0.0',
            $finding->sentence(),
            'rounded to one decimal, never −0, and no fact is read as a gap again',
        );
    }

    /**
     * @param list<Paint> $shelf
     *
     * @return list<Finding>
     */
    private static function drafted(
        string $hex,
        Material $material,
        Relief $relief,
        array $shelf,
        Way $way = Way::Mixed,
        LadderWish $wish = new LadderWish(),
    ): array {
        $brief = new Brief(
            new Area('1', 'A', $material, $relief, 5.0),
            Srgb::fromHex($hex)->toOklch(),
            $way,
            Swatches::reflectance('#1b1b1b'),
            $shelf,
            $wish,
        );
        $plan = Drafter::draft($brief);
        $found = [...$plan->findings, ...array_column($plan->leftOut, 'reason')];
        foreach ($plan->steps as $step) {
            $found = [...$found, ...$step->why];
        }

        return $found;
    }
}
