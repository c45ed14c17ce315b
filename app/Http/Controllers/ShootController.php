<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Intake\ArrangeShoot;
use App\Actions\Intake\LinkShoot;
use App\Actions\Intake\UndoAccepted;
use App\Http\Person;
use App\Http\Requests\ShootRequest;
use App\Http\Screens\Intake\IntakeScreen;
use App\Http\Screens\Intake\ShootScreen;
use App\Intake\Drops;
use App\Intake\Shoots\ShootReading;
use App\Models\Drop;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Contracts\View\View;

/** Pictures of a drop that are told by how they were taken: looked at, laid out otherwise, confirmed. */
final class ShootController
{
    public function __construct(private readonly ShootReading $reading, private readonly Drops $drops) {}

    public function show(ShootRequest $request, Drop $drop): View
    {
        return view($request->hasHeader('HX-Request') ? 'shoot.inner' : 'shoot.show', [
            'screen' => $this->screen($request, $drop),
        ]);
    }

    public function arrange(ShootRequest $request, Drop $drop, ArrangeShoot $action): View
    {
        [$user, $seen] = [Person::of($request), $request->seen()];
        match ($request->deed()) {
            'move' => $action->move($user, $drop, $seen, $request->fileId(), $request->place()),
            'shift' => $action->shift($user, $drop, $seen, $request->fileId(), $request->by()),
            'out' => $action->leaveOut($user, $drop, $seen, $request->fileId()),
            'product' => $action->sayProduct(
                $user,
                $drop,
                $seen,
                $request->place()->series,
                $this->named($request->typedProduct()),
            ),
            'part' => $action->sayPart($user, $drop, $seen, $request->place(), $request->part()),
            'view' => $action->sayView($user, $drop, $seen, $request->place(), $request->pictureView()),
            default => $action->proposeAnew($user, $drop),
        };

        return $this->fragment($request, $drop);
    }

    public function link(ShootRequest $request, Drop $drop, LinkShoot $action): View
    {
        $action->run(Person::of($request), $drop, $request->seen(), $request->group());

        return $this->fragment($request, $drop);
    }

    public function undo(ShootRequest $request, Drop $drop, UndoAccepted $action): View
    {
        $action->undo(Person::of($request), $drop, $request->batch());

        return $this->fragment($request, $drop);
    }

    /** @throws Refusal where no product is called so */
    private function named(string $typed): int
    {
        return $this->reading->named($typed) ??
            throw new Refusal(__('shoot.no_product', ['typed' => $typed]), RefusalKind::Missing, 'product');
    }

    private function fragment(ShootRequest $request, Drop $drop): View
    {
        return view('shoot.inner', ['screen' => $this->screen($request, $drop)]);
    }

    private function screen(ShootRequest $request, Drop $drop): ShootScreen
    {
        $shoot = $this->reading->of($drop);
        $products = $this->drops->products($drop, array_keys($shoot->products));

        return new ShootScreen(
            $shoot,
            $products,
            IntakeScreen::undoable($this->drops->acts($drop, Person::of($request))),
        );
    }
}
