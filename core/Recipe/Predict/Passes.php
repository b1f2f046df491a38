<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Predict;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Film\Constants;
use Kalokroma\Film\Face;
use Kalokroma\Film\Hiding;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Mix;
use Kalokroma\Word\Finding;

/**
 * How often paint goes on: a basecoat until it hides, or nearly where a wash or a layer covers it; a layer, an edge or any other stroke
 * once or twice, judged by what it leaves.
 */
final class Passes
{
    /** What a stroke is thinned with at least, and what it may be thinned to where it is too weak. */
    private const THICKER = ['2:1', '1:0'];

    /** A layer that lays the colour of the area is strong enough within this of full hide (CIEDE2000); white is not built up. */
    private const LAYER_WITHIN = 3.0;

    /** From this lightness (L*) on a layer is a white. */
    private const WHITE_FROM = 85.0;

    /** One more layer has to bring it nearer by this (CIEDE2000). */
    private const LAYER_GAINS = 0.8;

    /** A drybrush within this of the planes (CIEDE2000) is their own colour, which a wash took. */
    private const OWN_WITHIN = 6.5;

    /** Planes are their colour again within this of it (CIEDE2000). */
    private const BACK_WITHIN = 3.3;

    private const MOST_DRYBRUSHED = 3;

    /** What one more drybrush over all of it has to bring (CIEDE2000). */
    private const DRYBRUSH_GAINS = 0.3;

    /**
     * @param bool $covered whether a wash or a layer follows that covers it
     *
     * @return array{int|null, Finding, int} computed, the reason, and the number to propose
     */
    public static function of(PlannedStep $step, Mix $mix, Surface $below, bool $covered): array
    {
        $most = $step->technique->facts()->most;
        $enough = match (true) {
            $step->technique === Technique::Layer && $mix->lab()->l < self::WHITE_FROM => self::LAYER_WITHIN,
            $most !== null || $covered => Defaults::ENOUGH_WITHIN,
            default => Constants::HIDDEN_WITHIN,
        };
        $face = $step->face();
        $hiding = Hiding::of($mix->pigment(), $step->load->thinning->load(), $below->face($face), $enough, $most ?? Constants::MOST_COATS);
        if ($step->technique === Technique::Layer && $most !== null && $mix->lab()->l < self::WHITE_FROM) {
            $hiding = self::layers($step, $mix, $below, $enough, $most);
        }
        $facts = [
            'face' => $face->value,
            'coats' => count($hiding->after),
            'within' => $hiding->difference[count($hiding->after) - 1],
            'enough' => $enough,
        ];

        return match (true) {
            $most !== null => [$hiding->planned(), self::strokes($step, $mix, $below, $hiding, $facts), $hiding->planned()],
            $hiding->coats === null => [null, new Finding(
                'coats.too-many',
                'Even after {coats, plural, one {# coat} other {# coats}} the {face} is still {within} from full '
                    .'hide: thin it less, or use a lighter ground first.',
                $facts,
            ), $hiding->planned()],
            default => [$hiding->coats, self::hidden($hiding, $covered, $facts), $hiding->coats],
        };
    }

    /**
     * Where the own colour comes back over a wash by drybrush, so many passes that the planes are that colour too: the raised parts have it
     * long before. Null where it is another colour, or there already.
     *
     * @param int $coats after which the raised parts are caught
     *
     * @return array{int, Finding, int}|null
     */
    public static function broughtBack(PlannedStep $step, Mix $mix, Surface $below, int $coats): ?array
    {
        $load = $step->load->thinning->load();
        $full = $mix->pigment()->fullHide()->toLab();
        $off = static fn (int $n): float => Ciede2000::difference(
            $step->application()->coats($mix->pigment(), $load, $n, $below, $step->touched())->face(Face::Plane)->toLab(),
            $full,
        );
        $n = $coats;
        while ($n < self::MOST_DRYBRUSHED && $off($n) > self::BACK_WITHIN && $off($n) - $off($n + 1) >= self::DRYBRUSH_GAINS) {
            ++$n;
        }
        $before = Ciede2000::difference($below->face(Face::Plane)->toLab(), $full);

        return $n === $coats || $before > self::OWN_WITHIN ? null : [$n, new Finding(
            'coats.brought-back',
            'The raised parts are caught after {first, plural, one {one pass} other {# passes}}; after {coats} the flat parts, which '
                .'were {before} off this colour, are within {within} of it.',
            ['first' => $coats, 'coats' => $n, 'before' => $before, 'within' => $off($n)],
        ), $n];
    }

