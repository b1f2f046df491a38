<?php

declare(strict_types=1);

use App\Http\Glossary\GlossaryController;
use Illuminate\Support\Facades\Route;

Route::get('glossary', [GlossaryController::class, 'show']);
