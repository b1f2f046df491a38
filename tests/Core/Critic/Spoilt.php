<?php

declare(strict_types=1);

namespace Tests\Core\Critic;

use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Part;
use Tests\Core\Recipe\Steps;
use Tests\Core\Swatches;

/** Recipes that nobody would follow, one for each rule of the {@see Critic}. */
final class Spoilt
{
    /** @return iterable<string, array{string, Painted}> */
    public static function recipes(): iterable
    {
        $brown = Swatches::paint('Brown wash', '#8f6c4c', Behaviour::Wash);
        $blue = Swatches::paint('Blue wash', '#5f7fa8', Behaviour::Wash);
        $grey = self::lit('#2a2a2b', '#8d8d8c', '#dededb');

        yield 'a base lifted for a wash' => ['lifted', self::painted('#d7caa6', [
            Steps::step('basecoat', '#f0efe9'), Steps::step('wash-all-over', $brown),
        ])];
        yield 'the same pot twice' => ['twice', self::painted('#7a4b2a', [Steps::step('basecoat', '#7a4b2a'), Steps::step(
            'layer',
            '#7a4b2a',
        )])];
        yield 'planes far from a pot that stands there' => ['off', self::painted('#7a4b2a', [Steps::step('basecoat', '#b08a5c')])];
        yield 'a step that changes nothing' => ['nothing', self::painted('#7a4b2a', [
            Steps::step('basecoat', '#7a4b2a', coats: 6), Steps::step('drybrush', '#7a4b2a'),
        ])];
        yield 'twelve coats of yellow' => ['coats', self::painted('#f0bd2a', [Steps::step('basecoat', '#f0bd2a', coats: 12)])];
        yield 'four coats on a claw' => ['small-coats', self::painted('#f0bd2a', [Steps::step('basecoat', '#f0bd2a', coats: 4)], 0.2)];
        yield 'an edge built up' => ['strokes', self::painted('#7a4b2a', [Steps::step('edge-highlight', '#d8caa3', coats: 4)])];
        yield 'a wash over black' => ['shade-on-black', self::painted('#1c1c1c', [
            Steps::step('basecoat', '#1c1c1c'), Steps::step('wash-all-over', $brown),
        ])];
        yield 'a shade that lightens' => ['shade-lightens', self::painted('#4d3322', [
            Steps::step('basecoat', '#4d3322'), Steps::step('shade-layer', '#8c6239'),
        ])];
        yield 'a shade nobody sees' => ['shade-weak', self::painted('#4d3322', [
            Steps::step('basecoat', '#4d3322', coats: 5), Steps::step('shade-layer', '#492f1f'),
        ])];
        yield 'blue over a face' => ['shade-family', self::painted('#d3a07b', [
            Steps::step('basecoat', '#d3a07b'), Steps::step('wash-all-over', $blue),
        ], material: Material::Skin)];
        yield 'no light' => ['no-light', self::painted('#7a4b2a', [Steps::step('basecoat', '#7a4b2a')])];
        yield 'a light below the last' => ['down-again', self::painted('#7a4b2a', [
            Steps::step('edge-highlight', '#d8caa3', key: 'one'), Steps::step('edge-highlight', '#b08a5c', key: 'two'),
        ])];
        yield 'rust and teal' => ['far-hues', self::painted('#6a5f4c', [self::mixed(['#a8592a' => 1, '#2f8f92' => 1])])];
        yield 'seven drops' => ['drops', self::painted('#7a4b2a', [self::mixed(['#7a4b2a' => 5, '#b08a5c' => 2])])];
        yield 'a brush between two sprays' => ['brush-between-sprays', self::painted('#7a4b2a', [
            Steps::step('airbrush-coat', '#7a4b2a'), Steps::step('shade-layer', '#3a2a20'), Steps::step('airbrush-fade', '#b08a5c'),
        ])];
        yield 'a sketch under an opaque coat' => ['sketch-buried', self::painted('#7a4b2a', [
            Steps::step('basecoat', '#7a4b2a'),
        ], ground: $grey, keeps: true)];
        yield 'a gem like any cloth' => ['no-start', self::painted(
            '#a3202a',
            [Steps::step('basecoat', '#a3202a')],
            0.2,
            name: 'Red gem',
        )];
    }

    /** @param list<PlannedStep> $steps */
    private static function painted(
        string $wanted,
        array $steps,
        float $cm2 = 4.0,
        Material $material = Material::Cloth,
        ?Surface $ground = null,
        ?bool $keeps = null,
        string $name = 'Coat',
    ): Painted {
        return new Painted(
            new Area('a', $name, $material, $name === 'Coat' ? Relief::Tight : Relief::Orb, $cm2, keepsSketch: $keeps),
            Srgb::fromHex($wanted)->toOklch(),
            Way::Mixed,
            Level::Finished,
            $ground ?? self::lit('#868686', '#868686', '#868686'),
            self::shelf(),
            new Plan($steps, []),
        );
    }

    /** @return list<Paint> */
    private static function shelf(): array
    {
        return array_map(static fn (string $hex): Paint => Swatches::paint($hex, $hex), [
            '#d7caa6', '#f0efe9', '#7a4b2a', '#b08a5c', '#f0bd2a', '#1c1c1c', '#4d3322', '#d3a07b', '#a3202a',
        ]);
    }

    /** @param array<string, int> $parts drops by colour */
    private static function mixed(array $parts): PlannedStep
    {
        $of = [];
        foreach ($parts as $hex => $drops) {
            $of[] = new Part(Swatches::paint($hex, $hex), $drops);
        }

        return Steps::step('basecoat')->withMix(Mix::of($of));
    }

    private static function lit(string $recess, string $plane, string $ridge): Surface
    {
        $flat = static fn (string $hex): Reflectance => Reflectance::fromSrgb(Srgb::fromHex($hex));

        return new Surface($flat($recess), $flat($plane), $flat($ridge));
    }
}
