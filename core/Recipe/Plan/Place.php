<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

use Kalokroma\Film\Application;
use Kalokroma\Film\Face;
use Kalokroma\Film\Faces;
use Kalokroma\Undercoat\Spray;

/** Where on its area a step goes, as far as it departs from the usual place of its technique. */
final readonly class Place
{
    /** The parts that can be named, and the share of the area each is taken for. */
    public const PARTS = [
        '' => 1.0,
        'upper parts' => 0.5,
        'lower parts' => 0.5,
        'the upper third' => 0.33,
        'the upper two thirds' => 0.67,
        'the lower third' => 0.33,
        'the left' => 0.5,
        'the right' => 0.5,
        'the side of the light' => 0.5,
        'the side away from the light' => 0.5,
        'the middle' => 0.4,
        'the rims' => 0.2,
        'a few spots' => 0.1,
    ];

    /** Begins the name of a face that is left alone. */
    private const BUT = '-';

    public const LIGHTS = ['', 'from above', 'from the left', 'from the right', 'from the front', 'from below'];

    /**
     * @param Face|null $face this face alone; null for where the technique usually goes
     * @param string $part one of {@see self::PARTS}; empty for all of it
     * @param string $light one of {@see self::LIGHTS}; empty where it does not matter
     * @param float $share of that place which is touched, more than 0, at most 1
     * @param Spray|null $spray where a spray over the figure comes from
     * @param list<string> $on names of the areas it is for, where it goes over part of a figure
     * @param Face|null $but this face is left alone; null where none is
     *
     * @throws RecipeProblem
     */
    public function __construct(
        public ?Face $face = null,
        public string $part = '',
        public string $light = '',
        public float $share = 1.0,
        public ?Spray $spray = null,
        public array $on = [],
        public ?Face $but = null,
    ) {
        if (!($share > 0.0 && $share <= 1.0)) {
            throw RecipeProblem::shareOutOfRange($share);
        }
        if (!isset(self::PARTS[$part]) || !in_array($light, self::LIGHTS, true)) {
            throw RecipeProblem::noSuchPlace(trim($part.' '.$light));
        }
    }

    /**
     * @param string $face as {@see self::faceId()} says it
     *
     * @throws RecipeProblem
     */
    public static function said(string $face, string $part = '', string $light = '', float $share = 1.0): self
    {
        $isBut = str_starts_with($face, self::BUT);
        $its = Face::tryFrom(ltrim($face, self::BUT));

        return new self($isBut ? null : $its, $part, $light, $share, but: $isBut ? $its : null);
    }

    /**
     * The same of all faces but these: of two that are left alone it is the third.
     *
     * @param list<Face> $left
     */
    public function leaving(array $left): self
    {
        $left = $this->but === null || in_array($this->but, $left, true) ? $left : [...$left, $this->but];
        $painted = array_values(array_filter(Face::cases(), static fn (Face $f): bool => !in_array($f, $left, true)));
        $only = $this->face ?? (count($painted) === 1 ? $painted[0] : null);
        $but = $only === null && count($left) === 1 ? $left[0] : null;

        return new self($only, $this->part, $this->light, $this->share, $this->spray, $this->on, $but);
    }

    /** The face it is on, "-recess" for all but the recesses; empty for where its technique usually goes. */
    public function faceId(): string
    {
        return $this->face->value ?? ($this->but === null ? '' : self::BUT.$this->but->value);
    }

    /** @return array<string, string> what can be said of faces, by {@see self::faceId()} */
    public static function faces(): array
    {
        $found = [];
        foreach (Face::cases() as $face) {
            $found[$face->value] = $face->value;
        }
        foreach (Face::cases() as $face) {
            $found[self::BUT.$face->value] = (new self(but: $face))->words();
        }

        return $found;
    }

    /** Share of that place which is touched, percent, rounded to a tenth. */
    public function percent(): float
    {
        return round(100 * $this->share, 1);
    }

    /** A share told in percent, 0..1. */
    public static function shareOf(float $percent): float
    {
        return $percent / 100;
    }

    public function isUsual(): bool
    {
        return $this->words() === '';
    }

    /**
     * The quarters of the area it goes on. A light alone is a place too where it comes from one side or from below: two lights from two
     * sides are two zones.
     */
    public function zone(): Zone
    {
        $lit = match ($this->light) {
            'from the left' => Zone::of('left'),
            'from the right' => Zone::of('right'),
            'from below' => Zone::of('lower'),
            default => Zone::of('upper'),
        };

        return match ($this->part) {
            'upper parts', 'the upper third' => Zone::of('upper'),
            'lower parts', 'the lower third' => Zone::of('lower'),
            'the left' => Zone::of('left'),
            'the right' => Zone::of('right'),
            'the side of the light' => $lit,
            'the side away from the light' => $lit->opposite(),
            '' => in_array($this->light, ['from the left', 'from the right', 'from below'], true) ? $lit : Zone::all(),
            default => Zone::all(),
        };
    }

    /** Share touched of recess, plane and ridge, of the whole area. */
    public function coverage(Application $application): Faces
    {
        return $this->within($application)->times($this->zone()->share());
    }

    /** The same of its zone alone. */
    public function within(Application $application): Faces
    {
        $of = $this->face === null ? $application->coverage()->without($this->but) : Faces::only($this->face);
        $part = min(1.0, self::PARTS[$this->part] / $this->zone()->share());

        return $of->times($this->zone()->isAll() && $this->share !== 1.0 ? $this->share : $part * $this->share);
    }

    /** Share of the whole area, whatever face it is on, 0..1. */
    public function portion(): float
    {
        return self::PARTS[$this->part] * $this->share * ($this->part === '' ? $this->zone()->share() : 1.0);
    }

    /** The same place, of which only so much is touched. */
    public function scaled(float $by): self
    {
        $part = $this->zone()->isAll() && $this->share === 1.0 ? self::PARTS[$this->part] : $this->share;

        return new self($this->face, $this->part, $this->light, max(0.001, min(1.0, $part * $by)), $this->spray, $this->on, $this->but);
    }

    /** In a few words; empty where it is the usual place. */
    public function words(): string
    {
        $words = array_filter([
            match ($this->face) {
                Face::Recess => 'recesses only',
                Face::Plane => 'planes only',
                Face::Ridge => 'ridges only',
                null => match ($this->but) {
                    Face::Recess => 'all but the recesses',
                    Face::Plane => 'all but the planes',
                    Face::Ridge => 'all but the ridges',
                    null => '',
                },
            },
            $this->part,
            $this->light === '' ? '' : 'light '.$this->light,
            $this->share === 1.0 ? '' : sprintf('%.0f %% of it', $this->percent()),
            $this->spray?->words() ?? '',
            $this->on === [] ? '' : 'only '.implode(', ', array_map(mb_strtolower(...), $this->on)),
        ]);

        return implode(', ', $words);
    }
}
