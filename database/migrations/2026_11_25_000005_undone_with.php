<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Which entries were taken back by one and the same undo.
        Schema::table('history', fn(Blueprint $table) => $table->char('undone_with', 26)->charset('ascii')->nullable());
    }
};
