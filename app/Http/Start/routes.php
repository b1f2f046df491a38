<?php

declare(strict_types=1);

use App\Http\Start\StartController;
use Illuminate\Support\Facades\Route;

Route::get('start', [StartController::class, 'show']);
