<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Which questions about what they own painters have answered: until then the shelf tells. Who is here already goes on as before. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('painters', static function (Blueprint $table): void {
            $table->json('answered')->nullable();
        });
        DB::table('painters')->update(['answered' => json_encode(['airbrush', 'spray_cans'], JSON_THROW_ON_ERROR)]);
    }
};
