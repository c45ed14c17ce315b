<?php

declare(strict_types=1);

namespace App\Http\Views;

use App\Actions\ChangeMatrix;
use App\Actions\MatrixChoices;
use App\Actions\Refused;
use App\Catalog\DraftAxis;
use App\Catalog\DraftReader;
use App\Catalog\Fact;
use App\Catalog\LoadedProduct;
use App\Catalog\PlannedChange;
use App\Catalog\ReadAxis;
use App\Models\LibraryAxis;
use App\Models\LibraryValue;
use App\Models\SizeRunRecord;
use Core\CoreException;
use Core\Matrix\Axis;
use Core\Matrix\Name;
use Core\Matrix\Value;

/** The axes as typed so far: what was understood, the arithmetic, the plan, or what stands in its way. */
final class SetupView
{
    private LoadedProduct $loaded;

    /** @var list<DraftAxis> */
    private array $drafts;

    /** @var list<ReadAxis> */
    private array $read = [];

    private ?PlannedChange $planned = null;

    private string $problem = '';

    private MatrixChoices $choices;

    public function __construct(
        private readonly DraftReader $reader,
        private readonly ChangeMatrix $action,
    ) {
    }

    /** @param  list<DraftAxis>  $drafts */
    public function from(LoadedProduct $loaded, array $drafts, MatrixChoices $choices): self
    {
        $this->loaded = $loaded;
        $this->drafts = $drafts;
        $this->choices = $choices;
        $typed = array_values(array_filter($drafts, fn (DraftAxis $draft): bool => $draft->name !== '' || trim($draft->typed) !== ''));
        try {
            $this->read = $this->reader->read($typed, $loaded->matrix);
            $this->planned = $this->action->plan($loaded, $this->read, $choices);
        } catch (Refused|CoreException $problem) {
            $this->problem = $problem->getMessage();
        }

        return $this;
    }

    /** @return array<string, mixed> */
    public function data(): array
    {
        $readByName = [];
        foreach ($this->read as $axis) {
            $readByName[$axis->draft->name] = $axis;
        }
        $plan = $this->planned === null ? null : new PlanView($this->loaded, $this->planned);

        return [
            'setup' => $this,
            'product' => $this->loaded->product,
            'loaded' => $this->loaded,
            'drafts' => $this->drafts,
            'read' => $readByName,
            'planned' => $this->planned,
            'plan' => $plan,
            'problem' => $this->problem,
            'choices' => $this->choices,
            'shapeChanges' => $plan?->changesAnything() ?? false,
            'added' => $this->planned?->change->added() ?? [],
            'dropped' => $this->planned?->change->dropped() ?? [],
            'libraryAxes' => LibraryAxis::query()->orderBy('name')->pluck('name')->all(),
        ];
    }

    /** @return list<Value> values that an axis of the product gets more */
    public function additions(ReadAxis $read): array
    {
        $own = $this->loaded->matrix->axis($read->axis->id);

        return $own === null ? [] : array_values(array_filter($read->axis->values, fn (Value $value): bool => ! $own->has($value->id)));
    }

    /** The value that a new one is made like. */
    public function likeOf(ReadAxis $read, Value $value): ?int
    {
        foreach ($this->planned->change->likes ?? [] as $likeness) {
            if ($likeness->axisId === $read->axis->id && $likeness->valueId === $value->id) {
                return $likeness->likeId;
            }
        }

        return null;
    }

    /** @return list<Axis> added axes that the SKUs of today need a value on */
    public function homes(): array
    {
        return $this->planned === null || $this->loaded->made === []
            ? []
            : array_values(array_filter($this->planned->change->added(), fn (Axis $axis): bool => isset($this->planned->change->homes[$axis->id])));
    }

    /** @return list<Fact> */
    public function becomeAxes(): array
    {
        return array_values(array_filter(array_map(fn (Axis $axis): ?Fact => Fact::named($this->loaded->facts, $axis->name), $this->planned?->change->added() ?? [])));
    }

    public function isExchangedFor(Axis $dropped, Axis $added): bool
    {
        return ($this->choices->exchanges[$dropped->id] ?? '') === Name::of($added->name)->folded;
    }

    /** @return list<Value> the values that can take over from those of an exchanged axis */
    public function heirsOf(Axis $dropped): array
    {
        foreach ($this->planned?->change->added() ?? [] as $axis) {
            if ($this->isExchangedFor($dropped, $axis)) {
                return $axis->values;
            }
        }

        return [];
    }

    public function heirOf(Axis $dropped, Value $value): ?int
    {
        foreach ($this->planned->change->successions ?? [] as $succession) {
            if ($succession->axisId === $dropped->id && $succession->valueId === $value->id) {
                return $succession->toValueId;
            }
        }

        return null;
    }

    /** @return list<SizeRunRecord> runs of axes that the product does not have yet */
    public function spareRuns(): array
    {
        $names = array_map(fn (DraftAxis $draft): string => Name::of($draft->name)->folded, $this->drafts);

        return SizeRunRecord::with('axis.values')->orderBy('name')->get()->reject(fn (SizeRunRecord $run): bool => in_array($run->axis->folded, $names, true))->values()->all();
    }

    public function runValues(SizeRunRecord $run): string
    {
        $names = $run->axis->values->keyBy('id')->map(fn (LibraryValue $value): string => $value->name);

        return implode(', ', array_filter(array_map(fn (int $id): string => $names[$id] ?? '', $run->value_ids)));
    }
}
