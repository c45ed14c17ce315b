<?php

declare(strict_types=1);

namespace App\Http\Screens\Intake;

use App\Intake\Packages\PackageLibrary;
use App\Intake\Packages\PackagePhotos;
use App\Intake\Packages\PackageProducts;
use App\Intake\Packages\PackageRow;
use App\Models\Packages\Package;
use App\Models\Packages\PackageState;
use App\Store\Library\Portable\PortableLibrary;
use Core\Sheets\Verdicts\SheetVerdict;

/** A package of the intake as its page draws it. */
final readonly class PackageScreen
{
    /** Additions to the library that are named; of more it is said how many. */
    private const NAMED = 8;

    /** @var array<string, int> verdict => products */
    private array $counts;

    /** @var list<string> what is new to the library */
    private array $additions;

    /** @var array{int, int} pictures that are unpacked, and all */
    private array $pictures;

    private bool $isUntouched;

    /** @param  list<PackageRow>  $page  one more than a page where there are more */
    public function __construct(
        public Package $package,
        private PackageProducts $products,
        PackagePhotos $photos,
        PortableLibrary $library,
        private array $page,
        public ?SheetVerdict $verdict,
    ) {
        $this->counts = $products->counts($package);
        $this->pictures = $photos->counts($package);
        $this->additions = $this->isReady()
            ? $library->inWords($library->additions(PackageLibrary::of($package)->rows))
            : [];
        $this->isUntouched = $library->isUntouched();
    }

    public function origin(): string
    {
        return __('packages.origin', [
            'products' => trans_choice('sheets.products', $this->package->products),
            'pictures' => trans_choice('sheets.pictures_count', $this->pictures[1]),
            'user' => $this->package->user->name,
            'when' => $this->package->at('j M H:i'),
        ]);
    }

    public function isAtWork(): bool
    {
        return $this->package->state->isAtWork();
    }

    public function isReady(): bool
    {
        return $this->package->state === PackageState::Ready;
    }

    public function failure(): string
    {
        return $this->package->state === PackageState::Failed ? $this->package->failure : '';
    }

    public function progressInWords(): string
    {
        return match ($this->package->state) {
            PackageState::Reading => __('packages.reading'),
            PackageState::Unpacking => __('packages.unpacking', [
                'through' => $this->pictures[0],
                'total' => $this->pictures[1],
            ]),
            default => __('sheets.vetting', [
                'through' => $this->package->through,
                'total' => $this->package->products,
            ]),
        };
    }

    public function through(): int
    {
        return $this->package->state === PackageState::Unpacking ? $this->pictures[0] : $this->package->through;
    }

    public function total(): int
    {
        return max(
            1,
            $this->package->state === PackageState::Unpacking ? $this->pictures[1] : $this->package->products,
        );
    }

    /** @return list<SheetSum> products by what becomes of them */
    public function sums(): array
    {
        $sums = [new SheetSum(__('packages.all_products'), array_sum($this->counts), [], $this->verdict === null)];
        foreach (SheetVerdict::cases() as $verdict) {
            $count = $this->counts[$verdict->value] ?? 0;
            if ($count > 0) {
                $sums[] = new SheetSum(
                    __("sheets.verdict_{$verdict->value}"),
                    $count,
                    ['verdict' => $verdict->value],
                    $this->verdict === $verdict,
                );
            }
        }

        return $sums;
    }

    /** @return list<string> what is worth knowing of it as a whole */
    public function remarks(): array
    {
        if ($this->additions === []) {
            return [];
        }
        $more = count($this->additions) - self::NAMED;
        $named = trans_choice('sheets.additions', max(0, $more), [
            'names' => implode(', ', array_slice($this->additions, 0, self::NAMED)),
            'more' => $more,
        ]);

        return [$named, $this->isUntouched ? __('packages.becomes_library') : __('packages.library_stays')];
    }

    /** Products that are sound and not as the package says yet. */
    public function sound(): int
    {
        return ($this->counts[SheetVerdict::Fresh->value] ?? 0) + ($this->counts[SheetVerdict::Changed->value] ?? 0);
    }

    public function canImport(): bool
    {
        return $this->isReady() && ($this->sound() > 0 || $this->additions !== []);
    }

    public function importInWords(): string
    {
        return $this->sound() > 0
            ? trans_choice('sheets.import', $this->sound(), ['count' => $this->sound()])
            : __('packages.import_library');
    }

    public function lastBatch(): ?string
    {
        return $this->products->lastBatch($this->package);
    }

    /** @return list<PackageRow> */
    public function products(): array
    {
        return array_slice($this->page, 0, PackageProducts::PAGE);
    }

    public function verdictInWords(PackageRow $product): string
    {
        return $product->verdict === null ? '' : __("sheets.verdict_{$product->verdict->value}");
    }

    /** The board of a product that is there; null for one that is not. */
    public function board(PackageRow $product): ?string
    {
        return in_array($product->verdict, [SheetVerdict::Same, SheetVerdict::Changed], true)
            ? route('board', $product->code)
            : null;
    }

    /** Where the next page is; null on the last. */
    public function nextAddress(): ?string
    {
        return count($this->page) > PackageProducts::PAGE
            ? $this->address(
                ['after' => (string) $this->page[PackageProducts::PAGE - 1]->position] +
                    array_filter(['verdict' => (string) $this->verdict?->value]),
            )
            : null;
    }

    /** @param  array<string, string>  $filter */
    public function address(array $filter): string
    {
        return route('package', ['package' => $this->package->id] + $filter);
    }
}
