<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // A swatch as Core\Color\Swatches\Swatch writes it; the picture that it is a piece of is named again, so that
        // it stays.
        Schema::table('axis_values', function (Blueprint $table): void {
            $table->string('swatch', 100)->nullable()->change();
            $table->foreignId('swatch_photo_id')->nullable()->constrained('photos');
        });
        // The product's own, where its cloth differs; null where it has the library's.
        Schema::table('product_values', function (Blueprint $table): void {
            $table->string('swatch', 100)->nullable();
            $table->foreignId('swatch_photo_id')->nullable()->constrained('photos');
        });
        // How shoppers choose on the axis in this product; null as the library says of the axis.
        Schema::table('product_axes', fn(Blueprint $table) => $table->string('display', 24)->nullable());
    }
};
