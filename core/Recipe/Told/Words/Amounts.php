<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told\Words;

use Kalokroma\Shelf\WholeParts;

/**
 * How much of each paint, and how far all of it is thinned. Amounts go to what stands beside them; a ratio goes to the names in the order
 * in which they were said, a medium or water among them.
 */
final class Amounts
{
    /** Of what there is "a little" there is this much beside the rest: a fifth, between a sixth and a third. */
    public const LITTLE_PARTS = 1;
    public const REST_PARTS = 4;

    /** Drops in a millilitre, as usual bottles give them. */
    private const DROPS = 24;

    /** Most parts in all that a mix is told in. */
    private const SMALL = 12;

    /** What is thinned or thins, in the order it is said: place of its span, and whether it thins. */
    private const ELEMENTS = [SpanKind::Paint, SpanKind::Thinner, SpanKind::AnyPaint];

    /** @var list<array{at: int, thins: bool, amount: float|null, unit: string}> */
    private array $elements = [];

    /** @var array<int, true> places of amounts and ratios that were used */
    private array $used = [];

    /** @var array{float, float}|null paint to thinner, where a ratio says it */
    private ?array $thinned = null;

    private bool $isEven = false;

    /** @param list<Span> $spans */
    private function __construct(private readonly array $spans)
    {
    }

    /**
     * @param list<Span> $spans of a clause
     * @param array<int, true> $without places of paints that are only spoken of
     *
     * @return array{parts: list<int>, open: list<int>, thinned: string|null, used: array<int, true>,
         share: float|null} parts of each paint
     *   and which of them are open; paint to thinner; places of spans that were used; a per cent that is of none of them
     */
    public static function of(array $spans, array $without): array
    {
        $shares = new self($spans);
        $shares->elements($without);
        $shares->amounts();
        $shares->ratios();
        [$parts, $open] = $shares->parts();
        [$thinned, $share] = [$shares->thinning(), $shares->share()];

        return ['parts' => $parts, 'open' => $open, 'thinned' => $thinned, 'used' => $shares->used, 'share' => $share];
    }

    /** @param array<int, true> $without */
    private function elements(array $without): void
    {
        foreach ($this->spans as $i => $span) {
            $isPaint = $span->is(...self::ELEMENTS) && !isset($without[$i]);
            $isKind = $span->is(SpanKind::Technique) && in_array($span->means, ['wash-all-over', 'glaze', 'stain'], true)
                && $this->beside($i, -1, SpanKind::Amount) !== null;
            if ($isPaint || $isKind) {
                $this->elements[] = ['at' => $i, 'thins' => $span->is(SpanKind::Thinner), 'amount' => null, 'unit' => ''];
            }
        }
    }

    private function amounts(): void
    {
        $this->given();
        // "A drop of" is one where other drops are counted, else a little.
        $isCounted = in_array('part', array_column($this->elements, 'unit'), true);
        foreach ($isCounted ? $this->elements : [] as $e => $element) {
            $before = $this->beside($element['at'], -1, SpanKind::Amount);
            if ($before !== null && $this->spans[$before]->means === 'drop') {
                $this->give($e, 1.0, 'part');
            }
        }
    }

