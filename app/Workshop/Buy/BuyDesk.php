<?php

declare(strict_types=1);

namespace App\Workshop\Buy;

use App\Formats\Shelf\PaintFields;
use App\Models\Company;
use App\Models\Painter;
use App\Models\PaintRow;
use App\Workshop\Record\BenchDesk;
use App\Workshop\Shelf\StockDesk;
use App\Workshop\Studio;
use Carbon\CarbonImmutable;
use DomainException;
use Illuminate\Support\Facades\DB;
use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Srgb;
use Kalokroma\Film\ColourSource;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\StepRef;
use Kalokroma\Recipe\Predict\Demand;
use Kalokroma\Recipe\Predict\Needs;
use Kalokroma\Recipe\Predict\Taken;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\BuyPlan;
use Kalokroma\Shelf\BuyProblem;
use Kalokroma\Shelf\Movement;

/**
 * What recipes lack, and the cheapest purchase that closes the gaps.
 *
 * @phpstan-import-type ListBody from PriceDesk
 */
final class BuyDesk
{
    /** Another purchase may cost this much more before it is no alternative. */
    private const ALTERNATIVE_WITHIN = 1.10;

    /** What a double, or another box, weighs when fewer of them are looked for, as a share of a usual paint's price. */
    private const PENALTY = 0.5;

    public function __construct(private readonly Painter $painter, private readonly Studio $studio)
    {
    }

    /**
     * What every step of these companies still takes, with how many figures are still to do.
     *
     * @param list<Company> $companies
     * @param int|null $area of this area alone
     *
     * @return list<Demand>
     */
    public function demands(array $companies, ?int $area = null): array
    {
        foreach ($companies as $company) {
            $company->loadMissing('areas.recipe', 'records');
        }
        $this->studio->predictions->freshen($companies);
        $demands = [];
        foreach ($companies as $company) {
            $progress = BenchDesk::progress($company);
            $left = static fn (?string $of, PlannedStep $s): int => count($progress->remaining(
                StepRef::of($of, $s->key),
                $s,
                $s->scope->who->figures($company->count, $company->leaders),
            ));
            foreach ($area === null ? $this->studio->undercoats->laid($company)->steps : [] as $outcome) {
                $demands[] = new Demand(Taken::by($outcome), $company->name.', undercoat', $left(null, $outcome->step));
            }
            foreach ($area === null ? $this->studio->predictions->whole($company) : [] as $outcome) {
                $demands[] = new Demand(Taken::by($outcome), $company->name.', whole figure', $left(null, $outcome->step));
            }
            foreach ($company->areas as $row) {
                $isAsked = $row->recipe !== null && ($area === null || $row->id === $area);
                foreach ($isAsked ? $this->studio->predictions->taken($company, $row, $row->recipe) : [] as $taken) {
                    $demands[] = new Demand($taken, $company->name.', '.mb_strtolower($row->name), $left((string) $row->id, $taken->step));
                }
            }
        }

        return $demands;
    }

    /**
     * @param list<Company> $companies
     *
     * @return list<Lack> paints that are missing, gone or too little, and colours nothing in stock comes near to
     */
    public function lacks(array $companies): array
    {
        $demands = $this->demands($companies);

        return array_values(array_filter([
            ...array_map(Lack::ofPaint(...), Needs::of($demands)),
            ...array_map(Lack::ofColour(...), $demands, array_keys($demands)),
        ]));
    }

    /**
     * @param list<Lack> $lacks
     * @param float $within how far off (CIEDE2000) a paint may be expected to be from what is lacking
     */
    public function plan(array $lacks, float $within): PurchasePlan
    {
        $body = PriceDesk::body($this->painter);
        $meets = $this->whatMeets($lacks, $body, $within);
        $sets = [];
        foreach ($body['sets'] as $set) {
            $sets[$set['id']] = ['price' => $set['price'], 'paints' => $set['paints']];
        }
        $problem = new BuyProblem(array_map(array_keys(...), $meets), array_column($body['paints'], 'price', 'id'), $sets);
        $plan = BuyPlan::cheapest($problem);

        return new PurchasePlan(
            $lacks,
            array_map(count(...), $meets),
            $this->nearestOnSale($lacks, $body),
            $plan->unmet,
            $plan->proven,
            $plan->gap(),
            $purchases = $this->purchases($plan, $problem, $body, $lacks, $meets),
            $body,
            PriceDesk::row($this->painter) === null ? self::unpriced(OwnPrices::of($this->painter)->unpriced, $purchases, $body) : null,
        );
    }

