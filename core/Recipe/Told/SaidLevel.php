<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Recipe\Technique\Level;

/** Level of finish it belongs. */
final class SaidLevel
{
    private const NAMES = '(fieldable|tabletop|finished|showpiece|display)';

    public static function taken(Phrase $phrase): ?Level
    {
        $said = $phrase->take('\b(?:up to|only for|for|level:?) (?:the |a )?'.self::NAMES.'(?: level| only)?\b')
            ?? $phrase->take('\b(fieldable|showpiece|tabletop|display)(?: level)? only\b');

        return match ($said[1] ?? '') {
            'fieldable', 'tabletop' => Level::Fieldable,
            'finished' => Level::Finished,
            'showpiece', 'display' => Level::Showpiece,
            default => null,
        };
    }
}
