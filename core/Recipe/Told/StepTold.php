<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Colour\Oklch;
use Kalokroma\Film\Face;
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
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Part;
use Kalokroma\Shelf\Purpose;
use Kalokroma\Word\Finding;

/** Makes steps of what a line says. */
final readonly class StepTold
{
    /** Paint thinned at least so far (load) and no further named is a glaze. */
    private const GLAZE_LOAD = 0.3;

    /** What is lighter than what it lies on: on folds it lies on their tops. */
    private const LIGHTS = [Technique::Layer, Technique::FeatheredLayer, Technique::Drybrush, Technique::EdgeHighlight];

    private PaintTold $paints;

    /** @param list<Paint> $shelf */
    public function __construct(array $shelf)
    {
        $this->paints = new PaintTold($shelf);
    }

    /**
     * @param PlannedStep|null $last the step before
     * @param bool $goesOn whether it is said in one line with that: then it is done in the same way, unless it says how
     *
     * @return array{list<PlannedStep>, list<Finding>}
     */
    public function make(Said $said, string $line, Plan $sofar, ?PlannedStep $last, bool $goesOn = false): array
    {
        $technique = $this->technique($said, $last, $goesOn);
        if ($technique->facts()->takes === []) {
            $step = $this->step($technique, Load::none(), $said, $line, $sofar);

            return [[Telling::noted($step, array_column($said->names, 'said'))], []];
        }
        $findings = [];
        $paints = [];
        foreach ($said->names as $i => $name) {
            if (!isset($said->amounts['not'][$i])) {
                [$paints[$i], $told] = $this->paints->named($name['said'], $name['paint'], $technique);
                $findings = [...$findings, ...$told];
            }
        }
        $isPair = $said->amounts['pair'] || ($technique === Technique::WetBlend && $said->amounts['open'] === [1]);
        if ($isPair && count($paints) === 2) {
            return [$this->pair($technique, array_values($paints), $said, $line, $sofar, $last), $findings];
        }
        [$mix, $open] = $this->mix($paints, $said, $last);
        if ($mix === null) {
            [$mix, $told] = $this->paints->unnamed($technique);
            $findings = [...$findings, ...$told];
        }

        return [[$this->step($technique, self::load($technique, $mix, $open, $said), $said, $line, $sofar)], $findings];
    }

    /** A step of which more is said: only what is said of it changes. */
    public function more(PlannedStep $step, Said $said, string $line): PlannedStep
    {
        $load = $step->load;
        if ($said->thinning->said && $load->mix !== null) {
            try {
                $load = $load->thinned($said->thinning->thinning, $said->thinning->with, $said->thinning->product);
            } catch (RecipeProblem) {
                return Telling::noted($step, [$line]);
            }
        }
        $scope = $step->scope;
        $scope = $said->place->isUsual() ? $scope : $scope->at($said->place);
        $scope = $said->who->isAll() ? $scope : $scope->for($said->who);
        $scope = $said->level === null ? $scope : $scope->upTo($said->level);
        $scope = $said->rounds->rounds === 0 ? $scope : $scope->looped(self::loop($step->key->value, $said->rounds));
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

    private function technique(Said $said, ?PlannedStep $last, bool $goesOn): Technique
    {
        if ($said->isWaiting()) {
            return Technique::Waiting;
        }
        $paint = $said->names === [] ? null : $this->paints->named($said->names[0]['said'], $said->names[0]['paint'], null)[0];
        $behaviour = $paint?->behaviour;
        $isRecess = $said->place->face === Face::Recess;
        $isSame = $said->rounds->again || ($goesOn && $behaviour?->isTransparent() !== true);
        $isLighter = $last?->technique->isWash() === true && preg_match('/\b(?:bright|light)/', $said->rounds->exit) === 1;
        $isThin = $said->thinning->thinning !== null && $said->thinning->thinning->load() <= self::GLAZE_LOAD;
        if ($said->technique === Technique::WashAllOver && $isRecess) {
            return Technique::RecessLine;
        }
        if ($said->technique === Technique::Basecoat && $behaviour === Behaviour::Metallic) {
            return Technique::MetalCoat;
        }

        return $said->technique ?? match (true) {
            $isRecess && $isThin => Technique::RecessLine,
            $isLighter => Technique::FeatheredLayer,
            $isSame && $last !== null && $last->technique->facts()->takes !== [] => $last->technique,
            $said->rounds->more !== '' => Technique::Layer,
            $paint !== null && self::fluid($paint) !== null => self::fluid($paint),
            $behaviour === Behaviour::Wash => $isRecess ? Technique::RecessLine : Technique::WashAllOver,
            $behaviour === Behaviour::Stain, $behaviour === Behaviour::Ink => Technique::Stain,
            $behaviour === Behaviour::Metallic => $last === null ? Technique::MetalCoat : Technique::FeatheredLayer,
            $behaviour === Behaviour::Enamel => Technique::EnamelWash,
            $behaviour === Behaviour::Oil => Technique::OilWash,
            $behaviour === Behaviour::Pigment => Technique::PigmentPowder,
            $behaviour === Behaviour::Texture => Technique::TexturePaste,
            $behaviour === Behaviour::Effect => Technique::EffectPaint,
            $behaviour === Behaviour::Varnish => self::varnish($paint),
            $isRecess => Technique::ShadeLayer,
            $said->place->face === Face::Ridge => Technique::FeatheredLayer,
            $isThin => Technique::Glaze,
            $last === null => Technique::Basecoat,
            default => Technique::Layer,
        };
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
            $isSame = $said->rounds->again || $said->technique === Technique::FurtherCoat;

            return $isSame && $before !== null ? [$before, $last->load->open] : [null, []];
        }
        $parts = $open = [];
        $isAdded = $said->rounds->more !== '' || $said->amounts['open'] === [0];
        if ($isAdded && count($paints) === 1 && $before !== null && !$before->has(array_values($paints)[0]->id)) {
            foreach ($before->parts as $part) {
                $parts[$part->paint->id] = new Part($part->paint, Amounts::REST_PARTS * $part->parts);
            }
        }
        foreach ($paints as $i => $paint) {
            $amount = $said->amounts['parts'][$i] ?? 1;
            $parts[$paint->id] = new Part($paint, $amount);
            if (in_array($i, $said->amounts['open'], true)) {
                $open[] = $paint->id;
            }
        }

        $small = Amounts::small(array_map(static fn (Part $p): int => $p->parts, array_values($parts)));
        $parts = array_map(static fn (Part $p, int $n): Part => new Part($p->paint, $n), array_values($parts), $small);

        return [Mix::of($parts), count($parts) > 1 ? array_values(array_unique($open)) : []];
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
                return [$this->step($technique, self::load($technique, $one, [], $said)->meeting($other), $said, $line, $sofar)];
            } catch (RecipeProblem) {
                // One dries in water, the other in solvent: they do not meet, and follow one another.
            }
        }
        $under = $technique === Technique::AirbrushFade ? Technique::AirbrushCoat : $technique;
        $isThere = $last?->load->mix?->key() === $one->key();
        $first = $isThere ? [] : [$this->step($under, self::load($under, $one, [], $said), $said, $line, $sofar)];

        return [
            ...$first,
            $this->step($technique, self::load($technique, $other, [], $said), $said, $line, new Plan([...$sofar->steps, ...$first], [])),
        ];
    }

    /** @param list<string> $open */
    private static function load(Technique $technique, ?Mix $mix, array $open, Said $said): Load
    {
        $use = Load::use($technique, $mix);
        $usual = Load::usual($mix, $use);
        if ($mix === null) {
            return new Load(null, $said->thinning->thinning ?? Thinning::undiluted(), $said->thinning->with ?? $usual->thinner);
        }
        $isUsual = in_array($use, ['', 'drybrush', 'wash'], true) || $technique->facts()->lies === null;
        $load = new Load($mix, $usual->thinning, $usual->thinner, $open, !$said->thinning->said && !$isUsual);
        if (!$said->thinning->said) {
            return $load;
        }
        try {
            return $load->thinned($said->thinning->thinning, $said->thinning->with, $said->thinning->product);
        } catch (RecipeProblem) {
            return $load;
        }
    }

    private function step(Technique $technique, Load $load, Said $said, string $line, Plan $sofar): PlannedStep
    {
        $key = $sofar->freeKey($technique->value);
        $colour = $load->mix !== null && $load->mix->first()->colour !== null ? Oklch::fromLab($load->mix->lab()) : null;
        $step = new PlannedStep(
            $key,
            $technique,
            $colour,
            $load,
            new Scope(
                self::place($technique, $said),
                $said->who,
                $said->level,
                $said->rounds->rounds === 0 ? null : self::loop($key->value, $said->rounds),
            ),
            (new Handling(
                $said->rounds->coats,
                $said->isLeftOut,
                wait: $said->wait['minutes'] ?? null,
                strokes: $said->strokes,
            ))->with($said->how),
            [new Finding('technique.told', 'As it was told: "{line}".', ['line' => $line])],
        );

        $isRefused = $said->thinning->said && $said->thinning->thinning !== null && $load->mix !== null
            && $load->thinning->ratio() !== $said->thinning->thinning->ratio();

        return Telling::noted($step, [
            ...$said->notes,
            ...($isRefused ? ['thinned '.$said->thinning->thinning->ratio()] : []),
            ...($said->rounds->more === '' ? [] : ['more '.self::plainName($said).' each time']),
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
    private static function place(Technique $technique, Said $said): Place
    {
        $place = $said->place;
        if ($said->folds && in_array($technique, self::LIGHTS, true)) {
            return new Place(Face::Ridge, $place->part, $place->light, $place->share);
        }
        $isUsual = $place->but === null && $place->face !== null && $place->face === $technique->face() && $place->face !== Face::Plane
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
