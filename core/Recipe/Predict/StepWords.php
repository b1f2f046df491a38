<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Predict;

use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Word\Counted;
use Kalokroma\Word\Duration;
use Kalokroma\Word\Finding;
use Kalokroma\Word\Message;

/** What a step is, said once: page, card and file draw these words. */
final readonly class StepWords
{
    /**
     * @param string $load what is loaded, or what is done where nothing is
     * @param string $thin how far with what; empty where nothing is loaded
     * @param string $coats coats or passes, with the rounds of its loop; empty where none are counted
     * @param string $dry drying between coats; empty where it is none
     * @param string $where where it departs from the usual place, and for whom
     * @param list<StepFact> $facts all of it, in the order it is asked for at the table
     */
    private function __construct(
        public string $title,
        public string $load,
        public string $thin,
        public string $coats,
        public string $dry,
        public string $where,
        public array $facts,
    ) {
    }

    public static function of(StepOutcome $outcome): self
    {
        $step = $outcome->step;

        return new self(
            ucfirst($step->technique->words()),
            $step->load->mix === null ? $step->where() : $step->words(),
            $step->load->thinWords(),
            $step->isFilm() || $step->isUndercoat() ? self::coats($outcome) : '',
            $outcome->labour->dryMinutes === 0 ? '' : Duration::words($outcome->labour->dryMinutes),
            self::where($step),
            self::facts($outcome),
        );
    }

    /**
     * What is loaded, how thin, with what, where, for whom, how often, until when, how long to wait and at the latest when, to which level,
     * how, the note, cautions and reasons.
     *
     * @return list<StepFact>
     */
    private static function facts(StepOutcome $outcome): array
    {
        $step = $outcome->step;
        $facts = $step->technique->facts();
        $loop = $step->scope->loop;
        $found = [];
        foreach ([
            ['load', 'Load', $step->load->mix === null ? '' : $step->words()],
            ['thin', 'Thinned', $step->load->thinWords()],
            ['tool', 'With', $outcome->labour->tool->words()],
            ['place', 'Where', $step->scope->place->words()],
            ['who', 'For', $step->scope->who->isAll() ? '' : $step->scope->who->words()],
            ['coats', 'How often', self::often($outcome)],
            ['until', 'Until', $loop !== null && $loop->exit !== '' ? $loop->exit : $facts->exit],
            ['wait', 'Then', self::wait($outcome)],
            ['latest', 'At the latest', $facts->latest === null ? '' : 'go on within '.Duration::words($facts->latest)],
            ['level', 'Level', $step->level()->value],
            ['how', 'Besides', $step->handling->words()],
            ['hand', 'How', $step->where()],
            ['note', 'Your note', $step->handling->note],
            ['watch', 'Watch out', $facts->watch],
            ...array_map(static fn (string $c): array => ['caution', 'Caution', $c], $outcome->cautions),
            ...array_map(static fn (Finding $f): array => ['why', 'Why', $f->sentence()], $outcome->reasons),
        ] as [$key, $label, $text]) {
            $found = [...$found, ...($text === '' ? [] : [new StepFact($key, $label, $text)])];
        }

        return $found;
    }

    /** "2 coats", "1 pass, 3 rounds on 100, 65 and 42 % of it". */
    private static function often(StepOutcome $outcome): string
    {
        $step = $outcome->step;
        if (!$step->isFilm() && !$step->isUndercoat()) {
            return $step->scope->loop === null ? '' : $step->scope->loop->words();
        }
        $loop = $step->scope->loop;
        $shares = $loop !== null && $loop->isSmaller()
            ? ' on '.Message::listed(array_map(static fn (float $p): string => sprintf('%.0f', $p), $loop->percents())).' % of it' : '';

        return self::coats($outcome).$shares;
    }

    private static function wait(StepOutcome $outcome): string
    {
        $wait = $outcome->step->handling->wait;
        $dry = $outcome->labour->dryMinutes;

        return match (true) {
            $wait === Duration::OVERNIGHT => 'wait overnight',
            $wait !== null => 'wait '.Duration::words($wait),
            $dry === Duration::OVERNIGHT => 'dries overnight',
            $dry > 0 => 'dries in '.Duration::words($dry),
            default => '',
        };
    }

    /** "Soot Wash, the lower third, leaders only": what a plan says of it, without what is predicted. */
    public static function inOne(PlannedStep $step): string
    {
        return implode(', ', array_filter([$step->words(), self::where($step), $step->handling->note]));
    }

    /**
     * What a plan says of a step, fact by fact: what is loaded, how thin, where, for whom, how often, how long to wait, the note.
     *
     * @return list<string>
     */
    public static function asPlanned(PlannedStep $step): array
    {
        $counted = $step->technique->isPassed() ? Counted::Passes : Counted::Coats;

        return array_values(array_filter([
            $step->load->mix === null ? '' : $step->words(),
            $step->load->thinWords(),
            $step->scope->place->words(),
            $step->scope->who->isAll() ? '' : $step->scope->who->words(),
            $step->handling->coats === null ? '' : $counted->of($step->handling->coats),
            $step->scope->loop === null ? '' : $step->scope->loop->words(),
            $step->handling->words(),
            $step->scope->level === null ? '' : $step->scope->level->value,
            $step->handling->omitted ? 'left out' : '',
            $step->handling->note === '' ? '' : 'note: '.$step->handling->note,
        ]));
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
