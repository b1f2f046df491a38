<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A pass may go over one panel of a large figure: how many there are. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('passes', static function (Blueprint $table): void {
            $table->unsignedTinyInteger('panels')->default(1);
        });
    }

    public function down(): void
    {
        Schema::table('passes', static function (Blueprint $table): void {
            $table->dropColumn('panels');
        });
    }
};
