<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Draft;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Oklch;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Figure\Relief;
use Kalokroma\Figure\Weight;
use Kalokroma\Film\Application;
use Kalokroma\Film\Face;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Choose\Aim;
use Kalokroma\Recipe\Choose\LayerThinning;
use Kalokroma\Recipe\Choose\MixChoice;
use Kalokroma\Recipe\Choose\MixedRungs;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Choose\Shading;
use Kalokroma\Recipe\Ladder\Ladder;
use Kalokroma\Recipe\Ladder\Rung;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Predict\Glazing;
use Kalokroma\Recipe\Predict\Swallowed;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Part;
use Kalokroma\Shelf\RankedMix;
use Kalokroma\Word\Finding;
use Kalokroma\Word\Reason;

/** Drafts an area in colours: the rungs of its ladder, from base to highlight. */
final class ColourSteps extends DraftedSteps
{
    /** Share of the one before that each further shade or light covers. */
    private const SMALLER = 0.6;
    /** An area smaller than this is not sprayed apart, cm². */
    private const SPRAYED_FROM_CM2 = 1.0;
    /** How much lighter (OKLCh) a base may start to make up for its wash, at most and at least, and where it stops. */
    private const MOST_LIFT = 0.12;
    private const LEAST_LIFT = 0.02;
    private const LIGHTEST_BASE = 0.97;
    /** Ridges lighter than planes by so much (L*) are a light sketch. */
    private const SKETCHED = 8.0;
    /** The mix of white planes is at least so much darker (L*) than the ridges, in so few drops; so many are looked at. */
    private const UNDER_WHITE = 1.0;
    private const OFF_WHITE_DROPS = 4;
    private const OFF_WHITES = 16;
    /** Below this lightness (L*) a colour is a black. */
    private const BLACK_BELOW = 22.0;
    /** Share of its lightness over the base that the ridge keeps under the glaze that pulls it back in line. */
    private const RIDGE_KEEPS = 0.8;

    /** What the area's own colour was mixed from. */
    private ?Mix $own = null;

    public function __construct(
        Brief $brief,
        Palette $palette,
        Ladder $ladder,
        MixChoice $choice,
        private readonly Outline $outline,
        private readonly ?MixedRungs $mixed,
        private readonly float $shift = 0.0,
        private readonly bool $isChosen = false,
    ) {
        parent::__construct($brief, $palette, $ladder, $choice);
    }

    public function step(TableRow $row, Surface $surface): PlannedStep|Finding
    {
        $technique = $this->held($row->technique ?? Technique::Basecoat);
        if ($row->slot === Slot::Wash) {
            if ($this->ladder->intended->toLab()->l < self::BLACK_BELOW) {
                return new Finding('wash.black', 'A wash over black changes nothing: the recesses stay near-black by themselves.');
            }
            [$shade, $plane] = [$this->ladder->rung(Rung::Shade)->toLab(), $this->ladder->rung(Rung::Intended)->toLab()];

            return $this->washed($technique, $row->reason, $this->outline->layered
                ? Shading::covered($this->palette, $shade, $plane, $surface, $technique)
                : Shading::staying($this->palette, $shade, $plane, $surface, $technique));
        }
        if ($technique === Technique::Stain) {
            return $this->stained($row->reason, $surface);
        }
        $rung = $this->rung($row->slot, $technique);
        [$target, $mix, $why] = $this->colour($row, $technique, $rung, $surface);
        if (in_array($row->slot, [Slot::Basecoat, Slot::Layer], true)) {
            $this->own = $mix;
            $this->choice->isOwn($mix);
        }
        $place = $this->place($row, $technique);
        [$ratio, $thick] = $this->ratio(
            $technique,
            $mix,
            $target,
            $surface->face($place->face ?? ($technique === Technique::Glaze ? Face::Plane : $technique->face())),
            $surface,
        );
        $paint = $technique === Technique::Basecoat ? Thinned::asBase($mix) : new Thinned(
            $mix,
            $technique->facts()->use ?: 'layer',
            $ratio,
        );

        return $this->planned($row->slot, $technique, $target, $paint, [$row->reason, ...$why, ...$thick], $place);
    }

