<?php

declare(strict_types=1);

namespace App\Devices;

use Kalokroma\Colour\Lab;
use Kalokroma\Shelf\Paint;

/** What a reader was asked to be laid on. */
final readonly class Spot
{
    public const CARD_BLACK = 'card-black';
    public const CARD_WHITE = 'card-white';
    public const SWATCH_BLACK = 'swatch-black';
    public const SWATCH_WHITE = 'swatch-white';
    public const FIELDS = [self::CARD_BLACK, self::CARD_WHITE, self::SWATCH_BLACK, self::SWATCH_WHITE];

    private function __construct(public string $field, public ?Paint $paint, public float $load, public ?Lab $thing)
    {
    }

    /** @param float $load pigment load of the one coat on the card, 0 < load ≤ 1 */
    public static function onTheCard(string $field, Paint $paint, float $load): self
    {
        return new self($field, $paint, $load, null);
    }

    public static function onThing(Lab $colour): self
    {
        return new self('thing', null, 1.0, $colour);
    }
}
