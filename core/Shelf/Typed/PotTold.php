<?php

declare(strict_types=1);

namespace Kalokroma\Shelf\Typed;

use Kalokroma\Colour\ColourProblem;
use Kalokroma\Colour\SaidColour;
use Kalokroma\Colour\Srgb;
use Kalokroma\Film\Sheen;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Form;
use Kalokroma\Shelf\Purpose;

/** What is told of a pot, collected cell by cell; what a cell says first stays. */
final class PotTold
{
    /** Millilitres of a bottle, and of a can, of which only a share is told. */
    private const USUAL_ML = 15.0;
    private const USUAL_CAN_ML = 400.0;

    public string $range = '';
    public string $place = '';
    public string $set = '';
    public ?Behaviour $behaviour = null;
    public ?Purpose $purpose = null;
    public ?Form $form = null;
    public ?Sheen $sheen = null;
    public ?string $hex = null;

    /** The words that say the colour, beside the name. */
    public string $from = '';

    /** How light or strong the colour is that the name says: "pale". */
    public string $manner = '';
    public ?float $bottleMl = null;
    public ?int $bottles = null;
    public bool $owned = true;

    /** Whether it says that it is paint, and so no primer. */
    public bool $isPaint = false;
    public bool $isForRecesses = false;
    public bool $isOther = false;

    /** @var list<string> what nothing was read out of */
    public array $notes = [];

    private ?float $share = null;
    private ?float $ml = null;
    /** What is left in one of several bottles, where the others are full. */
    private ?float $inOne = null;

    /**
     * What the painter put right comes before whatever the line says.
     *
     * @param array{behaviour?: string, form?: string, colour?: string} $put
     */
    public static function put(array $put): self
    {
        $told = new self();
        $told->behaviour = Behaviour::tryFrom($put['behaviour'] ?? '');
        $told->form = Form::tryFrom($put['form'] ?? '');
        $colour = $put['colour'] ?? '';
        if ($colour !== '' && !$told->figures($colour)) {
            $told->from = $colour;
        }

        return $told;
    }

    /** All that a cell says; with the words that are left over as a colour or a note. */
    public function cell(PotCell $cell, bool $isName = false): void
    {
        if (!$isName && $this->figures($cell->line->said)) {
            return;
        }
        if (!$isName && preg_match('/^\d{1,2}$/', trim($cell->line->said)) === 1) {
            $this->bottles ??= (int) $cell->line->said;

            return;
        }
        if (!$isName && $this->origin(trim($cell->line->said))) {
            return;
        }
        $rest = $isName ? '' : $cell->rest();
        $isNote = $rest !== '' && !$this->colour($rest);
        $isKind = false;
        foreach ($cell->spans as $span) {
            // "Needs spirit" and "over primer only" speak of other things than of what this is.
            $isBeside = $isNote && $span->is(PotWord::Kind, PotWord::Form, PotWord::Other);
            $isKind = $isKind || $isBeside;
            $isBeside || $this->span($span, $cell->words($span));
        }
        if ($isNote) {
            $isWhole = $isKind || $cell->all(PotWord::Kind, PotWord::Form, PotWord::Sheen) === [] && array_filter(
                $cell->spans,
                static fn (PotSpan $s): bool => $s->word->isKeeping(),
            ) === [];
            $this->notes[] = $isWhole ? trim($cell->line->said, ' .!') : $rest;
        }
    }

    /** Takes words for the colour, where they say one and none is known yet. */
    private function colour(string $words): bool
    {
        $isManner = self::isManner($words);
        if ($isManner && $this->manner === '') {
            $this->manner = $words;
        } elseif ($this->from === '' && self::isColour($words)) {
            $this->from = $words;
        } else {
            return false;
        }

        return true;
    }

    /** "Quay range", "from the starter set": where it comes from. */
    private function origin(string $words): bool
    {
        if (preg_match('/^(?:(?:range|line|brand|maker)\s*:?\s+(.+)|(?:the )?(.+) (?:range|line))$/iu', $words, $m) === 1) {
            $this->range = $this->range === '' ? $m[2] ?? $m[1] : $this->range;

            return true;
        }
        if (preg_match('/^(?:place|where)\s+(.+)$/iu', $words, $m) === 1) {
            $this->place = $this->place === '' ? $m[1] : $this->place;

            return true;
        }
        if (preg_match('/^(?:set\s+(?=(?!of\b)\pL)|(?:(?:from|in|of|the)\s+)*(?=.*\bset\b))(.+)$/iu', $words, $m) === 1) {
            $this->set = $this->set === '' ? $m[1] : $this->set;

            return true;
        }

        return false;
    }

    /** Words that a colour may be said with. */
    private const BESIDE = ['a', 'an', 'the', 'of', 'and', 'with', 'very', 'slightly', 'rather', 'quite', 'almost', 'nearly', 'hint',
        'touch', 'bit', 'sort', 'kind', 'tone', 'colour', 'color', 'more', 'less', 'too'];

    /** Whether a cell says a colour: "over white only" speaks of one. */
    private static function isColour(string $words): bool
    {
        preg_match_all('/\pL+/u', mb_strtolower($words), $found);
        $other = array_filter($found[0], static fn (string $w): bool => !SaidColour::knows($w) && !in_array($w, self::BESIDE, true));

        return SaidColour::read($words) !== null && 2 * count($other) <= count($found[0])
            && preg_match('/^(?:over|on|under|only|not|no|for|from|needs?|use|like|bought|goes|looks|good|bad|too)\b/iu', $words) !== 1;
    }

