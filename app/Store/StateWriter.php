<?php

declare(strict_types=1);

namespace App\Store;

use App\Ledger\Ledger;
use App\Ledger\RowWriter;
use Core\Details\Fact;
use Core\Details\ReachedDetail;
use Core\Gallery\Placement;
use Core\Product\Description;
use Core\Product\ProductState;
use Core\Product\Sku;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * Writes what is different between two states of a product: as rows, since a state is its rows (StateRows). What was
 * not read of a product is the same in both, and so stays as it is.
 */
final class StateWriter
{
    private readonly RowWriter $writer;

    private readonly RowKeys $keys;

    /** @var array<int, string> what the library calls values, by id: those that were asked */
    private array $names = [];

    /** @var array<int, array{Ledger, string}> product id => its description, which names pictures by their places */
    private array $unresolved = [];

    /** @param  list<int>  $productIds  all that are written, locked meanwhile: what is asked of one is asked of all */
    public function __construct(array $productIds)
    {
        $this->writer = new RowWriter();
        $this->keys = new RowKeys($productIds);
    }

    /** Writes all that waits, in few statements. */
    public function flush(): void
    {
        $this->writer->flush();
        if ($this->unresolved !== []) {
            $this->resolve();
        }
    }

    /** Pictures that a description names by their places have ids now. */
    private function resolve(): void
    {
        $places = [];
        $pictures = DB::table('placements')
            ->whereIn('product_id', array_keys($this->unresolved))
            ->orderBy('position')
            ->orderBy('id')
            ->get(['id', 'product_id']);
        foreach ($pictures as $row) {
            $places[$row->product_id][] = $row->id;
        }
        foreach ($this->unresolved as $productId => [$ledger, $text]) {
            $named = Description::fromElsewhere($text, fn(int $at): ?int => $places[$productId][$at - 1] ?? null);
            $this->writer->update($ledger, 'products', $productId, ['description' => $text], ['description' => $named]);
        }
        $this->unresolved = [];
        $this->writer->flush();
    }

    /** Notes in the ledger of a product what is different; it is written with flush(). */
    public function write(Ledger $ledger, int $productId, ProductState $before, ProductState $after): void
    {
        if ($before === $after) {
            return;
        }
        $this->writer->update($ledger, 'products', $productId, StateRows::product($before), StateRows::product($after));
        if ((new Description($after->details->description))->namesPlaces()) {
            $this->unresolved[$productId] = [$ledger, $after->details->description];
        }
        if ($before->details->code !== $after->details->code) {
            FormerCodes::remember($productId, $before->details->code, $after->details->code);
        }
        if ($before->matrix !== $after->matrix || $before->details !== $after->details) {
            $this->writeAxes($ledger, $productId, $before, $after);
            $this->writeValues($ledger, $productId, $before, $after);
        }
        $this->writeSkus($ledger, $productId, $before->skus, $after->skus);
        $this->writePictures($ledger, $productId, $before->pictures, $after->pictures);
        $this->writeFacts($ledger, $productId, $before->details->facts, $after->details->facts);
        if ($before->details->details !== $after->details->details) {
            $this->writeDetails($ledger, $productId, $before->details->details->all, $after->details->details->all);
        }
    }

    private function writeAxes(Ledger $ledger, int $productId, ProductState $before, ProductState $after): void
    {
        $this->writeKeyed(
            $ledger,
            new KeyedRows('product_axes', 'axis_id', $productId, StateRows::axes($before), StateRows::axes($after)),
        );
    }

    private function writeValues(Ledger $ledger, int $productId, ProductState $before, ProductState $after): void
    {
        $names = new StateRows($this->namesOfChanged($before, $after));
        $this->writeKeyed(
            $ledger,
            new KeyedRows('product_values', 'value_id', $productId, $names->values($before), $names->values($after)),
        );
    }

    /**
     * What the library calls the values, where a label is said otherwise than before.
     *
     * @return array<int, string> by value id
     */
    private function namesOfChanged(ProductState $before, ProductState $after): array
    {
        $labels = function (ProductState $state): array {
            $labels = $state->details->sleepingLabels;
            foreach ($state->matrix->axes as $axis) {
                $labels += array_column($axis->values, 'label', 'id');
            }

            return $labels;
        };
        [$old, $new] = [$labels($before), $labels($after)];
        $isOther =
            array_filter(
                $new,
                fn(string $label, int $id): bool => ($old[$id] ?? null) !== $label,
                ARRAY_FILTER_USE_BOTH,
            ) + array_diff_key($old, $new);

        return $isOther === [] ? [] : $this->valueNames(array_keys($old + $new));
    }

    /**
     * What the library calls values, each asked once: the products of a portion share most of them.
     *
     * @param  list<int>  $ids
     * @return array<int, string> by value id
     */
    private function valueNames(array $ids): array
    {
        $open = array_values(array_filter($ids, fn(int $id): bool => !isset($this->names[$id])));
        if ($open !== []) {
            $this->names += DB::table('axis_values')->whereIn('id', $open)->pluck('name', 'id')->all();
        }

        return array_intersect_key($this->names, array_flip($ids));
    }

