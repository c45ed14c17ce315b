<?php

declare(strict_types=1);

namespace App\Http\Controllers\Product;

use App\Actions\Pictures\GiveRoles;
use App\Http\ProductPage;
use App\Http\ProductPageResponder;
use App\Http\Requests\RolesRequest;
use App\Http\Screens\Few;
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
    /** What of a plan is listed. */
    private const MOST_CHANGES = 100;

    private const MOST_REMARKS = 8;

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
            throw new Refusal(__('answers.say_which_role_is_meant'), RefusalKind::Missing, 'role');
        $strip =
            $screen->strip($request->selectedKey()) ??
            throw new Refusal(__('answers.this_part_is_not_in_the'), RefusalKind::Gone, 'selected');

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

        $plan = $views === [] ? null : (new GiveRolesByViews($views))->plan($loaded->core);

        return view('roles.rule', [
            'product' => $loaded->product,
            'loaded' => $loaded,
            'views' => $views,
            'plan' => $plan,
            'changes' => Few::of($plan?->changes() ?? [], self::MOST_CHANGES),
            'without' => array_slice($plan?->without() ?? [], 0, self::MOST_REMARKS),
            'thwarted' => array_slice($plan?->thwarted() ?? [], 0, self::MOST_REMARKS),
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
