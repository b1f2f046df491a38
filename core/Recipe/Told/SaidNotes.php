<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Recipe\Told\Words\Span;
use Kalokroma\Recipe\Told\Words\SpanKind;
use Kalokroma\Recipe\Told\Words\SpokenOf;
use Kalokroma\Recipe\Told\Words\Stretch;
use Kalokroma\Word\Line;

/** What stays in words: what is kept because it changes nothing that is planned, and what nobody could read. */
final class SaidNotes
{
    /** Of what a step has one. */
    private const SINGLE = [SpanKind::Who, SpanKind::Level, SpanKind::Light, SpanKind::Part, SpanKind::Coats, SpanKind::Wait];

    /**
     * @param list<Span> $spans of a clause
     * @param array<int, true> $used places of amounts and ratios that something was made of
     *
     * @return array{list<string>, list<string>} all notes; those of them that were not read
     */
    public static function of(Line $line, array $spans, SpokenOf $spoken, array $used): array
    {
        $notes = $unread = [];
        $kept = self::ranges($spans, $spoken);
        $from = null;
        $to = 0;
        foreach ($spans as $i => $span) {
            $isOther = $span->is(SpanKind::Technique) && self::isOther($spans, $i);
            $isUnread = !isset($kept[$i]) && (isset($spoken->lost[$i]) || $isOther || self::isUnread($span, isset($used[$i]))
                || (!isset($spoken->left[$i]) && self::isSecond($spans, $i)));
            if ($isUnread) {
                $from ??= $span->from;
                $to = $span->to;

                continue;
            }
            if ($from !== null && (isset($kept[$i]) || !$span->is(SpanKind::Plain, SpanKind::Mention))) {
                $unread[] = $line->between($from, $to);
                $from = null;
            }
            $said = isset($kept[$i]) ? '' : self::kept($line, $span);
            $prior = $spans[$i - 1] ?? null;
            if ($said !== '' && $span->is(SpanKind::Note) && $prior?->is(SpanKind::Note) === true && $notes !== []) {
                $notes[count($notes) - 1] .= ' '.$said;
            } elseif ($said !== '') {
                $notes[] = $said;
            }
        }
        if ($from !== null) {
            $unread[] = $line->between($from, $to);
        }
        foreach ($spoken->notes as [$first, $behind]) {
            $last = min(count($spans), $behind) - 1;
            $notes[] = $last < $first ? '' : $line->between($spans[$first]->from, $spans[$last]->to);
        }
        $notes = array_values(array_unique(array_filter([...$notes, ...$unread], static fn (string $n): bool => $n !== '')));

        return [$notes, array_values(array_unique($unread))];
    }

    /**
     * @param list<Span> $spans
     *
     * @return array<int, true> places that a note of what is spoken of covers
     */
    private static function ranges(array $spans, SpokenOf $spoken): array
    {
        $found = [];
        foreach ($spoken->notes as [$first, $behind]) {
            for ($i = $first; $i < min(count($spans), $behind); ++$i) {
                $found[$i] = true;
            }
        }

        return $found;
    }

    /**
     * Whether another technique is named before it: one step has one.
     *
     * @param list<Span> $spans
     */
    private static function isOther(array $spans, int $at): bool
    {
        foreach (array_slice($spans, 0, $at) as $span) {
            if ($span->is(SpanKind::Technique)) {
                $isSheen = str_contains($spans[$at]->means, Stretch::VARNISH) && str_contains($span->means, Stretch::VARNISH);

                return $span->means !== $spans[$at]->means && !$isSheen;
            }
        }

        return false;
    }

    /**
     * Whether its field is filled by something else that stands before it: one step has one of each.
     *
     * @param list<Span> $spans
     */
    private static function isSecond(array $spans, int $at): bool
    {
        $span = $spans[$at];
        $isBlend = array_filter($spans, static fn (Span $s): bool => $s->means === Technique::WetBlend->value) !== [];
        if (!in_array($span->kind, self::SINGLE, true) || $isBlend) {
            return false;
        }
        foreach (array_slice($spans, 0, $at) as $before) {
            $isTimed = !$span->is(SpanKind::Wait) || (self::isTimed($span) && self::isTimed($before));
            if ($before->kind === $span->kind && $isTimed) {
                return [$before->means, $before->groups] !== [$span->means, $span->groups];
            }
        }

        return false;
    }

    private static function isTimed(Span $span): bool
    {
        return (SaidWait::of([$span])['minutes'] ?? null) !== null;
    }

    private static function isUnread(Span $span, bool $isUsed): bool
    {
        return match ($span->kind) {
            SpanKind::Unread => true,
            SpanKind::Note => $span->means === 'not-planned',
            SpanKind::Amount, SpanKind::Ratio => !$isUsed && !in_array($span->group(0), ['a', 'an'], true),
            default => false,
        };
    }

    /** What stays in words of a span that was read; empty where all of it became a field. */
    private static function kept(Line $line, Span $span): string
    {
        $said = $line->between($span->from, $span->to);

        return match (true) {
            $span->is(SpanKind::Note) && $span->means === 'words' => $span->group(0),
            $span->is(SpanKind::Note) && $span->means === 'turn' => '',
            $span->is(SpanKind::Note) => trim($said, ' :'),
            $span->is(SpanKind::Coats) && in_array($span->means, ['range', 'some'], true) => self::coats($span, $said),
            $span->is(SpanKind::Coats) && preg_match('/\bthin\b/i', $said) === 1 => 'thin',
            $span->is(SpanKind::Handling) && $span->means === 'optional' => self::optional($said),
            $span->is(SpanKind::Handling) && $span->means === 'instead' => trim($said, ' :'),
            $span->is(SpanKind::Handling) && $span->means === 'lively' && $span->group(0) === '' => trim($said, ' :'),
            $span->is(SpanKind::Who) && SaidWho::read($span) === null => $said,
            $span->is(SpanKind::Wait) && (SaidWait::of([$span])['minutes'] ?? null) === null => $said,
            $span->is(SpanKind::OtherArea, SpanKind::InPlaceOf) => $said,
            default => '',
        };
    }

    private static function optional(string $said): string
    {
        return str_contains(mb_strtolower($said), 'optional') ? trim($said, ' :') : 'optional: '.$said;
    }

    private static function coats(Span $span, string $said): string
    {
        $unit = preg_match(
            '/(coats?|passes|pass|layers|times|x|goes)$/i',
            trim((string) preg_replace('/ of$/i', '', $said)),
            $m,
        ) === 1 ? $m[1] : 'coats';

        return $span->means === 'some' ? trim((string) preg_replace('/ of$/i', '', $said))
            : sprintf(
                '%d to %d %s',
                Words\Recognizers::number($span->group(0)),
                Words\Recognizers::number($span->group(1)),
                mb_strtolower($unit),
            );
    }
}
