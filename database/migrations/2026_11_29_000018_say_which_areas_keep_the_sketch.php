<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Whether an area keeps the light sketch below it; where nobody said, those painted with stains, inks or glazes do. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('areas', static function (Blueprint $table): void {
            $table->boolean('keeps_sketch')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('areas', static function (Blueprint $table): void {
            $table->dropColumn('keeps_sketch');
        });
    }
};
