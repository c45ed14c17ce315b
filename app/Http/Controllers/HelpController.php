<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\Guide;
use Illuminate\View\View;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The guide, beside the screens that it is about. */
final class HelpController
{
    public function __construct(private readonly Guide $guide) {}

    public function page(?string $page = null): View
    {
        $titles = $this->guide->titles();
        $page ??= (string) array_key_first($titles);
        $html = $this->guide->html(
            $page,
            fn(string $name): string => route('help', ['page' => $name], false),
            fn(string $name): string => route('help.picture', ['picture' => $name], false),
        );
        abort_if($html === null, 404);

        return view('help.page', ['titles' => $titles, 'page' => $page, 'html' => $html]);
    }

    public function picture(string $picture): BinaryFileResponse
    {
        $path = $this->guide->picture($picture);
        abort_if($path === null, 404);

        return response()->file($path, ['Cache-Control' => 'private, max-age=3600']);
    }
}
