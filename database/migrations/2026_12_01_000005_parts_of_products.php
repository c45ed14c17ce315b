<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('products', function (Blueprint $table): void {
            // A product that was put together with others: its address leads to the one that it is a part of.
            $table->foreignId('part_of_id')->nullable()->constrained('products');
        });
        Schema::table('skus', function (Blueprint $table): void {
            // The product that a SKU was of before it was put together with others: it goes back there.
            $table->foreignId('came_from_id')->nullable()->constrained('products');
        });
    }

    public function down(): void
    {
        Schema::table('skus', fn(Blueprint $table) => $table->dropConstrainedForeignId('came_from_id'));
        Schema::table('products', fn(Blueprint $table) => $table->dropConstrainedForeignId('part_of_id'));
    }
};
