<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Links by which the first painter of an installation lets others make workshops of their own. Only a hash of each is kept. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('invitations', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('painter_id')->constrained()->cascadeOnDelete();
            $table->string('hash', 64)->unique();
            $table->timestamp('expires_at');
            $table->string('taken_by')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('invitations');
    }
};
