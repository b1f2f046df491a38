<?php

declare(strict_types=1);

use App\Http\Bench\BenchController;
use Illuminate\Support\Facades\Route;

Route::get('companies/{company}/bench', [BenchController::class, 'show']);
Route::post('companies/{company}/records', [BenchController::class, 'record']);
Route::delete('records/{record}', [BenchController::class, 'withdraw']);
Route::post('records/{record}/dry', [BenchController::class, 'dry']);
