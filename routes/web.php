<?php

declare(strict_types=1);

use App\Http\Controllers\BenchController;
use App\Http\Controllers\BookController;
use App\Http\Controllers\BuyController;
use App\Http\Controllers\FigureController;
use App\Http\Controllers\LedgerController;
use App\Http\Controllers\ManyPaintsController;
use App\Http\Controllers\PlateController;
use App\Http\Controllers\ReaderController;
use App\Http\Controllers\RecipeController;
use App\Http\Controllers\RecipeFileController;
use App\Http\Controllers\RecipeMovesController;
use App\Http\Controllers\SchemeController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\StockController;
use App\Http\Controllers\SwatchController;
use App\Http\Controllers\TablesController;
use App\Http\Controllers\UndercoatController;
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
        Route::post('paints/{paint}/reader', [SwatchController::class, 'read'])->whereNumber('paint');
        Route::put('paints/{paint}/swatch', [SwatchController::class, 'store'])->whereNumber('paint');
        Route::delete('paints/{paint}/swatch', [SwatchController::class, 'destroy'])->whereNumber('paint');
        Route::get('test-card', [SwatchController::class, 'card']);
        Route::get('paints/{paint}/movements', [StockController::class, 'show'])->whereNumber('paint');
        Route::post('paints/{paint}/movements', [StockController::class, 'store'])->whereNumber('paint');
        Route::post('paints/{paint}/scale', [StockController::class, 'weigh'])->whereNumber('paint');
        Route::get('shelf/needs', [StockController::class, 'needs']);
        Route::get('shelf/map', [ShelfController::class, 'map']);
        Route::patch('paints', [ManyPaintsController::class, 'change']);
        Route::delete('paints', [ManyPaintsController::class, 'remove']);
        Route::post('paints/restore', [ManyPaintsController::class, 'restore']);
        Route::get('sets', [BuyController::class, 'sets']);
        Route::get('companies/{company}/sets', [BuyController::class, 'fit'])->whereNumber('company');
        Route::get('prices', [BuyController::class, 'prices']);
        Route::post('prices', [BuyController::class, 'refresh']);
        Route::get('buy', [BuyController::class, 'plan']);
        Route::get('buy/list', [BuyController::class, 'list']);
        Route::post('buy', [BuyController::class, 'bought']);
        Route::put('paints/{paint}', [ShelfController::class, 'update'])->whereNumber('paint');

        Route::get('companies', [FigureController::class, 'index']);
        Route::post('companies', [FigureController::class, 'store']);
        Route::put('companies/{company}', [FigureController::class, 'update'])->whereNumber('company');

        Route::delete('companies/{company}', [FigureController::class, 'destroy'])->whereNumber('company');
        Route::put('companies/{company}/survey', [FigureController::class, 'survey'])->whereNumber('company');
        Route::post('companies/{company}/plate', [PlateController::class, 'store'])->whereNumber('company');
        Route::put('companies/{company}/plate', [PlateController::class, 'update'])->whereNumber('company');
        Route::delete('companies/{company}/plate', [PlateController::class, 'destroy'])->whereNumber('company');
        Route::get('companies/{company}/plate/picture', [PlateController::class, 'picture'])->whereNumber('company');

        Route::get('companies/{company}/scheme', [SchemeController::class, 'show'])->whereNumber('company');
        Route::put('companies/{company}/scheme', [SchemeController::class, 'choose'])->whereNumber('company');
        Route::get('companies/{company}/scheme/proposals', [SchemeController::class, 'proposals'])->whereNumber('company');
        Route::post('companies/{company}/trials', [SchemeController::class, 'keep'])->whereNumber('company');
        Route::patch('trials/{trial}', [SchemeController::class, 'change'])->whereNumber('trial');
        Route::post('trials/{trial}/take', [SchemeController::class, 'take'])->whereNumber('trial');
        Route::delete('trials/{trial}', [SchemeController::class, 'drop'])->whereNumber('trial');
        Route::get('scheme/tint', [SchemeController::class, 'tint']);
        Route::post('scheme/picture', [SchemeController::class, 'picture']);

        Route::get('companies/{company}/undercoat', [UndercoatController::class, 'show'])->whereNumber('company');
        Route::put('companies/{company}/undercoat', [UndercoatController::class, 'choose'])->whereNumber('company');
        Route::post('companies/{company}/undercoat/sketch', [UndercoatController::class, 'sketch'])->whereNumber('company');
        Route::post('climate', [UndercoatController::class, 'climate']);
        Route::get('tables/weather', [UndercoatController::class, 'weather']);
        Route::get('tables/primer-cost', [UndercoatController::class, 'cost']);

        Route::get('areas/{area}/recipe', [RecipeController::class, 'show'])->whereNumber('area');
        Route::post('areas/{area}/recipe', [RecipeController::class, 'draft'])->whereNumber('area');
        Route::get('recipe/ladder', [RecipeController::class, 'ladder']);
        Route::get('recipe/vocabulary', [RecipeController::class, 'vocabulary']);
        Route::post('areas/{area}/recipe/edits', [RecipeController::class, 'edit'])->whereNumber('area');
        Route::post('areas/{area}/recipe/undo', [RecipeController::class, 'undo'])->whereNumber('area');
        Route::post('areas/{area}/recipe/redo', [RecipeController::class, 'redo'])->whereNumber('area');
        Route::post('areas/{area}/recipe/aside/{aside}', [RecipeController::class, 'decide'])->whereNumber(['area', 'aside']);
        Route::post('areas/{area}/recipe/told', [RecipeMovesController::class, 'told'])->whereNumber('area');
        Route::post('areas/{area}/recipe/replace', [RecipeMovesController::class, 'replace'])->whereNumber('area');
        Route::post('areas/{area}/recipe/follow', [RecipeMovesController::class, 'follow'])->whereNumber('area');
        Route::post('areas/{area}/recipe/book', [RecipeMovesController::class, 'fromBook'])->whereNumber('area');
        Route::get('areas/{area}/recipe/file', [RecipeFileController::class, 'area'])->whereNumber('area');
        Route::get('areas/{area}/card', [RecipeFileController::class, 'areaCard'])->whereNumber('area');
        Route::get('companies/{company}/file', [RecipeFileController::class, 'company'])->whereNumber('company');
        Route::get('companies/{company}/card', [RecipeFileController::class, 'companyCard'])->whereNumber('company');
        Route::get('book/{book}/file', [RecipeFileController::class, 'book'])->whereNumber('book');
        Route::post('recipes/file', [RecipeFileController::class, 'import']);
        Route::get('areas/{area}/recipe/{step}/mishap', [RecipeMovesController::class, 'mishaps'])->whereNumber('area');
        Route::post('areas/{area}/recipe/{step}/mishap', [RecipeMovesController::class, 'mend'])->whereNumber('area');
        Route::get('companies/{company}/compare', [RecipeMovesController::class, 'compare'])->whereNumber('company');
        Route::get('book', [BookController::class, 'index']);
        Route::post('book', [BookController::class, 'store']);
        Route::get('book/{book}', [BookController::class, 'show'])->whereNumber('book');
        Route::put('book/{book}', [BookController::class, 'update'])->whereNumber('book');
        Route::delete('book/{book}', [BookController::class, 'destroy'])->whereNumber('book');
        Route::patch('areas/{area}/recipe/{step}', [RecipeController::class, 'change'])->whereNumber('area');
        Route::get('areas/{area}/recipe/{step}', [RecipeController::class, 'alternatives'])->whereNumber('area');

        Route::get('areas/{area}/recipe/{step}/substitutes', [RecipeController::class, 'substitutes'])->whereNumber('area');

        Route::get('companies/{company}/bench', [BenchController::class, 'show'])->whereNumber('company');
        Route::post('companies/{company}/records', [BenchController::class, 'record'])->whereNumber('company');
        Route::delete('records/{record}', [BenchController::class, 'withdraw'])->whereNumber('record');

        Route::get('ledger', LedgerController::class);

        Route::get('tables/match', [TablesController::class, 'match']);
        Route::get('tables/coats', [TablesController::class, 'coats']);
        Route::get('tables/thin', [TablesController::class, 'thin']);
        Route::get('tables/glaze', [TablesController::class, 'glaze']);
        Route::get('tables/between', [TablesController::class, 'between']);

        Route::get('reader', [ReaderController::class, 'things']);
        Route::post('reader', [ReaderController::class, 'read']);
        Route::post('reader/picture', [ReaderController::class, 'picture']);
    });
    Route::any('{any}', static fn () => abort(404))->where('any', '.*');
});
