<?php

declare(strict_types=1);

namespace App\Workshop\Buy;

use App\Formats\Shelf\PaintFields;
use App\Models\Company;
use App\Models\Painter;
use App\Models\PaintRow;
use App\Workshop\Recipe\RecipeDesk;
use App\Workshop\Record\BenchDesk;
use App\Workshop\Shelf\StockDesk;
use Carbon\CarbonImmutable;
use DomainException;
use Illuminate\Support\Facades\DB;
use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Srgb;
use Kalokroma\Recipe\Predict\Needs;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\BuyPlan;
use Kalokroma\Shelf\BuyProblem;
use Kalokroma\Shelf\Movement;

/**
 * What recipes lack, and the cheapest purchase that closes the gaps.
 *
 * @phpstan-import-type ListBody from PriceDesk
 *
 * @phpstan-type Lack array{id: string, name: string, why: string, uses: list<string>, lab: Lab, hex: string, behaviour: Behaviour}
 */
final class BuyDesk
{
    /** Another purchase may cost this much more before it is no alternative. */
    private const ALTERNATIVE_WITHIN = 1.10;

    /** What a double, or another box, weighs when fewer of them are looked for, as a share of a usual paint's price. */
    private const PENALTY = 0.5;

    public function __construct(private readonly Painter $painter, private readonly RecipeDesk $recipes)
    {
    }

    /**
     * Every step of these companies with how many figures are still to do.
     *
     * @param list<Company> $companies
     *
     * @return list<array{outcome: StepOutcome, where: string, area: int|null, figures: int}>
     */
    public function steps(array $companies): array
    {
        $steps = [];
        foreach ($companies as $company) {
            $company->loadMissing('areas.recipe', 'records');
            $progress = BenchDesk::progress($company);
            foreach ((new BenchDesk($this->recipes))->steps($company) as $step) {
                $planned = $step->outcome->step;
                $steps[] = [
                    'outcome' => $step->outcome,
                    'area' => $step->area?->id,
                    'where' => $company->name.', '.mb_strtolower($step->area->name ?? 'undercoat'),
                    'figures' => $progress->missing($step->areaId(), $planned->key, $planned->scope->who->of($company->count, $company->leaders)),
                ];
            }
        }

        return $steps;
    }

    /**
     * @param list<Company> $companies
     *
     * @return list<Lack> paints that are missing, gone or too little, and colours nothing at hand comes near to
     */
    public function lacks(array $companies): array
    {
        $steps = $this->steps($companies);
        $lacks = [];
        foreach (Needs::of($steps) as $need) {
            $paint = $need['paint'];
            $why = match (true) {
                $paint->colour === null => null,
                !$paint->isAtHand() => 'not at hand',
                $need['left'] !== null && $need['left'] < $need['ml'] => sprintf('%s ml left, %s ml needed', round($need['left'], 1), round($need['ml'], 1)),
                default => null,
            };
            if ($why !== null && $paint->colour !== null) {
                $lacks[] = ['id' => 'paint-'.$paint->id, 'name' => $paint->name, 'why' => $why, 'uses' => $need['uses'], 'lab' => $paint->colour->toLab(), 'hex' => $paint->colour->toHex(), 'behaviour' => $paint->behaviour];
            }
        }
        foreach ($steps as $i => ['outcome' => $outcome, 'where' => $where, 'figures' => $figures]) {
            if ($figures > 0 && !$outcome->step->handling->omitted && $outcome->look->difference !== null && $outcome->look->difference >= Defaults::RUNG_MISSING_FROM && $outcome->step->load->mix?->isAtHand() && $outcome->step->target !== null) {
                $target = $outcome->step->target->toSrgb()->clipped();
                $lacks[] = ['id' => 'colour-'.$i, 'name' => 'a colour for the '.$outcome->step->stage->value, 'why' => sprintf('the nearest at hand is %.1f off', $outcome->look->difference), 'uses' => [$where], 'lab' => $target->toLab(), 'hex' => $target->toHex(), 'behaviour' => $outcome->step->load->mix->first()->behaviour];
            }
        }

        return $lacks;
    }

