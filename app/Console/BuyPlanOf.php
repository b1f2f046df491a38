<?php

declare(strict_types=1);

namespace App\Console;

use DomainException;
use Kalokroma\Shelf\BuyPlan;
use Kalokroma\Shelf\BuyProblem;

final class BuyPlanOf extends PlanningCommand
{
    protected $signature = 'kalokroma:buy-plan {problem : requirements, singles and sets in JSON}';

    protected $description = 'Find the cheapest purchase of single paints and sets that meets every requirement';

    protected function answer(): array
    {
        $plan = BuyPlan::cheapest($this->problem());
        $answer = ['price' => $plan->price, 'proven' => $plan->proven, 'buy' => ['singles' => $plan->singles, 'sets' => $plan->sets]];

        return $plan->unmet === [] ? $answer : [...$answer, 'unmet' => $plan->unmet];
    }

    /** @throws DomainException that names the file and the place in it */
    private function problem(): BuyProblem
    {
        $file = (string) $this->argument('problem');
        /**
         * @var array{
         *   requirements: list<array{id: string, any_of: list<string>}>, singles: list<array{paint: string, price: int}>,
         *   sets: list<array{id: string, price: int, paints: list<string>}>,
         * } $read
         */
        $read = $this->document($file, 'buy-plan.schema.json');
        $requirements = $singles = $sets = [];
        foreach ($read['requirements'] as $i => ['id' => $id, 'any_of' => $paints]) {
            self::refuseTwice(isset($requirements[$id]), $file, "/requirements/$i/id", $id);
            $requirements[$id] = $paints;
        }
        foreach ($read['singles'] as $i => ['paint' => $paint, 'price' => $price]) {
            self::refuseTwice(isset($singles[$paint]), $file, "/singles/$i/paint", $paint);
            $singles[$paint] = $price;
        }
        foreach ($read['sets'] as $i => ['id' => $id, 'price' => $price, 'paints' => $paints]) {
            self::refuseTwice(isset($sets[$id]), $file, "/sets/$i/id", $id);
            $sets[$id] = ['price' => $price, 'paints' => $paints];
        }

        return new BuyProblem($requirements, $singles, $sets);
    }

    /** @throws DomainException */
    private static function refuseTwice(bool $stands, string $file, string $place, string $id): void
    {
        if ($stands) {
            throw new DomainException(sprintf('%s: At %s: "%s" is there a second time.', $file, $place, $id));
        }
    }
}
