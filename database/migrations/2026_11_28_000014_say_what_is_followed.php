<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A recipe follows another in everything, or in its method with colours of its own. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('recipes', static function (Blueprint $table): void {
            $table->string('follows_as', 12)->default('everything');
        });
    }

    public function down(): void
    {
        Schema::table('recipes', static function (Blueprint $table): void {
            $table->dropColumn('follows_as');
        });
    }
};
