<?php

declare(strict_types=1);

return [
    /* Whether the sign-in page offers the sample workshop without a password. */
    'demo' => (bool) env('KALOKROMA_DEMO', false),

    /* Whether an answer tells how many queries it took. */
    'count_queries' => (bool) env('KALOKROMA_COUNT_QUERIES', false),

    /* Gives the simulated devices the same luck every time; chance where it is not set. */
    'device_seed' => env('KALOKROMA_DEVICE_SEED'),

    /* Seconds by which the application's clock is ahead of the machine's (negative: behind), so that tests and pictures have the day they
       were made for. Nothing else sets it. */
    'clock_ahead_s' => (int) env('KALOKROMA_CLOCK_AHEAD_S', 0),

    /* Seconds after which an answer that needs all recipes says how many are left to predict, to whoever can ask again. */
    'answers_within_s' => 0.7,

    /* The painter who owns the sample workshop. */
    'demo_painter' => 'Sample workshop',
];
