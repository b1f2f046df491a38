<?php

declare(strict_types=1);

use App\Http\Scheme\SchemeController;
use App\Http\Shared\Writing;
use Illuminate\Support\Facades\Route;

Route::get('companies/{company}/scheme', [SchemeController::class, 'show']);
Route::put('companies/{company}/scheme', [SchemeController::class, 'choose']);
Route::put('companies/{company}/scheme/alike', [SchemeController::class, 'alike']);
Route::put('companies/{company}/scheme/parted', [SchemeController::class, 'part']);
Route::get('companies/{company}/scheme/proposals', [SchemeController::class, 'proposals']);
Route::post('companies/{company}/trials', [SchemeController::class, 'keep']);
Route::patch('trials/{trial}', [SchemeController::class, 'change']);
Route::post('trials/{trial}/take', [SchemeController::class, 'take']);
Route::delete('trials/{trial}', [SchemeController::class, 'drop']);
Route::get('scheme/tint', [SchemeController::class, 'tint']);
Route::post('scheme/picture', [SchemeController::class, 'picture'])->withoutMiddleware(Writing::class);
