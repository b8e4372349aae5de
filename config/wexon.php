<?php

return [
    // Where events for the screens are published; nginx passes them on as server-sent events.
    'live_url' => env('WEXON_LIVE_URL'),

    // Behind the @ of the inlets' mailboxes.
    'mail_domain' => env('WEXON_MAIL_DOMAIN'),

    // Where the mail receiver listens, on loopback.
    'mail_port' => (int) env('WEXON_MAIL_PORT'),

    // Where the practice venue Quarrystone answers.
    'quarrystone_url' => env('WEXON_QUARRYSTONE_URL'),

    // Where Larkmoor and Pellam Street answer.
    'larkmoor_url' => env('WEXON_LARKMOOR_URL'),
    'pellam_street_url' => env('WEXON_PELLAM_STREET_URL'),

    // Where the bench's pages are, for whoever wants to practise; none in earnest.
    'bench_url' => env('WEXON_BENCH_URL'),

    // Address under which charting platforms reach the inlets.
    'public_url' => env('APP_URL'),

    // Days for which messages that led to no order are kept, and notices.
    'keep_days' => (int) env('WEXON_KEEP_DAYS', 60),

    // A folder in which the tests of exactly-once ask for a worker to be killed at a moment of an order's life.
    'crash_at' => env('WEXON_CRASH_AT'),

    // Adds the bare route that bin/wexon bench compares the inlet with.
    'bench' => (bool) env('WEXON_BENCH', false),
];
