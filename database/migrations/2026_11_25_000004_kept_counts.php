<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    /** What the catalog is sorted by, each with the product's id behind it. */
    private const SORTED = ['name', 'code', 'skus', 'pictures', 'coverage', 'price_low', 'units', 'changed_at'];

    private const FILTERED = ['state', 'stock_state', 'category', 'has_tray', 'lacks_price'];

    public function up(): void
    {
        Schema::table('products', function (Blueprint $table): void {
            // Goes up with every change, also with those that leave the version as it is.
            $table->unsignedInteger('revision')->default(1);
            $table->boolean('is_counted')->default(false)->index();
        });
        // What lists show, filter and sort by: counted anew after each change, never by loading products.
        Schema::create('product_summaries', function (Blueprint $table): void {
            $table->foreignId('product_id')->primary()->constrained();
            $table->unsignedInteger('revision');
            $table->boolean('is_removed');
            $table->string('name', 120);
            $table->string('code', 40);
            $table->string('category', 200);
            $table->timestamp('changed_at')->useCurrent();
            $table->string('state', 16);
            $table->string('stock_state', 16);
            $table->boolean('has_tray');
            $table->boolean('lacks_price');
            $table->unsignedInteger('skus');
            $table->unsignedInteger('cells');
            $table->unsignedInteger('left_out');
            $table->unsignedInteger('pictures');
            $table->unsignedInteger('tray');
            $table->smallInteger('coverage');
            $table->decimal('price_low', 14, 4);
            $table->string('prices', 80);
            $table->unsignedBigInteger('units');
            $table->unsignedInteger('not_counted');
            $table->json('colors');
            $table->json('sizes');
            $table->foreignId('card_photo_id')->nullable();
            $table->string('card_text', 400);
            foreach (self::SORTED as $column) {
                $table->index(['is_removed', $column, 'product_id'], "summaries_{$column}");
            }
            foreach (self::FILTERED as $column) {
                $table->index(['is_removed', $column, 'name', 'product_id'], "summaries_by_{$column}");
            }
        });
        // How many products each filter would show.
        Schema::create('catalog_totals', function (Blueprint $table): void {
            $table->string('facet', 16);
            $table->string('value', 200)->collation('utf8mb4_bin');
            $table->integer('products');
            $table->primary(['facet', 'value']);
        });
        // The words of names and codes, folded, to be found by how they begin; and how one comes to them by a slip.
        Schema::create('product_words', function (Blueprint $table): void {
            $table->foreignId('product_id')->constrained();
            $table->string('word', 40)->collation('utf8mb4_bin');
            $table->primary(['product_id', 'word']);
            $table->index(['word', 'product_id']);
        });
        Schema::create('word_slips', function (Blueprint $table): void {
            $table->string('slip', 40)->collation('utf8mb4_bin');
            $table->string('word', 40)->collation('utf8mb4_bin');
            $table->primary(['slip', 'word']);
            $table->index('word');
        });
        Schema::table('skus', fn(Blueprint $table) => $table->index(['code', 'product_id'], 'skus_code_of_product'));
        Schema::table(
            'placements',
            fn(Blueprint $table) => $table->index(['file_name', 'product_id'], 'placements_file_of_product'),
        );
    }
};