    /** One more highlight on the leaders; null where it would not show over the last one. */
    public function accent(?Mix $last): ?PlannedStep
    {
        $target = $this->ladder->rung(Rung::Accent);
        if ($target->lightness - $this->ladder->rung(Rung::Highlight)->lightness < 0.015) {
            return null;
        }
        $mixed = $this->mixed?->mix(Rung::Accent);
        [$chosen, $reason] = $mixed !== null
            ? [null, $this->mixed->reason(Rung::Accent)]
            : $this->choice->nearest($target->toLab(), Aim::Light);
        $mix = $mixed ?? $chosen?->mix;
        $isLighter = $last === null || $last->isTransparent() || ($mix !== null && $mix->lab()->l > $last->lab()->l);
        if ($mix === null || !$isLighter || $mix->key() === $last?->key()) {
            return null;
        }
        $why = new Finding(
            'technique.accent',
            'Leaders get one more highlight: {count, plural, one {# of the company is} other {# of the company are}} seen first.',
            ['count' => $this->brief->leaders],
        );

        return $this->planned(
            Slot::Accent,
            Technique::EdgeHighlight,
            $target,
            new Thinned($mix, 'layer'),
            [$why, $this->ladder->reason(Rung::Accent), $reason],
            new Place(Face::Ridge, 'a few spots'),
        );
    }

    /** A small area is not sprayed apart: a brush is quicker than a mask. */
    private function held(Technique $technique): Technique
    {
        if ($this->brief->area->surfaceCm2 >= self::SPRAYED_FROM_CM2) {
            return $technique;
        }

        return match ($technique) {
            Technique::AirbrushCoat => Technique::Basecoat,
            Technique::AirbrushFade => Technique::Layer,
            default => $technique,
        };
    }

    private function aim(Rung $rung): Aim
    {
        return Aim::of($rung, $this->brief->area->weight === Weight::Leading);
    }

    private function rung(Slot $slot, Technique $technique): Rung
    {
        $glazedUp = $this->brief->way === Way::Glazes && $this->brief->area->relief === Relief::Plate;

        return match ($slot) {
            Slot::Basecoat => ($this->outline->startsDarker() && !($glazedUp && $this->outline->layered)) || $this->ladder->isWhite()
                ? Rung::Base : Rung::Intended,
            Slot::Layer => $glazedUp ? Rung::Drybrush : Rung::Intended,
            default => $slot->rung(),
        };
    }

    /** @return array{Oklch, Mix, list<Finding>} the colour that is wanted, what is loaded for it, and why */
    private function colour(TableRow $row, Technique $technique, Rung $rung, Surface $surface): array
    {
        $slot = $row->slot;
        $given = $this->given($row, $technique);
        if ($given !== null) {
            return $given;
        }
        if ($slot === Slot::Unify) {
            $own = $this->own ?? $this->choice->nearest($this->ladder->rung(Rung::Intended)->toLab(), $this->aim(Rung::Intended))[0]->mix;

            return [
                $this->unifying($surface),
                $own,
                [$this->ladder->reason($rung), new Finding('mix.own', 'The colour of the area itself, loaded already.', [], Reason::Mix)],
            ];
        }
        $isOneOf = $row->of > 1 && in_array($slot, [Slot::Shade, Slot::Highlight], true);
        $target = $isOneOf ? $this->oneOf($row) : $this->ladder->rung($rung);
        $mixed = $technique === Technique::Glaze || $isOneOf ? null : $this->mixed?->mix($rung);
        if ($mixed !== null) {
            return [$target, $mixed, [$this->ladder->reason($rung), $this->mixed->reason($rung)]];
        }
        [$target, $why] = $slot === Slot::Basecoat ? $this->aimed($target) : [$target, null];
        [$chosen, $reason] = $this->chosen($slot, $rung, $target)
            ?? $this->offWhite($slot, $target)
            ?? $this->choice->nearest($target->toLab(), $this->aim($rung));

        $ladder = $isOneOf ? $this->ladder->reasonOf($target, $row->nth, $row->of) : $this->ladder->reason($rung);

        return [$target, $chosen->mix, [$why ?? $ladder, $reason]];
    }

