<?php

declare(strict_types=1);

use App\Http\Account\AccountController;
use Illuminate\Support\Facades\Route;

Route::get('account', [AccountController::class, 'show']);
Route::put('account/password', [AccountController::class, 'password'])->middleware('throttle:password');
Route::post('account/others', [AccountController::class, 'others'])->middleware('throttle:password');
Route::post('account/invitations', [AccountController::class, 'invite']);
Route::delete('account/invitations/{invitation}', [AccountController::class, 'withdraw']);
