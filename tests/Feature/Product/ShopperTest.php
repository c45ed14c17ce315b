<?php

declare(strict_types=1);

use App\Actions\Matrix\LeaveOutCells;
use App\Actions\Skus\SetPrices;
use App\Actions\Skus\SetStock;
use App\Http\Screens\Product\PreviewOption;
use App\Http\Screens\Product\PreviewScreen;
use App\Store\Library\ValueNames;
use Core\Changes\Matrix\OfferCells;
use Core\Gallery\Roles\Role;
use Core\Gallery\UnknownChoice;
use Core\Gallery\View;
use Core\Reach\Selection;
use Illuminate\Support\Facades\DB;
use Tests\Support\Shop;

/* What shoppers meet, whatever they have chosen. */

/** @param  ?array<string, string>  $choice null as they arrive */
function met(Shop $shop, ?array $choice, string $language = ''): PreviewScreen
{
    $loaded = $shop->loaded();

    return new PreviewScreen(
        $loaded,
        $choice === null ? null : $shop->token($choice),
        false,
        ValueNames::of($loaded->core->matrix, $language),
    );
}

/** @return array<string, string> label => state */
function optionStates(Shop $shop, array $choice, int $axis): array
{
    $preview = met($shop, $choice);
    $options = $preview->options($preview->loaded->core->matrix->axes[$axis]);

    return array_combine(
        array_map(fn(PreviewOption $option): string => $option->label, $options),
        array_map(fn(PreviewOption $option): string => $option->state, $options),
    );
}

it('shows whoever picks a color that color and only that, in every size', function (): void {
    $shop = Shop::stocked();
    foreach (['Moss', 'Clay', 'Slate'] as $color) {
        foreach ([[], ['Size' => 'S'], ['Size' => 'XL']] as $size) {
            $files = array_map(
                fn($entry): string => $entry->placement->file,
                met($shop, ['Color' => $color] + $size)->gallery->entries,
            );
            expect($files)->toBe([
                "{$color} front.jpg",
                "{$color} back.jpg",
                "{$color} worn.jpg",
                "{$color} detail.jpg",
                'guide.jpg',
            ]);
        }
    }
});

it('marks what is sold out and what is not offered, from what is chosen so far', function (): void {
    $shop = Shop::stocked();
    app(SetStock::class)->run($shop->change(), $shop->part(['Color' => 'Moss', 'Size' => 'M']), '0');
    app(SetStock::class)->run($shop->change(), $shop->part(['Size' => 'L']), '0');
    app(LeaveOutCells::class)->run(
        $shop->change(),
        OfferCells::leaveOut($shop->part(['Color' => 'Clay', 'Size' => 'XL'])),
    );
    expect(optionStates($shop, ['Color' => 'Moss'], 1))
        ->toBe(['S' => 'free', 'M' => 'sold out', 'L' => 'sold out', 'XL' => 'free'])
        ->and(optionStates($shop, ['Color' => 'Clay'], 1))
        ->toBe(['S' => 'free', 'M' => 'free', 'L' => 'sold out', 'XL' => 'missing'])
        ->and(optionStates($shop, [], 1))
        ->toBe(['S' => 'free', 'M' => 'free', 'L' => 'sold out', 'XL' => 'free'])
        ->and(optionStates($shop, ['Size' => 'XL'], 0))
        ->toBe(['Moss' => 'free', 'Clay' => 'missing', 'Slate' => 'free']);
});

it('asks for what is still to be chosen, and says what can be bought', function (array $choice, string $offer): void {
    $shop = Shop::stocked();
    app(SetStock::class)->run($shop->change(), $shop->part(['Color' => 'Moss', 'Size' => 'M']), '0');
    app(LeaveOutCells::class)->run(
        $shop->change(),
        OfferCells::leaveOut($shop->part(['Color' => 'Clay', 'Size' => 'XL'])),
    );
    expect(met($shop, $choice)->offer())->toBe($offer);
})->with([
    [[], 'Choose a color and a size'],
    [['Color' => 'Moss'], 'Choose a size'],
    [['Color' => 'Moss', 'Size' => 'S'], 'Add to basket'],
    [['Color' => 'Moss', 'Size' => 'M'], 'Sold out'],
    [['Color' => 'Clay', 'Size' => 'XL'], 'Not available'],
]);

it('lists three things to choose with commas', function (): void {
    $shop = Shop::open();
    $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M', 'Style' => 'Wrap, Open']);
    expect(met($shop, [])->offer())->toBe('Choose a color, a size and a style');
});

