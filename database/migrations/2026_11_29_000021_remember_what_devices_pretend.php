<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What the simulated devices of the demo are told to pretend. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('painters', static function (Blueprint $table): void {
            $table->json('devices')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('painters', static function (Blueprint $table): void {
            $table->dropColumn('devices');
        });
    }
};
