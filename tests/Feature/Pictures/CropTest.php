<?php

declare(strict_types=1);

use App\Actions\Pictures\SetCrop;
use App\Media\DeriveCuts;
use App\Media\PhotoCuts;
use Core\Gallery\Crop;
use Core\Gallery\CropFrame;
use Core\Gallery\Roles\Role;
use Core\Gallery\Shape;
use Core\Gallery\View;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use Tests\Support\Shop;

/** A picture with a red left half and a blue right half. */
function halves(): string
{
    $picture = new Imagick();
    $picture->newImage(400, 200, '#d02020', 'jpeg');
    $right = new Imagick();
    $right->newImage(200, 200, '#2020d0');
    $picture->compositeImage($right, Imagick::COMPOSITE_OVER, 200, 0);
    $path = tempnam(sys_get_temp_dir(), 'slate');
    $picture->writeImage("jpeg:{$path}");

    return $path;
}

it('keeps the focus of a picture, cuts every shape by it, and undoes it', function (): void {
    $shop = Shop::stocked();
    $this->actingAs($shop->user);
    $shop->receive(['halves.jpg' => halves()]);
    $id = $shop->placement('halves.jpg');
    $photo = (int) DB::table('placements')->where('id', $id)->value('photo_id');
    $post = fn(string $path, array $crop) => $this->post(
        "/products/SMOCK/photos/{$id}/{$path}",
        ['crop' => $crop, 'version' => $shop->version()],
        ['HX-Request' => 'true'],
    );
    $before = $shop->state();
    $post('crop/plan', ['x' => '100', 'y' => '50'])
        ->assertOk()
        ->assertSee('viewBox="200 0 200 200"', false)
        ->assertSee('square card');
    expect($shop->state())->toEqual($before);
    $post('crop', ['x' => '100', 'y' => '50'])->assertOk();
    expect($shop->words())->toBe('Focus of halves.jpg set to 100 % across, 50 % down');
    $crop = Crop::fromKey($shop->loaded()->placements[$id]->placement->crop);

    $colors = [];
    foreach ([[Shape::Square, '0'], [Shape::Square, '100'], [Shape::Wide, '100']] as [$shape, $x]) {
        $post('crop', ['x' => $x, 'y' => '50'])->assertOk();
        $one = Crop::fromKey($shop->loaded()->placements[$id]->placement->crop);
        $this->get(PhotoCuts::address($photo, $shape, $one))->assertOk();
        $answer = $this->get(PhotoCuts::address($photo, $shape, $one), ['Accept' => 'image/jpeg'])
            ->assertOk()
            ->assertHeader('Content-Type', 'image/jpeg');
        $cut = new Imagick();
        $cut->readImageBlob((string) $answer->getContent());
        $pixel = $cut
            ->getImagePixelColor(intdiv($cut->getImageWidth(), 2), intdiv($cut->getImageHeight(), 2))
            ->getColor();
        $colors[] = [$cut->getImageWidth(), $cut->getImageHeight(), $pixel['r'] > $pixel['b'] ? 'red' : 'blue'];
    }
    expect($colors)->toBe([[200, 200, 'red'], [200, 200, 'blue'], [400, 160, 'blue']]);
    $post('crop', ['x' => '50', 'y' => '50'])->assertOk();
    expect($shop->words())->toBe('halves.jpg is shown from its middle');
    $shop->undo();
    expect($shop->loaded()->placements[$id]->placement->crop)->toBe($crop->key());
    array_map(fn() => $shop->undo(), range(1, 3));
    expect($shop->state())->toEqual($before);
    $this->get("/photos/{$photo}/round.jpg")->assertNotFound();
});

it('makes a shape that is missing when somebody asks for it, and shows a sign meanwhile', function (): void {
    $shop = Shop::stocked();
    $this->actingAs($shop->user);
    Queue::fake();
    $photo = (int) DB::table('placements')->where('id', $shop->placement('Moss front.jpg'))->value('photo_id');
    $this->get("/photos/{$photo}/tall.jpg")
        ->assertOk()
        ->assertHeader('Content-Type', 'image/svg+xml');
    Queue::assertPushedOn(
        PhotoCuts::ASKED_FOR,
        DeriveCuts::class,
        fn(DeriveCuts $job): bool => $job->photoId === $photo && $job->crop === '',
    );
});

it(
    'cuts only what something shows, and lets go of what nothing shows any more (600 addresses filled 186 MB and held up a dropped picture)',
    function (): void {
        $shop = Shop::stocked();
        $this->actingAs($shop->user);
        $id = $shop->placement('Moss front.jpg');
        $photo = DB::table('photos')->find(DB::table('placements')->where('id', $id)->value('photo_id'));
        Queue::fake();
        foreach (['square-1-2-3-4-500-600', 'chip', 'chip-1-2-3-4-500-600', 'tall-500-500-0-0-1000-999'] as $shape) {
            $this->get("/photos/{$photo->id}/{$shape}.jpg")->assertNotFound();
        }
        Queue::assertNothingPushed();
        $this->get("/photos/{$photo->id}/square.jpg")->assertOk();

        $folder = 'derived/' . substr($photo->sha256, 0, 2);
        $shown = "{$folder}/{$photo->sha256}-square.jpg";
        $old = "{$folder}/{$photo->sha256}-square-1-2-3-4-500-600.jpg";
        $new = "{$folder}/{$photo->sha256}-wide-1-2-3-4-500-600.webp";
        foreach ([$shown, $old, $new] as $path) {
            Storage::put($path, 'x');
            touch(Storage::path($path), $path === $new ? time() : time() - 200_000);
        }
        app(PhotoCuts::class)->pruneUnused((int) hexdec(substr($photo->sha256, 0, 2)));
        expect([Storage::exists($shown), Storage::exists($old), Storage::exists($new)])
            ->toBe([true, false, true])
            ->and(Storage::exists("{$folder}/{$photo->sha256}-card.jpg"))
            ->toBeTrue();
    },
);

it('keeps the focus through changes of the matrix, and shows it in the preview', function (): void {
    $shop = Shop::stocked();
    $this->actingAs($shop->user);
    app(SetCrop::class)->run(
        $shop->change(),
        $shop->placement('Moss front.jpg'),
        Crop::of(300, 200, new CropFrame(100, 100, 800, 800)),
    );
    $key = '300-200-100-100-800-800';
    $shop->axes(['Color' => 'Clay, Slate', 'Size' => 'S, M, L, XL']);
    $shop->axes(
        ['Color' => 'Clay, Slate, Moss', 'Size' => 'S, M, L, XL', 'Style' => 'Buttoned, Pullover'],
        ['style' => 'Buttoned'],
    );
    $shop->merge('Clay', 'Moss');
    $row = $shop->loaded()->placements[$shop->placement('Moss front.jpg')];
    expect($row->placement->crop)
        ->toBe($key)
        ->and($shop->loaded()->core->state->pictures[0]->crop)
        ->toBe($key);
    $this->get('/products/SMOCK/preview?choice=' . $shop->token(['Color' => 'Moss']))
        ->assertOk()
        ->assertSee("/photos/{$row->photoId}/square-{$key}.jpg")
        ->assertSee("/photos/{$row->photoId}/wide-{$key}.jpg");
    expect(
        $shop
            ->gallery(['Color' => 'Moss'])
            ->role(Role::Lead)
            ->placement()
            ?->view?->is(View::usual('front')),
    )->toBeTrue();
});
