<?php

declare(strict_types=1);

use App\Http\Session\SessionController;
use App\Http\Session\WorkshopController;
use App\Http\Shared\Writing;
use Illuminate\Support\Facades\Route;

Route::get('session', [SessionController::class, 'show']);
Route::post('session', [SessionController::class, 'store'])->middleware('throttle:sign-in');
Route::post('session/sample', [SessionController::class, 'demo'])->middleware('throttle:sign-in');
Route::post('session/workshop', [SessionController::class, 'found'])->middleware('throttle:sign-in');
Route::get('session/invitations/{secret}', [SessionController::class, 'invitation'])->where('secret', '[0-9a-f]{32}')
    ->middleware('throttle:sign-in');
Route::delete('session', [SessionController::class, 'destroy']);

Route::middleware(['auth', Writing::class])->group(static function (): void {
    Route::put('workshop', [WorkshopController::class, 'update']);
});