    private function given(): void
    {
        $amounts = array_keys(array_filter($this->spans, static fn (Span $s): bool => $s->is(SpanKind::Amount)));
        $counted = array_filter($amounts, fn (int $i): bool => in_array(
            self::unit($this->spans[$i]),
            ['number', 'percent', 'part'],
            true,
        ));
        $first = $this->elements[0]['at'] ?? null;
        $last = $this->elements === [] ? null : $this->elements[count($this->elements) - 1]['at'];
        $isBehind = $first !== null && count($counted) === count($this->elements) && $counted !== []
            && min($counted) > $first && max($counted) > $last;
        foreach ($amounts as $i) {
            $span = $this->spans[$i];
            if (in_array($span->means, ['of-each', 'double', 'half-as-much'], true)) {
                $this->each($i, $span->means);

                continue;
            }
            if (self::unit($span) === 'percent' && count($this->elements) === 1) {
                // A share of the place, or nobody knows what of.
                continue;
            }
            $next = $this->element($i, 1);
            $prior = $this->element($i, -1);
            $across = $isBehind && count($this->elements) > 1 ? $this->across($i) : null;
            $to = $isBehind ? $prior ?? $across ?? $next : $next ?? $prior;
            $to ??= count($counted) === count($this->elements) && count($counted) > 1 ? $this->across($i) : null;
            if ($to === null || $this->elements[$to]['amount'] !== null || ($span->means === 'number' && in_array(
                $span->group(0),
                ['a', 'an'],
                true,
            ))) {
                continue;
            }
            if (($span->means === 'some' || $span->means === 'little') && $next === null) {
                continue;
            }
            $this->give($to, self::amount($span), self::unit($span));
            $this->used[$i] = true;
        }
    }

    /** As much of each, or of one twice or half as much as of the others. */
    private function each(int $at, string $means): void
    {
        $next = $this->element($at, 1) ?? $this->namedBefore($at);
        if ($this->elements === [] || ($means !== 'of-each' && $next === null)) {
            return;
        }
        if ($means !== 'of-each' && count($this->elements) === 1 && $this->elements[0]['thins']) {
            $this->thinned = $means === 'double' ? [1.0, 2.0] : [2.0, 1.0];
        }
        foreach ($this->elements as $e => $_) {
            $isMore = ($e === $next) === ($means === 'double');
            $this->give($e, $means !== 'of-each' && $isMore ? 2.0 : 1.0, 'part');
        }
        if (count($this->elements) === 1 && !$this->elements[0]['thins']) {
            // Half or twice as much of one paint alone: of what, nobody said.
            return;
        }
        $this->used[$at] = true;
    }

    /** The element of the paint that stands behind this place once more. */
    private function namedBefore(int $at): ?int
    {
        $again = $this->beside($at, 1, SpanKind::Paint);
        $id = $again === null ? null : $this->spans[$again]->paint?->id;
        foreach ($id === null ? [] : $this->elements as $e => $element) {
            if ($this->spans[$element['at']]->paint?->id === $id) {
                return $e;
            }
        }

        return null;
    }

    private function give(int $element, float $amount, string $unit): void
    {
        $this->elements = array_map(
            static fn (array $e, int $i): array => $i === $element ? ['at' => $e['at'], 'thins' => $e['thins'], 'amount' => $amount,
                'unit' => $unit] : $e,
            $this->elements,
            array_keys($this->elements),
        );
    }

    private function ratios(): void
    {
        foreach ($this->spans as $i => $span) {
            if (!$span->is(SpanKind::Ratio)) {
                continue;
            }
            if ($span->means === 'even') {
                $this->used[$i] = true;
                $thinners = array_filter($this->elements, static fn (array $e): bool => $e['thins'] && $e['amount'] === null);
                $paints = count($this->elements) - count(array_filter($this->elements, static fn (array $e): bool => $e['thins']));
                // "Equal parts of red, brown and medium": as much of each, so that a third of it is medium.
                $isOfAll = $paints > 1 && count($thinners) === 1 && $i < $this->elements[0]['at'];
                $this->thinned = count($thinners) === 1 || $this->elements === [] ? [$isOfAll ? (float) $paints : 1.0, 1.0] : null;
                $this->isEven = $this->thinned === null || $isOfAll;

                continue;
            }
            $numbers = array_map(Recognizers::number(...), $span->groups);
            if ($numbers === [] || min($numbers) <= 0.0) {
                continue;
            }
            $free = array_keys(array_filter($this->elements, static fn (array $e): bool => $e['amount'] === null));
            if ($this->ratio($i, $numbers, $free)) {
                $this->used[$i] = true;
            }
        }
    }

