<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Which changes that a browser sent were kept, so that one whose answer was lost can be sent again.
        Schema::create('changes_kept', function (Blueprint $table): void {
            $table->uuid('token')->primary();
            $table->foreignId('user_id')->constrained('users');
            $table->timestamp('created_at')->useCurrent()->index();
        });
    }
};
