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
use Kalokroma\Recipe\Ladder\Dark;
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
    /** By so much more (CIEDE2000) a stain of the right strength may miss the colour than one that is near enough. */
    private const PALER = 4.0;
    /** Ridges lighter than planes by so much (L*) are a light sketch. */
    private const SKETCHED = 8.0;
    /** The mix of white planes is at least so much darker (L*) than the ridges, in so few drops; so many are looked at. */
    private const UNDER_WHITE = 1.0;
    private const OFF_WHITE_DROPS = 4;
    private const OFF_WHITES = 16;
    /** Planes nearer (CIEDE2000) to the colour than this have not been dulled. */
    private const DULLED = 3.0;

    /** Share of its lightness over the base that the ridge keeps under the glaze that pulls it back in line. */
    private const RIDGE_KEEPS = 0.88;

    /** What the area's own colour was mixed from. */
    private ?Mix $own = null;

    public function __construct(
        Brief $brief,
        Palette $palette,
        Ladder $ladder,
        MixChoice $choice,
        private readonly Outline $outline,
        private readonly ?MixedRungs $mixed,
    ) {
        parent::__construct($brief, $palette, $ladder, $choice);
    }

    public function step(TableRow $row, Surface $surface): PlannedStep|Finding
    {
        $technique = $row->technique ?? Technique::Basecoat;
        if (in_array($row->slot, [Slot::Wash, Slot::Shade], true) && Dark::isBlack($this->ladder->intended->toLab())) {
            return new Finding('shade.black', 'A shade on black changes nothing: the recesses stay near-black by themselves.');
        }
        if ($row->slot === Slot::Wash) {
            [$shade, $plane] = [$this->ladder->rung(Rung::Shade)->toLab(), $this->ladder->rung(Rung::Intended)->toLab()];

            return $this->washed(
                $technique,
                $row->reason,
                $this->outline->layered
                ? Shading::covered($this->palette, $shade, $plane, $surface, $technique, $this->brief->area->material)
                : Shading::staying($this->palette, $shade, $plane, $surface, $technique, $this->brief->area->material),
                $surface,
                $this->outline->layered,
            );
        }
        if ($technique === Technique::Stain) {
            return $this->stained($row->reason, $surface);
        }
        $rung = $this->rung($row->slot, $surface);
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

    private function aim(Rung $rung): Aim
    {
        return Aim::of($rung, $this->brief->area->weight === Weight::Leading);
    }

    private function rung(Slot $slot, Surface $surface): Rung
    {
        $glazedUp = $this->brief->way === Way::Glazes && $this->brief->area->relief === Relief::Plate;

        return match ($slot) {
            Slot::Basecoat => $this->startsDarker($glazedUp) || $this->ladder->isWhite() ? Rung::Base : Rung::Intended,
            Slot::Layer => $glazedUp ? Rung::Drybrush : Rung::Intended,
            Slot::Drybrush => $this->bringsBack($surface) ? Rung::Intended : Rung::Drybrush,
            default => $slot->rung(),
        };
    }

    /** Whether the base is a tone below the colour: who works up from dark lays the colour itself as the layer; black is black at once. */
    private function startsDarker(bool $glazedUp): bool
    {
        return $this->outline->startsDarker()
            && !($glazedUp && $this->outline->layered)
            && !Dark::isBlack($this->ladder->intended->toLab());
    }

    /** Whether the drybrush brings back the colour that a wash has dulled, since a lighter one follows or is not asked for. */
    private function bringsBack(Surface $surface): bool
    {
        return ($this->outline->washed || $this->brief->way === Way::Stain)
            && $this->brief->ladder->highlights !== 1
            && !$this->ladder->isWhite()
            && !Dark::isBlack($this->ladder->intended->toLab())
            && ($this->own === null || Ciede2000::difference($surface->plane->toLab(), $this->own->lab()) >= self::DULLED);
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
        [$chosen, $reason] = $this->chosen($slot, $rung, $target)
            ?? $this->offWhite($slot, $target)
            ?? $this->choice->nearest($target->toLab(), $this->aim($rung));

        $ladder = $isOneOf ? $this->ladder->reasonOf($target, $row->nth, $row->of) : $this->ladder->reason($rung);

        return [$target, $chosen->mix, [$ladder, $reason]];
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
        if ($mix === null || $off > Aim::Colour->within()) {
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

    /** Where it goes: each further shade and light is smaller than the one before, and inside it. */
    private function place(TableRow $row, Technique $technique): Place
    {
        $slot = $row->slot;
        $first = $slot === Slot::Highlight && $this->outline->brushed ? 2 : 1;
        if ($row->nth > $first && in_array($slot, [Slot::Shade, Slot::Highlight], true)) {
            $face = $slot === Slot::Shade ? Face::Recess : Face::Ridge;

            return new Place($technique === Technique::Glaze ? $face : null, share: round(self::SMALLER ** ($row->nth - $first), 2));
        }

        return match (true) {
            $technique === Technique::Glaze && $slot === Slot::Shade => new Place(Face::Recess),
            $technique === Technique::Glaze && $slot === Slot::Layer => new Place(null, 'upper parts', 'from above'),
            $technique === Technique::Glaze && $slot === Slot::Highlight => new Place(Face::Ridge),
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
        $target = $this->ladder->rung(Rung::Intended);
        $surface = self::lit($surface);
        $within = $this->outline->layered ? Defaults::STAIN_WITHIN : Defaults::STAIN_ALONE_WITHIN;
        [$best, $nearest, $isNear] = $this->nearestStain($target->toLab(), $surface, $within);
        $intended = $this->ladder->reason(Rung::Intended);
        if ($best !== null && $isNear) {
            $finding = self::whyStain($best, $nearest ?? $best);
            $paint = new Thinned($best->mix, $best->mix->first()->behaviour === Behaviour::Wash ? 'wash' : 'stain');

            return $this->planned(Slot::Basecoat, Technique::Stain, $target, $paint, [$reason, $intended, $finding]);
        }
        [$chosen, $why] = $this->choice->nearest($target->toLab(), $this->aim(Rung::Intended));
        $paint = new Thinned($chosen->mix, 'recess-shade');
        $off = Ciede2000::difference(self::stain($chosen, $surface), $target->toLab());
        if (!$this->brief->keepsSketch() && ($off > $within || Swallowed::isStain(
            $chosen->mix,
            Defaults::THINNING['recess-shade']['ratio'],
            $surface,
        ))) {
            return $this->planned(Slot::Basecoat, Technique::Basecoat, $target, Thinned::asBase($chosen->mix), [
                self::swallowed($surface, min($off, $best->difference ?? $off), $within),
                $intended,
                $why,
            ]);
        }

        $reasons = [$reason, $intended, self::farThinned($best, $chosen, $within)];

        return $this->planned(Slot::Basecoat, Technique::Stain, $target, $paint, $reasons);
    }

    /**
     * @return array{RankedMix|null, RankedMix|null, bool} the stain to take, the one that comes nearest, whether any comes near enough
     */
    private function nearestStain(Lab $wanted, Surface $surface, float $within): array
    {
        $shows = array_values(array_filter($this->palette->stains($wanted, $surface), static fn (RankedMix $r): bool
            => !Swallowed::isStain($r->mix, Defaults::THINNING['stain']['ratio'], $surface)));
        $nearest = $shows;
        usort($nearest, static fn (RankedMix $a, RankedMix $b): int => $a->difference <=> $b->difference);
        $near = array_values(array_filter($shows, static fn (RankedMix $r): bool => $r->difference <= $within + self::PALER));

        return [$near[0] ?? $nearest[0] ?? null, $nearest[0] ?? null, $nearest !== [] && $nearest[0]->difference <= $within];
    }

    private static function whyStain(RankedMix $stain, RankedMix $nearest): Finding
    {
        $facts = ['stain' => $stain->mix->words(), 'apart' => $stain->difference];

        return $stain->mix->key() === $nearest->mix->key() ? new Finding(
            'mix.stain',
            'Over this ground {stain} leaves the plane {apart} from the wanted colour, the nearest stain on your shelf.',
            $facts,
            Reason::Mix,
        ) : new Finding(
            'mix.stain-of-its-kind',
            'Over this ground {stain} leaves the plane {apart} from the wanted colour. {nearest} would leave {least}, but pools in '
                .'a colour of its own, or blotches.',
            $facts + ['nearest' => $nearest->mix->words(), 'least' => $nearest->difference],
            Reason::Mix,
        );
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
