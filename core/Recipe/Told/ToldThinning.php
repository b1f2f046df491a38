<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Film\FilmProblem;
use Kalokroma\Film\ParsedThinning;
use Kalokroma\Film\Thinner;
use Kalokroma\Film\Thinning;
use Kalokroma\Shelf\Paint;

/** How far it is thinned, and with what. */
final readonly class ToldThinning
{
    private const THINNER = '(white spirit|turpentine|solvent|spirit|retarder|thinner|medium|water)';
    private const PAINT = '(?:paint|colou?r|wash|ink|stain|glaze)';
    private const THINNED = '(?:,?\s*(?:and\s+)?(?:thin(?:ned)?(?: it| them| this| down)*|diluted?|mixed)\s+)?';
    private const AMOUNT = '(\d+(?:[.,]\d+)?|one|two|three|four|five|six|seven|eight|nine|ten|an?)';
    private const UNIT = '(?:\s*(?:parts?|drops?|brush-?\s?loads?))?(?:\s+of)?';

    /**
     * @param Thinning|null $thinning null where it is open
     * @param Paint|null $product the pot of the shelf it is thinned with; null where none is named
     */
    private function __construct(
        public bool $said,
        public ?Thinning $thinning,
        public ?Thinner $with,
        public string $words,
        public ?Paint $product = null,
    ) {
    }

    /** With this pot, where it is of the kind that was said. */
    public function by(?Paint $product): self
    {
        return $product === null || !$this->said || $product->thins() !== $this->with
            ? $this
            : new self($this->said, $this->thinning, $this->with, $this->words, $product);
    }

    /** A thinning that makes no sense is left as words. */
    public static function taken(Phrase $phrase): self
    {
        foreach (self::forms() as [$pattern, $as, $with, $kind]) {
            $found = $phrase->take($pattern);
            if ($found !== null) {
                $text = (string) preg_replace_callback(
                    '/\{(\d)\}/',
                    static fn (array $m): string => self::figure($found[(int) $m[1]] ?? ''),
                    $as,
                );

                return self::read($phrase, $found[0], $text, $found[$with] ?? '', $found[$kind] ?? '');
            }
        }

        return self::loosely($phrase);
    }

    /**
     * How painters say a thinning.
     *
     * @return list<array{string, string, int, int}> pattern; what its groups come to, as {@see ParsedThinning} reads it; the group
     *   that says with what, and the one that says what kind of paint is thinned (9 for none)
     */
    private static function forms(): array
    {
        $amount = self::AMOUNT.self::UNIT;
        $part = self::AMOUNT.self::UNIT.'\s+';
        $percent = '\s*(?:%|percent)\s*(?:of\s+)?';
        $counted = self::AMOUNT.'\s*(?:parts?|drops?)(?:\s+of)?';
        $to = '\s*(?:to|:|\/|and|\+)\s*';
        $then = '\s*(?:,|and|to|:|\/|\+)*\s*';
        $thinned = self::THINNED.'\b';

        return [
            // "10 % paint, 90 % water"
            [$thinned.'(\d{1,3})'.$percent.self::PAINT.$then.'\d{1,3}'.$percent.self::THINNER.'\b', '{1} % paint', 2, 9],
            // "90 % water, 10 % paint"; "60 % water"
            [$thinned.'(\d{1,3})'.$percent.self::THINNER.'(?:'.$then.'\d{1,3}'.$percent.self::PAINT.')?\b', '{1} % {2}', 2, 9],
            // "2:1 medium to brown wash"
            [$thinned.self::AMOUNT.'\s*(?::|\/)\s*'.self::AMOUNT.'\s+'.self::THINNER.'\s+to(?=\s+⟦)', '{2}:{1}', 3, 9],
            // "2 parts medium to 1 part wash"
            [$thinned.$part.self::THINNER.'(?|'.$to.$amount.'|\s*,\s*'.$counted.')(?:\s+('.self::PAINT.'))?\b', '{3}:{1}', 2, 4],
            // "1 part wash to 2 parts medium"
            [$thinned.$part.'('.self::PAINT.')'.$to.$part.self::THINNER.'\b', '{1}:{3}', 4, 2],
            // "1:3 with medium"
            [$thinned.self::AMOUNT.'\s*(?::|to|\/)\s*'.self::AMOUNT.'(?:\s+(?:with|in)\s+)?\s*'.self::THINNER.'\b', '{1}:{2}', 3, 9],
            // "one part wine, three parts medium"
            [$thinned.$part.'(⟦\d+⟧|\p{L}+(?: \p{L}+)?)'.$then.$part.self::THINNER.'\b', '{1}:{3}', 4, 2],
            // "thinned 1:2"
            [
                '\b(?:thin(?:ned)?(?: it| them| this| down)*|diluted?)\s+(?:to\s+|about\s+)*'
                    .self::AMOUNT.'\s*(?::|to|\/)\s*'.self::AMOUNT.'\b', '{1}:{2}', 9, 9],
        ];
    }

    /** A ratio that nothing else has taken: with one paint alone it is how far that is thinned. */
    public static function bare(Phrase $phrase): self
    {
        $found = $phrase->has('\bbase colou?r\b') ? null : $phrase->take('(?<![\w:.])(\d{1,2})\s*:\s*(\d{1,2})(?![\w:%])');

        return $found === null
            ? new self(false, null, null, '') : self::read($phrase, $found[0], $found[1].':'.$found[2], '', '');
    }

    private static function read(Phrase $phrase, string $said, string $text, string $with, string $kind): self
    {
        try {
            $thinning = ParsedThinning::read($text)->thinning;
        } catch (FilmProblem) {
            $phrase->note($said);

            return new self(false, null, null, '');
        }
        if (!in_array($kind, ['', 'paint', 'colour', 'color'], true)) {
            $phrase->become($phrase->rest().' '.Phrase::GAP.' '.$kind);
        }

        return new self(true, $thinning, Thinner::said($with), '');
    }

    /** As milk, neat, a little, three brush-loads of water: with what is known of it. */
    private static function loosely(Phrase $phrase): self
    {
        $like = $phrase->take(
            '\b(?:(?:thin(?:ned)?|diluted?)\s+)?(?:with (water|medium)\s+)?(?:until\s+(?:it (?:is|runs|flows)\s+)?)?(?:as|like|about '
                .'like|to)\s+'
                .'((?:double |thin |skimmed |single )?(?:cream|milk)|ink|tea|tinted water|coloured water)\b',
        );
        if ($like !== null) {
            $with = $phrase->take('\bthin (?:down )?(?:your |the |it )')  === null ? null : $phrase->take('\bwith (water|medium)\b');
            $like[1] = $like[1] !== '' ? $like[1] : $with[1] ?? '';

            return self::read($phrase, $like[0], 'like '.($like[2] === 'single cream' ? 'cream' : $like[2]), $like[1], '');
        }
        if ($phrase->take('\b(?:straight(?! down)(?: from the (?:pot|bottle))?|from the pot|neat(?! (?:thin )?'
            .'(?:lines?|edges?|strokes?|dots?))|undiluted|unthinned|as it '
            .'comes)\b') !== null) {
            return new self(true, Thinning::undiluted(), null, '');
        }
        $loads = $phrase->take('\b'.self::AMOUNT.'\s*(?:brush-?\s?loads?|drops?)\s+(?:of\s+)?'.self::THINNER.'\b');
        if ($loads !== null) {
            $phrase->note($loads[0]);

            return new self(true, null, Thinner::said($loads[2]), $loads[0]);
        }
        $open = $phrase->take('\b(?:thin(?:ned)?|diluted?)(?:\s+(?:well|a lot|a little|down|far|slightly))*(?:\s+(?:with|'
            .'in)\s+'.self::THINNER.')?(?=\s*(?:$|[,.;:'.Phrase::GAP.']|and\b|then\b))');
        if ($open !== null) {
            return new self(true, null, isset($open[1]) ? Thinner::said($open[1]) : null, $open[0]);
        }

        return new self(false, null, null, '');
    }

    private static function figure(string $said): string
    {
        $number = Phrase::number($said);

        return is_numeric(str_replace(',', '.', $said)) || $number === 0 ? $said : (string) $number;
    }
}
