<?php

declare(strict_types=1);

use App\Http\Buy\BuyController;
use Illuminate\Support\Facades\Route;

Route::get('sets', [BuyController::class, 'sets']);
Route::get('companies/{company}/sets', [BuyController::class, 'fit']);
Route::get('prices', [BuyController::class, 'prices']);
Route::post('prices', [BuyController::class, 'refresh']);
Route::get('buy', [BuyController::class, 'plan']);
Route::get('buy/list', [BuyController::class, 'list']);
Route::post('buy', [BuyController::class, 'bought']);
