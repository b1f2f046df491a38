<?php

declare(strict_types=1);

use App\Models\Painter;
use App\Workshop\WorkshopImport;
use Illuminate\Contracts\Console\Kernel;

/* So many painters, each with the sample workshop and the password "marsh lights", in the database of the environment. */
require dirname(__DIR__, 2).'/vendor/autoload.php';

$app = require dirname(__DIR__, 2).'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
$workshop = json_decode((string) file_get_contents(database_path('demo/workshop.json')), true, 64, JSON_THROW_ON_ERROR);
foreach (array_keys($workshop['companies']) as $i) {
    unset($workshop['companies'][$i]['plate']);
}
$workshop = json_encode($workshop, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
for ($n = 1; $n <= (int) ($argv[1] ?? 1); ++$n) {
    WorkshopImport::run(Painter::query()->create(['name' => 'Painter '.$n, 'password' => 'marsh lights']), $workshop);
}
