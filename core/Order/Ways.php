<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use DomainException;
use Kalokroma\Order\Job\CompanyWork;
use Kalokroma\Order\Job\Jobs;
use Kalokroma\Order\Rule\Wishes;
use Kalokroma\Order\Search\Openings;
use Kalokroma\Undercoat\Weather;
use Kalokroma\Word\Duration;
use Kalokroma\Word\Finding;

/** Ways of working side by side, and which of them to take. */
final readonly class Ways
{
    /** What is compared is looked into less deeply than what is taken. */
    public const EFFORT = 0.05;

    /** Ways whose minutes at the table differ by less than this share are as good as each other. */
    private const ALIKE = 0.03;

    /** Among ways that are as good, for several figures and for one: the one that shows more, earlier. */
    private const PREFERRED = [
        'bases-first' => 'and you see the whole scheme early',
        'leaders-first' => 'and you see on the leaders whether the scheme holds',
        'colour-by-colour' => 'and it changes paint least',
        'row' => 'and it leaves you most freedom',
    ];
    private const PREFERRED_ALONE = [
        'area-by-area' => 'and you finish one thing after the other',
        'row' => 'and it leaves you most freedom',
    ];

    /**
     * @param list<WayCompared> $all
     * @param Finding $why the advised one is advised
     */
    private function __construct(public array $all, public WayOfWorking $advised, public Finding $why)
    {
    }

    /**
     * @throws DomainException as {@see Planner::plan()}
     */
    public static function compare(
        CompanyWork $company,
        Wishes $wishes = new Wishes(),
        Openings $openings = new Openings(null),
        ?Weather $air = null,
    ): self {
        $all = array_map(
            static fn (WayOfWorking $way): WayCompared => self::one($company, $way, $wishes, $openings, $air),
            self::for($company),
        );

        return self::of($company->count, $all);
    }

    /**
     * The ways that differ for this company, and are not of too many jobs to be planned.
     *
     * @return non-empty-list<WayOfWorking>
     */
    public static function for(CompanyWork $company): array
    {
        $ways = [WayOfWorking::Row];
        foreach (WayOfWorking::for($company->count, $company->leaders) as $way) {
            if ($way !== WayOfWorking::Row && count(Jobs::of($company, $way->grouping())->jobs) <= Planner::MOST_JOBS) {
                $ways[] = $way;
            }
        }

        return $ways;
    }

    /** @throws DomainException as {@see Planner::plan()} */
    public static function one(
        CompanyWork $company,
        WayOfWorking $way,
        Wishes $wishes = new Wishes(),
        Openings $openings = new Openings(null),
        ?Weather $air = null,
    ): WayCompared {
        return WayCompared::of($way, $company->count, Planner::plan([$company], $way, $wishes, $openings, $air, self::EFFORT));
    }

    /**
     * @param int $figures that are painted
     * @param non-empty-list<WayCompared> $all
     */
    public static function of(int $figures, array $all): self
    {
        $cost = static fn (WayCompared $w): array => [$w->left, $w->lastWindow ?? 0, $w->atTheTable, $w->washes];
        $sorted = $all;
        usort($sorted, static fn (WayCompared $a, WayCompared $b): int => $cost($a) <=> $cost($b));
        $best = $sorted[0];
        $alike = array_filter(
            $sorted,
            static fn (WayCompared $w): bool => $w->left === $best->left && $w->lastWindow === $best->lastWindow
                && $w->atTheTable <= $best->atTheTable * (1 + self::ALIKE),
        );
        foreach ($figures > 1 ? self::PREFERRED : self::PREFERRED_ALONE as $way => $why) {
            foreach ($alike as $each) {
                if ($each->way->value === $way && count($alike) > 1) {
                    return new self($all, $each->way, self::why($each, $sorted, $why));
                }
            }
        }

        return new self($all, $best->way, self::why($best, $sorted, ''));
    }

    /** @param list<WayCompared> $sorted the best first */
    private static function why(WayCompared $advised, array $sorted, string $more): Finding
    {
        $last = $sorted[count($sorted) - 1];
        $sittings = $advised->sittings;

        return new Finding(
            'ways.advised',
            '{way}: {time} at the table'.($sittings === null ? '' : ' in {sittings, plural, one {# sitting} other {# sittings}}')
                .($last === $advised ? '.' : '; {other} would take {longer}.').($more === '' ? '' : ' It is as short as any, '.$more.'.'),
            [
                'way' => ucfirst($advised->words()),
                'time' => Duration::words($advised->atTheTable),
                'sittings' => $sittings ?? 0,
                'other' => $last->words(),
                'longer' => Duration::words($last->atTheTable),
            ],
        );
    }
}
