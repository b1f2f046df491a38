<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Choose;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\PlainName;
use Kalokroma\Colour\Srgb;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Part;
use Kalokroma\Shelf\Preference;
use Kalokroma\Shelf\RankedMix;
use Kalokroma\Word\Finding;
use Kalokroma\Word\Message;
use Kalokroma\Word\Reason;

/**
 * Which mix to load for a colour, in the painter's stead: pots first, {@see PotsFirst}, among equals as painters choose,
 * {@see Preference}.
 */
final class MixChoice
{
    /** Single paints and pairs that are weighed, and paints that a mix may start from where the area has none of its own yet. */
    private const WEIGHED_SINGLES = 6;
    private const WEIGHED_PAIRS = 8;
    private const STARTS = 3;

    private readonly PotsFirst $first;

    private ?Mix $own = null;

    /** A pot that is on the figure may lie so much further off (CIEDE2000) for its base. */
    private const FARTHER_ON_FIGURE = 4.0;

    /** @var array<string, true> ids of the paints that are on the palette already */
    private array $loaded = [];

    /** @var array<string, true> ids of those that stand alone for a colour */
    private array $alone = [];

    /**
     * @param Lab|null $intended of a ladder: its pot does not stand for another rung, where it would change nothing
     * @param array<array-key, true> $onFigure ids of paints that other areas of the figure are painted with
     * @param bool $figureFirst whether those are taken even where another comes a little nearer: so the base belongs to the figure
     */
    public function __construct(
        private readonly Palette $palette,
        private readonly ?Lab $intended = null,
        private readonly array $onFigure = [],
        private readonly bool $figureFirst = false,
    ) {
        $this->first = new PotsFirst($palette);
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

    /** The area's own paint from now on: its ladder is mixed from it. */
    public function isOwn(Mix $own): void
    {
        $this->own = $own;
    }

    /** @return array{RankedMix, Finding} */
    public function nearest(Lab $target, Aim $aim = Aim::Colour): array
    {
        $singles = $this->palette->singles($target);
        $pots = $this->first->pots(array_slice($singles, 0, self::WEIGHED_SINGLES), $target, $aim, $this->own?->lab());
        $pots = array_values(array_filter(
            $pots,
            fn (RankedMix $r): bool => !$aim->isStep() || (!isset($this->alone[$r->mix->first()->id]) && !$this->isOfIntended($r, $target)),
        ));
        $here = $this->figureFirst ? $this->onFigure($singles, $target, $aim) : null;
        if ($here !== null) {
            return $here;
        }
        if ($pots !== []) {
            $chosen = RankedMix::asPaintersChoose($pots, $this->loaded + $this->onFigure)[0];

            return [$chosen, $this->whyThisPot($chosen, $aim)];
        }
        $own = $aim->isStep() && $this->own !== null
            ? [self::main($this->own)]
            : array_map(static fn (RankedMix $r): Paint => $r->mix->first(), array_slice($singles, 0, self::STARTS));
        $family = $this->first->family($target, $aim, $own);
        $free = $family !== [] && $family[0]->difference <= $aim->within() ? [] : $this->first->free($target, $family, self::WEIGHED_PAIRS);
        if ($family === [] && $free === []) {
            return [$singles[0], $this->onlyOne($singles[0])];
        }
        $chosen = RankedMix::asPaintersChoose($free === [] ? $family : $free, $this->loaded + $this->onFigure)[0];
        $chosen = $this->isNearer($singles[0], $chosen, $target, $aim) ? $singles[0] : $chosen;

        return [$chosen, self::missing($chosen, $target) ?? $this->why($chosen, $singles[0], $aim, $free === [] ? $own : [])];
    }

    /**
     * A pot that the figure is painted with, where one comes near enough.
     *
     * @param list<RankedMix> $singles nearest first
     *
     * @return array{RankedMix, Finding}|null
     */
    private function onFigure(array $singles, Lab $target, Aim $aim): ?array
    {
        foreach ($singles as $single) {
            $id = $single->mix->first()->id;
            $isNear = $single->difference <= $aim->within() + self::FARTHER_ON_FIGURE;
            $isHere = isset($this->onFigure[$id]) && !isset($this->alone[$id]);
            if ($isNear && $isHere && PotsFirst::leansAlike($single->mix->lab(), $target)) {
                return [$single, new Finding(
                    'mix.on-figure',
                    '{pot} is on the figure already, {near} off: the base takes what the figure is painted with.',
                    ['pot' => $single->mix->words(), 'near' => $single->difference],
                    Reason::Mix,
                )];
            }
        }

        return null;
    }

    /** Whether the nearest pot may be expected to come out as near as the mix, and may stand for it. */
    private function isNearer(RankedMix $single, RankedMix $mix, Lab $target, Aim $aim): bool
    {
        $isTaken = $aim->isStep() && (isset($this->alone[$single->mix->first()->id]) || $this->isOfIntended($single, $target));

        return $single->expected() <= $mix->expected() && !$isTaken && PotsFirst::leansAlike($single->mix->lab(), $target);
    }

    private function whyThisPot(RankedMix $pot, Aim $aim): Finding
    {
        return new Finding(
            'mix.single',
            '{pot} from the pot is {near} off (expect {expected}): within {within} a pot is the colour.',
            [
                'pot' => $pot->mix->words(),
                'near' => $pot->difference,
                'expected' => $pot->expected(),
                'within' => (string) $aim->within(),
            ],
            Reason::Mix,
        );
    }

    private function onlyOne(RankedMix $single): Finding
    {
        return new Finding(
            'mix.only',
            '{single} is {apart} off, the only paint in stock that covers.',
            ['single' => $single->mix->words(), 'apart' => $single->difference],
            Reason::Mix,
        );
    }

    /** The paint that gives a mix its colour: the most of it, of equal parts the more vivid one. */
    private static function main(Mix $mix): Paint
    {
        $parts = $mix->parts;
        usort($parts, static fn (Part $a, Part $b): int => $b->parts <=> $a->parts
            ?: $b->paint->lab()->chroma() <=> $a->paint->lab()->chroma()
            ?: $a->paint->id <=> $b->paint->id);

        return $parts[0]->paint;
    }

    private function isOfIntended(RankedMix $single, Lab $target): bool
    {
        return $this->intended !== null
            && Ciede2000::difference($target, $this->intended) >= Preference::EQUAL
            && Ciede2000::difference($single->mix->lab(), $this->intended) < $single->difference;
    }

    /** @param list<Paint> $own what a mix of the family starts from; empty for a free mix */
    private function why(RankedMix $chosen, RankedMix $single, Aim $aim, array $own): Finding
    {
        if ($chosen->mix->isSingle()) {
            return new Finding(
                'mix.nearest-pot',
                '{pot} from the pot is {near} off (expect {expected}); no mix of its family is nearer.',
                ['pot' => $chosen->mix->words(), 'near' => $chosen->difference, 'expected' => $chosen->expected()],
                Reason::Mix,
            );
        }
        $from = array_values(array_filter($own, static fn (Paint $p): bool => $chosen->mix->has($p->id)))[0]->name ?? '';
        $facts = [
            'chosen' => $chosen->mix->words(), 'near' => $chosen->difference, 'expected' => $chosen->expected(), 'own' => $from,
            'single' => $single->mix->words(), 'apart' => $single->difference, 'within' => (string) $aim->within(),
        ];
        $text = match (true) {
            $from === '' => '{chosen}: {near} off (expect {expected}). No pot comes within {within} ({single} is {apart} off), '
                .'and no mix of the area\'s own paint comes as near.',
            $aim->isStep() => '{chosen}: from the area\'s own {own}, {near} off (expect {expected}). '
                .'No pot is right alone ({single} is {apart} off).',
            default => '{chosen}: {own} with one of its family, {near} off (expect {expected}). No pot comes within {within} ({single} is '
                .'{apart} off).',
        };
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
