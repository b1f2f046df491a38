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
            WorkshopImport::run(Painter::query()->create(['name' => $name]), self::workshop());
        });

        return self::SUCCESS;
    }

    /** The sample workshop as one file, its drawings put in. */
    private static function workshop(): string
    {
        /** @var array{companies: list<array{plate?: string}>} $workshop */
        $workshop = json_decode((string) file_get_contents(database_path('demo/workshop.json')), true, 64, JSON_THROW_ON_ERROR);
        foreach ($workshop['companies'] as $i => $company) {
            if (isset($company['plate'])) {
                $workshop['companies'][$i]['plate'] = (string) file_get_contents(database_path('demo/plates/'.basename($company['plate'])));
            }
        }

        return json_encode($workshop, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION);
    }
}
