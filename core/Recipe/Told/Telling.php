<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Word\Finding;

/** Makes steps of what is told, line after line: a line may say more of the step before it, or do it again. */
final class Telling
{
    /** @var array<int, ToldLine> by number */
    private array $lines = [];

    /** @var list<string> words that were said before there was a step */
    private array $before = [];

    public function __construct(private readonly LineReader $reader, private readonly StepTold $maker)
    {
    }

    /** @return list<ToldLine> */
    public function lines(): array
    {
        return array_values($this->lines);
    }

    /**
     * @param string $line all of it
     * @param string $sentence the part of it that is read now
     * @param bool $goesOn whether another part of the line stands before it
     */
    public function line(int $number, string $line, string $sentence, bool $goesOn = false): void
    {
        $undercoat = preg_match('/^\W*(?:undercoat(?:ed)?|prime[dr]?|priming)\b(?!\s+repair)/iu', $sentence) === 1;
        $said = $this->reader->read($sentence);
        if ($undercoat) {
            $this->aside($number, $line, [new Finding(
                'told.undercoat',
                'The undercoat belongs to the whole figure: choose it on its own page. "{line}" is kept as a note.',
                ['line' => $sentence],
            )], $sentence);

            return;
        }
        $last = $this->last();
        if (!$said->isWork() && $said->onlyLeaves()) {
            $this->aside($number, $line, [], $sentence);

            return;
        }
        if (!$said->isWork() && !$said->isWaiting() && $last !== null && $said->saysMore()) {
            $this->more($number, $line, $said, ...$last);

            return;
        }
        if (!$said->isWork() && !$said->isWaiting() && (!$said->saysMore() || $said->names !== [])) {
            $this->aside($number, $line, [], $sentence);

            return;
        }
        [$steps, $findings] = $this->maker->make($said, $line, new Plan($this->steps(), []), $last[0] ?? null, $goesOn);
        if ($this->before !== [] && $steps !== []) {
            $steps[0] = self::noted($steps[0], $this->before);
            $this->before = [];
        }
        $there = $this->lines[$number] ?? new ToldLine($number, $line, [], [], []);
        $this->lines[$number] = new ToldLine(
            $number,
            $line,
            [...$there->steps, ...$steps],
            self::once([...$there->findings, ...$findings]),
            [...$there->doubts, ...$said->doubts],
            unread: [...$there->unread, ...array_values(array_diff($said->unread, $said->doubts))],
        );
    }

    /** Says more of the step before. */
    private function more(int $number, string $line, Said $said, PlannedStep $step, int $of): void
    {
        $changed = $this->maker->more($step, $said, $line);
        $there = $this->lines[$of];
        $this->lines[$of] = $there->with([...array_slice($there->steps, 0, -1), $changed]);
        $this->lines[$number] ??= new ToldLine($number, $line, [], [], [], $of, $said->unread);
    }

    /**
     * Kept as words: at the step before, or at the first that comes.
     *
     * @param list<Finding> $findings
     */
    private function aside(int $number, string $line, array $findings, string $words): void
    {
        $last = $this->last();
        if ($last === null) {
            $this->before[] = $words;
        } else {
            $there = $this->lines[$last[1]];
            $this->lines[$last[1]] = $there->with([...array_slice($there->steps, 0, -1), self::noted($last[0], [$words])]);
        }
        $this->lines[$number] ??= new ToldLine($number, $line, [], $findings, [], $last[1] ?? null);
    }

    /**
     * @param list<Finding> $findings
     *
     * @return list<Finding> what is said twice, once
     */
    private static function once(array $findings): array
    {
        $found = [];
        foreach ($findings as $finding) {
            $found[$finding->sentence()] ??= $finding;
        }

        return array_values($found);
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
