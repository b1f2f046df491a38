<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Draft;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Oklch;
use Kalokroma\Film\Finish;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Choose\LayerThinning;
use Kalokroma\Recipe\Choose\MixChoice;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Choose\Shading;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\Who;
use Kalokroma\Recipe\Predict\Glazing;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Word\Finding;

/**
 * Makes one step of any technique: what of the shelf it is done with, how it is thinned, and why. What the shelf has not
 * is put down as a description, so that the recipe stays whole.
 */
final class StepMaker
{
    /** A special paint further than this (CIEDE2000) from the wanted colour gives way to an ordinary one. */
    private const NEAR_ENOUGH = 15.0;

    private readonly MixChoice $choice;

    public function __construct(private readonly Palette $palette)
    {
        $this->choice = new MixChoice($palette);
    }

    /**
     * @param Oklch|null   $target the colour wanted; null takes what is there, or goes without
     * @param Finding|null $why    why this step stands here
     * @param bool         $metal  with flakes, where the technique can be done with them
     */
    public function make(
        string $key,
        Technique $technique,
        ?Oklch $target,
        Surface $below,
        ?Finding $why = null,
        Place $place = new Place(),
        ?int $coats = null,
        ?Level $level = null,
        ?Stage $stage = null,
        Who $who = Who::All,
        bool $metal = false,
    ): PlannedStep {
        $facts = $technique->facts();
        $shading = $this->shading($technique, $target, $below);
        [$mix, $reason] = $shading !== null ? [$shading->mix, $shading->reason()] : ($facts->takes === [] ? [null, null] : $this->mix($technique, $target, $below, $metal));
        $use = $this->use($technique, $mix);
        $row = $use === '' ? null : Defaults::THINNING[$use];
        $ratio = $technique === Technique::Glaze && $mix !== null && $target !== null
            ? Glazing::with($mix, $below->face($place->face ?? 'plane'), $target->toLab())?->thinning->ratio()
            : ($shading === null || $shading->thinning->ratio() === ($row['ratio'] ?? '') ? null : $shading->thinning->ratio());

        $thick = $use === 'layer' && $coats === null && $mix !== null && $mix->parts[0]['paint']->colour !== null && $facts->counts ? LayerThinning::of($mix, $below, $place->face ?? $facts->face) : null;
        $ratio = $thick->ratio ?? $ratio;

        $step = new PlannedStep(
            $key,
            $stage ?? $facts->stage,
            $technique,
            $target,
            $mix,
            $row === null ? Thinning::undiluted() : Thinning::fromRatio($ratio ?? $row['ratio']),
            $row['with'] ?? 'water',
            $coats,
            why: array_values(array_filter([$why, $reason, $thick?->reason, $row === null || !$this->isThinned($technique) ? null : Defaults::thinningReason($use, $ratio)])),
            place: $place,
            who: $who,
            level: $level,
        );
        $this->choice->load($mix);

        return $step;
    }

    /** What is loaded next is more likely taken again. */
    public function load(?Mix $mix): void
    {
        $this->choice->load($mix);
    }

    /** @return array{Mix|null, Finding|null} */
    private function mix(Technique $technique, ?Oklch $target, Surface $below, bool $metal): array
    {
        $takes = $metal ? ['metallic'] : $technique->facts()->takes;
        if ($takes[0] === 'opaque' && $target !== null && $this->palette->mixable() !== []) {
            [$found, $reason] = $this->choice->nearest($target->toLab());

            return [$found->mix, $reason];
        }
        if ($takes[0] === 'wash' && $target !== null) {
            return $this->thin($technique, $target, $below);
        }
        $usable = $this->palette->atHand(...array_map(Behaviour::from(...), $takes));
        $finish = $technique->facts()->finish;
        if ($finish !== null) {
            $usable = array_values(array_filter($usable, static fn (Paint $p): bool => $p->finish === $finish || str_contains(mb_strtolower($p->name), $finish->value)));
        }
        $usable = array_values(array_filter($usable, static fn (Paint $p): bool => $p->behaviour !== Behaviour::Effect || ($technique === Technique::ChippingFluid) === str_contains(mb_strtolower($p->name), 'chip')));
        $rank = array_flip($takes);
        $apart = static fn (Paint $p): float => $target === null || $p->colour === null ? 0.0 : Ciede2000::difference(Mix::single($p)->lab(), $target->toLab());
        usort($usable, static fn (Paint $a, Paint $b): int => $rank[$a->behaviour->value] <=> $rank[$b->behaviour->value] ?: round($apart($a), 3) <=> round($apart($b), 3) ?: $a->id <=> $b->id);
        if ($target !== null && $takes[0] !== 'metallic' && ($usable === [] || $apart($usable[0]) > self::NEAR_ENOUGH) && in_array('opaque', $takes, true) && $this->palette->mixable() !== []) {
            [$found, $reason] = $this->choice->nearest($target->toLab());

            return [$found->mix, $reason];
        }
        if ($usable === []) {
            return $this->described($metal ? Technique::MetalCoat : $technique, $target, $finish);
        }
        $mix = Mix::single($usable[0]);
        $facts = ['paint' => $mix->words(), 'apart' => $apart($usable[0]), 'count' => count($usable)];

        return [$mix, new Finding('mix.kind', $target === null || $usable[0]->colour === null
            ? '{paint} is at hand for it.'
            : '{paint} is the nearest of {count} at hand for it, {apart} from the wanted colour.', $facts)];
    }

