<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Draft;

use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Word\Finding;

/**
 * The draft a painter gets unasked: eyes, lenses, gems, bone, feathers, fur and glow in the way of their own, everything else by the
 * stages of its relief.
 */
final class UsualDraft
{
    /** What asks for the plain stages where a start would be taken. */
    public const PLAIN = 'plain';

    /** Starts by what the area is called. */
    private const CALLED = [
        'glow' => '/\b(?:glow(?:s|ing)?|flames?|embers?|lantern|lamp[ -]?(?:light|glass))\b/iu',
        'lens' => '/\b(?:lens|lenses|visors?|goggles?|scopes?|optics?|eye ?pieces?|portholes?)\b/iu',
        'eye' => '/\b(?:eyes?|eye ?balls?|pupils?)\b/iu',
        'gem' => '/\b(?:gems?|jewels?|crystals?|gemstones?)\b/iu',
        'bone' => '/\b(?:teeth|tooth|fangs?|claws?|talons?|horns?|tusks?|spines?|skulls?|ribs?|bones?)\b/iu',
        'feathers' => '/\b(?:feathers?|plumes?|plumage)\b/iu',
    ];

    /** What is painted with a wash in its own start: only where the painter's way has one. */
    private const WASHED = ['bone', 'feathers', 'fur'];
    private const WAYS_WITH_WASH = [Way::Mixed, Way::Washes];

    /** @throws RecipeProblem when no covering paint is in stock, or the way needs what the painter does not own */
    public static function of(Brief $brief): Plan
    {
        $start = self::start($brief);
        if ($start === null) {
            return Drafter::draft($brief);
        }
        $plan = Specials::draft($start, $brief);

        return $plan->steps === [] ? Drafter::draft($brief) : $plan->told(new Finding(
            'special.usual',
            '{area} is painted in a way of its own: choose "the plain way" for base, shade and light as anywhere else.',
            ['area' => $brief->area->name],
        ));
    }

    /**
     * The draft from the start that was chosen, the plain one, or the usual one where nothing was.
     *
     * @param Plan|null $plan to which a start that only adds is added
     *
     * @throws RecipeProblem as {@see self::of()}, and where there is no such start
     */
    public static function from(?string $start, Brief $brief, ?Plan $plan = null): Plan
    {
        return match ($start) {
            null => self::of($brief),
            self::PLAIN => Drafter::draft($brief),
            default => Specials::draft($start, $brief, $plan),
        };
    }

    /** @return list<array{id: string, words: string, why: string, adds: bool, suits: bool}> the plain way, then the starts */
    public static function offered(Area $area): array
    {
        return [[
            'id' => self::PLAIN,
            'words' => 'the plain way',
            'why' => 'Base, shade and light by the relief, as anywhere else.',
            'adds' => false,
            'suits' => false,
        ], ...Specials::offered($area)];
    }

    /** The start this area takes unasked; null where the plain way is the usual one. */
    public static function start(Brief $brief): ?string
    {
        $start = self::named($brief->area);
        $isWashed = in_array($start, self::WASHED, true) && !in_array($brief->way, self::WAYS_WITH_WASH, true);

        return $start === null || $isWashed || $brief->keepsSketch() || $brief->ladder->isAsked() ? null : $start;
    }

    private static function named(Area $area): ?string
    {
        $isOrb = $area->relief === Relief::Orb;
        foreach (self::CALLED as $start => $words) {
            if (preg_match($words, $area->name) !== 1) {
                continue;
            }
            $fits = match ($start) {
                'glow' => $area->material === Material::Glass,
                'lens', 'eye', 'gem' => $isOrb || $area->material === Material::Glass,
                'bone' => in_array($area->material, [Material::Bone, Material::Other, Material::Skin], true) && !$isOrb,
                default => in_array($area->material, [Material::Feather, Material::Other, Material::Cloth], true) && !$isOrb,
            };
            if ($fits) {
                return $start;
            }
        }

        return match (true) {
            $area->material === Material::Glass && $isOrb => 'gem',
            $area->material === Material::Bone && !$isOrb => 'bone',
            $area->material === Material::Feather && $area->relief !== Relief::Texture => 'feathers',
            $area->material === Material::Fur && $area->relief === Relief::Texture => 'fur',
            default => null,
        };
    }
}
