<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

/** Steps that are gone through again until they are good enough: from a step up to the one that carries this. */
final readonly class Loop
{
    public const MOST_ROUNDS = 9;

    /** What each round takes of the one before, where it goes smaller every time. */
    private const SMALLER = 0.65;

    /** @var list<float> share of its place that each round touches, 0 to 1; one for each round */
    public array $shares;

    /**
     * @param string $from key of the first step of the loop; the carrying step itself for a loop of one
     * @param int $rounds 2..9, the usual number
     * @param string $exit how to tell that it is enough, in the painter's words
     * @param list<float> $shares of its place that each round touches, more than 0, at most 1; what is missing is as the round before
     *
     * @throws RecipeProblem
     */
    public function __construct(public string $from, public int $rounds, public string $exit, array $shares = [])
    {
        if ($rounds < 2 || $rounds > self::MOST_ROUNDS) {
            throw RecipeProblem::roundsOutOfRange($rounds);
        }
        $all = [];
        for ($round = 0; $round < $rounds; ++$round) {
            $all[] = $share = $shares[$round] ?? $all[$round - 1] ?? 1.0;
            if (!($share > 0.0 && $share <= 1.0)) {
                throw RecipeProblem::shareOutOfRange($share);
            }
        }
        $this->shares = $all;
    }

    /**
     * Rounds that go smaller every time.
     *
     * @throws RecipeProblem
     */
    public static function smaller(string $from, int $rounds, string $exit): self
    {
        return new self($from, $rounds, $exit, array_map(
            static fn (int $round): float => round(self::SMALLER ** $round, 2),
            range(0, max(0, $rounds - 1)),
        ));
    }

    public function startingAt(string $from): self
    {
        return new self($from, $this->rounds, $this->exit, $this->shares);
    }

    public function isSmaller(): bool
    {
        return $this->shares[count($this->shares) - 1] < $this->shares[0];
    }

    /** @return list<float> shares in percent, rounded */
    public function percents(): array
    {
        return array_map(static fn (float $share): float => round(100 * $share), $this->shares);
    }

    /** "4 rounds, smaller every time: bright enough". */
    public function words(): string
    {
        $smaller = $this->isSmaller() ? ', smaller every time' : '';

        return sprintf('%d rounds%s%s', $this->rounds, $smaller, $this->exit === '' ? '' : ': '.$this->exit);
    }
}
