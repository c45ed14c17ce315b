<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('sheet_products', function (Blueprint $table): void {
            // Rows that have no verdict of their own: what becomes of the product becomes of them.
            $table->unsignedInteger('plain_rows')->default(0)->after('left_out');
        });
        Schema::table('sheet_rows', function (Blueprint $table): void {
            // What is written by nobody but us need not be looked through each time that the row is touched.
            $table->longText('cells')->change();
            $table->longText('changes')->nullable()->change();
            $table->longText('problems')->nullable()->change();
        });
    }

    public function down(): void
    {
        Schema::table('sheet_rows', function (Blueprint $table): void {
            $table->json('cells')->change();
            $table->json('changes')->nullable()->change();
            $table->json('problems')->nullable()->change();
        });
        Schema::table('sheet_products', function (Blueprint $table): void {
            $table->dropColumn('plain_rows');
        });
    }
};
