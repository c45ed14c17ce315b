<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->boolean('password_is_temporary')->default(false);
            // Counts how often all sessions of the account were ended; a session knows at which count it was begun.
            $table->unsignedInteger('sessions_ended')->default(0);
            $table->string('zone', 64)->nullable();
            $table->string('language', 16)->nullable();
            $table->timestamp('signed_in_at')->nullable();
            $table->timestamp('closed_at')->nullable();
        });
        // What was done to accounts. It is not undone with the catalog's history: each act has its opposite on the
        // page.
        Schema::create('account_notes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('account_id')->constrained('users');
            $table->foreignId('user_id')->nullable()->constrained('users');
            $table->string('words', 400);
            $table->timestamp('created_at')->useCurrent();
        });
    }
};
