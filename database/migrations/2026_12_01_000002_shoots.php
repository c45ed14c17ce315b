<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How a person has laid out the pictures of a shoot, and in which order a sender takes views. */
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
    }

    public function down(): void
    {
        Schema::dropIfExists('sender_orders');
        Schema::table('drops', fn(Blueprint $table) => $table->dropColumn('shoot'));
    }
};
