<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Recipe\Told\Words\Amounts;
use Kalokroma\Recipe\Told\Words\Clauses;
use Kalokroma\Recipe\Told\Words\Cover;
use Kalokroma\Recipe\Told\Words\PaintWords;
use Kalokroma\Recipe\Told\Words\Recognizers;
use Kalokroma\Recipe\Told\Words\Span;
use Kalokroma\Recipe\Told\Words\SpanKind;
use Kalokroma\Recipe\Told\Words\Spelling;
use Kalokroma\Recipe\Told\Words\SpokenOf;
use Kalokroma\Recipe\Told\Words\Stretch;
use Kalokroma\Shelf\Paint;
use Kalokroma\Word\Line;

/** Reads a line: what its words may mean, the best cover of them, and what that says clause by clause. */
final readonly class LineReader
{
    private const EACH = 'each-smaller';

    private PaintWords $paints;

    private Spelling $spelling;

    /** @param list<Paint> $shelf */
    public function __construct(array $shelf)
    {
        $this->paints = new PaintWords($shelf);
        $this->spelling = new Spelling(array_map(static fn (Paint $p): string => $p->name, $shelf));
    }

    public function read(string $said): ReadLine
    {
        $text = self::withoutBullet($said);
        $line = new Line($text, $this->spelling->of(...));
        [$cover] = Cover::of($line, [...Recognizers::in($line), ...$this->paints->in($line)], Recognizers::isPlain(...));
        $found = [];
        foreach (Clauses::of($cover->spans) as $i => $spans) {
            $found[] = self::clause($line, self::leftOutByThose($line, $i > 0 ? self::ofEachInTurn($spans) : $spans), $i > 0);
        }

        $rest = mb_substr($text, Line::LONGEST);

        $pieces = SaidPieces::of($line, $cover->spans, substr($said, 0, strlen($said) - strlen($text)), $rest);

        return new ReadLine($found, $pieces, $rest, $line->mended);
    }

    public static function withoutBullet(string $line): string
    {
        return (string) preg_replace('/^\s*(?:\d{1,2}[.)]\s|[-*•–]\s*|step \d{1,2}\s*[:.]?\s*)/iu', '', $line);
    }

    /** @param list<Span> $spans */
    private static function clause(Line $line, array $spans, bool $goesOn): Said
    {
        $spoken = SpokenOf::in($spans);
        $kinds = self::kinds($spans);
        $shares = Amounts::of($spans, $spoken->mentioned + $spoken->replaced);
        $names = self::names($spans, static fn (int $i): bool => !isset($spoken->mentioned[$i]) && !isset($spoken->replaced[$i]));
        $place = SaidPlace::of($spans, $spoken, $shares['share']);
        $technique = self::isLeft($spans, $spoken, $names) ? null : self::technique($spans, $spoken, $place->edges);
        [$isMore, $added] = self::more($spans, $kinds, count($names), $shares['thinned']);
        [$notes, $unread] = SaidNotes::of($line, $spans, $spoken, $shares['used']);
        $doubts = self::isLeft($spans, $spoken, []) ? [] : self::doubts($spans, $kinds, $unread);

        return new Said(
            self::words($line, $spans),
            Technique::tryFrom($technique ?? ''),
            self::isByName($spans),
            $technique === 'varnish',
            $names,
            self::names($spans, static fn (int $i): bool => isset($spoken->replaced[$i])),
            ['parts' => $shares['parts'], 'open' => $shares['open']],
            count($names) === 2 && isset($kinds['into']) && !isset($kinds['ratio']) && !isset($kinds['amount']) && !self::isMixed($spans),
            ToldThinning::of($spans, $added === null ? $shares['thinned'] : null),
            Rounds::of($spans),
            $place,
            self::strokes($line, $spans),
            SaidWho::of($spans),
            SaidLevel::of($spans, SpanKind::Level),
            SaidLevel::of($spans, SpanKind::LevelMark),
            SaidWait::of($spans),
            isset($kinds[SpanKind::Omitted->value]),
            SaidHow::of($spans),
            isset($kinds[SpanKind::Before->value]),
            self::isOfBase($spans),
            self::isHandled($spans, 'instead', 'swap', 'replace') || $spoken->replaced !== [],
            $isMore,
            $added,
            $spoken->isLater,
            $notes,
            $doubts,
            array_values(array_diff($unread, $doubts)),
            $goesOn,
            $spans,
            array_map(static fn (Span $s): string => $line->between($s->from, $s->to), $spans),
        );
    }

    /**
     * "This, that, the other, each smaller": said of steps that follow one another, and no rounds of any of them.
     *
     * @param list<Span> $spans
     *
     * @return list<Span>
     */
    private static function ofEachInTurn(array $spans): array
    {
        $isCounted = array_filter($spans, static fn (Span $s): bool => $s->is(SpanKind::Coats, SpanKind::Loop) && $s->means !== self::EACH);

        return $isCounted !== [] ? $spans : array_map(
            static fn (Span $s): Span => $s->means === self::EACH ? $s->as(SpanKind::Note, 'aside') : $s,
            $spans,
        );
    }

    /**
     * "Number 4 without the wash": for whom it says that, a step is left out; said of all it stays a note.
     *
     * @param list<Span> $spans
     *
     * @return list<Span>
     */
    private static function leftOutByThose(Line $line, array $spans): array
    {
        $kinds = self::kinds($spans);
        if (SaidWho::of($spans)->isAll() || isset($kinds[SpanKind::Paint->value])) {
            return $spans;
        }
        $found = [];
        foreach ($spans as $span) {
            $techniques = $span->means !== 'no-technique' ? [] : array_values(array_filter(
                Recognizers::in(new Line($line->between($span->from, $span->to))),
                static fn (Span $s): bool => $s->is(SpanKind::Technique),
            ));
            $isLeave = $span->is(SpanKind::Leave) && $found === [];
            $found = [...$found, ...($techniques === [] ? [$isLeave ? $span->as(SpanKind::Plain, '') : $span] : [
                $span->as(SpanKind::Omitted, Said::BY_THOSE), $span->as(SpanKind::Technique, $techniques[0]->means),
            ])];
        }

        return count($found) > count($spans) ? $found : $spans;
    }

    /**
     * Whether something is left that no face and no paint is: "leave a thin line of it" paints nothing.
     *
     * @param list<Span> $spans
     * @param list<mixed> $names of paints that are laid all the same
     */
    private static function isLeft(array $spans, SpokenOf $spoken, array $names): bool
    {
        return $names === [] && array_filter(array_keys($spoken->lost), static fn (int $i): bool => $spans[$i]->means === 'later') !== [];
    }

    /** @param list<Span> $spans */
    private static function words(Line $line, array $spans): string
    {
        return $line->between($spans[0]->from ?? 0, end($spans)->to ?? 0);
    }

    /** @param list<Span> $spans */
    private static function isOfBase(array $spans): bool
    {
        return array_filter($spans, static fn (Span $s): bool => $s->is(SpanKind::Before) && $s->means === 'base') !== [];
    }

    /**
     * @param list<Span> $spans
     * @param array<string, true> $kinds
     * @param string|null $ratio that is said
     *
     * @return array{bool, array{int, int}|null} whether there is more of a paint than before; parts of the mix to parts of it
     */
    private static function more(array $spans, array $kinds, int $paints, ?string $ratio): array
    {
        $isMore = isset($kinds[SpanKind::More->value]) || (self::isOfBase($spans) && $paints > 0);
        $isAdded = $isMore && !isset($kinds[SpanKind::Thinner->value]) && $paints === 1;

        return [$isMore, $isAdded && $ratio !== null ? self::parts($ratio) : self::drops($spans)];
    }

    /**
     * So many drops more than there are in the mix before.
     *
     * @param list<Span> $spans
     *
     * @return array{int, int}|null
     */
    private static function drops(array $spans): ?array
    {
        foreach ($spans as $span) {
            if ($span->is(SpanKind::More) && $span->means === 'count') {
                return [0, max(1, (int) Recognizers::number($span->group(0)))];
            }
        }

        return null;
    }

    /**
     * Where no paint is named, what was not read may be the name of one.
     *
     * @param list<Span> $spans
     * @param array<string, true> $kinds
     * @param list<string> $unread
     *
     * @return list<string>
     */
    private static function doubts(array $spans, array $kinds, array $unread): array
    {
        $isNamed = self::saysNot($spans) || isset($kinds[SpanKind::Paint->value]) || isset($kinds[SpanKind::Thinner->value]);

        return $isNamed ? [] : array_values(array_filter($unread, PaintWords::mayBeName(...)));
    }

    /**
     * Whether it says only what is not done.
     *
     * @param list<Span> $spans
     */
    private static function saysNot(array $spans): bool
    {
        return array_filter(
            $spans,
            static fn (Span $s): bool => $s->is(SpanKind::Note) && in_array($s->means, ['negated', 'remark', 'no-technique'], true),
        ) !== [];
    }

    /** @return array{int, int} */
    private static function parts(string $ratio): array
    {
        [$one, $other] = [...array_map(intval(...), explode(':', $ratio)), 1, 1];

        return [$one, $other];
    }

    /**
     * @param list<Span> $spans
     *
     * @return array<string, true>
     */
    private static function kinds(array $spans): array
    {
        return array_fill_keys(array_map(static fn (Span $s): string => $s->kind->value, $spans), true);
    }

    /**
     * The first technique that is said; of "metal base" and the like what is named most exactly has won already.
     *
     * @param list<Span> $spans
     */
    private static function technique(array $spans, SpokenOf $spoken, bool $isEdges): ?string
    {
        foreach ($spans as $i => $span) {
            if ($span->is(SpanKind::Technique) && !isset($spoken->kept[$i])) {
                $isHighlight = $span->means === Technique::FeatheredLayer->value && $span->group(0) === '';
                $means = $span->means === Stretch::VARNISH ? self::sheen($spans) : $span->means;

                return $isHighlight && $isEdges ? Technique::EdgeHighlight->value : $means;
            }
        }
        foreach ($spans as $span) {
            if ($span->is(SpanKind::Note) && $span->means === 'by-airbrush') {
                return Technique::AirbrushCoat->value;
            }
        }

        return $isEdges ? Technique::EdgeHighlight->value : null;
    }

    /**
     * The varnish whose sheen is said: "seal it with gloss".
     *
     * @param list<Span> $spans
     */
    private static function sheen(array $spans): string
    {
        $found = array_filter($spans, static fn (Span $s): bool => $s->is(SpanKind::Technique) && str_ends_with($s->means, '-varnish'));

        return array_values($found)[0]->means ?? Stretch::VARNISH;
    }

    /** @param list<Span> $spans */
    private static function isMixed(array $spans): bool
    {
        return array_filter($spans, static fn (Span $s): bool => $s->means === 'mix') !== [];
    }

    /** @param list<Span> $spans */
    private static function isByName(array $spans): bool
    {
        return array_filter($spans, static fn (Span $s): bool => $s->is(SpanKind::Technique) && $s->group(0) !== '') !== [];
    }

    /**
     * @param list<Span> $spans
     * @param callable(int): bool $which
     *
     * @return list<array{said: string, paint: Paint|null}>
     */
    private static function names(array $spans, callable $which): array
    {
        $found = [];
        foreach ($spans as $i => $span) {
            if ($span->is(SpanKind::Paint) && $which($i)) {
                $found[] = ['said' => $span->group(0), 'paint' => $span->paint];
            }
        }

        return $found;
    }

    /** @param list<Span> $spans */
    private static function strokes(Line $line, array $spans): string
    {
        foreach ($spans as $span) {
            if ($span->is(SpanKind::Strokes)) {
                return mb_strtolower($line->between($span->from, $span->to));
            }
        }

        return '';
    }

    /** @param list<Span> $spans */
    private static function isHandled(array $spans, string ...$how): bool
    {
        return array_filter($spans, static fn (Span $s): bool => $s->is(SpanKind::Handling) && in_array($s->means, $how, true)) !== [];
    }
}
