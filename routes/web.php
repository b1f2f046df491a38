<?php

declare(strict_types=1);

use App\Http\Shared\Writing;
use Illuminate\Support\Facades\Route;

/** Each page names its own routes. Cards come before recipes, since "recipe/file" would else be taken for a step. */
$pages = ['Shelf', 'Buy', 'Figures', 'Scheme', 'Undercoat', 'Cards', 'Recipe', 'Compare', 'Book', 'Order', 'Tonight', 'Bench', 'Ledger',
    'Tables',
    'Reader', 'Account', 'Start', 'Devices', 'Glossary'];

Route::view('/', 'app');

Route::prefix('api')->group(static function () use ($pages): void {
    require app_path('Http/Session/routes.php');
    Route::middleware(['auth', Writing::class])->group(static function () use ($pages): void {
        foreach ($pages as $page) {
            require app_path('Http/'.$page.'/routes.php');
        }
    });
    Route::any('{any}', static fn () => abort(404))->where('any', '.*');
});
