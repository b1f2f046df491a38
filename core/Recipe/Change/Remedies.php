<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Change;

use Kalokroma\Colour\Oklch;
use Kalokroma\Film\Face;
use Kalokroma\Recipe\Draft\StepWish;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\Scope;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Word\Finding;

/** What helps against each mishap, from what lies there. */
final readonly class Remedies
{
    /** Share of the area that a mishap usually touches: starting values of our own. */
    private const TOUCHED = [
        'spilled-wash' => 0.15, 'tide-mark' => 0.15, 'chalky' => 0.5, 'blotch' => 0.6,
        'slip' => 0.05, 'lost-detail' => 0.3, 'lifted-ground' => 0.1, 'frosted' => 1.0,
    ];

    /** A mark that differs by less (CIEDE2000) than this from what is meant is not worth a step. */
    public const SEEN = 2.0;

    private Place $spot;

    private function __construct(private Scene $scene, private Mishap $mishap)
    {
        $this->spot = self::spot($mishap);
    }

    public static function against(Mishap $mishap, Scene $scene): Remedy
    {
        $remedies = new self($scene, $mishap);

        return match ($mishap) {
            Mishap::SpilledWash => $remedies->spilledWash(),
            Mishap::TideMark => $remedies->tideMark(),
            Mishap::Chalky => $remedies->chalky(),
            Mishap::Blotch => $remedies->blotch(),
            Mishap::Slip => $remedies->slip(),
            Mishap::LostDetail => $remedies->lostDetail(),
            Mishap::LiftedGround => $remedies->liftedGround(),
            Mishap::Frosted => $remedies->frosted(),
        };
    }

    /** Share of the area that suffered, 0..1. */
    public static function touched(Mishap $mishap): float
    {
        return self::TOUCHED[$mishap->value];
    }

    public static function spot(Mishap $mishap): Place
    {
        return new Place(null, '', '', self::touched($mishap));
    }

    /**
     * The place painted as it was, and what that takes.
     *
     * @param array<string, string|int|float> $facts
     */
    private function repaired(string $template, array $facts): Remedy
    {
        $steps = $this->scene->again('tidy', $this->spot);
        $coats = $this->scene->repairCoats($steps);

        return $this->remedy(Remedy::NOW, $template.self::dear($coats), [...$facts, 'coats' => $coats], $steps);
    }

    /** What is said where a repair takes many coats: something that hides the spot may be cheaper. */
    public static function dear(int $coats): string
    {
        return $coats < Defaults::MANY_COATS ? ''
            : ' That takes {coats} coats. A chip, a scratch or a smear of dirt hides it too.';
    }

    private function spilledWash(): Remedy
    {
        return $this->repaired(
            'A wet wash comes off with a clean damp brush; once dry it is {off} from the colour beside it, and a '
                .'spilled wash dulls matt paint: it has to be painted over.',
            ['off' => $this->scene->moved()],
        );
    }

    private function tideMark(): Remedy
    {
        $off = $this->scene->moved();
        if ($off < self::SEEN) {
            return $this->remedy(
                Remedy::LATER,
                'The mark differs by {off} at most, below {seen}: it is hardly seen.',
                ['off' => $off, 'seen' => self::SEEN],
            );
        }
        $place = new Place(Face::Plane, '', '', self::touched($this->mishap));

        return $this->remedy(
            Remedy::LATER,
            'A tide mark is dry and cannot be drawn out again ({off} from the plane beside it): a thin glaze of the base levels it.',
            ['off' => $off],
            [
                $this->scene->step(
                    'level',
                    Technique::Glaze,
                    $this->scene->before(),
                    'A glaze of the colour below, over the ring and past it, with medium.',
                    $place,
                    null,
                ),
            ],
        );
    }

    private function chalky(): Remedy
    {
        [$before, $after] = [$this->scene->before(Face::Ridge), $this->scene->after(Face::Ridge)];
        $between = new Oklch(($after->lightness + $before->lightness) / 2, max($before->chroma, $after->chroma), $before->hue);
        $look = $this->scene->now->look;

        return $this->remedy(
            Remedy::NOW,
            'The ridge jumped {jump} in lightness at this step: a thin glaze of the hue below pulls it back in line.',
            ['jump' => $look->after->ridge->toLab()->l - $look->below->ridge->toLab()->l],
            [
                $this->scene->step(
                    'glaze',
                    Technique::Glaze,
                    $between,
                    'A glaze between the two tones joins them.',
                    new Place(Face::Ridge),
                    null,
                ),
            ],
        );
    }

    private function blotch(): Remedy
    {
        $planes = new Place(Face::Plane);

        return $this->remedy(
            Remedy::NOW,
            'On {relief} a wash has nowhere to run: it is {off} off on the plane. The base goes over it again, '
                .'and the shade is painted in.',
            ['relief' => $this->scene->area->relief->words(), 'off' => $this->scene->moved()],
            [
                ...$this->scene->again('base', $planes, false),
                $this->scene->step(
                    'shade',
                    Technique::ShadeLayer,
                    $this->scene->after(Face::Recess),
                    'The shade painted in and feathered, instead of washed.',
                    new Place(),
                    null,
                ),
            ],
        );
    }

    private function slip(): Remedy
    {
        return $this->repaired(
            'Fix a slip of {off} while the colour beside it is on the palette; later it is forgotten.',
            ['off' => $this->scene->moved()],
        );
    }

    private function lostDetail(): Remedy
    {
        $after = $this->scene->now->look->after;
        $dark = $this->scene->after(Face::Recess);
        $darker = (new Oklch(max(0.12, $dark->lightness * 0.6), $dark->chroma, $dark->hue))->onScreen();

        return $this->remedy(
            Remedy::LATER,
            'After {coats, plural, one {# coat} other {# coats}} the recess is no deeper than the plane ({depth} in '
                .'lightness): a line brings the drawing back.',
            ['coats' => $this->scene->coats(), 'depth' => abs($after->plane->toLab()->l - $after->recess->toLab()->l)],
            [$this->scene->step('line', Technique::Lining, $darker, 'A dark line where the detail was.')],
        );
    }

    private function liftedGround(): Remedy
    {
        $ground = $this->scene->ground;
        $over = fn (string $name, Technique $technique, Oklch $target, string $why, ?int $coats): StepWish => new StepWish(
            $technique,
            $target,
            new Finding('mend.'.$name, '{why}', ['why' => $why]),
            new Scope($this->spot, level: Level::Fieldable),
            $coats,
        );
        $tone = Oklch::fromLab($ground->plane->toLab());

        return $this->remedy(Remedy::NOW, 'Bare material shows: nothing holds there, and every coat above would lift again.', [], [
            $this->scene->groundOver(
                $ground,
                'ground',
                $over('ground', Technique::UndercoatRepair, $tone, 'Ground of the same tone, by brush, an hour to dry.', 1),
            ),
            ...$this->scene->again('base', $this->spot),
        ]);
    }

    private function frosted(): Remedy
    {
        $look = $this->scene->now->look;

        return $this->remedy(
            Remedy::NOW,
            'Frost is damp caught in matt varnish: the planes look {paler} paler than they are. A gloss coat wets it '
                .'through, then a matt one on a dry day.',
            ['paler' => max(0.0, $look->after->plane->toLab()->l - $look->below->plane->toLab()->l)],
            [
                $this->scene->step('gloss', Technique::GlossVarnish, null, 'Gloss fills the frosted surface and makes it clear again.'),
                $this->scene->step('matt', Technique::MattVarnish, null, 'Matt again, below 65 % humidity.'),
            ],
        );
    }

    /**
     * @param array<string, string|int|float> $facts
     * @param list<PlannedStep> $steps
     */
    private function remedy(string $when, string $template, array $facts, array $steps = []): Remedy
    {
        return new Remedy($when, new Finding('mend.'.$this->mishap->value, $template, $facts), $steps);
    }
}
