<?php

declare(strict_types=1);

namespace App\Console;

use DomainException;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Film\Hiding;
use Kalokroma\Film\Thinning;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\ShelfProblem;

final class Coats extends PlanningCommand
{
    protected $signature = 'kalokroma:coats {shelf : a shelf file in CSV}
        {--paint= : the paint, by name or line/name}
        {--over= : colour of the ground, as #rrggbb}
        {--thin= : paint to thinner, as in 1:1; undiluted where absent}
        {--within=2.0 : how near to full hide, in CIEDE2000}
        {--max=12 : most coats to try}';

    protected $description = 'Predict a paint coat by coat over a ground, and how many coats hide it';

    protected function answer(): array
    {
        $shelf = $this->shelf((string) $this->argument('shelf'));
        $paint = $this->paint($shelf, $this->text('paint') ?? throw new DomainException('--paint is missing: name a paint of the shelf.'));
        if (!$paint->behaviour->colours()) {
            throw ShelfProblem::withoutColour($paint->name);
        }
        $thin = $this->text('thin');
        $asked = [
            $thin === null ? 1.0 : Thinning::fromRatio($thin)->load(),
            Reflectance::fromSrgb($this->swatch('over')),
            $this->number('within', 0.01, 100.0),
            $this->whole('max', 1, 100),
        ];
        $hiding = Hiding::of($paint->pigment(), ...$asked);
        [$load, $ground, $within, $max] = $asked;
        $range = Mix::single($paint)->coatsBetween($ground, $load, $within, $max);

        return [
            'coats' => $hiding->coats,
            'range' => [$range->fewest, $range->most],
            'after' => array_map($this->colour(...), $hiding->after),
        ];
    }
}
