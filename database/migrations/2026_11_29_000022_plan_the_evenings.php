<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** When a painter is free, which rules of order are set aside, and which companies share the evenings in which way. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('painters', static function (Blueprint $table): void {
            $table->json('free')->nullable();
            $table->json('wishes')->nullable();
        });
        Schema::table('companies', static function (Blueprint $table): void {
            $table->string('way', 20)->nullable();
            $table->unsignedTinyInteger('priority')->default(0);
        });
    }

    public function down(): void
    {
        Schema::table('painters', static function (Blueprint $table): void {
            $table->dropColumn(['free', 'wishes']);
        });
        Schema::table('companies', static function (Blueprint $table): void {
            $table->dropColumn(['way', 'priority']);
        });
    }
};