    /**
     * @param list<string> $unpriced
     * @param list<Purchase> $purchases
     * @param ListBody $body
     *
     * @return list<string> those among them that are bought
     */
    private static function unpriced(array $unpriced, array $purchases, array $body): array
    {
        $names = array_column($body['paints'], 'name', 'id');
        $bought = array_map(static fn (string $id): string => $names[$id], array_merge(...array_map(
            static fn (Purchase $p): array => $p->singles,
            $purchases,
        )));

        return array_values(array_unique(array_intersect($bought, $unpriced)));
    }

    /**
     * Puts what was bought on the shelf.
     *
     * @param list<string> $singles
     * @param list<string> $sets
     */
    public function bought(array $singles, array $sets, CarbonImmutable $at): void
    {
        $body = PriceDesk::body($this->painter);
        $onSale = array_column($body['paints'], null, 'id');
        DB::transaction(function () use ($singles, $sets, $body, $onSale, $at): void {
            foreach ($singles as $id) {
                $this->put(
                    $onSale[$id] ?? throw new DomainException('That paint is not on the price list any more.'),
                    '',
                    $body['currency'],
                    $at,
                );
            }
            foreach ($sets as $id) {
                $set = array_values(
                    array_filter($body['sets'], static fn (array $s): bool => $s['id'] === $id),
                )[0] ?? throw new DomainException('That set is not on the price list any more.');
                foreach ($set['paints'] as $paint) {
                    $this->put($onSale[$paint], $set['name'], $body['currency'], $at);
                }
            }
        });
    }

    /** @param array{id: string, name: string, line: string, behaviour: string, colour: string, ml: float, price: int} $sold */
    private function put(array $sold, string $set, string $currency, CarbonImmutable $at): void
    {
        $paint = PaintRow::withTrashed()->where(
            'painter_id',
            $this->painter->id,
        )->where('line', $sold['line'])->where('name', $sold['name'])->first();
        if ($paint === null) {
            $fields = PaintFields::read([
                'name' => $sold['name'], 'line' =>
                    $sold['line'], 'behaviour' =>
                    $sold['behaviour'], 'colour' =>
                    $sold['colour'], 'bottle_ml' =>
                    (string) $sold['ml'],
                'price' => number_format(
                    $sold['price'] / 100,
                    2,
                    '.',
                    '',
                ), 'currency' => $currency, 'owned' => 'yes', 'bottles' => '1', 'set' => $set,
            ]);
            $paint = $this->painter->paints()->create($fields->attributes)->refresh();
        } else {
            $paint->restore();
            $had = $paint->owned && !$paint->isDriedUp();
            $paint->update(
                [
                    'owned' => true,
                    'bottles' => $had ? ($paint->bottles ?? 1) + 1 : 1,
                    'state' => $paint->isDriedUp() ? '' : $paint->state,
                    'set_name' => $paint->set_name ?: $set,
                ],
            );
            if (!$had && ($paint->left_ml ?? 0.0) > 0) {
                StockDesk::move($paint, Movement::PouredAway, Movement::PouredAway->signed((float) $paint->left_ml), 'dried up', $at);
            }
        }
        StockDesk::move($paint, Movement::Bought, (float) $sold['ml'], $set === '' ? 'bought alone' : 'from '.$set, $at);
    }

    /**
     * @param list<Lack> $lacks
     * @param ListBody $body
     *
     * @return array<string, array<string, float>> lack to the paints on sale that meet it, with their difference
     */
    private function whatMeets(array $lacks, array $body, float $within): array
    {
        $meets = array_fill_keys(array_map(static fn (Lack $l): string => $l->id, $lacks), []);
        foreach ($body['paints'] as $paint) {
            $lab = Srgb::fromHex($paint['colour'])->toLab();
            foreach ($lacks as $lack) {
                $apart = Behaviour::from($paint['behaviour'])->standsInFor($lack->behaviour)
                    ? Ciede2000::difference($lab, $lack->lab)
                    : INF;
                if (hypot($apart, ColourSource::Typed->single()) <= $within) {
                    $meets[$lack->id][$paint['id']] = $apart;
                }
            }
        }

        return $meets;
    }

