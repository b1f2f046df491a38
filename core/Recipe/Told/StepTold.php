<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Colour\Oklch;
use Kalokroma\Film\Face;
use Kalokroma\Film\FilmProblem;
use Kalokroma\Film\ParsedThinning;
use Kalokroma\Film\Sheen;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Recipe\Plan\Load;
use Kalokroma\Recipe\Plan\Loop;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Plan\Scope;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Recipe\Told\Words\Amounts;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Part;
use Kalokroma\Shelf\Purpose;
use Kalokroma\Word\Finding;

/** Makes steps of what a line says. */
final readonly class StepTold
{
    /** Chroma (CIELAB) from which a metal is golden. */
    private const GOLDEN = 18.0;

    /** What does not go on to the next paint of a line by itself. */
    private const ONCE = [Technique::Marking, Technique::Softener, Technique::EffectPaint, Technique::ChippingFluid,
        Technique::ChippingOpening,
        Technique::GlossSpot, Technique::GlossVarnish, Technique::SatinVarnish, Technique::MattVarnish, Technique::TexturePaste,
        Technique::Grit, Technique::Rim, Technique::TidyUp, Technique::UndercoatRepair, Technique::EnamelWash, Technique::OilWash];

    /** Paint thinned at least so far (load) and no further named is a glaze. */
    private const GLAZE_LOAD = 0.3;

    private PaintTold $paints;

    /** Share of the planes from which on a step is what shows on them. */
    private const COVERS = 0.8;

    /** @param list<Paint> $shelf */
    public function __construct(array $shelf)
    {
        $this->paints = new PaintTold($shelf);
    }

    /**
     * @param PlannedStep|null $last the step before
     *
     * @return array{list<PlannedStep>, list<Finding>}
     */
    public function make(Said $said, string $line, Plan $sofar, ?PlannedStep $last): array
    {
        $last = $said->rounds->again || $said->isSame ? self::worked($sofar, $last) : $last;
        $technique = $this->technique($said, $line, $sofar, $last);
        if ($technique->facts()->takes === []) {
            $step = $this->step($technique, Load::none(), $said, $line, $sofar, $last);

            return [[Telling::noted($step, array_column($said->names, 'said'))], []];
        }
        $findings = [];
        $paints = [];
        foreach ($said->names as $i => $name) {
            [$paints[$i], $told] = $this->paints->named($name['said'], $name['paint'], $technique);
            $findings = [...$findings, ...$told];
        }
        [$paints, $aside] = self::mixable($paints);
        $isPair = $said->isPair || ($technique === Technique::WetBlend && in_array($said->amounts['open'], [[1], []], true));
        if ($isPair && count($paints) === 2) {
            return [$this->pair($technique, array_values($paints), $said, $line, $sofar, $last), $findings];
        }
        $ground = $said->isOfBase ? self::base($sofar) : $last;
        if ($said->isOfBase && $ground === null) {
            $findings[] = new Finding('told.no-base', 'No base stands before this: choose the paint that is meant.', []);
        }
        [$mix, $open] = $this->mix($paints, $said, $ground);
        if ($mix === null) {
            [$mix, $told] = $this->paints->unnamed($technique);
            $findings = [...$findings, ...$told];
        }

        $isSame = $paints === [] && $last?->technique === $technique && $mix === $last->load->mix && !$said->thinning->said;
        $load = $isSame ? self::than($last->load, $said->thinning->than) : self::load($technique, $mix, $open, $said);

        return [[Telling::noted($this->step($technique, $load, $said, $line, $sofar, $last), $aside)], $findings];
    }

    /** What is done again is the work before a waiting, and not the waiting. */
    private static function worked(Plan $sofar, ?PlannedStep $last): ?PlannedStep
    {
        foreach ($last?->technique === Technique::Waiting ? array_reverse($sofar->steps) : [] as $step) {
            if ($step->technique !== Technique::Waiting) {
                return $step;
            }
        }

        return $last;
    }

    /** Whether it names what belongs to the step before: the fluid in which a marking is set. */
    public static function isPartOf(Said $said, PlannedStep $step): bool
    {
        $paint = count($said->names) === 1 ? $said->names[0]['paint'] : null;

        return $step->technique === Technique::Marking && $said->technique === null && $paint !== null
            && self::fluid($paint) === Technique::Marking;
    }

    /** A step that stands in the place of another for some figures: done as that is. */
    public function standingIn(PlannedStep $step, PlannedStep $made, Plan $sofar): PlannedStep
    {
        $key = $sofar->freeKey($step->technique->value);

        return new PlannedStep(
            $key,
            $step->technique,
            $made->target,
            $step->load->mix === null || $made->load->mix === null ? $made->load : new Load(
                $made->load->mix,
                $step->load->thinning,
                $step->load->thinner,
                $made->load->open,
                $step->load->thinOpen,
            ),
            $step->scope->for($made->scope->who),
            $made->handling->note === '' ? $step->handling : $step->handling->with(['note' => $made->handling->note]),
            $made->why,
        );
    }

    /**
     * A step of which more is said: only what is said of it changes.
     *
     * @param string $first key of the first step of what is done in rounds
     */
    public function more(PlannedStep $step, Said $said, string $line, string $first): PlannedStep
    {
        $load = $said->thinning->than === '' ? $step->load : self::than($step->load, $said->thinning->than);
        if ($said->thinning->said && $said->thinning->than === '' && $load->mix !== null) {
            $isWith = $said->thinning->thinning === null && $said->thinning->with !== null && !$load->thinOpen;
            try {
                $load = $load->thinned(
                    $isWith ? $load->thinning : $said->thinning->thinning,
                    $said->thinning->with,
                    $said->thinning->product,
                );
            } catch (RecipeProblem) {
                return Telling::noted($step, [$line]);
            }
        }
        $scope = $step->scope;
        $place = self::place($step->technique, $said, $step->load, null);
        $scope = $place->isUsual() ? $scope : $scope->at($place);
        $scope = $said->who->isAll() ? $scope : $scope->for($said->isSame ? $scope->who->and($said->who) : $said->who);
        $scope = $said->level === null ? $scope : $scope->upTo($said->level);
        $scope = $said->rounds->rounds === 0 ? $scope : $scope->looped(self::loop($first, $said->rounds));
        $handling = $step->handling->with(array_filter([
            'coats' => $said->rounds->coats,
            'wait' => $said->wait['minutes'] ?? null,
            'strokes' => $said->strokes,
            'omitted' => $said->isLeftOut,
            ...$said->how,
        ], static fn (mixed $v): bool => $v !== null && $v !== '' && $v !== false));
        $step = $step->withLoad($load)->withScope($scope)->withHandling($handling)
            ->because(new Finding('technique.told', 'As it was told: "{line}".', ['line' => $line]));

        return Telling::noted($step, $said->notes);
    }

    private function technique(Said $said, string $line, Plan $sofar, ?PlannedStep $last): Technique
    {
        if ($said->isWaiting()) {
            return Technique::Waiting;
        }
        $name = $said->names === [] ? null : $said->names[self::most($said->amounts['parts'])] ?? $said->names[0];
        $paint = $name === null ? null : $this->paints->named($name['said'], $name['paint'], null)[0];
        $isShade = $said->technique === Technique::WashAllOver || self::isDarker($paint, self::below($sofar));
        $isRecess = $said->place->place->face === Face::Recess || ($said->place->folds && $isShade);
        if ($said->technique === Technique::WashAllOver && $isRecess && !$said->isByName) {
            return Technique::RecessLine;
        }
        if ($said->technique === Technique::WashAllOver && self::isShadedWithPaint($said, $paint)) {
            return self::byPlace($said, true, $last);
        }
        if ($said->technique === Technique::Basecoat && $paint?->behaviour === Behaviour::Metallic) {
            return Technique::MetalCoat;
        }

        $varnish = $said->isVarnish || $paint?->behaviour === Behaviour::Varnish ? self::varnish($paint) : null;

        // A pot of varnish makes a varnish of whatever is done with it, but for gloss on a lens.
        $isCoat = $varnish !== null && $said->technique !== Technique::GlossSpot && !self::isVarnish($said->technique);

        return ($isCoat ? $varnish : $said->technique) ?? $varnish ?? $this->repeated($said, $paint, $sofar, $last, $line)
            ?? $this->byPaint($paint, $isRecess, $said, $sofar) ?? self::byPlace($said, $isRecess, $last);
    }

    private static function isVarnish(?Technique $technique): bool
    {
        return in_array($technique, [Technique::GlossVarnish, Technique::SatinVarnish, Technique::MattVarnish], true);
    }

    /** "Shade with this", of a paint that covers: it goes where the shade is, and not over everything as a wash does. */
    private static function isShadedWithPaint(Said $said, ?Paint $paint): bool
    {
        return !$said->isByName && $paint?->behaviour === Behaviour::Opaque && !$said->isAllOver()
            && preg_match('/\bshad(?:e|ed|ing)\b/i', $said->words) === 1;
    }

    /**
     * Of which paint there is most: the first of several.
     *
     * @param list<int> $parts
     */
    private static function most(array $parts): int
    {
        return $parts === [] ? 0 : (int) array_search(max($parts), $parts, true);
    }

    /** "Again", "the same", or what is said in one line with the step before and names no other way. */
    private function repeated(Said $said, ?Paint $paint, Plan $sofar, ?PlannedStep $last, string $line): ?Technique
    {
        $isLighter = $last?->technique->isWash() === true && preg_match('/\b(?:bright|light)/', $said->rounds->exit) === 1;
        if ($isLighter) {
            return Technique::FeatheredLayer;
        }
        if ($said->isOfBase && $last !== null) {
            return Technique::Layer;
        }
        $isAgain = $said->rounds->again || $said->isSame || $said->isAdded;
        if ($last !== null && self::isMixedOtherwise($said, $last)) {
            return self::onceMore($last->technique);
        }
        if ($isAgain && $paint !== null) {
            foreach (array_reverse($sofar->steps) as $step) {
                if ($step->load->mix?->has($paint->id) === true) {
                    return self::onceMore($step->technique);
                }
            }
            if ($last?->technique->isWash() === true) {
                return $said->isAdded ? $last->technique : null;
            }
        }
        $goesOn = $said->goesOn && $last?->technique->isWash() !== true && !in_array($last?->technique, self::ONCE, true);
        $isPlain = $paint === null || $paint->behaviour->isMixable() || $paint->behaviour === Behaviour::Metallic;
        $isSame = $isAgain || ($goesOn && $isPlain && $said->place->place->face === null);
        if ($said->rounds->more || ($said->isAdded && $last === null)) {
            return $last !== null && $said->rounds->again ? $last->technique : Technique::Layer;
        }

        if (!$isSame || $last === null || $last->technique->facts()->takes === []) {
            return null;
        }

        return $said->isAdded || self::isOnTop($said, $line) ? self::onceMore($last->technique) : $last->technique;
    }

    /** "This, that, the other" of which nobody said that they are grounds side by side: each lies on the one before. */
    private static function isOnTop(Said $said, string $line): bool
    {
        return $said->goesOn && $said->notes === [] && !$said->rounds->again
            && preg_match('/\b(?:base|block|metal|stepping|in-between)/iu', $line) !== 1;
    }

    /** What shows on the planes: the last step that covers them, whatever was washed, lined or edged over it; null where none was told. */
    private static function below(Plan $sofar): ?PlannedStep
    {
        foreach (array_reverse($sofar->steps) as $step) {
            $technique = $step->technique;
            $isThin = $technique->isWash() || in_array($technique, [Technique::Glaze, Technique::Filter], true);
            if ($step->load->mix !== null && !$isThin && $technique->application()->coverage()->plane >= self::COVERS) {
                return $step;
            }
        }

        return null;
    }

    /** The step that laid the ground: the first with paint. */
    private static function base(Plan $sofar): ?PlannedStep
    {
        $found = array_values(array_filter($sofar->steps, static fn (PlannedStep $s): bool => $s->load->mix !== null));
        $grounds = array_values(array_filter($found, static fn (PlannedStep $s): bool => self::onceMore($s->technique) !== $s->technique));

        return $grounds[0] ?? $found[0] ?? null;
    }

    /** A ground that is laid once more, after what was done on it, is a layer. */
    private static function onceMore(Technique $technique): Technique
    {
        return match ($technique) {
            Technique::Basecoat, Technique::MetalCoat, Technique::SteppingStone, Technique::BlockIn => Technique::Layer,
            Technique::AirbrushFade => Technique::AirbrushCoat,
            default => $technique,
        };
    }

    private function byPaint(?Paint $paint, bool $isRecess, Said $said, Plan $sofar): ?Technique
    {
        // Flakes over flakes are their light or shade; over paint they are laid as a coat, unless a face is named.
        $isFirst = $sofar->steps === [] || (!self::isUpon($said) && !$isRecess && array_filter(
            $sofar->steps,
            static fn (PlannedStep $s): bool => $s->load->mix?->first()->behaviour === Behaviour::Metallic
                && self::isGolden($s->load->mix->first()) === self::isGolden($paint),
        ) === []);

        return $paint === null ? null : self::fluid($paint) ?? match ($paint->behaviour) {
            Behaviour::Wash => $isRecess ? Technique::RecessLine : Technique::WashAllOver,
            Behaviour::Stain, Behaviour::Ink => Technique::Stain,
            Behaviour::Metallic => $isFirst ? Technique::MetalCoat : ($isRecess ? Technique::ShadeLayer : Technique::FeatheredLayer),
            Behaviour::Enamel => Technique::EnamelWash,
            Behaviour::Oil => Technique::OilWash,
            Behaviour::Pigment => Technique::PigmentPowder,
            Behaviour::Texture => Technique::TexturePaste,
            Behaviour::Effect => Technique::EffectPaint,
            Behaviour::Varnish => self::varnish($paint),
            default => null,
        };
    }

    /** Brass, gold and bronze beside steel and silver: neither is a light or a shade of the other. */
    private static function isGolden(?Paint $paint): bool
    {
        return $paint?->colour !== null && $paint->lab()->chroma() >= self::GOLDEN;
    }

    private static function byPlace(Said $said, bool $isRecess, ?PlannedStep $last): Technique
    {
        $isThin = $said->thinning->isMostly
            || ($said->thinning->thinning !== null && $said->thinning->thinning->load() <= self::GLAZE_LOAD);

        return match (true) {
            $said->place->isLines && $isRecess && !$isThin => Technique::Lining,
            $isRecess => $isThin ? Technique::RecessLine : Technique::ShadeLayer,
            $said->how !== [] && isset($said->how['line']) => Technique::Lining,
            $said->place->place->part === 'a few spots' => Technique::Dot,
            $isThin => Technique::Glaze,
            $last?->technique === Technique::ChippingFluid => Technique::ChippingTopCoat,
            $last === null && !self::isUpon($said) => Technique::Basecoat,
            default => Technique::Layer,
        };
    }

    /** Whether it speaks of what lies there already. */
    private static function isUpon(Said $said): bool
    {
        $place = $said->place->place;

        return $said->rounds->again || $said->isSame || $place->face !== null || $place->but !== null || $said->place->foldsLeft
            || str_starts_with($said->strokes, 'strokes');
    }

    private static function isDarker(?Paint $paint, ?PlannedStep $last): bool
    {
        $ground = $last?->load->mix;

        return $paint?->colour !== null && $ground !== null && $ground->hasColour()
            && Mix::single($paint)->lab()->l < $ground->lab()->l;
    }

    /**
     * @param array<int, Paint> $paints by their place in the line
     *
     * @return array{Mix|null, list<string>} the mix, and ids of paints whose amount is open
     */
    private function mix(array $paints, Said $said, ?PlannedStep $last): array
    {
        $before = $last?->load->mix;
        if ($paints === []) {
            if ($before !== null && self::isMixedOtherwise($said, $last)) {
                return [self::mixedOtherwise($before, $said), []];
            }
            $isSame = $said->rounds->again || $said->isSame || $said->technique === Technique::FurtherCoat;

            return $isSame && $before !== null ? [$before, $last->load->open] : [null, []];
        }
        if ($said->replaced !== [] && $before !== null && count($paints) === 1) {
            return [$this->exchanged($before, array_values($paints)[0], $said), $last->load->open];
        }
        if ($said->addedAt !== null && $before !== null && count($paints) === 1) {
            return [$this->added($before, array_values($paints)[0], $said->addedAt), $last->load->open];
        }
        $parts = $open = [];
        // "Sponge some of it on", "glaze a little wash": how much is taken up, and nothing that goes into the mix before.
        $isTakenUp = $said->technique !== null && !$said->isSame;
        $isLittle = $said->amounts['open'] === [0] && (!$said->goesOn || $said->isSame) && !Asking::isHint($said)
            && !$said->thinning->isMostly && !$isTakenUp;
        $isAdded = count($paints) === 1 && ($said->isAdded || $isLittle);
        if ($isAdded && $before !== null) {
            foreach ($before->parts as $part) {
                $parts[$part->paint->id] = new Part($part->paint, Amounts::REST_PARTS * $part->parts);
            }
        }
        foreach ($paints as $i => $paint) {
            $there = isset($parts[$paint->id]) ? $parts[$paint->id]->parts : 0;
            $parts[$paint->id] = new Part($paint, $there + ($there > 0 ? Amounts::REST_PARTS : 1) * ($said->amounts['parts'][$i] ?? 1));
            if (in_array($i, $said->amounts['open'], true) || ($isAdded && $before !== null)) {
                $open[] = $paint->id;
            }
        }

        $small = Amounts::small(array_map(static fn (Part $p): int => $p->parts, array_values($parts)));
        $parts = array_map(static fn (Part $p, int $n): Part => new Part($p->paint, $n), array_values($parts), $small);

        return [Mix::of($parts), count($parts) > 1 ? array_values(array_unique($open)) : []];
    }

    /**
     * Whether nothing but another ratio of the mix before is said, in the same line.
     */
    public static function isMixedOtherwise(Said $said, ?PlannedStep $last): bool
    {
        return $said->goesOn && $said->names === [] && $said->thinning->isBare && count($last?->load->mix->parts ?? []) === 2;
    }

    /** Whether how far it is thinned is said: a ratio that is the mix's says nothing of it. */
    private static function thins(Said $said, Mix $mix): bool
    {
        $isOfMix = $said->thinning->isBare && $said->names === [] && $said->goesOn && count($mix->parts) === 2;

        return $said->thinning->said && !$isOfMix;
    }

    private static function mixedOtherwise(Mix $before, Said $said): Mix
    {
        [$one, $other] = [...array_map(intval(...), explode(':', $said->thinning->thinning?->ratio() ?? '1:1')), 1, 1];
        [$first, $second] = [...$before->parts, ...$before->parts];

        return Mix::of([new Part($first->paint, max(1, $one)), new Part($second->paint, max(1, $other))]);
    }

    /**
     * What has no colour is mixed into nothing: a varnish or a fluid beside a paint stays as words.
     *
     * @param array<int, Paint> $paints by their place in the line
     *
     * @return array{array<int, Paint>, list<string>} those that are mixed; names of those that are not
     */
    private static function mixable(array $paints): array
    {
        $once = [];
        foreach ($paints as $paint) {
            $once[$paint->id] = true;
        }
        $without = count($once) < 2 ? [] : array_filter($paints, static fn (Paint $p): bool => $p->colour === null);
        if (count($paints) < 2 || $without === []) {
            return [$paints, []];
        }
        $with = array_diff_key($paints, $without);
        $kept = $with === [] ? array_slice($paints, 0, 1, true) : $with;

        return [$kept, array_values(array_map(static fn (Paint $p): string => $p->name, array_diff_key($paints, $kept)))];
    }

    /**
     * So many parts of the mix before to so many of a paint.
     *
     * @param array{int, int} $ratio
     */
    private function added(Mix $before, Paint $paint, array $ratio): Mix
    {
        $all = array_sum(array_map(static fn (Part $p): int => $p->parts, $before->parts));
        $ratio[0] = $ratio[0] === 0 ? $all : $ratio[0];
        $parts = [];
        foreach ($before->parts as $part) {
            $parts[$part->paint->id] = [$part->paint, $ratio[0] * $part->parts];
        }
        $parts[$paint->id] = [$paint, ($parts[$paint->id][1] ?? 0) + $ratio[1] * $all];
        $small = Amounts::small(array_column(array_values($parts), 1));

        return Mix::of(array_map(static fn (array $p, int $n): Part => new Part($p[0], $n), array_values($parts), $small));
    }

    /** The mix before with one paint in the place of another; that paint alone where the other is not in it. */
    private function exchanged(Mix $before, Paint $paint, Said $said): Mix
    {
        $goes = $this->paints->named($said->replaced[0]['said'], $said->replaced[0]['paint'], null)[0];
        if (!$before->has($goes->id) || $before->has($paint->id)) {
            return Mix::single($paint);
        }

        return Mix::of(array_map(
            static fn (Part $p): Part => $p->paint->id === $goes->id ? new Part($paint, $p->parts) : $p,
            $before->parts,
        ));
    }

    /** Thinner or less thin by a step: as far again, or half as far; slightly is one part to four. */
    private static function than(Load $load, string $than): Load
    {
        $ratio = array_map(intval(...), explode(':', $load->thinning->ratio()));
        [$paint, $thinner] = [$ratio[0], $ratio[1] ?? 0];
        if ($than === '') {
            return $load;
        }
        $to = match (true) {
            $than === ToldThinning::SLIGHTLY => [4, 1],
            $thinner === 0 => $than === ToldThinning::FURTHER ? [4, 1] : [1, 0],
            $thinner > $paint => [1, max(1, (int) round($thinner / $paint * ($than === ToldThinning::FURTHER ? 1.25 : 0.75)))],
            default => $than === ToldThinning::FURTHER ? [$paint, 2 * $thinner] : [2 * $paint, $thinner],
        };
        try {
            return $load->thinned(
                ParsedThinning::read($to[1] === 0 ? 'undiluted' : $to[0].':'.$to[1])->thinning,
                $load->thinner,
                $load->product,
            );
        } catch (RecipeProblem|FilmProblem) {
            return $load;
        }
    }

    /**
     * From one paint to the other: two that meet while wet, else one after the other.
     *
     * @param list<Paint> $paints two
     *
     * @return list<PlannedStep>
     */
    private function pair(Technique $technique, array $paints, Said $said, string $line, Plan $sofar, ?PlannedStep $last): array
    {
        [$one, $other] = array_map(Mix::single(...), $paints);
        if ($technique === Technique::WetBlend) {
            try {
                return [$this->step($technique, self::load($technique, $one, [], $said)->meeting($other), $said, $line, $sofar, $last)];
            } catch (RecipeProblem) {
                // One dries in water, the other in solvent: they do not meet, and follow one another.
            }
        }
        $under = $technique === Technique::AirbrushFade ? Technique::AirbrushCoat : $technique;
        $isThere = $last?->load->mix?->key() === $one->key();
        $first = $isThere ? [] : [$this->step($under, self::load($under, $one, [], $said), $said, $line, $sofar, $last)];

        return [
            ...$first,
            $this->step($technique, self::load($technique, $other, [], $said), $said, $line, new Plan(
                [...$sofar->steps, ...$first],
                [],
            ), $last),
        ];
    }

    /** @param list<string> $open */
    private static function load(Technique $technique, ?Mix $mix, array $open, Said $said): Load
    {
        $use = Load::use($technique, $mix);
        $usual = Load::usual($mix, $use);
        if ($mix === null) {
            return new Load(
                null,
                $said->thinning->thinning ?? Thinning::undiluted(),
                $said->thinning->with ?? $usual->thinner,
                product: $said->thinning->product,
            );
        }
        $isUsual = in_array($use, ['', 'drybrush', 'wash'], true) || $technique->facts()->lies === null;
        $load = new Load($mix, $usual->thinning, $usual->thinner, $open, !self::thins($said, $mix) && !$isUsual);
        if ($said->thinning->than !== '' && $said->thinning->thinning === null) {
            return self::than(new Load($mix, $usual->thinning, $said->thinning->with ?? $usual->thinner, $open), $said->thinning->than);
        }
        if (!self::thins($said, $mix)) {
            return $load;
        }
        try {
            return $load->thinned($said->thinning->thinning, $said->thinning->with, $said->thinning->product);
        } catch (RecipeProblem) {
            return $load;
        }
    }

    private function step(Technique $technique, Load $load, Said $said, string $line, Plan $sofar, ?PlannedStep $last): PlannedStep
    {
        $key = $sofar->freeKey($technique->value);
        $colour = $load->mix?->hasColour() === true ? Oklch::fromLab($load->mix->lab()) : null;
        $step = new PlannedStep(
            $key,
            $technique,
            $colour,
            $load,
            new Scope(
                self::place($technique, $said, $load, self::below($sofar)),
                $said->who,
                $said->level,
                $said->rounds->rounds === 0 ? null : self::loop($key->value, $said->rounds),
            ),
            (new Handling(
                $said->rounds->coats,
                $said->isLeftOut,
                wait: $said->waitsBefore() && $last !== null ? null : $said->wait['minutes'] ?? null,
                strokes: $said->strokes,
            ))->with($said->how),
            [new Finding('technique.told', 'As it was told: "{line}".', ['line' => $line])],
        );

        $isRefused = $load->mix !== null && self::thins($said, $load->mix) && $said->thinning->thinning !== null
            && $load->thinning->ratio() !== $said->thinning->thinning->ratio();

        return Telling::noted($step, [
            ...$said->notes,
            ...($isRefused ? ['thinned '.$said->thinning->thinning->ratio()] : []),
            ...($said->rounds->more ? ['more '.self::plainName($said).' each time'] : []),
        ]);
    }

    /** The sheen that the pot says, matt where it says none. */
    private static function varnish(?Paint $paint): Technique
    {
        return match ($paint?->sheen) {
            Sheen::Gloss => Technique::GlossVarnish,
            Sheen::Satin => Technique::SatinVarnish,
            default => Technique::MattVarnish,
        };
    }

    /** What a fluid is made for; null for paint and for what goes into paint. */
    private static function fluid(Paint $paint): ?Technique
    {
        $for = $paint->purpose === Purpose::Anything ? Purpose::guess($paint->name, $paint->behaviour) : $paint->purpose;

        return match ($for) {
            Purpose::Chipping => Technique::ChippingFluid,
            Purpose::Softening => Technique::Softener,
            Purpose::Setting => Technique::Marking,
            default => null,
        };
    }

    /** What the technique does anyway is not said once more. */
    private static function place(Technique $technique, Said $said, Load $load, ?PlannedStep $last): Place
    {
        $place = $said->place->place;
        $isShade = $technique->isWash() || in_array($technique, [Technique::ShadeLayer, Technique::RecessLine, Technique::Stain], true)
            || self::isDarker($load->mix?->first(), $last);
        if ($said->place->folds) {
            $face = $isShade ? Face::Recess : Face::Ridge;
            $place = new Place($face, $place->part, $place->light, $place->share);
        } elseif ($said->place->foldsLeft) {
            $place = $place->leaving([...$said->place->left, $isShade ? Face::Ridge : Face::Recess]);
        }
        $isUsual = !$said->place->isExact && $place->but === null && $place->face !== null
            && $place->face === $technique->face() && $place->face !== Face::Plane
            && $place->share === 1.0;

        return $isUsual ? new Place(null, $place->part, $place->light, $place->share) : $place;
    }

    private static function loop(string $key, Rounds $rounds): Loop
    {
        return $rounds->smaller ? Loop::smaller($key, $rounds->rounds, $rounds->exit) : new Loop($key, $rounds->rounds, $rounds->exit);
    }

    private static function plainName(Said $said): string
    {
        return mb_strtolower($said->names[count($said->names) - 1]['said'] ?? 'of it');
    }
}
