<?php

declare(strict_types=1);

namespace App\Http\Controllers\Library;

use App\Actions\Intake\PickStored;
use App\Actions\Pictures\RemoveStored;
use App\History\Change;
use App\Http\Bounds\ListBound;
use App\Http\Person;
use App\Intake\StoredPictures;
use App\Intake\StoredQuery;
use App\Store\Library\SwatchUses;
use App\Store\Products\PictureUses;
use App\Store\Products\ProductLoader;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Pictures that are stored already, to be picked for the intake. */
final class StoredController
{
    /** Longer sides in pixels that can be asked for. */
    private const SIZES = [800, 1_600, 3_000];

    public function __construct(private readonly ProductLoader $products) {}

    public function index(Request $request, StoredPictures $pictures): View
    {
        $given = $request->validate(
            [
                'name' => ['nullable', 'string', 'max:100'],
                'product' => ['nullable', 'string', 'max:40', 'exists:products,code'],
                'color' => ['nullable', 'string', 'max:40'],
                'least' => ['nullable', 'integer', 'min:0', 'max:20000'],
                'since' => ['nullable', 'date_format:Y-m-d'],
                'unused' => ['nullable', 'boolean'],
                'after' => ['nullable', 'integer'],
            ],
            ['product.exists' => 'No product has the code :input.'],
        );
        $color = $pictures->color((string) ($given['color'] ?? ''));
        $found = $pictures->find(
            new StoredQuery(
                trim((string) ($given['name'] ?? '')),
                isset($given['product']) ? $this->products->named($given['product'])->id : null,
                $color,
                (int) ($given['least'] ?? 0),
                $given['since'] ?? null,
                (bool) ($given['unused'] ?? false),
                isset($given['after']) ? (int) $given['after'] : null,
            ),
        );

        return view('intake.stored', [
            'given' => $given,
            'sizes' =>
                [
                    '' => __('intake.any_size'),
                ] +
                array_map(
                    fn(int $pixels): string => __('intake.pixels', ['pixels' => $pixels]),
                    array_combine(self::SIZES, self::SIZES),
                ),
            'isUnknownColor' => ($given['color'] ?? '') !== '' && $color === null,
            'pictures' => array_slice($found, 0, StoredPictures::PAGE),
            'next' => count($found) > StoredPictures::PAGE ? $found[StoredPictures::PAGE - 1]->photoId : null,
        ]);
    }

    /** Where a picture is used. */
    public function uses(int $photo): View
    {
        return view('intake.uses', [
            'uses' => PictureUses::of([$photo])[$photo] ?? [],
            'swatches' => SwatchUses::of([$photo])[$photo] ?? [],
            'photoId' => $photo,
        ]);
    }

    /** Marked pictures are taken out of the store for good. */
    public function remove(Request $request, RemoveStored $action): RedirectResponse
    {
        $entry = $action->run(new Change(Person::of($request), null), $this->marked($request));

        return redirect()
            ->route('intake.stored', ['unused' => 1])
            ->with('said', $entry->words ?? __('answers.these_pictures_are_not_there_any'));
    }

    public function store(Request $request, PickStored $action): RedirectResponse
    {
        return redirect()->route('intake.drop', $action->run(Person::of($request), $this->marked($request)));
    }

    /** @return array<int, string> photo id => what it is called */
    private function marked(Request $request): array
    {
        $request->validate(['photos' => ['nullable', 'array', ListBound::ofTexts(StoredPictures::PAGE, 200)]]);
        $names = [];
        foreach ($request->array('photos') as $id => $name) {
            $names[(int) $id] = (string) $name;
        }

        return $names;
    }
}
