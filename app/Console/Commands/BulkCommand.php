<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Accounts\Accounts;
use App\Actions\Batches\StartBatch;
use App\Actions\Batches\SteerBatch;
use App\Batches\BatchList;
use App\Batches\BatchMode;
use App\Batches\BatchOrder;
use App\Batches\BulkOperations;
use App\Console\GivenTexts;
use App\Models\User;
use App\Store\Library\LibraryShelf;
use App\Summaries\Lists\ListQuery;
use App\Summaries\Lists\ProductList;
use Core\Reach\Selection;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Console\Command;

/** One act on many products, from the command line. The queue worker does the work. */
final class BulkCommand extends Command
{
    use GivenTexts;

    private const WAYS = ['stop', 'go-on', 'undo', 'redo', 'again', 'show'];

    protected $signature = 'slate:bulk
        {what : price, stock, category or what else the bulk desk offers; or stop, go-on, undo, redo, again, show of a batch}
        {value? : What it is set to; or the id of the batch}
        {--as= : Email address of the account that does it}
        {--of= : Of value-price: the value, as “Size=XL”}
        {--search= : Only products that the catalog finds so}
        {--category= : Only products of this category}
        {--all-or-nothing : Change none where one refuses}
        {--json : For programs}';

    protected $description = 'Changes many products at once, and undoes that';

    public function __construct(private readonly LibraryShelf $library, private readonly BulkOperations $operations)
    {
        parent::__construct();
    }

    /** @throws Refusal */
    public function handle(
        Accounts $accounts,
        StartBatch $start,
        SteerBatch $steer,
        BatchList $batches,
        ProductList $list,
    ): int {
        $what = $this->text('what');
        $value = $this->text('value');
        try {
            if ($what === 'show') {
                return $this->show($batches, $value);
            }
            $user =
                $accounts->withAddress((string) $this->optional('as')) ??
                throw new Refusal('Say whose account does it: --as=name@shop.example.', RefusalKind::Missing, 'as');
            $id = in_array($what, self::WAYS, true)
                ? $this->steered($steer, $user, $what, $value)
                : $this->begun($start, $list, $user, $what, $value);

            return $this->show($batches, $id);
        } catch (Refusal $refusal) {
            $this->error($refusal->getMessage());

            return $refusal->kind === RefusalKind::Missing ? self::INVALID : self::FAILURE;
        }
    }

    private function begun(StartBatch $start, ProductList $list, User $user, string $what, string $value): string
    {
        $offered = array_column($this->operations->offered, null, 'name');
        $chosen =
            $offered[$what] ??
            throw new Refusal(
                'Say what is to be changed: ' . implode(', ', array_keys($offered)) . '.',
                RefusalKind::Missing,
                'what',
            );
        [$act, $wanted] = [$chosen->act, $chosen->given()];
        if ($act === 'value-price') {
            $wanted['of'] = (string) $this->valueId();
        }
        $category = $this->optional('category');
        $filters = $category === null ? [] : ['category' => $category];

        return $start->run(
            $user,
            new BatchOrder(
                $act,
                $wanted + ['value' => $value],
                BatchMode::of((bool) $this->option('all-or-nothing')),
                Selection::whole(),
            ),
            $list->ids(new ListQuery((string) $this->optional('search'), $filters)),
        )->id;
    }

    private function valueId(): int
    {
        [$axis, $value] = explode('=', $this->optional('of') . '=', 3);

        return $this->library->valueCalled($axis, $value) ??
            throw new Refusal(
                'Say whose price is to be changed, with its axis: --of="Size=XL".',
                RefusalKind::Missing,
                'of',
            );
    }

    private function steered(SteerBatch $steer, User $user, string $way, string $id): string
    {
        $batch = match ($way) {
            'stop' => $steer->stop($user, $id),
            'go-on' => $steer->goOn($user, $id),
            'undo' => $steer->undo($user, $id),
            'redo' => $steer->redo($user, $id),
            default => $steer->tryAgain($user, $id),
        };

        return $batch->id;
    }

    private function show(BatchList $batches, string $id): int
    {
        $batch = $batches->named($id);
        $counts = $batches->counts([$id])[$id];
        if ($this->option('json')) {
            $this->line(
                json_encode(
                    ['id' => $id, 'words' => $batch->words, 'state' => $batch->state->value, 'products' => $counts],
                    JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
                ),
            );
        } else {
            $this->info("{$batch->words}: {$batch->state->inWords()} ({$id})");
            $this->table(
                ['Products', 'Count'],
                array_map(
                    fn(string $state, int $count): array => [$state, number_format($count)],
                    array_keys($counts),
                    $counts,
                ),
            );
        }

        return self::SUCCESS;
    }
}
