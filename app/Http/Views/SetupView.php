<?php

declare(strict_types=1);

namespace App\Http\Views;

use App\Actions\ChangeMatrix;
use App\Actions\MatrixChoices;
use App\Actions\Refused;
use App\Catalog\DraftAxis;
use App\Catalog\DraftReader;
use App\Catalog\LoadedProduct;
use App\Catalog\PlannedChange;
use App\Catalog\ReadAxis;
use App\Models\LibraryAxis;
use App\Models\LibraryValue;
use Core\CoreException;
use Core\Matrix\Arithmetic;
use Illuminate\Support\Facades\DB;

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

        return [
            'product' => $this->loaded->product,
            'loaded' => $this->loaded,
            'drafts' => $this->drafts,
            'read' => $readByName,
            'planned' => $this->planned,
            'problem' => $this->problem,
            'choices' => $this->choices,
            'arithmetic' => $this->planned === null ? '' : Arithmetic::of($this->planned->change->to)->inWords(),
            'shapeChanges' => $this->shapeChanges(),
            'added' => $this->planned?->change->added() ?? [],
            'dropped' => $this->planned?->change->dropped() ?? [],
            'libraryAxes' => LibraryAxis::query()->orderBy('name')->pluck('name')->all(),
        ];
    }

    /** @return list<string> names of the products that use a value */
    public function productsUsing(LibraryValue $value): array
    {
        return DB::table('product_values')->join('products', 'products.id', '=', 'product_values.product_id')
            ->where('value_id', $value->id)->whereNull('products.removed_at')->orderBy('products.name')->limit(20)->pluck('products.name')->all();
    }

    private function shapeChanges(): bool
    {
        if ($this->planned === null) {
            return false;
        }
        $shape = fn ($matrix): array => array_map(fn ($axis): array => [$axis->id, $axis->valueIds()], $matrix->axes);

        return ! $this->planned->plan->isEmpty() || $shape($this->planned->change->to) !== $shape($this->loaded->matrix);
    }
}
