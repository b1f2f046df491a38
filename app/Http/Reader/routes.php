<?php

declare(strict_types=1);

use App\Http\Reader\ReaderController;
use Illuminate\Support\Facades\Route;

Route::get('reader', [ReaderController::class, 'things']);
Route::post('reader', [ReaderController::class, 'read']);
Route::post('reader/picture', [ReaderController::class, 'picture']);
