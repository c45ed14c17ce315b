<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Pictures that sheets name by address, fetched in the queue.
        Schema::create('fetched_pictures', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('sheet_id')->constrained()->cascadeOnDelete();
            $table->char('hash', 64)->charset('ascii');
            $table->string('address', 1000);
            $table->string('state', 10);
            $table->unsignedTinyInteger('tries')->default(0);
            $table->string('reason', 300)->default('');
            $table->dateTime('next_at');
            $table->foreignId('drop_file_id')->nullable()->constrained('drop_files');
            $table->unique(['sheet_id', 'hash']);
            $table->index(['hash', 'state']);
            $table->index(['state', 'next_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('fetched_pictures');
    }
};
