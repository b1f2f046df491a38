<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Draft;

use Kalokroma\Colour\Oklch;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Plan\StepKey;
use Kalokroma\Recipe\Plan\WholeStep;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Word\Finding;

/** What is done over a whole figure at once, and how such steps are made. */
final class WholeSteps
{
    /** Techniques that are done so, with the colour that is looked for (OKLCh) where they take paint of one, and the reason. */
    private const OFFERED = [
        'wash-all-over' => [[0.32, 0.04, 60.0], 'One wash over everything shades all areas at once.'],
        'filter' => [[0.45, 0.05, 70.0], 'One thin veil draws all areas together.'],
        'gloss-varnish' => [null, 'What comes next glides on gloss, and nothing bites into the paint.'],
        'satin-varnish' => [null, 'One sheen over everything.'],
        'enamel-wash' => [[0.3, 0.03, 60.0], 'Dark dirt into lines and corners of everything.'],
        'oil-wash' => [[0.3, 0.03, 60.0], 'Dark dirt into lines and corners of everything.'],
        'wiping' => [null, 'What is on the planes comes off again.'],
        'streak' => [[0.4, 0.05, 60.0], 'Streaks run down from edges.'],
        'streak-blend' => [null, 'Blended, they look old.'],
        'matt-varnish' => [null, 'The matt coat draws everything together and protects it.'],
        'pigment-powder' => [[0.62, 0.05, 75.0], 'Dust gathers where feet and wheels throw it.'],
        'waiting' => [null, 'Left alone until it is dry through.'],
    ];

    /** Weathering from the gloss below to the dust on top. */
    private const STACK = ['gloss-varnish', 'enamel-wash', 'wiping', 'streak', 'streak-blend', 'matt-varnish', 'pigment-powder'];

    /** What makes a figure dirty: twice is seldom meant. */
    private const DIRT = [Technique::EnamelWash, Technique::OilWash, Technique::Streak, Technique::PigmentPowder];

    /** @return list<Technique> */
    public static function offered(): array
    {
        return array_map(Technique::from(...), array_keys(self::OFFERED));
    }

    /** @return list<Technique> */
    public static function stack(): array
    {
        return array_map(Technique::from(...), self::STACK);
    }

    public static function isDirt(Technique $technique): bool
    {
        return in_array($technique, self::DIRT, true);
    }

    /**
     * @param list<string> $without ids of the areas it is not done on
     * @param Surface $below what it would lie on
     */
    public static function make(
        Technique $technique,
        StepKey $key,
        Palette $palette,
        Surface $below,
        array $without,
        bool $late,
    ): WholeStep {
        [$tone, $why] = self::OFFERED[$technique->value] ?? [null, ''];
        $target = $tone === null ? null : (new Oklch(...$tone))->onScreen();
        $wish = new StepWish($technique, $target, $why === '' ? null : new Finding('whole.why', $why));

        return new WholeStep((new StepMaker($palette))->make($key, $wish, $below), $without, $late);
    }
}
