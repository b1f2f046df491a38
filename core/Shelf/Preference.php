<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

/**
 * As a painter would choose among what is offered: what may be expected to come out as well as the best, as far as anybody could see on
 * the figure, by simplicity (one pot before two, paints of one hue before far ones, what is in use already, fewer drops), then by what is
 * plentiful; the rest by what is to be expected.
 *
 * @template T of object
 */
final readonly class Preference
{
    /** What is expected to come out this near to the best (CIEDE2000) counts as equal: nobody sees it on a figure. */
    public const EQUAL = 1.0;

    /** Where even the best is expected further off than this, nearer is better: what is seen anyway is not made worse for convenience. */
    private const FAR = 6.0;
    private const EQUAL_WHEN_FAR = 0.2;

    /**
     * @param callable(T): Mix $mix
     * @param callable(T): float $expected difference to be expected, CIEDE2000
     * @param array<array-key, true> $inUse ids of paints that stand open: loaded before, or used on this figure
     */
    public function __construct(private mixed $mix, private mixed $expected, private array $inUse = [])
    {
    }

    /**
     * @param list<T> $offers
     *
     * @return list<T>
     */
    public function order(array $offers): array
    {
        if ($offers === []) {
            return [];
        }
        $least = min(array_map($this->expected, $offers));
        $equal = $least > self::FAR ? self::EQUAL_WHEN_FAR : self::EQUAL;
        $ranks = array_map(fn (object $offer): array => $this->rank($offer, ($this->expected)($offer) - $least <= $equal), $offers);
        array_multisort($ranks, $offers);

        return $offers;
    }

    /**
     * @param T $offer
     *
     * @return list<int|float|string>
     */
    private function rank(object $offer, bool $isEqual): array
    {
        $mix = ($this->mix)($offer);
        $expected = round(($this->expected)($offer), 4);

        return [
            $isEqual ? 0 : 1,
            ...$isEqual ? [
                count($mix->parts),
                (int) $mix->joinsFarHues(),
                count(array_filter($mix->paints(), fn (Paint $p): bool => !isset($this->inUse[$p->id]))),
                $mix->totalParts(),
                -($mix->leastLeftMl() ?? Matcher::UNKNOWN_ML),
                $expected,
            ] : [$expected, count($mix->parts), $mix->totalParts(), 0, 0, 0],
            $mix->key(),
        ];
    }
}
