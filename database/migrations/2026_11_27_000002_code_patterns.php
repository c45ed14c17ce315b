<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // How codes of SKUs are put together, for a kind of product; parts as Core\Codes\CodePart writes them.
        Schema::create('code_patterns', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 60);
            $table->string('folded', 60)->charset('utf8mb4')->collation('utf8mb4_bin')->unique();
            $table->json('parts');
            $table->string('separator', 1);
            $table->string('letters', 16);
            $table->unsignedTinyInteger('longest');
        });
        // Null: the usual one.
        Schema::table(
            'products',
            fn(Blueprint $table) => $table->foreignId('code_pattern_id')->nullable()->constrained(),
        );
        // The numbers that a company may give to its items.
        Schema::create('gtin_ranges', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 60);
            $table->string('folded', 60)->charset('utf8mb4')->collation('utf8mb4_bin')->unique();
            $table->string('prefix', 11);
            $table->string('first', 8);
            $table->string('last', 8);
        });
    }
};
