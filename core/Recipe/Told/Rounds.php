<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Recipe\Plan\Loop;

/** How often it is done: coats and passes, or rounds until it is good enough. */
final readonly class Rounds
{
    /** Rounds of a loop that nobody counted: "again and again until it is bright enough". */
    private const UNCOUNTED = 3;

    /** Letters of a test of when it is enough. */
    private const LONGEST_EXIT = 120;

    private const COATS = '(?:coats?|passes|pass|layers|times|x|goes)';

    /**
     * @param int|null $coats null where nobody counted
     * @param int $rounds 0 where it is no loop
     * @param string $exit how to tell that it is enough
     * @param bool $again whether the step before is done once more
     * @param string $more name of the paint of which there is more each time; empty where none is said
     */
    private function __construct(
        public ?int $coats,
        public int $rounds,
        public string $exit,
        public bool $smaller,
        public bool $again,
        public string $more,
    ) {
    }

    public static function taken(Phrase $phrase): self
    {
        $until = $phrase->take('\b(?:again and again |and again |repeat(?:ed)? |again )?until (?:it is |it\'s )?([^,;:.'.Phrase::GAP.']+)');
        $again = $phrase->take('\b(?:and )?(?:again and again|over and over|once more|repeat(?:ed)?|again)\b') !== null
            || ($until !== null && preg_match('/again|repeat/', $until[0]) === 1);
        $smaller = $phrase->take(
            '\b(?:each(?: one| time)? (?:a little |a bit )?smaller|(?:always |ever )?smaller (?:each|every) (?:time|round)|smaller '
                .'and smaller)'
                .'(?: than the last)?\b',
        ) !== null;
        $more = $phrase->take('\b(?:a little |a bit )?more (⟦\d+⟧|[a-z][a-z \'-]*?) (?:each|every) (?:time|round|layer)\b');
        $coats = self::coats($phrase);
        $isLoop = $until !== null || $smaller || $more !== null || ($again && $coats !== null && $coats > 1);
        $count = $coats === null ? self::UNCOUNTED : max(2, min(Loop::MOST_ROUNDS, $coats));

        return new self(
            $isLoop ? null : $coats,
            $isLoop ? $count : 0,
            mb_substr(trim($until[1] ?? '', ' .'), 0, self::LONGEST_EXIT),
            $smaller,
            $again || $until !== null || $more !== null,
            $more[1] ?? '',
        );
    }

    private static function coats(Phrase $phrase): ?int
    {
        $range = $phrase->take('\b'.Phrase::NUMBER.'\s*(?:-|–|to|or)\s*'.Phrase::NUMBER.'\s+(?:thin |more |further )*'.self::COATS.'\b');
        if ($range !== null) {
            $phrase->note(sprintf('%d to %d %s', Phrase::number($range[1]), Phrase::number($range[2]), self::unit($range[0])));

            return min(Handling::MOST_COATS, Phrase::number($range[2]));
        }
        $some = $phrase->take('\b(?:several|a few|some|a couple of|many)\s+((?:very )?thin |more |further )*'.self::COATS.'\b');
        if ($some !== null) {
            $phrase->note($some[0]);

            return null;
        }
        $said = $phrase->take('\b(?:in )?'.Phrase::NUMBER.'\s*(?:very )?(?:thin |more |further |even )*'.self::COATS.'\b|'
            .'\bx\s?(\d{1,2})\b|\btwice\b|\bthrice\b');
        if ($said === null) {
            return null;
        }
        $count = match (true) {
            $said[0] === 'twice' => 2,
            $said[0] === 'thrice' => 3,
            ($said[2] ?? '') !== '' => (int) $said[2],
            default => Phrase::number($said[1]),
        };
        if (str_contains($said[0], 'thin')) {
            $phrase->note('thin');
        }

        return max(1, min(Handling::MOST_COATS, $count));
    }

    private static function unit(string $said): string
    {
        return preg_match('/('.self::COATS.')$/', $said, $m) === 1 ? $m[1] : 'coats';
    }
}
