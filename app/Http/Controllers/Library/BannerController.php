<?php

declare(strict_types=1);

namespace App\Http\Controllers\Library;

use App\Actions\Library\SetBanner;
use App\Http\LibraryRequest;
use App\Http\Screens\Catalog\LibraryScreen;
use App\Http\Screens\CategoryPath;
use App\Http\Screens\Pictures\BannerScreen;
use App\Intake\StoredPictures;
use App\Intake\StoredQuery;
use App\Models\Banner;
use App\Models\BannerKind;
use Core\Gallery\Crop;
use Illuminate\Contracts\View\View;

/** The pictures at the head of categories and landing pages. */
final class BannerController
{
    private const OFFERED = 24;

    public function index(LibraryRequest $request): View
    {
        return $this->page($request->hasHeader('HX-Request'));
    }

    /** Stored pictures to choose one from. */
    public function choose(LibraryRequest $request, StoredPictures $stored): View
    {
        return view('library.banner-choose', [
            'kind' => BannerKind::tryFrom($request->string('kind')->toString()) ?? BannerKind::Page,
            'name' => $request->string('name')->toString(),
            'shownName' => CategoryPath::shown($request->string('name')->toString()),
            'find' => $request->string('find')->toString(),
            'pictures' => array_slice(
                $stored->find(new StoredQuery($request->string('find')->toString())),
                0,
                self::OFFERED,
            ),
        ]);
    }

    public function set(LibraryRequest $request, SetBanner $action): View
    {
        $action->picture(
            $request->change(),
            BannerKind::tryFrom($request->string('kind')->toString()) ?? BannerKind::Page,
            $request->string('name')->toString(),
            $request->integer('photo'),
            $request->string('file')->toString(),
        );

        return $this->page(true);
    }

    /** What of a banner is shown; before it is kept as well. */
    public function edit(LibraryRequest $request, Banner $banner): View
    {
        return view('library.banner', [
            'banner' => $banner->load('photo'),
            'shownName' => CategoryPath::shown($banner->name),
            'crop' => $request->crop() ?? $banner->focus(),
            'text' => $request->has('text') ? $request->string('text')->toString() : $banner->alt_text,
        ]);
    }

    public function update(LibraryRequest $request, Banner $banner, SetBanner $action): View
    {
        $action->details(
            $request->change(),
            $banner->id,
            $request->crop() ?? Crop::middle(),
            $request->string('text')->toString(),
        );

        return $this->page(true);
    }

    public function remove(LibraryRequest $request, Banner $banner, SetBanner $action): View
    {
        $action->remove($request->change(), $banner->id);

        return $this->page(true);
    }

    private function page(bool $isPart): View
    {
        return view($isPart ? 'library.fragment' : 'library.page', [
            'library' => app(LibraryScreen::class),
            'part' => 'banners',
            'banners' => app(BannerScreen::class),
        ]);
    }
}
