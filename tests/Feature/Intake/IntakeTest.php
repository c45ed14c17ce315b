<?php

declare(strict_types=1);

use App\Actions\Batches\SteerBatch;
use App\Actions\Intake\AcceptFiles;
use App\Actions\Intake\OpenDrop;
use App\Actions\Intake\ReceivePart;
use App\Actions\Intake\SayOfFiles;
use App\Actions\Intake\SetAside;
use App\Actions\Intake\TeachWord;
use App\Actions\Library\AddLibraryValues;
use App\Actions\Library\RemoveFromLibrary;
use App\History\Change;
use App\Http\Screens\Intake\IntakeRow;
use App\Intake\AnnouncedFile;
use App\Intake\DropFingerprint;
use App\Intake\Drops;
use App\Intake\IncomingParts;
use App\Intake\PointedPlace;
use App\Models\Drop;
use App\Models\DropFile;
use App\Models\DropFileState;
use App\Models\Library;
use App\Models\LibraryValue;
use App\Models\Photo;
use App\Models\Right;
use Core\Gallery\View;
use Core\Matching\Drop\DropFileStatus;
use Core\Reach\Selection;
use Core\Refusal;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Tests\Support\Dropped;
use Tests\Support\Shop;

/** A shop with three colors and four sizes, and no picture yet. */
function bareShop(): Shop
{
    $shop = Shop::open();
    $shop->axes(['Color' => 'Moss, Clay, Slate', 'Size' => 'S, M, L, XL']);
    foreach (['Moss' => '#5f7049', 'Clay' => '#b5694a', 'Slate' => '#4c5d73'] as $name => $swatch) {
        LibraryValue::query()
            ->where('name', $name)
            ->update(['swatch' => $swatch]);
    }

    return $shop;
}

function idOf(Drop $drop, string $file): int
{
    return (int) DropFile::query()->where('drop_id', $drop->id)->where('file', $file)->value('id');
}

it('takes a file in parts, in any order of trouble, and the same file once', function (): void {
    $shop = bareShop();
    $path = Dropped::picture('SMOCK_moss_front.jpg');
    $bytes = (string) file_get_contents($path);
    $announced = [
        AnnouncedFile::of('autumn/SMOCK_moss_front.jpg', strlen($bytes), '17'),
        AnnouncedFile::of('autumn/SMOCK_clay_front.jpg', 5_000, '18'),
    ];
    $drop = app(OpenDrop::class)->run($shop->user, '', '', null, $announced);
    expect($drop->name)
        ->toBe('autumn')
        ->and(Dropped::standings($drop))
        ->toBe(['SMOCK_clay_front.jpg' => 'arriving', 'SMOCK_moss_front.jpg' => 'arriving']);

    $id = idOf($drop, 'SMOCK_moss_front.jpg');
    $send = fn(int $at, string $part): DropFile => app(ReceivePart::class)->run($shop->user, $id, $at, $part);
    expect($send(100, substr($bytes, 100))->received)
        ->toBe(0)
        ->and($send(0, substr($bytes, 0, 100))->received)
        ->toBe(100)
        ->and($send(0, substr($bytes, 0, 100))->received)
        ->toBe(100)
        ->and($send(100, $bytes)->received)
        ->toBe(100, 'more than the file has');

    // The window is closed; the same folder is dropped again.
    $again = app(OpenDrop::class)->run($shop->user, '', '', null, $announced);
    expect($again->id)
        ->toBe($drop->id)
        ->and(DropFile::query()->count())
        ->toBe(2)
        ->and($send(100, substr($bytes, 100))->state)
        ->toBe(DropFileState::Stored)
        ->and($send(0, $bytes)->state)
        ->toBe(DropFileState::Stored)
        ->and(Photo::query()->value('sha256'))
        ->toBe(hash('sha256', $bytes))
        ->and(Storage::disk('local')->allFiles('incoming'))
        ->toBe([])
        ->and(Dropped::standings($drop)['SMOCK_moss_front.jpg'])
        ->toBe('sure');

    // What never comes to its end is let go of after a month.
    $late = idOf($drop, 'SMOCK_clay_front.jpg');
    app(ReceivePart::class)->run($shop->user, $late, 0, 'beginning');
    app(IncomingParts::class)->pruneAbandoned();
    expect(Storage::disk('local')->allFiles('incoming'))->toHaveCount(1);
    DropFile::query()
        ->whereKey($late)
        ->update(['updated_at' => now()->subDays(40)]);
    app(IncomingParts::class)->pruneAbandoned();
    expect(Storage::disk('local')->allFiles('incoming'))
        ->toBe([])
        ->and(DropFile::query()->find($late)->received)
        ->toBe(0);

    app(SetAside::class)->forgetMissing($shop->user, $drop);
    expect(Dropped::standings($drop))->toBe(['SMOCK_moss_front.jpg' => 'sure']);
});

