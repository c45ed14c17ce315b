<?php

declare(strict_types=1);

use App\Media\PhotoStore;
use App\Models\Photo;
use App\Models\PhotoState;
use App\Models\Right;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Tests\Support\Shop;

it('shows what runs behind the screens to those who may release, and to nobody else', function (): void {
    Shop::stocked();
    $this->actingAs(Shop::person(Right::Edit))->get('/works')->assertForbidden();
    $this->get('/')->assertDontSee('Works');
    $this->actingAs(Shop::person(Right::Release))
        ->get('/works')
        ->assertOk()
        ->assertSee('13 ready, 0 waiting, 0 failed, 0 refused')
        ->assertSee('nothing waits')
        ->assertSee('every picture can be shown')
        ->assertSee(PHP_VERSION);
    $this->get('/')->assertSee('Works');
});

it('names each picture that has no sizes with the reason, and has all read again in one act', function (): void {
    $shop = Shop::open();
    foreach (['one', 'two', 'three'] as $name) {
        $shop->receive(["{$name}.jpg" => Shop::picture($name)]);
    }
    [$one, $two] = Photo::query()->orderBy('id')->get()->all();
    $one->update(['state' => PhotoState::Failed, 'failure' => 'Reading this picture broke off.']);
    $two->update([
        'state' => PhotoState::Waiting,
        'failure' => 'The server has too little room on disk at the moment.',
    ]);
    $this->actingAs(Shop::person(Right::Release))
        ->get('/works')
        ->assertSee('one.jpg')
        ->assertSee('Reading this picture broke off.')
        ->assertSee('too little room on disk')
        ->assertSee('Potting smock')
        ->assertDontSee('three.jpg');
    $this->post('/works/pictures')->assertRedirect('/works');
    $this->get('/works')->assertSee('2 pictures are read again.')->assertSee('3 ready');
    Storage::delete(PhotoStore::originalPath($one->sha256, 'jpg'));
    $one->refresh()->update(['state' => PhotoState::Failed]);
    $this->post('/works/pictures');
    $this->get('/works')->assertSee('The file of this picture is missing. Drop it again.');
});

it('has failed jobs tried again', function (): void {
    DB::table('failed_jobs')->insert([
        'uuid' => 'a-b-c',
        'connection' => 'database',
        'queue' => 'default',
        'exception' => "RuntimeException: the disk was full\n#0 somewhere",
        'payload' => json_encode(['uuid' => 'a-b-c', 'displayName' => App\Media\DerivePhoto::class, 'attempts' => 1]),
    ]);
    $this->actingAs(Shop::person(Right::Release))
        ->get('/works')
        ->assertSee('DerivePhoto')
        ->assertSee('the disk was full')
        ->assertDontSee('#0 somewhere');
    $this->post('/works/jobs')->assertRedirect('/works');
    expect(DB::table('failed_jobs')->count())
        ->toBe(0)
        ->and(DB::table('jobs')->count())
        ->toBe(1);
    $this->actingAs(Shop::person(Right::Edit))->post('/works/jobs')->assertForbidden();
});
