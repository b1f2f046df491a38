<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
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
    }

    public function down(): void
    {
        Schema::table('painters', static function (Blueprint $table): void {
            $table->dropColumn('stamp');
        });
        Schema::dropIfExists('replies');
    }
};
