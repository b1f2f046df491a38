<?php

declare(strict_types=1);

namespace App\Http\Cards;

/**
 * Recipes as Markdown, to read anywhere.
 *
 * @phpstan-import-type Card from CardView
 */
final class CardMarkdown
{
    /** @param list<Card> $cards */
    public static function write(string $title, array $cards): string
    {
        $out = count($cards) === 1 ? '' : '# '.self::text($title)."\n\n";
        foreach ($cards as $card) {
            $out .= self::card($card, count($cards) === 1 ? '#' : '##')."\n";
        }

        return $out;
    }

    /** @param Card $card */
    private static function card(array $card, string $level): string
    {
        $out = sprintf("%s %s\n\n", $level, self::text($card['name']));
        $out .= sprintf(
            "%s: %s%s%s.\n\n",
            self::text($card['company']),
            self::text($card['about']),
            $card['colour'] === null ? '' : ', intended colour '.$card['colour'],
            $card['way'] === '' ? '' : ', painted '.$card['way'],
        );
        $out .= $card['like'] === '' ? '' : sprintf("Differs from the recipe it follows: %s.\n\n", self::text($card['like']));
        foreach ($card['findings'] as $finding) {
            $out .= '> '.self::text($finding)."\n\n";
        }
        $out .= "| | Step | Paint | Thinned | Coats | Drying | Where | Recess, plane, ridge |\n"
            ."| --- | --- | --- | --- | --- | --- | --- | --- |\n";
        foreach ($card['steps'] as $step) {
            $out .= sprintf(
                "| %d | %s | %s%s | %s | %s | %s | %s | %s |\n",
                $step['number'],
                self::text($step['title']),
                self::text($step['load']),
                $step['missing'] ? ' (not at hand)' : '',
                self::text($step['thin']),
                self::text($step['coats']),
                $step['dry'],
                self::text($step['place']),
                implode(' ', $step['faces']),
            );
            $out .= ($step['end'] ?? '') === '' ? '' : sprintf("| | *%s to here* | | | | | | |\n", $step['end']);
        }
        $out .= "\n".ucfirst($card['totals']).".\n";
        foreach ($card['steps'] as $step) {
            $out .= $step['note'] === '' ? '' : sprintf("\nStep %d: %s\n", $step['number'], self::text($step['note']));
        }
        foreach ($card['cautions'] as $caution) {
            $out .= "\n- ".self::text($caution);
        }

        return rtrim($out)."\n";
    }

    /** What Markdown would read as a mark of its own is only text here. */
    private static function text(string $text): string
    {
        return (string) preg_replace('/([\\\\`*_{}\[\]<>#|~])/', '\\\\$1', trim((string) preg_replace('/\s+/', ' ', $text)));
    }
}
