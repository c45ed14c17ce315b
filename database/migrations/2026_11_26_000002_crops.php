<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Focus and frame in thousandths of the picture: x, y, left, top, width, height; empty for the middle of all of
        // it.
        Schema::table('placements', fn(Blueprint $table) => $table->string('crop', 40)->charset('ascii')->default(''));
    }
};
