<?php

declare(strict_types=1);

namespace Kalokroma\Scheme;

use Kalokroma\Colour\Harmony;

/** A colour for every area that was left open, with what speaks for it. */
final readonly class Proposal
{
    /**
     * @param array<string, Choice> $choices by id of the area
     * @param int $pairs pairs of neighbours, and how many of them can be told apart
     * @param int $mixes colours of it that are mixed; the others come straight from a bottle
     * @param float $score the smaller the better
     * @param string|null $lead id of the area whose colour all others were proposed from; null where that one was kept already
     * @param bool $isKept whether it is what its harmony promises; no shelf has every hue
     */
    public function __construct(
        public Harmony $harmony,
        public array $choices,
        public int $pairs,
        public int $clear,
        public int $mixes,
        public float $score,
        public string $reason,
        public bool $isKept,
        public ?string $lead = null,
    ) {
    }

    /** With the colour that all was proposed from, where it was not kept before. */
    public function leading(string $area, Choice $choice): self
    {
        return new self(
            $this->harmony,
            [$area => $choice] + $this->choices,
            $this->pairs,
            $this->clear,
            $this->mixes + ($choice->mix->isSingle() ? 0 : 1),
            $this->score,
            $this->reason,
            $this->isKept,
            $area,
        );
    }
}
