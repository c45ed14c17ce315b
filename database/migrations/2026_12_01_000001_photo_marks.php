<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What pictures say of how they were taken: when, with which camera, and the codes that are seen in them. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('photo_marks', function (Blueprint $table): void {
            $table->foreignId('photo_id')->primary()->constrained()->cascadeOnDelete();
            $table->dateTime('taken_at', 6)->nullable();
            $table->string('camera', 120);
            $table->json('codes');
            $table->boolean('is_card');
        });
        Schema::table('drop_files', function (Blueprint $table): void {
            // When the file was changed last, in milliseconds since 1970, as whoever sent it told.
            $table->unsignedBigInteger('changed_ms')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('drop_files', fn(Blueprint $table) => $table->dropColumn('changed_ms'));
        Schema::dropIfExists('photo_marks');
    }
};
