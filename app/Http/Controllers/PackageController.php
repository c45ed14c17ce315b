<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Intake\LookAtPackage;
use App\Actions\Intake\StartPackage;
use App\Http\Person;
use App\Http\Requests\PackageRequest;
use App\Http\Screens\Intake\PackageScreen;
use App\Intake\Packages\PackagePhotos;
use App\Intake\Packages\PackageProducts;
use App\Models\Packages\Package;
use App\Store\Library\Portable\PortableLibrary;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** Packages of the intake, and what becomes of each of their products. */
final class PackageController
{
    public function __construct(
        private readonly PackageProducts $products,
        private readonly PackagePhotos $photos,
        private readonly PortableLibrary $library,
    ) {}

    public function show(PackageRequest $request, Package $package): View
    {
        $package->load('user');

        return view($request->hasHeader('HX-Request') ? 'packages.inner' : 'packages.show', [
            'screen' => new PackageScreen(
                $package,
                $this->products,
                $this->photos,
                $this->library,
                $this->products->page($package, $request->verdict(), $request->afterRow()),
                $request->verdict(),
            ),
        ]);
    }

    public function look(PackageRequest $request, Package $package, LookAtPackage $action): RedirectResponse
    {
        $action->run(Person::of($request), $package);

        return redirect()->route('package', $package);
    }

    public function import(PackageRequest $request, Package $package, StartPackage $action): RedirectResponse
    {
        $batch = $action->run(Person::of($request), $package);

        return $batch === null ? redirect()->route('package', $package) : redirect()->route('batch', $batch);
    }
}
