<?php

declare(strict_types=1);

namespace App\Http\Cards;

/**
 * Recipes as Markdown, to read anywhere.
 *
 * @phpstan-import-type Card from CardView
 * @phpstan-import-type CardStep from CardView
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
                $step['missing'] ? ' (not in stock)' : '',
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
            $out .= self::facts($step);
        }
        foreach ($card['cautions'] as $caution) {
            $out .= "\n- ".self::text($caution);
        }

        return rtrim($out)."\n";
    }

    /**
     * All that is known of a step, one fact a line.
     *
     * @param CardStep $step
     */
    private static function facts(array $step): string
    {
        $out = sprintf("\n**%d. %s**\n\n", $step['number'], self::text($step['title']));
        foreach ($step['facts'] as $fact) {
            $out .= sprintf("- %s: %s\n", $fact->label, self::text($fact->text));
        }

        return $out;
    }

    /** What Markdown would read as a mark of its own is only text here. */
    private static function text(string $text): string
    {
        return (string) preg_replace('/([\\\\`*_{}\[\]<>#|~])/', '\\\\$1', trim((string) preg_replace('/\s+/', ' ', $text)));
    }
}
