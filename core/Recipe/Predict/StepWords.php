<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Predict;

use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Word\Counted;
use Kalokroma\Word\Duration;

/** What a step is, said once: page, card and file draw these words. */
final readonly class StepWords
{
    /**
     * @param string $load what is loaded, or what is done where nothing is
     * @param string $thin how far with what; empty where nothing is loaded
     * @param string $coats coats or passes, with the rounds of its loop; empty where none are counted
     * @param string $dry drying between coats; empty where it is none
     * @param string $where where it departs from the usual place, and for whom
     */
    private function __construct(
        public string $title,
        public string $load,
        public string $thin,
        public string $coats,
        public string $dry,
        public string $where,
    ) {
    }

    public static function of(StepOutcome $outcome): self
    {
        $step = $outcome->step;

        return new self(
            ucfirst($step->technique->words()),
            $step->load->mix === null ? $step->where() : $step->words(),
            $step->load->thinWords(),
            $step->isFilm() || $step->technique->facts()->at->rank() === 0 ? self::coats($outcome) : '',
            $outcome->labour->dryMinutes === 0 ? '' : Duration::words($outcome->labour->dryMinutes),
            self::where($step),
        );
    }

    /** "Soot Wash, the lower third, leaders only": what a plan says of it, without what is predicted. */
    public static function inOne(PlannedStep $step): string
    {
        return implode(', ', array_filter([$step->words(), self::where($step), $step->handling->note]));
    }

    /** "2 coats", "1 pass, 3 rounds". */
    public static function coats(StepOutcome $outcome): string
    {
        $counted = $outcome->step->technique->isPassed() ? Counted::Passes : Counted::Coats;
        $rounds = $outcome->labour->rounds;

        return $counted->of($outcome->labour->coats).($rounds > 1 ? ', '.Counted::Rounds->of($rounds) : '');
    }

    /** For how many figures a batch on the palette is enough, of so many there are. */
    public static function drops(Amount $amount, string $with, int $figures): string
    {
        $said = self::batch($amount, $with).($amount->meets === null ? '' : ', meeting '.self::batch($amount->meets, $with));
        $enough = match (true) {
            $amount->figures >= $figures => $figures === 1 ? 'the figure' : 'all '.$figures,
            $amount->figures === 1 => 'one figure',
            default => Counted::Figures->of($amount->figures),
        };

        return sprintf('drops: %s, enough for %s', $said, $enough);
    }

    private static function batch(Amount $amount, string $with): string
    {
        $said = array_map(static fn (array $d): string => $d['drops'].' '.$d['paint'], $amount->drops);

        return implode(' + ', $amount->thinnerDrops > 0 ? [...$said, $amount->thinnerDrops.' '.$with] : $said);
    }

    private static function where(PlannedStep $step): string
    {
        $who = $step->scope->who->isAll() ? '' : $step->scope->who->words();

        return implode(', ', array_filter([$step->scope->place->words(), $who, $step->handling->words()]));
    }
}
