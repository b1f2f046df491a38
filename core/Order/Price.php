<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use DomainException;
use Kalokroma\Order\Job\CompanyWork;
use Kalokroma\Order\Rule\Rule;
use Kalokroma\Order\Rule\RuleBook;
use Kalokroma\Order\Rule\Wishes;
use Kalokroma\Order\Search\Openings;
use Kalokroma\Undercoat\Weather;
use Kalokroma\Word\Duration;
use Kalokroma\Word\Finding;

/** What keeping a strong rule costs: the order with it beside the one without. */
final readonly class Price
{
    /** Two orders are told apart by minutes: they are looked into more deeply than ways are. */
    private const EFFORT = 0.15;

    /** Minutes, and share of the work, that the search itself may be off by. */
    private const LITTLE = 2;
    private const LITTLE_SHARE = 0.01;

    /**
     * @param int $minutes free ones that keeping it takes more
     * @param int $windows that keeping it needs more
     */
    private function __construct(public Rule $rule, public int $minutes, public int $windows, public Finding $costs)
    {
    }

    /**
     * @param list<CompanyWork> $companies
     *
     * @throws DomainException for a rule that is not known or is physics
     */
    public static function of(
        string $code,
        array $companies,
        WayOfWorking $way = WayOfWorking::Row,
        Wishes $wishes = new Wishes(),
        Openings $openings = new Openings(null),
        ?Weather $air = null,
    ): self {
        $free = $wishes->without($code);
        $rule = RuleBook::named($code) ?? throw new DomainException(sprintf('There is no rule "%s".', $code));
        $kept = array_values(array_diff($wishes->overruled, [$code]));
        $bound = new Wishes($kept, array_values(array_diff($wishes->relaxed, [$code])), $wishes->before, $wishes->fieldableFirst);
        $with = Planner::plan($companies, $way, $bound, $openings, $air, self::EFFORT);
        $without = Planner::plan($companies, $way, $free, $openings, $air, self::EFFORT);
        $needs = static fn (RunningOrder $order): int => $openings->elapsed($order->end) + $order->minutesLeft();
        $minutes = max(0, $needs($with) - $needs($without));
        $windows = max(0, ($with->lastWindow() ?? 0) - ($without->lastWindow() ?? 0));

        return new self($rule, $minutes, $windows, self::said($rule, $with, $minutes, $windows, $with->isProven && $without->isProven));
    }

    /** @param bool $isSure whether both orders are proven; else small differences are the search's own */
    private static function said(Rule $rule, RunningOrder $with, int $minutes, int $windows, bool $isSure): Finding
    {
        $isLittle = !$isSure && $windows === 0 && $minutes <= max(self::LITTLE, self::LITTLE_SHARE * $with->handsOn());
        $costs = match (true) {
            ($with->ties[$rule->code] ?? 0) === 0 => 'Nothing here is bound by it.',
            $minutes === 0 => 'Keeping it costs nothing.',
            $isLittle => 'Keeping it costs next to nothing.',
            $windows > 0 => 'Keeping it costs {about}{time} and {windows, plural, one {# sitting} other {# sittings}} more.',
            default => 'Keeping it costs {about}{time}.',
        };

        return new Finding('rule.price', $costs, [
            'time' => Duration::words($minutes), 'windows' => $windows, 'about' => $isSure ? '' : 'about ',
        ]);
    }
}
