<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** How often each product is in breach of each check; those without a breach have no row. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('finding_counts', function (Blueprint $table): void {
            $table->foreignId('product_id')->constrained();
            $table->string('check_key', 40);
            $table->unsignedInteger('found');
            $table->primary(['product_id', 'check_key']);
            $table->index(['check_key', 'product_id']);
        });
        DB::table('products')->update(['is_counted' => false]);
    }

    public function down(): void
    {
        Schema::dropIfExists('finding_counts');
    }
};
