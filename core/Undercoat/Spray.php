<?php

declare(strict_types=1);

namespace Kalokroma\Undercoat;

use Kalokroma\Film\Facings;

/** Where a spray comes from, and how much of it lands on what faces it. */
final readonly class Spray
{
    /** Sides it may come from; the first is all round the figure at its angle, the last every direction alike. */
    public const SIDES = ['', 'left', 'right', 'front', 'back', self::EVERYWHERE];
    public const EVERYWHERE = 'everywhere';

    /** The usual opening of a spray, degrees. */
    public const OPENING = 30.0;

    /** Strengths that have a name: coats, undiluted, on what faces the spray. */
    public const LIGHT_MIST = 0.1;
    public const MISTED = 0.5;
    public const USUAL = 1.0;
    public const HEAVY = 1.6;

    /**
     * @param float $degrees over the horizontal, −90 (straight from below) to 90 (straight from above)
     * @param string $side one of {@see self::SIDES}
     * @param float $strength coats on what faces it, 0.1 to 3
     *
     * @throws UndercoatProblem
     */
    public function __construct(public float $degrees, public string $side = '', public float $strength = self::USUAL)
    {
        if (!($degrees >= -90 && $degrees <= 90)) {
            throw UndercoatProblem::noAngle($degrees);
        }
        if (!in_array($side, self::SIDES, true)) {
            throw UndercoatProblem::noSide($side);
        }
        if (!($strength >= 0.1 && $strength <= 3.0)) {
            throw UndercoatProblem::noStrength($strength);
        }
    }

    /** "from 60° above", "misted from 35° below, from the left", "level, from the right". */
    public function words(): string
    {
        if ($this->side === self::EVERYWHERE) {
            return match (true) {
                $this->strength <= 0.3 => 'lightly misted over everything',
                $this->strength <= 0.7 => 'misted over everything',
                $this->strength >= 1.4 => 'heavily over everything',
                default => 'over everything',
            };
        }
        $from = abs($this->degrees) < 0.5
            ? 'level'
            : sprintf('from %.0f° %s', abs($this->degrees), $this->degrees > 0 ? 'above' : 'below');

        return ($this->strength <= 0.7 ? 'misted ' : ($this->strength >= 1.4 ? 'heavily ' : ''))
            .$from.($this->side === '' ? '' : ', from the '.$this->side);
    }

    /** @return list<array{words: string, degrees: float|null, side: string}> heights on offer; without degrees it goes all over */
    public static function heights(): array
    {
        $height = static fn (string $words, ?float $degrees, string $side = ''): array =>
            ['words' => $words, 'degrees' => $degrees, 'side' => $side];

        return [
            $height('all over', null),
            $height('straight from above', 90.0),
            $height('steeply from above, 75°', Ground::STEEP_ANGLE),
            $height('from above, 60°', Ground::ANGLE),
            $height('low from above, 35°', Ground::LOW_ANGLE),
            $height('level', 0.0),
            $height('from below, 35°', -Ground::LOW_ANGLE),
            $height('straight from below', -90.0),
            $height('over everything, thinly', 0.0, self::EVERYWHERE),
        ];
    }

    /** @return list<array{id: string, words: string}> */
    public static function sides(): array
    {
        return [
            ['id' => '', 'words' => 'all round'],
            ['id' => 'left', 'words' => 'from the left'],
            ['id' => 'right', 'words' => 'from the right'],
            ['id' => 'front', 'words' => 'from the front'],
            ['id' => 'back', 'words' => 'from the back'],
        ];
    }

    /** @return list<array{words: string, coats: float}> */
    public static function strengths(): array
    {
        return [
            ['words' => 'a light mist', 'coats' => self::LIGHT_MIST],
            ['words' => 'misted', 'coats' => self::MISTED],
            ['words' => 'as usual', 'coats' => self::USUAL],
            ['words' => 'heavily', 'coats' => self::HEAVY],
        ];
    }

    /** As it is kept and told apart. */
    public function id(): string
    {
        $side = $this->side === '' ? '' : '/'.$this->side;

        return sprintf('%g%s%s', $this->degrees, $side, $this->strength === 1.0 ? '' : '*'.$this->strength);
    }

    /**
     * Film on what faces up, to each side and down, as shares of that on a surface facing the spray.
     *
     * @return array<string, float> as {@see Facings::landed()}
     */
    public function landed(float $opening = self::OPENING): array
    {
        return $this->side === self::EVERYWHERE
            ? array_fill_keys(['above', 'below', ...array_keys(Facings::SIDES)], 1.0)
            : Facings::landed($this->degrees, $opening, $this->side);
    }

    /** Share of a figure's surface that it covers, as if all of it faced the spray. */
    public function onAll(): float
    {
        return Facings::onAll($this->landed());
    }

    public function is(?self $other): bool
    {
        return $other !== null && $this->id() === $other->id();
    }
}
