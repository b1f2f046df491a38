<?php

declare(strict_types=1);

use App\Http\Figures\FigureController;
use App\Http\Figures\PlateController;
use Illuminate\Support\Facades\Route;

Route::get('companies', [FigureController::class, 'index']);
Route::post('companies', [FigureController::class, 'store']);
Route::put('companies/{company}', [FigureController::class, 'update']);
Route::delete('companies/{company}', [FigureController::class, 'destroy']);
Route::put('companies/{company}/survey', [FigureController::class, 'survey']);
Route::post('companies/{company}/plate', [PlateController::class, 'store']);
Route::put('companies/{company}/plate', [PlateController::class, 'update']);
Route::delete('companies/{company}/plate', [PlateController::class, 'destroy']);
Route::get('companies/{company}/plate/picture', [PlateController::class, 'picture']);
