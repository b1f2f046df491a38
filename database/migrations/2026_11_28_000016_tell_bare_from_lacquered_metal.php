<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Material;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Shelf\Behaviour;
use Symfony\Component\Console\Output\ConsoleOutput;

/**
 * Metal is bare or lacquered. What was metal stays bare where its colour lies near a metallic paint that its painter owns, or where it has
 * no colour yet; everything else was armour, a hull or a machine in a colour. Recipes say by themselves that they were drafted for another
 * material.
 */
return new class () extends Migration {
    public function up(): void
    {
        $flakes = [];
        foreach (DB::table('paints')->where('behaviour', Behaviour::Metallic->value)->whereNotNull('hex')->get() as $paint) {
            $flakes[$paint->painter_id][] = Srgb::fromHex($paint->hex)->toLab();
        }
        $told = [];
        $areas = DB::table('areas')->join('companies', 'companies.id', '=', 'areas.company_id')
            ->where('areas.material', Material::Metal->value)->whereNotNull('areas.hex')
            ->get(['areas.id', 'areas.name', 'areas.hex', 'companies.name as company', 'companies.painter_id']);
        foreach ($areas as $area) {
            $lab = Srgb::fromHex($area->hex)->toLab();
            $near = array_filter(
                $flakes[$area->painter_id] ?? [],
                static fn ($flake): bool => Ciede2000::difference($flake, $lab) <= Defaults::METAL_WITHIN,
            );
            if ($near === []) {
                DB::table('areas')->where('id', $area->id)->update(['material' => Material::Lacquered->value]);
                $told[] = sprintf('%s of %s', $area->name, $area->company);
            }
        }
        if ($told !== [] && !app()->runningUnitTests()) {
            (new ConsoleOutput())->writeln('Lacquered metal from now on: '.implode(', ', $told).'.');
        }
    }

    public function down(): void
    {
        DB::table('areas')->where('material', Material::Lacquered->value)->update(['material' => Material::Metal->value]);
    }
};