    private function writeKeyed(Ledger $ledger, KeyedRows $rows): void
    {
        [$own, $before, $after] = [['product_id' => $rows->productId], $rows->before, $rows->after];
        if ($before === $after) {
            return;
        }
        $ids = $this->keys->ids($rows->table, $rows->column, $rows->productId);
        foreach ($after as $key => $row) {
            isset($before[$key])
                ? $this->writer->update($ledger, $rows->table, $ids[$key], $own + $before[$key], $own + $row)
                : $this->writer->insert($ledger, $rows->table, $own + $row);
        }
        foreach (array_diff_key($before, $after) as $key => $row) {
            $this->writer->delete($ledger, $rows->table, $ids[$key], $own + $row);
        }
    }

    /**
     * @param  list<Sku>  $before
     * @param  list<Sku>  $after
     */
    private function writeSkus(Ledger $ledger, int $productId, array $before, array $after): void
    {
        if ($before === $after) {
            return;
        }
        $old = array_column($before, null, 'id');
        foreach ($after as $sku) {
            if ($sku->id === 0) {
                $this->writer->insert($ledger, 'skus', ['product_id' => $productId] + StateRows::sku($sku));
            } elseif ($old[$sku->id] !== $sku) {
                $own = ['product_id' => $productId];
                $this->writer->update(
                    $ledger,
                    'skus',
                    $sku->id,
                    $own + StateRows::sku($old[$sku->id]),
                    $own + StateRows::sku($sku),
                );
            }
        }
    }

    /**
     * Each keeps its place as a number where its neighbors allow, so that few rows change where one picture moves.
     *
     * @param  list<Placement>  $before
     * @param  list<Placement>  $after
     */
    private function writePictures(Ledger $ledger, int $productId, array $before, array $after): void
    {
        if ($before === $after) {
            return;
        }
        $places = $this->keys->places('placements', $productId);
        $old = array_column($before, null, 'id');
        $last = 0;
        $kept = [];
        $own = ['product_id' => $productId];
        foreach ($after as $picture) {
            $known = $old[$picture->id] ?? null;
            $last = $known !== null && $places[$picture->id] > $last ? $places[$picture->id] : $last + 1;
            $row = StateRows::placement($picture, $last);
            if ($known === null) {
                $this->writer->insert($ledger, 'placements', $own + $row);
            } else {
                $kept[$picture->id] = true;
                $this->writer->update(
                    $ledger,
                    'placements',
                    $picture->id,
                    $own + StateRows::placement($known, $places[$picture->id]),
                    $own + $row,
                );
            }
        }
        foreach (array_diff_key($old, $kept) as $id => $picture) {
            $this->writer->delete(
                $ledger,
                'placements',
                $id,
                ['product_id' => $productId] + StateRows::placement($picture, $places[$id]),
            );
        }
    }

    /**
     * @param  list<Fact>  $before
     * @param  list<Fact>  $after
     */
    private function writeFacts(Ledger $ledger, int $productId, array $before, array $after): void
    {
        if ($before === $after) {
            return;
        }
        $stored = $this->keys->places('facts', $productId);
        $last = -1;
        $kept = [];
        $own = ['product_id' => $productId];
        foreach ($after as $fact) {
            $known = Fact::named($before, $fact->name);
            $last = $known !== null && $stored[$known->id] > $last ? $stored[$known->id] : $last + 1;
            if ($known === null) {
                $this->writer->insert($ledger, 'facts', $own + StateRows::fact($fact, $last));
            } else {
                $kept[$known->id] = true;
                $this->writer->update(
                    $ledger,
                    'facts',
                    $known->id,
                    $own + StateRows::fact($known, $stored[$known->id]),
                    $own + StateRows::fact($fact, $last),
                );
            }
        }
        foreach ($before as $fact) {
            if (!isset($kept[$fact->id])) {
                $this->writer->delete(
                    $ledger,
                    'facts',
                    $fact->id,
                    ['product_id' => $productId] + StateRows::fact($fact, $stored[$fact->id]),
                );
            }
        }
    }

    /**
     * A row that says the same of the same part stays; another text of the same part, or the same of another part, is
     * the same row changed.
     *
     * @param  list<ReachedDetail>  $before
     * @param  list<ReachedDetail>  $after
     */
    private function writeDetails(Ledger $ledger, int $productId, array $before, array $after): void
    {
        $stored = $this->keys->of('details', $productId);
        $kept = [];
        $own = ['product_id' => $productId];
        foreach ($after as $detail) {
            $row = StateRows::detail($detail);
            $match = self::match($stored, $kept, $row);
            if ($match === null) {
                $this->writer->insert($ledger, 'details', $own + $row);
            } else {
                $kept[$match->id] = true;
                $this->writer->update($ledger, 'details', $match->id, $own + self::columns($match), $own + $row);
            }
        }
        foreach ($stored as $row) {
            if (!isset($kept[$row->id])) {
                $this->writer->delete($ledger, 'details', $row->id, ['product_id' => $productId] + self::columns($row));
            }
        }
    }

    /**
     * @param  array<stdClass>  $stored
     * @param  array<int, true>  $kept
     * @param  array<string, string>  $wanted
     */
    private static function match(array $stored, array $kept, array $wanted): ?stdClass
    {
        foreach ($stored as $row) {
            $isAlike = $row->text === $wanted['text'] || $row->reach === $wanted['reach'];
            if (!isset($kept[$row->id]) && $row->kind === $wanted['kind'] && $isAlike) {
                return $row;
            }
        }

        return null;
    }

    /** @return array<string, string> */
    private static function columns(stdClass $row): array
    {
        return ['kind' => $row->kind, 'reach' => $row->reach, 'text' => $row->text];
    }
}
