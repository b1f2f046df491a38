<?php

declare(strict_types=1);

use App\Http\Order\CalendarController;
use App\Http\Order\OrderController;
use App\Http\Shared\Writing;
use Illuminate\Support\Facades\Route;

Route::get('companies/{company}/order', [OrderController::class, 'show']);
Route::put('companies/{company}/order', [OrderController::class, 'update']);
Route::post('companies/{company}/order/shown', [OrderController::class, 'shown']);
Route::post('companies/{company}/order/air', [OrderController::class, 'air']);
Route::get('companies/{company}/order/ways/{way}', [OrderController::class, 'way']);
Route::get('companies/{company}/order/rules/{rule}', [OrderController::class, 'price']);
Route::get('companies/{company}/order/table/{day}', [OrderController::class, 'table']);
Route::get('companies/{company}/order/out', [OrderController::class, 'out']);
Route::post('companies/{company}/order/out', [OrderController::class, 'takeOut']);
Route::get('companies/{company}/order/now/{minutes}', [OrderController::class, 'now']);
Route::post('companies/{company}/order/advice', [OrderController::class, 'advice'])->withoutMiddleware(Writing::class);
Route::get('companies/{company}/order/slots', [OrderController::class, 'slots']);
Route::post('companies/{company}/order/move', [OrderController::class, 'move']);
Route::get('companies/{company}/order/queue/{pot}', [OrderController::class, 'queue']);
Route::get('companies/{company}/order/file/{form}', [CalendarController::class, 'file']);
Route::post('companies/{company}/order/calendar/look', [CalendarController::class, 'look'])->withoutMiddleware(Writing::class);
Route::post('companies/{company}/order/calendar', [CalendarController::class, 'take']);
