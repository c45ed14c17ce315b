<?php

declare(strict_types=1);

use App\Models\Right;
use Tests\Support\Shop;

it('shows every page of the guide, whose links and pictures lead somewhere', function (): void {
    $this->actingAs(Shop::person(Right::View));
    $this->get('/')->assertSee('/help', false);
    $pages = glob(base_path('docs/guide/*.md')) ?: [];
    expect($pages)->toHaveCount(12);
    $places = [];
    foreach ($pages as $file) {
        $page = $this->get('/help/' . basename($file, '.md'))->assertOk();
        preg_match_all('~<article.*</article>~s', (string) $page->getContent(), $text);
        preg_match_all('~(?:href|src)="([^"]+)"~', $text[0][0], $found);
        $places = [...$places, ...$found[1]];
    }
    expect(count(array_unique($places)))->toBeGreaterThan(15);
    foreach (array_unique($places) as $place) {
        expect($place)->toStartWith('/help/');
        $this->get($place)->assertOk();
    }
});

it('shows nothing but the guide and its pictures', function (string $address): void {
    $this->actingAs(Shop::person(Right::View))->get($address)->assertNotFound();
})->with(['/help/nothing', '/help/..%2Fsecurity', '/help/pictures/..%2F..%2F.env', '/help/pictures/nothing']);

it('asks whoever reads it to sign in', function (): void {
    $this->get('/help/01-begin')->assertRedirect();
});