    /** So many layers that one more would hardly bring the face nearer: a stroke leaves slivers of what lies below. */
    private static function layers(PlannedStep $step, Mix $mix, Surface $below, float $enough, int $most): Hiding
    {
        $face = $step->face();
        $load = $step->load->thinning->load();
        $full = $mix->pigment()->fullHide()->toLab();
        $off = static fn (int $n): float => Ciede2000::difference(
            $step->application()->coats($mix->pigment(), $load, $n, $below, $step->touched())->face($face)->toLab(),
            $full,
        );
        $n = 1;
        while ($n < $most && $off($n) > $enough && $off($n) - $off($n + 1) >= self::LAYER_GAINS) {
            ++$n;
        }
        $hiding = Hiding::of($mix->pigment(), $load, $below->face($face), 0.0, $n);
        $left = $hiding->difference[count($hiding->difference) - 1];

        return $left <= Defaults::ENOUGH_WITHIN ? Hiding::of($mix->pigment(), $load, $below->face($face), $left + 1e-9, $n) : $hiding;
    }

    /** @param array<string, string|int|float> $facts */
    private static function hidden(Hiding $hiding, bool $covered, array $facts): Finding
    {
        $why = $covered ? '({enough} is enough under what follows)' : '({enough} counts as hidden)';
        $text = $hiding->coats === 1
            ? 'One coat: the {face} is within {within} of full hide at once '.$why.'.'
            : 'After coat {coats} the {face} is within {within} of full hide; after the first it is {first} off '.$why.'.';

        return new Finding('coats.hidden', $text, [...$facts, 'first' => $hiding->difference[0]]);
    }

    /**
     * Strokes are not built up until they hide. Where as many as it may be are too weak: less thinner first, then a paler or more opaque
     * pot, or a pale line beneath.
     *
     * @param array<string, string|int|float> $facts
     */
    private static function strokes(PlannedStep $step, Mix $mix, Surface $below, Hiding $hiding, array $facts): Finding
    {
        if ($hiding->coats !== null) {
            return new Finding(
                'coats.strokes',
                '{coats, plural, one {One pass leaves} other {# passes leave}} the {face} {within} from the paint\'s own colour: '
                    .'strokes are not built up until they hide.',
                $facts,
            );
        }
        foreach (self::THICKER as $ratio) {
            $thick = Thinning::fromRatio($ratio);
            $most = count($hiding->after);
            $left = Hiding::of($mix->pigment(), $thick->load(), $below->face($step->face()), Defaults::ENOUGH_WITHIN, $most);
            if ($thick->load() > $step->load->thinning->load() + 1e-9 && $left->coats !== null) {
                return new Finding(
                    'coats.weak',
                    '{coats, plural, one {One pass leaves} other {# passes leave}} the {face} {within} from the paint\'s own colour. '
                        .'More would build up an edge; {thinned} it comes within {thick}.',
                    [
                        ...$facts,
                        'thinned' => $ratio === '1:0' ? 'undiluted' : 'thinned '.$ratio,
                        'thick' => $left->difference[count($left->difference) - 1],
                    ],
                );
            }
        }

        return new Finding(
            'coats.weak',
            '{coats, plural, one {One pass leaves} other {# passes leave}} the {face} {within} from the paint\'s own colour. More would '
                .'build up an edge: a paler or more opaque pot carries further, or a pale line beneath it.',
            $facts,
        );
    }
}
