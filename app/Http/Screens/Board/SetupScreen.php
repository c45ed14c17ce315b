<?php

declare(strict_types=1);

namespace App\Http\Screens\Board;

use App\Models\SizeRunRecord;
use App\Store\Library\LibraryShelf;
use App\Store\Products\CatalogLookup;
use App\Store\Products\LoadedProduct;
use Core\Changes\Matrix\DraftAxis;
use Core\Changes\Matrix\DraftReader;
use Core\Changes\Matrix\DraftValue;
use Core\Changes\Matrix\MatrixChoices;
use Core\Changes\Matrix\PlannedChange;
use Core\Changes\Matrix\ReadAxis;
use Core\Changes\Matrix\SetupPlanner;
use Core\CoreException;
use Core\Details\Fact;
use Core\Matrix\Axis;
use Core\Matrix\Value;

/** The axes as typed so far: what was understood, the arithmetic, the plan, or what stands in its way. */
final class SetupScreen
{
    private LoadedProduct $loaded;

    /** @var list<DraftAxis> */
    private array $drafts;

    /** @var list<ReadAxis> */
    private array $read = [];

    private ?PlannedChange $planned = null;

    private string $problem = '';

    private MatrixChoices $choices;

    public function __construct(private readonly CatalogLookup $catalog, private readonly LibraryShelf $shelf) {}

    /** @param  list<DraftAxis>  $drafts */
    public function from(LoadedProduct $loaded, array $drafts, MatrixChoices $choices): self
    {
        $this->loaded = $loaded;
        $this->drafts = $drafts;
        $this->choices = $choices;
        $typed = array_values(array_filter($drafts, fn(DraftAxis $draft): bool => !$draft->isBlank()));
        try {
            $this->read = (new DraftReader($this->catalog))->read($typed, $loaded->core);
            $this->planned = (new SetupPlanner($this->catalog))->plan($loaded->core, $this->read, $choices);
        } catch (CoreException $problem) {
            $this->problem = $problem->getMessage();
        }

        return $this;
    }

    /** @return array<string, mixed> */
    public function data(): array
    {
        $plan = $this->planned === null ? null : new PlanScreen($this->loaded, $this->planned);

        return [
            'setup' => $this,
            'product' => $this->loaded->product,
            'loaded' => $this->loaded,
            'planned' => $this->planned,
            'plan' => $plan,
            'problem' => $this->problem,
            'choices' => $this->choices,
            'shapeChanges' => $plan?->changesAnything() ?? false,
            'added' => $this->planned?->change->added() ?? [],
            'dropped' => $this->planned?->change->dropped() ?? [],
            'libraryAxes' => $this->shelf->axisNames(),
        ];
    }

    /** @return list<SetupRow> */
    public function rows(): array
    {
        $read = [];
        foreach ($this->read as $axis) {
            $read[$axis->draft->key] = $axis;
        }

        return array_map(
            fn(DraftAxis $draft): SetupRow => new SetupRow($draft, $read[$draft->key] ?? null),
            $this->drafts,
        );
    }

    /** What a form sends of a value. */
    public function item(Value $value): string
    {
        return DraftValue::of($value)->toJson();
    }

    /**
     * The values of a row: as they were understood, or, while something stands in the way, as they are in the form.
     *
     * @return list<SetupChip>
     */
    public function chips(DraftAxis $draft): array
    {
        foreach ($this->read as $read) {
            if ($read->draft->key === $draft->key) {
                return array_map(
                    fn(Value $value): SetupChip => new SetupChip(
                        DraftValue::of($value)->toJson(),
                        $value->label,
                        $read->swatches[$value->id],
                        $value->id < 0,
                    ),
                    $read->axis->values,
                );
            }
        }
        $names = $this->shelf->valueNames(
            array_values(array_filter(array_map(fn(DraftValue $value): ?int => $value->id, $draft->values))),
        );

        return array_map(
            fn(DraftValue $value): SetupChip => new SetupChip(
                $value->toJson(),
                $value->id === null
                    ? $value->label
                    : $this->loaded->core->matrix->axisOf($value->id)?->value($value->id)->label ??
                        ($names[$value->id] ?? ''),
                $this->loaded->core->library->swatches->of($value->id ?? 0),
                $value->id === null,
            ),
            $draft->values,
        );
    }

    /** What a form sends of a new value that is made like another. */
    public function likeItem(Value $value, Value $like): string
    {
        $new = DraftValue::of($value);

        return json_encode([$new->id ?? $new->label, $like->id], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    /** @return list<Value> values that an axis of the product gets more */
    public function additions(ReadAxis $read): array
    {
        $own = $this->loaded->core->matrix->axis($read->axis->id);

        return $own === null
            ? []
            : array_values(array_filter($read->axis->values, fn(Value $value): bool => !$own->has($value->id)));
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
        return $this->planned === null || $this->loaded->core->made === []
            ? []
            : array_values(
                array_filter(
                    $this->planned->change->added(),
                    fn(Axis $axis): bool => isset($this->planned->change->homes[$axis->id]),
                ),
            );
    }

    /** @return list<Fact> */
    public function becomeAxes(): array
    {
        return array_values(
            array_filter(
                array_map(
                    fn(Axis $axis): ?Fact => Fact::named($this->loaded->core->state->details->facts, $axis->name),
                    $this->planned?->change->added() ?? [],
                ),
            ),
        );
    }

    /** The key of an axis's row in the form. */
    public function row(Axis $axis): string
    {
        foreach ($this->read as $read) {
            if ($read->axis->id === $axis->id) {
                return $read->draft->key;
            }
        }

        return '';
    }

    public function isExchangedFor(Axis $dropped, Axis $added): bool
    {
        return ($this->choices->exchanges[$dropped->id] ?? null) === $this->row($added);
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

    /** @return list<SizeRunRecord> runs of axes that the form does not have yet */
    public function spareRuns(): array
    {
        $ids = array_map(fn(ReadAxis $read): int => $read->axis->id, $this->read);

        return array_values($this->shelf->runsBeside($ids)->all());
    }

    /**
     * The runs of an axis as a form has values.
     *
     * @return array<string, string> name => JSON
     */
    public function runItems(ReadAxis $read): array
    {
        $items = [];
        foreach ($this->shelf->runsOf($read->axis->id) as $run) {
            $items[$run->name] = json_encode($run->value_ids, JSON_THROW_ON_ERROR);
        }

        return $items;
    }
}
