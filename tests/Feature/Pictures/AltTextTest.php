<?php

declare(strict_types=1);

use App\Actions\Library\SaveAltPattern;
use App\Actions\Pictures\DescribePhotos;
use App\Actions\Product\UndoRedo;
use App\History\Change;
use App\Models\Library;
use App\Models\LibraryView;
use Core\Gallery\AltTexts\UnreadablePattern;
use Core\Gallery\View;
use Core\Refusal;
use Illuminate\Support\Facades\DB;
use Tests\Support\Shop;

beforeEach(function (): void {
    $this->shop = Shop::stocked();
    $this->actingAs($this->shop->user);
});

it(
    'makes alt texts by the library’s pattern, for each language; a typed text wins in the shop’s own',
    function (): void {
        $shop = $this->shop;
        $library = fn(): Change => new Change($shop->user, null, Library::whole()->version);
        $save = app(SaveAltPattern::class);
        $save->run($library(), '', '{view} of {product}[ in {values}]');
        $save->run($library(), 'de', '{product} in {values}, {view}');
        $this->post('/library/axes/' . $shop->id('Color') . '/order', []);
        DB::table('axis_values')
            ->where('id', $shop->id('Moss'))
            ->update(['translations' => '{"de":"Moos"}']);
        LibraryView::query()
            ->where('key', 'front')
            ->update(['translations' => ['de' => 'Vorderansicht']]);
        app(DescribePhotos::class)->altText($shop->change(), $shop->placement('Moss back.jpg'), 'From behind');
        $choice = $shop->token(['Color' => 'Moss']);
        $this->get("/products/SMOCK/preview?choice={$choice}")
            ->assertOk()
            ->assertSee('front of Potting smock in Moss')
            ->assertSee('From behind');
        $this->get("/products/SMOCK/preview?choice={$choice}&lang=de")
            ->assertOk()
            ->assertSee('Potting smock in Moos, Vorderansicht')
            ->assertSee('Potting smock in Moos, back')
            ->assertDontSee('From behind');
        expect(
            $shop->loaded()->core->altText($shop->loaded()->placements[$shop->placement('guide.jpg')]->placement),
        )->toBe('size guide of Potting smock');
        $this->get('/library/texts')
            ->assertOk()
            ->assertSee('{view} of {product}[ in {values}]', false)
            ->assertSee('front of Potting smock in Moss');
        app(UndoRedo::class)->undo($library());
        app(UndoRedo::class)->undo($library());
        $this->get("/products/SMOCK/preview?choice={$choice}")->assertSee('Potting smock, Moss, front');
        expect(fn() => $save->run($library(), '', '{shop}'))
            ->toThrow(UnreadablePattern::class, 'knows no {shop}')
            ->and(fn() => $save->run($library(), '', 'A picture'))
            ->toThrow(UnreadablePattern::class)
            ->and(fn() => $save->run($library(), 'klingon', '{view}'))
            ->toThrow(Refusal::class, 'no tag of a language');
    },
);

it('finds gaps, doubles and long texts, and mends them in one act', function (): void {
    $shop = $this->shop;
    $before = $shop->state();
    $describe = app(DescribePhotos::class);
    $describe->view($shop->change(), [$shop->placement('Moss worn.jpg')], View::usual('detail'));
    $describe->altText(
        $shop->change(),
        $shop->placement('Clay front.jpg'),
        str_repeat('A very long word about cloth, ', 8),
    );
    $describe->view($shop->change(), [$shop->placement('guide.jpg')], null);
    $post = fn(string $path) => $this->post(
        "/products/SMOCK/photos/{$path}",
        ['version' => $shop->version(), 'page' => 'contact'],
        ['HX-Request' => 'true'],
    );
    $post('alt-texts/plan')
        ->assertOk()
        ->assertSee('13 texts: 1 says only the product, 2 twice in a gallery, 1 longer than 125 characters.')
        ->assertSee('Give these 2 their own texts');
    $post('alt-texts')->assertOk();
    $text = fn(string $file): string => $shop->loaded()->placements[$shop->placement($file)]->placement->altText;
    expect($shop->words())
        ->toBe('Alt text of 2 pictures made their own')
        ->and($text('Moss worn.jpg'))
        ->toBe('Potting smock, Moss, detail, 2')
        ->and($text('Moss detail.jpg'))
        ->toBe('')
        ->and($text('Clay front.jpg'))
        ->toBe('Potting smock, Clay, front')
        ->and($text('guide.jpg'))
        ->toBe('');
    $post('alt-texts/plan')
        ->assertOk()
        ->assertSee('13 texts: 1 says only the product.')
        ->assertSee('type one on the board');
    foreach (range(1, 4) as $_) {
        $shop->undo();
    }
    expect($shop->state())->toEqual($before);
    $post('alt-texts/plan')->assertOk()->assertSee('13 texts: nothing is wrong with them.');
});
