<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Every figure of a company has a row of its own; a stripping that was written down has begun a new life of it. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('figures', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('painter_id')->constrained()->cascadeOnDelete();
            $table->foreignId('company_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->string('name', 80)->default('');
            $table->foreignId('picture_id')->nullable()->constrained('pictures')->nullOnDelete();
            $table->unsignedInteger('life')->default(1);
            $table->timestamps();
            $table->unique(['company_id', 'number']);
        });
        foreach (DB::table('companies')->orderBy('id')->get(['id', 'painter_id', 'count']) as $company) {
            DB::table('figures')->insert(array_map(static fn (int $number): array => [
                'painter_id' => $company->painter_id, 'company_id' => $company->id, 'number' => $number,
            ], range(1, max(1, (int) $company->count))));
        }
        $records = DB::table('records')->whereNull('withdrawn_at')->orderBy('id')->get(['company_id', 'figures', 'planned', 'real']);
        foreach ($records as $record) {
            $planned = (array) json_decode((string) $record->planned, true);
            $real = (array) json_decode((string) $record->real, true);
            $technique = $planned['substance']['technique'] ?? $planned['technique'] ?? $real['technique'] ?? '';
            if ($technique === 'stripping') {
                DB::table('figures')->where('company_id', $record->company_id)
                    ->whereIn('number', (array) json_decode((string) $record->figures, true))->increment('life');
            }
        }
    }
};
