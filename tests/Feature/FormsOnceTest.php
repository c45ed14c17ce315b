<?php

declare(strict_types=1);

use App\Actions\Product\EditDetails;
use App\Models\Batch;
use App\Models\Right;
use App\Models\User;
use Illuminate\Support\Str;
use Tests\Support\Shop;

/*
 * A plain form is carried out once, however often its button is pressed.
 */

it('carries a plain form out once (a double click made four batches)', function (): void {
    $shop = Shop::stocked();
    $this->actingAs($shop->user);
    $form = ['what' => 'sku-stock', 'value' => '3', 'token' => (string) Str::uuid()];
    $led = $this->post('/bulk', $form)->assertRedirect()->headers->get('Location');
    foreach (range(1, 3) as $again) {
        $this->post('/bulk', $form)->assertRedirect($led);
    }
    expect(Batch::query()->count())->toBe(1);
    $this->post('/bulk', ['token' => (string) Str::uuid()] + $form)->assertRedirect();
    expect(Batch::query()->count())->toBe(2);
});

it('lets what was refused be sent again as it stands', function (): void {
    $ines = Shop::person(Right::Release, 'Ines');
    $token = (string) Str::uuid();
    $this->actingAs($ines)
        ->from('/accounts')
        ->post('/accounts', ['name' => '', 'email' => 'mo@thrumbury.example', 'right' => 'view', 'token' => $token])
        ->assertSessionHasErrors('refused');
    $this->post('/accounts', [
        'name' => 'Mo',
        'email' => 'mo@thrumbury.example',
        'right' => 'view',
        'token' => $token,
    ])->assertSessionHasNoErrors();
    expect(User::query()->where('name', 'Mo')->count())->toBe(1);
});

it('has a token in every plain form', function (): void {
    $without = [];
    foreach (
        new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator(resource_path('views'), FilesystemIterator::SKIP_DOTS),
        )
        as $file
    ) {
        preg_match_all(
            '~<form[^>]*method="post"(?:(?!</form>).)*~s',
            (string) file_get_contents((string) $file),
            $forms,
        );
        foreach ($forms[0] as $form) {
            if (!str_contains($form, '<x-once />') && basename((string) $file) !== 'sign-in.blade.php') {
                $without[] = basename((string) $file);
            }
        }
    }
    expect($without)->toBe([]);
});

it('refuses a text whose formatting lies too deep within itself (64 seconds for one)', function (): void {
    $shop = Shop::open();
    $deep = str_repeat('<ul><li>', 900) . 'x' . str_repeat('</li></ul>', 900);
    $this->actingAs($shop->user)
        ->post(
            '/products/SMOCK/details',
            ['field' => 'description', 'value' => "<p>y</p>{$deep}", 'version' => $shop->version()],
            ['HX-Request' => 'true'],
        )
        ->assertStatus(422)
        ->assertSee('Paste it without formatting');
    app(EditDetails::class)->run(
        $shop->change(),
        'description',
        '<p>y</p>' . str_repeat('<ul><li>', 20) . 'x' . str_repeat('</li></ul>', 20),
    );
    expect($shop->product->refresh()->description)->toContain('<ul>');
});
