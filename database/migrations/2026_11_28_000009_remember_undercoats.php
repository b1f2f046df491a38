<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** An undercoat is a list of steps, and remembers its states as recipes do. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::rename('recipe_revisions', 'revisions');
        Schema::table('revisions', static function (Blueprint $table): void {
            $table->unsignedBigInteger('recipe_id')->nullable()->change();
            $table->foreignId('company_id')->nullable()->constrained()->cascadeOnDelete();
            $table->index(['company_id', 'number']);
        });
        Schema::table('companies', static function (Blueprint $table): void {
            $table->unsignedInteger('undercoat_version')->default(0);
            $table->unsignedInteger('undercoat_counter')->default(0);
        });
        foreach (['companies', 'trials'] as $table) {
            $this->rewrite($table, static fn (array $kept): array => [
                'own' => $kept['own'] ?? false,
                'reason' => $kept['reason'] ?? '',
                'kind' => $kept['kind'] ?? null,
                'steps' => [[
                    'key' => 'undercoat',
                    'tone' => $kept['tone'],
                    'paint_id' => $kept['paint_id'],
                    'lights' => $kept['lights'] ?? [],
                    'coats' => $kept['coats'] ?? null,
                    'thin' => $kept['thin'] ?? null,
                ]],
            ]);
        }
    }

    public function down(): void
    {
        foreach (['companies', 'trials'] as $table) {
            $this->rewrite($table, static fn (array $kept): array => [
                ...array_diff_key($kept, ['steps' => 0]),
                ...array_diff_key($kept['steps'][0], ['key' => 0]),
            ]);
        }
        Schema::table('companies', static function (Blueprint $table): void {
            $table->dropColumn(['undercoat_version', 'undercoat_counter']);
        });
        DB::table('revisions')->whereNull('recipe_id')->delete();
        Schema::table('revisions', static function (Blueprint $table): void {
            $table->dropIndex(['company_id', 'number']);
            $table->dropConstrainedForeignId('company_id');
            $table->unsignedBigInteger('recipe_id')->nullable(false)->change();
        });
        Schema::rename('revisions', 'recipe_revisions');
    }

    /** @param callable(array<string, mixed>): array<string, mixed> $anew */
    private function rewrite(string $table, callable $anew): void
    {
        foreach (DB::table($table)->whereNotNull('undercoat')->get(['id', 'undercoat']) as $row) {
            $kept = json_decode((string) $row->undercoat, true);
            DB::table($table)->where('id', $row->id)->update(['undercoat' => json_encode($anew($kept), JSON_THROW_ON_ERROR)]);
        }
    }
};