it('says what it cannot take, and takes it when it is dropped anew', function (): void {
    $shop = bareShop();
    $note = (string) tempnam(sys_get_temp_dir(), 'slate');
    file_put_contents($note, "a note\n");
    $drop = Dropped::files($shop->user, [
        'notes.txt' => $note,
        'nothing.jpg' => (string) tempnam(sys_get_temp_dir(), 'slate'),
    ]);
    expect(Dropped::standings($drop))
        ->toBe(['notes.txt' => 'refused', 'nothing.jpg' => 'refused'])
        ->and(Dropped::one($drop, 'notes.txt')->why)
        ->toContain('plain text')
        ->and(Dropped::one($drop, 'nothing.jpg')->why)
        ->toContain('empty');
    app(OpenDrop::class)->run($shop->user, '', '', null, [AnnouncedFile::of('notes.txt', 7, '1')]);
    expect(Dropped::standings($drop)['notes.txt'])->toBe('arriving');

    expect(
        fn() => app(OpenDrop::class)->run(
            $shop->user,
            '',
            '',
            null,
            array_fill(0, 2_001, AnnouncedFile::of('x.jpg', 1, '1')),
        ),
    )->toThrow(Refusal::class, '2,000 is the most');
    $large = app(OpenDrop::class)->run($shop->user, '', '', null, [AnnouncedFile::of('large.jpg', 5_000_000_000, '1')]);
    app(ReceivePart::class)->run($shop->user, idOf($large, 'large.jpg'), 0, 'x');
    expect(Dropped::one($large, 'large.jpg')->why)
        ->toContain('4,768 MB')
        ->and(Storage::disk('local')->allFiles('incoming'))
        ->toBe([]);
});

it(
    'links all that are sure in one act, with galleries of one sequence, undone and made again in one',
    function (): void {
        $shop = bareShop();
        $drop = Dropped::files($shop->user, [
            'SMOCK_slate_back.jpg',
            'SMOCK_moss_front.jpg',
            'SMOCK_clay_front.jpg',
            'SMOCK_moss_back.jpg',
            'SMOCK_clay_back.jpg',
            'SMOCK_slate_front.jpg',
            'IMG_1234.jpg',
        ]);
        $before = $shop->state();
        $batch = Dropped::acceptSure($shop->user, $drop);
        expect($batch->words)
            ->toBe('Linked 6 pictures of “SMOCK_slate_back.jpg and 6 more”')
            ->and($shop->files(['Color' => 'Moss']))
            ->toBe(['SMOCK_moss_front.jpg', 'SMOCK_moss_back.jpg'])
            ->and($shop->files(['Color' => 'Slate', 'Size' => 'XL']))
            ->toBe(['SMOCK_slate_front.jpg', 'SMOCK_slate_back.jpg'])
            ->and(array_count_values(Dropped::standings($drop)))
            ->toBe(['not-understood' => 1, 'linked' => 6])
            ->and(
                app(Drops::class)
                    ->counts([$drop->id])
                    [$drop->id]->open(),
            )
            ->toBe(1)
            ->and($shop->words())
            ->toBe('Linked 6 pictures from the intake');
        $after = $shop->state();

        app(SteerBatch::class)->undo($shop->user, $batch->id);
        expect($shop->state())
            ->toBe($before)
            ->and(array_count_values(Dropped::standings($drop)))
            ->toBe(['not-understood' => 1, 'sure' => 6])
            ->and(
                app(Drops::class)
                    ->counts([$drop->id])
                    [$drop->id]->open(),
            )
            ->toBe(7);
        app(SteerBatch::class)->redo($shop->user, $batch->id);
        expect($shop->state())
            ->toBe($after)
            ->and(array_count_values(Dropped::standings($drop)))
            ->toBe(['not-understood' => 1, 'linked' => 6]);

        // The product's own undo takes its part back as well, and it can be accepted anew.
        $shop->undo();
        expect(array_count_values(Dropped::standings($drop)))->toBe(['not-understood' => 1, 'sure' => 6]);
        Dropped::acceptSure($shop->user, $drop);
        expect($shop->files(['Color' => 'Moss']))->toBe(['SMOCK_moss_front.jpg', 'SMOCK_moss_back.jpg']);
    },
);

