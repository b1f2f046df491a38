<?php

declare(strict_types=1);

use App\Http\Recipe\DraftManyController;
use App\Http\Recipe\RecipeController;
use App\Http\Recipe\RecipeMovesController;
use App\Http\Shared\Writing;
use Illuminate\Support\Facades\Route;

Route::get('areas/{area}/recipe', [RecipeController::class, 'show']);
Route::post('areas/{area}/recipe', [RecipeController::class, 'draft']);
Route::get('areas/{area}/draft', [RecipeController::class, 'preview']);
Route::get('recipe/vocabulary', [RecipeController::class, 'vocabulary']);
Route::post('areas/{area}/recipe/edits', [RecipeController::class, 'edit']);
Route::post('areas/{area}/recipe/undo', [RecipeController::class, 'undo']);
Route::post('areas/{area}/recipe/redo', [RecipeController::class, 'redo']);
Route::post('areas/{area}/recipe/aside/{aside}', [RecipeController::class, 'decide']);
Route::post('areas/{area}/recipe/told', [RecipeMovesController::class, 'told']);
Route::post('recipe/told', [RecipeMovesController::class, 'listen'])->withoutMiddleware(Writing::class);
Route::put('recipe/told/meaning', [RecipeMovesController::class, 'choose']);
Route::post('areas/{area}/recipe/replace', [RecipeMovesController::class, 'replace']);
Route::post('areas/{area}/recipe/follow', [RecipeMovesController::class, 'follow']);
Route::post('areas/{area}/recipe/book', [RecipeMovesController::class, 'fromBook']);
Route::post('areas/{area}/recipe/{step}/elsewhere', [RecipeMovesController::class, 'elsewhere']);
Route::get('areas/{area}/recipe/{step}/mishap', [RecipeMovesController::class, 'mishaps']);
Route::post('areas/{area}/recipe/{step}/mishap', [RecipeMovesController::class, 'mend']);
Route::get('areas/{area}/recipe/{step}', [RecipeController::class, 'alternatives']);
Route::get('areas/{area}/recipe/{step}/substitutes', [RecipeController::class, 'substitutes']);
Route::get('areas/{area}/recipe/{step}/joins', [RecipeController::class, 'joins']);
Route::post('companies/{company}/recipes', [DraftManyController::class, 'draft']);
Route::delete('companies/{company}/recipes/{batch}', [DraftManyController::class, 'undo']);
