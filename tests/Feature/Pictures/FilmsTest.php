<?php

declare(strict_types=1);

use App\Actions\Pictures\AssignRole;
use App\Actions\Pictures\DescribePhotos;
use App\Actions\Pictures\LinkPhotos;
use App\Actions\Pictures\UnlinkPhotos;
use App\Files\JsonLdDocument;
use App\Media\PhotoSize;
use App\Media\PhotoStore;
use App\Models\Photo;
use App\Models\Right;
use Core\Gallery\Roles\Role;
use Core\Gallery\View;
use Core\Reach\Selection;
use Core\Refusal;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Tests\Support\Dropped;
use Tests\Support\Films;
use Tests\Support\Shop;

beforeEach(function (): void {
    $this->shop = Shop::stocked();
    $this->actingAs($this->shop->user);
    $this->photo = fn(string $file): Photo => Photo::query()->findOrFail(
        DB::table('placements')->where('id', $this->shop->placement($file))->value('photo_id'),
    );
});

it(
    'takes a film, reads how long it runs and makes a poster of it, and plays it in the order of the pictures',
    function (): void {
        $shop = $this->shop;
        expect(
            $shop->receive([
                'moss.mp4' => Films::film('mp4', 2.0, '320x240'),
                'moss.webm' => Films::film('webm', 1.5, '160x120'),
            ])->refused,
        )->toBe([]);
        $film = ($this->photo)('moss.mp4');
        expect([$film->type, $film->width, $film->height, $film->duration_ms, ($this->photo)('moss.webm')->type])->toBe(
            ['mp4', 320, 240, 2000, 'webm'],
        );
        $poster = getimagesizefromstring((string) app(PhotoStore::class)->derived($film, PhotoSize::Gallery));
        expect([$poster[0], $poster[1]])->toBe([320, 240]);
        $id = $shop->placement('moss.mp4');
        app(LinkPhotos::class)->run($shop->change(), [$id], $shop->part(['Color' => 'Moss']));
        app(DescribePhotos::class)->view($shop->change(), [$id], View::usual('turned'));
        expect($shop->files(['Color' => 'Moss']))->toContain('moss.mp4');
        $this->get('/products/SMOCK/preview?choice=' . $shop->token(['Color' => 'Moss']))
            ->assertOk()
            ->assertSee("data-media=\"/media/{$film->id}.mp4\"", false)
            ->assertSee('0:02');
        $this->get('/products/SMOCK')->assertOk();
        $answer = $this->get("/media/{$film->id}.mp4", ['Range' => 'bytes=0-99'])->assertStatus(206);
        expect($answer->headers->get('Content-Type'))
            ->toBe('video/mp4')
            ->and($answer->headers->get('Content-Range'))
            ->toBe("bytes 0-99/{$film->bytes}");
        $this->get("/media/{$film->id}.webm")->assertNotFound();
        $this->get('/media/' . ($this->photo)('Moss front.jpg')->id . '.mp4')->assertNotFound();
        $json = json_decode(app(JsonLdDocument::class)->of($shop->loaded()->product), true);
        $variant = array_values(array_filter($json['hasVariant'], fn(array $one): bool => isset($one['subjectOf'])))[0];
        expect($variant['subjectOf'][0]['@type'])
            ->toBe('VideoObject')
            ->and($variant['subjectOf'][0]['duration'])
            ->toBe('PT2S')
            ->and(array_column($variant['image'], 'name'))
            ->not->toContain('moss.mp4');
    },
);

