<?php

declare(strict_types=1);

namespace App\Http\Screens\Board;

use App\Actions\Matrix\LeaveOutCells;
use App\Store\Products\LoadedProduct;
use Core\Changes\Matrix\OfferCells;
use Core\Matrix\Axis;
use Core\Matrix\Value;
use Core\Reach\Clause;
use Core\Reach\Reach;
use Core\Reach\Wording;

/** The left-out rules of a product in words, and a new one as far as it is chosen. */
final class RulesScreen
{
    public readonly Reach $wanted;

    public readonly ?PlanScreen $plan;

    /** @param  array<int, list<int>>  $chosen axis id => value ids */
    public function __construct(
        public readonly LoadedProduct $loaded,
        LeaveOutCells $action,
        private readonly array $chosen,
    ) {
        $this->wanted = OfferCells::leaveOut($chosen)->reach($loaded->core);
        $this->plan = $this->wanted->isNothing()
            ? null
            : new PlanScreen($loaded, $action->plan($loaded, OfferCells::leaveOut($chosen)));
    }

    /** @return list<Clause> */
    public function rules(): array
    {
        return Reach::leftOutNow($this->loaded->core->matrix)->clauses;
    }

    public function words(Clause $rule): string
    {
        return (new Wording())->clause($rule, $this->loaded->core->matrix);
    }

    public function wantedInWords(): string
    {
        return (new Wording())->say($this->wanted, $this->loaded->core->matrix);
    }

    public function cells(Clause $rule): int
    {
        return count(Reach::of($rule)->among($this->loaded->core->matrix->combinations()));
    }

    /** Rules about values the product does not have at the moment; they hold again when those return. */
    public function sleeping(): int
    {
        return count(Reach::leftOutOf($this->loaded->core->matrix)->dormantIn($this->loaded->core->matrix)->clauses);
    }

    public function isChosen(Axis $axis, Value $value): bool
    {
        return in_array($value->id, $this->chosen[$axis->id] ?? [], true);
    }

    /** @return array<string, int> form fields that name a rule */
    public function fields(Clause $rule): array
    {
        $fields = ['again' => 1];
        foreach ($rule->values() as $axisId => $valueIds) {
            foreach ($valueIds as $valueId) {
                $fields["rule[{$axisId}][{$valueId}]"] = $valueId;
            }
        }

        return $fields;
    }
}
