<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** When a painter found dry what was to be waited for. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('records', static function (Blueprint $table): void {
            $table->timestamp('dried_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('records', static function (Blueprint $table): void {
            $table->dropColumn('dried_at');
        });
    }
};
