<?php

declare(strict_types=1);

namespace Kalokroma\Shelf\Typed;

use Kalokroma\Colour\SaidColour;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Form;
use Kalokroma\Shelf\SaidBehaviour;
use Kalokroma\Word\Finding;

/** What of a line may be meant otherwise, so that everything worked out later would be another. */
final class PotAsking
{
    /** Colours in which primers come: a can of one of these that says nothing else is taken for a primer. */
    private const NEUTRAL = '/\b(?:black|white|grey|gray)\b/iu';

    /**
     * @param list<string> $cells of the line; empty for a row of a table
     *
     * @return list<PotQuestion>
     */
    public static function of(string $said, PotTold $told, Behaviour $behaviour, Form $form, array $cells): array
    {
        $isOpen = $told->behaviour === null && !self::isPaint($said, $told);

        return array_values(array_filter([
            $isOpen && $form === Form::SprayCan && preg_match(self::NEUTRAL, $said) !== 1 ? self::can($said) : null,
            $isOpen && $told->isForRecesses ? self::recesses($said) : null,
            self::several($said, $cells),
        ]));
    }

    /** Glue and the like: on the shelf it would count as paint. */
    public static function other(string $said): PotQuestion
    {
        return new PotQuestion(new Finding('shelf.ask-other', 'Is "{said}" something to paint with?', ['said' => $said]), [
            ['words' => 'no, leave it out', 'line' => ''],
            ['words' => 'yes, a medium', 'line' => $said.', medium'],
        ]);
    }

    /** Whether a can without a word of what it is counts as primer unasked. */
    public static function isPrimer(string $said, PotTold $told, ?Form $form): bool
    {
        $isOpen = $told->behaviour === null && !self::isPaint($said, $told);

        return $isOpen && $form === Form::SprayCan && preg_match(self::NEUTRAL, $said) === 1;
    }

    private static function isPaint(string $said, PotTold $told): bool
    {
        return $told->isPaint || preg_match('/\b(?:paint|colou?r)\b/iu', $said) === 1;
    }

    private static function can(string $said): PotQuestion
    {
        return new PotQuestion(new Finding('shelf.ask-can', 'A primer, or paint in a can?', []), [
            ['words' => 'a primer', 'line' => $said.', primer'],
            ['words' => 'paint', 'line' => $said.', paint'],
        ]);
    }

    private static function recesses(string $said): PotQuestion
    {
        return new PotQuestion(new Finding('shelf.ask-recesses', 'A wash, or covering paint?', []), [
            ['words' => 'a wash', 'line' => $said.', wash'],
            ['words' => 'covering paint', 'line' => $said.', covering'],
        ]);
    }

    /**
     * Several names with commas between them, shades of one colour, several metals: several pots on one line.
     *
     * @param list<string> $cells
     */
    private static function several(string $said, array $cells): ?PotQuestion
    {
        $pots = self::names($said, $cells) ?? self::shades($cells) ?? self::runOn($cells[0] ?? '');

        if ($pots === null) {
            return null;
        }

        return new PotQuestion(new Finding('shelf.ask-several', 'One pot, or {count}?', ['count' => count($pots)]), [
            ['words' => count($pots).' pots', 'line' => implode("\n", $pots)],
            ['words' => 'one', 'line' => '"'.trim((string) preg_replace('/[,+]\s*/u', ' ', str_replace('"', '', $said))).'", paint'],
        ]);
    }

    /**
     * @param list<string> $cells
     *
     * @return list<string>|null
     */
    private static function names(string $said, array $cells): ?array
    {
        $isName = static fn (string $cell): bool => preg_match('/\d/', $cell) !== 1
            && (SaidBehaviour::named($cell) === Behaviour::Metallic || SaidColour::read($cell) !== null)
            && array_filter((new PotCell($cell))->spans, static fn (PotSpan $s): bool => $s->means !== 'metallic') === [];
        $isMetals = array_filter($cells, static fn (string $c): bool => SaidBehaviour::named($c) === Behaviour::Metallic) === $cells;
        $isList = count($cells) >= ($isMetals ? 2 : 3) && array_filter($cells, $isName) === $cells;

        return $isList && preg_match('/[\t;|–—:]| - |\bpaint\b/u', $said) !== 1 ? $cells : null;
    }

    /**
     * "Greys: light, mid, dark".
     *
     * @param list<string> $cells
     *
     * @return list<string>|null
     */
    private static function shades(array $cells): ?array
    {
        $of = (string) array_shift($cells);
        $isManner = static fn (string $c): bool => preg_match('/^(?:very )?(\pL+)$/u', mb_strtolower($c), $m) === 1
            && SaidColour::knows($m[1]) && !SaidColour::isColour($m[1]);
        if (count($cells) < 2 || array_filter($cells, $isManner) !== $cells) {
            return null;
        }

        $one = mb_strtolower((string) preg_replace('/(?<=[^s])s$/u', '', $of));

        return array_map(static fn (string $c): string => $c.' '.$one, $cells);
    }

    /**
     * "Steel gold copper", "flesh + dark flesh", "brown wash black wash".
     *
     * @return list<string>|null
     */
    private static function runOn(string $name): ?array
    {
        $parts = preg_split('/\s+[+&]\s+/u', $name) ?: [];
        if (count($parts) > 1 && array_filter($parts, static fn (string $p): bool => SaidColour::read($p) !== null) === $parts) {
            return $parts;
        }
        $words = preg_split('/\s+/u', trim($name)) ?: [];
        $isMetal = static fn (string $w): bool => SaidBehaviour::named($w) === Behaviour::Metallic && mb_strtolower($w) !== 'metallic';
        if (count($words) > 2 && array_filter($words, $isMetal) === $words) {
            return $words;
        }
        preg_match_all('/.+?\b(?:wash|washes|ink|primer|stain)\b/iu', $name, $found);
        $kinds = array_map(trim(...), $found[0]);

        return count($kinds) > 1 && trim(implode(' ', $kinds)) === trim($name) && count(array_unique(array_map(
            static fn (string $k): string => (string) preg_replace('/^.*\s/u', '', mb_strtolower($k)),
            $kinds,
        ))) === 1 ? $kinds : null;
    }
}
