<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Where a painter has put work by hand, when the calendar is taken, and the order as it was planned last. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('painters', static function (Blueprint $table): void {
            $table->json('pins')->nullable();
            $table->json('busy')->nullable();
        });
        Schema::create('orders', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('painter_id')->constrained()->cascadeOnDelete();
            $table->string('companies', 200);
            $table->json('starts');
            $table->unsignedBigInteger('end');
            $table->text('change');
            $table->timestamps();
            $table->unique(['painter_id', 'companies']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('orders');
        Schema::table('painters', static function (Blueprint $table): void {
            $table->dropColumn(['pins', 'busy']);
        });
    }
};