    /**
     * @param list<float> $numbers
     * @param list<int> $free elements without an amount
     */
    private function ratio(int $at, array $numbers, array $free): bool
    {
        $paints = array_values(array_filter($free, fn (int $e): bool => !$this->elements[$e]['thins']));
        $thinners = array_values(array_filter($free, fn (int $e): bool => $this->elements[$e]['thins']));
        $isThinned = $this->beside($at, -1, SpanKind::Consistency) !== null;
        if (count($numbers) === 2 && $this->thinned === null) {
            $alone = count($paints) <= 1 && $thinners === [];
            if ($isThinned || ($alone && count($this->elements) <= 1)) {
                $this->thinned = [$numbers[0], $numbers[1]];

                return true;
            }
            $isBeside = $this->element($at, 1) === ($thinners[0] ?? -1) || $this->beside($at, 1, SpanKind::And) !== null;
            if (count($thinners) === 1 && (count($paints) !== 2 || ($isBeside && $this->isBefore(
                $thinners[0],
                $at,
            ) === false && $this->hasRatioBefore($at)))) {
                $isFirst = $paints !== [] && $this->elements[$thinners[0]]['at'] < $this->elements[$paints[0]]['at'];
                $this->thinned = $isFirst ? [$numbers[1], $numbers[0]] : [$numbers[0], $numbers[1]];

                return true;
            }
        }
        if (count($paints) < count($numbers)) {
            return false;
        }
        foreach ($numbers as $n => $number) {
            $this->give($paints[$n], $number, 'part');
        }

        return true;
    }

    private function isBefore(int $element, int $at): bool
    {
        return $this->elements[$element]['at'] < $at;
    }

    private function hasRatioBefore(int $at): bool
    {
        foreach ($this->spans as $i => $span) {
            if ($i < $at && $span->is(SpanKind::Ratio)) {
                return true;
            }
        }

        return false;
    }

    /** @return array{list<int>, list<int>} */
    private function parts(): array
    {
        $paints = array_values(array_filter($this->elements, fn (array $e): bool => $this->spans[$e['at']]->is(SpanKind::Paint)));
        if ($this->isEven || count($paints) < 2) {
            $isOpen = count($paints) === 1 && in_array($paints[0]['unit'], ['some', 'little'], true);

            return [array_fill(0, count($paints), 1), $isOpen ? [0] : []];
        }
        $units = array_column($paints, 'unit');
        $isCounted = array_diff($units, ['', 'some', 'little', 'rest']) !== [];
        $paints = self::filled($paints);
        $parts = $open = [];
        $isLoose = array_intersect($units, ['some', 'little']) !== [] && in_array('', $units, true);
        foreach ($paints as $i => $paint) {
            $parts[$i] = match (true) {
                $paint['unit'] === 'little', $paint['unit'] === 'some' => self::LITTLE_PARTS,
                $paint['amount'] !== null => $paint['amount'] * ($paint['unit'] === 'ml' ? self::DROPS : 1),
                default => 1,
            };
            $isUnsaid = $paint['amount'] === null && ($isCounted || ($i > 0 && !$isLoose));
            if ($isUnsaid || in_array($paint['unit'], ['some', 'little'], true)) {
                $open[] = $i;
            }
        }
        if (in_array('little', $units, true) && !$isCounted) {
            $parts = array_map(static fn (array $p): int => $p['unit'] === 'little' ? self::LITTLE_PARTS : self::REST_PARTS, $paints);
        }

        return [self::small(self::whole(array_map(floatval(...), array_values($parts)))), $open];
    }

    /**
     * What is left of a hundred goes to the one of which no amount is said.
     *
     * @param list<array{at: int, thins: bool, amount: float|null, unit: string}> $paints
     *
     * @return list<array{at: int, thins: bool, amount: float|null, unit: string}>
     */
    private static function filled(array $paints): array
    {
        $said = array_sum(array_map(static fn (array $p): float => $p['unit'] === 'percent' ? (float) $p['amount'] : 0.0, $paints));
        $without = array_keys(array_filter($paints, static fn (array $p): bool => in_array($p['unit'], ['', 'rest'], true)));
        if ($said > 0.0 && $said < 100.0 && count($without) === 1) {
            $rest = ['amount' => 100.0 - $said, 'unit' => 'percent'];

            return array_map(
                static fn (array $p, int $i): array => $i === $without[0] ? [...$p, ...$rest] : $p,
                $paints,
                array_keys($paints),
            );
        }

        return $paints;
    }

