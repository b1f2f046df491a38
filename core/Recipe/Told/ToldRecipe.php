<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Paint;

/**
 * A recipe as somebody told it, one line a step: "80 % slate grey + 20 % sky", "recesses only: black wash neat". No line is lost, and none
 * stands in the way of the others: what is not understood stays as the note of its line.
 */
final readonly class ToldRecipe
{
    public const MOST_LINES = 40;

    /** What begins another step in the same line. */
    private const NEXT = '/(?:\s*[,;.]\s*|\s+)(?:and\s+)?(?:then|after that|afterwards|finally|next)\s+(?=\S)'
        .'|(?<=[\p{L}\d%])[.;]\s+(?=\p{L})|,\s+(?=(?:(?!and\b|then\b)\p{L}+\s+){1,3}wash\s*(?:$|[,.;]))/iu';

    /** @param list<ToldLine> $lines */
    private function __construct(public array $lines)
    {
    }

    /**
     * @param list<Paint> $shelf
     *
     * @throws RecipeProblem where nothing is said, or too much
     */
    public static function read(string $text, array $shelf): self
    {
        $lines = array_values(
            array_filter(array_map(trim(...), preg_split('/\R/u', $text) ?: []), static fn (string $l): bool => $l !== ''),
        );
        if ($lines === []) {
            throw RecipeProblem::nothingSaid();
        }
        if (count($lines) > self::MOST_LINES) {
            throw RecipeProblem::tooManyLines(count($lines), self::MOST_LINES);
        }
        $reader = new LineReader($shelf);
        $told = new Telling($reader, new StepTold($shelf));
        foreach ($lines as $i => $line) {
            foreach (self::sentences(LineReader::withoutBullet($line), $reader) as $n => $sentence) {
                $told->line($i + 1, $line, $sentence, $n > 0);
            }
        }

        $read = new self($told->lines());
        if (count($read->steps()) > self::MOST_LINES) {
            throw RecipeProblem::tooManySteps(self::MOST_LINES);
        }

        return $read;
    }

    /** @return list<PlannedStep> */
    public function steps(): array
    {
        return array_merge(...array_map(static fn (ToldLine $l): array => $l->steps, $this->lines));
    }

    /** @return list<array{line: int, words: string}> what was taken for granted */
    public function notes(): array
    {
        $found = [];
        foreach ($this->lines as $line) {
            foreach ($line->findings as $finding) {
                $found[] = ['line' => $line->number, 'words' => $finding->sentence()];
            }
        }

        return $found;
    }

    /**
     * A line of several steps is read step by step, where each part names work.
     *
     * @return list<string>
     */
    private static function sentences(string $line, LineReader $reader): array
    {
        $parts = preg_split(self::NEXT, $line) ?: [$line];
        $found = [];
        foreach ($parts as $i => $part) {
            $said = $i === 0 ? null : $reader->read($part);
            $isOwn = $said === null || $said->names !== [] || ($said->technique !== null && $said->technique !== Technique::Blotting
                && ($said->technique->facts()->takes === [] || !$said->technique->facts()->takes[0]->colours()));
            if ($isOwn) {
                $found[] = $part;
            } else {
                $found[count($found) - 1] .= ', '.$part;
            }
        }

        return array_values($found);
    }
}
