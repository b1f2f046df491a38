<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What mixes came to, and what that tells of the paints. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('lessons', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('painter_id')->constrained()->cascadeOnDelete();
            $table->json('mix');
            $table->json('seen');
            $table->float('certainty');
            $table->json('predicted');
            $table->string('how', 20);
            $table->string('said', 120)->default('');
            $table->string('place', 160)->default('');
            $table->dateTime('at', 3);
            $table->timestamps(3);
        });
        Schema::table('painters', static function (Blueprint $table): void {
            $table->json('learned')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('painters', static function (Blueprint $table): void {
            $table->dropColumn('learned');
        });
        Schema::dropIfExists('lessons');
    }
};
