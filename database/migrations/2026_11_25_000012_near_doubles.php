<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // The whole picture pressed into 32 × 32, by which two that have nearly the same fingerprint are compared.
        Schema::table('photo_looks', function (Blueprint $table): void {
            $table->binary('sample', 3_072)->nullable();
            $table->unsignedBigInteger('bits')->default(0);
            // Its mean in Lab: pictures that differ in it are not compared further.
            foreach (['mean_l', 'mean_a', 'mean_b'] as $mean) {
                $table->decimal($mean, 5, 1)->default(0);
            }
        });
        Schema::create('photo_twins', function (Blueprint $table): void {
            $table->foreignId('photo_id')->constrained()->cascadeOnDelete();
            $table->foreignId('other_id')->constrained('photos')->cascadeOnDelete();
            $table->decimal('difference', 5, 2);
            $table->primary(['photo_id', 'other_id']);
            $table->index('other_id');
        });
    }
};
