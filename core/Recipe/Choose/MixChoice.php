<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Choose;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\PlainName;
use Kalokroma\Colour\Srgb;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Preference;
use Kalokroma\Shelf\RankedMix;
use Kalokroma\Word\Finding;
use Kalokroma\Word\Message;
use Kalokroma\Word\Reason;

/** Which mix to load for a colour, in the painter's stead: as painters choose, {@see Preference}. */
final class MixChoice
{
    /** Single paints and pairs that are weighed. */
    private const WEIGHED_SINGLES = 5;
    private const WEIGHED_PAIRS = 8;

    /** @var array<string, true> ids of the paints that are on the palette already */
    private array $loaded = [];

    /** @var array<string, true> ids of those that stand alone for a colour */
    private array $alone = [];

    /**
     * @param Lab|null $intended of a ladder: its pot does not stand for another rung, where it would change nothing
     * @param array<array-key, true> $onFigure ids of paints that other areas of the figure are painted with
     */
    public function __construct(
        private readonly Palette $palette,
        private readonly ?Lab $intended = null,
        private readonly array $onFigure = [],
    ) {
    }

    public function load(?Mix $mix): void
    {
        if ($mix?->isSingle() === true) {
            $this->alone[$mix->first()->id] = true;
        }
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
        $singles = array_slice($this->palette->singles($target), 0, self::WEIGHED_SINGLES);
        $best = RankedMix::byExpected([...$singles, ...$pairs])[0];
        $singles = array_filter(
            $singles,
            fn (RankedMix $r): bool => $r === $best || (!isset($this->alone[$r->mix->first()->id]) && !$this->isOfIntended($r, $target)),
        );
        $chosen = RankedMix::asPaintersChoose([...array_values($singles), ...$pairs], $this->loaded + $this->onFigure)[0];

        return [$chosen, self::missing($chosen, $target) ?? $this->why($chosen, $single, RankedMix::byPredicted($pairs)[0])];
    }

    private function isOfIntended(RankedMix $single, Lab $target): bool
    {
        return $this->intended !== null
            && Ciede2000::difference($target, $this->intended) >= Preference::EQUAL
            && Ciede2000::difference($single->mix->lab(), $this->intended) < $single->difference;
    }

    /** @param RankedMix $pair the mix that looks nearest on paper */
    private function why(RankedMix $chosen, RankedMix $single, RankedMix $pair): Finding
    {
        if ($chosen->mix->isSingle()) {
            return new Finding('mix.single', '{why}', ['why' => $chosen->why($pair)], Reason::Mix);
        }
        $facts = ['chosen' => $chosen->mix->words(), 'near' => $chosen->difference, 'expected' => $chosen->expected()];
        $text = '{chosen}: {near} apart from the wanted colour, expect {expected} off; the nearest pot, {single}, is {apart}, '
            .'expect {single_expected}.';
        $facts += ['single' => $single->mix->words(), 'apart' => $single->difference, 'single_expected' => $single->expected()];
        $shared = $this->alreadyLoaded($chosen->mix);
        if ($shared !== []) {
            $text .= ' {shared} {loaded, plural, one {is} other {are}} loaded already.';
            $facts += ['shared' => Message::listed($shared), 'loaded' => count($shared)];
        }

        return new Finding('mix.pair', $text, $facts, Reason::Mix);
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
