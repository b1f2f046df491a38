<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Draft;

use Kalokroma\Colour\Oklch;
use Kalokroma\Colour\SaidColour;
use Kalokroma\Film\FilmProblem;
use Kalokroma\Film\SaidThinning;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Recipe\Plan\Load;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Part;
use Kalokroma\Word\Finding;

/**
 * Somebody else's recipe, written down line by line as it was told: "basecoat: 2 dark brown + 1 red, thin 2:1, 2 coats".
 * A paint is one of the shelf where the words name it, else a description with a colour guessed from its words; an
 * amount that was not said stays open.
 */
final class SaidRecipe
{
    public const MOST_LINES = 40;

    /** What people call a step; the one that is said first counts, the longer of two at the same place. */
    private const NAMES = [
        'undercoat repair' =>
            'undercoat-repair', 'stepping stone' =>
            'stepping-stone', 'further coat' =>
            'further-coat', 'second coat' =>
            'further-coat', 'block in' =>
            'block-in', 'block-in' =>
            'block-in',
        'wash all over' =>
            'wash-all-over', 'all-over wash' =>
            'wash-all-over', 'pin wash' =>
            'pin-wash', 'pinwash' =>
            'pin-wash', 'recess line' =>
            'recess-line', 'panel line' =>
            'recess-line', 'recess wash' =>
            'recess-line', 'enamel wash' =>
            'enamel-wash', 'oil wash' =>
            'oil-wash',
        'edge highlight' =>
            'edge-highlight', 'edging' =>
            'edge-highlight', 'edges' =>
            'edge-highlight', 'extreme highlight' =>
            'edge-highlight', 'feathered' =>
            'feathered-layer', 'dry brush' =>
            'drybrush', 'drybrush' =>
            'drybrush', 'dry-brush' =>
            'drybrush',
        'gloss varnish' =>
            'gloss-varnish', 'satin varnish' =>
            'satin-varnish', 'matt varnish' =>
            'matt-varnish', 'matte varnish' =>
            'matt-varnish', 'varnish' =>
            'matt-varnish', 'gloss spot' =>
            'gloss-spot',
        'chipping fluid' =>
            'chipping-fluid', 'chips' =>
            'chips', 'chip' =>
            'chips', 'marking' =>
            'marking', 'decal' =>
            'marking', 'transfer' =>
            'marking', 'softener' =>
            'softener', 'wipe' =>
            'wiping', 'streak' =>
            'streak',
        'texture paste' =>
            'texture-paste', 'paste' =>
            'texture-paste', 'grit' =>
            'grit', 'tuft' =>
            'tuft', 'rim' =>
            'rim', 'glue' =>
            'gluing', 'wait' =>
            'waiting', 'let dry' =>
            'waiting', 'powder' =>
            'pigment-powder', 'pigment' =>
            'pigment-powder',
        'shade layer' =>
            'shade-layer', 'wet blend' =>
            'wet-blend', 'glaze' =>
            'glaze', 'filter' =>
            'filter', 'stipple' =>
            'stipple', 'sponge' =>
            'stipple', 'stain' =>
            'stain', 'lining' =>
            'lining', 'line in' =>
            'lining', 'freehand' =>
            'freehand', 'airbrush' =>
            'airbrush-coat',
        'basecoat' => 'basecoat', 'base coat' =>
            'basecoat', 'base' =>
            'basecoat', 'metal' =>
            'metal-coat', 'wash' =>
            'wash-all-over', 'shade' =>
            'wash-all-over', 'layer' =>
            'layer', 'midtone' =>
            'layer', 'highlight' =>
            'feathered-layer', 'dot' =>
            'dot', 'tidy' =>
            'tidy-up', 'block' =>
            'block-in',
    ];