    /**
     * @param list<Lack> $lacks
     * @param float      $within how far (CIEDE2000) a paint may be from what is lacking
     *
     * @return array<string, mixed>
     */
    public function plan(array $lacks, float $within): array
    {
        $body = PriceDesk::body($this->painter);
        $meets = $this->whatMeets($lacks, $body, $within);
        $singles = array_column($body['paints'], 'price', 'id');
        $sets = [];
        foreach ($body['sets'] as $set) {
            $sets[$set['id']] = ['price' => $set['price'], 'paints' => $set['paints']];
        }
        $requirements = array_combine(array_column($lacks, 'id'), array_map('array_keys', $meets));
        $plan = BuyPlan::cheapest(new BuyProblem($requirements, $singles, $sets));
        $owned = $this->ownedOnSale($body);
        $usual = $singles === [] ? 0 : (int) (array_sum($singles) / count($singles) * self::PENALTY);
        $found = [self::purchase('The cheapest', $plan->singles, $plan->sets, $body, $lacks, $meets, $owned)];
        foreach (['Fewer boxes' => static fn (array $set): int => 2 * $usual, 'Fewer doubles' => static fn (array $set): int => $usual * count(array_intersect_key(array_flip($set['paints']), $owned))] as $title => $penalty) {
            $other = BuyPlan::cheapest(new BuyProblem($requirements, $singles, array_map(static fn (array $set): array => ['price' => $set['price'] + $penalty($set)] + $set, $sets)));
            $purchase = self::purchase($title, $other->singles, $other->sets, $body, $lacks, $meets, $owned);
            $isNew = array_filter($found, static fn (array $f): bool => $f['key'] === $purchase['key']) === [];
            if ($isNew && $purchase['price'] <= self::ALTERNATIVE_WITHIN * $plan->price && ($purchase['doubles'] < $found[0]['doubles'] || count($purchase['sets']) < count($found[0]['sets']))) {
                $found[] = $purchase;
            }
        }
        $nearest = $this->nearestOnSale($lacks, $body);

        return [
            'lacks' => array_map(static fn (array $lack): array => [
                'id' => $lack['id'], 'name' => $lack['name'], 'why' => $lack['why'], 'uses' => $lack['uses'], 'hex' => $lack['hex'],
                'choices' => count($meets[$lack['id']]),
                'nearest' => $nearest[$lack['id']],
            ], $lacks),
            'unmet' => $plan->unmet,
            'proven' => $plan->proven,
            'gap' => round(100 * $plan->gap(), 1),
            'purchases' => $found,
            'currency' => $body['currency'],
        ];
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
                $this->put($onSale[$id] ?? throw new DomainException('That paint is not on the price list any more.'), '', $body['currency'], $at);
            }
            foreach ($sets as $id) {
                $set = array_values(array_filter($body['sets'], static fn (array $s): bool => $s['id'] === $id))[0] ?? throw new DomainException('That set is not on the price list any more.');
                foreach ($set['paints'] as $paint) {
                    $this->put($onSale[$paint], $set['name'], $body['currency'], $at);
                }
            }
        });
        (new RecipeDesk($this->painter))->refresh();
    }

    /** @param array{id: string, name: string, line: string, behaviour: string, colour: string, ml: float, price: int} $sold */
    private function put(array $sold, string $set, string $currency, CarbonImmutable $at): void
    {
        $paint = PaintRow::withTrashed()->where('painter_id', $this->painter->id)->where('line', $sold['line'])->where('name', $sold['name'])->first();
        if ($paint === null) {
            $fields = PaintFields::read([
                'name' => $sold['name'], 'line' => $sold['line'], 'behaviour' => $sold['behaviour'], 'colour' => $sold['colour'], 'bottle_ml' => (string) $sold['ml'],
                'price' => number_format($sold['price'] / 100, 2, '.', ''), 'currency' => $currency, 'owned' => 'yes', 'bottles' => '1', 'set' => $set,
            ]);
            $paint = $this->painter->paints()->create($fields->attributes)->refresh();
        } else {
            $paint->restore();
            $had = $paint->owned && !$paint->isDriedUp();
            $paint->update(['owned' => true, 'bottles' => $had ? ($paint->bottles ?? 1) + 1 : 1, 'state' => $paint->isDriedUp() ? '' : $paint->state, 'set_name' => $paint->set_name ?: $set]);
            if (!$had && ($paint->left_ml ?? 0.0) > 0) {
                StockDesk::move($paint, Movement::PouredAway, -$paint->left_ml, 'dried up', $at);
            }
        }
        StockDesk::move($paint, Movement::Bought, (float) $sold['ml'], $set === '' ? 'bought alone' : 'from '.$set, $at);
    }

    /**
     * @param list<Lack> $lacks
     * @param ListBody   $body
     *
     * @return array<string, array<string, float>> lack to the paints on sale that meet it, with their difference
     */
    private function whatMeets(array $lacks, array $body, float $within): array
    {
        $meets = array_fill_keys(array_column($lacks, 'id'), []);
        foreach ($body['paints'] as $paint) {
            $lab = Srgb::fromHex($paint['colour'])->toLab();
            foreach ($lacks as $lack) {
                $apart = Behaviour::from($paint['behaviour'])->standsInFor($lack['behaviour']) ? Ciede2000::difference($lab, $lack['lab']) : INF;
                if ($apart <= $within) {
                    $meets[$lack['id']][$paint['id']] = $apart;
                }
            }
        }

        return $meets;
    }

    /**
     * @param list<Lack> $lacks
     * @param ListBody   $body
     *
     * @return array<string, array{name: string, hex: string, apart: float}|null>
     */
    private function nearestOnSale(array $lacks, array $body): array
    {
        $found = [];
        foreach ($lacks as $lack) {
            $found[$lack['id']] = null;
            foreach ($this->whatMeets([$lack], $body, 200.0)[$lack['id']] as $id => $apart) {
                if ($found[$lack['id']] === null || $apart < $found[$lack['id']]['apart']) {
                    $paint = array_column($body['paints'], null, 'id')[$id];
                    $found[$lack['id']] = ['name' => $paint['name'], 'hex' => $paint['colour'], 'apart' => round($apart, 1)];
                }
            }
        }

        return $found;
    }

    /**
     * @param ListBody $body
     *
     * @return array<string, true> paints on sale that stand on the shelf and are at hand
     */
    private function ownedOnSale(array $body): array
    {
        $names = [];
        foreach ($this->recipes->shelf->paints() as $paint) {
            if ($paint->isAtHand()) {
                $names[$paint->line.'/'.$paint->name] = true;
            }
        }

        return array_fill_keys(array_column(array_filter($body['paints'], static fn (array $p): bool => isset($names[$p['line'].'/'.$p['name']])), 'id'), true);
    }

    /**
     * @param list<string>                        $singles
     * @param list<string>                        $sets
     * @param ListBody                            $body
     * @param list<Lack>                          $lacks
     * @param array<string, array<string, float>> $meets
     * @param array<string, true>                 $owned
     *
     * @return array{title: string, key: string, price: int, singles: list<array<string, mixed>>, sets: list<array<string, mixed>>, doubles: int}
     */
    private static function purchase(string $title, array $singles, array $sets, array $body, array $lacks, array $meets, array $owned): array
    {
        $onSale = array_column($body['paints'], null, 'id');
        $meeting = static fn (array $ids): array => array_values(array_map(
            static fn (array $lack): string => $lack['name'],
            array_filter($lacks, static fn (array $lack): bool => array_intersect_key($meets[$lack['id']], array_fill_keys($ids, true)) !== []),
        ));
        $price = $doubles = 0;
        $bought = [];
        foreach ($singles as $id) {
            $price += $onSale[$id]['price'];
            $doubles += isset($owned[$id]) ? 1 : 0;
            $bought[] = ['id' => $id, 'name' => $onSale[$id]['name'], 'line' => $onSale[$id]['line'], 'hex' => $onSale[$id]['colour'], 'price' => $onSale[$id]['price'], 'meets' => $meeting([$id]), 'double' => isset($owned[$id])];
        }
        $boxes = [];
        foreach ($body['sets'] as $set) {
            if (in_array($set['id'], $sets, true)) {
                $price += $set['price'];
                $twice = count(array_intersect_key(array_fill_keys($set['paints'], true), $owned));
                $doubles += $twice;
                $boxes[] = ['id' => $set['id'], 'name' => $set['name'], 'price' => $set['price'], 'meets' => $meeting($set['paints']), 'paints' => array_map(static fn (string $id): array => ['name' => $onSale[$id]['name'], 'hex' => $onSale[$id]['colour']], $set['paints']), 'doubles' => $twice];
            }
        }

        return ['title' => $title, 'key' => implode(',', [...$singles, ...$sets]), 'price' => $price, 'singles' => $bought, 'sets' => $boxes, 'doubles' => $doubles];
    }
}
