<?php

declare(strict_types=1);

namespace Kalokroma\Film;

/** Where a paint's colour is known from, and how far predictions from it are to be trusted (± in CIEDE2000). */
enum ColourSource: string
{
    case Typed = 'typed';
    case Read = 'read';
    case Calibrated = 'calibrated';

    /** One paint at full hide. */
    public function single(): float
    {
        return match ($this) {
            self::Typed => Constants::TYPED_SINGLE,
            self::Read => Constants::READ_SINGLE,
            self::Calibrated => Constants::CALIBRATED_SINGLE,
        };
    }

    /** By how much a paint known so may count more strongly in a mix than it is taken to. */
    public function strength(): float
    {
        return $this === self::Calibrated ? Constants::CALIBRATED_STRENGTH : Constants::GUESSED_STRENGTH;
    }

    /** How far off the hiding of a coat may be, as a share of its thickness. */
    public function thickness(): float
    {
        return $this === self::Calibrated ? Constants::CALIBRATED_THICKNESS : Constants::GUESSED_THICKNESS;
    }

    /** From the free text of a shelf file; whatever does not speak of a reading counts as typed in. */
    public static function fromText(string $text): self
    {
        $plain = mb_strtolower(trim($text));

        return match (true) {
            in_array($plain, ['read', 'reader', 'colour reader', 'measured'], true) => self::Read,
            default => self::Typed,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Typed => 'typed in',
            self::Read => 'read with the colour reader',
            self::Calibrated => 'measured from a test swatch',
        };
    }
}
