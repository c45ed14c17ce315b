<?php

declare(strict_types=1);

namespace App\Actions\Intake;

use App\Intake\Addresses\FetchedPictures;
use App\Intake\Addresses\FetchPictures;
use App\Intake\Addresses\SheetAddresses;
use App\Models\Sheets\Sheet;
use App\Models\User;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Support\Facades\Gate;

/** Has the pictures fetched that a sheet names by address; those that did not come are tried again. */
final readonly class FetchAddresses
{
    /** Of one sheet. */
    private const MOST = 20_000;

    public function __construct(private FetchedPictures $pictures, private SheetAddresses $addresses) {}

    /** @throws Refusal */
    public function run(User $user, Sheet $sheet): void
    {
        Gate::forUser($user)->authorize('edit');
        if ($sheet->file === null) {
            throw new Refusal(
                'Pictures are fetched for sheets of the intake: drop the sheet there.',
                RefusalKind::Impossible,
            );
        }
        $addresses = $this->addresses->of($sheet);
        if (count($addresses) > self::MOST) {
            throw new Refusal(
                'The sheet names ' .
                    number_format(count($addresses)) .
                    ' addresses; ' .
                    number_format(self::MOST) .
                    ' is the most. Part it into several sheets.',
                RefusalKind::Impossible,
            );
        }
        $this->pictures->again($sheet);
        $this->pictures->add($sheet, $addresses);
        FetchPictures::dispatch($sheet->id)->afterCommit();
    }
}
