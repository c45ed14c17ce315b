<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    /** What SKUs of many products are looked for by. */
    private const FOUND_BY = ['price', 'units', 'pictures', 'missing'];

    public function up(): void
    {
        // What is known of each SKU on offer, counted anew after each change of its product. No key of its own to the
        // SKU: one that is taken back leaves its row for the next counting.
        Schema::create('sku_summaries', function (Blueprint $table): void {
            $table->unsignedBigInteger('sku_id')->primary();
            $table->foreignId('product_id')->constrained();
            // At which it is sold; -1 for none, so that it sorts.
            $table->decimal('price', 14, 4);
            $table->boolean('has_own_price');
            // -1 where nobody has counted.
            $table->integer('units');
            $table->unsignedInteger('pictures');
            $table->boolean('has_lead');
            // Required views that its gallery lacks; -1 without a shot list.
            $table->smallInteger('missing');
            $table->index('product_id');
            foreach (self::FOUND_BY as $column) {
                $table->index([$column, 'product_id']);
            }
        });
        DB::table('products')->update(['is_counted' => false]);
    }
};