it('links nothing that is read differently than it was seen, and nothing twice', function (): void {
    $shop = bareShop();
    $other = Shop::person(Right::Edit, 'Ben');
    $drop = Dropped::files($shop->user, ['SMOCK_moss_front.jpg', 'SMOCK_clay_front.jpg']);
    $seen = Dropped::seen($drop);
    DB::table('products')
        ->where('id', $shop->product->id)
        ->update(['name' => 'Smock']);
    app(SayOfFiles::class)->view($other, $drop, [idOf($drop, 'SMOCK_moss_front.jpg')], View::usual('back'));
    expect(fn() => app(AcceptFiles::class)->asRead($shop->user, $drop, $seen))
        ->toThrow(Refusal::class, 'SMOCK_moss_front.jpg is read differently by now')
        ->and(DB::table('placements')->count())
        ->toBe(0);

    $now = Dropped::seen($drop);
    app(AcceptFiles::class)->asRead($other, $drop, $now);
    expect(fn() => app(AcceptFiles::class)->asRead($shop->user, $drop, $now))
        ->toThrow(Refusal::class, 'is linked by now')
        ->and(DB::table('placements')->count())
        ->toBe(2)
        ->and(DB::table('placements')->orderBy('id')->value('view'))
        ->toBe('front');
});

it('links a picture to what somebody points at, whatever its name says', function (): void {
    $shop = bareShop();
    $drop = Dropped::files($shop->user, ['IMG_1.jpg', 'IMG_2.jpg', 'SMOCK_moss_back.jpg']);
    $here = fn(array $files, Selection $where, ?View $view = null) => app(AcceptFiles::class)->here(
        $shop->user,
        $drop,
        array_map(fn(string $file): int => idOf($drop, $file), $files),
        new PointedPlace($shop->product, $where, $view),
    );
    expect(fn() => $here(['IMG_1.jpg'], Selection::nothing()))->toThrow(Refusal::class, 'Point at a color');
    $here(['IMG_1.jpg', 'SMOCK_moss_back.jpg'], $shop->part(['Color' => 'Clay']));
    $here(['IMG_2.jpg'], $shop->part(['Color' => 'Moss', 'Size' => 'M']), View::usual('worn'));
    expect($shop->files(['Color' => 'Clay']))
        ->toBe(['SMOCK_moss_back.jpg', 'IMG_1.jpg'])
        ->and($shop->files(['Color' => 'Moss', 'Size' => 'M']))
        ->toBe(['IMG_2.jpg'])
        ->and($shop->files(['Color' => 'Moss', 'Size' => 'S']))
        ->toBe([])
        ->and(DB::table('placements')->where('file_name', 'IMG_2.jpg')->value('view'))
        ->toBe('worn')
        ->and(DB::table('placements')->where('file_name', 'SMOCK_moss_back.jpg')->value('view'))
        ->toBe('back')
        ->and(array_unique(array_values(Dropped::standings($drop))))
        ->toBe(['linked'])
        ->and((new IntakeRow(Dropped::one($drop, 'SMOCK_moss_back.jpg')))->place())
        ->toBe('Clay · back')
        ->and((new IntakeRow(Dropped::one($drop, 'SMOCK_moss_back.jpg')))->reasons())
        ->toBe(['Somebody pointed there.'])
        ->and((new IntakeRow(Dropped::one($drop, 'IMG_2.jpg')))->place())
        ->toBe('Moss, M · worn');
});

it(
    'puts a better file in the place of another, which keeps where it is linked, its order, role and text',
    function (): void {
        $shop = Shop::stocked();
        $old = $shop->placement('Moss front.jpg');
        DB::table('placements')
            ->where('id', $old)
            ->update(['alt_text' => 'From the front']);
        $before = $shop->state();
        $drop = Dropped::files($shop->user, ['SMOCK_moss_front.jpg', 'SMOCK_clay_worn.jpg', 'SMOCK_clay_side.jpg']);
        // A number of its own means one more of that view.
        expect(Dropped::standings(Dropped::files($shop->user, ['SMOCK_moss_front_2.jpg'])))
            ->toBe(['SMOCK_moss_front_2.jpg' => 'sure'])
            ->and(Dropped::standings($drop))
            ->toBe([
                'SMOCK_clay_side.jpg' => 'sure',
                'SMOCK_clay_worn.jpg' => 'double',
                'SMOCK_moss_front.jpg' => 'double',
            ])
            ->and(Dropped::one($drop, 'SMOCK_moss_front.jpg')->trouble())
            ->toBe('The product has a picture of this view there');
        $rivals = Dropped::files($shop->user, ['SMOCK_slate_back.jpg', 'slate back SMOCK.jpg']);
        expect(
            fn() => app(AcceptFiles::class)->inPlaceOfOthers(
                $shop->user,
                $rivals,
                Dropped::seen($rivals, DropFileStatus::Double),
            ),
        )->toThrow(Refusal::class, 'would both take the place of Slate back.jpg');
        $batch = app(AcceptFiles::class)->inPlaceOfOthers(
            $shop->user,
            $drop,
            Dropped::seen($drop, DropFileStatus::Double),
        );
        $row = DB::table('placements')->find($old);
        expect($row->file_name)
            ->toBe('SMOCK_moss_front.jpg')
            ->and($row->alt_text)
            ->toBe('From the front')
            ->and($row->roles)
            ->toBe('["lead"]')
            ->and($shop->files(['Color' => 'Moss'])[0])
            ->toBe('SMOCK_moss_front.jpg')
            ->and($shop->gallery(['Color' => 'Moss'])->lead()?->id)
            ->toBe($old)
            ->and($shop->words())
            ->toBe('Replaced 2 pictures by better files')
            ->and($shop->state()['placements'])
            ->toHaveCount(13);
        app(SteerBatch::class)->undo($shop->user, $batch->id);
        expect($shop->state())->toBe($before)->and(Dropped::standings($drop)['SMOCK_moss_front.jpg'])->toBe('double');
    },
);

