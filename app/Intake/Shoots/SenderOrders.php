<?php

declare(strict_types=1);

namespace App\Intake\Shoots;

use App\Store\Library\ViewShelf;
use Core\Gallery\View;
use Core\Text\Name;
use Illuminate\Support\Facades\DB;

/** In which order a sender takes views, as it was confirmed last: for each number of views one. */
final class SenderOrders
{
    public function __construct(private readonly ViewShelf $shelf) {}

    /**
     * @param  string  $sender  as it was typed; nobody has no order
     * @return list<View> so many; none where nobody has confirmed any, or a view is not there any more
     */
    public function of(string $sender, int $places): array
    {
        if ($sender === '') {
            return [];
        }
        $kept = DB::table('sender_orders')
            ->where('sender', Name::of($sender)->folded)
            ->where('places', $places)
            ->value('views');
        /** @var list<string> $keys */
        $keys = $kept === null ? [] : json_decode($kept, true, 2, JSON_THROW_ON_ERROR);
        $views = array_values(array_filter(array_map($this->shelf->views()->find(...), $keys)));

        return count($views) === $places ? $views : [];
    }

    /** @param  list<View>  $views  in the order in which they were taken */
    public function learn(string $sender, array $views): void
    {
        if ($sender === '' || $views === []) {
            return;
        }
        DB::table('sender_orders')->upsert(
            [
                [
                    'sender' => Name::of($sender)->folded,
                    'places' => count($views),
                    'views' => json_encode(array_map(fn(View $view): string => $view->key, $views)),
                    'updated_at' => now(),
                ],
            ],
            ['sender', 'places'],
            ['views', 'updated_at'],
        );
    }
}
