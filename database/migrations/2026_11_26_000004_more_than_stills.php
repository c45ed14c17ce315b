<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Of a film, how long it runs.
        Schema::table('photos', fn(Blueprint $table) => $table->unsignedInteger('duration_ms')->nullable());
    }
};
