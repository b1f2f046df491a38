<?php

declare(strict_types=1);

namespace Kalokroma\Order\Job;

use Kalokroma\Recipe\Plan\Load;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Undercoat\Kind;
use Kalokroma\Undercoat\Weather;
use Kalokroma\Word\Duration;
use Kalokroma\Word\Finding;

/** How long a step dries before the next may follow on it, and where the figure comes from. */
final readonly class DryingTime
{
    /** Thick coats slow more than in proportion: minutes grow with this power of the load. */
    private const THICKER = 1.5;
    private const THICKEST = 3.0;
    /** Curing is not shortened by warm, dry air: minutes from which a wait is curing. */
    private const CURING = 600;
    /** On varnish nothing soaks in: a starting value of our own. */
    private const ON_VARNISH = 1.25;

    private function __construct(public int $minutes, public Finding $why)
    {
    }

    /**
     * @param Weather|null $air of the room; null for 20 °C and 50 %
     * @param bool $onVarnish whether gloss or satin varnish is what is below it
     */
    public static function of(StepOutcome $outcome, ?Weather $air = null, bool $onVarnish = false): self
    {
        $step = $outcome->step;
        $usual = $outcome->labour->dryMinutes;
        if ($step->handling->wait !== null || $usual === 0) {
            return new self($usual, new Finding('drying.own', $usual === 0 ? 'Nothing has to dry.' : '{time}, as you set it.', [
                'time' => Duration::words($usual),
            ]));
        }
        $behaviour = $step->load->mix?->first()->behaviour;
        $isWet = $behaviour !== null;
        $factors = array_filter([
            'thick' => $isWet && !$step->isUndercoat() ? self::thickness($outcome) : 1.0,
            'air' => !$isWet || $air === null ? 1.0 : self::air($air, $behaviour->isSolventBased(), $usual),
            'slowed' => $isWet ? $step->load->thinner->dryingTime($step->load->thinning) : 1.0,
            'varnish' => $onVarnish && $isWet && self::soaks($behaviour) ? self::ON_VARNISH : 1.0,
        ], static fn (float $f): bool => abs($f - 1.0) > 0.02);
        $minutes = (int) round($usual * array_product($factors));

        return new self($minutes, self::why($step->technique->words(), $usual, $minutes, $factors, $air));
    }

    /** Whether it dries into what is below as well as into the air: neither what is dissolved in solvent nor varnish does. */
    private static function soaks(Behaviour $behaviour): bool
    {
        return !$behaviour->isSolventBased() && $behaviour !== Behaviour::Varnish;
    }

    /** @param array<string, float> $factors */
    private static function why(string $what, int $usual, int $minutes, array $factors, ?Weather $air): Finding
    {
        $more = [
            'thick' => 'laid on thicker than usual',
            'air' => $air === null ? '' : sprintf('at %.0f °C and %.0f %% humidity', $air->celsius, $air->humidity),
            'slowed' => 'retarder slows it',
            'varnish' => 'nothing soaks into the varnish below',
        ];
        $causes = array_values(array_intersect_key($more, $factors));

        return new Finding('drying', $causes === [] ? '{time}, usual for {what}.' : '{time}: {what} usually takes {usual}; {causes}.', [
            'time' => Duration::words($minutes),
            'what' => $what,
            'usual' => Duration::words($usual),
            'causes' => implode(', ', $causes),
        ]);
    }

    /** By how much more is laid than the thickest of what is usual for this use. */
    private static function thickness(StepOutcome $outcome): float
    {
        $use = Load::use($outcome->step->technique, $outcome->step->load->mix);
        if (!isset(Defaults::THINNING[$use]) || $outcome->step->load->mix?->first()->form->isAsItComes() === true) {
            return 1.0;
        }
        $most = Defaults::loads($use)[1];

        return $most <= 0.0 ? 1.0 : max(1.0, min(self::THICKEST, ($outcome->step->load->thinning->load() / $most) ** self::THICKER));
    }

    private static function air(Weather $air, bool $isSolvent, int $usual): float
    {
        return max($usual >= self::CURING ? 1.0 : 0.0, $air->drying($isSolvent ? Kind::SprayCan : Kind::Brush));
    }
}
