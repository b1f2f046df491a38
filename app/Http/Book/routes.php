<?php

declare(strict_types=1);

use App\Http\Book\BookController;
use Illuminate\Support\Facades\Route;

Route::get('book', [BookController::class, 'index']);
Route::post('book', [BookController::class, 'store']);
Route::get('book/{book}', [BookController::class, 'show']);
Route::put('book/{book}', [BookController::class, 'update']);
Route::delete('book/{book}', [BookController::class, 'destroy']);
