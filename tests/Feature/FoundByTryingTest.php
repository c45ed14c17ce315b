<?php

declare(strict_types=1);

use App\Actions\Matrix\EditValue;
use App\Actions\Matrix\LeaveOutCells;
use App\Actions\Pictures\AssignRole;
use App\Actions\Pictures\HidePhotos;
use App\Actions\Pictures\LinkPhotos;
use App\Actions\Pictures\OrderPhotos;
use App\Actions\Pictures\UnlinkPhotos;
use App\Actions\Product\EditDetails;
use App\Actions\Product\EditFacts;
use App\Actions\Product\SetOpening;
use App\Actions\Product\UndoRedo;
use App\Actions\Skus\ChangeCurrency;
use App\Actions\Skus\SetCode;
use App\Actions\Skus\SetPrices;
use App\Actions\Skus\SetStock;
use App\Changing\EntryUndo;
use App\Files\JsonLdDocument;
use App\Models\HistoryEntry;
use App\Models\LibraryValue;
use App\Models\Right;
use App\Store\Library\ValueForm;
use App\Store\Products\CatalogLookup;
use Core\Changes\Details\SayFact;
use Core\Changes\Matrix\DraftAxis;
use Core\Changes\Matrix\DraftReader;
use Core\Changes\Matrix\MatrixChoices;
use Core\Changes\Matrix\OfferCells;
use Core\Codes\CodeNotFree;
use Core\Gallery\Roles\Role;
use Core\Gallery\View;
use Core\Matrix\MatrixTooLarge;
use Core\Reach\Selection;
use Core\Refusal;
use Core\Text\Name;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Tests\Core\Color\Samples;
use Tests\Support\Shop;

/*
 * Faults that were found by trying. Each name says what went wrong before, in brackets.
 */

/** @return array<string, string> what the form about the axes would send, as a browser has it */
function setupForm(string $html): array
{
    $page = new DOMDocument();
    $page->loadHTML('<?xml encoding="UTF-8">' . $html, LIBXML_NOERROR);
    $fields = [];
    foreach (
        (new DOMXPath($page))->query(
            '//form[@id="setup"]//*[self::input or self::textarea or self::select][@name][not(ancestor::template)]',
        )
        as $field
    ) {
        if (
            $field->nodeName === 'input' &&
            in_array($field->getAttribute('type'), ['checkbox', 'radio'], true) &&
            !$field->hasAttribute('checked')
        ) {
            continue;
        }
        $value = $field->nodeName === 'textarea' ? $field->textContent : $field->getAttribute('value');
        if ($field->nodeName === 'select') {
            $options = iterator_to_array($field->getElementsByTagName('option'));
            $chosen =
                array_values(
                    array_filter($options, fn(DOMElement $option): bool => $option->hasAttribute('selected')),
                )[0] ?? $options[0];
            $value = $chosen->hasAttribute('value') ? $chosen->getAttribute('value') : $chosen->textContent;
        }
        $fields[$field->getAttribute('name')] = $value;
    }
    parse_str(http_build_query($fields), $nested);

    return $nested;
}

it(
    'plans nothing where the axes are opened and left untouched, whatever the labels hold (labels were read again as text: “Moss, deep” made 8 and retired 4)',
    function (int $seed): void {
        $random = Samples::random($seed);
        $shop = Shop::open();
        $shop->axes(['Color' => 'One | Two | Three', 'Size' => 'S, M']);
        app(SetStock::class)->run($shop->change(), Selection::whole(), '10');
        $other = Shop::open('OTHER');
        $other->axes(['Color' => 'Fern | Sand']);
        $labels = $random->shuffleArray([
            'Moss, deep',
            'a|b',
            '"quoted" & <b>',
            "O'Hara; dark",
            'שחור',
            '🌱 sprout',
            'Fern',
            'Sand',
            "tab\tbed",
            'é̂',
            '=1+1',
            'x]y[z',
            '12',
            '"12"',
            '👩‍🌾',
        ]);
        foreach (['One', 'Two', 'Three'] as $at => $name) {
            app(EditValue::class)->run(
                $shop->change(),
                $shop->id($name),
                ValueForm::typed($labels[$at], "V{$at}"),
                true,
            );
        }
        $before = $shop->everything();
        $this->actingAs($shop->user);
        $opened = $this->get('/products/SMOCK/setup')->assertOk()->assertSee('As it is now.');
        $planned = $this->post('/products/SMOCK/setup/plan', setupForm($opened->getContent()), ['HX-Request' => 'true'])
            ->assertOk()
            ->assertSee('As it is now.');
        $this->post('/products/SMOCK/setup', setupForm($planned->getContent()) + ['version' => $shop->version()], [
            'HX-Request' => 'true',
        ])->assertOk();

        expect($shop->everything())->toBe($before);
    },
)->with(range(1, 12));

it(
    'adds a value by name and keeps the others by id (a size added to “Moss, deep” retired its stock)',
    function (): void {
        $shop = Shop::stocked();
        app(EditValue::class)->run($shop->change(), $shop->id('Moss'), ValueForm::typed('Moss, deep', 'MOSS'), true);
        $this->actingAs($shop->user);
        $form = setupForm(
            $this->get('/products/SMOCK/setup?axis=' . $shop->id('Size') . '&add=XXL')
                ->assertOk()
                ->assertSee('makes 3')
                ->assertDontSee('retires')
                ->getContent(),
        );
        $this->post('/products/SMOCK/setup', $form + ['version' => $shop->version()], [
            'HX-Request' => 'true',
        ])->assertOk();

        expect($shop->loaded()->core->made)
            ->toHaveCount(15)
            ->and($shop->sku(['Color' => 'Moss, deep', 'Size' => 'M'])->stock)
            ->toBe(10);
    },
);

