<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Film\Face;
use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\Who;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Word\Finding;

/** Makes steps of what is told, line after line: a line may say more of the step before it, or do it again. */
final class Telling
{
    /** What has no rounds of its own where a line says rounds of all its steps: it lies there once. */
    private const ONCE = [Technique::Basecoat, Technique::MetalCoat, Technique::BlockIn, Technique::SteppingStone];

    /** @var array<int, ToldLine> by number */
    private array $lines = [];

    /** @var list<Face> faces that were told to be left from then on */
    private array $leave = [];

    /** @var list<string> words that were said before there was a step */
    private array $before = [];

    public function __construct(
        private readonly LineReader $reader,
        private readonly StepTold $maker,
        private readonly Asking $asking,
    ) {
    }

    /** @return list<ToldLine> */
    public function lines(): array
    {
        return array_values($this->lines);
    }

    /**
     * @param string $line as it was said
     * @param string|null $settled what the painter chose that these words mean: then nothing is asked
     */
    public function line(int $number, string $line, ?string $settled = null): void
    {
        $isOther = $settled !== null && $settled !== $line;
        $read = $this->reader->read($settled ?? $line);
        $findings = !$isOther ? [] : [new Finding('told.settled', 'Read as "{means}", as you chose before.', ['means' => $settled])];
        foreach ($read->mended as $word => $right) {
            $findings[] = new Finding('told.spelled', '"{word}" is read as "{right}".', ['word' => (string) $word, 'right' => $right]);
        }
        $pieces = $isOther ? [] : $read->pieces;
        $this->lines[$number] = new ToldLine($number, $line, [], $findings, [], pieces: $pieces, isSettled: $settled !== null);
        $from = count($this->steps());
        foreach ($read->clauses as $said) {
            $this->clause($number, $settled ?? $line, $said, $from);
            if ($settled === null) {
                $this->asked($number, $line, $said);
            }
        }
        if ($read->rest !== '') {
            $this->rest($number, $read->rest);
        }
    }

    /** What stands behind all that is read of a very long line. */
    private function rest(int $number, string $rest): void
    {
        $last = $this->last();
        if ($last !== null) {
            $this->exchanged($last[1], $last[0], self::noted($last[0], [$rest]));
        }
        $this->lines[$number] = $this->lines[$number]->adding(unread: [$rest]);
    }

    /** @param int $from how many steps stood before the line */
    private function clause(int $number, string $line, Said $said, int $from): void
    {
        $last = $this->last();
        $isUndercoat = preg_match('/^\W*(?:undercoat(?:ed)?|prime[dr]?|priming)\b(?!\s+repair)/iu', $said->words) === 1;
        if ($isUndercoat) {
            $this->aside($number, $said, $last, new Finding(
                'told.undercoat',
                'The undercoat belongs to the whole figure: choose it on its own page. "{line}" is kept as a note.',
                ['line' => $said->words],
            ));
        } elseif ($said->leavesOutWork() && ($out = $this->sameWork($said)) !== null) {
            $this->without($number, $said, ...$out);
        } elseif ($said->isLeftOut && $said->names === [] && ($said->technique === null || $said->isLeftOutByThose())) {
            $this->aside($number, $said, $last);
        } elseif ($said->onlyThins() && ($thinned = $this->paintedWith($said)) !== null) {
            $this->more($number, $line, $said, $thinned[0], $thinned[1], $from);
        } elseif ($said->mark !== null && !$said->isWork()) {
            $this->marked($number, $said->mark, $last[1] ?? null);
        } elseif ($said->onlyLeaves()) {
            $this->leaves($number, $said, $last);
        } elseif ($said->isInstead && $last !== null && !$said->who->isAll()) {
            $this->instead($number, $line, $said, ...($this->replacedIn($said) ?? $last));
        } elseif ($last !== null && $last[0]->technique === Technique::Waiting && !$said->isWork() && !$said->isWaiting()) {
            $this->aside($number, $said, $last);
        } elseif (!$said->isWork() && !$said->isWaiting() && $last !== null && $said->saysMore()
            && !StepTold::isMixedOtherwise($said, $last[0])) {
            $this->more($number, $line, $said, $last[0], $last[1], $from);
        } elseif ($last !== null && StepTold::isPartOf($said, $last[0])) {
            $this->aside($number, $said, $last);
        } elseif (!$said->isWork() && !$said->isWaiting() && !$said->saysMore()) {
            $this->aside($number, $said, $last);
        } else {
            $this->step($number, $line, $said, $last[0] ?? null, $from);
        }
    }

