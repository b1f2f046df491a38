<?php

declare(strict_types=1);

use App\Http\Shared\Writing;
use App\Http\Undercoat\UndercoatController;
use Illuminate\Support\Facades\Route;

Route::get('companies/{company}/undercoat', [UndercoatController::class, 'show']);
Route::put('companies/{company}/undercoat', [UndercoatController::class, 'choose']);
Route::put('companies/{company}/undercoat/alike', [UndercoatController::class, 'alike']);
Route::put('companies/{company}/undercoat/keeps', [UndercoatController::class, 'keeps']);
Route::put('companies/{company}/undercoat/sprays', [UndercoatController::class, 'sprays']);
Route::post('companies/{company}/undercoat/value-sketch', [UndercoatController::class, 'value']);
Route::post('companies/{company}/undercoat/whole', [UndercoatController::class, 'whole']);
Route::delete('companies/{company}/undercoat/whole/{step}', [UndercoatController::class, 'drop']);
Route::post('companies/{company}/undercoat/edits', [UndercoatController::class, 'edit']);
Route::post('companies/{company}/undercoat/undo', [UndercoatController::class, 'undo']);
Route::post('companies/{company}/undercoat/redo', [UndercoatController::class, 'redo']);
Route::post('companies/{company}/undercoat/whole/undo', [UndercoatController::class, 'undoWhole']);
Route::post('companies/{company}/undercoat/whole/redo', [UndercoatController::class, 'redoWhole']);
Route::post('companies/{company}/undercoat/sketch', [UndercoatController::class, 'sketch'])->withoutMiddleware(Writing::class);
Route::post('climate', [UndercoatController::class, 'climate'])->withoutMiddleware(Writing::class);
Route::get('tables/weather', [UndercoatController::class, 'weather']);
Route::get('tables/primer-cost', [UndercoatController::class, 'cost']);
