<?php

declare(strict_types=1);

use App\Http\Shared\Writing;
use App\Http\Shelf\LessonController;
use App\Http\Shelf\ManyPaintsController;
use App\Http\Shelf\ShelfController;
use App\Http\Shelf\StockController;
use App\Http\Shelf\SwatchController;
use App\Http\Shelf\TypedShelfController;
use Illuminate\Support\Facades\Route;

Route::get('shelf', [ShelfController::class, 'index']);
Route::post('shelf/file', [ShelfController::class, 'import']);
Route::get('shelf/bottle', [ShelfController::class, 'bottle']);
Route::get('shelf/file', [ShelfController::class, 'export']);
Route::post('shelf/typed', [TypedShelfController::class, 'read'])->withoutMiddleware(Writing::class);
Route::get('shelf/common', [TypedShelfController::class, 'common']);
Route::post('paints/many', [TypedShelfController::class, 'keep']);
Route::post('paints', [ShelfController::class, 'store']);
Route::get('paints/{paint}', [ShelfController::class, 'show']);
Route::post('paints/{paint}/reader', [SwatchController::class, 'read'])->withoutMiddleware(Writing::class);
Route::put('paints/{paint}/swatch', [SwatchController::class, 'store']);
Route::delete('paints/{paint}/swatch', [SwatchController::class, 'destroy']);
Route::get('test-card', [SwatchController::class, 'card']);
Route::get('paints/{paint}/lessons', [LessonController::class, 'show']);
Route::post('lessons', [LessonController::class, 'store']);
Route::delete('lessons/{lesson}', [LessonController::class, 'destroy']);
Route::get('paints/{paint}/movements', [StockController::class, 'show']);
Route::post('paints/{paint}/movements', [StockController::class, 'store']);
Route::post('paints/{paint}/scale', [StockController::class, 'weigh'])->withoutMiddleware(Writing::class);
Route::get('shelf/needs', [StockController::class, 'needs']);
Route::get('shelf/doubts', [ShelfController::class, 'doubts']);
Route::get('shelf/map', [ShelfController::class, 'map']);
Route::patch('paints', [ManyPaintsController::class, 'change']);
Route::delete('paints', [ManyPaintsController::class, 'remove']);
Route::post('paints/restore', [ManyPaintsController::class, 'restore']);
Route::put('paints/{paint}', [ShelfController::class, 'update']);
