<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Recipes that were drafted with one action belong together, so that one undo takes them all back. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('revisions', static function (Blueprint $table): void {
            $table->string('batch', 40)->nullable()->index();
        });
    }

    public function down(): void
    {
        Schema::table('revisions', static function (Blueprint $table): void {
            $table->dropIndex(['batch']);
            $table->dropColumn('batch');
        });
    }
};
