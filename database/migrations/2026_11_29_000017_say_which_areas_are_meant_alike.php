<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Areas that are meant to run together: two straps of one leather, a coat and its cuffs. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('areas', static function (Blueprint $table): void {
            $table->json('alike')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('areas', static function (Blueprint $table): void {
            $table->dropColumn('alike');
        });
    }
};
