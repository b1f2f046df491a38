<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

use Stringable;

/**
 * The name of a step within its recipe, by which records, links and files know it: small letters, digits and single hyphens,
 * 40 at most. What stands in addresses beside it is reserved.
 */
final readonly class StepKey implements Stringable
{
    /** The step of the whole figure, which no recipe of an area has. */
    public const UNDERCOAT = 'undercoat';

    public const LONGEST = 40;

    private const PATTERN = '/^[a-z][a-z0-9]*(?:-[a-z0-9]+)*$/D';

    private const RESERVED = [
        self::UNDERCOAT, 'all', 'aside', 'book', 'card', 'edits', 'file', 'follow', 'mishap', 'redo', 'replace',
        'substitutes', 'told', 'undo',
    ];

    private function __construct(public string $value)
    {
    }

    /** The key of an undercoat's first, second, third … step. */
    public static function ofUndercoat(int $number = 1): self
    {
        return new self($number === 1 ? self::UNDERCOAT : self::UNDERCOAT.'-'.$number);
    }

    /** The key of a step over the whole figure. */
    public static function ofWhole(int $number): self
    {
        return new self('whole-'.$number);
    }

    /** As it was kept, from times when less was asked of a key. */
    public static function kept(string $value): self
    {
        return new self($value);
    }

    public function is(self|string|null $other): bool
    {
        return $this->value === ($other instanceof self ? $other->value : $other);
    }

    /** @throws RecipeProblem where it is no key, or one that is reserved */
    public static function of(string $said): self
    {
        if (in_array($said, self::RESERVED, true)) {
            throw RecipeProblem::reservedKey($said);
        }
        if (strlen($said) > self::LONGEST || preg_match(self::PATTERN, $said) !== 1) {
            throw RecipeProblem::noKey($said, self::LONGEST);
        }

        return new self($said);
    }

    /**
     * The first of "like", "like-2", "like-3" … that is not taken.
     *
     * @param array<string, mixed> $taken keys that were ever given
     */
    public static function free(string $like, array $taken): self
    {
        $key = $like;
        for ($n = 2; isset($taken[$key]); ++$n) {
            $key = substr($like, 0, self::LONGEST - 1 - strlen((string) $n)).'-'.$n;
        }

        return self::of($key);
    }

    public function __toString(): string
    {
        return $this->value;
    }
}