    /** Paint to thinner, "1:3"; null where nothing says it. */
    private function thinning(): ?string
    {
        if ($this->thinned !== null) {
            return self::ratioOf($this->thinned[0], $this->thinned[1]);
        }
        $units = array_map(static fn (array $e): string => $e['thins'] ? '' : $e['unit'], $this->elements);
        $isMixed = array_diff($units, ['', 'percent']) !== [];
        $paint = $thinner = 0.0;
        $isPercent = $isRest = $isOpen = false;
        foreach ($this->elements as ['thins' => $thins, 'amount' => $amount, 'unit' => $unit]) {
            $isPercent = $isPercent || $unit === 'percent';
            $isRest = $isRest || ($thins && $unit === 'rest');
            $isOpen = $isOpen || in_array($unit, ['some', 'little'], true);
            $amount = in_array($unit, ['some', 'little', 'rest'], true) ? 0.0 : (float) $amount * ($unit === 'ml' ? self::DROPS : 1);
            $thins ? $thinner += $amount : $paint += $amount;
        }
        if ($isOpen || ($this->elements !== [] && !$this->isThinned())) {
            return null;
        }
        if ($isPercent) {
            // Parts say how the paints are mixed, and the per cent how far that is thinned.
            $paint = $isMixed ? 0.0 : $paint;
            $thinner = $thinner > 0.0 ? $thinner : 100.0 - $paint;
            $paint = $paint > 0.0 ? $paint : 100.0 - $thinner;
        }

        if ($paint > 0.0 && $thinner > 0.0) {
            return self::ratioOf($paint, $thinner);
        }
        if ($this->isPartsToOne($paint)) {
            return self::ratioOf(1.0, $thinner);
        }
        $this->forget();

        return null;
    }

    /** "With five parts water": to one of the paint, where there is one paint and nothing is said of how much. */
    private function isPartsToOne(float $paint): bool
    {
        $parts = array_filter($this->spans, static fn (Span $s): bool => $s->is(SpanKind::Amount) && $s->group(1) !== '');

        return $paint === 0.0 && count($parts) === 1 && count($this->elements) === 2;
    }

    /** So much of a thinner, to who knows how much paint: nothing can be made of it. */
    private function forget(): void
    {
        foreach ($this->spans as $i => $span) {
            $to = $span->is(SpanKind::Amount) ? $this->element($i, 1) ?? $this->element($i, -1) : null;
            if ($to !== null && $this->elements[$to]['thins']) {
                unset($this->used[$i]);
            }
        }
    }

    /** Whether its amounts say a thinning: a thinner has one, or paint alone in per cent. */
    private function isThinned(): bool
    {
        foreach ($this->elements as $element) {
            if ($element['thins'] && $element['amount'] !== null) {
                return true;
            }
            if ($element['unit'] === 'percent' && $this->spans[$element['at']]->is(SpanKind::AnyPaint)) {
                return true;
            }
        }

        return count($this->elements) === 2 && $this->elements[0]['unit'] === 'percent' && $this->elements[1]['thins'];
    }

    private static function ratioOf(float $paint, float $thinner): string
    {
        [$p, $t] = self::whole([$paint, $thinner]);
        $divisor = max(1, WholeParts::divisor($p, $t));

        return intdiv($p, $divisor).':'.intdiv($t, $divisor);
    }