    /** What shades best where the technique runs into recesses; null where it does not, or nothing near is at hand. */
    private function shading(Technique $technique, ?Oklch $target, Surface $below): ?Shading
    {
        if ($target === null || $technique === Technique::Stain || !$technique->isWash() || $technique->facts()->takes[0] !== 'wash') {
            return null;
        }
        $best = Shading::best($this->palette, $target->toLab(), $below->plane->toLab(), $below, $technique, true);

        return $best !== null && $best->apart <= Defaults::STAIN_WITHIN ? $best : null;
    }

    /** @return array{Mix, Finding} a stain or ink by the look it leaves, or covering paint thinned far */
    private function thin(Technique $technique, Oklch $target, Surface $below): array
    {
        $ranked = $technique->isWash() && $technique !== Technique::Stain ? [] : $this->palette->stains($target->toLab(), $below);
        if ($technique !== Technique::Glaze && $ranked !== [] && $ranked[0]->difference <= Defaults::STAIN_WITHIN) {
            return [$ranked[0]->mix, new Finding('mix.stain', 'Over what lies below {wash} comes within {apart} of the wanted tone, the nearest of {count} at hand.', [
                'wash' => $ranked[0]->mix->words(), 'apart' => $ranked[0]->difference, 'count' => count($ranked),
            ])];
        }
        if ($this->palette->mixable() === []) {
            [$mix, $reason] = $this->described($technique, $target, null);

            return [$mix, $reason];
        }
        [$found, $reason] = $this->choice->nearest($target->toLab());

        return [$found->mix, $technique === Technique::Glaze ? $reason : new Finding('mix.thinned-shade', '{mix}, thinned far, does it instead: no wash, stain or ink at hand comes near.', ['mix' => $found->mix->words()])];
    }

    /** @return array{Mix, Finding} */
    private function described(Technique $technique, ?Oklch $target, ?Finish $finish): array
    {
        $kind = $technique->facts()->takes[0];
        $behaviour = Behaviour::from($kind);
        $name = 'any '.($technique === Technique::ChippingFluid ? 'chipping fluid' : self::kind($behaviour, $finish));

        return [
            Mix::single(Paint::described($name, $behaviour, $behaviour->colours() ? ($target?->toSrgb()->clipped()->toHex() ?? '#808080') : null)),
            new Finding('mix.lacking', 'Nothing of that kind is at hand: {name} is put down until one stands on your shelf.', ['name' => $name]),
        ];
    }

    private static function kind(Behaviour $behaviour, ?Finish $finish): string
    {
        return trim(($finish === null ? '' : $finish->value.' ').match ($behaviour) {
            Behaviour::Opaque, Behaviour::SemiOpaque => 'covering paint',
            Behaviour::Metallic, Behaviour::Effect, Behaviour::Enamel => $behaviour->value.' paint',
            Behaviour::Texture => 'texture paste',
            Behaviour::Pigment => 'pigment powder',
            Behaviour::Oil => 'oil paint',
            default => $behaviour->value,
        });
    }

    private function use(Technique $technique, ?Mix $mix): string
    {
        $use = $technique->facts()->use;
        $behaviour = $mix?->parts[0]['paint']->behaviour;
        if ($use === '' || $mix === null || $behaviour === null) {
            return $use;
        }
        if ($use === 'wash' || $use === 'stain') {
            return match (true) {
                $behaviour === Behaviour::Wash => 'wash',
                $behaviour->isTransparent() => 'stain',
                default => 'recess-shade',
            };
        }
        if ($behaviour === Behaviour::Metallic) {
            return $use === 'drybrush' ? 'drybrush' : 'metallic';
        }
        if ($use === 'basecoat' && $mix->parts[0]['paint']->colour !== null) {
            return Defaults::isWeak($mix->lab()) ? 'weak' : 'basecoat';
        }

        return $use;
    }

    private function isThinned(Technique $technique): bool
    {
        return $technique->facts()->lies !== null;
    }
}