it('says that a product has a picture already, and finds the same picture in another file', function (): void {
    $shop = bareShop();
    $paths = ['SMOCK_moss_front.jpg' => Dropped::picture('SMOCK_moss_front.jpg', side: 400)];
    $smaller = new Imagick($paths['SMOCK_moss_front.jpg']);
    $smaller->cropImage(390, 388, 5, 6);
    $smaller->resizeImage(240, 240, Imagick::FILTER_TRIANGLE, 1);
    $smaller->setImageCompressionQuality(55);
    $paths['SMOCK moss front (1).jpg'] = (string) tempnam(sys_get_temp_dir(), 'slate');
    $smaller->writeImage('jpeg:' . $paths['SMOCK moss front (1).jpg']);
    $paths['SMOCK_clay_front.jpg'] = Dropped::picture('SMOCK_moss_front.jpg', '#b5694a', 400);
    $drop = Dropped::files($shop->user, $paths);
    expect(Dropped::standings($drop))
        ->toBe([
            'SMOCK moss front (1).jpg' => 'double',
            'SMOCK_clay_front.jpg' => 'sure',
            'SMOCK_moss_front.jpg' => 'double',
        ])
        ->and(Dropped::one($drop, 'SMOCK_moss_front.jpg')->trouble())
        ->toBe('Nearly the same picture twice in this drop')
        ->and(Dropped::one($drop, 'SMOCK_moss_front.jpg')->alike)
        ->toHaveCount(1);
    app(SetAside::class)->run($shop->user, $drop, [idOf($drop, 'SMOCK moss front (1).jpg')]);
    expect(Dropped::standings($drop)['SMOCK_moss_front.jpg'])->toBe('sure');
    Dropped::acceptSure($shop->user, $drop);

    // Put aside by mistake: it is the picture of the product now that it doubles.
    app(SetAside::class)->takeUp($shop->user, $drop, [idOf($drop, 'SMOCK moss front (1).jpg')]);
    expect(Dropped::one($drop, 'SMOCK moss front (1).jpg')->trouble())->toBe('The product has nearly the same picture');
    $again = Dropped::files(Shop::person(Right::Edit, 'Ben'), [
        'SMOCK_moss_front.jpg' => $paths['SMOCK_moss_front.jpg'],
    ]);
    expect(Dropped::standings($again))->toBe(['SMOCK_moss_front.jpg' => 'there']);
});

it('holds a picture against the name, and reads it with what somebody says', function (): void {
    $shop = bareShop();
    $drop = Dropped::files($shop->user, [
        'SMOCK_moss_front.jpg' => Dropped::picture('SMOCK_moss_front.jpg', '#b5694a'),
        'clay_back.jpg' => Dropped::picture('clay_back.jpg'),
    ]);
    expect(Dropped::standings($drop))
        ->toBe(['SMOCK_moss_front.jpg' => 'in-doubt', 'clay_back.jpg' => 'likely'])
        ->and(Dropped::one($drop, 'SMOCK_moss_front.jpg')->trouble())
        ->toBe('Name and picture disagree');
    $say = app(SayOfFiles::class);
    $say->product($shop->user, $drop, [idOf($drop, 'clay_back.jpg')], $shop->product);
    expect(Dropped::standings($drop)['clay_back.jpg'])
        ->toBe('sure')
        ->and(Dropped::one($drop, 'clay_back.jpg')->verdict?->view?->key)
        ->toBe('back');
    $say->view($shop->user, $drop, [idOf($drop, 'clay_back.jpg')], View::usual('detail'));
    expect(Dropped::one($drop, 'clay_back.jpg')->verdict?->view?->key)->toBe('detail');
    $say->product($shop->user, $drop, [idOf($drop, 'clay_back.jpg')], null);
    expect(Dropped::standings($drop)['clay_back.jpg'])->toBe('likely');
});

