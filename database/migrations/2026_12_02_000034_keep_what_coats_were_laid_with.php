<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a coat was laid with: the paint of its step may be changed before the next one. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('passes', static function (Blueprint $table): void {
            $table->json('substance')->nullable();
            $table->json('taken')->nullable();
            $table->foreignId('record_id')->nullable()->constrained('records')->nullOnDelete();
        });
    }
};
