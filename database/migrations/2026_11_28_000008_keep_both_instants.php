<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** When an entry was done by the clock of the painter's device; done_at never lies after the server's time. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('records', static function (Blueprint $table): void {
            $table->timestamp('said_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('records', static function (Blueprint $table): void {
            $table->dropColumn('said_at');
        });
    }
};
