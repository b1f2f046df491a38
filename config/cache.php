<?php

declare(strict_types=1);

return [
    'default' => env('CACHE_STORE', 'file'),
    'stores' => [
        'array' => ['driver' => 'array', 'serialize' => false],
        'file' => [
            'driver' => 'file',
            'path' => env('CACHE_PATH', storage_path('framework/cache/data')),
            'lock_path' => env('CACHE_PATH', storage_path('framework/cache/data')),
        ],
        /* What is worked out from other things: {@see App\Workshop\Derived}. Whoever shares it shares the work. */
        'derived' => [
            'driver' => 'file',
            'path' => env('DERIVED_PATH', storage_path('framework/derived')),
            'lock_path' => env('DERIVED_PATH', storage_path('framework/derived')),
        ],
    ],
    'prefix' => 'kalokroma',
];
