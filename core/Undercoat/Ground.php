<?php

declare(strict_types=1);

namespace Kalokroma\Undercoat;

use Kalokroma\Colour\Reflectance;
use Kalokroma\Film\Facings;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Equipment;
use Kalokroma\Shelf\Form;
use Kalokroma\Shelf\Paint;

/** A ground that could be laid: one primer all over, or a light sketch of several. */
final readonly class Ground
{
    /** The usual angles over the horizontal, degrees, and the opening of the spray. */
    public const ANGLE = 60.0;
    public const LOW_ANGLE = 35.0;
    public const STEEP_ANGLE = 75.0;
    public const OPENING = Spray::OPENING;

    /**
     * @param list<array{paint: Paint, spray: Spray}> $lights what is sprayed over the first tone, in order
     */
    private function __construct(
        public string $id,
        public string $words,
        public Tone $tone,
        public ?Paint $primer,
        public Facings $facings,
        public array $lights,
    ) {
    }

    /** Below so much chroma (CIELAB) a primer is black, grey or white; bone and dark brown are as neutral, within these bounds. */
    private const NEUTRAL = 12.0;
    private const BONE = ['l' => 68.0, 'chroma' => 35.0, 'hue' => [76.0, 112.0]];
    private const BROWN = ['l' => 35.0, 'chroma' => 30.0, 'hue' => [30.0, 95.0]];

    /** Whether it goes under any colour: black, grey, white, bone, dark brown; no flakes. */
    public function isNeutral(): bool
    {
        if ($this->primer?->behaviour === Behaviour::Metallic) {
            return false;
        }
        $lab = $this->facings->side->plane->toLab();
        $isWithin = static fn (array $hues): bool => $lab->hue() >= $hues[0] && $lab->hue() <= $hues[1];

        return $lab->chroma() < self::NEUTRAL
            || ($lab->l >= self::BONE['l'] && $lab->chroma() < self::BONE['chroma'] && $isWithin(self::BONE['hue']))
            || ($lab->l < self::BROWN['l'] && $lab->chroma() < self::BROWN['chroma'] && $isWithin(self::BROWN['hue']));
    }

    public static function uniform(Tone $tone, ?Paint $primer): self
    {
        return new self(
            $primer === null ? $tone->value : $primer->id,
            $primer === null ? $tone->words() : $primer->name,
            $tone,
            $primer,
            Facings::uniform($primer->colour ?? $tone->assumed()),
            [],
        );
    }

    /**
     * One tone all over, then others from where they are sprayed, in their order: lighter ones from above, a coloured shadow from below
     * or from a side.
     *
     * @param list<array{paint: Paint, spray: Spray}> $lights
     * @param float $opening of the spray, degrees
     *
     * @throws UndercoatProblem
     */
    public static function sketch(Paint $dark, array $lights, float $opening = self::OPENING): self
    {
        $facings = Facings::uniform($dark->colour ?? Tone::Dark->assumed());
        $words = [];
        foreach ($lights as ['paint' => $light, 'spray' => $spray]) {
            if ($light->id === $dark->id) {
                throw UndercoatProblem::sketchNeedsTwoTones($dark->name);
            }
            $facings = $facings->sprayedBy($light->pigment(), $spray->strength, $spray->landed($opening));
            $words[] = $light->name.' '.$spray->words();
        }

        return new self(
            implode(
                '+',
                [$dark->id, ...array_map(static fn (array $l): string => $l['paint']->id.'@'.$l['spray']->id(), $lights)],
            ),
            $dark->name.', then '.implode(', then ', $words),
            Tone::of($dark),
            $dark,
            $facings,
            $lights,
        );
    }

    /**
     * What the shelf and the equipment allow: each primer in stock, or the plain tones where there is none; light sketches
     * where something sprays.
     *
     * @param list<Paint> $shelf
     *
     * @return non-empty-list<self>
     */
    public static function offered(array $shelf, Equipment $equipment): array
    {
        $primers = self::primers($shelf, $equipment);
        if ($primers === []) {
            return [
                self::uniform(Tone::Grey, null),
                self::uniform(Tone::Dark, null),
                self::uniform(Tone::Light, null),
                self::uniform(Tone::LightCold, null),
            ];
        }
        $found = array_map(
            static fn (Paint $p): self => self::uniform(Tone::of($p), $p),
            $primers,
        );
        $darkest = $primers[0];
        $sprayed = array_values(array_filter($primers, static fn (Paint $p): bool => self::isSprayed($p, $equipment)));
        $lightest = $sprayed[count($sprayed) - 1] ?? $darkest;
        if ($sprayed !== [] && self::light($lightest) - self::light($darkest) > 30) {
            $found[] = self::sketch($darkest, [['paint' => $lightest, 'spray' => new Spray(self::ANGLE)]]);
            $middle = array_values(
                array_filter(
                    $sprayed,
                    static fn (Paint $p): bool => self::light($p) > self::light($darkest) + 15
                        && self::light($p) < self::light($lightest) - 15,
                ),
            );
            if ($middle !== []) {
                $found[] = self::sketch(
                    $darkest,
                    [
                        ['paint' => $middle[0], 'spray' => new Spray(self::LOW_ANGLE)],
                        ['paint' => $lightest, 'spray' => new Spray(self::STEEP_ANGLE)],
                    ],
                );
            }
        }

        return $found;
    }

    /**
     * Primers in stock that can be laid, the darkest first.
     *
     * @param list<Paint> $shelf
     *
     * @return list<Paint>
     */
    private static function primers(array $shelf, Equipment $equipment): array
    {
        $primers = array_values(array_filter(
            $shelf,
            static fn (Paint $p): bool => $p->behaviour === Behaviour::Primer && $p->isAtHand() && $p->colour !== null
                && ($p->form !== Form::SprayCan || $equipment->sprayCans),
        ));
        usort($primers, static fn (Paint $a, Paint $b): int => self::light($a) <=> self::light($b) ?: $a->id <=> $b->id);

        return $primers;
    }

    private static function light(Paint $paint): float
    {
        return ($paint->colour ?? Reflectance::flat(0.5))->toLab()->l;
    }

    /** Whether it can be sprayed from somewhere: a can as it is, whatever is in a bottle through an airbrush. */
    private static function isSprayed(Paint $paint, Equipment $equipment): bool
    {
        return $paint->form === Form::SprayCan ? $equipment->sprayCans : $equipment->airbrush;
    }

    /** How the shares of a light sketch are worked out, in words. */
    public static function model(): string
    {
        return sprintf(
            'Each surface gets the cosine of the angle between what it faces and the spray, all round the figure, '
                .'averaged over a cone of %.0f°.',
            self::OPENING,
        );
    }

    /** How much of the light tone an area wants, so that its ground has the lightness L* (0 to 100) it will finally have. */
    public function wantedFor(float $lightness): string
    {
        $dark = $this->facings->below->plane->toLab()->l;
        $bright = $this->facings->above->plane->toLab()->l;
        $share = $bright - $dark < 1 ? 0.0 : ($lightness - $dark) / ($bright - $dark);

        return sprintf(match (true) {
            $share < 0.12 => 'leave it dark (lightness %.0f)',
            $share < 0.4 => 'one misted pass, to lightness %.0f',
            $share < 0.75 => 'two passes, to lightness %.0f',
            $share <= 1.02 => 'until it covers, lightness %.0f',
            default => 'pure white over it, lightness %.0f',
        }, $lightness);
    }

    public function isSketch(): bool
    {
        return $this->lights !== [];
    }

    /** @return array{above: string, side: string, below: string, left: string, right: string} `#rrggbb` */
    public function hexes(): array
    {
        return [
            'above' => $this->facings->above->plane->toHex(),
            'side' => $this->facings->side->plane->toHex(),
            'below' => $this->facings->below->plane->toHex(),
            'left' => $this->facings->sides['left']->plane->toHex(),
            'right' => $this->facings->sides['right']->plane->toHex(),
        ];
    }
}
