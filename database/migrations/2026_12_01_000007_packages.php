<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('packages', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained('users');
            // The file of the intake that it is read from; null where it was read from the command line.
            $table->foreignId('drop_file_id')->nullable()->constrained('drop_files');
            $table->string('name', 200);
            $table->string('state', 10);
            $table->string('failure', 400)->default('');
            // The rows of its tables of the library.
            $table->mediumText('library');
            $table->unsignedInteger('products')->default(0);
            // Up to which product it is looked at.
            $table->unsignedInteger('through')->default(0);
            $table->timestamp('created_at')->useCurrent();
            $table->timestamp('beat_at')->useCurrent();
            $table->index(['state', 'beat_at']);
        });
        Schema::create('package_products', function (Blueprint $table): void {
            $table->foreignId('package_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('position');
            $table->string('code', 200);
            $table->string('name', 200)->default('');
            $table->binary('document');
            // Another product of the package that says the same code.
            $table->string('double', 400)->default('');
            $table->foreignId('product_id')->nullable()->constrained();
            $table->string('verdict', 10)->default('');
            $table->string('words', 400)->default('');
            $table->char('batch_id', 26)->charset('ascii')->nullable();
            $table->unsignedInteger('batch_position')->nullable();
            $table->primary(['package_id', 'position']);
            $table->index(['package_id', 'verdict', 'position']);
            $table->index(['batch_id', 'batch_position']);
            $table->foreign('batch_id')->references('id')->on('batches');
        });
        DB::statement('alter table package_products modify document longblob not null');
        // The pictures of a package: each lies on the disk of the pictures until it is imported.
        Schema::create('package_photos', function (Blueprint $table): void {
            $table->foreignId('package_id')->constrained()->cascadeOnDelete();
            $table->char('sha256', 64)->charset('ascii');
            $table->string('path', 300);
            $table->unsignedBigInteger('bytes');
            $table->boolean('is_kept')->default(false);
            $table->primary(['package_id', 'sha256']);
            $table->index(['package_id', 'is_kept']);
        });
    }

    public function down(): void
    {
        foreach (['package_photos', 'package_products', 'packages'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
