<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;

/**
 * Spectra are derived from colours: those kept before they had the flanks of pigments are derived anew, and what was predicted from them
 * is stale.
 */
return new class () extends Migration {
    private const DECIMALS = 7;

    public function up(): void
    {
        $derived = [];
        foreach (DB::table('paints')->whereNotNull('hex')->orderBy('id')->get(['id', 'hex']) as $paint) {
            $derived[$paint->hex] ??= json_encode(
                array_map(
                    static fn (float $r): float => round($r, self::DECIMALS),
                    Reflectance::fromSrgb(Srgb::fromHex($paint->hex))->bands,
                ),
                JSON_THROW_ON_ERROR,
            );
            DB::table('paints')->where('id', $paint->id)->update(['reflectance' => $derived[$paint->hex]]);
        }
        DB::table('recipes')->update(['stale' => true]);
        DB::table('companies')->update(['undercoat_stale' => true]);
        DB::table('painters')->increment('stamp');
    }

    public function down(): void
    {
        // What is derived has no state of its own to go back to.
    }
};
