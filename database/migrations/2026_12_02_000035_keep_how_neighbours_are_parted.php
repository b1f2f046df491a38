<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Neighbours of nearly one colour that edges of two tints, or a dark line, are to part. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('areas', static function (Blueprint $table): void {
            $table->json('tinted')->nullable();
            $table->json('lined')->nullable();
        });
    }
};
