<?php

declare(strict_types=1);

return [
    'defaults' => ['guard' => 'web', 'passwords' => 'painters'],
    'guards' => ['web' => ['driver' => 'session', 'provider' => 'painters']],
    'providers' => ['painters' => ['driver' => 'eloquent', 'model' => App\Models\Painter::class]],
];
