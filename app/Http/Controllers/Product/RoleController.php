<?php

declare(strict_types=1);

namespace App\Http\Controllers\Product;

use App\Actions\Pictures\GiveRoles;
use App\Http\ProductPage;
use App\Http\ProductPageResponder;
use App\Http\Requests\RolesRequest;
use App\Http\Screens\Pictures\PictureLinks;
use App\Http\Screens\Pictures\RoleScreen;
use App\Store\Library\ViewShelf;
use App\Store\Products\ProductLoader;
use Core\Changes\Pictures\GiveRolesByViews;
use Core\Gallery\Roles\Role;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

/** Who does which job in each color, and rules for all of them at once. */
final readonly class RoleController
{
    public function __construct(
        private ProductPageResponder $pages,
        private ProductLoader $loader,
        private ViewShelf $shelf,
    ) {}

    /**
     * The pictures of one combination, to choose from for a role.
     *
     * @throws Refusal
     */
    public function choose(RolesRequest $request): View
    {
        $loaded = $this->loader->again($request->product());
        $screen = new RoleScreen($loaded, new PictureLinks($loaded));
        $role =
            Role::tryFrom($request->string('role')->toString()) ??
            throw new Refusal('Say which role is meant.', RefusalKind::Missing, 'role');
        $strip =
            $screen->strip($request->selectedKey()) ??
            throw new Refusal(
                'This part is not in the product any more. Look at the table as it is now.',
                RefusalKind::Gone,
                'selected',
            );

        return view('roles.choose', [
            'product' => $loaded->product,
            'loaded' => $loaded,
            'screen' => $screen,
            'strip' => $strip,
            'role' => $role,
            'cell' => $screen->cells($strip)[$role->value],
        ]);
    }

    /** What a rule would do; without one, the form for it. */
    public function plan(RolesRequest $request): View
    {
        $loaded = $this->loader->again($request->product());
        $views = $request->roleViews($this->shelf->views());

        return view('roles.rule', [
            'product' => $loaded->product,
            'loaded' => $loaded,
            'views' => $views,
            'plan' => $views === [] ? null : (new GiveRolesByViews($views))->plan($loaded->core),
        ]);
    }

    public function give(RolesRequest $request, GiveRoles $action): Response
    {
        return $this->pages->fragment(
            $request,
            ProductPage::Roles,
            $action->run($request->change(), $request->roleViews($this->shelf->views())),
        );
    }
}
