<?php

declare(strict_types=1);

namespace Kalokroma\Bench;

use Kalokroma\Shelf\Mix;

/** One thing to fetch before a sitting. */
final readonly class FetchItem
{
    public const PAINT = 'paint';
    public const MIX = 'mix';
    public const BRUSH = 'brush';
    public const METAL = 'metal';
    public const TOOL = 'tool';
    public const SOLVENT = 'solvent';
    public const GEAR = 'gear';

    /**
     * @param string $key unlike that of any other thing of the list, the same whenever it is made again
     * @param string $kind one of the constants
     * @param list<string> $notes where it stands, that it wants shaking, that it is thick or nearly empty
     * @param string $short what is missing of it, which is among the notes too; empty for nothing
     * @param Mix|null $mix in whose colour it is shown; null for what has none
     */
    public function __construct(
        public string $key,
        public string $kind,
        public string $words,
        public array $notes = [],
        public ?Mix $mix = null,
        public string $short = '',
    ) {
    }
}
