<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Shot lists to begin with, so that a new catalog can say at once what a product lacks. Common practice, no source. */
return new class extends Migration {
    public function up(): void
    {
        foreach (
            [
                'Garment' => [['front', 'back', 'detail', 'worn', 'size guide'], ['front', 'back', 'detail']],
                'Footwear' => [['side', 'top', 'flat', 'detail', 'size guide'], ['side', 'top', 'detail']],
                'Gloves and small goods' => [['front', 'back', 'flat', 'size guide'], ['front', 'back']],
            ]
            as $name => [$views, $required]
        ) {
            DB::table('shot_lists')->insert([
                'name' => $name,
                'views' => json_encode($views),
                'required' => json_encode($required),
            ]);
        }
    }
};
