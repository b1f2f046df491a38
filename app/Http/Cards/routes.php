<?php

declare(strict_types=1);

use App\Http\Cards\CardController;
use Illuminate\Support\Facades\Route;

Route::get('areas/{area}/recipe/file', [CardController::class, 'area']);
Route::get('areas/{area}/card', [CardController::class, 'areaCard']);
Route::get('companies/{company}/file', [CardController::class, 'company']);
Route::get('companies/{company}/card', [CardController::class, 'companyCard']);
Route::get('book/{book}/file', [CardController::class, 'book']);
Route::post('recipes/file', [CardController::class, 'import']);
