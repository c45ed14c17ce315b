<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // By which the texts are made that stand for pictures; the language is empty for the shop's own.
        Schema::create('alt_patterns', function (Blueprint $table): void {
            $table->id();
            $table->string('language', 35)->charset('ascii')->collation('ascii_general_ci')->unique();
            $table->string('pattern', 200);
        });
        Schema::table('views', fn(Blueprint $table) => $table->json('translations')->default('{}'));
    }
};