it('learns a word for everybody, or for one sender, and reads the rest with it', function (): void {
    $shop = bareShop();
    $marle = Dropped::files($shop->user, ['SMOCK_qrx_front.jpg', 'SMOCK_qrx_back.jpg'], 'Marle');
    $other = Dropped::files($shop->user, ['SMOCK_qrx_side.jpg', 'SMOCK_trr_side.jpg'], 'Quill');
    expect(array_unique(array_values(Dropped::standings($marle))))
        ->toBe(['in-doubt'])
        ->and(Dropped::one($marle, 'SMOCK_qrx_back.jpg')->verdict?->doubtWords())
        ->toContain('“qrx” means nothing here.');
    $teach = app(TeachWord::class);
    $teach->run($shop->user, 'qrx', $shop->id('Moss'), 'Marle');
    expect(array_unique(array_values(Dropped::standings($marle))))
        ->toBe(['sure'])
        ->and(Dropped::standings($other)['SMOCK_qrx_side.jpg'])
        ->toBe('in-doubt');
    $teach->run($shop->user, 'trr', $shop->id('Clay'));
    expect(Dropped::standings($other)['SMOCK_trr_side.jpg'])
        ->toBe('sure')
        ->and(LibraryValue::query()->where('name', 'Clay')->firstOrFail()->synonyms)
        ->toContain('trr')
        ->and(DB::table('history')->whereNull('product_id')->latest('id')->value('words'))
        ->toBe('Taught that “trr” means Color Clay');
    expect(fn() => $teach->run($shop->user, 'Clay', $shop->id('Moss')))
        ->toThrow(Refusal::class, '“Clay” means Color Clay already')
        ->and(fn() => $teach->run($shop->user, ' ', $shop->id('Moss')))
        ->toThrow(Refusal::class)
        ->and(fn() => $teach->run($shop->user, 'x', 999_999))
        ->toThrow(Refusal::class);
    $teach->run($shop->user, 'qrx', $shop->id('Slate'), 'Marle');
    expect(Dropped::one($marle, 'SMOCK_qrx_back.jpg')->verdict?->reach?->toArrays())->toBe([
        [$shop->id('Color') => [$shop->id('Slate')]],
    ]);
});

it('is not read again where nothing has moved since the page was drawn', function (): void {
    $shop = bareShop();
    $drop = Dropped::files($shop->user, ['SMOCK_moss_front.jpg', 'SMOCK_clay_front.jpg', 'qrx.jpg']);
    $this->actingAs($shop->user);
    $look = fn(string $pulse): mixed => $this->get("/intake/{$drop->id}?pulse={$pulse}", ['HX-Request' => '1']);
    $pulse = DropFingerprint::of($drop);
    $look('')
        ->assertOk()
        ->assertSee("data-pulse=\"{$pulse}\"", false);
    $look($pulse)->assertNoContent();
    app(SetAside::class)->run($shop->user, $drop, [idOf($drop, 'qrx.jpg')]);
    $look($pulse)->assertOk();
    $pulse = DropFingerprint::of($drop);
    Dropped::acceptSure($shop->user, $drop);
    $look($pulse)->assertOk();
    $pulse = DropFingerprint::of($drop);
    DB::table('photo_looks')->delete();
    $look($pulse)->assertOk();
    DB::table('drop_files')
        ->where('file', 'qrx.jpg')
        ->update(['state' => 'arriving']);
    $pulse = DropFingerprint::of($drop);
    $this->travel(DropFingerprint::STILL_SENT + 5)->seconds();
    $look($pulse)->assertOk();
});

it('lets a guessed form of a color be taught, which makes it sure', function (): void {
    $shop = bareShop();
    $drop = Dropped::files($shop->user, ['SMOCK_mss_front.jpg'], 'Marle');
    $this->actingAs($shop->user);
    expect(Dropped::standings($drop))->toBe(['SMOCK_mss_front.jpg' => 'likely']);
    $this->get("/intake/{$drop->id}/files/" . idOf($drop, 'SMOCK_mss_front.jpg'))
        ->assertOk()
        ->assertSee('taken as short for Moss')
        ->assertSee('<option>mss</option>', false);
    app(TeachWord::class)->run($shop->user, 'mss', $shop->id('Moss'), 'Marle');
    expect(Dropped::standings($drop))->toBe(['SMOCK_mss_front.jpg' => 'sure']);
});

it('takes one file for each size for one picture, whatever their names say', function (): void {
    $shop = bareShop();
    $drop = Dropped::files($shop->user, ['SMOCK-MOS-S_front.jpg', 'SMOCK-MOS-M_front.jpg'], 'Marle');
    foreach (['S', 'M'] as $size) {
        expect(Dropped::one($drop, "SMOCK-MOS-{$size}_front.jpg")->verdict?->reach?->toArrays())->toBe([
            [$shop->id('Color') => [$shop->id('Moss')]],
        ]);
    }
});