    private const COUNTS = ['one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5];

    /**
     * @param list<Paint> $shelf
     *
     * @return array{steps: list<PlannedStep>, notes: list<array{line: int, words: string}>}
     *
     * @throws RecipeProblem that names the line
     */
    public static function read(string $text, array $shelf): array
    {
        $lines = array_values(
            array_filter(array_map(trim(...), preg_split('/\R/u', $text) ?: []), static fn (string $l): bool => $l !== ''),
        );
        if ($lines === []) {
            throw RecipeProblem::nothingSaid();
        }
        if (count($lines) > self::MOST_LINES) {
            throw RecipeProblem::tooManyLines(count($lines), self::MOST_LINES);
        }
        $steps = $notes = [];
        foreach ($lines as $i => $line) {
            $line = (string) preg_replace('/^\s*(?:\d{1,2}[.)]|[-*•])\s*/u', '', $line);
            [$step, $said] = self::line($line, $i + 1, $shelf, new Plan($steps, []));
            $steps[] = $step;
            foreach ($said as $words) {
                $notes[] = ['line' => $i + 1, 'words' => $words];
            }
        }

        return ['steps' => $steps, 'notes' => $notes];
    }

    /**
     * @param list<Paint> $shelf
     *
     * @return array{PlannedStep, list<string>}
     */
    private static function line(string $line, int $number, array $shelf, Plan $sofar): array
    {
        [$technique, $rest] = self::technique($line) ?? throw RecipeProblem::noStepInLine($number, $line);
        [$coats, $rest] = self::coats($rest);
        [$thinning, $with, $open, $rest] = self::thinning($rest, $number);
        $facts = $technique->facts();
        [$mix, $openPaints, $notes] = $facts->takes === [] ? [null, [], []] : self::mix($rest, $technique, $number, $shelf);
        $isMetal = $mix?->first()->behaviour === Behaviour::Metallic;
        $technique = $technique === Technique::Basecoat && $isMetal ? Technique::MetalCoat : $technique;
        $usual = Load::usual($mix, $facts->use);
        $thinOpen = $thinning === null && $facts->lies !== null && ($open || !in_array($facts->use, ['', 'drybrush', 'wash'], true));

        return [new PlannedStep(
            $sofar->freeKey($technique->value),
            $technique,
            $mix !== null && $mix->first()->colour !== null ? Oklch::fromLab($mix->lab()) : null,
            new Load($mix, $thinning ?? $usual->thinning, $with ?? $usual->with, $openPaints, $thinOpen),
            handling: new Handling($coats),
            why: [new Finding('technique.told', 'As it was told: "{line}".', ['line' => $line])],
        ), $notes];
    }

    /** @return array{int|null, string} how many coats were said, and the rest of the line */
    private static function coats(string $rest): array
    {
        $number = '(\d{1,2}|'.implode('|', array_keys(self::COUNTS)).')';
        if (preg_match('/\b'.$number.'\s*(?:thin\s+)?(?:coats?|passes|times|layers|x)\b|\bx\s?(\d{1,2})\b|\btwice\b/i', $rest, $m) !== 1) {
            return [null, $rest];
        }
        $word = mb_strtolower($m[1] ?? '');
        $said = str_contains(mb_strtolower($m[0]), 'twice') ? 2 : self::COUNTS[$word] ?? (int) ($word !== '' ? $word : $m[2] ?? 1);

        return [max(1, min(Handling::MOST_COATS, $said)), str_replace($m[0], ' ', $rest)];
    }

    /** @return array{Technique, string}|null */
    private static function technique(string $line): ?array
    {
        [$head, $tail] = str_contains($line, ':') && preg_match(
            '/^([^:0-9]{3,40}):\s*(.*)$/u',
            $line,
            $m,
        ) === 1 ? [$m[1], $m[2]] : ['', $line];
        foreach ($head === '' ? [$line] : [$head, $line] as $in) {
            $first = null;
            foreach (self::NAMES as $name => $technique) {
                if (preg_match('/\b'.preg_quote($name, '/').'(?:s|es|ed|ing|d)?\b/i', $in, $m, PREG_OFFSET_CAPTURE) === 1) {
                    [$word, $at] = $m[0];
                    if ($first === null || $at < $first['at'] || ($at === $first['at'] && strlen($word) > strlen($first['word']))) {
                        $first = ['at' => $at, 'word' => $word, 'technique' => $technique];
                    }
                }
            }
            if ($first !== null) {
                $rest = $head !== '' ? $tail : trim(
                    (string) preg_replace(
                        '/\b'.preg_quote($first['word'], '/').'\b(?:\s+(?:of|with|in|it|them|all over))*/i',
                        ' ',
                        $line,
                        1,
                    ),
                );

                return [Technique::from($first['technique']), $rest];
            }
        }

        return null;
    }

    /** @return array{Thinning|null, string|null, bool, string} thinning, with what, whether it was left open, and the rest */
    private static function thinning(string $rest, int $number): array
    {
        if (preg_match('/\b(?:thinned|thin|diluted)\s+(?:to\s+|about\s+)?((?:as|like)\s+[a-z '
            .']+|\d+(?:[.,]\d+)?\s*(?::|to|\/)\s*(?:\d+(?:[.,]\d+)?|\?)(?:\s+(?:with\s+)?(?:water|medium|thinner|'
                .'solvent))?|\d{1,3}\s*%\s*(?:paint|water|medium|thinner))/i', $rest, $m) === 1) {
            try {
                $said = SaidThinning::read(trim((string) preg_replace('/\s+with\s+/', ' ', $m[1])));
            } catch (FilmProblem $problem) {
                throw RecipeProblem::inLine($number, $problem->getMessage());
            }

            return [$said->thinning, $said->with, $said->thinning === null, str_replace($m[0], ' ', $rest)];
        }
        if (preg_match('/\b(undiluted|straight|neat|unthinned)\b/i', $rest, $m) === 1) {
            return [Thinning::undiluted(), null, false, str_replace($m[0], ' ', $rest)];
        }
        if (preg_match('/\b(?:thinned|thin|diluted)(?:\s+(?:well|a lot|a little|with\s+(?:water|medium)))?\b/i', $rest, $m) === 1) {
            return [null, str_contains($m[0], 'medium') ? 'medium' : null, true, str_replace($m[0], ' ', $rest)];
        }

        return [null, null, false, $rest];
    }

    /**
     * @param list<Paint> $shelf
     *
     * @return array{Mix, list<string>, list<string>} the mix, ids whose amount is open, and what was guessed
     */
    private static function mix(string $rest, Technique $technique, int $number, array $shelf): array
    {
        $rest = trim((string) preg_replace('/\s+/', ' ', str_replace(['(', ')', ';'], ['', '', ','], $rest)), " ,.\t");
        $pieces = array_values(
            array_filter(
                array_map(
                    static fn (string $p): string => trim($p, ' ,.'),
                    preg_split('/\s*(?:\+|,|&| and | mixed with | with )\s*/i', $rest) ?: [],
                ),
                static fn (string $p): bool => $p !== '',
            ),
        );
        if ($pieces === [] && !$technique->facts()->takes[0]->colours()) {
            $pieces = [$technique->words()];
        }
        if ($pieces === []) {
            throw RecipeProblem::noPaintInLine($number);
        }
        $parts = $open = $notes = [];
        $counted = (bool) array_filter($pieces, static fn (string $p): bool => preg_match('/^\d/', $p) === 1);
        foreach ($pieces as $piece) {
            $amount = 1;
            $isOpen = $counted && count($pieces) > 1;
            if (preg_match('/^(\d{1,2})\s*(?:parts?|drops?)?\s*(?:of\s+)?(.+)$/i', $piece, $m) === 1) {
                [$amount, $piece, $isOpen] = [max(1, (int) $m[1]), $m[2], false];
            } elseif (preg_match('/^(?:a little|some|a bit of|a touch of|a drop of)\s+(?:of\s+)?(.+)$/i', $piece, $m) === 1) {
                [$piece, $isOpen] = [$m[1], true];
            }
            [$paint, $note] = self::paint($piece, $technique, $number, $shelf);
            $parts[$paint->id] = new Part($paint, $amount);
            if ($isOpen) {
                $open[] = $paint->id;
            }
            if ($note !== '') {
                $notes[] = $note;
            }
        }
        if (count($parts) > 1 && !$counted && $open === []) {
            $open = array_slice(array_map(strval(...), array_keys($parts)), 1);
        }

        return [Mix::of(array_values($parts)), $open, $notes];
    }

    /**
     * @param list<Paint> $shelf
     *
     * @return array{Paint, string}
     */
    private static function paint(string $said, Technique $technique, int $number, array $shelf): array
    {
        $plain = mb_strtolower(trim((string) preg_replace('/#[0-9a-f]{6}/i', '', $said)));
        foreach ($shelf as $paint) {
            if (
                $technique->facts()->sheen !== null
                && $paint->behaviour === Behaviour::Varnish
                && $paint->sheen === $technique->facts()->sheen
                && $paint->isAtHand()
            ) {
                return [$paint, ''];
            }
            if (mb_strtolower($paint->name) === $plain || $paint->line !== '' && mb_strtolower($paint->line.' '.$paint->name) === $plain) {
                return [$paint, ''];
            }
        }
        $behaviour = self::behaviour($plain, $technique);
        $colour = SaidColour::read($said);
        if ($colour === null && $behaviour->colours()) {
            throw RecipeProblem::noColourInLine($number, $said);
        }
        $hex = $behaviour->colours() ? $colour?->toSrgb()->clipped()->toHex() : null;
        $name = $plain === '' ? (string) $hex : trim((string) preg_replace('/#[0-9a-f]{6}/i', '', $said));
        $note = $hex === null ? sprintf('"%s" is not on your shelf.', $name) : sprintf(
            '"%s" is not on your shelf: its colour %s.',
            $name,
            str_contains($said, '#') ? 'is as you gave it' : 'is guessed from the words',
        );

        return [Paint::described($name, $behaviour, $hex), $note];
    }

    /** What kind of paint the words of a step mean. */
    private static function behaviour(string $plain, Technique $technique): Behaviour
    {
        $isMetal = preg_match('/\b(?:metallic|silver|gold|brass|bronze|copper|steel|iron)\b/', $plain) === 1;
        $isTransparent = preg_match('/\b(?:wash|ink|stain)\b/', $plain) === 1;

        return match ($technique) {
            Technique::Drybrush, Technique::EdgeHighlight, Technique::Basecoat, Technique::Layer => $isMetal
                ? Behaviour::Metallic
                : $technique->facts()->takes[0],
            Technique::Glaze, Technique::Filter => $isTransparent ? $technique->facts()->takes[0] : Behaviour::Opaque,
            default => $technique->facts()->takes[0],
        };
    }
}
