<?php

declare(strict_types=1);

namespace App\Actions\Intake;

use App\Actions\Batches\StartBatch;
use App\Batches\BatchMode;
use App\Batches\BatchOrder;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Intake\Packages\PackageLibrary;
use App\Intake\Packages\PackagePhotos;
use App\Intake\Packages\PackageProducts;
use App\Ledger\Ledger;
use App\Models\Batch;
use App\Models\Packages\Package;
use App\Models\Packages\PackageState;
use App\Models\User;
use App\Store\Library\Portable\PortableLibrary;
use Core\Reach\Selection;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;

/**
 * Imports what is sound of a package: what this catalog lacks of its library at once, as one entry of the library's
 * history, and its products as one batch.
 */
final class StartPackage
{
    /** Additions that are named in the history. */
    private const NAMED = 4;

    public function __construct(
        private readonly StartBatch $batches,
        private readonly PackageProducts $products,
        private readonly PackagePhotos $photos,
        private readonly PortableLibrary $library,
        private readonly UnitOfWork $work,
    ) {}

    /**
     * @return ?Batch null where the library alone is new
     *
     * @throws Refusal
     */
    public function run(User $user, Package $package): ?Batch
    {
        Gate::forUser($user)->authorize('edit');
        $rows = PackageLibrary::of($package)->rows;
        $refused = $this->photos->takeIn($package->id, $this->library->picturesOf($rows));
        if ($refused !== []) {
            throw new Refusal(array_values($refused)[0], RefusalKind::Unreadable);
        }

        return DB::transaction(function () use ($user, $package, $rows): ?Batch {
            $package = Package::query()->lockForUpdate()->findOrFail($package->id);
            if ($package->state !== PackageState::Ready) {
                throw new Refusal(
                    "{$package->name} is still being looked at. Wait until every product has its verdict.",
                    RefusalKind::Changed,
                );
            }
            $lacking = $this->library->inWords($this->library->additions($rows));
            $sound = $this->products->sound($package);
            if ($sound === [] && $lacking === []) {
                throw new Refusal(
                    "There is nothing in {$package->name} to import: what is sound of it is in the catalog already.",
                    RefusalKind::Missing,
                );
            }
            if ($lacking !== []) {
                $this->work->keepLibrary(new Change($user, null), self::class, function (Ledger $ledger) use (
                    $package,
                    $rows,
                    $lacking,
                ): string {
                    $this->library->add($ledger, $rows);

                    return self::words($package, $lacking);
                });
            }

            return $sound === [] ? null : $this->begun($user, $package, $sound);
        });
    }

    /** @param  array<int, int|string>  $sound  by position */
    private function begun(User $user, Package $package, array $sound): Batch
    {
        $order = new BatchOrder(
            ImportPackage::NAME,
            ['name' => $package->name, 'count' => (string) count($sound)],
            BatchMode::AsFarAsPossible,
            Selection::whole(),
        );
        $batch = $this->batches->run($user, $order, array_values($sound));
        $this->products->begin($package, $batch->id, array_keys($sound));

        return $batch;
    }

    /** @param  list<string>  $lacking */
    private static function words(Package $package, array $lacking): string
    {
        $more = count($lacking) - self::NAMED;

        return "Took in the library of {$package->name}: " .
            implode(', ', array_slice($lacking, 0, self::NAMED)) .
            ($more > 0 ? " and {$more} more" : '');
    }
}
