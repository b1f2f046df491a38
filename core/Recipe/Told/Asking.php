<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Film\Face;
use Kalokroma\Film\Sheen;
use Kalokroma\Film\Thinner;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Recipe\Told\Words\Span;
use Kalokroma\Recipe\Told\Words\SpanKind;
use Kalokroma\Recipe\Told\Words\SpokenOf;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Form;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Part;
use Kalokroma\Word\Finding;

/**
 * Whether a step is one that somebody would paint. Words that were covered with a wrong meaning show themselves there: a glaze as thick as
 * a layer, a shade that lightens, a light in the recesses. Such a step asks, and the other reading stands on a button.
 */
final readonly class Asking
{
    /** A glaze has at most so much paint in it: one part to two. */
    private const GLAZE = 0.34;

    /** Paint thinned with medium at least so far is no layer: one part to three. */
    private const THIN = 0.26;

    /** So much lighter than its ground (L*) a shade is none. */
    private const LIGHTER = 6.0;

    /** Pots of one colour word that are offered. */
    private const MOST_POTS = 5;

    private const LIGHTS = [Technique::FeatheredLayer, Technique::Drybrush, Technique::EdgeHighlight, Technique::Dot];

    private const TRANSPARENT = [Technique::Glaze, Technique::Filter, Technique::Stain, Technique::WashAllOver, Technique::RecessLine];

    /** @param list<Paint> $shelf */
    public function __construct(private array $shelf)
    {
    }

    /**
     * @param string $line all of the line that the clause stands in
     *
     * @return list<LineQuestion> at most one for each thing that may be meant otherwise
     */
    public function of(Said $said, string $line, PlannedStep $step, ?PlannedStep $last): array
    {
        return array_values(array_filter([
            $this->slip($said, $line),
            $this->sheen($said, $line),
            self::thickGlaze($said, $line, $step),
            self::thinWithMedium($said, $line, $step),
            self::lighterShade($said, $line, $step, $last),
            self::wrongFace($said, $line, $step, $last),
            self::metalInGlaze($said, $line, $step),
            self::can($said, $line, $step),
            self::sprayed($said, $line),
            self::hint($said, $line, $last),
            self::twice($said, $line, $step, $last),
            self::onlySpokenOf($said, $line),
            self::either($said, $line),
            self::overOrMixed($said, $line),
            self::listed($said, $line, $last),
            self::apart($said, $line),
            $this->which($said, $line, $last),
            ...self::unread($said, $line),
        ]));
    }

    /**
     * What of a clause without a step may be meant otherwise.
     *
     * @return list<LineQuestion>
     */
    public static function unread(Said $said, string $line): array
    {
        $found = [];
        foreach ($said->spans as $i => $span) {
            $words = $said->spanWords[$i] ?? '';
            if ($span->is(SpanKind::OtherArea)) {
                $found[] = new LineQuestion(
                    new Finding('told.ask-area', '"{words}": another area is followed under "As that one, except …" on this page.'
                        .' Say its steps here, or keep this as a note.', [
                        'words' => $words,
                    ]),
                    [['words' => 'Only a note', 'line' => self::swapped($line, $words, '['.$words.']')]],
                );
            }
        }
        foreach ($said->unread as $words) {
            if (preg_match('/\b(?:not|no|never|none|nothing|without|except|but|don.?t|doesn.?t|isn.?t|leave|leaving|avoid|keep|off'
                .'|\d+|half|less|twice|others?|one in|two|three|four|five|six|third|parts?|drops?)\b|%/iu', $words) === 1) {
                $found[] = new LineQuestion(
                    new Finding(
                        'told.ask-unread',
                        '"{words}" was not read, and may matter: say it otherwise, or keep it as a note.',
                        ['words' => $words],
                    ),
                    [['words' => 'Only a note', 'line' => self::swapped($line, $words, '['.$words.']')]],
                );
            }
        }

        return $found;
    }

    /** One word that is nearly the name of a pot. */
    private function slip(Said $said, string $line): ?LineQuestion
    {
        foreach ($said->spans as $span) {
            $isNearly = $span->is(SpanKind::Paint) && $span->means === Words\PaintWords::NEARLY && $span->to - $span->from === 1;
            if ($isNearly && $span->paint !== null) {
                $words = $span->group(0);

                return new LineQuestion(
                    new Finding('told.ask-slip', 'Is "{words}" the pot {paint}?', ['words' => $words, 'paint' => $span->paint->name]),
                    [
                        ['words' => $span->paint->name, 'line' => self::swapped($line, $words, $span->paint->name)],
                        ['words' => 'Only a word', 'line' => self::swapped($line, $words, '['.$words.']')],
                    ],
                );
            }
        }

        return null;
    }

    /** A varnish of which nobody said how glossy, where several are owned. */
    private function sheen(Said $said, string $line): ?LineQuestion
    {
        if (!$said->isVarnish || $said->names !== []) {
            return null;
        }
        $choices = [];
        foreach ([Sheen::Gloss, Sheen::Satin, Sheen::Matt] as $sheen) {
            foreach ($this->shelf as $paint) {
                if ($paint->behaviour === Behaviour::Varnish && $paint->sheen === $sheen && $paint->isAtHand()) {
                    $words = (string) preg_replace(
                        '/\b(?:varnish|seal|lacquer)(?:ed|ing)?\b/iu',
                        $sheen->value.' varnish',
                        $said->words,
                        1,
                    );
                    $choices[$sheen->value] = ['words' => ucfirst($sheen->value), 'line' => self::swapped($line, $said->words, $words)];
                }
            }
        }

        return count($choices) < 2 ? null : new LineQuestion(new Finding('told.ask-sheen', 'Which varnish?', []), array_values($choices));
    }

    private static function thickGlaze(Said $said, string $line, PlannedStep $step): ?LineQuestion
    {
        $thinning = $said->thinning->thinning;
        $isGlaze = in_array($step->technique, [Technique::Glaze, Technique::Filter], true);
        if (!$isGlaze || $thinning === null || $thinning->isUndiluted() || $thinning->load() <= self::GLAZE) {
            return null;
        }
        $turned = implode(':', array_reverse(explode(':', $thinning->ratio())));
        $words = (string) preg_replace('~\d+\s*(?::|/|to)\s*\d+~iu', $turned, $said->words, 1, $count);

        return new LineQuestion(
            new Finding(
                'told.ask-glaze',
                '{ratio} is thick for a glaze. Is the paint or the medium the one part?',
                ['ratio' => $thinning->ratio()],
            ),
            [
                [
                    'words' => 'thin: '.$turned,
                    'line' => self::swapped($line, $said->words, $count === 1 ? $words : $said->words.', '.$turned),
                ],
                ['words' => $thinning->ratio().', as I said', 'line' => $line],
            ],
        );
    }

    /** Covering paint far thinned with medium, and no word of what for. */
    private static function thinWithMedium(Said $said, string $line, PlannedStep $step): ?LineQuestion
    {
        $paint = $step->load->mix?->first();
        $isThin = $said->thinning->with === Thinner::Medium && $said->thinning->thinning?->load() <= self::THIN;
        $isOpen = $said->technique === null && $said->place->place->isUsual() && !$said->isSame;
        if (!$isOpen || !$isThin || $said->thinning->thinning === null || $paint?->behaviour !== Behaviour::Opaque) {
            return null;
        }

        return new LineQuestion(new Finding('told.ask-thin', 'So thin: a glaze over all of it, or a shade in the recesses?', []), [
            ['words' => 'a glaze', 'line' => self::swapped($line, $said->words, 'glaze: '.$said->words)],
            ['words' => 'a shade in the recesses', 'line' => self::swapped($line, $said->words, $said->words.', in the recesses')],
        ]);
    }

    private static function lighterShade(Said $said, string $line, PlannedStep $step, ?PlannedStep $last): ?LineQuestion
    {
        $paint = $step->load->mix?->first();
        $isShade = in_array($step->technique, [Technique::ShadeLayer, Technique::RecessLine, Technique::WashAllOver,
            Technique::Lining], true);
        $than = self::lighterThan($step->load->mix, $last);
        $covers = in_array($paint?->behaviour, [Behaviour::Opaque, Behaviour::Metallic], true);
        if (!$isShade || $than < self::LIGHTER || !$covers) {
            return null;
        }
        $face = self::face($said);

        return new LineQuestion(
            new Finding('told.ask-lighter', '{paint} is lighter than what it goes on. Is it a shade?', ['paint' => $paint->name]),
            array_values(array_filter([
                $face === null ? null : ['words' => 'on the raised parts', 'line' => self::swapped($line, $face, 'raised parts')],
                $face === null ? ['words' => 'a layer', 'line' => self::swapped($line, $said->words, self::technique(
                    $said,
                    'layer',
                ))] : null,
                ['words' => 'yes, as I said', 'line' => $line],
            ])),
        );
    }

    /** A light in the recesses, a wash on the ridges. */
    private static function wrongFace(Said $said, string $line, PlannedStep $step, ?PlannedStep $last): ?LineQuestion
    {
        $at = $step->scope->place->face;
        $face = self::face($said);
        $isLight = $at === Face::Recess && in_array($step->technique, self::LIGHTS, true) && self::lighterThan(
            $step->load->mix,
            $last,
        ) > 0.0;
        $isWash = $at === Face::Ridge && $step->technique->isWash() && $step->technique !== Technique::Stain;
        if ($face === null || (!$isLight && !$isWash)) {
            return null;
        }
        $other = $isLight ? 'raised parts' : 'recesses';

        return new LineQuestion(
            new Finding('told.ask-face', '{technique} on the {faces}?', [
                'technique' => ucfirst($step->technique->words()), 'faces' => $isLight ? 'recesses' : 'raised parts',
            ]),
            [
                ['words' => 'on the '.$other, 'line' => self::swapped($line, $face, $other)],
                ['words' => 'yes, as I said', 'line' => $line],
            ],
        );
    }

    private static function metalInGlaze(Said $said, string $line, PlannedStep $step): ?LineQuestion
    {
        $metal = array_values(array_filter(
            $step->load->mix->parts ?? [],
            static fn (Part $p): bool => $p->paint->behaviour === Behaviour::Metallic,
        ))[0] ?? null;
        if ($metal === null || $said->technique === null || !in_array($step->technique, self::TRANSPARENT, true)) {
            return null;
        }

        return new LineQuestion(
            new Finding('told.ask-metal', 'A metal in a {technique}?', ['technique' => $step->technique->words()]),
            [
                ['words' => $metal->paint->name.' is only spoken of', 'line' => self::swapped(
                    $line,
                    $metal->paint->name,
                    '['.$metal->paint->name.']',
                )],
                ['words' => 'yes, as I said', 'line' => $line],
            ],
        );
    }

    /** A can, before anything was laid: perhaps the undercoat of the figure. */
    private static function can(Said $said, string $line, PlannedStep $step): ?LineQuestion
    {
        $paint = $step->load->mix?->first();
        $isPrimer = $paint?->behaviour === Behaviour::Primer && $step->technique !== Technique::UndercoatRepair;
        if ($paint === null || ($paint->form !== Form::SprayCan && !$isPrimer)) {
            return null;
        }

        return new LineQuestion(
            new Finding('told.ask-can', 'Is {paint} the undercoat of the figure?', ['paint' => $paint->name]),
            [
                ['words' => 'the undercoat', 'line' => self::swapped($line, $said->words, 'undercoat: '.$said->words)],
                ['words' => 'no, on this area', 'line' => $line],
            ],
        );
    }

    /** "A hint of this in the shadows": nobody said whether it goes into the paint before or lies there by itself. */
    public static function isHint(Said $said): bool
    {
        $isPlaced = $said->place->place->face !== null || $said->place->place->part !== '' || $said->place->folds;

        return $isPlaced && $said->amounts['open'] === [0] && count($said->names) === 1 && !$said->isAdded && !$said->isSame
            && $said->technique === null;
    }

    private static function hint(Said $said, string $line, ?PlannedStep $last): ?LineQuestion
    {
        $before = $last?->load->mix;
        if (!self::isHint($said) || $before === null) {
            return null;
        }
        $name = $said->names[0]['said'];

        return new LineQuestion(
            new Finding('told.ask-hint', '{paint} by itself, or mixed into {before}?', ['paint' => $name, 'before' => $before->words()]),
            [
                ['words' => 'by itself, as a glaze', 'line' => self::swapped($line, $said->words, 'glaze: '.$said->words)],
                ['words' => 'mixed in', 'line' => self::swapped($line, $said->words, 'add '.$said->words)],
            ],
        );
    }

    /** Very thin and from one side: sprayed, or brushed. */
    private static function sprayed(Said $said, string $line): ?LineQuestion
    {
        $isThin = array_filter($said->spans, static fn (Span $s): bool => $s->is(SpanKind::Consistency) && $s->means === 'open') !== [];
        if ($said->technique !== null || $said->names === [] || $said->place->place->light === '' || !$isThin) {
            return null;
        }

        return new LineQuestion(new Finding('told.ask-spray', 'Sprayed, or by brush?', []), [
            ['words' => 'sprayed', 'line' => self::swapped($line, $said->words, 'airbrush: '.$said->words)],
            ['words' => 'by brush', 'line' => self::swapped($line, $said->words, 'layer: '.$said->words)],
        ]);
    }

    /** The same once more, with nothing between and no word of why. */
    private static function twice(Said $said, string $line, PlannedStep $step, ?PlannedStep $last): ?LineQuestion
    {
        $mix = $step->load->mix;
        $isSame = $mix !== null && $said->names !== [] && $last?->load->mix?->key() === $mix->key() && $said->technique === null
            && $said->place->place->isUsual() && $said->who->isAll() && !$said->rounds->again && !$said->isSame && !$said->isAdded
            && $last->scope->place->isUsual();

        return !$isSame ? null : new LineQuestion(
            new Finding('told.ask-twice', '{paint} lies there already. Another coat of it?', ['paint' => $mix->words()]),
            [
                ['words' => 'another coat', 'line' => self::swapped($line, $said->words, 'another coat: '.$said->words)],
                ['words' => 'yes, a '.$step->technique->words(), 'line' => self::swapped(
                    $line,
                    $said->words,
                    $step->technique->words().': '.$said->words,
                )],
            ],
        );
    }

    /** A bare colour among words that were not read: a paint, or only spoken of. */
    private static function onlySpokenOf(Said $said, string $line): ?LineQuestion
    {
        $isBare = $said->technique === null && $said->unread !== [] && count($said->names) === 1
            && !str_contains($said->names[0]['said'], ' ');
        foreach ($isBare ? $said->spans : [] as $span) {
            if ($span->is(SpanKind::Paint) && $span->means === Words\PaintWords::COLOUR) {
                $words = $span->group(0);

                return new LineQuestion(
                    new Finding('told.ask-colour', 'Is "{words}" a paint to be laid here?', ['words' => $words]),
                    [
                        ['words' => 'a paint', 'line' => self::swapped($line, $words, '"'.$words.'"')],
                        ['words' => 'only a word', 'line' => self::swapped($line, $words, '['.$words.']')],
                    ],
                );
            }
        }

        return null;
    }

    /** One word for a colour, of which several pots are owned, or which points back: "brown", "the same green". */
    private function which(Said $said, string $line, ?PlannedStep $last): ?LineQuestion
    {
        foreach ($said->spans as $span) {
            $word = mb_strtolower($span->group(0));
            $isColour = $span->is(SpanKind::Paint) && $span->means === Words\PaintWords::COLOUR && $span->paint === null;
            if (!$isColour || str_contains($word, ' ')) {
                continue;
            }
            $owned = array_values(array_filter(
                $this->shelf,
                static fn (Paint $p): bool => $p->isAtHand() && $p->isMixable() && in_array($word, explode(
                    ' ',
                    mb_strtolower($p->name),
                ), true),
            ));
            $before = $said->isSame ? $last?->load->mix?->paints() ?? [] : [];
            $pots = array_slice([...$before, ...$owned], 0, self::MOST_POTS);
            if ($before === [] && count($owned) < 2) {
                continue;
            }
            $choices = array_map(static fn (Paint $p): array => [
                'words' => $p->name, 'line' => self::swapped($line, $span->group(0), $p->name),
            ], $pots);

            return new LineQuestion(new Finding('told.ask-which', 'Which pot is "{word}"?', ['word' => $word]), [
                ...$choices,
                ['words' => 'none of them', 'line' => self::swapped($line, $span->group(0), '"'.$span->group(0).'"')],
            ]);
        }

        return null;
    }

    /** One pot or another. */
    private static function either(Said $said, string $line): ?LineQuestion
    {
        $paints = array_keys(array_filter($said->spans, static fn (Span $s): bool => $s->is(SpanKind::Paint)));
        $or = array_keys(array_filter($said->spans, static fn (Span $s): bool => $s->is(SpanKind::Or)))[0] ?? null;
        $first = $or === null ? null : max([-1, ...array_filter($paints, static fn (int $i): bool => $i < $or)]);
        $second = $or === null ? null : min([PHP_INT_MAX, ...array_filter($paints, static fn (int $i): bool => $i > $or)]);
        $words = [$said->spanWords[$first] ?? '', $said->spanWords[$second] ?? ''];
        if ($words[0] === '' || $words[1] === '') {
            return null;
        }
        preg_match('/(?:either\s+)?'.preg_quote($words[0], '/').'.*?'.preg_quote($words[1], '/').'/iu', $line, $both);

        return new LineQuestion(new Finding('told.ask-or', '{one} or {other}?', ['one' => $words[0], 'other' => $words[1]]), array_map(
            static fn (string $one): array => ['words' => $one, 'line' => self::swapped($line, $both[0] ?? '', $one)],
            $words,
        ));
    }

    /** "Highlight this with that": over it, or both in one mix. */
    private static function overOrMixed(Said $said, string $line): ?LineQuestion
    {
        $found = SpokenOf::overOrMixed($said->spans);
        if ($found === null || count($said->names) < 2) {
            return null;
        }
        [, $under, $over] = $found;
        [$one, $other] = [$said->spanWords[$under], $said->spanWords[$over]];
        preg_match('/'.preg_quote($one, '/').'(.*?)'.preg_quote($other, '/').'/iu', $line, $both);

        return new LineQuestion(
            new Finding('told.ask-over', '{other} over {one}, or both mixed?', ['one' => $one, 'other' => $other]),
            [
                ['words' => $other.' over it', 'line' => self::swapped($line, $both[0] ?? '', '['.$one.'] '.$other)],
                ['words' => 'mixed', 'line' => self::swapped($line, $both[0] ?? '', $one.' and '.$other)],
            ],
        );
    }

    /** Two paints with other words between them and no word of how much: mixed, or is one only spoken of? */
    private static function apart(Said $said, string $line): ?LineQuestion
    {
        $isNoPot = count($said->names) === 2 && $said->names[0]['paint'] === null && $said->names[1]['paint'] !== null;
        $isTwo = count($said->names) === 2 && !$said->isPair && SpokenOf::overOrMixed($said->spans) === null;
        $at = $isTwo && ($isNoPot || $said->amounts['open'] === [1]) ? self::paints($said) : [];
        if (count($at) !== 2) {
            return null;
        }
        [$one, $other] = [$said->spanWords[$at[0]], $said->spanWords[$at[1]]];
        $between = array_filter(
            array_slice($said->spans, $at[0] + 1, $at[1] - $at[0] - 1),
            static fn (Span $s): bool => !$s->is(SpanKind::Plain, SpanKind::And, SpanKind::Comma, SpanKind::Amount, SpanKind::More),
        );
        return $between === [] && !$isNoPot ? null : new LineQuestion(
            new Finding('told.ask-apart', 'Are {one} and {other} mixed?', ['one' => $one, 'other' => $other]),
            [
                ['words' => 'only '.$other, 'line' => self::swapped($line, $one, '['.$one.']')],
                ['words' => 'mixed, as I said', 'line' => $line],
            ],
        );
    }

    /** @return list<int> places of the paints that are taken */
    private static function paints(Said $said): array
    {
        $spoken = SpokenOf::in($said->spans);

        return array_keys(array_filter(
            $said->spans,
            static fn (Span $s, int $i): bool => $s->is(SpanKind::Paint) && !isset($spoken->mentioned[$i]) && !isset($spoken->replaced[$i]),
            ARRAY_FILTER_USE_BOTH,
        ));
    }

    /** "One, another and a third": one after the other, or the last two mixed? */
    private static function listed(Said $said, string $line, ?PlannedStep $last): ?LineQuestion
    {
        $prior = $last?->load->mix?->first()->name ?? '';
        $names = array_column($said->names, 'said');
        $list = $prior === '' || count($names) !== 2 ? '' : implode('', [
            '~(', preg_quote($prior, '~'), ')\s*,\s*(', preg_quote($names[0], '~'), ')\s+and\s+(', preg_quote($names[1], '~'), ')~iu',
        ]);
        if (!$said->goesOn || $said->amounts['open'] !== [1] || $list === '' || preg_match($list, $line, $found) !== 1) {
            return null;
        }

        return new LineQuestion(new Finding('told.ask-list', 'One after the other, or {one} and {other} mixed?', [
            'one' => $found[2], 'other' => $found[3],
        ]), [
            ['words' => 'one after the other', 'line' => self::swapped($line, $found[0], "{$found[1]}, {$found[2]}, {$found[3]}")],
            ['words' => 'mixed', 'line' => self::swapped($line, $found[0], "{$found[1]}, then {$found[2]} and {$found[3]}")],
        ]);
    }

    /** By how much a mix is lighter than that of the step before (L*); 0 where either has no colour. */
    private static function lighterThan(?Mix $mix, ?PlannedStep $last): float
    {
        $ground = $last?->load->mix;
        if ($mix === null || $ground === null || !$mix->hasColour() || !$ground->hasColour()) {
            return 0.0;
        }

        return $mix->lab()->l - $ground->lab()->l;
    }

    /** The words that say the face. */
    private static function face(Said $said): ?string
    {
        foreach ($said->spans as $i => $span) {
            if ($span->is(SpanKind::Face)) {
                return $said->spanWords[$i] ?? null;
            }
        }

        return null;
    }

    /** The clause with another technique in the place of the one that is said. */
    private static function technique(Said $said, string $technique): string
    {
        foreach ($said->spans as $i => $span) {
            if ($span->is(SpanKind::Technique)) {
                return self::swapped($said->words, $said->spanWords[$i] ?? '', $technique);
            }
        }

        return $technique.': '.$said->words;
    }

    private static function swapped(string $line, string $words, string $for): string
    {
        $at = $words === '' ? false : stripos($line, $words);

        return $at === false ? $line : substr_replace($line, $for, $at, strlen($words));
    }
}
