<?php

declare(strict_types=1);

use Core\Pricing\Currency;
use Core\Pricing\UnknownCurrency;
use Core\Text\Name;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    private const NAMED = ['axes', 'axis_values', 'facts', 'size_runs'];

    public function up(): void
    {
        $this->compareNamesAsFolded();
        Schema::table('product_axes', function (Blueprint $table): void {
            // While an axis sleeps: the value that the SKUs stand at.
            $table->foreignId('stands_at_value_id')->nullable()->constrained('axis_values');
        });
        Schema::table('skus', function (Blueprint $table): void {
            $table->string('cell', 400)->charset('ascii')->collation('ascii_bin')->change();
            $table->decimal('price', 14, 4)->nullable()->change();
            // Without a figure: not counted.
            $table->unsignedInteger('stock')->nullable()->default(null)->change();
        });
        Schema::table('products', function (Blueprint $table): void {
            $table->string('opening_cell', 400)->charset('ascii')->collation('ascii_bin')->nullable()->change();
            $table->decimal('price', 14, 4)->nullable()->change();
        });
        $this->mendAmounts();
        Schema::table('history', function (Blueprint $table): void {
            $table->dropColumn('undone_version');
            // The last entry of the history as this one was undone: a later one of one's own ends what can be redone.
            $table->unsignedBigInteger('undone_after')->nullable();
            // The picture that stands for it in the list.
            $table->unsignedBigInteger('photo_id')->nullable();
        });
        Schema::table('users', function (Blueprint $table): void {
            // Whether the board's axes are folded to one line; null leaves it to how many there are.
            $table->boolean('axes_folded')->nullable();
        });
    }

    /** Two names are equal to the database where they are equal to Core\Text\Name, byte by byte. */
    private function compareNamesAsFolded(): void
    {
        foreach (self::NAMED as $name) {
            Schema::table($name, function (Blueprint $table): void {
                $table
                    ->string('folded', Name::LONGEST_FOLDED)
                    ->charset('utf8mb4')
                    ->collation('utf8mb4_nopad_bin')
                    ->change();
            });
            foreach (
                DB::table($name)
                    ->orderBy('id')
                    ->get(['id', 'name'])
                as $row
            ) {
                DB::table($name)
                    ->where('id', $row->id)
                    ->update(['folded' => Name::of($row->name)->folded]);
            }
        }
    }

    /** Amounts that their currency cannot have, from when that was not looked at: rounded as they were shown. */
    private function mendAmounts(): void
    {
        foreach (DB::table('products')->distinct()->pluck('currency') as $code) {
            try {
                $currency = Currency::of($code);
            } catch (UnknownCurrency) {
                DB::table('products')
                    ->where('currency', $code)
                    ->update(['currency' => 'EUR']);
                $currency = Currency::of('EUR');
            }
            DB::table('skus')
                ->whereIn('product_id', DB::table('products')->where('currency', $currency->code)->select('id'))
                ->whereNotNull('price')
                ->update(['price' => DB::raw("round(price, {$currency->digits})")]);
            DB::table('products')
                ->where('currency', $currency->code)
                ->whereNotNull('price')
                ->update(['price' => DB::raw("round(price, {$currency->digits})")]);
        }
    }
};
