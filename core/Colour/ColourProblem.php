<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

use DomainException;

/** Raised for a colour that cannot be read or is outside its range. */
final class ColourProblem extends DomainException
{
    public static function notAColourText(string $given): self
    {
        return new self(
            sprintf('"%s" is not a colour: write #8a5a2b, or lightness, a and b as in 42.6 18.2 33.0.', mb_strimwidth($given, 0, 40, '…')),
        );
    }

    public static function labOutOfRange(string $given): self
    {
        return new self(
            sprintf(
                '"%s" is no colour a surface can have: lightness runs from 0 to 100, a and b from -128 to 128.',
                mb_strimwidth($given, 0, 40, '…'),
            ),
        );
    }

    public static function tooFewReadings(int $taken, int $least): self
    {
        return new self(sprintf('%d readings are too few: at least %d are needed to tell a wrong one.', $taken, $least));
    }

    public static function readingsDisagree(int $taken): self
    {
        return new self(
            sprintf(
                'The %d readings do not agree with each other: hold the reader flat on the middle of the field and read again.',
                $taken,
            ),
        );
    }

    public static function notAHexColour(string $given): self
    {
        return new self(
            sprintf('"%s" is not a colour: write # and six hexadecimal digits, as in #8a5a2b.', mb_strimwidth($given, 0, 40, '…')),
        );
    }

    /** @param list<string> $degrees */
    public static function notADegree(string $said, array $degrees): self
    {
        return new self(sprintf('"%s" is no degree of a difference: say one of %s.', $said, implode(', ', $degrees)));
    }

    public static function notDirections(): self
    {
        return new self('Say in one direction or two in which it differs, each once.');
    }

    /** @param list<string> $directions */
    public static function notADirection(string $said, array $directions): self
    {
        return new self(sprintf('"%s" is no way a colour can differ: say one of %s.', $said, implode(', ', $directions)));
    }

    public static function burntOut(): self
    {
        return new self('The paper is burnt out there: choose a spot that is a little darker, or take the picture again with less light.');
    }

    public static function notWhite(): self
    {
        return new self('This does not look like white paper: click on paper that the same light falls on.');
    }
}
