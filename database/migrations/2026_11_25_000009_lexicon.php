<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // By which words names of files mean products and SKUs; kept with the counts of each product.
        Schema::create('lexicon_words', function (Blueprint $table): void {
            $table->id();
            $table->string('form', 80)->collation('utf8mb4_bin')->index();
            $table->string('kind', 8);
            $table->foreignId('product_id')->constrained();
            $table->unsignedBigInteger('sku_id')->nullable();
            $table->string('word', 120);
            $table->index('product_id');
        });
        // And how one comes to those of products by a slip.
        Schema::create('lexicon_slips', function (Blueprint $table): void {
            $table->string('slip', 80)->collation('utf8mb4_bin');
            $table->string('form', 80)->collation('utf8mb4_bin');
            $table->primary(['slip', 'form']);
        });
        DB::table('products')->update(['is_counted' => false]);
    }
};
