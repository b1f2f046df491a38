<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Choose;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Film\Hiding;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Part;
use Kalokroma\Word\Finding;

/** A coat of another paint under a weak colour that saves more coats than it costs. */
final readonly class SteppingStone
{
    /** Paints tried: so many of the nearest to the colour, and so many of those that cover best. */
    private const NEAREST = 14;
    private const STRONGEST = 10;

    private function __construct(public Paint $paint, public int $coats, public int $then, public int $without)
    {
    }

    /**
     * @return self|null null where the colour needs few coats, or no paint at hand saves one
     */
    public static function under(Mix $base, Thinning $thinning, Reflectance $ground, Palette $palette): ?self
    {
        $alone = Hiding::of($base->pigment(), $thinning->load(), $ground)->planned();
        if ($alone < Defaults::MANY_COATS) {
            return null;
        }
        $wanted = $base->lab();
        $load = Thinning::fromRatio(Defaults::THINNING['basecoat']['ratio'])->load();
        $best = null;
        $score = INF;
        foreach (self::candidates($base, $palette) as $paint) {
            $apart = Ciede2000::difference(Mix::single($paint)->lab(), $wanted);
            for ($coats = 1; $coats <= 2; ++$coats) {
                $then = Hiding::of($base->pigment(), $thinning->load(), $paint->pigment()->over($ground, $coats * $load))->planned();
                $sum = $coats + $then + $apart / 1000;
                if ($coats + $then < $alone && $sum < $score - 1e-9) {
                    $score = $sum;
                    $best = new self($paint, $coats, $then, $alone);
                }
            }
        }

        return $best;
    }

    public function saves(): int
    {
        return $this->without - $this->coats - $this->then;
    }

    public function reason(Mix $base): Finding
    {
        return new Finding(
            'coats.stepping-stone',
            '{first} first, {coats, plural, one {# coat} other {# coats}}, then {then, plural, one {# coat} other {# '
                .'coats}} of {base} instead of {without}: '
                .'that saves {saves, plural, one {# coat} other {# coats}}.',
            [
                'first' => $this->paint->name,
                'coats' => $this->coats,
                'then' => $this->then,
                'base' => $base->words(),
                'without' => $this->without,
                'saves' => $this->saves(),
            ],
        );
    }

    /** @return list<Paint> */
    private static function candidates(Mix $base, Palette $palette): array
    {
        $own = array_map(static fn (Part $p): string => $p->paint->id, $base->parts);
        $near = array_map(static fn ($r): Paint => $r->mix->first(), $palette->singles($base->lab()));
        $near = array_values(array_filter($near, static fn (Paint $p): bool => !in_array($p->id, $own, true)));
        $light = array_values(array_filter($near, static fn (Paint $p): bool => Mix::single($p)->lab()->l >= $base->lab()->l - 25.0));
        $strength = static fn (Paint $p): float => array_sum($p->pigment()->scattering);
        usort($light, static fn (Paint $a, Paint $b): int => $strength($b) <=> $strength($a) ?: $a->id <=> $b->id);
        $found = [];
        foreach ([...array_slice($near, 0, self::NEAREST), ...array_slice($light, 0, self::STRONGEST)] as $paint) {
            $found[$paint->id] = $paint;
        }

        return array_values($found);
    }
}
