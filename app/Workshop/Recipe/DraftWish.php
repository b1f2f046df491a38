<?php

declare(strict_types=1);

namespace App\Workshop\Recipe;

use Kalokroma\Colour\ColourProblem;
use Kalokroma\Colour\Oklch;
use Kalokroma\Colour\Srgb;
use Kalokroma\Recipe\Draft\UsualDraft;
use Kalokroma\Recipe\Plan\LadderWish;
use Kalokroma\Recipe\Technique\Way;

/** What is asked of a draft. */
final readonly class DraftWish
{
    /** `#rrggbb` in small letters */
    public string $hex;

    /**
     * @param string $colour `#rrggbb`
     * @param string|null $start a special start instead of the usual draft, or added to it
     *
     * @throws ColourProblem
     */
    public function __construct(string $colour, public Way $way, public LadderWish $ladder = new LadderWish(), public ?string $start = null)
    {
        $this->hex = Srgb::fromHex($colour)->toHex();
    }

    public function intended(): Oklch
    {
        return Srgb::fromHex($this->hex)->toOklch();
    }

    /** What it did, in a few words, for undoing. */
    public function words(): string
    {
        return match ($this->start) {
            null => 'drafted '.$this->way->words(),
            UsualDraft::PLAIN => 'drafted the plain way',
            default => 'drafted: '.$this->start,
        };
    }
}
