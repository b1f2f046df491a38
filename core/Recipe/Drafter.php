<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Oklch;
use Kalokroma\Colour\PlainName;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Material;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinning;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\RankedMix;

/**
 * Drafts the recipe of one area: which stages suit its relief, and for each the paints at hand that come nearest.
 */
final class Drafter
{
    /** Best pairs among which convenience may choose. */
    private const WEIGHED_PAIRS = 60;

    /** What loading another paint weighs against difference, in CIEDE2000. */
    private const NEW_PAINT = 0.5;

    /** What every ten CIEDE2000 between the two paints of a mix weigh: far-apart paints make a mix hard to repeat. */
    private const UNLIKE_PAINTS = 0.3;

    private readonly Palette $palette;
    private readonly Ladder $ladder;

    /** @var array<string, true> ids of the paints that earlier steps of this recipe load */
    private array $loaded = [];

    private function __construct(private readonly Brief $brief)
    {
        $this->palette = new Palette($brief->shelf);
        $this->ladder = new Ladder($brief->intended);
    }

    /** @throws RecipeProblem when no covering paint is at hand */
    public static function draft(Brief $brief): Plan
    {
        return (new self($brief))->plan();
    }

    private function plan(): Plan
    {
        if ($this->palette->mixable() === []) {
            throw RecipeProblem::nothingToPaintWith();
        }
        $steps = $leftOut = [];
        $surface = Surface::uniform($this->brief->ground);
        $rows = TechniqueTable::rows($this->brief->area->relief, $this->brief->way);
        $taken = array_column(array_filter($rows, static fn (array $r): bool => $r['technique'] !== null), 'key');
        $washed = in_array('wash', $taken, true) && in_array('layer', $taken, true);
        $metal = $this->metal();
        foreach ($rows as $row) {
            $technique = $row['technique'];
            $step = $technique === null ? $row['reason'] : ($metal !== null
                ? $this->metalStep($row['key'], $row['stage'], $technique, $row['reason'], $metal, $surface)
                : $this->step($row['key'], $row['stage'], $technique, $row['reason'], $washed, $surface));
            if ($step instanceof Finding) {
                $leftOut[] = ['stage' => $row['stage'], 'reason' => $step];
                continue;
            }
            $steps[] = $step;
            foreach ($step->mix->parts as ['paint' => $paint]) {
                $this->loaded[$paint->id] = true;
            }
            $surface = Simulation::step($step, $this->brief->area, $surface)->after;
        }

        return new Plan($steps, $leftOut);
    }

    /** @param bool $washed whether a wash dulls the base before a layer brings the intended colour back */
    private function step(string $key, Stage $stage, Technique $technique, Finding $reason, bool $washed, Surface $surface): PlannedStep
    {
        if ($key === 'wash') {
            return $this->washStep($technique, $reason, $surface);
        }
        $rung = match ($key) {
            'basecoat' => $washed ? 'base' : 'layer',
            'layer' => $washed ? 'layer' : 'drybrush',
            default => $key,
        };
        $target = $this->ladder->rung($rung);
        [$chosen, $mixReason] = $this->nearest($target->toLab());
        $use = $key === 'basecoat' ? $this->baseThinning($chosen->mix) : ($technique === Technique::Drybrush ? 'drybrush' : 'layer');

        return $this->planned($key, $stage, $technique, $target, $chosen->mix, $use, [$reason, $this->ladder->reason($rung), $mixReason]);
    }

    private function washStep(Technique $technique, Finding $reason, Surface $surface): PlannedStep
    {
        $target = $this->ladder->rung('shade');
        $ranked = $this->palette->shades($target->toLab(), $surface, $technique);
        if ($ranked !== []) {
            $paint = $ranked[0]->mix->parts[0]['paint'];
            $finding = new Finding('mix.wash', 'Over this basecoat {wash} leaves the recess {apart} from the wanted shade, the nearest of {count} at hand.', [
                'wash' => $paint->name, 'apart' => $ranked[0]->difference, 'count' => count($ranked),
            ]);
            $use = $paint->behaviour->value === 'wash' ? 'wash' : 'stain';

            return $this->planned('wash', Stage::Wash, $technique, $target, $ranked[0]->mix, $use, [$reason, $this->ladder->reason('shade'), $finding]);
        }
        [$chosen] = $this->nearest($target->toLab());
        $finding = new Finding('mix.thinned-shade', 'No wash, stain or ink is at hand: {mix}, thinned far, shades instead, {apart} from the wanted shade.', [
            'mix' => $chosen->mix->words(), 'apart' => $chosen->difference,
        ]);

        return $this->planned('wash', Stage::Wash, $technique, $target, $chosen->mix, 'recess-shade', [$reason, $this->ladder->reason('shade'), $finding]);
    }