it(
    'keeps a value under its own label when the library gets another of that name (Clay called Terracotta was swapped for it)',
    function (): void {
        $shop = Shop::stocked();
        app(EditValue::class)->run($shop->change(), $shop->id('Clay'), ValueForm::typed('Terracotta', 'CLAY'), true);
        Shop::open('OTHER')->axes(['Color' => 'Terracotta']);
        $own = DB::table('axis_values')->where('name', 'Clay')->value('id');
        $read = (new DraftReader(app(CatalogLookup::class)))->read(
            [new DraftAxis('Color', 'Moss, Terracotta, Slate'), new DraftAxis('Size', 'S, M, L, XL, XXL')],
            $shop->loaded()->core,
        );

        expect($read[0]->axis->values[1]->id)->toBe($own);
        $shop->axes(['Color' => 'Moss, Terracotta, Slate', 'Size' => 'S, M, L, XL, XXL']);
        expect($shop->sku(['Color' => 'Terracotta', 'Size' => 'M'])->stock)
            ->toBe(10)
            ->and($shop->words())
            ->toContain('makes 3 (');

        // The label sleeps with the value, and is known by it.
        $shop->axes(['Color' => 'Moss, Slate', 'Size' => 'S, M, L, XL']);
        $shop->axes(['Color' => 'Moss, Terracotta, Slate', 'Size' => 'S, M, L, XL']);
        expect($shop->sku(['Color' => 'Terracotta', 'Size' => 'M'])->code)->toBe('SMOCK-CLAY-M');
    },
);

it('lets no product have two values of one name (twins were read as one)', function (): void {
    $shop = Shop::stocked();
    app(EditValue::class)->run($shop->change(), $shop->id('Clay'), ValueForm::typed('Terracotta', 'CLAY'), true);
    Shop::open('OTHER')->axes(['Color' => 'Terracotta']);
    $twin = (int) DB::table('axis_values')->where('name', 'Terracotta')->value('id');
    $this->actingAs($shop->user)
        ->post(
            '/products/SMOCK/setup',
            [
                'version' => $shop->version(),
                'axes' => [
                    'a' => [
                        'axis' => (string) $shop->id('Color'),
                        'items' => json_encode([$shop->id('Moss'), $shop->id('Clay'), $twin]),
                    ],
                ],
            ],
            ['HX-Request' => 'true'],
        )
        ->assertStatus(422)
        ->assertSee('Color would have two values called Terracotta');
    expect(
        fn() => app(EditValue::class)->run($shop->change(), $shop->id('Slate'), ValueForm::typed('terracotta ', 'SLT')),
    )->toThrow(Refusal::class, 'already');
});

it(
    'keeps cells that are not made in a reach (a picture on M and on Clay in S was in the tray once M came back)',
    function (): void {
        $shop = Shop::stocked();
        $id = $shop->photo('odd.jpg', ['Size' => 'M']);
        $claySmall = $shop->token(['Color' => 'Clay', 'Size' => 'S']);
        app(LinkPhotos::class)->run($shop->change(), [$id], Selection::fromKey($claySmall));
        app(LeaveOutCells::class)->run($shop->change(), OfferCells::leaveOut($shop->part(['Size' => 'M'])));
        app(UnlinkPhotos::class)->run($shop->change(), [$id], Selection::fromKey($claySmall));
        expect(array_map(fn($row): string => $row->file(), $shop->loaded()->tray()))->toBe(['odd.jpg']);
        $this->actingAs($shop->user)->get('/products/SMOCK')->assertSee('for M, not on offer');
        app(LeaveOutCells::class)->run($shop->change(), OfferCells::again($shop->part(['Size' => 'M'])));

        expect($shop->files(['Color' => 'Slate', 'Size' => 'M']))
            ->toContain('odd.jpg')
            ->and($shop->files(['Color' => 'Clay', 'Size' => 'S']))
            ->not->toContain('odd.jpg')
            ->and($shop->loaded()->tray())
            ->toBe([]);
    },
);

it('offers again all that was selected (row Moss and the cell Clay in M returned Moss in M only)', function (): void {
    $shop = Shop::stocked();
    app(LeaveOutCells::class)->run($shop->change(), OfferCells::leaveOut($shop->part(['Size' => 'M'])));
    app(LeaveOutCells::class)->run(
        $shop->change(),
        OfferCells::again(
            Selection::fromKey(
                $shop->token(['Color' => 'Moss']) . ';' . $shop->token(['Color' => 'Clay', 'Size' => 'M']),
            ),
        ),
    );

    expect($shop->loaded()->core->made)
        ->toHaveKeys([
            $shop->token(['Color' => 'Moss', 'Size' => 'M']),
            $shop->token(['Color' => 'Clay', 'Size' => 'M']),
        ])
        ->and($shop->loaded()->core->made)
        ->toHaveCount(11);
});

it('leaves out no cell but those selected (two cells of a row took its third with them)', function (): void {
    $shop = Shop::stocked();
    app(LeaveOutCells::class)->run(
        $shop->change(),
        OfferCells::leaveOut($shop->part(['Color' => 'Clay', 'Size' => 'M'])),
    );
    $others = implode(
        ';',
        array_map(fn(string $size): string => $shop->token(['Color' => 'Clay', 'Size' => $size]), ['S', 'L', 'XL']),
    );
    app(LeaveOutCells::class)->run($shop->change(), OfferCells::leaveOut(Selection::fromKey($others)));
    app(LeaveOutCells::class)->run($shop->change(), OfferCells::again(Selection::fromKey($others)));

    expect($shop->loaded()->core->made)
        ->toHaveCount(11)
        ->not->toHaveKey($shop->token(['Color' => 'Clay', 'Size' => 'M']));
});