it('never has a Lead without a still', function (): void {
    $shop = $this->shop;
    $shop->receive(['turn.mp4' => Films::film()]);
    $id = $shop->placement('turn.mp4');
    app(LinkPhotos::class)->run($shop->change(), [$id], Selection::whole());
    expect(fn() => app(AssignRole::class)->run($shop->change(), $id, Role::Lead))->toThrow(
        Refusal::class,
        'is no still picture',
    );
    DB::table('placements')
        ->where('id', $id)
        ->update(['roles' => '["lead","card"]']);
    expect($shop->gallery(['Color' => 'Moss'])->lead()?->file)
        ->toBe('Moss front.jpg')
        ->and(
            $shop
                ->gallery(['Color' => 'Moss'])
                ->role(Role::Card)
                ->placement()?->file,
        )
        ->toBe('Moss front.jpg');
    app(UnlinkPhotos::class)->everywhere(
        $shop->change(),
        array_map($shop->placement(...), ['Moss front.jpg', 'Moss back.jpg', 'Moss worn.jpg', 'Moss detail.jpg']),
        Selection::whole(),
    );
    app(UnlinkPhotos::class)->everywhere($shop->change(), [$shop->placement('guide.jpg')], Selection::whole());
    expect($shop->files(['Color' => 'Moss']))
        ->toBe(['turn.mp4'])
        ->and($shop->gallery(['Color' => 'Moss'])->lead())
        ->toBeNull();
    $this->get('/products/SMOCK/preview?choice=' . $shop->token(['Color' => 'Moss']))
        ->assertOk()
        ->assertSee('data-play="/media/', false);
});

it('takes a model, shows a sign for it, and takes a poster of it as somebody has turned it', function (): void {
    $shop = $this->shop;
    expect($shop->receive(['cushion.glb' => Films::file(Films::model())])->refused)->toBe([]);
    $model = ($this->photo)('cushion.glb');
    expect([$model->type, $model->width])->toBe(['glb', 1200]);
    $this->get("/media/{$model->id}.glb")
        ->assertOk()
        ->assertHeader('Content-Type', 'model/gltf-binary');
    $sign = Storage::get(PhotoStore::derivedPath($model->sha256, PhotoSize::Thumb));
    $post = fn(string $path): mixed => $this->post("/photos/{$model->id}/poster", [
        'poster' => new UploadedFile($path, 'poster.png', null, null, true),
    ]);
    $post(Shop::picture('turned', 'png', 300))->assertNoContent();
    expect(Storage::get(PhotoStore::derivedPath($model->sha256, PhotoSize::Thumb)))
        ->not->toBe($sign)
        ->and($model->refresh()->width)
        ->toBe(300);
    $post(Films::film())->assertSessionHasErrors();
    $this->post('/photos/' . ($this->photo)('Moss front.jpg')->id . '/poster', [
        'poster' => new UploadedFile(Shop::picture('x', 'png'), 'poster.png', null, null, true),
    ])->assertSessionHasErrors();
    $this->actingAs(Shop::person(Right::View));
    $post(Shop::picture('turned', 'png'))->assertForbidden();
});

it('takes films and models through the intake, and says why others are not taken', function (
    string $name,
    Closure $make,
    string $standing,
    string $says,
): void {
    $drop = Dropped::files($this->shop->user, [$name => $make()]);
    $one = Dropped::one($drop, $name);
    expect($one->status->value)
        ->toBe($standing, "{$one->why} {$one->file->remark}")
        ->and("{$one->why} {$one->file->remark}")
        ->toContain($says);
})->with([
    'a film' => ['SMOCK_moss_turned.mp4', fn(): string => Films::film(), 'sure', ''],
    'a model' => ['SMOCK_moss_turned.glb', fn(): string => Films::file(Films::model()), 'sure', ''],
    'a film that is cut off' => [
        'SMOCK.mp4',
        fn(): string => Films::file(substr((string) file_get_contents(Films::film()), 0, 600)),
        'refused',
        'cannot be read',
    ],
    'another codec' => [
        'SMOCK.mp4',
        function (): string {
            $path = tempnam(sys_get_temp_dir(), 'slate') . '.mp4';
            exec("ffmpeg -nostdin -v error -y -f lavfi -i testsrc=duration=1:size=64x64 -c:v mpeg4 {$path}");

            return $path;
        },
        'refused',
        'not every browser plays',
    ],
    'a model in parts' => [
        'SMOCK.glb',
        fn(): string => Films::file(
            Films::model(fn(array $tree): array => ['buffers' => [['byteLength' => 36, 'uri' => 'other.bin']]] + $tree),
        ),
        'refused',
        'it refers to other files',
    ],
    'a model that ends early' => [
        'SMOCK.glb',
        fn(): string => Films::file(substr(Films::model(), 0, -8)),
        'refused',
        'its length is not what it says',
    ],
]);
