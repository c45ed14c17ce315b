<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Where somebody is signed in. A browser that is to remember it has a token, of which only a hash is kept.
        Schema::create('account_sessions', function (Blueprint $table): void {
            $table->char('id', 26)->primary();
            $table->foreignId('user_id')->constrained('users');
            $table->string('browser', 200);
            $table->string('address', 45);
            $table->char('token_hash', 64)->nullable();
            $table->timestamp('created_at')->useCurrent();
            $table->timestamp('seen_at')->useCurrent()->index();
            $table->timestamp('remembered_until')->nullable();
            $table->timestamp('ended_at')->nullable();
        });
        Schema::table('users', function (Blueprint $table): void {
            // The end of a password that somebody else made.
            $table->timestamp('password_until')->nullable();
            $table->dropColumn('remember_token');
        });
        DB::table('users')
            ->where('password_is_temporary', true)
            ->update(['password_until' => now()->addWeek()]);
        // Sessions of before are in no list: they end.
        DB::table('sessions')->delete();
    }
};
