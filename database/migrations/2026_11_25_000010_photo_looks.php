<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // What was measured of a picture when it was read.
        Schema::create('photo_looks', function (Blueprint $table): void {
            $table->foreignId('photo_id')->primary()->constrained()->cascadeOnDelete();
            $table->char('background', 7);
            $table->decimal('evenness', 5, 4);
            $table->decimal('filled', 5, 4);
            $table->json('colors');
            $table->string('doubt', 160)->nullable();
            $table->char('fingerprint', 16)->collation('ascii_bin')->index();
            $table->decimal('sharpness', 6, 2);
        });
    }
};