    private function step(int $number, string $line, Said $said, ?PlannedStep $last, int $from): void
    {
        $last = $this->waited($said, $last);
        [$steps, $findings] = $this->maker->make($said, $line, new Plan($this->steps(), []), $last);
        $steps = array_map($this->leaving(...), $steps);
        if ($this->before !== [] && $steps !== []) {
            $steps[0] = self::noted($steps[0], $this->before);
            $this->before = [];
        }
        $loop = $steps === [] ? null : $steps[count($steps) - 1]->scope->loop;
        $first = array_values(array_filter(
            array_slice($this->steps(), $from),
            static fn (PlannedStep $s): bool => !in_array($s->technique, self::ONCE, true),
        ))[0] ?? null;
        if ($loop !== null && $first !== null && $said->goesOn) {
            $step = array_pop($steps);
            $steps[] = $step->withScope($step->scope->looped($loop->startingAt($first->key->value)));
        }
        $there = $this->lines[$number];
        $this->lines[$number] = $there->with([...$there->steps, ...$steps])->of(null)->adding($findings, $said->doubts, $said->unread);
    }

    /** The step before, left alone for as long as is said before this one. */
    private function waited(Said $said, ?PlannedStep $last): ?PlannedStep
    {
        if (!$said->waitsBefore() || $last === null || $last->handling->wait !== null) {
            return $last;
        }
        $waited = $last->withHandling($last->handling->with(['wait' => $said->wait['minutes'] ?? null]));
        $this->exchanged($this->last()[1] ?? 0, $last, $waited);

        return $waited;
    }

    /** Asks where the step that came of it is one that nobody would paint, or where words that may matter were not read. */
    private function asked(int $number, string $line, Said $said): void
    {
        $steps = $this->steps();
        $made = $this->lines[$number]->steps;
        $step = $made === [] ? null : $made[count($made) - 1];
        $prior = $step === null ? null : $steps[(int) array_search($step, $steps, true) - 1] ?? null;
        $questions = $step === null || !$said->isWork() ? Asking::unread($said, $line) : $this->asking->of($said, $line, $step, $prior);
        $this->lines[$number] = $this->lines[$number]->adding(questions: $questions);
    }

    /** What was told to be left from then on is left by what covers: washes, edges and lines keep their own place. */
    private function leaving(PlannedStep $step): PlannedStep
    {
        $place = $step->scope->place;
        $covers = $step->technique->facts()->takes !== [] && !$step->technique->isWash() && $step->technique->face() === Face::Plane;
        if ($this->leave === [] || !$covers || $place->face !== null || $place->but !== null) {
            return $step;
        }

        return $step->withScope($step->scope->at($place->leaving($this->leave)));
    }

    /** @param array{PlannedStep, int}|null $last */
    private function leaves(int $number, Said $said, ?array $last): void
    {
        $left = $said->place->foldsLeft ? [Face::Recess] : $said->place->left;
        $this->leave = [...$this->leave, ...$left];
        $this->aside($number, $said, $last, new Finding(
            'told.left',
            'From here on the {faces} are left alone, where a step says nothing else.',
            ['faces' => implode(' and ', array_map(static fn (Face $f): string => $f->value.($f === Face::Recess ? 'es' : 's'), $left))],
        ));
    }

    /** All before it belongs to that level, as far as nothing else was said of it. */
    private function marked(int $number, Level $level, ?int $of): void
    {
        foreach ($this->lines as $n => $told) {
            $this->lines[$n] = $told->with(array_map(
                static fn (PlannedStep $s): PlannedStep => $s->scope->level === null ? $s->withScope($s->scope->upTo($level)) : $s,
                $told->steps,
            ));
        }
        $this->belongs($number, $of);
        $this->lines[$number] = $this->lines[$number]->adding([new Finding(
            'told.mark',
            'All steps above belong to {level}.',
            ['level' => $level->value],
        )]);
    }

    /** For some figures another paint stands in the place of that of the step before. */
    private function instead(int $number, string $line, Said $said, PlannedStep $step, int $of): void
    {
        $others = $said->who->isChosen() ? $step->withScope($step->scope->for(Who::except($said->who->named))) : $step;
        $this->exchanged($of, $step, $others);
        $sofar = new Plan($this->steps(), []);
        [$made, $findings] = $this->maker->make($said, $line, $sofar, $step);
        $there = $this->lines[$number];
        $made = array_map(fn (PlannedStep $s): PlannedStep => $this->maker->standingIn($step, $s, $sofar), array_slice($made, 0, 1));
        $this->lines[$number] = $there->with([...$there->steps, ...$made])->adding($findings, $said->doubts, $said->unread);
    }

