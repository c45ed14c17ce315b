<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // What arrived together and waits to find its place.
        Schema::create('drops', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained('users');
            $table->string('name', 120);
            $table->string('sender', 80)->default('')->index();
            // Where all of it is of one product.
            $table->foreignId('product_id')->nullable()->constrained();
            $table->timestamp('created_at')->useCurrent()->index();
        });
        Schema::create('drop_files', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('drop_id')->constrained();
            // By path, size and time of change: the same file is known when it is dropped again.
            $table->char('print', 40)->charset('ascii');
            $table->string('file', 200);
            $table->string('folder', 300)->default('');
            $table->unsignedBigInteger('bytes');
            $table->unsignedBigInteger('received')->default(0);
            $table->string('state', 12);
            $table->string('remark', 400)->default('');
            $table->foreignId('archive_id')->nullable()->constrained('drop_files');
            $table->foreignId('photo_id')->nullable()->constrained();
            $table->string('title', 300)->default('');
            $table->string('keywords', 600)->default('');
            // What a person said of it.
            $table->foreignId('said_product_id')->nullable()->constrained('products');
            $table->string('said_view', 24)->nullable();
            // What was accepted of it: the batch that links it, and as what.
            $table->char('batch_id', 26)->charset('ascii')->nullable();
            $table->foreignId('to_product_id')->nullable()->constrained('products');
            $table->json('to_reach')->nullable();
            $table->string('to_view', 24)->nullable();
            $table->unsignedInteger('to_place')->default(0);
            $table->unsignedBigInteger('replaces_id')->nullable();
            $table->timestamp('updated_at')->useCurrent();
            $table->unique(['drop_id', 'print']);
            $table->index(['drop_id', 'state']);
            $table->index(['batch_id', 'to_product_id']);
            $table->index(['state', 'updated_at']);
            $table->foreign('batch_id')->references('id')->on('batches');
        });
        // Who did what with a drop.
        Schema::create('drop_notes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('drop_id')->constrained();
            $table->foreignId('user_id')->constrained('users');
            $table->string('words', 300);
            $table->timestamp('created_at')->useCurrent();
        });
        // What one sender calls a value, and nobody else.
        Schema::create('sender_words', function (Blueprint $table): void {
            $table->id();
            $table->string('sender', 80)->collation('utf8mb4_bin');
            $table->string('word', 80);
            $table->string('folded', 80)->collation('utf8mb4_bin');
            $table->foreignId('value_id')->constrained('axis_values');
            $table->unique(['sender', 'folded']);
        });
    }
};
