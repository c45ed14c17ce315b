<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    /** What a person did last in one way, in whatever product. */
    public function up(): void
    {
        Schema::table('history', fn(Blueprint $table) => $table->index(['user_id', 'action', 'id']));
    }

    public function down(): void
    {
        Schema::table('history', fn(Blueprint $table) => $table->dropIndex(['user_id', 'action', 'id']));
    }
};
