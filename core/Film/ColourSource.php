<?php

declare(strict_types=1);

namespace Kalokroma\Film;

/** Where a paint's colour is known from, and how far predictions from it are to be trusted (± in CIEDE2000). */
enum ColourSource: string
{
    case Guessed = 'guessed';
    case Pictured = 'pictured';
    case Typed = 'typed';
    case Read = 'read';
    case Calibrated = 'calibrated';

    /** A picture whose light nobody set: no better than a guess. */
    public const BY_LAMP = 'from a picture without white';

    /** One paint at full hide. */
    public function single(): float
    {
        return match ($this) {
            self::Guessed => Constants::GUESSED_SINGLE,
            self::Pictured => Constants::PICTURED_SINGLE,
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
            in_array($plain, ['guess', 'guessed', self::Guessed->text(), self::BY_LAMP], true) => self::Guessed,
            in_array($plain, ['picture', 'pictured', self::Pictured->text()], true) => self::Pictured,
            in_array($plain, ['read', 'reader', 'colour reader', 'measured'], true) => self::Read,
            default => self::Typed,
        };
    }

    /** What stands for it in the free text of a shelf file. */
    public function text(): string
    {
        return match ($this) {
            self::Guessed => 'guessed from words',
            self::Pictured => 'from a picture',
            self::Typed => '',
            self::Read => 'read',
            self::Calibrated => 'measured',
        };
    }

    /** Whether the next better way of knowing the colour is worth asking for. */
    public function isGuess(): bool
    {
        return $this === self::Guessed || $this === self::Pictured;
    }

    public function words(): string
    {
        return match ($this) {
            self::Guessed => 'guessed from words',
            self::Pictured => 'taken from a picture',
            self::Typed => 'typed in',
            self::Read => 'read with the colour reader',
            self::Calibrated => 'measured from a test swatch',
        };
    }
}
