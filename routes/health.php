<?php

declare(strict_types=1);

use App\Http\Controllers\HealthController;
use Illuminate\Support\Facades\Route;

// For machines, without a session: they ask while the database is away as well.
Route::get('/up', [HealthController::class, 'up'])->name('up');
Route::get('/ready', [HealthController::class, 'ready'])->name('ready');