it('puts aside what belongs to nothing, and lets a drop be settled by anybody with the right', function (): void {
    $shop = bareShop();
    $drop = Dropped::files($shop->user, ['IMG_1.jpg', 'SMOCK_moss_front.jpg']);
    $other = Shop::person(Right::Edit, 'Ben');
    app(SetAside::class)->run($other, $drop, [idOf($drop, 'IMG_1.jpg')]);
    Dropped::acceptSure($other, $drop);
    expect(Dropped::standings($drop))
        ->toBe(['IMG_1.jpg' => 'aside', 'SMOCK_moss_front.jpg' => 'linked'])
        ->and(
            app(Drops::class)
                ->counts([$drop->id])
                [$drop->id]->isSettled(),
        )
        ->toBeTrue()
        ->and(fn() => app(SetAside::class)->run($other, $drop, [idOf($drop, 'SMOCK_moss_front.jpg')]))
        ->toThrow(Refusal::class, 'is linked by now')
        ->and(fn() => app(SetAside::class)->run(Shop::person(Right::View), $drop, []))
        ->toThrow(Illuminate\Auth\Access\AuthorizationException::class);
});

it('shows, over HTTP, what is read, and takes what is said', function (): void {
    $shop = bareShop();
    $this->actingAs($shop->user);
    $path = Dropped::picture('SMOCK_moss_front.jpg');
    $told = $this->postJson('/intake', [
        'sender' => 'Marle',
        'announced' => [['day 1/SMOCK_moss_front.jpg', filesize($path), 5], ['day 1/IMG_1.jpg', filesize($path), 6]],
    ])
        ->assertOk()
        ->json();
    expect($told['files'])->toHaveCount(2)->and($told['files'][0]['arrives'])->toBeTrue();
    $send = fn(int $at): mixed => $this->call(
        'PUT',
        "/intake/files/{$told['files'][$at]['id']}?at=0",
        server: ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/octet-stream'],
        content: (string) file_get_contents($path),
    );
    expect($send(0)->assertOk()->json())->toMatchArray([
        'arrives' => false,
        'refused' => '',
        'received' => filesize($path),
    ]);
    $send(1)->assertOk();
    $address = $told['url'];
    $this->get('/intake')->assertOk()->assertSee('day 1')->assertSee('Marle');
    $this->get($address)->assertOk()->assertSee('all are safe')->assertSee('SMOCK');
    $this->get("{$address}?by=product")
        ->assertOk()
        ->assertSee('Potting smock');
    $this->get("{$address}/files/{$told['files'][0]['id']}")
        ->assertOk()
        ->assertSee('SMOCK_moss_front.jpg')
        ->assertSee('Moss');
    $this->get("{$address}/files/{$told['files'][1]['id']}?product=SMOCK")
        ->assertOk()
        ->assertSee('Potting smock, SMOCK');
    $this->get('/intake/products?q=pott')->assertOk()->assertSee('SMOCK');
    $this->get("{$address}/better")->assertOk();
    $this->get("{$address}/files/999999")->assertNotFound();

    $this->post("{$address}/aside", ['files' => (string) $told['files'][1]['id']], ['HX-Request' => '1'])
        ->assertOk()
        ->assertSee('1 put aside');
    $drop = Drop::query()->firstOrFail();
    $seen = Dropped::seen($drop);
    $this->post("{$address}/accept", ['files' => array_key_first($seen) . ':0000000000'], ['HX-Request' => '1'])
        ->assertStatus(422)
        ->assertSee('read differently by now');
    $this->post("{$address}/accept", ['files' => array_key_first($seen) . ':' . reset($seen)], ['HX-Request' => '1'])
        ->assertOk()
        ->assertSee('1 linked');
    $batch = DB::table('batches')->value('id');
    $this->post("{$address}/undo?batch={$batch}", [], ['HX-Request' => '1'])
        ->assertOk()
        ->assertSee('1 sure')
        ->assertSee('Make again');
    $this->post("{$address}/undo?batch={$batch}&again=1", [], ['HX-Request' => '1'])
        ->assertOk()
        ->assertSee('1 linked');
    $this->get("{$address}?show=settled")
        ->assertOk()
        ->assertSee('IMG_1.jpg')
        ->assertSee('Put IMG_1.jpg aside')
        ->assertSee('Linked SMOCK_moss_front.jpg')
        ->assertSee('Undone: Linked SMOCK_moss_front.jpg');
    $this->postJson('/intake', ['announced' => 'nonsense'])->assertStatus(422);
    $this->postJson('/intake', ['announced' => [['a', 'b', 'c']]])->assertStatus(422);

    $this->actingAs(Shop::person(Right::View));
    $this->get($address)->assertOk()->assertDontSee('data-intake="accept"', false);
    $this->postJson('/intake', ['announced' => [['x.jpg', 1, 1]]])->assertForbidden();
    $this->post("{$address}/accept", ['files' => '1:1'])->assertForbidden();
});

