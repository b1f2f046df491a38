<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('painters', static function (Blueprint $table): void {
            $table->string('school')->default('open');
        });
        Schema::table('companies', static function (Blueprint $table): void {
            $table->string('kind')->default('foot');
            $table->unsignedSmallInteger('leaders')->default(0);
            $table->json('survey')->nullable();
            $table->foreignId('matches_id')->nullable()->constrained('companies')->nullOnDelete();
        });
        Schema::table('areas', static function (Blueprint $table): void {
            $table->json('beside')->nullable();
            $table->string('part')->default('');
            $table->boolean('reachable')->default(true);
            $table->boolean('fragile')->default(false);
            $table->string('notes')->default('');
            $table->json('mix')->nullable();
            $table->boolean('fixed')->default(false);
        });
        Schema::create('plates', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('painter_id')->constrained()->cascadeOnDelete();
            $table->foreignId('company_id')->unique()->constrained()->cascadeOnDelete();
            $table->decimal('width', 8, 2);
            $table->decimal('height', 8, 2);
            $table->json('shapes');
            $table->binary('picture')->nullable();
            $table->timestamps();
        });
        Schema::create('trials', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('painter_id')->constrained()->cascadeOnDelete();
            $table->foreignId('company_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->string('verdict')->default('open');
            $table->text('notes')->default('');
            $table->json('colours');
            $table->json('undercoat')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('trials');
        Schema::dropIfExists('plates');
        Schema::table('areas', static function (Blueprint $table): void {
            $table->dropColumn(['beside', 'part', 'reachable', 'fragile', 'notes', 'mix', 'fixed']);
        });
        Schema::table('companies', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('matches_id');
            $table->dropColumn(['kind', 'leaders', 'survey']);
        });
        Schema::table('painters', static function (Blueprint $table): void {
            $table->dropColumn('school');
        });
    }
};
