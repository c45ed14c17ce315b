<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('photos', function (Blueprint $table): void {
            // What it took to make the sizes of the picture.
            $table->unsignedInteger('read_milliseconds')->nullable();
            $table->unsignedInteger('read_kilobytes')->nullable();
        });
    }
};
