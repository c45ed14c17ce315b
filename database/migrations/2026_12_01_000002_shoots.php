<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * How a person has laid out the pictures of a shoot, in which order a sender takes views, and whether drops are to be
 * read anew.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('drops', function (Blueprint $table): void {
            // Null as long as it stands as it is proposed.
            $table->mediumText('shoot')->nullable();
        });
        Schema::create('sender_orders', function (Blueprint $table): void {
            $table->id();
            $table->string('sender', 120);
            $table->unsignedSmallInteger('places');
            $table->json('views');
            $table->dateTime('updated_at');
            $table->unique(['sender', 'places']);
        });
        // Grows whenever a word is added to those by which names are read, or taken out.
        Schema::create('lexicon_state', function (Blueprint $table): void {
            $table->unsignedTinyInteger('id')->primary();
            $table->unsignedBigInteger('version');
        });
        DB::table('lexicon_state')->insert(['id' => 1, 'version' => 1]);
    }

    public function down(): void
    {
        Schema::dropIfExists('lexicon_state');
        Schema::dropIfExists('sender_orders');
        Schema::table('drops', fn(Blueprint $table) => $table->dropColumn('shoot'));
    }
};
