<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('axes', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 60);
            $table->string('folded', 60)->unique();
            $table->string('kind', 16);
            $table->boolean('changes_picture');
        });
        Schema::create('axis_values', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('axis_id')->constrained('axes');
            $table->string('name', 80);
            $table->string('folded', 80);
            $table->string('code', 16);
            $table->string('swatch', 60)->nullable();
            $table->unique(['axis_id', 'folded']);
            $table->unique(['axis_id', 'code']);
        });
        Schema::create('shot_lists', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 60)->unique();
            $table->json('views');
            $table->json('required');
        });
        Schema::create('products', function (Blueprint $table): void {
            $table->id();
            $table->string('code', 40)->unique();
            $table->string('name', 120)->index();
            $table->text('description');
            $table->string('brand', 80);
            $table->string('category', 200);
            $table->char('currency', 3);
            $table->decimal('price', 12, 3)->nullable();
            $table->foreignId('shot_list_id')->nullable()->constrained();
            $table->json('left_out');
            $table->unsignedInteger('version')->default(1);
            $table->timestamp('removed_at')->nullable()->index();
            $table->timestamps();
        });
        Schema::create('product_axes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('product_id')->constrained();
            $table->foreignId('axis_id')->constrained('axes');
            $table->unsignedSmallInteger('position');
            $table->unique(['product_id', 'axis_id']);
        });
        Schema::create('product_values', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('product_id')->constrained();
            $table->foreignId('axis_id')->constrained('axes');
            $table->foreignId('value_id')->constrained('axis_values');
            $table->unsignedSmallInteger('position');
            $table->unique(['product_id', 'value_id']);
        });
        Schema::create('skus', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('product_id')->constrained();
            $table->string('cell', 120)->charset('ascii')->collation('ascii_bin');
            $table->string('state', 16);
            $table->string('code', 64)->unique();
            $table->boolean('code_typed')->default(false);
            $table->string('gtin', 14)->nullable()->unique();
            $table->decimal('price', 12, 3)->nullable();
            $table->unsignedInteger('stock')->default(0);
            $table->unsignedInteger('weight_g')->nullable();
            $table->index(['product_id', 'cell']);
            $table->index(['product_id', 'state', 'stock']);
        });
        Schema::create('photos', function (Blueprint $table): void {
            $table->id();
            $table->char('sha256', 64)->charset('ascii')->unique();
            $table->string('type', 16);
            $table->unsignedInteger('bytes');
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            $table->string('state', 16)->index();
            $table->string('failure', 300)->nullable();
            $table->timestamps();
        });
        Schema::create('placements', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('product_id')->constrained();
            $table->foreignId('photo_id')->constrained();
            $table->string('file_name', 200);
            $table->unsignedInteger('position');
            $table->json('reach');
            $table->json('hidden');
            $table->string('view', 24)->nullable();
            $table->json('roles');
            $table->string('alt_text', 300)->default('');
            $table->index(['product_id', 'position']);
        });
        Schema::create('history', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('product_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('action', 60);
            $table->string('words', 400);
            $table->unsignedInteger('version');
            $table->char('batch', 36)->charset('ascii')->nullable();
            $table->binary('packed');
            $table->timestamp('created_at');
            $table->timestamp('undone_at')->nullable();
            $table->foreignId('undone_by')->nullable()->constrained('users');
            $table->index(['product_id', 'id']);
        });
        Schema::getConnection()->statement('ALTER TABLE history MODIFY packed LONGBLOB NOT NULL');
    }
};
