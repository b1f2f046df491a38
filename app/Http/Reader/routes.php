<?php

declare(strict_types=1);

use App\Http\Reader\ReaderController;
use App\Http\Shared\Writing;
use Illuminate\Support\Facades\Route;

Route::get('reader', [ReaderController::class, 'things']);
Route::post('reader', [ReaderController::class, 'read'])->withoutMiddleware(Writing::class);
Route::post('reader/picture', [ReaderController::class, 'picture'])->withoutMiddleware(Writing::class);
