<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('former_codes', function (Blueprint $table): void {
            $table->string('code', 64)->primary();
            $table->foreignId('product_id')->constrained();
        });
    }
};
