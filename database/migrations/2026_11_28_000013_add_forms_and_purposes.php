<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Kalokroma\Film\Sheen;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Form;
use Kalokroma\Shelf\Purpose;

/** In what a paint comes, and what a medium is for; of those that stand there it is guessed from the name. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('paints', static function (Blueprint $table): void {
            $table->string('form', 20)->default('bottle');
            $table->string('purpose', 30)->default('');
        });
        foreach (DB::table('paints')->orderBy('id')->get(['id', 'name', 'behaviour', 'sheen']) as $paint) {
            $behaviour = Behaviour::tryFrom((string) $paint->behaviour);
            if ($behaviour !== null) {
                DB::table('paints')->where('id', $paint->id)->update([
                    'form' => Form::guess((string) $paint->name, $behaviour)->value,
                    'purpose' => Purpose::guess((string) $paint->name, $behaviour)->value,
                    'sheen' => $paint->sheen !== '' || $behaviour !== Behaviour::Varnish
                        ? $paint->sheen
                        : (Sheen::guess((string) $paint->name)->value ?? ''),
                ]);
            }
        }
    }

    public function down(): void
    {
        Schema::table('paints', static function (Blueprint $table): void {
            $table->dropColumn(['form', 'purpose']);
        });
    }
};
