<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Scheme\EdgeTint;

/** What the painter wants of the ladder of an area. */
final readonly class LadderWish
{
    /** The most steps that may be asked for each way. */
    public const MOST_STEPS = 4;

    /** At this height, mm, the ladders are as their tables say: larger figures want less contrast. */
    public const USUAL_MM = 28.0;

    /** Share of its contrast that a figure of 75 mm keeps: at 28 mm about a third more is painted. */
    private const KEEPS = 0.75;
    private const LARGE_MM = 75.0;

    /**
     * @param bool $mixed rungs mixed between two or three paints instead of the nearest paint for each
     * @param bool $insist white even over red, although it turns pink
     * @param int|null $shades how many, 0 to 4; null for as many as the finish asks
     * @param int|null $highlights the same
     * @param Level $finish how far the area is brought
     * @param GivenLadder|null $given a ladder taken over whole
     * @param float $heightMm of the figure
     * @param EdgeTint|null $edge to which side its edges lean, or the shades of a white; null for none
     * @param bool $glazedLights in glazed blends: lights in glazes too, not only shades
     * @param float $edgeShare of the usual contrast that its lights have, 0 < share ≤ 1
     */
    public function __construct(
        public Contrast $contrast = Contrast::Clear,
        public LightToward $light = LightToward::Neighbour,
        public ShadeToward $shade = ShadeToward::Neighbour,
        public bool $mixed = false,
        public bool $insist = false,
        public ?int $shades = null,
        public ?int $highlights = null,
        public Level $finish = Level::Finished,
        public ?GivenLadder $given = null,
        public float $heightMm = self::USUAL_MM,
        public ?EdgeTint $edge = null,
        public float $edgeShare = 1.0,
        public bool $glazedLights = false,
    ) {
    }

    /** The same with these mixes instead of what would be chosen. */
    public function taking(?GivenLadder $given): self
    {
        return $this->with(['given' => $given]);
    }

    /** The same for a figure of this height, mm. */
    public function at(float $heightMm): self
    {
        return $this->with(['heightMm' => $heightMm]);
    }

    /** The same with edges that lean to a side, where others of nearly its colour stand beside it. */
    public function edged(?EdgeTint $edge, float $share): self
    {
        return $this->with(['edge' => $edge, 'edgeShare' => $share]);
    }

    /** Multiple of the usual steps of lightness: what was asked for, and what the height of the figure wants. */
    public function contrast(): float
    {
        return $this->contrast->factor() * $this->byHeight();
    }

    /** 1 up to 28 mm, falling evenly to three quarters at 75 mm. */
    public function byHeight(): float
    {
        $way = max(0.0, min(1.0, ($this->heightMm - self::USUAL_MM) / (self::LARGE_MM - self::USUAL_MM)));

        return 1.0 - (1.0 - self::KEEPS) * $way;
    }

    /** Whether so many shades or lights were asked for, or a ladder taken over: then nothing else decides about them. */
    public function isAsked(): bool
    {
        return $this->shades !== null || $this->highlights !== null || $this->given !== null;
    }

    /** @param array<string, mixed> $changes by the names of its properties */
    private function with(array $changes): self
    {
        /**
         * @var array{
         *   contrast: Contrast, light: LightToward, shade: ShadeToward, mixed: bool, insist: bool, shades: int|null,
         *   highlights: int|null, finish: Level, given: GivenLadder|null, heightMm: float, edge: EdgeTint|null, edgeShare: float,
         *   glazedLights: bool,
         * } $all
         */
        $all = [...get_object_vars($this), ...$changes];

        return new self(...$all);
    }
}
