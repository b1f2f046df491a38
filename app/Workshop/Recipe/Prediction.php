<?php

declare(strict_types=1);

namespace App\Workshop\Recipe;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\RecipeRow;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Predict\StepOutcome;

/** What one state of a recipe leads to on one area. */
final readonly class Prediction
{
    /** @var list<mixed> all that it hangs on besides the shelf */
    private array $of;

    /** @param list<StepOutcome> $outcomes the undercoat first */
    public function __construct(RecipeRow $recipe, AreaRow $area, Company $company, public Plan $plan, public array $outcomes)
    {
        $this->of = self::sources($recipe, $area, $company);
    }

    public function isOf(RecipeRow $recipe, AreaRow $area, Company $company): bool
    {
        return $this->of === self::sources($recipe, $area, $company);
    }

    /** @return list<mixed> */
    private static function sources(RecipeRow $recipe, AreaRow $area, Company $company): array
    {
        return [
            $recipe->getAttributes()['plan'] ?? '', $company->getAttributes()['undercoat'] ?? '', $company->getAttributes()['whole'] ?? '',
            $company->surface_cm2,
            $area->share, $area->relief, $area->material, $area->fragile, $area->depth,
        ];
    }
}
