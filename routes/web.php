<?php

declare(strict_types=1);

use App\Http\Controllers\BenchController;
use App\Http\Controllers\FigureController;
use App\Http\Controllers\LedgerController;
use App\Http\Controllers\RecipeController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\TablesController;
use App\Http\Controllers\WorkshopController;
use Illuminate\Support\Facades\Route;

Route::view('/', 'app');

Route::prefix('api')->group(static function (): void {
    Route::get('session', [SessionController::class, 'show']);
    Route::post('session', [SessionController::class, 'store'])->middleware('throttle:sign-in');
    Route::post('session/sample', [SessionController::class, 'demo'])->middleware('throttle:sign-in');
    Route::delete('session', [SessionController::class, 'destroy']);

    Route::middleware('auth')->group(static function (): void {
        Route::put('workshop', [WorkshopController::class, 'update']);

        Route::get('shelf', [ShelfController::class, 'index']);
        Route::post('shelf/file', [ShelfController::class, 'import']);
        Route::get('shelf/file', [ShelfController::class, 'export']);
        Route::post('paints', [ShelfController::class, 'store']);
        Route::get('paints/{paint}', [ShelfController::class, 'show'])->whereNumber('paint');
        Route::put('paints/{paint}', [ShelfController::class, 'update'])->whereNumber('paint');

        Route::get('companies', [FigureController::class, 'index']);
        Route::post('companies', [FigureController::class, 'store']);
        Route::put('companies/{company}', [FigureController::class, 'update'])->whereNumber('company');

        Route::get('areas/{area}/recipe', [RecipeController::class, 'show'])->whereNumber('area');
        Route::post('areas/{area}/recipe', [RecipeController::class, 'draft'])->whereNumber('area');
        Route::patch('areas/{area}/recipe/{step}', [RecipeController::class, 'change'])->whereNumber('area');
        Route::get('areas/{area}/recipe/{step}', [RecipeController::class, 'alternatives'])->whereNumber('area');

        Route::get('companies/{company}/bench', [BenchController::class, 'show'])->whereNumber('company');
        Route::post('companies/{company}/records', [BenchController::class, 'record'])->whereNumber('company');
        Route::delete('records/{record}', [BenchController::class, 'withdraw'])->whereNumber('record');

        Route::get('ledger', LedgerController::class);

        Route::get('tables/match', [TablesController::class, 'match']);
        Route::get('tables/coats', [TablesController::class, 'coats']);
    });
    Route::any('{any}', static fn () => abort(404))->where('any', '.*');
});
