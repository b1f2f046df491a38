<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('paints', static function (Blueprint $table): void {
            $table->string('finish', 20)->default('');
            $table->json('swatch')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('paints', static function (Blueprint $table): void {
            $table->dropColumn(['finish', 'swatch']);
        });
    }
};
