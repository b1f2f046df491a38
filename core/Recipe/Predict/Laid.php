<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Predict;

use Kalokroma\Film\ColourSource;
use Kalokroma\Film\Sheen;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Mix;

/** What lies on an area at one moment: its look, how sure that is, how it shines, and what some films lie on. */
final readonly class Laid
{
    /**
     * @param float $certainty ± CIEDE2000
     * @param array<string, Surface> $beneath by technique: the look below its last film
     * @param Mix|null $loaded what the brush held last
     */
    private function __construct(
        public Surface $surface,
        public float $certainty,
        public Sheen $sheen,
        private array $beneath,
        public ?Mix $loaded = null,
    ) {
    }

    /** @param float|null $certainty ± of the ground (CIEDE2000); null for a typed-in one */
    public static function ground(Surface $surface, ?float $certainty = null): self
    {
        return new self($surface, $certainty ?? ColourSource::Typed->single(), Sheen::Matt, []);
    }

    public function after(PlannedStep $step, Surface $look, float $certainty): self
    {
        if ($step->technique === Technique::Stripping) {
            return self::ground($look, $certainty);
        }
        $sheen = match (true) {
            $step->technique->facts()->sheen !== null && $step->technique !== Technique::GlossSpot => $step->technique->facts()->sheen,
            $step->technique->isBase() && $step->load->mix !== null => $step->load->mix->first()->sheen,
            default => $this->sheen,
        };

        $beneath = [...$this->beneath, $step->technique->value => $this->surface];

        return new self($look, $certainty, $sheen, $beneath, $step->isFilm() ? $step->load->mix : $this->loaded);
    }

    /** The look below the film that this technique takes off again; null where there is none. */
    public function beneath(Technique $technique): ?Surface
    {
        foreach ($technique->facts()->reveals as $revealed) {
            if (isset($this->beneath[$revealed->value])) {
                return $this->beneath[$revealed->value];
            }
        }

        return null;
    }
}
