<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Answers to writes are kept, so that a repeated one changes nothing; predictions know the state they were made from. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('replies', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('painter_id')->constrained()->cascadeOnDelete();
            $table->string('key', 64);
            $table->string('asked', 64);
            $table->unsignedSmallInteger('status');
            $table->binary('body');
            $table->timestamp('created_at')->index();
            $table->unique(['painter_id', 'key']);
        });
        Schema::table('painters', static function (Blueprint $table): void {
            $table->unsignedBigInteger('stamp')->default(0);
        });
        Schema::table('recipes', static function (Blueprint $table): void {
            $table->json('keys')->nullable();
        });
        foreach (DB::table('recipes')->get(['id', 'area_id', 'plan']) as $recipe) {
            DB::table('recipes')->where('id', $recipe->id)->update(['keys' => json_encode($this->keysOf($recipe), JSON_THROW_ON_ERROR)]);
        }
    }

    /**
     * Keys that steps of a recipe ever had: in its plan, its history and what was recorded.
     *
     * @param object{id: int, area_id: int, plan: string} $recipe
     *
     * @return list<string>
     */
    private function keysOf(object $recipe): array
    {
        $plans = [$recipe->plan];
        foreach (DB::table('recipe_revisions')->where('recipe_id', $recipe->id)->pluck('state') as $state) {
            $plans[] = json_encode(json_decode((string) $state, true)['plan'] ?? [], JSON_THROW_ON_ERROR);
        }
        $keys = DB::table('records')->where('area_id', $recipe->area_id)->whereNotNull('step_key')->pluck('step_key')->all();
        foreach ($plans as $plan) {
            array_push($keys, ...array_column(json_decode((string) $plan, true)['steps'] ?? [], 'key'));
        }

        return array_values(array_unique($keys));
    }

    public function down(): void
    {
        Schema::table('recipes', static function (Blueprint $table): void {
            $table->dropColumn('keys');
        });
        Schema::table('painters', static function (Blueprint $table): void {
            $table->dropColumn('stamp');
        });
        Schema::dropIfExists('replies');
    }
};
