<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Summaries\Status\Health;
use Illuminate\Http\JsonResponse;

/** For machines that watch over this one: whether the process answers, and whether it can do its work. */
final class HealthController
{
    public function up(): JsonResponse
    {
        return response()->json(['up' => true]);
    }

    public function ready(Health $health): JsonResponse
    {
        $checks = $health->checks();
        $ready = !in_array(false, array_column($checks, 'ok'), true);

        return response()->json(['ready' => $ready, 'checks' => $checks], $ready ? 200 : 503);
    }
}