it('shows a range of prices until one SKU is chosen', function (): void {
    $shop = Shop::stocked();
    app(SetPrices::class)->run($shop->change(), $shop->part(['Size' => 'XL']), '54');
    expect(met($shop, [])->terms->price())
        ->toBe('49.00–54.00')
        ->and(met($shop, ['Color' => 'Moss'])->terms->price())
        ->toBe('49.00–54.00')
        ->and(met($shop, ['Size' => 'XL'])->terms->price())
        ->toBe('54.00')
        ->and(met($shop, ['Size' => 'S', 'Color' => 'Clay'])->terms->price())
        ->toBe('49.00');
});

it(
    'unchooses what is chosen again, and refuses what is not a value of the product (it answered with the first value’s gallery)',
    function (): void {
        $shop = Shop::stocked();
        $preview = met($shop, ['Color' => 'Moss', 'Size' => 'S']);
        $moss = $preview->options($preview->loaded->core->matrix->axes[0])[0];
        expect($moss->isChosen)->toBeTrue()->and($moss->choice)->toBe($shop->token(['Size' => 'S']));
        $color = $shop->id('Color');
        foreach (
            [
                '99999998:99999999,' . $shop->token(['Color' => 'Clay']) => 'does not differ',
                "{$color}:99999999" => 'is no Color of this product',
            ]
            as $key => $why
        ) {
            expect(
                fn() => new PreviewScreen(
                    $shop->loaded(),
                    $key,
                    false,
                    ValueNames::of($shop->loaded()->core->matrix, ''),
                ),
            )->toThrow(UnknownChoice::class, $why);
        }
    },
);

it('shows the Swatch picture of a color where there is one, and no blank where there is none', function (): void {
    $shop = Shop::stocked();
    $picture = fn(int $at): ?string => met($shop, [])->options($shop->loaded()->core->matrix->axes[0])[$at]->picture;
    expect($picture(0))->toBeNull();
    $shop->photo('cloth.jpg', ['Color' => 'Moss'], View::usual('detail'), Role::Swatch);
    expect($picture(0))->not->toBeNull()->and($picture(1))->toBeNull();
    DB::table('axes')
        ->where('name', 'Color')
        ->update(['display' => 'picture swatches']);
    $clay = met($shop, [])->options($shop->loaded()->core->matrix->axes[0])[1];
    expect($picture(0))->not->toBeNull()->and($clay->picture)->toBeNull()->and($clay->swatch)->toBeNull();
    DB::table('axis_values')
        ->where('name', 'Clay')
        ->update(['swatch' => 'dots:#b4694a/#ffffff']);
    expect(
        met($shop, [])
            ->options($shop->loaded()->core->matrix->axes[0])[1]
            ->swatch?->text(),
    )->toBe('dots:#b4694a/#ffffff');
});

it('names axes and values in a language as far as there are translations', function (): void {
    $shop = Shop::stocked();
    DB::table('axis_values')
        ->where('name', 'Moss')
        ->update(['translations' => '{"de":"Moos","pt-BR":"musgo"}']);
    DB::table('axes')
        ->where('name', 'Size')
        ->update(['translations' => '{"de":"Größe"}']);
    $preview = met($shop, ['Color' => 'Moss'], 'de-CH');
    expect($preview->chosenLabel($preview->loaded->core->matrix->axes[0]))
        ->toBe('Moos')
        ->and($preview->offer())
        ->toBe('Choose a größe')
        ->and($preview->names->tags)
        ->toBe(['de', 'pt-BR'])
        ->and(met($shop, ['Color' => 'Moss'], 'fr')->offer())
        ->toBe('Choose a size');
    expect($preview->address(''))->toContain('lang=de&')->toContain('choice=');
});

it(
    'opens with pictures even where nothing is chosen, in stock or made; a color of which nothing is made shows none',
    function (): void {
        $shop = Shop::stocked();
        expect(met($shop, null)->gallery->isEmpty())->toBeFalse();
        app(SetStock::class)->run($shop->change(), Selection::whole(), '0');
        expect(met($shop, null)->gallery->lead()?->file)->toBe('Moss front.jpg');
        app(LeaveOutCells::class)->run($shop->change(), OfferCells::leaveOut(Selection::whole()));
        expect($shop->loaded()->core->made)
            ->toBe([])
            ->and(met($shop, null)->gallery->isEmpty())
            ->toBeFalse()
            ->and(met($shop, ['Color' => 'Moss'])->gallery->isEmpty())
            ->toBeTrue();
    },
);
