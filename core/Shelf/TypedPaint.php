<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

use Kalokroma\Film\ColourSource;

/** One line of a shelf as a painter keeps it, and what was understood of it. */
final readonly class TypedPaint
{
    /**
     * @param int $line where it stands, from 1 on
     * @param string $said the line as it was typed
     * @param string $range the maker's range; empty where none was told
     * @param string|null $hex `#rrggbb`: full hide, or one coat over white for stain, wash and ink; null where nothing tells
     * @param string $from the words the colour was guessed from; empty where it was given in figures
     * @param float|null $bottleMl millilitres of a full bottle; null where nobody said
     * @param float|null $leftMl millilitres left; null where nobody said
     * @param string $notes what was not understood, kept as it stands
     * @param bool $isUnsure whether the colour was guessed from a name that may not mean it
     * @param string $doubt what has to be told before it can be kept; empty where nothing is missing
     */
    public function __construct(
        public int $line,
        public string $said,
        public string $name,
        public string $range,
        public Behaviour $behaviour,
        public ?string $hex,
        public ColourSource $source,
        public string $from = '',
        public ?float $bottleMl = null,
        public ?float $leftMl = null,
        public ?int $bottles = null,
        public bool $owned = true,
        public string $notes = '',
        public bool $isUnsure = false,
        public string $doubt = '',
    ) {
    }
}
