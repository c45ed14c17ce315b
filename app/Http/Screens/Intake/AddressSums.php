<?php

declare(strict_types=1);

namespace App\Http\Screens\Intake;

use App\Intake\Addresses\AddressState;

/** What became of the addresses of pictures that a sheet names. */
final readonly class AddressSums
{
    /** Addresses that did not come, of which so many are shown. */
    public const SHOWN = 20;

    /**
     * @param  array<string, int>  $counts  state => addresses
     * @param  array<string, string>  $reasons  address => why it did not come
     */
    public function __construct(private array $counts, public array $reasons) {}

    public function waiting(): int
    {
        return $this->counts[AddressState::Waiting->value] ?? 0;
    }

    public function all(): int
    {
        return array_sum($this->counts);
    }

    public function through(): int
    {
        return $this->all() - $this->waiting();
    }

    /** "12 pictures were fetched, 2 did not come." */
    public function inWords(): string
    {
        return __('sheets.fetched', [
            'fetched' => trans_choice('sheets.pictures_count', $this->counts[AddressState::Fetched->value] ?? 0),
            'failed' => $this->counts[AddressState::Failed->value] ?? 0,
        ]);
    }
}
