<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a write was worked out from is compared under the lock, and of an answer that can be given anew only its outcome is kept. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('painters', static function (Blueprint $table): void {
            $table->unsignedInteger('written')->default(0);
        });
        Schema::table('replies', static function (Blueprint $table): void {
            $table->text('outcome')->nullable();
        });
        // Whatever was answered before this version, nobody asks for again after an update: a page sends once more within minutes.
        DB::table('replies')->delete();
    }
};