it('finds stored pictures by what is known of them, and takes them into a drop', function (): void {
    $shop = bareShop();
    $drop = Dropped::files($shop->user, ['SMOCK_moss_front.jpg', 'SMOCK_clay_front.jpg', 'clay_flat.jpg']);
    Dropped::acceptSure($shop->user, $drop);
    $this->actingAs($shop->user);
    $this->get('/intake/stored')->assertOk()->assertSee('SMOCK_moss_front.jpg')->assertSee('clay_flat.jpg');
    $this->get('/intake/stored?unused=1')->assertSee('clay_flat.jpg')->assertDontSee('SMOCK_moss_front.jpg');
    $this->get('/intake/stored?color=%23b5694a')
        ->assertSee('SMOCK_clay_front.jpg')
        ->assertDontSee('SMOCK_moss_front.jpg');
    $this->get('/intake/stored?color=Moss')->assertSee('SMOCK_moss_front.jpg')->assertDontSee('SMOCK_clay_front.jpg');
    $this->get('/intake/stored?name=moss&product=SMOCK')
        ->assertSee('SMOCK_moss_front.jpg')
        ->assertDontSee('clay_flat.jpg');
    $this->get('/intake/stored?least=1600')->assertSee('No stored picture is like this');
    $this->get('/intake/stored?color=blorp')->assertSee('No color is called so');
    $photo = Photo::query()->orderByDesc('id')->value('id');
    $this->post('/intake/stored', ['photos' => [$photo => 'clay_flat.jpg']])->assertRedirect();
    $picked = Drop::query()->latest('id')->firstOrFail();
    expect(Dropped::standings($picked))->toBe(['clay_flat.jpg' => 'likely']);
    $this->post('/intake/stored', [])->assertSessionHasErrors('refused');
});

it('replaces the file of one picture on the board, and undoes that', function (): void {
    $shop = Shop::stocked();
    $this->actingAs($shop->user);
    $id = $shop->placement('Clay front.jpg');
    $before = $shop->state();
    $send = fn(string $path, string $name) => $this->post(
        "/products/SMOCK/photos/{$id}/replace",
        ['version' => $shop->version(), 'file' => new UploadedFile($path, $name, null, null, true)],
        ['HX-Request' => '1'],
    );
    $send(Dropped::picture('better.jpg'), 'better.jpg')->assertOk();
    $row = DB::table('placements')->find($id);
    expect($row->file_name)
        ->toBe('better.jpg')
        ->and($row->roles)
        ->toBe('["lead"]')
        ->and($shop->files(['Color' => 'Clay'])[0])
        ->toBe('better.jpg')
        ->and($shop->words())
        ->toBe('Replaced Clay front.jpg by better.jpg');
    $send(Shop::picture('Moss front.jpg'), 'again.jpg')
        ->assertStatus(422)
        ->assertSee('in this product already, as Moss front.jpg');
    $this->post("/products/SMOCK/photos/{$id}/replace", ['version' => $shop->version()], ['HX-Request' => '1'])
        ->assertStatus(422)
        ->assertSee('Choose the file');
    $shop->undo();
    expect($shop->state())->toBe($before);
});

it('shows in the library what senders call a value, forgets it, and removes a value with it', function (): void {
    $shop = bareShop();
    $this->actingAs($shop->user);
    app(TeachWord::class)->run($shop->user, 'qrx', $shop->id('Moss'), 'Marle');
    $word = DB::table('sender_words')->value('id');
    $this->get("/library/values/{$shop->id('Moss')}")
        ->assertOk()
        ->assertSee('qrx')
        ->assertSee('marle');
    $this->post(
        "/library/values/{$shop->id('Moss')}/words/{$word}/forget",
        ['version' => Library::whole()->version],
        ['HX-Request' => '1'],
    )->assertOk();
    expect(DB::table('sender_words')->count())->toBe(0);
    $this->post('/library/undo', ['version' => Library::whole()->version]);
    expect(DB::table('sender_words')->count())->toBe(1);

    app(AddLibraryValues::class)->run(
        new Change($shop->user, null, Library::whole()->version),
        $shop->id('Color'),
        'Pine',
    );
    app(TeachWord::class)->run($shop->user, 'pn', $shop->id('Pine'), 'Marle');
    app(RemoveFromLibrary::class)->value(new Change($shop->user, null, Library::whole()->version), $shop->id('Pine'));
    expect(DB::table('sender_words')->pluck('word')->all())->toBe(['qrx']);
    $this->post('/library/undo', ['version' => Library::whole()->version]);
    expect(DB::table('sender_words')->pluck('word')->all())->toBe(['qrx', 'pn']);
});

