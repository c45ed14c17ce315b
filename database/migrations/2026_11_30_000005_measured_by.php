<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        // Which way of measuring it comes from: what an earlier one left is measured anew while the workers are idle.
        Schema::table('photo_looks', fn (Blueprint $table) => $table->unsignedSmallInteger('measured_by')->default(1)->index());
    }
};
