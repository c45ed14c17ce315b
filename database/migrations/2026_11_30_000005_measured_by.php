<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Which way of measuring it comes from: what an earlier one left is measured anew while the workers are idle.
        Schema::table('photo_looks', function (Blueprint $table): void {
            $table->unsignedSmallInteger('measured_by')->default(1)->index();
            // Fingerprints of what is seen of it where it is cut, beside that of all of it.
            foreach (['bits_a_little', 'bits_much', 'bits_left', 'bits_top', 'bits_right', 'bits_bottom'] as $bits) {
                $table->unsignedBigInteger($bits)->default(0);
            }
        });
    }
};
