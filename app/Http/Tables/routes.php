<?php

declare(strict_types=1);

use App\Http\Tables\TablesController;
use Illuminate\Support\Facades\Route;

Route::get('tables/match', [TablesController::class, 'match']);
Route::get('tables/coats', [TablesController::class, 'coats']);
Route::get('tables/thin', [TablesController::class, 'thin']);
Route::get('tables/glaze', [TablesController::class, 'glaze']);
Route::get('tables/between', [TablesController::class, 'between']);
