<?php

declare(strict_types=1);

namespace Kalokroma\Caution;

use Kalokroma\Shelf\Behaviour;

/**
 * The usual cautions, hung on the tool and the kind of paint. The product's own label and local rules come first.
 */
final class Cautions
{
    private const BY_TOOL = [
        'spray-can' => [
            'Spray outdoors or in moving air, away from flames and sparks, with a mask for organic vapours.',
            'Never warm the can more than the hand does, never pierce it.',
        ],
        'airbrush' => ['The mist of any paint is not for lungs: run the extraction and wear a particle mask.'],
    ];

    private const BY_BEHAVIOUR = [
        'enamel' => self::SOLVENT,
        'oil' => self::SOLVENT,
        'pigment' => ['Pigment powder: no draught, and a mask.'],
        'effect' => ['Read the label of an effect paint first: some etch or fume.'],
    ];

    private const SOLVENT = [
        'Thinners for enamel and oil: airflow, gloves, no naked flame.',
        'Oily rags can heat up by themselves: dry them flat outdoors or keep them in a closed metal tin.',
    ];

    /** What the hand does besides painting. */
    private const BY_DOING = [
        'glue' => ['Super glue: keep it off eyes and skin, and accelerator off hot surfaces.'],
        'blade' => ['Cut away from the fingers.'],
        'sand' => ['Sand wet, with a mask: the dust of resin and filler is not for lungs.'],
        'heat' => ['A hairdryer warps plastic and must not meet anything wet with solvent.'],
        'strip' => ['Strippers: gloves, eye protection, airflow, never two mixed; try it on a scrap first.'],
        'solvent' => self::SOLVENT,
    ];

    private const JOINT = 'It sits on a weak joint: support it with a finger, and hold the figure elsewhere.';
    private const JOINT_DRYBRUSH = 'It sits on a weak joint: support it from behind and let the drybrush only graze it.';

    private const BRUSH = 'Shape the brush on a cloth, never with the lips.';

    private const LABEL = "The product's own label and local rules come first.";

    /**
     * @param list<string> $behaviours of the paints that are loaded, as {@see Behaviour} names them
     * @param bool $fragile whether the area sits on a weak joint
     * @param list<string> $doing what the hand does besides: glue, blade, sand, heat, strip, solvent
     *
     * @return list<string> sentences to show before the step starts
     */
    public static function before(Tool $tool, array $behaviours, bool $fragile = false, array $doing = []): array
    {
        $joint = !$fragile ? [] : [$tool === Tool::Drybrush ? self::JOINT_DRYBRUSH : self::JOINT];
        $found = self::BY_TOOL[$tool->value] ?? [];
        foreach (array_unique($behaviours) as $behaviour) {
            $found = [...$found, ...(self::BY_BEHAVIOUR[$behaviour] ?? [])];
        }
        foreach ($doing as $done) {
            $found = [...$found, ...(self::BY_DOING[$done] ?? [])];
        }
        if ($found === []) {
            return [...$joint, self::BRUSH];
        }

        return [...$joint, ...array_values(array_unique($found)), self::LABEL];
    }
}
