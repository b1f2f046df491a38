<?php

declare(strict_types=1);
use App\Models\Painter;

return [
    'defaults' => ['guard' => 'web', 'passwords' => 'painters'],
    'guards' => ['web' => ['driver' => 'session', 'provider' => 'painters']],
    'providers' => ['painters' => ['driver' => 'eloquent', 'model' => Painter::class]],
];
