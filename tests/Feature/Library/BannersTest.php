<?php

declare(strict_types=1);

use App\Actions\Pictures\RemovePhotos;
use App\Actions\Pictures\UnlinkPhotos;
use App\Actions\Product\EditDetails;
use App\Actions\Product\UndoRedo;
use App\Files\JsonLdDocument;
use App\History\Change;
use App\Media\PhotoCuts;
use App\Models\Banner;
use App\Models\Library;
use App\Models\Right;
use App\Store\Library\Banners;
use App\Summaries\Summaries;
use Core\Gallery\Crop;
use Core\Gallery\Shape;
use Core\Product\Description;
use Core\Reach\Selection;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Support\Films;
use Tests\Support\Shop;

beforeEach(function (): void {
    $this->shop = Shop::stocked();
    $this->actingAs($this->shop->user);
    app(EditDetails::class)->run($this->shop->change(), 'category', 'Outerwear > Smocks');
    while (app(Summaries::class)->countSome() > 0);
    $this->photo = fn(string $file): int => (int) DB::table('placements')
        ->where('id', $this->shop->placement($file))
        ->value('photo_id');
    $this->send = fn(string $path, array $input): TestResponse => $this->post(
        "/library/banners{$path}",
        $input + ['version' => Library::whole()->version],
        ['HX-Request' => 'true'],
    );
});

it('gives a category and a landing page a banner with a focus of its own, and undoes it', function (): void {
    $front = ($this->photo)('Moss front.jpg');
    $this->get('/library/banners')
        ->assertOk()
        ->assertSee('Outerwear › Smocks')
        ->assertSee('1 product')
        ->assertSee('no banner');
    ($this->send)('/choose', ['kind' => 'category', 'name' => 'Outerwear > Smocks', 'find' => 'moss f'])
        ->assertOk()
        ->assertSee('Moss front.jpg')
        ->assertDontSee('Clay front.jpg');
    ($this->send)('', [
        'kind' => 'category',
        'name' => 'Outerwear > Smocks',
        'photo' => $front,
        'file' => 'Moss front.jpg',
    ])->assertOk();
    ($this->send)('', [
        'kind' => 'page',
        'name' => 'Autumn in the garden',
        'photo' => $front,
        'file' => 'Moss front.jpg',
    ])
        ->assertOk()
        ->assertSee('Autumn in the garden');
    $banner = Banner::query()->where('kind', 'category')->firstOrFail();
    $crop = Crop::of(200, 300);
    ($this->send)("/{$banner->id}/look", ['crop' => ['x' => '20', 'y' => '30']])
        ->assertOk()
        ->assertSee('wide banner');
    ($this->send)("/{$banner->id}", ['crop' => ['x' => '20', 'y' => '30'], 'text' => 'A smock in the rain'])
        ->assertOk()
        ->assertSee(PhotoCuts::address($front, Shape::Wide, $crop))
        ->assertSee('A smock in the rain');
    $this->get('/products/SMOCK/preview')->assertOk()->assertSee(PhotoCuts::address($front, Shape::Wide, $crop));
    expect(app(Banners::class)->of('Outerwear > Smocks > Long')?->id)
        ->toBe($banner->id)
        ->and(app(Banners::class)->of('Outerwear'))
        ->toBeNull();
    foreach (range(1, 3) as $_) {
        app(UndoRedo::class)->undo(new Change($this->shop->user, null, Library::whole()->version));
    }
    expect(Banner::query()->count())->toBe(0);
    app(UndoRedo::class)->redo(new Change($this->shop->user, null, Library::whole()->version));
    ($this->send)('/' . Banner::query()->value('id') . '/remove', [])->assertOk();
    expect(Banner::query()->count())->toBe(0);
});

it('refuses what can be no banner, and keeps the file of one', function (): void {
    $shop = $this->shop;
    ($this->send)('', ['kind' => 'page', 'name' => '', 'photo' => ($this->photo)('Moss front.jpg')])
        ->assertStatus(422)
        ->assertSee('needs a name');
    ($this->send)('', ['kind' => 'page', 'name' => 'X', 'photo' => 999_999])
        ->assertStatus(422)
        ->assertSee('Choose a still picture');
    $shop->receive(['turn.mp4' => Films::film(), 'spare.jpg' => Shop::picture('spare')]);
    ($this->send)('', ['kind' => 'page', 'name' => 'X', 'photo' => ($this->photo)('turn.mp4')])->assertStatus(422);
    $spare = ($this->photo)('spare.jpg');
    ($this->send)('', ['kind' => 'page', 'name' => 'X', 'photo' => $spare, 'file' => 'spare.jpg'])->assertOk();
    app(RemovePhotos::class)->run($shop->change(), [$shop->placement('spare.jpg')]);
    $this->get('/intake/stored?unused=1')->assertOk()->assertSee('No stored picture is like this.');
    $this->post('/intake/stored/remove', ['photos' => [$spare => 'spare.jpg']])->assertSessionHasErrors();
    expect(DB::table('photos')->where('id', $spare)->exists())->toBeTrue();
    $this->actingAs(Shop::person(Right::View))->get('/library/banners')->assertOk();
    $own = '/' . Banner::query()->value('id');
    foreach (['', '/choose', $own, "{$own}/look", "{$own}/remove"] as $path) {
        ($this->send)($path, [])->assertForbidden();
    }
});

it('shows the product’s pictures within its description, and only the text to programs', function (): void {
    $shop = $this->shop;
    $id = $shop->placement('Moss worn.jpg');
    $this->get('/products/SMOCK/details/pictures')->assertOk()->assertSee(Description::picture($id));
    app(EditDetails::class)->run(
        $shop->change(),
        'description',
        "Wide sleeves.\n[picture {$id}]\nTwo pockets. [picture 99999999] <b>Bold</b>",
    );
    $this->get('/products/SMOCK/preview')
        ->assertOk()
        ->assertSeeInOrder(
            [
                '<p>Wide sleeves.</p>',
                "/photos/{$shop->loaded()->placements[$id]->photoId}/card.jpg",
                '<p>Two pockets.</p>',
                '&lt;b&gt;Bold',
            ],
            false,
        )
        ->assertDontSee('[picture');
    $json = json_decode(app(JsonLdDocument::class)->of($shop->loaded()->product), true);
    expect($json['description'])->toBe("Wide sleeves.\nTwo pockets.\n<b>Bold</b>");
    app(UnlinkPhotos::class)->everywhere($shop->change(), [$id], Selection::whole());
    app(RemovePhotos::class)->run($shop->change(), [$id]);
    $this->get('/products/SMOCK/preview')->assertOk()->assertDontSee('[picture')->assertSee('Two pockets.');
    expect((new Description(''))->parts())
        ->toBe([])
        ->and((new Description('[picture 3][picture x]'))->parts())
        ->toBe([3, '[picture x]']);
});
