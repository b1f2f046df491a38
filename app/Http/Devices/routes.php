<?php

declare(strict_types=1);

use App\Http\Devices\DevicesController;
use Illuminate\Support\Facades\Route;

Route::get('devices', [DevicesController::class, 'show']);
Route::put('devices', [DevicesController::class, 'update']);
