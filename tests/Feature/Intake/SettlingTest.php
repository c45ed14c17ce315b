<?php

declare(strict_types=1);

use App\Models\Drop;
use App\Models\Right;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Support\Dropped;
use Tests\Support\Shop;

/** The pane of a picture, as the row of the table asks for it. */
function paneOf(Shop $shop, Drop $drop, string $file): TestResponse
{
    $one = Dropped::one($drop, $file);

    return test()
        ->actingAs($shop->user)
        ->get("/intake/{$drop->id}/files/{$one->file->id}?seen={$one->seen()}");
}

it('shows the pane of a picture without reading its drop again, as long as the page showed it so', function (): void {
    $shop = Shop::stocked();
    $drop = Dropped::files($shop->user, ['SMOCK_qrx_front.jpg', 'SMOCK_moss_back.jpg'], 'Marle');
    $id = Dropped::one($drop, 'SMOCK_qrx_front.jpg')->file->id;
    $seen = Dropped::one($drop, 'SMOCK_qrx_front.jpg')->seen();
    $this->actingAs($shop->user)
        ->get("/intake/{$drop->id}")
        ->assertOk();
    $kept = Cache::get("settle-cases {$drop->id} {$shop->user->id}");
    $this->get("/intake/{$drop->id}/files/{$id}?seen={$seen}")
        ->assertSee('“qrx” means nothing here.')
        ->assertSee('only from Marle');
    expect($kept['seen'][$id])->toBe($seen);
    // Another reading than that of the page, another person, or long after: it is read anew.
    $this->get("/intake/{$drop->id}/files/{$id}?seen=0123456789")->assertSee('“qrx” means nothing here.');
    $this->actingAs(Shop::person(Right::View))
        ->get("/intake/{$drop->id}/files/{$id}?seen={$seen}")
        ->assertSee('“qrx” means nothing here.');
    Cache::flush();
    $this->actingAs($shop->user)
        ->get("/intake/{$drop->id}/files/{$id}?seen={$seen}")
        ->assertSee('“qrx” means nothing here.');
    $this->get("/intake/{$drop->id}/files/999999?seen={$seen}")->assertNotFound();
});

it('asks for nothing of the drop where the page has it', function (): void {
    $shop = Shop::stocked();
    $drop = Dropped::files($shop->user, ['SMOCK_qrx_front.jpg', 'SMOCK_moss_back.jpg']);
    $one = Dropped::one($drop, 'SMOCK_qrx_front.jpg');
    $this->actingAs($shop->user)
        ->get("/intake/{$drop->id}")
        ->assertOk();
    $queries = 0;
    DB::listen(function ($query) use (&$queries): void {
        $queries += (int) str_contains($query->sql, 'photo_looks') + (int) str_contains($query->sql, 'lexicon_words');
    });
    $this->get("/intake/{$drop->id}/files/{$one->file->id}?seen={$one->seen()}")->assertOk();
    expect($queries)->toBe(0);
    $this->get("/intake/{$drop->id}/files/{$one->file->id}")->assertOk();
    expect($queries)->toBeGreaterThan(0);
});

it(
    'offers the same decision for all that wait for it: those with the same unknown word, and no others',
    function (): void {
        $shop = Shop::stocked();
        $drop = Dropped::files($shop->user, [
            'SMOCK_qrx_front.jpg',
            'SMOCK_qrx_back.jpg',
            'SMOCK_QRX_side.jpg',
            'SMOCK_trr_front.jpg',
            'SMOCK_moss_detail.jpg',
        ]);
        paneOf($shop, $drop, 'SMOCK_qrx_front.jpg')->assertSee('Link here, and 2 more with “qrx”');
        paneOf($shop, $drop, 'SMOCK_trr_front.jpg')->assertDontSee('more with');
        paneOf($shop, $drop, 'SMOCK_moss_detail.jpg')->assertDontSee('more with');
        preg_match(
            '/data-intake="link" data-files="([^"]+)"/',
            (string) paneOf($shop, $drop, 'SMOCK_qrx_front.jpg')->content(),
            $found,
        );
        $moss = "{$shop->id('Color')}:{$shop->id('Moss')}";
        $this->post("/intake/{$drop->id}/link", [
            'files' => preg_replace('/:[0-9a-f]+/', '', $found[1]),
            'product' => $shop->product->code,
            'selected' => $moss,
        ])->assertOk();
        expect(array_keys(Dropped::standings($drop), 'linked', true))->toBe([
            'SMOCK_QRX_side.jpg',
            'SMOCK_qrx_back.jpg',
            'SMOCK_qrx_front.jpg',
        ]);
    },
);
