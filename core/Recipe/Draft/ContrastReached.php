<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Draft;

use Kalokroma\Colour\Oklch;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Choose\MixChoice;
use Kalokroma\Recipe\Ladder\Ladder;
use Kalokroma\Recipe\Ladder\Rung;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\RankedMix;
use Kalokroma\Word\Finding;
use Kalokroma\Word\Reason;

/** Whether a draft reaches the contrast that was asked for: in its paints, and in what they leave on the figure. */
final readonly class ContrastReached
{
    /** A recess that ends with less than this share of the wanted depth is said to be flat. */
    private const FLAT_BELOW = 0.5;

    /** A depth (lightness, of 100) below this is not asked for in earnest: near-black has none. */
    private const DEPTH_FROM = 5.0;

    public function __construct(private Ladder $ladder, private Relief $relief)
    {
    }

    /**
     * @param list<PlannedStep> $steps
     *
     * @return list<Finding>
     */
    public function findings(array $steps, Surface $end): array
    {
        return [...$this->short($steps), ...$this->flat($end)];
    }

    /**
     * Whether the recess ends as much darker than the plane as was asked for.
     *
     * @return list<Finding>
     */
    private function flat(Surface $end): array
    {
        [$reached, $asked] = $this->depth($end);

        return $this->relief === Relief::Orb
            || !self::isFlat($reached, $asked)
                ? [] : [new Finding('contrast.flat', 'The recess ends only {reached} darker than the plane, of '
                    .'{asked} wanted (lightness, of 100): a recess line on top would deepen it.', [
            'reached' => max(0.0, $reached), 'asked' => $asked,
        ], Reason::Mix)];
    }

    /** @return array{Technique, Finding}|null a recess line, where the stain has not pooled deep enough */
    public function deepened(Surface $stained): ?array
    {
        [$reached, $asked] = $this->depth($stained);

        return !self::isFlat($reached, $asked)
            ? null : [Technique::RecessLine, new Finding('technique.deepened', 'The stain pools only {reached} darker '
                .'in the recess, of {asked} wanted (lightness, of 100): a recess line deepens it.', [
            'reached' => max(0.0, $reached), 'asked' => $asked,
        ])];
    }

    /** @return array{float, float} how much darker the recess is than the plane, and how much was wanted, of 100 */
    private function depth(Surface $look): array
    {
        return [
            100 * (Oklch::fromLab($look->plane->toLab())->lightness - Oklch::fromLab($look->recess->toLab())->lightness),
            100 * ($this->ladder->intended->lightness - $this->ladder->rung(Rung::Shade)->lightness),
        ];
    }

    private static function isFlat(float $reached, float $asked): bool
    {
        return $asked >= self::DEPTH_FROM && $reached < self::FLAT_BELOW * $asked;
    }

    /**
     * Whether the paints in stock reach the contrast that was asked for.
     *
     * @param list<PlannedStep> $steps
     *
     * @return list<Finding>
     */
    private function short(array $steps): array
    {
        $short = null;
        $most = Defaults::RUNG_MISSING_FROM;
        foreach ($steps as $step) {
            if (
                !in_array(Slot::tryFrom($step->key->value), [Slot::Shade, Slot::Highlight, Slot::Drybrush, Slot::Accent], true)
                || $step->load->mix === null
                || $step->target === null
                || $step->technique === Technique::Glaze
            ) {
                continue;
            }
            $way = $step->target->lightness <=> $this->ladder->intended->lightness;
            $asked = $way * ($step->target->lightness - $this->ladder->intended->lightness);
            $reached = $way * (Oklch::fromLab($step->load->mix->lab())->lightness - $this->ladder->intended->lightness);
            $off = 100 * ($asked - $reached);
            if ($off > $most) {
                $most = $off;
                $missing = MixChoice::missing(new RankedMix($step->load->mix, INF), $step->target->toLab());
                $short = new Finding('contrast.short', 'The {contrast} contrast you want cannot be reached: the '
                    .'{rung} should be {asked} of 100 in lightness from the colour, {mix} is {reached}; {missing} is missing.', [
                    'contrast' => $this->ladder->wish->contrast->value,
                    'rung' => $step->key->value,
                    'asked' => 100 * $asked,
                    'mix' => $step->load->mix->words(),
                    'reached' => max(0.0, 100 * $reached),
                    'missing' => (string) ($missing->facts['missing'] ?? ''),
                ], Reason::Mix);
            }
        }

        return $short === null ? [] : [$short];
    }
}
