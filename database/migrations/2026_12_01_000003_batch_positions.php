<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    /** A batch may make products: its items are told apart by their place in it, since these have no id yet. */
    public function up(): void
    {
        Schema::table('batch_products', function (Blueprint $table): void {
            $table->unsignedInteger('position')->nullable()->after('batch_id');
            // What a product that is yet to be is called.
            $table->string('title', 200)->default('')->after('selection');
        });
        DB::table('batch_products')->update(['position' => DB::raw('product_id')]);
        Schema::table('batch_products', function (Blueprint $table): void {
            // The key of the batch keeps an index of its own while the primary key is another.
            $table->index('batch_id', 'batch_products_batch');
            $table->dropPrimary();
        });
        Schema::table('batch_products', function (Blueprint $table): void {
            $table->unsignedInteger('position')->nullable(false)->change();
            $table->unsignedBigInteger('product_id')->nullable()->change();
            $table->primary(['batch_id', 'position']);
            $table->unique(['batch_id', 'product_id']);
            $table->dropIndex(['batch_id', 'state', 'product_id']);
            $table->index(['batch_id', 'state', 'position']);
            $table->dropIndex('batch_products_batch');
        });
    }
};