    /** Per cent of the place, where one is said: what no paint and no thinner has taken. */
    private function share(): ?float
    {
        $isPlaced = array_filter(
            $this->spans,
            static fn (Span $s): bool => $s->is(SpanKind::Face, SpanKind::Part, SpanKind::AllOver, SpanKind::Light, SpanKind::Leave),
        ) !== [];
        foreach ($this->spans as $i => $span) {
            $isOf = $isPlaced || $span->means === 'percent-it';
            if ($isOf && $span->is(SpanKind::Amount) && !isset($this->used[$i]) && self::unit($span) === 'percent') {
                $share = self::amount($span);
                if ($share > 0.0 && $share <= 100.0) {
                    $this->used[$i] = true;

                    return $share;
                }
            }
        }

        return null;
    }

    private static function unit(Span $span): string
    {
        return match (true) {
            str_starts_with($span->means, 'percent') => 'percent',
            $span->means === 'drop' => 'little',
            default => $span->means,
        };
    }

    private static function amount(Span $span): float
    {
        return match ($span->means) {
            'percent', 'percent-it' => $span->group(1) === '' ? Recognizers::number($span->group(0))
                : (Recognizers::number($span->group(0)) + Recognizers::number($span->group(1))) / 2,
            'percent-25', 'percent-33', 'percent-67', 'percent-75' => (float) substr($span->means, strlen('percent-')),
            'little', 'drop', 'some', 'rest' => 1.0,
            'ml' => Recognizers::number($span->group(0)),
            default => max(1.0, Recognizers::number($span->group(0) === '' ? 'a' : $span->group(0))),
        };
    }

    /** Number of the element beside this place, words without weight left aside. */
    private function element(int $at, int $step): ?int
    {
        for ($i = $at + $step; isset($this->spans[$i]); $i += $step) {
            foreach ($this->elements as $e => $element) {
                if ($element['at'] === $i) {
                    return $e;
                }
            }
            if (!$this->spans[$i]->is(SpanKind::Plain)) {
                return null;
            }
        }

        return null;
    }

    /** The element before a comma that stands before this place. */
    private function across(int $at): ?int
    {
        $comma = $this->beside($at, -1, SpanKind::Comma);

        return $comma === null || $this->spans[$comma]->means !== '' ? null : $this->element($comma, -1);
    }

    private function beside(int $at, int $step, SpanKind $kind): ?int
    {
        for ($i = $at + $step; isset($this->spans[$i]); $i += $step) {
            if ($this->spans[$i]->is($kind)) {
                return $i;
            }
            if (!$this->spans[$i]->is(SpanKind::Plain)) {
                return null;
            }
        }

        return null;
    }

    /**
     * Without fractions: thirds and the like in the fewest parts that they come to, within a hundredth.
     *
     * @param list<float> $parts
     *
     * @return list<int>
     */
    private static function whole(array $parts): array
    {
        $sum = array_sum($parts);
        $isPercent = abs($sum - 100.0) < 1.0;
        for ($all = 2; $isPercent && $all <= self::SMALL; ++$all) {
            $shares = array_map(static fn (float $p): float => $p / $sum * $all, $parts);
            if (array_filter($shares, static fn (float $s): bool => abs($s - max(1.0, round($s))) > 0.01 * $all) === []) {
                return array_map(static fn (float $s): int => (int) round($s), $shares);
            }
        }
        $isWhole = array_filter($parts, static fn (float $p): bool => fmod($p, 1.0) !== 0.0) === [];

        return array_map(static fn (float $p): int => max(1, (int) round($p * ($isWhole ? 1 : 10))), $parts);
    }

    /**
     * In lowest terms; percents that have none in small numbers are brought to the nearest tenths.
     *
     * @param list<int> $parts
     *
     * @return list<int>
     */
    public static function small(array $parts): array
    {
        $parts = array_map(static fn (int $p): int => max(1, $p), $parts);
        $divisor = array_reduce($parts, WholeParts::divisor(...), 0);
        $parts = array_map(static fn (int $p): int => intdiv($p, max(1, $divisor)), $parts);
        $sum = array_sum($parts);

        return $sum <= self::SMALL ? $parts : array_map(static fn (int $p): int => max(1, (int) round(10 * $p / $sum)), $parts);
    }
}
