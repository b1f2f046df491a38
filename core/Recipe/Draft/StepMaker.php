<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Draft;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Oklch;
use Kalokroma\Film\Face;
use Kalokroma\Film\Sheen;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Choose\LayerThinning;
use Kalokroma\Recipe\Choose\MixChoice;
use Kalokroma\Recipe\Choose\NamedThinner;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Choose\Shading;
use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Recipe\Plan\Load;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\StepKey;
use Kalokroma\Recipe\Predict\Glazing;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Purpose;
use Kalokroma\Shelf\RankedMix;
use Kalokroma\Word\Finding;
use Kalokroma\Word\Reason;

/**
 * Makes one step of any technique: what of the shelf it is done with, how it is thinned, and why. What the shelf has not
 * is written as a description, so that the recipe stays whole.
 */
final class StepMaker
{
    /** A special paint further than this (CIEDE2000) from the wanted colour gives way to an ordinary one. */
    private const NEAR_ENOUGH = 15.0;

    /** A wash that leaves the recess further (CIEDE2000) from the wanted shade gives way to ordinary paint, thinned far. */
    private const SHADE_WITHIN = 28.0;

    private readonly MixChoice $choice;

    public function __construct(private readonly Palette $palette)
    {
        $this->choice = new MixChoice($palette);
    }

    public function make(StepKey $key, StepWish $wish, Surface $below): PlannedStep
    {
        $facts = $wish->technique->facts();
        $tint = $wish->tints && $wish->target !== null ? $this->tint($wish, $wish->target, $below) : null;
        if ($tint !== null) {
            return $tint->step($key, $wish, $this->palette);
        }
        $shading = $this->shading($wish, $below);
        [$mix, $reason] = $shading !== null ? [$shading->mix, $shading->reason()] : (
            $facts->takes === []
            ? [null, null]
            : $this->mix($wish, $below)
        );
        $use = Load::use($wish->technique, $mix);
        $thick = $this->thick($wish, $use, $mix, $below);
        $ratio = $thick->ratio ?? $this->ratio($wish, $mix, $shading, $below);
        $ratio = $ratio === (Defaults::THINNING[$use]['ratio'] ?? null) ? null : $ratio;
        $thinned = $use === '' || $facts->lies === null ? null : Defaults::thinningReason($use, $ratio);
        $this->choice->load($mix);

        return new PlannedStep(
            $key,
            $wish->technique,
            $wish->target,
            NamedThinner::of(Load::usual($mix, $use, $ratio), $wish->technique, $this->palette),
            $wish->scope,
            new Handling($wish->coats),
            array_values(array_filter([$wish->why, $reason, $thick?->reason, $thinned])),
            $wish->stage,
        );
    }

    /** The ink, stain or wash that glazes nearest the wanted colour; null where none in stock does it as well as the colour itself. */
    private function tint(StepWish $wish, Oklch $target, Surface $below): ?TintingGlaze
    {
        return TintingGlaze::nearest(
            $this->palette->atHand(Behaviour::Ink, Behaviour::Stain, Behaviour::Wash),
            $below,
            $wish->scope->place->face ?? Face::Plane,
            $target->toLab(),
            $wish->coats ?? Glazing::MOST_LAYERS,
        );
    }

    /** Less thinned than usual, where that saves coats. */
    private function thick(StepWish $wish, string $use, ?Mix $mix, Surface $below): ?LayerThinning
    {
        $facts = $wish->technique->facts();
        if ($use !== 'layer' || !$facts->counts || $wish->coats !== null || $mix?->first()->colour === null) {
            return null;
        }

        return $facts->most === null ? null : LayerThinning::of($mix, $below, $wish->scope->place->face ?? $facts->face, $facts->most);
    }

    /** A ratio that was computed for the look; null where the usual one does. */
    private function ratio(StepWish $wish, ?Mix $mix, ?Shading $shading, Surface $below): ?string
    {
        if ($wish->technique === Technique::Glaze && $mix !== null && $wish->target !== null) {
            return Glazing::with($mix, $below->face($wish->scope->place->face ?? Face::Plane), $wish->target->toLab())?->thinning->ratio();
        }

        return $shading?->thinning->ratio();
    }

    /** What is loaded next is more likely taken again. */
    public function load(?Mix $mix): void
    {
        $this->choice->load($mix);
    }

    /** @return array{Mix|null, Finding|null} */
    private function mix(StepWish $wish, Surface $below): array
    {
        $takes = $wish->flakes ? [Behaviour::Metallic] : $wish->technique->facts()->takes;
        if ($takes[0] === Behaviour::Opaque && $wish->target !== null && $this->palette->mixable() !== []) {
            return $this->nearest($wish->target);
        }
        if ($takes[0] === Behaviour::Wash && $wish->target !== null) {
            return $this->thin($wish->technique, $wish->target, $below);
        }
        $usable = $this->usable($wish, $takes);
        $isFar = $usable === [] || self::apart($usable[0], $wish->target) > self::NEAR_ENOUGH;
        if (
            $wish->target !== null
            && $takes[0] !== Behaviour::Metallic
            && $isFar && in_array(Behaviour::Opaque, $takes, true)
            && $this->palette->mixable() !== []
        ) {
            return $this->nearest($wish->target);
        }
        if ($usable === []) {
            return $this->described($wish->flakes ? Technique::MetalCoat : $wish->technique, $wish->target);
        }

        return [Mix::single($usable[0]), self::whyThisOne($usable, $wish->target)];
    }