it('merges retired pairs by the same choice (40 units of the value that stays were out of sight)', function (): void {
    $shop = Shop::stocked();
    app(SetStock::class)->run($shop->change(), $shop->part(['Color' => 'Clay', 'Size' => 'L']), '40');
    app(SetStock::class)->run($shop->change(), $shop->part(['Color' => 'Clay', 'Size' => 'S']), '0');
    $kept = $shop->sku(['Color' => 'Clay', 'Size' => 'L'])->id;
    $shop->axes(['Color' => 'Moss, Slate', 'Size' => 'S, M, L, XL']);
    $this->actingAs($shop->user)
        ->post(
            "/products/SMOCK/values/{$shop->id('S')}/merge/plan",
            ['into' => $shop->id('L')],
            ['HX-Request' => 'true'],
        )
        ->assertOk()
        ->assertSee('SMOCK-CLAY-L')
        ->assertSee('(retired)');
    $shop->merge('S', 'L');
    $shop->axes(['Color' => 'Moss, Clay, Slate', 'Size' => 'M, L, XL']);

    expect($shop->sku(['Color' => 'Clay', 'Size' => 'L'])->id)
        ->toBe($kept)
        ->and($shop->sku(['Color' => 'Clay', 'Size' => 'L'])->stock)
        ->toBe(40);
});

it('merges retired pairs with the SKU that was chosen, and its stock added where asked', function (): void {
    $shop = Shop::stocked();
    $comes = $shop->sku(['Color' => 'Clay', 'Size' => 'S'])->id;
    $cell = $shop->token(['Color' => 'Clay', 'Size' => 'L']);
    $shop->axes(['Color' => 'Moss, Slate', 'Size' => 'S, M, L, XL']);
    $shop->merge('S', 'L', new MatrixChoices(stockAddsUp: true, winners: [$cell => $comes]));
    $shop->axes(['Color' => 'Moss, Clay, Slate', 'Size' => 'M, L, XL']);

    expect($shop->loaded()->core->made[$cell]->id)
        ->toBe($comes)
        ->and($shop->loaded()->core->made[$cell]->stock)
        ->toBe(20);
});

it(
    'takes what shoppers find chosen along as values merge and split (the opening value stayed behind)',
    function (): void {
        $shop = Shop::stocked();
        app(SetOpening::class)->value($shop->change(), $shop->id('Color'), $shop->id('Slate'));
        $shop->merge('Slate', 'Clay');
        expect($shop->loaded()->core->opens()->choice()->key)->toBe($shop->token(['Color' => 'Clay']));
        $shop->split('Clay', 'Rust, Ochre');
        expect($shop->loaded()->core->opens()->choice()->key)->toBe($shop->token(['Color' => 'Rust']));
        $shop->undo();
        expect($shop->loaded()->core->opens()->choice()->key)->toBe($shop->token(['Color' => 'Clay']));
    },
);

it(
    'lets what is hidden follow the value that stays, and names every picture that shows or vanishes (it vanished from the one that stays)',
    function (): void {
        $shop = Shop::stocked();
        app(HidePhotos::class)->run($shop->change(), [$shop->placement('guide.jpg')], $shop->part(['Color' => 'Moss']));
        app(HidePhotos::class)->run(
            $shop->change(),
            [$shop->placement('Clay worn.jpg')],
            $shop->part(['Color' => 'Clay']),
        );
        $this->actingAs($shop->user)
            ->post(
                "/products/SMOCK/values/{$shop->id('Moss')}/merge/plan",
                ['into' => $shop->id('Clay')],
                ['HX-Request' => 'true'],
            )
            ->assertOk()
            ->assertSee('Now shown by SKUs that did not show them: Moss front.jpg');
        $shop->merge('Moss', 'Clay');

        expect($shop->files(['Color' => 'Clay']))
            ->toContain('guide.jpg', 'Moss front.jpg')
            ->not->toContain('Clay worn.jpg');
    },
);

it(
    'leaves out, as an axis goes, only what all had left out, and wakes what slept with it (others’ cells were left out, and nothing woke)',
    function (): void {
        $shop = Shop::open();
        $shop->axes(['Size' => 'S, M', 'Style' => 'Button, Pullover']);
        app(SetStock::class)->run($shop->change(), Selection::whole(), '10');
        $shop->photo('button.jpg', ['Style' => 'Button'], View::usual('front'));
        $shop->photo('pullover.jpg', ['Style' => 'Pullover'], View::usual('front'));
        app(LeaveOutCells::class)->run(
            $shop->change(),
            OfferCells::leaveOut($shop->part(['Size' => 'S', 'Style' => 'Button'])),
        );
        $before = $shop->everything();
        $pullover = $shop->sku(['Size' => 'S', 'Style' => 'Pullover'])->id;
        $shop->axes(['Size' => 'S, M'], [], [$shop->id('Style') => $shop->id('Button')]);
        expect($shop->loaded()->core->made)
            ->toHaveCount(2)
            ->and($shop->sku(['Size' => 'S'])->id)
            ->toBe($pullover)
            ->and($shop->files(['Size' => 'M']))
            ->toBe(['button.jpg']);
        $shop->axes(['Size' => 'S, M', 'Style' => 'Button, Pullover'], ['style' => 'Button']);

        expect($shop->everything())->toBe($before);
    },
);

