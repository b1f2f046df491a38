<?php

declare(strict_types=1);

namespace Kalokroma\Scheme;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Oklch;
use Kalokroma\Colour\OnScreen;
use Kalokroma\Colour\Srgb;
use Kalokroma\Shelf\Mix;

/** A colour the shelf can make: a paint, or a whole-drop mix of two. */
final readonly class Choice
{
    public Oklch $oklch;

    public string $hex;

    /** The same paints in the same shares, in whatever order. */
    public string $key;

    public function __construct(public Mix $mix, public Lab $lab, public bool $metallic)
    {
        $shown = OnScreen::of($lab->toXyz());
        $this->key = $mix->key();
        $this->hex = $shown->toHex();
        $this->oklch = Srgb::fromHex($this->hex)->toOklch();
    }
}
