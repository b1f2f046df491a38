<?php

declare(strict_types=1);

namespace Kalokroma\Undercoat;

use Kalokroma\Word\Temperature;

/** Air to spray in. */
final readonly class Weather
{
    /** Magnus formula over water: O. A. Alduchov, R. E. Eskridge, Journal of Applied Meteorology 35 (1996) 601–609. */
    private const MAGNUS = [17.625, 243.04];

    /** Solvent spray, °C and % relative humidity; outside it is not to be sprayed, near the edges better waited. */
    private const COLDEST = 10.0;
    private const WARMEST = 27.0;
    private const TOO_DAMP = 65.0;
    private const GOOD_BELOW = 50.0;

    /** A surface this near the dew point or nearer, °C, may be damp though nobody sees it. */
    private const DEW_MARGIN = 3.0;

    /**
     * @param float $celsius −20..50
     * @param float $humidity relative, 1..100 %
     *
     * @throws UndercoatProblem
     */
    public function __construct(public float $celsius, public float $humidity)
    {
        if (!($celsius >= -20 && $celsius <= 50)) {
            throw UndercoatProblem::temperatureOutOfRange($celsius);
        }
        if (!($humidity >= 1 && $humidity <= 100)) {
            throw UndercoatProblem::humidityOutOfRange($humidity);
        }
    }

    /** °C below which water settles on a surface. */
    public function dewPoint(): float
    {
        [$b, $c] = self::MAGNUS;
        $g = log($this->humidity / 100) + $b * $this->celsius / ($c + $this->celsius);

        return $c * $g / ($b - $g);
    }

    /**
     * Whether to spray now.
     *
     * @param Temperature $in the unit it is said in
     *
     * @return array{verdict: string, reason: string} the verdict is good to spray or not
     */
    public function judge(Kind $kind, Temperature $in = Temperature::Celsius): array
    {
        $air = sprintf('%s and %.0f %%, dew point %s', $in->words($this->celsius), $this->humidity, $in->words($this->dewPoint(), 1));
        $gap = $this->celsius - $this->dewPoint();
        if ($kind === Kind::Brush) {
            return $this->celsius < 5
                ? ['verdict' => 'wait', 'reason' => sprintf('%s: water-based primer does not set below %s.', $air, $in->words(5))]
                : ['verdict' => 'go', 'reason' => "$air: a brushed primer only dries slower in damp or cold air."];
        }
        $can = $kind === Kind::SprayCan;

        return match (true) {
            $this->celsius < self::COLDEST => [
                'verdict' => 'no',
                'reason' => sprintf('%s: below %s spray lands rough, like orange peel.', $air, $in->words(self::COLDEST)),
            ],
            $can && $this->humidity >= self::TOO_DAMP => [
                'verdict' => 'no',
                'reason' => sprintf('%s: from %.0f %% on the mist takes up water and dries frosted.', $air, self::TOO_DAMP),
            ],
            $gap < self::DEW_MARGIN => [
                'verdict' => 'no',
                'reason' => sprintf('%s: only %s above the dew point, so a figure from a cooler room is wet.', $air, $in->gap($gap, 1)),
            ],
            $can && $this->celsius > self::WARMEST => [
                'verdict' => 'wait',
                'reason' => sprintf('%s: above %s drops dry in the air and land as dust.', $air, $in->words(self::WARMEST)),
            ],
            $can && $this->humidity >= self::GOOD_BELOW => [
                'verdict' => 'wait',
                'reason' => sprintf(
                    '%s: it can be done below %.0f %%, below %.0f %% it is safe. Try a scrap first.',
                    $air,
                    self::TOO_DAMP,
                    self::GOOD_BELOW,
                ),
            ],
            !$can && $this->humidity >= 80 => ['verdict' => 'wait', 'reason' => "$air: airbrushed primer stays wet long and runs."],
            default => [
                'verdict' => 'go',
                'reason' => sprintf('%s: %s above the dew point, nothing speaks against it.', $air, $in->gap($gap, 1)),
            ],
        };
    }

    /**
     * How much longer paint takes to dry than at 20 °C and 50 %. Water-based paint: double at 10 °C and double at 80 %
     * (rules of thumb), so twice as long for every 10 °C below and every 30 % above, and the reverse down to a half. A
     * solvent does not wait for the air to take up water: half of that for the cold, none for the damp.
     */
    public function drying(Kind $kind): float
    {
        $cold = (20 - $this->celsius) / 10;
        $damp = ($this->humidity - 50) / 30;

        return max(0.5, $kind === Kind::SprayCan ? 2 ** ($cold / 2) : 2 ** ($cold + $damp));
    }

    /** How drying is worked out, in words. */
    public static function rule(Kind $kind, Temperature $in = Temperature::Celsius): string
    {
        return $kind === Kind::SprayCan ? sprintf(
            'Counted from %s: a solvent dries half as fast for every %s less, and does not mind the damp.',
            $in->words(20),
            $in->gap(20),
        ) : sprintf(
            'Counted from %s and 50 %%: twice as long for every %s less and for every 30 %% more.',
            $in->words(20),
            $in->gap(10),
        );
    }

    /** Minutes before paint may follow. */
    public function wait(Kind $kind): int
    {
        return (int) (5 * ceil($kind->dryMinutes() * $this->drying($kind) / 5));
    }

    /** @return list<string> what to do, in order */
    public static function checklist(Kind $kind): array
    {
        return match ($kind) {
            Kind::SprayCan => [
                'Can at room temperature; if it is cold, ten minutes in lukewarm water, at most hand-warm: never a '
                    .'flame, a heater or hot water.',
                'Shake two minutes after the ball is loose.',
                'Figures fixed upright on a holder, so that all sides are done in one go.',
                'Try on a scrap: it must land wet and be matt after a minute.',
                'From 25–30 cm, in short passes that start and end beside the figure; several light coats.',
                'Turn the can over and clear the nozzle afterwards.',
                'Let the figures give off their solvent outdoors or in moving air, not in the room you sleep in.',
            ],
            Kind::Airbrush => [
                'A few drops of thinner into the cup first, then the primer.',
                'Figures fixed upright on a holder.',
                'Thin coats from 5–8 cm; let each turn matt before the next.',
                'Clean the needle tip every 10–20 minutes.',
                'What is left in the cup primes waiting figures; dark and light remainders make a middle grey.',
            ],
            Kind::Brush => [
                'Thin it a little, stir, do not shake: bubbles leave pits.',
                'Large soft brush, from the middle outward; draw it out of the detail before it sets.',
                'Two thin coats, the second when the first no longer feels cool.',
            ],
        };
    }
}
