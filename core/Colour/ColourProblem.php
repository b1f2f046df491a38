<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

use DomainException;

/** Raised for a colour that cannot be read or is outside its range. */
final class ColourProblem extends DomainException
{
    public static function notAHexColour(string $given): self
    {
        return new self(sprintf('"%s" is not a colour: write # and six hexadecimal digits, as in #8a5a2b.', mb_strimwidth($given, 0, 40, '…')));
    }
}