it(
    'always has a way out of a code that is not free (leave out, add an axis, drop it, offer again: refused)',
    function (): void {
        $shop = Shop::stocked();
        $cell = $shop->token(['Color' => 'Clay', 'Size' => 'M']);
        $code = $shop->loaded()->core->made[$cell]->code;
        app(LeaveOutCells::class)->run($shop->change(), OfferCells::leaveOut(Selection::fromKey($cell)));
        $shop->axes(
            ['Color' => 'Moss, Clay, Slate', 'Size' => 'S, M, L, XL', 'Style' => 'Button, Pullover'],
            ['style' => 'Pullover'],
        );
        $shop->axes(
            ['Color' => 'Moss, Clay, Slate', 'Size' => 'S, M, L, XL'],
            [],
            [$shop->id('Style') => $shop->id('Button')],
        );
        app(LeaveOutCells::class)->run($shop->change(), OfferCells::again(Selection::fromKey($cell)));
        expect($shop->loaded()->core->made[$cell]->code)->toBe($code);

        // Where another has it, the plan names it and proposes one that is free.
        app(SetCode::class)->run($shop->change(), Selection::fromKey($cell), 'SMOCK-OAT-S');
        $this->actingAs($shop->user)
            ->post(
                '/products/SMOCK/setup/plan',
                [
                    'axes' => [
                        ['name' => 'Color', 'values' => 'Moss, Clay, Slate, Oat'],
                        ['name' => 'Size', 'values' => 'S, M, L, XL'],
                    ],
                ],
                ['HX-Request' => 'true'],
            )
            ->assertOk()
            ->assertSee('“SMOCK-OAT-S” for Oat, S is the code of a SKU of Potting smock already.')
            ->assertSee('value="SMOCK-OAT-S-2"', false);
        expect(fn() => $shop->axes(['Color' => 'Moss, Clay, Slate, Oat', 'Size' => 'S, M, L, XL']))->toThrow(
            CodeNotFree::class,
        );
        $shop->changeAxes(
            ['Color' => 'Moss, Clay, Slate, Oat', 'Size' => 'S, M, L, XL'],
            new MatrixChoices(codes: ['SMOCK-OAT-S' => 'SMOCK-OAT-S-2']),
        );
        expect($shop->sku(['Color' => 'Oat', 'Size' => 'S'])->code)->toBe('SMOCK-OAT-S-2');
    },
);

it('gives no code twice, of products and SKUs together (a SKU could be given a product’s)', function (): void {
    $shop = Shop::stocked();
    Shop::open('OTHER');
    foreach (['OTHER', 'other', 'SMOCK'] as $code) {
        expect(
            fn() => app(SetCode::class)->run($shop->change(), $shop->part(['Color' => 'Moss', 'Size' => 'S']), $code),
        )->toThrow(Refusal::class, 'is the code of Potting smock');
    }
    expect(fn() => Shop::open('SMOCK-MOSS-S'))->toThrow(Refusal::class, 'is the code of a SKU of Potting smock');
    $single = Shop::open('SINGLE');
    $single->axes([]);
    app(SetCode::class)->run($single->change(), Selection::whole(), 'ELSE');
    app(SetCode::class)->run($single->change(), Selection::whole(), 'SINGLE');
    expect($single->loaded()->core->made['']->code)->toBe('SINGLE');
});

it(
    'wakes each value of a clause (linked to Moss and Clay, Clay removed, Slate linked, Clay back: its link was gone)',
    function (): void {
        $shop = Shop::stocked();
        $id = $shop->photo('wide.jpg', ['Color' => 'Moss']);
        app(LinkPhotos::class)->run($shop->change(), [$id], $shop->part(['Color' => 'Clay']));
        $without = ['Color' => 'Moss, Slate', 'Size' => 'S, M, L, XL'];
        $with = ['Color' => 'Moss, Clay, Slate', 'Size' => 'S, M, L, XL'];
        $shop->axes($without);
        app(LinkPhotos::class)->run($shop->change(), [$id], $shop->part(['Color' => 'Slate', 'Size' => 'S']));
        app(HidePhotos::class)->run($shop->change(), [$id], $shop->part(['Color' => 'Slate', 'Size' => 'S']));
        $shop->axes($with);
        expect($shop->files(['Color' => 'Clay']))
            ->toContain('wide.jpg')
            ->and($shop->files(['Color' => 'Slate', 'Size' => 'S']))
            ->not->toContain('wide.jpg')
            ->and($shop->files(['Color' => 'Slate', 'Size' => 'M']))
            ->not->toContain('wide.jpg');

        app(HidePhotos::class)->run($shop->change(), [$id], $shop->part(['Color' => 'Clay']));
        $shop->axes($without);
        app(HidePhotos::class)->run($shop->change(), [$id], $shop->part(['Color' => 'Moss', 'Size' => 'M']));
        $shop->axes($with);
        expect($shop->files(['Color' => 'Clay', 'Size' => 'L']))->not->toContain('wide.jpg');

        app(LeaveOutCells::class)->run(
            $shop->change(),
            OfferCells::leaveOut(
                Selection::fromKey(
                    $shop->token(['Color' => 'Clay', 'Size' => 'M']) .
                        ';' .
                        $shop->token(['Color' => 'Moss', 'Size' => 'M']),
                ),
            ),
        );
        $shop->axes($without);
        app(LeaveOutCells::class)->run(
            $shop->change(),
            OfferCells::leaveOut($shop->part(['Color' => 'Slate', 'Size' => 'M'])),
        );
        $shop->axes($with);
        expect(
            array_filter(
                array_keys($shop->loaded()->core->made),
                fn(string $key): bool => str_contains($key, ':' . $shop->id('M')),
            ),
        )->toBe([]);
    },
);

it(
    'undoes the making of a product only while nobody else has worked on it (it took their work along)',
    function (): void {
        $shop = Shop::open();
        $ines = Shop::person(Right::Edit, 'Ines');
        app(EditDetails::class)->run($shop->change($ines), 'brand', 'Thrumbury');
        expect(fn() => $shop->undo())->toThrow(Refusal::class, 'Ines has worked on it since');
        expect($shop->product->refresh()->removed_at)->toBeNull();
        $shop->undo($ines);
        $shop->undo();
        expect($shop->product->refresh()->removed_at)->not->toBeNull();
        // What is removed takes no change until it is redone.
        expect(fn() => app(EditDetails::class)->run($shop->change($ines), 'brand', 'X'))->toThrow(
            Refusal::class,
            'was undone. Redo it first',
        );
        $this->actingAs($ines)
            ->post(
                '/products/SMOCK/skus/stock',
                ['version' => $shop->version(), 'selected' => '*', 'typed' => '1'],
                ['HX-Request' => 'true'],
            )
            ->assertStatus(422);
        $shop->redo();
        expect($shop->product->refresh()->removed_at)->toBeNull();
    },
);

