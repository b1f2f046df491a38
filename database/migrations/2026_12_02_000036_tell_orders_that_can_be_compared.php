<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Whether the end of an order that was kept says anything: it was planned in free hours, and nothing was left over. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('orders', static function (Blueprint $table): void {
            $table->boolean('is_whole')->default(false);
        });
    }
};
