<?php

declare(strict_types=1);

use App\Http\Tonight\TonightController;
use Illuminate\Support\Facades\Route;

Route::get('tonight', TonightController::class);