it(
    'says what stands in the way of an undo (a fact set anew, or a code that another SKU has, answered 500)',
    function (): void {
        $shop = Shop::stocked();
        $ines = Shop::person(Right::Edit, 'Ines');
        $moss = $shop->token(['Color' => 'Moss', 'Size' => 'S']);
        $clay = $shop->token(['Color' => 'Clay', 'Size' => 'S']);
        app(SetCode::class)->run($shop->change(), Selection::fromKey($moss), 'NEW-1');
        app(SetCode::class)->run($shop->change($ines), Selection::fromKey($clay), 'SMOCK-MOSS-S');
        expect(fn() => $shop->undo())->toThrow(Refusal::class, 'Ines changed the same thing');
        $shop->undo($ines);
        $shop->undo();

        app(EditFacts::class)->set($shop->change(), new SayFact('Lining', 'cotton'));
        app(EditFacts::class)->remove($shop->change(), $shop->loaded()->core->state->details->facts[0]->id);
        app(EditFacts::class)->set($shop->change($ines), new SayFact('lining', 'wool'));
        expect(fn() => $shop->undo())
            ->toThrow(Refusal::class, 'cannot be undone: Ines changed the same thing')
            ->and($shop->loaded()->core->state->details->facts[0]->value)
            ->toBe('wool');
    },
);

it('undoes two codes that were exchanged (answered 500)', function (): void {
    $shop = Shop::stocked();
    $start = HistoryEntry::query()->max('id');
    [$moss, $clay] = [
        $shop->token(['Color' => 'Moss', 'Size' => 'S']),
        $shop->token(['Color' => 'Clay', 'Size' => 'S']),
    ];
    $before = $shop->everything();
    foreach ([[$moss, 'BETWEEN'], [$clay, 'SMOCK-MOSS-S'], [$moss, 'SMOCK-CLAY-S']] as [$cell, $code]) {
        app(SetCode::class)->run($shop->change(), Selection::fromKey($cell), $code);
    }
    app(UndoRedo::class)->undoTo($shop->change(), (int) $start);
    expect($shop->everything())
        ->toBe(array_replace($before, ['state' => $shop->state()]))
        ->and($shop->loaded()->core->made[$moss]->code)
        ->toBe('SMOCK-MOSS-S')
        ->and($shop->loaded()->core->made[$clay]->code)
        ->toBe('SMOCK-CLAY-S');
});

it('offers no redo once pictures have arrived in between', function (): void {
    $shop = Shop::stocked();
    app(SetStock::class)->run($shop->change(), Selection::whole(), '5');
    $shop->undo();
    expect(EntryUndo::nextRedo($shop->product->id, $shop->user->id))->not->toBeNull();
    $shop->receive(['late.jpg' => Shop::picture('late')]);

    expect(EntryUndo::nextRedo($shop->product->id, $shop->user->id))
        ->toBeNull()
        ->and(fn() => $shop->redo())
        ->toThrow(Refusal::class, 'nothing of yours to redo');
});

it(
    'puts one axis in the place of another with the same values (its own retired codes stood in the way)',
    function (): void {
        $shop = Shop::open();
        $shop->axes(['Fit' => 'Regular, Tall', 'Size' => 'S, M']);
        $codes = array_map(fn($sku): string => $sku->code, array_values($shop->loaded()->core->made));
        $shop->changeAxes(
            ['Length' => 'Regular, Tall', 'Size' => 'S, M'],
            new MatrixChoices(exchanges: [$shop->id('Fit') => 'length']),
        );
        expect(array_map(fn($sku): string => $sku->code, array_values($shop->loaded()->core->made)))->toBe($codes);
        $shop->undo();

        // Not exchanged but dropped and added, the codes that are taken have a way out.
        $this->actingAs($shop->user)
            ->post(
                '/products/SMOCK/setup/plan',
                ['axes' => [['name' => 'Length', 'values' => 'Regular, Tall'], ['name' => 'Size', 'values' => 'S, M']]],
                ['HX-Request' => 'true'],
            )
            ->assertOk()
            ->assertSee('name="codes[', false);
    },
);

it(
    'takes two names for equal just where the database does (Rosé beside Rose, Søl, zero-width signs and 80 × ß answered 500)',
    function (string $typed, int $values): void {
        $shop = Shop::open();
        $shop->axes(['Color' => $typed]);
        expect($shop->loaded()->core->made)
            ->toHaveCount($values)
            ->and(LibraryValue::query()->count())
            ->toBe($values);
    },
)->with([
    ['Rose, Rosé', 2],
    ['Sol, Søl', 2],
    ["Moss, Mo\u{200B}ss", 1],
    [str_repeat('ß', 80) . ', x', 2],
    ["\u{200B}\u{200D}, x", 1],
    ['STRASSE, Straße', 1],
    ['36⅔, m²', 2],
]);