    /**
     * What the painter chose for this area is the colour: it goes before what would come as near.
     *
     * @return array{RankedMix, Finding}|null null where nothing was chosen, or the base has to start elsewhere
     */
    private function chosen(Slot $slot, Rung $rung, Oklch $target): ?array
    {
        $isOwn = in_array($slot, [Slot::Basecoat, Slot::Layer], true) && $rung === Rung::Intended;
        $mix = $isOwn ? $this->brief->chosen($this->palette) : null;
        $off = $mix === null ? INF : Ciede2000::difference($mix->lab(), $target->toLab());
        if ($mix === null || (!$this->isChosen && $off > Aim::Colour->within())) {
            return null;
        }

        return [new RankedMix($mix, $off), new Finding(
            'mix.chosen',
            '{mix} is what you chose for this area.',
            ['mix' => $mix->words()],
            Reason::Mix,
        )];
    }

    /**
     * The planes of a white area lie a little under white, so that its edges have somewhere to go: the whitest pot is kept for them.
     *
     * @return array{RankedMix, Finding}|null null on any other area, or where no mix lies there
     */
    private function offWhite(Slot $slot, Oklch $target): ?array
    {
        $lightest = $this->ladder->rung(Rung::Highlight)->toLab()->l - self::UNDER_WHITE;
        $isPlanes = $slot === Slot::Layer && $this->ladder->isWhite();
        foreach ($isPlanes ? $this->palette->pairs($target->toLab(), self::OFF_WHITES) : [] as $pair) {
            $drops = array_sum(array_map(static fn (Part $p): int => $p->parts, $pair->mix->parts));
            if ($pair->mix->lab()->l <= $lightest && $drops <= self::OFF_WHITE_DROPS && !$pair->mix->joinsFarHues()) {
                return [$pair, new Finding(
                    'mix.off-white',
                    '{mix}: {near} off, a little under white, so that the edges have somewhere to go.',
                    ['mix' => $pair->mix->words(), 'near' => $pair->difference],
                    Reason::Mix,
                )];
            }
        }

        return null;
    }

    /** The colour of one of several shades or highlights. */
    private function oneOf(TableRow $row): Oklch
    {
        return $row->slot === Slot::Shade
            ? $this->ladder->dark($row->nth, $row->of, $this->outline->isWashed())
            : $this->ladder->light($row->nth, $row->of);
    }

    /** @return array{Oklch, Mix, list<Finding>}|null the rung of a ladder that was taken over; null where there is none for it */
    private function given(TableRow $row, Technique $technique): ?array
    {
        $ladder = $this->brief->ladder->given;
        $rung = match ($row->slot) {
            Slot::Basecoat, Slot::Layer, Slot::Unify => 0,
            Slot::Drybrush, Slot::Highlight => $row->nth,
            Slot::Shade => -$row->nth,
            default => null,
        };
        if ($ladder === null || $rung === null || ($rung < 0 && $ladder->shades() === 0) || $technique === Technique::Stain) {
            return null;
        }
        $mix = $ladder->at($rung);

        return [$ladder->colour($rung), $mix, [new Finding(
            'mix.given',
            '{mix}: rung {n} of {count} of the ladder you took over, from dark to light.',
            ['mix' => $mix->words(), 'n' => $ladder->middle + $rung + 1, 'count' => count($ladder->mixes)],
            Reason::Mix,
        )]];
    }

