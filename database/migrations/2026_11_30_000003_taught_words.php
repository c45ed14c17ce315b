<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // A word means a value, a view, or nothing at all; no sender: whoever sends it.
        Schema::table('sender_words', function (Blueprint $table): void {
            $table->foreignId('value_id')->nullable()->change();
            $table->string('view', 24)->charset('ascii')->collation('ascii_bin')->nullable();
            $table->foreign('view')->references('key')->on('views');
        });
    }
};
