<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // What a fact says: text, a number with its unit, yes or no, or a list; and whether shoppers see it.
        Schema::table('facts', function (Blueprint $table): void {
            $table->string('kind', 8)->charset('ascii')->default('text');
            $table->string('unit', 12)->default('');
            $table->boolean('is_shown')->default(true);
        });
    }
};