it(
    'takes two names for equal just where the database does, over all of Unicode (folding and collation disagreed)',
    function (): void {
        $random = Samples::random(7);
        $points = [
            ...range(0x20, 0x2fff),
            ...array_map(fn(): int => $random->getInt(0x3000, 0x1ffff), range(1, 4_000)),
        ];
        $names = [];
        foreach (
            array_filter(
                $points,
                fn(int $point): bool => IntlChar::isdefined($point) && !($point >= 0xd800 && $point <= 0xdfff),
            )
            as $point
        ) {
            $folded = Name::of('a' . mb_chr($point, 'UTF-8') . 'b')->folded;
            expect(Name::of($folded)->folded)->toBe($folded);
            $names[] = $folded;
        }
        DB::statement('create temporary table folded_names as select folded from axis_values where 1 = 0');
        foreach (array_chunk($names, 2_000) as $chunk) {
            DB::table('folded_names')->insert(array_map(fn(string $folded): array => ['folded' => $folded], $chunk));
        }
        expect((int) DB::table('folded_names')->distinct()->count('folded'))
            ->toBe(count(array_unique($names)))
            ->and(count($names))
            ->toBeGreaterThan(12_000);
        DB::statement('drop temporary table folded_names');
        foreach (['axes', 'axis_values', 'facts', 'size_runs'] as $table) {
            $column = collect(Schema::getColumns($table))->firstWhere('name', 'folded');
            expect($column['collation'])
                ->toBe('utf8mb4_nopad_bin')
                ->and($column['type'])
                ->toBe('varchar(' . Name::LONGEST_FOLDED . ')');
        }
    },
);

it('shows what was typed, and folds only to compare (36⅔ was stored as 362⁄3, m² as m2)', function (): void {
    $shop = Shop::open();
    $shop->axes(['Measure' => '36⅔, m²']);
    expect(LibraryValue::query()->orderBy('id')->pluck('name')->all())
        ->toBe(['36⅔', 'm²'])
        ->and(LibraryValue::query()->where('name', '36⅔')->value('code'))
        ->toBe('36-67');
});

it('helps with axis names as with values (Colour beside Color made a second axis)', function (): void {
    $shop = Shop::open();
    $shop->axes(['Color' => 'Moss', 'Size' => 'S']);
    $other = Shop::open('OTHER');
    foreach (['Colour' => 'Color', 'Sizes' => 'Size', 'Colr' => 'Color'] as $typed => $known) {
        $this->actingAs($other->user)
            ->post(
                '/products/OTHER/setup/plan',
                ['axes' => [['name' => $typed, 'values' => 'A, B']]],
                ['HX-Request' => 'true'],
            )
            ->assertOk()
            ->assertSee("“{$typed}” is close to {$known}, which the library has.");
    }
    $this->post(
        '/products/OTHER/setup/plan',
        ['axes' => [['name' => 'Style', 'values' => 'A, B']]],
        ['HX-Request' => 'true'],
    )
        ->assertOk()
        ->assertDontSee('is close to');
});

it('refuses millions of millions of cells in words (6 axes × 2,100 values answered 500)', function (): void {
    $shop = Shop::open();
    $axes = [];
    foreach (range(1, 6) as $at) {
        $axes["Axis {$at}"] = implode(',', array_map(fn(int $value): string => "V{$at}-{$value}", range(1, 2100)));
    }
    expect(fn() => $shop->axes($axes))->toThrow(
        MatrixTooLarge::class,
        '85,766,121,000,000,000,000 cells; a product can have 10,000',
    );
});

it('keeps both of two size axes in the JSON-LD (waist and length overwrote each other)', function (): void {
    $shop = Shop::open();
    $shop->axes(['Waist' => '28, 30', 'Length' => '30, 32']);
    $tree = json_decode(app(JsonLdDocument::class)->of($shop->loaded()->product), true);

    expect($tree['variesBy'])
        ->toBe(['https://schema.org/size', 'Length'])
        ->and($tree['hasVariant'][0]['size'])
        ->toBe('28')
        ->and($tree['hasVariant'][0]['additionalProperty'][0])
        ->toMatchArray(['name' => 'Length', 'value' => '30']);
});

it(
    'says what becomes of each amount in another currency, and rounds nothing silently (49.50 EUR was 50 JPY)',
    function (): void {
        $shop = Shop::stocked();
        app(SetPrices::class)->run($shop->change(), $shop->part(['Size' => 'XL']), '54.50');
        $before = $shop->everything();
        expect(fn() => app(ChangeCurrency::class)->run($shop->change(), 'JPY'))->toThrow(
            Refusal::class,
            'JPY cannot have 54.50',
        );
        expect($shop->everything())->toBe($before);
        $this->actingAs($shop->user)
            ->post('/products/SMOCK/currency/plan', ['code' => 'JPY'])
            ->assertOk()
            ->assertSeeInOrder(['54.50', '55', 'rounded'])
            ->assertSee('Round the one amount');
        $this->post('/products/SMOCK/currency/plan', ['code' => 'XXX'])
            ->assertOk()
            ->assertSee('“XXX” is not a currency');
        $this->post(
            '/products/SMOCK/currency',
            ['code' => 'ZZZ', 'version' => $shop->version()],
            ['HX-Request' => 'true'],
        )
            ->assertStatus(422)
            ->assertSee('is not a currency');
        $this->post(
            '/products/SMOCK/currency',
            ['code' => 'jpy', 'round' => 1, 'version' => $shop->version()],
            ['HX-Request' => 'true'],
        )->assertNoContent();

        expect($shop->words())
            ->toBe('Currency set to JPY (was EUR): 54.50 became 55')
            ->and($shop->sku(['Color' => 'Moss', 'Size' => 'XL'])->price?->shown())
            ->toBe('55')
            ->and($shop->sheet())
            ->toContain(',49,,,,JPY,');
        $shop->undo();
        expect($shop->everything())->toBe($before);
    },
);

