<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('paints', static function (Blueprint $table): void {
            $table->softDeletes();
        });
        Schema::create('movements', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('painter_id')->constrained()->cascadeOnDelete();
            $table->foreignId('paint_id')->constrained()->cascadeOnDelete();
            $table->foreignId('record_id')->nullable()->constrained()->nullOnDelete();
            $table->string('kind', 20);
            $table->decimal('ml', 9, 3);
            $table->string('note')->default('');
            $table->timestamp('at');
            $table->timestamps();
            $table->index(['paint_id', 'id']);
        });
        Schema::create('price_lists', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('painter_id')->unique()->constrained()->cascadeOnDelete();
            $table->json('body');
            $table->date('dated_on');
            $table->timestamp('fetched_at');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('price_lists');
        Schema::dropIfExists('movements');
        Schema::table('paints', static function (Blueprint $table): void {
            $table->dropSoftDeletes();
        });
    }
};
