<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a painter chose that a line means, so that the same words are read so the next time. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('told_choices', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('painter_id')->constrained()->cascadeOnDelete();
            $table->string('said', 600);
            $table->string('means', 600);
            $table->timestamps();
            $table->unique(['painter_id', 'said']);
        });
    }
};