    /** @return array{Mix, Finding} */
    private function nearest(Oklch $target): array
    {
        [$found, $reason] = $this->choice->nearest($target->toLab());

        return [$found->mix, $reason];
    }

    /**
     * @param list<Behaviour> $takes
     *
     * @return list<Paint> what is in stock for it, the likeliest kind and the nearest colour first
     */
    private function usable(StepWish $wish, array $takes): array
    {
        $sheen = $wish->technique->facts()->sheen;
        $isFluid = $wish->technique === Technique::ChippingFluid;
        $usable = array_values(array_filter(
            $this->palette->atHand(...$takes),
            static fn (Paint $p): bool => ($sheen === null || (Sheen::guess($p->name) ?? $p->sheen) === $sheen)
                && ($p->behaviour !== Behaviour::Effect || ($isFluid === $p->isFor(Purpose::Chipping) && !self::isForMarkings($p))),
        ));
        $rank = array_flip(array_map(static fn (Behaviour $b): string => $b->value, $takes));
        usort($usable, static fn (Paint $a, Paint $b): int => $rank[$a->behaviour->value] <=> $rank[$b->behaviour->value]
            ?: round(self::apart($a, $wish->target), 3) <=> round(self::apart($b, $wish->target), 3)
            ?: $a->id <=> $b->id);

        return $usable;
    }

    /** Fluids for markings and masks are no effect that is painted. */
    private static function isForMarkings(Paint $paint): bool
    {
        return $paint->isFor(Purpose::Setting) || $paint->isFor(Purpose::Softening) || $paint->isFor(Purpose::Masking);
    }

    /** @param non-empty-list<Paint> $usable the one taken first */
    private static function whyThisOne(array $usable, ?Oklch $target): Finding
    {
        return new Finding(
            'mix.kind',
            $target === null || $usable[0]->colour === null
                ? 'You have {paint} for it.'
                : '{paint} is the nearest of the {count} you have for it, {apart} from the wanted colour.',
            ['paint' => $usable[0]->name, 'apart' => self::apart($usable[0], $target), 'count' => count($usable)],
            Reason::Mix,
        );
    }

    private static function apart(Paint $paint, ?Oklch $target): float
    {
        return $target === null || $paint->colour === null ? 0.0 : Ciede2000::difference(Mix::single($paint)->lab(), $target->toLab());
    }

    /** What shades best where the technique runs into recesses; null where it does not, or nothing near is in stock. */
    private function shading(StepWish $wish, Surface $below): ?Shading
    {
        if (
            $wish->target === null
            || $wish->technique === Technique::Stain
            || !$wish->technique->isWash()
            || $wish->technique->facts()->takes[0] !== Behaviour::Wash
        ) {
            return null;
        }
        $best = Shading::covered($this->palette, $wish->target->toLab(), $below->plane->toLab(), $below, $wish->technique);

        // A wash of the right family that stays short of the depth is still what a painter takes.
        return $best !== null && $best->apart <= self::SHADE_WITHIN ? $best : null;
    }

    /** @return array{Mix, Finding} a stain or ink by the look it leaves, or covering paint thinned far */
    private function thin(Technique $technique, Oklch $target, Surface $below): array
    {
        $ranked = $technique->isWash() && $technique !== Technique::Stain ? [] : $this->palette->stains($target->toLab(), $below);
        $near = array_values(array_filter($ranked, static fn (RankedMix $r): bool => $r->difference <= Defaults::STAIN_WITHIN));
        if ($technique !== Technique::Glaze && $near !== []) {
            return [$near[0]->mix, new Finding(
                'mix.stain',
                'Over the coats below, {wash} comes within {apart} of the wanted tone, the best of {count} on your shelf.',
                ['wash' => $near[0]->mix->words(), 'apart' => $near[0]->difference, 'count' => count($ranked)],
                Reason::Mix,
            )];
        }
        if ($this->palette->mixable() === []) {
            return $this->described($technique, $target);
        }
        [$mix, $reason] = $this->nearest($target);

        return [$mix, $technique === Technique::Glaze ? $reason : new Finding(
            'mix.thinned-shade',
            '{mix}, thinned far, does it instead: no wash, stain or ink on your shelf comes near.',
            ['mix' => $mix->words()],
            Reason::Mix,
        )];
    }

    /** @return array{Mix, Finding} */
    private function described(Technique $technique, ?Oklch $target): array
    {
        $behaviour = $technique->facts()->takes[0];
        $name = 'any '.($technique === Technique::ChippingFluid ? 'chipping fluid' : self::kind($behaviour, $technique->facts()->sheen));

        return [
            Mix::single(
                Paint::described($name, $behaviour, $behaviour->colours() ? ($target?->toSrgb()->clipped()->toHex() ?? '#808080') : null),
            ),
            new Finding(
                'mix.lacking',
                'You have nothing of that kind: {name} is entered until one is on your shelf.',
                ['name' => $name],
                Reason::Mix,
            ),
        ];
    }

    private static function kind(Behaviour $behaviour, ?Sheen $sheen): string
    {
        return trim(($sheen === null ? '' : $sheen->value.' ').match ($behaviour) {
            Behaviour::Opaque, Behaviour::SemiOpaque => 'covering paint',
            Behaviour::Metallic, Behaviour::Effect, Behaviour::Enamel => $behaviour->value.' paint',
            Behaviour::Texture => 'texture paste',
            Behaviour::Pigment => 'pigment powder',
            Behaviour::Oil => 'oil paint',
            default => $behaviour->value,
        });
    }
}
