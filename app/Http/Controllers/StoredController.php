<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\PickStored;
use App\Catalog\ProductLoader;
use App\Intake\StoredPicture;
use App\Intake\StoredPictures;
use App\Intake\StoredQuery;
use Core\Color\ColorNames;
use Core\Color\Srgb;
use Core\Text\Name;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Pictures that are stored already, to be picked for the intake. */
final class StoredController
{
    public function __construct(private readonly ProductLoader $products)
    {
    }

    public function index(Request $request, StoredPictures $pictures): View
    {
        $given = $request->validate([
            'name' => ['nullable', 'string', 'max:100'],
            'product' => ['nullable', 'string', 'max:40', 'exists:products,code'],
            'color' => ['nullable', 'string', 'max:40'],
            'least' => ['nullable', 'integer', 'min:0', 'max:20000'],
            'since' => ['nullable', 'date_format:Y-m-d'],
            'unused' => ['nullable', 'boolean'],
            'after' => ['nullable', 'integer'],
        ], ['product.exists' => 'No product has the code :input.']);
        $color = $this->color((string) ($given['color'] ?? ''));
        $found = $pictures->find(new StoredQuery(
            trim((string) ($given['name'] ?? '')),
            isset($given['product']) ? $this->products->named($given['product'])->id : null,
            $color,
            (int) ($given['least'] ?? 0),
            $given['since'] ?? null,
            (bool) ($given['unused'] ?? false),
            isset($given['after']) ? (int) $given['after'] : null,
        ));

        return view('intake.stored', [
            'given' => $given,
            'isUnknownColor' => ($given['color'] ?? '') !== '' && $color === null,
            'pictures' => array_slice($found, 0, StoredPictures::PAGE),
            'next' => count($found) > StoredPictures::PAGE ? $found[StoredPictures::PAGE - 1]->photoId : null,
        ]);
    }

    public function store(Request $request, PickStored $action): RedirectResponse
    {
        $request->validate(['photos' => ['nullable', 'array', 'max:'.StoredPictures::PAGE], 'photos.*' => ['string', 'max:200']]);
        $names = [];
        foreach ($request->array('photos') as $id => $name) {
            $names[(int) $id] = (string) $name;
        }

        return redirect()->route('intake.drop', $action->run($request->user(), $names));
    }

    /** By name or in figures. */
    private function color(string $typed): ?Srgb
    {
        $hex = ColorNames::hex(Name::of($typed)->folded) ?? (preg_match('/^#?[0-9a-f]{6}$/i', trim($typed)) === 1 ? $typed : null);

        return $hex === null ? null : Srgb::fromHex($hex);
    }
}
