<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

use Kalokroma\Colour\Lab;

/** How near the paints of one set come to the colours that are wanted, and which of them it misses. */
final readonly class FromOneSet
{
    /** A colour nothing of the set comes nearer to than this (CIEDE2000) is missed. */
    public const MISSED_FROM = 5.0;

    /**
     * @param list<array{name: string, share: float, nearest: RankedMix|null}> $colours in the order asked
     * @param float $apart mean difference, by share; INF where the set covers nothing
     * @param list<string> $missed names
     */
    private function __construct(public array $colours, public float $apart, public array $missed)
    {
    }

    /**
     * @param list<Paint> $set
     * @param list<array{name: string, colour: Lab, share: float}> $wanted shares more than 0
     */
    public static function of(array $set, array $wanted): self
    {
        $usable = (new Selection())->of($set);
        $matcher = new Matcher();
        $colours = $missed = [];
        $sum = $all = 0.0;
        foreach ($wanted as ['name' => $name, 'colour' => $colour, 'share' => $share]) {
            $nearest = $usable === [] ? null : $matcher->best($colour, $usable, 1)[0];
            $colours[] = ['name' => $name, 'share' => $share, 'nearest' => $nearest];
            $sum += $share * ($nearest->difference ?? INF);
            $all += $share;
            if ($nearest === null || $nearest->difference >= self::MISSED_FROM) {
                $missed[] = $name;
            }
        }

        return new self($colours, $all > 0 ? $sum / $all : 0.0, $missed);
    }
}
