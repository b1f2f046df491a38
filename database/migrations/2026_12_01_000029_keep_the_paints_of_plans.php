<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Which paints each step takes stands in rows, and is no longer searched in the plans. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('plan_paints', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('company_id')->constrained()->cascadeOnDelete();
            $table->foreignId('area_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('step', 60);
            $table->unsignedInteger('paint');
            $table->index(['company_id', 'area_id']);
            $table->index('paint');
        });
        $recipes = DB::table('recipes')->join('areas', 'areas.id', '=', 'recipes.area_id')->orderBy('recipes.id')
            ->get(['areas.company_id', 'recipes.area_id', 'recipes.plan']);
        foreach ($recipes as $recipe) {
            self::keep($recipe->company_id, $recipe->area_id, self::ofSteps(self::read($recipe->plan)['steps'] ?? []));
        }
        foreach (DB::table('companies')->orderBy('id')->get(['id', 'undercoat', 'whole']) as $company) {
            $found = self::ofSteps(array_column(self::read($company->whole)['steps'] ?? [], 'step'));
            foreach (self::read($company->undercoat)['steps'] ?? [] as $step) {
                if (($step['paint_id'] ?? null) !== null) {
                    $found[] = ['step' => $step['key'], 'paint' => (int) $step['paint_id']];
                }
            }
            self::keep($company->id, null, $found);
        }
    }

    /** @param list<array{step: string, paint: int}> $paints */
    private static function keep(int $company, ?int $area, array $paints): void
    {
        DB::table('plan_paints')->insert(array_map(
            static fn (array $its): array => ['company_id' => $company, 'area_id' => $area, ...$its],
            $paints,
        ));
    }

    /**
     * @param list<array<string, mixed>> $steps
     *
     * @return list<array{step: string, paint: int}>
     */
    private static function ofSteps(array $steps): array
    {
        $found = [];
        foreach ($steps as $step) {
            $parts = [...$step['mix'] ?? [], ...$step['meets'] ?? [], ...isset($step['product']) ? [$step['product']] : []];
            foreach ($parts as $part) {
                if (is_array($part) && !isset($part['described'])) {
                    $found[$step['key'].' '.$part['paint']] = ['step' => (string) $step['key'], 'paint' => (int) $part['paint']];
                }
            }
        }

        return array_values($found);
    }

    /** @return array<string, mixed> */
    private static function read(mixed $json): array
    {
        return $json === null ? [] : (array) json_decode((string) $json, true, 64, JSON_THROW_ON_ERROR);
    }
};
