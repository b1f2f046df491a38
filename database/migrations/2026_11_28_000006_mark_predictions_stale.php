<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What is predicted is derived: it is marked stale when its sources change, and worked out again when it is looked at. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('recipes', static function (Blueprint $table): void {
            $table->boolean('stale')->default(true);
            $table->json('takes')->nullable();
        });
        Schema::table('companies', static function (Blueprint $table): void {
            $table->boolean('undercoat_stale')->default(true);
        });
        Schema::table('paints', static function (Blueprint $table): void {
            $table->renameColumn('finish', 'sheen');
        });
    }

    public function down(): void
    {
        Schema::table('paints', static function (Blueprint $table): void {
            $table->renameColumn('sheen', 'finish');
        });
        Schema::table('companies', static function (Blueprint $table): void {
            $table->dropColumn('undercoat_stale');
        });
        Schema::table('recipes', static function (Blueprint $table): void {
            $table->dropColumn(['stale', 'takes']);
        });
    }
};
