<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Predict;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Film\Application;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinning;
use Kalokroma\Shelf\Mix;
use Kalokroma\Word\Finding;

/**
 * Glazes by which two tones that lie side by side run into one another: of the one over the edge of the other, or of both until they meet.
 * Each layer begins a little further back than the one before, so that the strips they leave are a run of tones.
 */
final readonly class Joining
{
    /**
     * An edge of this difference (CIEDE2000) that is drawn out while it is wet nobody sees at arm's length; one that is not shows from
     * {@see Glazing::SMOOTH_STEP} on. A starting value of our own.
     */
    public const EVEN = 5.0;

    /** More layers from one side are not proposed. */
    public const MOST_LAYERS = 8;

    /** Which of the tones is glazed with: the first, the second, both. */
    public const FROM = ['one', 'other', 'both'];

    /**
     * @param string $from one of {@see self::FROM}
     * @param list<JoiningGlaze> $glazes one from one side, or two that meet
     * @param float $apart what is left of the edge, CIEDE2000
     * @param float $before how far the tones are apart, CIEDE2000
     */
    private function __construct(public string $from, public array $glazes, public float $apart, public float $before)
    {
    }

    /**
     * From either side and from both, even ones with the fewest layers first.
     *
     * @return list<self> empty where the tones are one
     */
    public static function of(Mix $one, Mix $other): array
    {
        $before = Ciede2000::difference($one->colour()->toLab(), $other->colour()->toLab());
        if ($before <= self::EVEN) {
            return [];
        }
        $found = array_map(static fn (string $from): self => self::best(array_map(
            static fn (string $thin): self => match ($from) {
                'one' => self::fromOneSide($from, $one, $other, Thinning::fromRatio($thin), $before),
                'other' => self::fromOneSide($from, $other, $one, Thinning::fromRatio($thin), $before),
                default => self::fromBoth($one, $other, Thinning::fromRatio($thin), $before),
            },
            Glazing::THINNINGS,
        )), self::FROM);
        usort($found, self::compare(...));

        return $found;
    }

    public function layers(): int
    {
        return array_sum(array_map(static fn (JoiningGlaze $g): int => $g->layers(), $this->glazes));
    }

    public function isEven(): bool
    {
        return $this->apart <= self::EVEN;
    }

    /** Whether each layer changes the colour little enough to be drawn out. */
    public function isSoft(): bool
    {
        return $this->step() <= self::EVEN;
    }

    public function reason(): Finding
    {
        $facts = ['before' => $this->before, 'apart' => $this->apart, 'step' => $this->step()];
        $begins = 'Draw each layer a little further back. The tones differ by {before}; {apart} is left at the edge';

        return match (true) {
            !$this->isEven() => new Finding('join.uneven', $begins.'. It still shows: paint a tone between them first.', $facts),
            $this->isSoft() => new Finding('join.even', $begins.', too little to see.', $facts),
            default => new Finding('join.steep', $begins.'. The first layers change most, by up to {step}: draw them well out.', $facts),
        };
    }

    private function step(): float
    {
        return max([0.0, ...array_map(static fn (JoiningGlaze $g): float => $g->largestStep(), $this->glazes)]);
    }

    /** @param non-empty-list<self> $all thick to thin */
    private static function best(array $all): self
    {
        usort($all, self::compare(...));

        return $all[0];
    }

    /** Even before uneven, soft before steep, few layers before many, little left before much. */
    private static function compare(self $a, self $b): int
    {
        return $b->isEven() <=> $a->isEven()
            ?: ($a->isEven() ? $b->isSoft() <=> $a->isSoft() : $a->apart <=> $b->apart)
            ?: $a->layers() <=> $b->layers()
            ?: $a->apart <=> $b->apart;
    }

    private static function fromOneSide(string $from, Mix $glaze, Mix $over, Thinning $thinning, float $before): self
    {
        $wanted = $glaze->colour()->toLab();
        [$best, $apart] = [0, $before];
        $after = self::laid($glaze, $over, $thinning);
        foreach ($after as $i => $look) {
            $left = Ciede2000::difference($look->toLab(), $wanted);
            if ($apart > self::EVEN && $left < $apart) {
                [$best, $apart] = [$i + 1, $left];
            }
        }

        return new self($from, [new JoiningGlaze($glaze, $over, $thinning, array_slice($after, 0, max(1, $best)))], $apart, $before);
    }

    private static function fromBoth(Mix $one, Mix $other, Thinning $thinning, float $before): self
    {
        $overOther = self::laid($one, $other, $thinning);
        $overOne = self::laid($other, $one, $thinning);
        $best = null;
        foreach ($overOther as $i => $a) {
            foreach ($overOne as $j => $b) {
                $apart = Ciede2000::difference($a->toLab(), $b->toLab());
                $isNearer = $best === null || ($best[2] > self::EVEN && $apart < $best[2])
                    || ($apart <= self::EVEN && $i + $j < $best[0] + $best[1]);
                $best = $isNearer ? [$i, $j, $apart] : $best;
            }
        }
        [$i, $j, $apart] = $best ?? [0, 0, $before];

        return new self('both', [
            new JoiningGlaze($one, $other, $thinning, array_slice($overOther, 0, $i + 1)),
            new JoiningGlaze($other, $one, $thinning, array_slice($overOne, 0, $j + 1)),
        ], $apart, $before);
    }

    /** @return list<Reflectance> after each layer */
    private static function laid(Mix $glaze, Mix $over, Thinning $thinning): array
    {
        $surface = Surface::uniform($over->colour());

        return array_map(
            static fn (int $n): Reflectance => Application::Glaze->coats($glaze->pigment(), $thinning->load(), $n, $surface)->plane,
            range(1, self::MOST_LAYERS),
        );
    }
}
