<?php

declare(strict_types=1);

use App\Http\Ledger\LedgerController;
use Illuminate\Support\Facades\Route;

Route::get('ledger', LedgerController::class);
