<?php

declare(strict_types=1);

use App\Http\Compare\CompareController;
use Illuminate\Support\Facades\Route;

Route::get('companies/{company}/compare', CompareController::class);
