<?php

declare(strict_types=1);

use App\Actions\Pictures\RemovePhotos;
use App\Actions\Pictures\UnlinkPhotos;
use App\Media\PhotoStore;
use App\Media\SweepPhoto;
use App\Models\Photo;
use App\Models\Right;
use Core\Reach\Selection;
use Core\Refusal;
use Illuminate\Support\Facades\DB;
use Tests\Support\Dropped;
use Tests\Support\Shop;

beforeEach(function (): void {
    $this->shop = Shop::stocked();
    $this->actingAs($this->shop->user);
});

it('says where a picture is used, over products and roles', function (): void {
    $shop = $this->shop;
    $other = Shop::open('CAPE');
    $other->axes(['Color' => 'Moss', 'Size' => 'S']);
    $other->receive(['cape.jpg' => Shop::picture('Moss front.jpg')]);
    $photo = (int) DB::table('placements')->where('id', $shop->placement('Moss front.jpg'))->value('photo_id');
    $this->get("/intake/stored/{$photo}/uses")
        ->assertOk()
        ->assertSeeInOrder(['Moss front.jpg', 'Moss', 'front', 'Lead'])
        ->assertSee('not linked')
        ->assertSee('/products/CAPE');
    $this->get('/intake/stored?unused=1')->assertOk()->assertSee('No stored picture is like this.');
    $this->get('/intake/stored/99999999/uses')->assertOk()->assertSee('No product has it.');
});

it('removes for good only what no product has, with its files, and never what came again', function (): void {
    $shop = $this->shop;
    $shop->receive(['spare.jpg' => Shop::picture('spare')]);
    $id = $shop->placement('spare.jpg');
    $photo = Photo::query()->findOrFail(DB::table('placements')->where('id', $id)->value('photo_id'));
    $disk = app(PhotoStore::class)->disk();
    $original = PhotoStore::originalPath($photo->sha256, $photo->type);
    $remove = fn() => $this->post('/intake/stored/remove', ['photos' => [$photo->id => 'spare.jpg']]);
    $remove()->assertSessionHasErrors();
    expect(Photo::query()->whereKey($photo->id)->exists())->toBeTrue();
    app(RemovePhotos::class)->run($shop->change(), [$id]);
    $this->get('/intake/stored?unused=1')
        ->assertOk()
        ->assertSee('unused, came ' . now()->format('Y-m-d'));
    $drop = Dropped::files($shop->user, ['again.jpg' => Shop::picture('spare')]);
    $this->travel(10)->minutes();
    touch($disk->path($original), time() - 600);
    $remove()->assertRedirect('/intake/stored?unused=1')->assertSessionHas('said', 'Removed for good: spare.jpg');
    expect(Photo::query()->whereKey($photo->id)->exists())
        ->toBeFalse()
        ->and($disk->exists($original))
        ->toBeFalse()
        ->and(array_filter($disk->allFiles('derived'), fn(string $path): bool => str_contains($path, $photo->sha256)))
        ->toBe([])
        ->and(Dropped::standings($drop))
        ->toBe(['again.jpg' => 'refused']);
    // What was undone would bring it back: that is refused in words.
    expect(fn() => $shop->undo())->toThrow(Refusal::class, 'not there any more');
    $this->get('/library/history')->assertOk()->assertSee('Removed for good: spare.jpg');

    $shop->receive(['spare.jpg' => Shop::picture('spare')]);
    touch($disk->path($original), time() - 600);
    (new SweepPhoto($photo->sha256, $photo->type))->handle(app(PhotoStore::class));
    expect($disk->exists($original))->toBeTrue();
});

it(
    'keeps what lies in a tray or belongs to a product whose making was undone, and lets nobody without the right',
    function (): void {
        $shop = $this->shop;
        $photo = (int) DB::table('placements')->where('id', $shop->placement('guide.jpg'))->value('photo_id');
        app(UnlinkPhotos::class)->everywhere($shop->change(), [$shop->placement('guide.jpg')], Selection::whole());
        $this->post('/intake/stored/remove', ['photos' => [$photo => 'guide.jpg']])->assertSessionHasErrors();
        DB::table('products')
            ->where('id', $shop->product->id)
            ->update(['removed_at' => now()]);
        $this->post('/intake/stored/remove', ['photos' => [$photo => 'guide.jpg']])->assertSessionHasErrors();
        $this->post('/intake/stored/remove', [])->assertSessionHasErrors();
        expect(Photo::query()->whereKey($photo)->exists())->toBeTrue();
        $this->actingAs(Shop::person(Right::View))
            ->post('/intake/stored/remove', ['photos' => [$photo => 'x']])
            ->assertForbidden();
    },
);
