<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How far the planes of a recipe are from the colour where they are meant to be it: predicted once with what else is. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('recipes', static function (Blueprint $table): void {
            $table->float('off')->nullable();
        });
    }
};
