<?php

declare(strict_types=1);

namespace App\View\Components;

use Core\Gallery\Coverage\Cover;
use Core\Gallery\Coverage\Need;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** What the marks of coverage mean. */
final class CoverKey extends Component
{
    /** @return list<array{words: string, cover: Cover, need: Need}> */
    public function marks(): array
    {
        $mark = fn(string $words, Cover $cover, Need $need): array => [
            'words' => __("parts.{$words}"),
            'cover' => $cover,
            'need' => $need,
        ];

        return [
            $mark('cover_there', Cover::There, Need::Required),
            $mark('cover_shared', Cover::Shared, Need::Required),
            $mark('cover_required_missing', Cover::Missing, Need::Required),
            $mark('cover_wanted_missing', Cover::Missing, Need::Wanted),
            $mark('cover_not_wanted', Cover::Missing, Need::NotWanted),
        ];
    }

    public function render(): View
    {
        return view('components.cover-key');
    }
}
