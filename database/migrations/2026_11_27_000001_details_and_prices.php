<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // What is said of a product (its reach is everything) or otherwise of a part of it; the text as
        // Core\Details\DetailReader keeps it.
        Schema::create('details', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('product_id')->constrained();
            $table->string('kind', 24)->charset('ascii')->collation('ascii_bin');
            $table->json('reach');
            $table->text('text');
            $table->index(['product_id', 'kind']);
            // What was typed before is remembered by its kind.
            $table->index('kind');
        });
        // What the value adds to the price of its SKUs in this product.
        Schema::table('product_values', function (Blueprint $table): void {
            $table->decimal('price_amount', 16, 4)->nullable();
            $table->decimal('price_percent', 9, 4)->nullable();
        });
    }
};
