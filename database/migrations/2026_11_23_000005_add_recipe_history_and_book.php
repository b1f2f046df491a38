<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('painters', static function (Blueprint $table): void {
            $table->boolean('extraction')->default(true);
            $table->boolean('solvents')->default(true);
            $table->boolean('wet_palette')->default(true);
            $table->boolean('metal_brush')->default(true);
        });
        Schema::table('recipes', static function (Blueprint $table): void {
            $table->json('options')->nullable();
            $table->unsignedInteger('version')->default(0);
            $table->unsignedInteger('counter')->default(0);
            $table->foreignId('follows_id')->nullable()->constrained('recipes')->nullOnDelete();
            $table->json('followed')->nullable();
        });
        Schema::create('recipe_revisions', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('painter_id')->constrained()->cascadeOnDelete();
            $table->foreignId('recipe_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->boolean('aside')->default(false);
            $table->string('words');
            $table->json('state');
            $table->timestamps();
            $table->index(['recipe_id', 'number']);
        });
        Schema::create('book_recipes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('painter_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->json('tags');
            $table->string('material');
            $table->string('relief');
            $table->string('way');
            $table->string('hex', 7);
            $table->json('plan');
            $table->json('paints');
            $table->json('strip');
            $table->text('notes')->default('');
            $table->timestamps();
            $table->unique(['painter_id', 'name']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('book_recipes');
        Schema::dropIfExists('recipe_revisions');
        Schema::table('recipes', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('follows_id');
            $table->dropColumn(['options', 'version', 'counter', 'followed']);
        });
        Schema::table('painters', static function (Blueprint $table): void {
            $table->dropColumn(['extraction', 'solvents', 'wet_palette', 'metal_brush']);
        });
    }
};
