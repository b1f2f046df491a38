<?php

declare(strict_types=1);

namespace Kalokroma\Scheme;

/** Two neighbours, and whether they can be told apart from a distance. */
final readonly class Pair
{
    /** From this ratio on most people still tell them apart, though not at a glance. */
    private const WEAK_FROM = 0.6;

    /** Below this lightness (CIELAB) both are blacks or near it. */
    private const DARK_BELOW = 30.0;

    /** Where more lightness than this is needed, the area is too small to be read at all. */
    private const READABLE = 70.0;

    /**
     * @param float $lightness CIELAB difference, without sign
     * @param float $chroma CIELAB difference, without sign
     * @param float $hue degrees between them, 0..180; 0 where one has no hue
     * @param float $sizeMm smaller side of the smaller area
     * @param float $needs difference in lightness alone that everybody would notice
     * @param float $ratio of the difference to what is needed
     * @param bool $alike whether the painter means them to run together
     */
    public function __construct(
        public Coloured $one,
        public Coloured $other,
        public float $lightness,
        public float $chroma,
        public float $hue,
        public float $sizeMm,
        public float $needs,
        public float $ratio,
        public bool $alike = false,
    ) {
    }

    /** clear, weak, lost, or small: too small to be read from here in any colours. */
    public function verdict(): string
    {
        return match (true) {
            $this->isClear() => 'clear',
            $this->needs > self::READABLE => 'small',
            $this->ratio >= self::WEAK_FROM => 'weak',
            default => 'lost',
        };
    }

    public function isClear(): bool
    {
        return $this->alike || $this->ratio >= 1.0;
    }

    /**
     * What parts two areas of nearly one colour without another colour: a line between them, or edges of two tints.
     *
     * @param EdgeTint $one the tint that edges of the first would have, or have
     */
    public function withoutColour(EdgeTint $one, EdgeTint $other): string
    {
        return sprintf(
            '%s: edges that lean to %s on %s and to %s on %s, or a dark line between them.',
            max($this->one->lab->l ?? 100.0, $this->other->lab->l ?? 100.0) < self::DARK_BELOW
                ? 'Two darks keep their colours' : 'Without another colour',
            $one->words(),
            mb_strtolower($this->one->area->name),
            $other->words(),
            mb_strtolower($this->other->area->name),
        );
    }

    /** What is there and what is missing, in a sentence. */
    public function sentence(float $metres): string
    {
        $there = sprintf('Lightness %.1f apart, strength %.1f, hue %.0f°', $this->lightness, $this->chroma, $this->hue);
        if ($this->verdict() === 'small') {
            return sprintf('%s; %.1f mm is too small to be read from %g m in any colours.', $there, $this->sizeMm, $metres);
        }

        return sprintf(
            '%s; seen %.1f mm wide from %g m, %.0f in lightness alone would be needed: %s.',
            $there,
            $this->sizeMm,
            $metres,
            $this->needs,
            $this->alike ? 'meant alike' : ($this->ratio >= 1.0 ? sprintf(
                'together %.1f times what is needed',
                $this->ratio,
            ) : sprintf('too close, %.0f %% of what is needed', 100 * $this->ratio)),
        );
    }
}
