<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Shelf\Paint;

/**
 * A recipe as somebody told it, one line a step: "80 % slate grey + 20 % sky", "recesses only: black wash neat". No line is lost,
     and none
 * stands in the way of the others: what is not understood stays as the note of its line.
 */
final readonly class ToldRecipe
{
    public const MOST_LINES = 40;

    /** @param list<ToldLine> $lines */
    private function __construct(public array $lines)
    {
    }

    /**
     * @param list<Paint> $shelf
     * @param array<string, string> $settled what the painter chose that lines mean, by {@see self::key()}
     *
     * @throws RecipeProblem where nothing is said, or too much
     */
    public static function read(string $text, array $shelf, array $settled = []): self
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
        $told = new Telling(new LineReader($shelf), new StepTold($shelf), new Asking($shelf));
        foreach ($lines as $i => $line) {
            $told->line($i + 1, $line, $settled[self::key($line)] ?? null);
        }

        $read = new self($told->lines());
        if (count($read->steps()) > self::MOST_LINES) {
            throw RecipeProblem::tooManySteps(self::MOST_LINES);
        }

        return $read;
    }

    /** A line as it is compared with others: what is said the same way means the same. */
    public static function key(string $line): string
    {
        return mb_strtolower(trim((string) preg_replace('/\s+/u', ' ', LineReader::withoutBullet($line)), ' .,;'));
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
}
