<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('sheets', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained('users');
            // The file of the intake that it is read from; null where it was read from the command line.
            $table->foreignId('drop_file_id')->nullable()->constrained('drop_files');
            $table->string('name', 200);
            $table->string('sender', 80)->default('');
            $table->string('state', 10);
            $table->string('failure', 400)->default('');
            // As Core\Sheets has them: places, headers and fields of the columns, the shape of the rows.
            $table->json('layout');
            // What an empty cell means, and which names are new although they are nearly what is there.
            $table->json('terms');
            $table->json('notes');
            $table->unsignedInteger('rows')->default(0);
            // Up to which product it is looked at.
            $table->unsignedInteger('through')->default(0);
            $table->timestamp('created_at')->useCurrent();
            $table->timestamp('beat_at')->useCurrent();
            $table->index(['state', 'beat_at']);
        });
        Schema::create('sheet_products', function (Blueprint $table): void {
            $table->foreignId('sheet_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('position');
            $table->string('folded', 200);
            $table->string('code', 200);
            $table->string('name', 200)->default('');
            $table->boolean('is_coded');
            $table->foreignId('product_id')->nullable()->constrained();
            // Another product of the sheet that is called nearly so.
            $table->unsignedInteger('near_position')->nullable();
            $table->string('verdict', 10)->default('');
            $table->string('words', 400)->default('');
            // What of it is new to the library, and how many combinations have no row.
            $table->string('additions', 600)->default('');
            $table->unsignedSmallInteger('left_out')->default(0);
            $table->char('batch_id', 26)->charset('ascii')->nullable();
            $table->unsignedInteger('batch_position')->nullable();
            $table->primary(['sheet_id', 'position']);
            $table->index(['sheet_id', 'verdict', 'position']);
            $table->index(['batch_id', 'batch_position']);
            $table->foreign('batch_id')->references('id')->on('batches');
        });
        Schema::create('sheet_rows', function (Blueprint $table): void {
            $table->foreignId('sheet_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('row');
            $table->unsignedInteger('product')->default(0);
            $table->json('cells');
            $table->string('sku', 64)->default('');
            $table->string('verdict', 10)->default('');
            // What changes, from and to, and what is the matter, each with its cell.
            $table->json('changes')->nullable();
            $table->json('problems')->nullable();
            // The kinds of problems, to be found by: " near picture ".
            $table->string('kinds', 120)->charset('ascii')->default('');
            $table->primary(['sheet_id', 'row']);
            $table->index(['sheet_id', 'product', 'row']);
            $table->index(['sheet_id', 'verdict', 'row']);
        });
        // What the columns of a sender's sheets were taken for.
        Schema::create('sender_columns', function (Blueprint $table): void {
            $table->id();
            $table->string('sender', 80);
            $table->string('folded', 200);
            $table->string('field', 120);
            $table->unique(['sender', 'folded']);
        });
    }

    public function down(): void
    {
        foreach (['sender_columns', 'sheet_rows', 'sheet_products', 'sheets'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
