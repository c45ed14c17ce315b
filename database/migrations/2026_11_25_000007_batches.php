<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // One act on many products, worked off by the queue.
        Schema::create('batches', function (Blueprint $table): void {
            $table->char('id', 26)->charset('ascii')->primary();
            $table->foreignId('user_id')->constrained('users');
            $table->string('act', 40);
            $table->json('wanted');
            $table->string('words', 400);
            $table->boolean('is_whole');
            $table->string('state', 16);
            $table->timestamp('created_at')->useCurrent();
            $table->timestamp('beat_at')->useCurrent();
            $table->timestamp('ended_at')->nullable();
            $table->index(['state', 'beat_at']);
            $table->index('created_at');
        });
        Schema::create('batch_products', function (Blueprint $table): void {
            $table->char('batch_id', 26)->charset('ascii');
            $table->foreignId('product_id')->constrained();
            $table->string('state', 16);
            // Which part of its matrix is meant, as a selection's key.
            $table->text('selection');
            $table->string('words', 400)->default('');
            $table->foreignId('history_id')->nullable()->constrained('history');
            $table->primary(['batch_id', 'product_id']);
            $table->index(['batch_id', 'state', 'product_id']);
            $table->foreign('batch_id')->references('id')->on('batches');
        });
    }
};
