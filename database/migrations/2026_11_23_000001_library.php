<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('library', function (Blueprint $table): void {
            $table->id();
            $table->unsignedInteger('version')->default(1);
        });
        DB::table('library')->insert(['id' => 1, 'version' => 1]);
        Schema::table('axes', function (Blueprint $table): void {
            $table->string('display', 24)->default('buttons');
            $table->json('translations')->default('{}');
        });
        DB::table('axes')
            ->where('kind', 'color')
            ->update(['display' => 'color swatches']);
        Schema::table('axis_values', function (Blueprint $table): void {
            $table->unsignedInteger('position')->default(0);
            $table->json('synonyms')->default('[]');
            $table->json('translations')->default('{}');
        });
        DB::statement('UPDATE axis_values SET position = id');
        Schema::create('size_runs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('axis_id')->constrained('axes');
            $table->string('name', 60);
            $table->string('folded', 60)->unique();
            $table->json('value_ids');
        });
        // What a product does not use at the moment keeps its row, without a place: label and opening come back with
        // it.
        Schema::table('product_axes', function (Blueprint $table): void {
            $table->unsignedSmallInteger('position')->nullable()->change();
            $table->foreignId('opening_value_id')->nullable()->constrained('axis_values');
        });
        Schema::table('product_values', function (Blueprint $table): void {
            $table->unsignedSmallInteger('position')->nullable()->change();
            $table->string('label', 80)->nullable();
        });
        Schema::table('products', function (Blueprint $table): void {
            $table->string('opening_cell', 120)->charset('ascii')->collation('ascii_bin')->nullable();
        });
        Schema::table('skus', function (Blueprint $table): void {
            $table->unsignedInteger('retired_version')->default(0);
        });
        Schema::create('facts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('product_id')->constrained();
            $table->string('name', 60);
            $table->string('folded', 60);
            $table->string('value', 200);
            $table->unsignedSmallInteger('position');
            $table->unique(['product_id', 'folded']);
        });
        // The history of the library itself belongs to no product.
        Schema::table('history', function (Blueprint $table): void {
            $table->foreignId('product_id')->nullable()->change();
            $table->unsignedInteger('undone_version')->nullable();
        });
        Schema::create('board_layouts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('axes', 80)->charset('ascii')->collation('ascii_bin');
            $table->unsignedBigInteger('down')->nullable();
            $table->unsignedBigInteger('across')->nullable();
            $table->unique(['user_id', 'axes']);
        });
    }
};
