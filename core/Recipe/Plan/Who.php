<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

/** For which figures of a company a step is: all, the leaders, some by their numbers, or all but those. */
final readonly class Who
{
    private const ALL = 'all';
    private const LEADERS = 'leaders';
    private const ONLY = 'only';
    private const EXCEPT = 'not';

    /** Most figures that are named one by one. */
    public const MOST_NAMED = 40;

    /** @param list<int> $named numbers of figures, smallest first, where it is for some of them or all but them */
    public function __construct(private string $kind = self::ALL, public array $named = [])
    {
    }

    public static function leaders(): self
    {
        return new self(self::LEADERS);
    }

    /**
     * @param list<int> $figures numbers, 1 to 99
     *
     * @throws RecipeProblem
     */
    public static function only(array $figures): self
    {
        return new self(self::ONLY, self::numbers($figures));
    }

    /**
     * @param list<int> $figures numbers, 1 to 99
     *
     * @throws RecipeProblem
     */
    public static function except(array $figures): self
    {
        return new self(self::EXCEPT, self::numbers($figures));
    }

    /** These and those, where both are named; else those. */
    public function and(self $other): self
    {
        return $this->kind === self::ONLY && $other->kind === self::ONLY ? self::only([...$this->named, ...$other->named]) : $other;
    }

    /**
     * As it is kept: "all", "leaders", "3,5" or "not 3,5".
     *
     * @throws RecipeProblem
     */
    public static function from(string $value): self
    {
        $said = mb_strtolower(trim($value));
        if ($said === self::ALL || $said === self::LEADERS) {
            return new self($said);
        }
        $isExcept = str_starts_with($said, self::EXCEPT.' ');
        $numbers = $isExcept ? substr($said, strlen(self::EXCEPT) + 1) : $said;
        if (preg_match('/^\s*\d{1,2}(\s*[,;]?\s+\d{1,2}|\s*[,;]\s*\d{1,2})*\s*$/D', $numbers) !== 1) {
            throw RecipeProblem::noFigures($value);
        }
        $figures = array_map(intval(...), preg_split('/[\s,;]+/', trim($numbers)) ?: []);

        return $isExcept ? self::except($figures) : self::only($figures);
    }

    public function value(): string
    {
        return match ($this->kind) {
            self::ONLY => implode(',', $this->named),
            self::EXCEPT => self::EXCEPT.' '.implode(',', $this->named),
            default => $this->kind,
        };
    }

    /** @throws RecipeProblem where it names figures that a company of so many does not have */
    public function among(int $figures): self
    {
        return $this->highest() <= $figures ? $this : throw RecipeProblem::notAmong($this->words(), $figures);
    }

    public function isAll(): bool
    {
        return $this->kind === self::ALL;
    }

    public function isLeaders(): bool
    {
        return $this->kind === self::LEADERS;
    }

    /** Whether it is for figures that are named, so that the others look otherwise. */
    public function isChosen(): bool
    {
        return $this->kind === self::ONLY;
    }

    public function is(self $other): bool
    {
        return $this->value() === $other->value();
    }

    /** Whether a figure may be among both. */
    public function meets(self $other): bool
    {
        if ($this->kind === self::ONLY && $other->kind === self::ONLY) {
            return array_intersect($this->named, $other->named) !== [];
        }
        if ($this->kind === self::ONLY && $other->kind === self::EXCEPT) {
            return array_diff($this->named, $other->named) !== [];
        }

        return !($this->kind === self::EXCEPT && $other->kind === self::ONLY) || $other->meets($this);
    }

    /** The highest number that is named; 0 where none is. */
    public function highest(): int
    {
        return max([0, ...$this->named]);
    }

    public function words(): string
    {
        $named = (count($this->named) === 1 ? 'figure ' : 'figures ').self::listed($this->named);

        return match ($this->kind) {
            self::LEADERS => 'leaders only',
            self::ONLY => $named.' only',
            self::EXCEPT => 'all but '.$named,
            default => 'all figures',
        };
    }

    /** Whether a step is for this figure: the first of a company are its leaders. */
    public function includes(int $figure, int $leaders): bool
    {
        return match ($this->kind) {
            self::LEADERS => $figure <= $leaders,
            self::ONLY => in_array($figure, $this->named, true),
            self::EXCEPT => !in_array($figure, $this->named, true),
            default => true,
        };
    }

    /** @return list<int> numbers of the figures it is for, smallest first */
    public function figures(int $count, int $leaders): array
    {
        return array_values(
            array_filter($count < 1 ? [] : range(1, $count), fn (int $figure): bool => $this->includes($figure, $leaders)),
        );
    }

    /** How many of a company it is for. */
    public function of(int $count, int $leaders): int
    {
        return count($this->figures($count, $leaders));
    }

    /**
     * @param list<int> $figures
     *
     * @return list<int>
     */
    private static function numbers(array $figures): array
    {
        $figures = array_values(array_unique($figures));
        sort($figures);
        if ($figures === [] || count($figures) > self::MOST_NAMED || $figures[0] < 1 || $figures[count($figures) - 1] > 99) {
            throw RecipeProblem::noFigures(implode(', ', $figures));
        }

        return $figures;
    }

    /** @param list<int> $numbers */
    private static function listed(array $numbers): string
    {
        $last = (string) array_pop($numbers);

        return $numbers === [] ? $last : implode(', ', $numbers).' and '.$last;
    }
}
