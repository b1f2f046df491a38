<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Choose;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Oklch;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Film\Hiding;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Recipe\Plan\Load;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\Scope;
use Kalokroma\Recipe\Plan\StepKey;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Part;
use Kalokroma\Word\Finding;
use Kalokroma\Word\Reason;

/** A coat of another paint under a weak colour that saves more coats than it costs. */
final readonly class SteppingStone
{
    /** Paints tried: so many of the nearest to the colour. */
    private const NEAREST = 40;

    /** From this lightness (L*) on a ground needs no stone. */
    private const LIGHT_GROUND = 72.0;

    /** Below so much chroma a paint is a grey or a bone; hues within so many degrees are of the colour's own kind. */
    private const GREY = 16.0;
    private const KIN = 45.0;

    private function __construct(
        public Paint $paint,
        public int $coats,
        public int $then,
        public int $without,
        public float $savesMinutes,
    ) {
    }

    /**
     * @param float $cm2 surface, more than 0
     * @param float $enough how near to full hide the colour has to come (CIEDE2000)
     * @param int|null $most coats that are wanted at most, whatever the ground and the minutes; null where a stone has to save minutes
     *
     * @return self|null null where the ground is light, the colour needs few coats, or no paint in stock saves any
     */
    public static function under(
        Mix $base,
        Thinning $thinning,
        Reflectance $ground,
        Palette $palette,
        float $cm2,
        float $enough,
        ?int $most = null,
    ): ?self {
        $alone = Hiding::of($base->pigment(), $thinning->load(), $ground, $enough)->planned();
        if ($most === null && ($alone < Defaults::MANY_COATS || $ground->toLab()->l >= self::LIGHT_GROUND)) {
            return null;
        }
        $wanted = $base->lab();
        $load = Thinning::fromRatio(Defaults::THINNING['basecoat']['ratio'])->load();
        $best = null;
        $score = INF;
        foreach (self::candidates($base, $palette) as $paint) {
            $apart = Ciede2000::difference(Mix::single($paint)->lab(), $wanted);
            for ($coats = 1; $coats <= 2; ++$coats) {
                $stone = $paint->pigment()->over($ground, $coats * $load);
                $then = Hiding::of($base->pigment(), $thinning->load(), $stone, $enough)->planned();
                $saved = ($alone - $then - $coats) * $cm2 * Defaults::FURTHER_COAT_MINUTES_PER_CM2 - Defaults::LOADING_MINUTES;
                $sum = $coats + $then + $apart / 1000 + ($most === null ? 0.0 : 100 * max(0, $then - max(1, $most)));
                $isWorth = $most === null ? $saved > 0.0 : $then < $alone;
                if ($isWorth && $sum < $score - 1e-9) {
                    $score = $sum;
                    $best = new self($paint, $coats, $then, $alone, $saved);
                }
            }
        }

        return $best;
    }

    public function mix(): Mix
    {
        return Mix::single($this->paint);
    }

    public function saves(): int
    {
        return $this->without - $this->coats - $this->then;
    }

    /** The coat itself, under this base. */
    public function step(StepKey $key, Mix $base, Scope $scope = new Scope(), ?Stage $stage = null): PlannedStep
    {
        $mix = Mix::single($this->paint);

        return new PlannedStep(
            $key,
            Technique::SteppingStone,
            Oklch::fromLab($mix->lab()),
            Load::usual($mix, 'basecoat'),
            $scope,
            new Handling($this->coats),
            [$this->reason($base), Defaults::thinningReason('basecoat')],
            $stage,
        );
    }

    public function reason(Mix $base): Finding
    {
        return new Finding(
            'coats.stepping-stone',
            '{first} first, {coats, plural, one {# coat} other {# coats}}, then {then, plural, one {# coat} other {# '
                .'coats}} of {base} instead of {without}: '
                .($this->saves() < 1 ? 'it hides better.'
                : 'that saves {saves, plural, one {# coat} other {# coats}} and about {minutes} min a figure.'),
            [
                'first' => $this->paint->name,
                'coats' => $this->coats,
                'then' => $this->then,
                'base' => $base->words(),
                'under' => 'basecoat',
                'without' => $this->without,
                'saves' => $this->saves(),
                'minutes' => (int) max(1, round($this->savesMinutes)),
            ],
            Reason::Mix,
        );
    }

    /**
     * Greys and bones, and what is of the colour's own kind and covers well: ochre or flesh under yellow, brown or pink under red.
     *
     * @return list<Paint>
     */
    private static function candidates(Mix $base, Palette $palette): array
    {
        $own = array_map(static fn (Part $p): string => $p->paint->id, $base->parts);
        $wanted = $base->lab();
        $found = [];
        foreach (array_slice($palette->singles($wanted), 0, self::NEAREST) as $ranked) {
            $lab = $ranked->mix->lab();
            $isGrey = $lab->chroma() < self::GREY;
            $isKin = $wanted->chroma() >= self::GREY && $lab->chroma() <= $wanted->chroma() && $lab->hueApart($wanted) <= self::KIN;
            if (($isGrey || $isKin) && !Defaults::isWeak($lab) && !in_array($ranked->mix->first()->id, $own, true)) {
                $found[] = $ranked->mix->first();
            }
        }

        return $found;
    }
}
