<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('painters', static function (Blueprint $table): void {
            $table->id();
            $table->string('name')->unique();
            $table->string('password')->nullable();
            $table->rememberToken();
            $table->boolean('airbrush')->default(false);
            $table->boolean('spray_cans')->default(false);
            $table->string('way')->default('mixed');
            $table->timestamps();
        });
        Schema::create('paints', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('painter_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->string('line')->default('');
            $table->string('behaviour');
            $table->string('hex', 7)->nullable();
            $table->json('lab')->nullable();
            $table->json('reflectance')->nullable();
            $table->decimal('bottle_ml', 8, 2)->nullable();
            $table->decimal('left_ml', 8, 2)->nullable();
            $table->unsignedInteger('price_minor')->nullable();
            $table->string('currency', 3)->nullable();
            $table->boolean('owned')->default(true);
            $table->unsignedSmallInteger('bottles')->nullable();
            $table->string('place')->default('');
            $table->date('opened_on')->nullable();
            $table->string('state')->default('');
            $table->string('set_name')->default('');
            $table->string('colour_source')->default('');
            $table->text('notes')->default('');
            $table->json('extra')->nullable();
            $table->timestamps();
            $table->unique(['painter_id', 'line', 'name']);
        });
        Schema::create('companies', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('painter_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->unsignedSmallInteger('count')->default(1);
            $table->decimal('height_mm', 6, 1);
            $table->decimal('surface_cm2', 8, 2);
            $table->text('notes')->default('');
            $table->json('undercoat')->nullable();
            $table->timestamps();
            $table->unique(['painter_id', 'name']);
        });
        Schema::create('areas', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('painter_id')->constrained()->cascadeOnDelete();
            $table->foreignId('company_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('position');
            $table->string('name');
            $table->string('material');
            $table->string('relief');
            $table->decimal('share', 5, 2);
            $table->unsignedTinyInteger('depth');
            $table->string('weight');
            $table->string('hex', 7)->nullable();
            $table->timestamps();
            $table->unique(['company_id', 'name']);
        });
        Schema::create('recipes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('painter_id')->constrained()->cascadeOnDelete();
            $table->foreignId('area_id')->unique()->constrained()->cascadeOnDelete();
            $table->string('hex', 7);
            $table->string('way');
            $table->json('plan');
            $table->json('strip');
            $table->json('drafted_for');
            $table->timestamps();
        });
        Schema::create('records', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('painter_id')->constrained()->cascadeOnDelete();
            $table->foreignId('company_id')->constrained()->cascadeOnDelete();
            $table->foreignId('area_id')->nullable()->constrained()->nullOnDelete();
            $table->string('area_name');
            $table->string('step_key')->nullable();
            $table->string('stage');
            $table->json('figures');
            $table->json('planned')->nullable();
            $table->json('real');
            $table->text('note')->default('');
            $table->timestamp('done_at');
            $table->unsignedInteger('dry_minutes')->default(0);
            $table->timestamp('withdrawn_at')->nullable();
            $table->timestamps();
            $table->index(['company_id', 'done_at']);
        });
    }

    public function down(): void
    {
        foreach (['records', 'recipes', 'areas', 'companies', 'paints', 'painters'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