    /** @return array{Oklch, Finding|null} where the base has to start so that the planes end as intended */
    private function aimed(Oklch $target): array
    {
        [$lifted, $why] = $this->outline->washStays() ? $this->lifted($target) : [$target, null];
        if (abs($this->shift) < 0.01) {
            return [$lifted, $why];
        }
        $shifted = (new Oklch(
            max(0.05, min(self::LIGHTEST_BASE, $lifted->lightness + $this->shift)),
            $lifted->chroma,
            $lifted->hue,
        ))->onScreen();

        return [$shifted, new Finding(
            'ladder.aimed',
            $this->shift > 0.0
                ? 'The base starts {by} lighter than usual (lightness {to} of 100): what follows darkens the planes, and so they end as '
                    .'intended.'
                : 'The base starts {by} darker than usual (lightness {to} of 100): what follows lightens the planes, and so they end as '
                    .'intended.',
            ['by' => abs(100 * $this->shift), 'to' => 100 * $shifted->lightness],
        )];
    }

    /** Where it goes: each further shade and light is smaller than the one before, and inside it. */
    private function place(TableRow $row, Technique $technique): Place
    {
        $slot = $row->slot;
        $first = $slot === Slot::Highlight && $this->outline->brushed ? 2 : 1;
        if ($row->nth > $first && in_array($slot, [Slot::Shade, Slot::Highlight], true)) {
            $face = $technique === Technique::Glaze ? Face::Recess : null;

            return new Place($face, share: round(self::SMALLER ** ($row->nth - $first), 2));
        }

        return match (true) {
            $technique === Technique::Glaze && $slot === Slot::Shade => new Place(Face::Recess),
            $technique === Technique::Glaze && $slot === Slot::Layer => new Place(null, 'upper parts', 'from above'),
            $slot === Slot::Unify => new Place(Face::Ridge),
            default => new Place(),
        };
    }

    /** @return array{string|null, list<Finding>} a ratio other than the usual one, and why */
    private function ratio(Technique $technique, Mix $mix, Oklch $target, Reflectance $ground, Surface $surface): array
    {
        if ($technique === Technique::Glaze) {
            return [Glazing::with($mix, $ground, $target->toLab())?->thinning->ratio(), []];
        }
        $use = $technique->facts()->use ?: 'layer';
        $most = $technique->facts()->most;
        $thick = $use === 'layer' && $most !== null ? LayerThinning::of($mix, $surface, $technique->face(), $most) : null;

        return [$thick?->ratio, $thick === null ? [] : [$thick->reason]];
    }

    /**
     * Where a wash goes all over and no layer brings the planes back, the base starts lighter by what the wash takes.
     *
     * @return array{Oklch, Finding|null}
     */
    private function lifted(Oklch $target): array
    {
        $mix = $this->choice->nearest($target->toLab(), $this->aim(Rung::Intended))[0]->mix;
        $shade = $this->ladder->rung(Rung::Shade)->toLab();
        $wash = Shading::staying($this->palette, $shade, $target->toLab(), Surface::uniform($mix->colour()), Technique::WashAllOver);
        $up = $wash === null ? 0.0 : min(self::MOST_LIFT, $wash->dulled / 100);
        if ($wash === null || $up < self::LEAST_LIFT || $target->lightness + $up > self::LIGHTEST_BASE) {
            return [$target, null];
        }
        $lifted = (new Oklch($target->lightness + $up, $target->chroma, $target->hue))->onScreen();

        return [$lifted, new Finding(
            'ladder.lifted',
            'The base starts {up} lighter than intended (lightness {from} to {to}): {wash} takes {dulled} from the '
                .'planes, and no layer brings them back.',
            [
                'up' => 100 * $up, 'from' => 100 * $target->lightness, 'to' => 100 * ($target->lightness + $up),
                'wash' => $wash->mix->words(), 'dulled' => $wash->dulled,
            ],
        )];
    }

    /** Between the highlight and the base: light as the ridge nearly is, in the hue of the base. */
    private function unifying(Surface $surface): Oklch
    {
        $ridge = Oklch::fromLab($surface->ridge->toLab());
        $base = $this->ladder->rung(Rung::Intended);

        return (new Oklch(
            $ridge->lightness * self::RIDGE_KEEPS + $base->lightness * (1 - self::RIDGE_KEEPS),
            max($ridge->chroma, $base->chroma * 0.8),
            $base->hue,
        ))->onScreen();
    }

