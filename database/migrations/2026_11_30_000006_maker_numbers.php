<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The number that the manufacturer gives a SKU. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('skus', function (Blueprint $table): void {
            $table->string('maker_number', 70)->nullable()->after('gtin')->index();
        });
    }

    public function down(): void
    {
        Schema::table('skus', function (Blueprint $table): void {
            $table->dropColumn('maker_number');
        });
    }
};
