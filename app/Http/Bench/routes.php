<?php

declare(strict_types=1);

use App\Http\Bench\BenchController;
use App\Http\Bench\PassController;
use App\Http\Bench\PictureController;
use App\Http\Bench\PotController;
use App\Http\Bench\SittingController;
use Illuminate\Support\Facades\Route;

Route::get('companies/{company}/bench', [BenchController::class, 'show']);
Route::post('companies/{company}/bench/air', [BenchController::class, 'air']);
Route::post('companies/{company}/bench/looked', [BenchController::class, 'looked']);
Route::post('companies/{company}/bench/care/{what}', [BenchController::class, 'care']);
Route::post('companies/{company}/records', [BenchController::class, 'record']);
Route::delete('records/{record}', [BenchController::class, 'withdraw']);
Route::post('records/{record}/dry', [BenchController::class, 'dry']);
Route::post('records/{record}/mended', [BenchController::class, 'mended']);
Route::post('records/{record}/likewise', [BenchController::class, 'likewise']);
Route::post('companies/{company}/passes', [PassController::class, 'store']);
Route::delete('passes/{pass}', [PassController::class, 'destroy']);
Route::post('passes/{pass}/dry', [PassController::class, 'dry']);
Route::post('companies/{company}/pots', [PotController::class, 'store']);
Route::post('companies/{company}/pots/{pot}', [PotController::class, 'update']);
Route::post('companies/{company}/pictures', [PictureController::class, 'store']);
Route::get('pictures/{picture}', [PictureController::class, 'show']);
Route::delete('pictures/{picture}', [PictureController::class, 'destroy']);
Route::post('companies/{company}/sittings', [SittingController::class, 'store']);
Route::get('sittings/{sitting}', [SittingController::class, 'show']);
Route::put('sittings/{sitting}', [SittingController::class, 'fetch']);
Route::post('sittings/{sitting}/{what}', [SittingController::class, 'turn']);
