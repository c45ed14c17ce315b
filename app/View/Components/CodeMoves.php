<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Http\Screens\Few;
use Core\Changes\Codes\CodeMove;
use Core\Changes\Codes\CodePlan;
use Core\Codes\CodeClash;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** What becomes of codes: those that are not free with what to use instead, those that change, those that were typed. */
final class CodeMoves extends Component
{
    /** @var Few<CodeClash> */
    public readonly Few $clashes;

    /** @var Few<CodeMove> */
    public readonly Few $moves;

    /** @var Few<string> */
    public readonly Few $locked;

    /** @var array<string, string> code that was wanted => code that was chosen in its place */
    public readonly array $chosen;

    public function __construct(CodePlan $plan)
    {
        $this->clashes = Few::of($plan->planned->clashes, 20);
        $this->moves = Few::of($plan->moves, 100);
        $this->locked = Few::of(array_column($plan->locked, 'code'), 12);
        $this->chosen = $plan->planned->chosen;
    }

    public function render(): View
    {
        return view('components.code-moves');
    }
}