    private function stained(Finding $reason, Surface $surface): PlannedStep
    {
        [$target] = $this->aimed($this->ladder->rung(Rung::Intended));
        $surface = self::lit($surface);
        $within = $this->outline->layered ? Defaults::STAIN_WITHIN : Defaults::STAIN_ALONE_WITHIN;
        $best = $this->palette->stains($target->toLab(), $surface)[0] ?? null;
        $intended = $this->ladder->reason(Rung::Intended);
        if (
            $best !== null
            && $best->difference <= $within
            && !Swallowed::isStain($best->mix, Defaults::THINNING['stain']['ratio'], $surface)
        ) {
            $finding = new Finding(
                'mix.stain',
                'Over this ground {stain} leaves the plane {apart} from the wanted colour, the nearest stain on your shelf.',
                ['stain' => $best->mix->words(), 'apart' => $best->difference],
                Reason::Mix,
            );
            $paint = new Thinned($best->mix, $best->mix->first()->behaviour === Behaviour::Wash ? 'wash' : 'stain');

            return $this->planned(Slot::Basecoat, Technique::Stain, $target, $paint, [$reason, $intended, $finding]);
        }
        [$chosen, $why] = $this->choice->nearest($target->toLab(), $this->aim(Rung::Intended));
        $paint = new Thinned($chosen->mix, 'recess-shade');
        $off = Ciede2000::difference(self::stain($chosen, $surface), $target->toLab());
        if ($off > $within || Swallowed::isStain($chosen->mix, Defaults::THINNING['recess-shade']['ratio'], $surface)) {
            return $this->planned(Slot::Basecoat, Technique::Basecoat, $target, Thinned::asBase($chosen->mix), [
                self::swallowed($surface, min($off, $best->difference ?? $off), $within),
                $intended,
                $why,
            ]);
        }

        $reasons = [$reason, $intended, self::farThinned($best, $chosen, $within)];

        return $this->planned(Slot::Basecoat, Technique::Stain, $target, $paint, $reasons);
    }

    private static function stain(RankedMix $chosen, Surface $surface): Lab
    {
        $load = Thinning::fromRatio(Defaults::THINNING['recess-shade']['ratio'])->load();

        return Application::Stain->pass($chosen->mix->pigment(), $load, $surface)->plane->toLab();
    }

    /** Over a light sketch a stain is judged where the light falls. */
    private static function lit(Surface $surface): Surface
    {
        $isSketch = $surface->ridge->toLab()->l - $surface->plane->toLab()->l >= self::SKETCHED;

        return $isSketch ? new Surface($surface->recess, $surface->ridge, $surface->ridge) : $surface;
    }

    private static function swallowed(Surface $surface, float $off, float $within): Finding
    {
        $facts = ['ground' => $surface->plane->toLab()->l, 'off' => $off];

        return $off > $within
            ? new Finding(
                'stain.swallowed',
                'Over this ground (lightness {ground}) any stain ends {off} or more from the colour: an opaque coat '
                    .'instead. A light sketch or a lighter ground would let you stain.',
                $facts,
            )
            : new Finding(
                'stain.swallowed',
                'Over so dark a ground (lightness {ground}) a stain would hardly show: an opaque coat instead.',
                $facts,
            );
    }

    private static function farThinned(?RankedMix $best, RankedMix $chosen, float $within): Finding
    {
        return new Finding('mix.thinned-stain', 'No stain on your shelf comes within {within} over this ground{best}: '
            .'{mix}, thinned far with medium, stains instead.', [
            'within' => $within,
            'best' => $best === null ? '' : sprintf(' (%s is %.1f off)', $best->mix->words(), $best->difference),
            'mix' => $chosen->mix->words(),
        ], Reason::Mix);
    }
}
