<?php

declare(strict_types=1);

use App\Actions\Batches\SteerBatch;
use App\Models\Batch;
use Core\Gallery\View;
use Illuminate\Support\Facades\DB;
use Tests\Support\PageResponse;
use Tests\Support\Shop;

beforeEach(function (): void {
    $this->smock = Shop::stocked();
    $this->cape = Shop::open('CAPE');
    $this->cape->axes(['Color' => 'Moss, Ink', 'Size' => 'S, M']);
    $this->cape->photo('old guide.jpg', [], View::usual('size guide'));
    $this->bare = Shop::open('BARE');
    $this->bare->axes(['Color' => 'Straw', 'Size' => 'S']);
    while (app(App\Summaries\Summaries::class)->countSome() > 0);
    $this->actingAs($this->smock->user);
    $this->guide = (int) DB::table('placements')->where('id', $this->smock->placement('guide.jpg'))->value('photo_id');
    $this->ask = fn(array $wanted): string => PageResponse::read(
        (string) $this->get('/bulk/pictures?' . http_build_query($wanted))
            ->assertOk()
            ->getContent(),
    );
    $this->run = function (array $wanted): Batch {
        $this->post('/bulk/pictures', array_map(strval(...), $wanted))->assertSessionHasNoErrors()->assertRedirect();

        return Batch::query()->latest('id')->firstOrFail();
    };
});

it('sets, adds and takes away a picture in many products, shown before, undone in one', function (): void {
    $state = fn(): array => [$this->smock->state(), $this->cape->state(), $this->bare->state()];
    $before = $state();
    $set = ['photo' => $this->guide, 'file' => 'new guide.jpg', 'way' => 'set', 'part' => '', 'view' => 'size guide'];
    expect(($this->ask)($set))
        ->toContain('new guide.jpg is the only size guide of the whole product')
        ->toContain('old guide.jpg')
        ->toContain('the same')
        ->toContain('Change 3 products')
        ->and($state())
        ->toEqual($before);
    $batch = ($this->run)($set);
    expect($this->cape->files(['Color' => 'Ink']))
        ->toBe(['new guide.jpg'])
        ->and($this->bare->files([]))
        ->toBe(['new guide.jpg'])
        ->and($this->smock->files(['Color' => 'Moss']))
        ->toContain('guide.jpg')
        ->and($this->cape->words())
        ->toBe('new guide.jpg is the only size guide of the whole product');
    app(SteerBatch::class)->undo($this->smock->user, $batch->id);
    expect($state())->toEqual($before);

    $moss = (int) DB::table('placements')->where('id', $this->smock->placement('Moss front.jpg'))->value('photo_id');
    $add = ['photo' => $moss, 'file' => 'moss.jpg', 'way' => 'add', 'part' => 'moss', 'view' => 'front'];
    expect(($this->ask)($add))->toContain('no picture')->toContain('has no');
    $batch = ($this->run)($add);
    expect($this->cape->files(['Color' => 'Moss']))
        ->toBe(['old guide.jpg', 'moss.jpg'])
        ->and($this->cape->files(['Color' => 'Ink']))
        ->toBe(['old guide.jpg'])
        ->and(
            DB::table('batch_products')
                ->where('batch_id', $batch->id)
                ->where('product_id', $this->bare->product->id)
                ->value('state'),
        )
        ->toBe('refused');
    ($this->run)(['way' => 'take'] + $add);
    expect($this->cape->files(['Color' => 'Moss']))
        ->toBe(['old guide.jpg'])
        ->and($this->smock->files(['Color' => 'Moss']))
        ->not->toContain('Moss front.jpg');
});

it('replaces a picture by another in every product that has it', function (): void {
    $this->cape->receive(['guide too.jpg' => Shop::picture('guide.jpg')]);
    $this->bare->receive(['better.jpg' => Shop::picture('better.jpg')]);
    $better = (int) DB::table('placements')->where('id', $this->bare->placement('better.jpg'))->value('photo_id');
    $wanted = [
        'photo' => $this->guide,
        'file' => 'guide.jpg',
        'way' => 'replace',
        'other' => $better,
        'other_file' => 'better.jpg',
    ];
    expect(($this->ask)($wanted))->toContain('guide.jpg replaced by better.jpg');
    $batch = ($this->run)($wanted);
    expect(DB::table('placements')->where('photo_id', $this->guide)->count())
        ->toBe(0)
        ->and($this->smock->files(['Color' => 'Moss']))
        ->toContain('better.jpg')
        ->and($this->smock->loaded()->placements[$this->smock->placement('better.jpg')]->placement->view?->key)
        ->toBe('size guide');
    app(SteerBatch::class)->undo($this->smock->user, $batch->id);
    expect(DB::table('placements')->where('photo_id', $this->guide)->count())->toBe(2);
});

it('says what is missing of the question', function (): void {
    expect(($this->ask)([]))
        ->toContain('Choose the picture first')
        ->and(($this->ask)(['photo' => $this->guide, 'way' => 'set']))
        ->toContain('Say which view')
        ->and(($this->ask)(['photo' => $this->guide, 'way' => 'replace']))
        ->toContain('Choose another picture')
        ->and(($this->ask)(['photo' => 999_999, 'way' => 'add']))
        ->toContain('Choose a stored picture first')
        ->and(($this->ask)(['photo' => $this->guide, 'way' => 'add', 'q' => 'nosuchproduct']))
        ->toContain('No product is like this');
    $this->post('/bulk/pictures', ['photo' => $this->guide, 'way' => 'set'])->assertSessionHasErrors();
    expect(Batch::query()->count())->toBe(0);
});
