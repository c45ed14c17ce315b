<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // The changed rows of an entry, in parts that are read one after another.
        Schema::create('history_rows', function (Blueprint $table): void {
            $table->foreignId('history_id')->constrained('history');
            $table->unsignedInteger('part');
            $table->binary('packed');
            $table->primary(['history_id', 'part']);
        });
        DB::statement('ALTER TABLE history_rows MODIFY packed LONGBLOB NOT NULL');
        DB::statement('INSERT INTO history_rows (history_id, part, packed) SELECT id, 0, packed FROM history');
        Schema::table('history', function (Blueprint $table): void {
            $table->dropColumn('packed');
            // Of an old entry the words are kept, and the rows let go.
            $table->boolean('is_final')->default(false);
            $table->index(['is_final', 'created_at']);
        });
    }
};
