<?php

declare(strict_types=1);

return [
    /* Whether the sign-in page offers the sample workshop without a password. */
    'demo' => (bool) env('KALOKROMA_DEMO', false),

    /* Gives the simulated devices the same luck every time; chance where it is not set. */
    'count_queries' => (bool) env('KALOKROMA_COUNT_QUERIES', false),
    'device_seed' => env('KALOKROMA_DEVICE_SEED'),

    /* The painter who owns the sample workshop. */
    'demo_painter' => 'Sample workshop',
];
