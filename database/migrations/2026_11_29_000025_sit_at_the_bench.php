<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Sittings, the passes of a step, pots that stand on the palette, pictures, and what went wrong. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('sittings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('painter_id')->constrained()->cascadeOnDelete();
            $table->string('origin', 20);
            $table->string('words', 200);
            $table->json('steps');
            $table->json('fetched');
            $table->timestamp('laid_out_at');
            $table->timestamp('started_at')->nullable();
            $table->timestamp('ended_at')->nullable();
            $table->timestamps();
            $table->index(['painter_id', 'ended_at']);
        });
        Schema::create('passes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('painter_id')->constrained()->cascadeOnDelete();
            $table->foreignId('company_id')->constrained()->cascadeOnDelete();
            $table->foreignId('area_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('step_key', 40);
            $table->json('figures');
            $table->unsignedSmallInteger('number');
            $table->unsignedInteger('dry_minutes');
            $table->timestamp('done_at');
            $table->timestamp('dried_at')->nullable();
            $table->unsignedBigInteger('after_record')->default(0);
            $table->timestamps();
        });
        Schema::create('pots', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('painter_id')->constrained()->cascadeOnDelete();
            $table->json('mix');
            $table->float('paint_ul');
            $table->float('thinner_ul');
            $table->string('vessel', 20);
            $table->timestamp('mixed_at');
            $table->timestamp('gone_at')->nullable();
            $table->timestamps();
        });
        Schema::create('pictures', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('painter_id')->constrained()->cascadeOnDelete();
            $table->foreignId('company_id')->constrained()->cascadeOnDelete();
            $table->foreignId('area_id')->nullable()->constrained()->nullOnDelete();
            $table->string('step_key', 40)->nullable();
            $table->unsignedSmallInteger('figure')->nullable();
            $table->boolean('of_light')->default(false);
            $table->unsignedSmallInteger('width');
            $table->unsignedSmallInteger('height');
            $table->binary('bytes');
            $table->timestamp('taken_at');
            $table->timestamps();
        });
        Schema::table('records', static function (Blueprint $table): void {
            $table->string('kind', 10)->default('work');
            $table->json('mishap')->nullable();
            $table->timestamp('mended_at')->nullable();
            $table->json('also')->nullable();
        });
        Schema::table('companies', static function (Blueprint $table): void {
            $table->json('looked_over')->nullable();
        });
        Schema::table('painters', static function (Blueprint $table): void {
            $table->timestamp('rested_at')->nullable();
            $table->timestamp('cleaned_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('painters', static function (Blueprint $table): void {
            $table->dropColumn(['rested_at', 'cleaned_at']);
        });
        Schema::table('companies', static function (Blueprint $table): void {
            $table->dropColumn('looked_over');
        });
        Schema::table('records', static function (Blueprint $table): void {
            $table->dropColumn(['kind', 'mishap', 'mended_at', 'also']);
        });
        Schema::dropIfExists('pictures');
        Schema::dropIfExists('pots');
        Schema::dropIfExists('passes');
        Schema::dropIfExists('sittings');
    }
};
