<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** "All fieldable before any is finished" is said of one company; who wanted it so far wanted it of all. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('companies', static function (Blueprint $table): void {
            $table->boolean('fieldable_first')->default(false);
        });
        foreach (DB::table('painters')->whereNotNull('wishes')->get(['id', 'wishes']) as $painter) {
            if ((json_decode((string) $painter->wishes, true)['fieldable_first'] ?? false) === true) {
                DB::table('companies')->where('painter_id', $painter->id)->update(['fieldable_first' => true]);
            }
        }
    }
};