    /** @return array{PlannedStep, int}|null the last step of the work that is told to be left out, and the number of its line */
    private function sameWork(Said $said): ?array
    {
        foreach (array_reverse($this->lines, true) as $number => $line) {
            foreach (array_reverse($line->steps) as $step) {
                $isWash = $said->technique === Technique::WashAllOver && $step->technique->isWash();
                if ($said->technique === null || $step->technique === $said->technique || $isWash) {
                    return [$step, $number];
                }
            }
        }

        return null;
    }

    /** @return array{PlannedStep, int}|null the last step with the paint that another one stands in for */
    private function replacedIn(Said $said): ?array
    {
        return $this->lastWith($said->replaced[0]['paint']->id ?? '');
    }

    /** @return array{PlannedStep, int}|null the last step with the paint that is named, and the number of its line */
    private function paintedWith(Said $said): ?array
    {
        return $this->lastWith($said->names[0]['paint']->id ?? '');
    }

    /** @return array{PlannedStep, int}|null */
    private function lastWith(string $paint): ?array
    {
        foreach (array_reverse($this->lines, true) as $number => $line) {
            foreach (array_reverse($line->steps) as $step) {
                if ($step->load->mix?->has($paint) === true) {
                    return [$step, $number];
                }
            }
        }

        return null;
    }

    /** A step that is left out, by all or by those that are named. */
    private function without(int $number, Said $said, PlannedStep $step, int $of): void
    {
        $this->exchanged($of, $step, $said->who->isChosen()
            ? $step->withScope($step->scope->for(Who::except($said->who->named)))
            : $step->withHandling($step->handling->with(['omitted' => true])));
        $this->belongs($number, $of);
        $this->lines[$number] = $this->lines[$number]->adding([], $said->doubts, $said->unread);
    }

    /** Says more of the step before; how often, of all steps of the line. */
    private function more(int $number, string $line, Said $said, PlannedStep $step, int $of, int $from): void
    {
        $first = $number === $of && $said->rounds->rounds > 0 ? $this->steps()[$from] ?? $step : $step;
        $this->exchanged($of, $step, $this->maker->more($step, $said, $line, $first->key->value));
        $this->belongs($number, $of);
        $this->lines[$number] = $this->lines[$number]->adding([], $said->doubts, $said->unread);
    }

    /**
     * Kept as words: at the step before, or at the first that comes.
     *
     * @param array{PlannedStep, int}|null $last
     */
    private function aside(int $number, Said $said, ?array $last, ?Finding $finding = null): void
    {
        if ($last === null) {
            $this->before[] = $said->words;
        } else {
            $this->exchanged($last[1], $last[0], self::noted($last[0], [$said->words]));
        }
        $this->belongs($number, $last[1] ?? null);
        $this->lines[$number] = $this->lines[$number]->adding($finding === null ? [] : [$finding], $said->doubts, $said->unread);
    }

    private function exchanged(int $line, PlannedStep $step, PlannedStep $by): void
    {
        $there = $this->lines[$line];
        $this->lines[$line] = $there->with(array_map(static fn (PlannedStep $s): PlannedStep => $s === $step ? $by : $s, $there->steps));
    }

    private function belongs(int $number, ?int $of): void
    {
        if ($this->lines[$number]->steps === [] && $of !== $number) {
            $this->lines[$number] = $this->lines[$number]->of($of);
        }
    }

    /** @param list<string> $words */
    public static function noted(PlannedStep $step, array $words): PlannedStep
    {
        $note = implode('; ', array_filter([$step->handling->note, ...$words], static fn (string $w): bool => $w !== ''));

        return $step->noted(mb_substr($note, 0, Handling::LONGEST_NOTE));
    }

    /** @return array{PlannedStep, int}|null the last step so far, and the number of its line */
    private function last(): ?array
    {
        foreach (array_reverse($this->lines, true) as $number => $line) {
            if ($line->steps !== []) {
                return [$line->steps[count($line->steps) - 1], $number];
            }
        }

        return null;
    }

    /** @return list<PlannedStep> */
    private function steps(): array
    {
        return array_merge(...array_map(static fn (ToldLine $l): array => $l->steps, array_values($this->lines)));
    }
}