    /**
     * @param list<Lack> $lacks
     * @param ListBody $body
     *
     * @return array<string, array{name: string, hex: string, apart: float}|null>
     */
    private function nearestOnSale(array $lacks, array $body): array
    {
        $found = [];
        foreach ($lacks as $lack) {
            $found[$lack->id] = null;
            foreach ($this->whatMeets([$lack], $body, 200.0)[$lack->id] as $id => $apart) {
                if ($found[$lack->id] === null || $apart < $found[$lack->id]['apart']) {
                    $paint = array_column($body['paints'], null, 'id')[$id];
                    $found[$lack->id] = ['name' => $paint['name'], 'hex' => $paint['colour'], 'apart' => round($apart, 1)];
                }
            }
        }

        return $found;
    }

    /**
     * @param ListBody $body
     *
     * @return array<string, true> paints on sale that are on the shelf and in stock
     */
    private function ownedOnSale(array $body): array
    {
        $names = [];
        foreach ($this->studio->shelf->paints() as $paint) {
            if ($paint->isAtHand()) {
                $names[$paint->line.'/'.$paint->name] = true;
            }
        }

        return array_fill_keys(
            array_column(array_filter($body['paints'], static fn (array $p): bool => isset($names[$p['line'].'/'.$p['name']])), 'id'),
            true,
        );
    }

    /**
     * The cheapest, and others that need fewer boxes or bring fewer doubles without costing much more.
     *
     * @param ListBody $body
     * @param list<Lack> $lacks
     * @param array<string, array<string, float>> $meets
     *
     * @return list<Purchase>
     */
    private function purchases(BuyPlan $plan, BuyProblem $problem, array $body, array $lacks, array $meets): array
    {
        $owned = $this->ownedOnSale($body);
        $usual = $problem->singles === [] ? 0 : (int) (array_sum($problem->singles) / count($problem->singles) * self::PENALTY);
        $found = [self::purchase('The cheapest', $plan, $body, $lacks, $meets, $owned)];
        $penalties = [
            'Fewer boxes' => static fn (array $set): int => 2 * $usual,
            'Fewer doubles' => static fn (array $set): int => $usual * count(array_intersect_key(array_flip($set['paints']), $owned)),
        ];
        foreach ($penalties as $title => $penalty) {
            $sets = array_map(static fn (array $set): array => ['price' => $set['price'] + $penalty($set)] + $set, $problem->sets);
            $purchase = self::purchase(
                $title,
                BuyPlan::cheapest(new BuyProblem($problem->requirements, $problem->singles, $sets)),
                $body,
                $lacks,
                $meets,
                $owned,
            );
            $isNew = array_filter($found, static fn (Purchase $f): bool => $f->key() === $purchase->key()) === [];
            $isBetter = $purchase->allDoubles() < $found[0]->allDoubles() || count($purchase->sets) < count($found[0]->sets);
            if ($isNew && $isBetter && $purchase->price <= self::ALTERNATIVE_WITHIN * $plan->price) {
                $found[] = $purchase;
            }
        }

        return $found;
    }

    /**
     * @param ListBody $body
     * @param list<Lack> $lacks
     * @param array<string, array<string, float>> $meets
     * @param array<string, true> $owned
     */
    private static function purchase(string $title, BuyPlan $plan, array $body, array $lacks, array $meets, array $owned): Purchase
    {
        $paints = array_column($body['paints'], 'id');
        $contents = array_combine(
            $paints,
            array_map(static fn (string $id): array => [$id], $paints),
        ) + array_column($body['sets'], 'paints', 'id');
        $prices = array_column($body['paints'], 'price', 'id') + array_column($body['sets'], 'price', 'id');
        $met = $doubles = [];
        $price = 0;
        foreach ([...$plan->singles, ...$plan->sets] as $id) {
            $held = array_fill_keys($contents[$id], true);
            $price += $prices[$id];
            $doubles[$id] = count(array_intersect_key($held, $owned));
            $met[$id] = array_values(array_map(
                static fn (Lack $l): string => $l->name,
                array_filter($lacks, static fn (Lack $l): bool => array_intersect_key($meets[$l->id], $held) !== []),
            ));
        }
        $sets = array_values(
            array_filter(array_column($body['sets'], 'id'), static fn (string $id): bool => in_array($id, $plan->sets, true)),
        );

        return new Purchase($title, $price, $plan->singles, $sets, $met, $doubles);
    }
}
