<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Painter;
use App\Workshop\Bench\SampleEvening;
use App\Workshop\WorkshopImport;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** @phpstan-import-type GivenEvening from SampleEvening */
final class Demo extends Command
{
    protected $signature = 'kalokroma:demo {--fresh : put the sample workshop back as it was}
        {--tonight : in the middle of an evening}';

    protected $description = 'Load the sample workshop where it is missing';

    public function handle(): int
    {
        $name = (string) config('kalokroma.demo_painter');
        $there = Painter::query()->where('name', $name)->first();
        $isTonight = (bool) $this->option('tonight');
        $isLoaded = $there === null || (bool) $this->option('fresh');
        DB::transaction(static function () use ($there, $name, $isTonight, $isLoaded): void {
            $painter = $there;
            if ($isLoaded) {
                $there?->delete();
                $painter = Painter::query()->create(['name' => $name]);
                WorkshopImport::run($painter, self::workshop());
            }
            if ($isTonight) {
                (new SampleEvening($painter->refresh(), self::evening(), CarbonImmutable::now()))->begin();
            }
        });

        return self::SUCCESS;
    }

    /** @return GivenEvening */
    private static function evening(): array
    {
        /** @var GivenEvening $evening */
        $evening = json_decode((string) file_get_contents(database_path('demo/evening.json')), true, 32, JSON_THROW_ON_ERROR);

        return $evening;
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
