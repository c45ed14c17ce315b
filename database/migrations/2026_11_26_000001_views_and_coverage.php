<?php

declare(strict_types=1);

use Core\Gallery\Views;
use Core\Text\Name;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('views', function (Blueprint $table): void {
            $table->id();
            // What placements and shot lists know it by; it stays when the view is called something else.
            $table->string('key', 24)->charset('ascii')->collation('ascii_bin')->unique();
            $table->string('name', 40);
            $table->string('folded', 40)->collation('utf8mb4_bin')->unique();
            $table->string('showing', 16);
            $table->json('words');
            $table->json('loose_words');
            $table->unsignedSmallInteger('position');
        });
        foreach (Views::usual()->all as $at => $view) {
            DB::table('views')->insert([
                'key' => $view->key,
                'name' => $view->name,
                'folded' => Name::of($view->name)->folded,
                'showing' => $view->showing->value,
                'words' => json_encode($view->words, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
                'loose_words' => json_encode($view->looseWords, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
                'position' => $at + 1,
            ]);
        }
        Schema::table(
            'shot_lists',
            fn(Blueprint $table) => $table->string('folded', 60)->collation('utf8mb4_bin')->default(''),
        );
        foreach (DB::table('shot_lists')->get(['id', 'name']) as $list) {
            DB::table('shot_lists')
                ->where('id', $list->id)
                ->update(['folded' => Name::of($list->name)->folded]);
        }
        Schema::table('shot_lists', fn(Blueprint $table) => $table->unique('folded'));
        Schema::table('products', function (Blueprint $table): void {
            // Where the product differs from its shot list: view, need, reason.
            $table->json('shots')->default('[]');
            $table->index('shot_list_id', 'products_of_shot_list');
        });
        // Whether the axis changes what pictures show of this product; null for what the library says of the axis.
        Schema::table('product_axes', fn(Blueprint $table) => $table->boolean('changes_picture')->nullable());
        DB::statement('ALTER TABLE placements MODIFY view VARCHAR(24) CHARACTER SET ascii COLLATE ascii_bin NULL');
        Schema::table('placements', function (Blueprint $table): void {
            $table->index(['view', 'product_id'], 'placements_of_view');
            $table->foreign('view')->references('key')->on('views');
        });
        // Of each product how its picture combinations have each view of its shot list.
        Schema::create('coverage_summaries', function (Blueprint $table): void {
            $table->foreignId('product_id')->constrained();
            $table->string('view', 24)->charset('ascii')->collation('ascii_bin');
            $table->string('need', 16);
            $table->unsignedInteger('there');
            $table->unsignedInteger('shared');
            $table->unsignedInteger('missing');
            // SKUs that do not show it.
            $table->unsignedInteger('lacking');
            $table->primary(['product_id', 'view']);
            $table->index(['view', 'missing', 'product_id'], 'coverage_missing');
        });
        Schema::table('product_summaries', function (Blueprint $table): void {
            // Required views missing over all picture combinations, and the SKUs that this touches.
            $table->unsignedInteger('holes')->default(0);
            $table->unsignedInteger('touched')->default(0);
            // Keys of the views that are missing somewhere, wanted ones too.
            $table->json('lacks')->default('[]');
            foreach (['holes', 'touched'] as $column) {
                $table->index(['is_removed', $column, 'product_id'], "summaries_{$column}");
            }
        });
        DB::table('products')->update(['is_counted' => false]);
    }
};
