<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Choose;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\PlainName;
use Kalokroma\Colour\Srgb;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Part;
use Kalokroma\Shelf\RankedMix;
use Kalokroma\Word\Finding;
use Kalokroma\Word\Message;
use Kalokroma\Word\Reason;

/**
 * Which mix to load for a colour, in the painter's stead. What typed-in colours cannot tell apart is decided by
 * convenience: a single paint, then paints the recipe has loaded already, then paints akin to each other.
 */
final class MixChoice
{
    /** Best pairs among which convenience may choose. */
    private const WEIGHED_PAIRS = 30;

    /** What loading another paint weighs against difference, in CIEDE2000. */
    private const NEW_PAINT = 0.5;

    /** What every ten CIEDE2000 between the two paints of a mix weigh: far-apart paints make a mix hard to repeat. */
    private const UNLIKE_PAINTS = 0.6;

    /** @var array<string, true> ids of the paints that are on the palette already */
    private array $loaded = [];

    public function __construct(private readonly Palette $palette)
    {
    }

    public function load(?Mix $mix): void
    {
        foreach ($mix?->paints() ?? [] as $paint) {
            $this->loaded[$paint->id] = true;
        }
    }

    /** @return array{RankedMix, Finding} */
    public function nearest(Lab $target): array
    {
        $single = $this->palette->singles($target)[0];
        $pairs = $this->palette->pairs($target, self::WEIGHED_PAIRS);
        if ($pairs === []) {
            return [
                $single,
                new Finding(
                    'mix.only',
                    '{single} is {apart} apart, the only paint at hand that covers.',
                    ['single' => $single->mix->words(), 'apart' => $single->difference],
                    Reason::Mix,
                ),
            ];
        }
        $facts = [
            'single' => $single->mix->words(),
            'near' => $single->difference,
            'pair' => $pairs[0]->mix->words(),
            'apart' => $pairs[0]->difference,
        ];
        if ($single->isHardlyWorseThan($pairs[0])) {
            return [$single, self::missing($single, $target) ?? new Finding('mix.single', $single->difference <= $pairs[0]->difference
                ? '{single} is {near} apart; no mix of two comes nearer (the best is {apart}).'
                : '{single} alone is {near} apart; the best mix ({pair}) would be {apart}, no difference that '
                    .'typed-in colours can tell.', $facts, Reason::Mix)];
        }
        $pair = $pairs[0];
        foreach ($pairs as $candidate) {
            if ($candidate->isHardlyWorseThan($pairs[0]) && $this->inconvenience($candidate) < $this->inconvenience($pair)) {
                $pair = $candidate;
            }
        }
        $facts = [...$facts, 'pair' => $pair->mix->words(), 'apart' => $pair->difference, 'best' => $pairs[0]->difference];
        $text = '{pair}: {apart} apart from the wanted colour; the nearest single paint, {single}, is {near}.';
        $shared = $this->alreadyLoaded($pair->mix);
        if ($shared !== [] && $pair !== $pairs[0]) {
            $facts['shared'] = Message::listed($shared);
            $facts['loaded'] = count($shared);
            $text .= ' {shared} {loaded, plural, one {is} other {are}} loaded already; the nearest mix of all '
                .'({best}) could not be told from it.';
        }

        return [$pair, self::missing($pair, $target) ?? new Finding('mix.pair', $text, $facts, Reason::Mix)];
    }

    /** What to buy or borrow, where nothing on the shelf comes near; null where something does. */
    public static function missing(RankedMix $best, Lab $target): ?Finding
    {
        return $best->difference < Defaults::RUNG_MISSING_FROM ? null : new Finding(
            'mix.missing',
            'Nothing on the shelf comes nearer than {apart}: {mix} is the best there is, and {missing} is missing.',
            [
                'apart' => $best->difference,
                'mix' => $best->mix->words(),
                'missing' => 'a '.PlainName::of(Srgb::fromXyz($target->toXyz())->toOklch()),
            ],
            Reason::Mix,
        );
    }

    private function inconvenience(RankedMix $candidate): float
    {
        $labs = array_map(static fn (Part $p): Lab => $p->paint->lab(), $candidate->mix->parts);

        return $candidate->difference
            + self::NEW_PAINT * (2 - count($this->alreadyLoaded($candidate->mix)))
            + self::UNLIKE_PAINTS * Ciede2000::difference($labs[0], $labs[count($labs) - 1]) / 10;
    }

    /** @return list<string> names */
    private function alreadyLoaded(Mix $mix): array
    {
        $found = [];
        foreach ($mix->paints() as $paint) {
            if (isset($this->loaded[$paint->id])) {
                $found[] = $paint->name;
            }
        }

        return $found;
    }
}