it('knows that nobody counting is not none left (a new product was sold out of everything)', function (): void {
    $shop = Shop::open();
    $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S']);
    $cell = $shop->token(['Color' => 'Moss', 'Size' => 'S']);
    expect($shop->sku(['Color' => 'Moss', 'Size' => 'S'])->stock)->toBeNull();
    $this->actingAs($shop->user)
        ->get("/products/SMOCK/preview?choice={$cell}")
        ->assertSee('Add to basket')
        ->assertDontSee('sold out');
    $this->get('/products/SMOCK?lens=stock')->assertSee('not counted')->assertDontSee('sold out');
    app(SetStock::class)->run($shop->change(), Selection::fromKey($cell), '0');
    $this->get("/products/SMOCK/preview?choice={$cell}")->assertSee('Sold out');
    $this->get('/products/SMOCK?selected=*')->assertSee('0 in stock, 1 sold out, 1 not counted');
    $tree = json_decode(app(JsonLdDocument::class)->of($shop->loaded()->product), true);
    expect(array_map(fn(array $variant): string => basename($variant['offers']['availability']), $tree['hasVariant']))
        ->toBe(['OutOfStock', 'InStock'])
        ->and($tree['hasVariant'][1]['offers'])
        ->not->toHaveKeys(['inventoryLevel', 'price']);
    app(SetStock::class)->run($shop->change(), Selection::fromKey($cell), '');
    expect($shop->sku(['Color' => 'Moss', 'Size' => 'S'])->stock)->toBeNull();
});

it('reads units as it reads prices (12.5000 was 125000 in stock)', function (string $typed): void {
    $shop = Shop::stocked();
    expect(fn() => app(SetStock::class)->run($shop->change(), Selection::whole(), $typed))->toThrow(Exception::class);
    expect($shop->sku(['Color' => 'Moss', 'Size' => 'S'])->stock)->toBe(10);
})->with(['12.5000', '0,500', '1.2.345', '1,20', '-11', '99999999']);

it('shows a size chosen alone in the opening color, and says so (the size guide was all)', function (): void {
    $shop = Shop::stocked();
    app(SetOpening::class)->value($shop->change(), $shop->id('Color'), $shop->id('Clay'));
    $size = $shop->token(['Size' => 'L']);
    expect($shop->files(['Size' => 'L']))->toBe([
        'Clay front.jpg',
        'Clay back.jpg',
        'Clay worn.jpg',
        'Clay detail.jpg',
        'guide.jpg',
    ]);
    $this->actingAs($shop->user)
        ->get("/products/SMOCK/preview?choice={$size}")
        ->assertSee('Shown in Clay');
    Artisan::call('slate:gallery', ['product' => 'SMOCK', '--choose' => ['Size=L'], '--json' => true]);
    expect(json_decode(Artisan::output(), true)['skus'][0]['shown_with'])->toBe(['Color' => 'Clay']);
    // Where the opening color does not come in that size, the first that does.
    app(LeaveOutCells::class)->run(
        $shop->change(),
        OfferCells::leaveOut($shop->part(['Color' => 'Clay', 'Size' => 'L'])),
    );
    expect($shop->files(['Size' => 'L'])[0])->toBe('Moss front.jpg');
});

it('chooses by any name, and a retired SKU has its gallery (Black & White could not be named)', function (): void {
    $shop = Shop::open();
    $shop->axes(['Color = shade' => 'Black & White | A=B, C', 'Size' => 'S, M']);
    $id = $shop->photo('bw.jpg', ['Color = shade' => 'Black & White']);
    $ask = function (array $options): array {
        expect(Artisan::call('slate:gallery', ['product' => 'SMOCK', '--json' => true] + $options))->toBe(0);

        return json_decode(Artisan::output(), true)['skus'][0];
    };
    expect($ask(['--choose' => ['color = shade=black & white', 'Size=M']])['choice'])
        ->toBe(['Color = shade' => 'Black & White', 'Size' => 'M'])
        ->and($ask(['--choose' => ['Color = shade=A=B']])['choice'])
        ->toBe(['Color = shade' => 'A=B']);
    $code = $shop->sku(['Color = shade' => 'Black & White', 'Size' => 'S'])->code;
    $shop->axes(['Color = shade' => 'A=B', 'Size' => 'S, M']);
    $retired = $ask(['--sku' => $code]);
    expect($retired['state'])
        ->toBe('retired')
        ->and(array_column($retired['gallery'], 'file'))
        ->toBe(['bw.jpg']);
    expect(Artisan::call('slate:gallery', ['product' => 'SMOCK', '--choose' => ['Size=S', 'Size=M']]))->toBe(2);
    app(LeaveOutCells::class)->run($shop->change(), OfferCells::leaveOut($shop->part(['Size' => 'S'])));
    app(LinkPhotos::class)->run($shop->change(), [$id], $shop->part(['Size' => 'S']));
    expect($shop->sheet())->toContain('"left out",bw.jpg');
});

it('says which gallery cannot match, and breaks none that does', function (): void {
    $shop = Shop::open();
    $shop->axes(['Color' => 'Moss, Clay, Slate']);
    foreach (
        [
            ['Moss', View::usual('front')],
            ['Moss', View::usual('back')],
            ['Clay', View::usual('front')],
            ['Clay', View::usual('back')],
        ]
        as [$color, $view]
    ) {
        $shop->photo("{$color} {$view->key}.jpg", ['Color' => $color], $view);
    }
    $shop->photo('slate back.jpg', ['Color' => 'Slate'], View::usual('back'));
    $shop->photo('slate front.jpg', ['Color' => 'Slate'], View::usual('front'));
    app(OrderPhotos::class)->matchTo($shop->change(), $shop->part(['Color' => 'Moss']));
    expect($shop->files(['Color' => 'Slate']))
        ->toBe(['slate front.jpg', 'slate back.jpg'])
        ->and($shop->words())
        ->toBe('Gave the galleries the sequence of Moss');
});

