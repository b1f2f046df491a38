<?php

declare(strict_types=1);

return [
    /* Whether the sign-in page offers the sample workshop without a password. */
    'demo' => (bool) env('KALOKROMA_DEMO', false),

    /* The painter who owns the sample workshop. */
    'demo_painter' => 'Sample workshop',
];