    private function metalStep(string $key, Stage $stage, Technique $technique, Finding $reason, RankedMix $metal, Surface $surface): PlannedStep|Finding
    {
        $base = $metal->mix->parts[0]['paint'];
        if ($key === 'basecoat') {
            $finding = new Finding('mix.metal', '{paint} is the nearest metallic at hand, {apart} from the wanted colour; metallics are not mixed with matt paint.', [
                'paint' => $base->name, 'apart' => $metal->difference,
            ]);

            return $this->planned($key, $stage, Technique::MetalCoat, $this->ladder->rung('layer'), $metal->mix, 'metallic', [$reason, $finding]);
        }
        if ($key === 'layer') {
            return new Finding('metal.no-layer', 'Metal is lifted at its edges, not layered: flakes over flakes only dull.');
        }
        if ($key === 'wash' || $key === 'shade') {
            return $this->washStep($key === 'shade' ? Technique::RecessLine : $technique, $reason, $surface);
        }
        $target = $this->ladder->rung($key);
        foreach ($this->palette->metalSingles($target->toLab()) as $single) {
            $lift = $single->mix->lab()->l - $metal->mix->lab()->l;
            if ($lift > 3.0 && $single->difference <= Defaults::METAL_WITHIN) {
                $finding = new Finding('mix.metal-light', '{paint} is {lift} lighter than {base}, and metallic like it.', [
                    'paint' => $single->mix->words(), 'lift' => $lift, 'base' => $base->name,
                ]);
                $use = $technique === Technique::Drybrush ? 'drybrush' : 'metallic';

                return $this->planned($key, $stage, $technique, $target, $single->mix, $use, [$reason, $this->ladder->reason($key), $finding]);
            }
        }

        return new Finding('metal.no-lighter', 'No metallic at hand is lighter than {base} and near enough to go with it.', ['base' => $base->name]);
    }

    /** The metallic to use where the area is metal and one comes near enough. */
    private function metal(): ?RankedMix
    {
        if ($this->brief->area->material !== Material::Metal) {
            return null;
        }
        $nearest = $this->palette->metalSingles($this->brief->intended->toLab())[0] ?? null;

        return $nearest !== null && $nearest->difference <= Defaults::METAL_WITHIN ? $nearest : null;
    }

    /**
     * The mix to take. What typed-in colours cannot tell apart is decided by convenience: a single paint, then paints
     * this recipe has loaded already, then paints akin to each other.
     *
     * @return array{RankedMix, Finding}
     */
    private function nearest(Lab $target): array
    {
        $single = $this->palette->singles($target)[0];
        $pairs = $this->palette->pairs($target, self::WEIGHED_PAIRS);
        if ($pairs === []) {
            return [$single, new Finding('mix.only', '{single} is {apart} apart, the only paint at hand that covers.', ['single' => $single->mix->words(), 'apart' => $single->difference])];
        }
        $facts = ['single' => $single->mix->words(), 'near' => $single->difference, 'pair' => $pairs[0]->mix->words(), 'apart' => $pairs[0]->difference];
        if ($single->isHardlyWorseThan($pairs[0])) {
            return [$single, self::missing($single, $target) ?? new Finding('mix.single', $single->difference <= $pairs[0]->difference
                ? '{single} is {near} apart; no mix of two comes nearer (the best is {apart}).'
                : '{single} alone is {near} apart; the best mix ({pair}) would be {apart}, no difference that typed-in colours can tell.', $facts)];
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
            $facts['shared'] = implode(' and ', $shared);
            $facts['verb'] = count($shared) === 1 ? 'is' : 'are';
            $text .= ' {shared} {verb} loaded already; the nearest mix of all ({best}) could not be told from it.';
        }

        return [$pair, self::missing($pair, $target) ?? new Finding('mix.pair', $text, $facts)];
    }

    private function inconvenience(RankedMix $candidate): float
    {
        $labs = array_map(static fn (array $p): Lab => Mix::single($p['paint'])->lab(), $candidate->mix->parts);

        return $candidate->difference
            + self::NEW_PAINT * (2 - count($this->alreadyLoaded($candidate->mix)))
            + self::UNLIKE_PAINTS * Ciede2000::difference($labs[0], $labs[count($labs) - 1]) / 10;
    }

    /** @return list<string> names */
    private function alreadyLoaded(Mix $mix): array
    {
        $found = [];
        foreach ($mix->parts as ['paint' => $paint]) {
            if (isset($this->loaded[$paint->id])) {
                $found[] = $paint->name;
            }
        }

        return $found;
    }

    private static function missing(RankedMix $best, Lab $target): ?Finding
    {
        return $best->difference < Defaults::RUNG_MISSING_FROM ? null : new Finding(
            'mix.missing',
            'Nothing on the shelf comes nearer than {apart}: {mix} is the best there is, and {missing} is missing.',
            ['apart' => $best->difference, 'mix' => $best->mix->words(), 'missing' => 'a '.PlainName::of(Srgb::fromXyz($target->toXyz())->toOklch())],
        );
    }

    private function baseThinning(Mix $mix): string
    {
        $lab = $mix->lab();
        $weak = $lab->l >= Defaults::LIGHT_FROM || ($lab->l >= Defaults::WEAK_LIGHTNESS_FROM && $lab->chroma() >= Defaults::WEAK_CHROMA_FROM);

        return $weak ? 'weak' : 'basecoat';
    }

    /** @param list<Finding> $why */
    private function planned(string $key, Stage $stage, Technique $technique, Oklch $target, Mix $mix, string $use, array $why): PlannedStep
    {
        $row = Defaults::THINNING[$use];
        $thinning = Thinning::fromRatio($row['ratio']);
        $why[] = new Finding('thinning.'.$use, $thinning->isUndiluted() ? 'Not thinned: {why}.' : 'Thinned {ratio} with {with} (usual {range}): {why}.', [
            'ratio' => $row['ratio'], 'with' => $row['with'], 'range' => $row['range'], 'why' => $row['why'],
        ]);

        return new PlannedStep($key, $stage, $technique, $target, $mix, $thinning, $row['with'], why: $why);
    }
}
