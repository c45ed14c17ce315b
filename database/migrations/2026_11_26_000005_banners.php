<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // The picture at the head of a category, or of a landing page.
        Schema::create('banners', function (Blueprint $table): void {
            $table->id();
            $table->string('kind', 12);
            $table->string('name', 200);
            $table->string('folded', 200)->collation('utf8mb4_bin');
            $table->foreignId('photo_id')->constrained();
            $table->string('file_name', 200);
            $table->string('crop', 40)->charset('ascii')->default('');
            $table->string('alt_text', 300)->default('');
            $table->unique(['kind', 'folded']);
        });
    }
};