it('takes in files dropped on a color and links them there in one act', function (): void {
    $shop = Shop::stocked();
    $known = $shop->placement('Clay worn.jpg');
    $before = $shop->state();
    $onto = $shop->token(['Color' => 'Slate']);
    $files = [
        new Illuminate\Http\UploadedFile(Shop::picture('fresh'), 'fresh.jpg', null, null, true),
        new Illuminate\Http\UploadedFile(Shop::picture('Clay worn.jpg'), 'again.jpg', null, null, true),
    ];
    $this->actingAs($shop->user)
        ->post('/products/SMOCK/photos', ['files' => $files, 'onto' => $onto])
        ->assertOk()
        ->assertJsonPath('taken', ['fresh.jpg'])
        ->assertJsonPath('known', ['again.jpg is here already, as Clay worn.jpg.']);
    expect($shop->files(['Color' => 'Slate']))
        ->toContain('fresh.jpg', 'Clay worn.jpg')
        ->and($shop->files(['Color' => 'Clay']))
        ->toContain('Clay worn.jpg')
        ->and($shop->words())
        ->toBe('Took in 2 pictures, linked to Slate, all sizes');
    $shop->undo();
    expect($shop->state())->toBe($before)->and($known)->toBeInt();
});

it('notes what, where and what was before, with the picture, on the reader’s own clock', function (): void {
    $shop = Shop::stocked();
    app(SetStock::class)->run($shop->change(), $shop->part(['Color' => 'Clay', 'Size' => 'S']), '16');
    app(SetStock::class)->run($shop->change(), $shop->part(['Color' => 'Clay']), '5');
    expect($shop->words())->toBe('Stock of Clay, all sizes set to 5 (was 10–16)');
    app(AssignRole::class)->run($shop->change(), $shop->placement('Moss back.jpg'), Role::Hover);
    DB::table('history')->update(['created_at' => '2026-07-01 22:30:00']);
    $photo = DB::table('placements')->where('file_name', 'Moss back.jpg')->value('photo_id');
    $this->actingAs($shop->user)
        ->get('/products/SMOCK/history')
        ->assertSee('1 Jul 2026 22:30')
        ->assertSee("/photos/{$photo}/thumb.jpg");
    $this->withUnencryptedCookie('zone', 'Asia/Tokyo')
        ->get('/products/SMOCK/history')
        ->assertSee('2 Jul 2026 07:30')
        ->assertDontSee('1 Jul 2026 22:30');
    $this->withUnencryptedCookie('zone', 'No/Where')->get('/products/SMOCK/history')->assertSee('1 Jul 2026 22:30');
});

it(
    'says required and wanted views apart, the same in head, bars and gallery, and counts cells that there are',
    function (): void {
        $shop = Shop::open();
        $this->actingAs($shop->user)
            ->get('/products/SMOCK')
            ->assertSee('not built yet, 1 cell')
            ->assertDontSee('0 SKUs');
        $shop->axes(['Color' => 'Moss', 'Size' => 'S, M']);
        $shop->photo('front.jpg', ['Color' => 'Moss'], View::usual('front'));
        $words = '1 of 3 required · 0 of 2 wanted';
        $html = $this->get('/products/SMOCK')->assertSee('required views')->assertSee('33 %')->getContent();
        expect(substr_count($html, $words))
            ->toBe(2)
            ->and(substr_count($html, '<small>required</small>'))
            ->toBe(2)
            ->and(substr_count($html, '<small>wanted</small>'))
            ->toBe(2);
    },
);

it('folds four axes to one line unless somebody unfolds them, and remembers it', function (): void {
    $shop = Shop::open();
    $shop->axes(['Color' => 'Moss', 'Size' => 'S', 'Style' => 'A', 'Cuff' => 'B']);
    $this->actingAs($shop->user)->get('/products/SMOCK')->assertSee('axes is-folded')->assertSee('Show values');
    $this->post('/products/SMOCK/layout/fold', ['folded' => 0], ['HX-Request' => 'true'])
        ->assertOk()
        ->assertDontSee('is-folded');
    $this->get('/products/SMOCK')->assertDontSee('is-folded');
    $this->actingAs(Shop::person(Right::View))->get('/products/SMOCK')->assertSee('is-folded');
});

it(
    'shows of a retired SKU what its own values show, though its axis was dropped meanwhile (it showed the value that stayed, and said that the choice was the color alone)',
    function (): void {
        $shop = Shop::stocked();
        app(UnlinkPhotos::class)->run($shop->change(), [$shop->placement('guide.jpg')], Selection::whole());
        app(LinkPhotos::class)->run($shop->change(), [$shop->placement('guide.jpg')], $shop->part(['Size' => 'S']));
        $sizes = $shop->loaded()->core->matrix->axes[1]->id;
        $shop->axes(['Color' => 'Moss, Clay, Slate'], survivors: [$sizes => $shop->id('M')]);
        $told = function (string $sku): array {
            Artisan::call('slate:gallery', ['product' => 'SMOCK', '--sku' => $sku, '--json' => true]);

            return json_decode(Artisan::output(), true)['skus'][0];
        };
        $small = $told('SMOCK-MOSS-S');
        expect($small['choice'])
            ->toBe(['Color' => 'Moss', 'Size' => 'S'])
            ->and($small['state'])
            ->toBe('retired')
            ->and(array_column($small['gallery'], 'file'))
            ->toContain('guide.jpg')
            ->and(array_column($told('SMOCK-MOSS-M')['gallery'], 'file'))
            ->not->toContain('guide.jpg')
            ->and($told('SMOCK-MOSS-M')['choice'])
            ->toBe(['Color' => 'Moss']);
        // Another axis comes meanwhile, and its color goes.
        $shop->axes(['Color' => 'Clay, Slate', 'Style' => 'Button, Wrap'], homes: ['1' => 'Button']);
        $small = $told('SMOCK-MOSS-S');
        expect($small['choice'])
            ->toBe(['Color' => 'Moss', 'Style' => 'Button', 'Size' => 'S'])
            ->and(array_column($small['gallery'], 'file'))
            ->toContain('guide.jpg');
        Artisan::call('slate:explain', ['sku' => 'SMOCK-MOSS-S', '--json' => true]);
        expect(json_decode(Artisan::output(), true)['choice'])->toBe([
            'Color' => 'Moss',
            'Style' => 'Button',
            'Size' => 'S',
        ]);
    },
);
