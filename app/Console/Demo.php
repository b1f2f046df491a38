<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Painter;
use App\Workshop\WorkshopImport;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

final class Demo extends Command
{
    protected $signature = 'kalokroma:demo {--fresh : put the sample workshop back as it was}';

    protected $description = 'Load the sample workshop where it is missing';

    public function handle(): int
    {
        $name = (string) config('kalokroma.demo_painter');
        $there = Painter::query()->where('name', $name)->first();
        if ($there !== null && !$this->option('fresh')) {
            return self::SUCCESS;
        }
        DB::transaction(static function () use ($there, $name): void {
            $there?->delete();
            WorkshopImport::run(Painter::query()->create(['name' => $name]), (string) file_get_contents(database_path('demo/workshop.json')));
        });

        return self::SUCCESS;
    }
}