    /** Whether it says how light or strong a colour is, and not which. */
    private static function isManner(string $words): bool
    {
        if (preg_match('/^(?:almost|nearly) black$/iu', $words) === 1) {
            return true;
        }
        $all = preg_split('/[\s-]+/u', mb_strtolower($words)) ?: [];
        $known = array_filter($all, static fn (string $w): bool => SaidColour::knows($w) && !SaidColour::isColour($w));

        return count($known) === count($all);
    }

    private function figures(string $words): bool
    {
        if (preg_match('/^#?\s?([0-9a-f]{6})$/iu', trim($words), $m) !== 1 || preg_match('/\d|#/', $words) !== 1) {
            return false;
        }
        try {
            $this->hex ??= Srgb::fromHex('#'.$m[1])->toHex();
        } catch (ColourProblem) {
            return false;
        }

        return true;
    }

    private function span(PotSpan $span, string $words): void
    {
        match ($span->word) {
            PotWord::Kind => $this->kind($span->means),
            PotWord::Form => $this->form ??= Form::from($span->means),
            PotWord::Sheen => $this->sheen ??= Sheen::from($span->means),
            PotWord::Ml => $this->millilitres(PotWords::number($span->number)),
            PotWord::LeftMl => $this->ml ??= PotWords::number($span->number),
            PotWord::Left => $this->share ??= $span->means === 'percent'
                ? min(1.0, PotWords::number($span->number) / 100) : (float) $span->means,
            PotWord::OneEmpty => $this->inOne ??= (float) $span->means,
            PotWord::Count => $this->count($span, $words),
            PotWord::Place => $this->place = trim($this->place === '' ? self::placed($words) : $this->place.', '.self::placed($words)),
            PotWord::Wish => $this->owned = false,
            PotWord::Recesses => $this->isForRecesses = true,
            PotWord::Other => $this->isOther = true,
            PotWord::Plain => $this->isPaint = $this->isPaint || $span->means === 'paint',
            PotWord::Hex => $this->figures($words),
            PotWord::Owned => null,
        };
    }

    /** The first is the bottle, the second what is left in it. */
    private function millilitres(float $ml): void
    {
        if ($this->bottleMl === null) {
            $this->bottleMl = $ml;
        } else {
            $this->ml ??= $ml;
        }
    }

    /** "Two cans" says in what it comes too. */
    private function count(PotSpan $span, string $words): void
    {
        $this->bottles ??= (int) ($span->means !== '' ? $span->means : PotWords::number($span->number));
        $this->form ??= match (1) {
            preg_match('/\bcans\b/iu', $words) => Form::SprayCan,
            preg_match('/\btubes\b/iu', $words) => Form::Tube,
            default => null,
        };
    }

    /** @param string $means a behaviour, with what it is for behind a colon */
    private function kind(string $means): void
    {
        [$behaviour, $for] = [...explode(':', $means, 2), ''];
        if ($this->behaviour === null) {
            $this->behaviour = Behaviour::from($behaviour);
            $this->purpose = $for === '' ? null : Purpose::from($for);
        }
    }

    /** What the name itself says, where nothing beside it said otherwise; the last word of a name says what it is. */
    public function named(PotCell $name): void
    {
        $kinds = $name->all(PotWord::Kind);
        for ($i = count($kinds) - 1; $i >= 0 && $this->behaviour === null; --$i) {
            if (self::isKind($kinds, $i, $name)) {
                $this->kind($kinds[$i]->means);
            }
        }
        foreach ($name->all(PotWord::Form, PotWord::Sheen, PotWord::Recesses, PotWord::Other) as $span) {
            $this->span($span, $name->words($span));
        }
        $this->isPaint = $this->isPaint || array_filter(
            $name->spans,
            static fn (PotSpan $s): bool => $s->is(PotWord::Plain) && $s->means === 'paint',
        ) !== [];
    }

    /**
     * "Oil black" and "Shade grey" are colours: such words say what it is only behind all others.
     *
     * @param list<PotSpan> $kinds
     */
    private static function isKind(array $kinds, int $i, PotCell $name): bool
    {
        $span = $kinds[$i];
        $isLast = $name->rest() === '' || self::isBehind($name, $span);

        $isOnlyLast = preg_match('/^(?:oil|stain|tint|shades?|shader|ink|silt|shingle)$/iu', $name->words($span)) === 1;

        return $span->means !== 'opaque' && ($isLast || !$isOnlyLast);
    }

    /** Whether no word that belongs to the name stands behind it. */
    private static function isBehind(PotCell $name, PotSpan $span): bool
    {
        $behind = new PotCell($name->line->between($span->to, $name->line->count()));

        return $behind->rest() === '';
    }

    /** Millilitres of a full bottle; null where nobody said how much is left either. */
    public function bottleMl(): ?float
    {
        return $this->bottleMl ?? ($this->share() === null ? null : ($this->form === Form::SprayCan ? self::USUAL_CAN_ML : self::USUAL_ML));
    }

    /** Millilitres left in all bottles; null where nobody said. */
    public function leftMl(): ?float
    {
        $share = $this->share();

        return $this->ml ?? ($share === null ? null : round($share * (float) $this->bottleMl() * max(1, $this->bottles ?? 1), 1));
    }

    private function share(): ?float
    {
        $bottles = max(1, $this->bottles ?? 2);

        return $this->share ?? ($this->inOne === null ? null : ($bottles - 1 + $this->inOne) / $bottles);
    }

    private static function placed(string $words): string
    {
        return trim((string) preg_replace('/^(?:(?:in|on|from) )?(?:(?:the|my) )?/iu', '', $words));
    }
}