it('links one picture that came under two names to where either says', function (): void {
    $shop = bareShop();
    $path = Dropped::picture('guide.jpg', '#888888');
    $drop = Dropped::files($shop->user, ['SMOCK_moss_pack.jpg' => $path, 'SMOCK_clay_pack.jpg' => $path]);
    expect(Dropped::standings($drop))
        ->toBe(['SMOCK_clay_pack.jpg' => 'double', 'SMOCK_moss_pack.jpg' => 'double'])
        ->and(Dropped::one($drop, 'SMOCK_clay_pack.jpg')->trouble())
        ->toBe('The same picture twice in this drop');
    app(AcceptFiles::class)->asRead($shop->user, $drop, Dropped::seen($drop, DropFileStatus::Double));
    expect(DB::table('placements')->count())
        ->toBe(1)
        ->and($shop->files(['Color' => 'Moss']))
        ->toBe(['SMOCK_clay_pack.jpg'])
        ->and($shop->files(['Color' => 'Clay']))
        ->toBe(['SMOCK_clay_pack.jpg'])
        ->and($shop->files(['Color' => 'Slate']))
        ->toBe([]);
});

it(
    'learns that a word means a view, or nothing at all, for everybody or for one sender, and reads the drop again',
    function (): void {
        $shop = bareShop();
        $marle = Dropped::files($shop->user, ['SMOCK_moss_zrk.jpg', 'SMOCK_clay_zrk_qwop.jpg'], 'Marle');
        $quill = Dropped::files($shop->user, ['SMOCK_slate_zrk.jpg'], 'Quill');
        expect(array_unique(array_values(Dropped::standings($marle))))->toBe(['likely']);
        $teach = fn(Drop $drop, array $fields) => $this->actingAs($shop->user)->post(
            "/intake/{$drop->id}/teach",
            $fields,
            ['HX-Request' => 'true'],
        );
        $teach($marle, ['word' => 'zrk', 'taught' => 'view back', 'sender_only' => 1])->assertOk();
        expect(Dropped::one($marle, 'SMOCK_moss_zrk.jpg')->verdict?->view?->key)
            ->toBe('back')
            ->and(Dropped::standings($marle)['SMOCK_moss_zrk.jpg'])
            ->toBe('sure')
            ->and(Dropped::standings($quill)['SMOCK_slate_zrk.jpg'])
            ->toBe('likely')
            ->and(DB::table('history')->whereNull('product_id')->latest('id')->value('words'))
            ->toBe('Taught that “zrk” means the view Back in what Marle sends');
        $teach($marle, ['word' => 'qwop', 'taught' => 'nothing'])->assertOk();
        expect(Dropped::standings($marle)['SMOCK_clay_zrk_qwop.jpg'])->toBe('sure');
        $teach($quill, ['word' => 'zrk', 'taught' => 'nothing'])->assertOk();
        // What one sender's word means stays his own, and is not everybody's.
        expect(Dropped::standings($quill)['SMOCK_slate_zrk.jpg'])
            ->toBe('sure')
            ->and(Dropped::one($quill, 'SMOCK_slate_zrk.jpg')->verdict?->view)
            ->toBeNull()
            ->and(Dropped::one($marle, 'SMOCK_moss_zrk.jpg')->verdict?->view?->key)
            ->toBe('back');
        $teach($quill, ['word' => 'zrk', 'taught' => 'view nowhere'])->assertStatus(422);
        $teach($quill, ['word' => '', 'taught' => 'nothing'])->assertStatus(422);
        // It is seen in the library, and forgotten there.
        $this->get('/library/shots')
            ->assertOk()
            ->assertSee('Words that were taught')
            ->assertSee('the view back')
            ->assertSee('everywhere');
        $id = DB::table('sender_words')->where('word', 'qwop')->value('id');
        $this->post(
            "/library/shots/words/{$id}/forget",
            ['version' => App\Models\Library::whole()->version],
            ['HX-Request' => 'true'],
        )
            ->assertOk()
            ->assertDontSee('<td class="name">qwop</td>', false);
        expect(Dropped::standings($marle)['SMOCK_clay_zrk_qwop.jpg'])
            ->toBe('likely')
            ->and(DB::table('history')->whereNull('product_id')->latest('id')->value('words'))
            ->toBe('Forgot that “qwop” means nothing');
        app(App\Actions\Product\UndoRedo::class)->undo(
            new App\History\Change($shop->user, null, App\Models\Library::whole()->version),
        );
        expect(Dropped::standings($marle)['SMOCK_clay_zrk_qwop.jpg'])->toBe('sure');
    },
);
