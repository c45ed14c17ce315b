<?php

declare(strict_types=1);

namespace App\Summaries\Status;

use App\Models\PhotoState;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Imagick;
use stdClass;

/** What runs behind the screens, as it stands now. */
final readonly class SystemStatus
{
    private const LISTED = 100;

    public function __construct(private Health $health) {}

    /** @return array<string, array{ok: bool, says: string}> */
    public function checks(): array
    {
        return $this->health->checks();
    }

    /** @return array<string, int> state => how many pictures */
    public function pictures(): array
    {
        $counts = DB::table('photos')
            ->groupBy('state')
            ->selectRaw('state, count(*) as pictures')
            ->pluck('pictures', 'state')
            ->all();

        return array_combine(
            array_map(fn(PhotoState $state): string => $state->value, PhotoState::cases()),
            array_map(fn(PhotoState $state): int => (int) ($counts[$state->value] ?? 0), PhotoState::cases()),
        );
    }

    /** @return list<UnreadPicture> pictures without sizes, with a product each is in */
    public function unread(): array
    {
        $rows = DB::table('photos')
            ->leftJoin('placements', 'placements.photo_id', '=', 'photos.id')
            ->leftJoin('products', 'products.id', '=', 'placements.product_id')
            ->where('photos.state', '<>', PhotoState::Ready->value)
            ->groupBy('photos.id', 'photos.state', 'photos.failure', 'photos.updated_at', 'photos.bytes')
            ->orderBy('photos.updated_at')
            ->limit(self::LISTED)
            ->get([
                'photos.state',
                'photos.failure',
                'photos.bytes',
                DB::raw('min(placements.file_name) as file'),
                DB::raw('min(products.name) as product'),
                DB::raw('min(products.code) as code'),
            ]);

        return array_values(
            array_map(
                fn(stdClass $row): UnreadPicture => new UnreadPicture(
                    $row->state,
                    (int) $row->bytes,
                    $row->failure,
                    $row->file,
                    $row->code,
                    $row->product,
                ),
                $rows->all(),
            ),
        );
    }

    public function waitingJobs(): int
    {
        return Queue::size();
    }

    public static function countFailedJobs(): int
    {
        return DB::table('failed_jobs')->count();
    }

    /** @return list<FailedJob> the latest first */
    public function failedJobs(): array
    {
        $rows = DB::table('failed_jobs')
            ->latest('id')
            ->limit(self::LISTED)
            ->get(['payload', 'exception', 'failed_at']);

        return array_values(
            array_map(
                fn(stdClass $row): FailedJob => new FailedJob(
                    class_basename((string) (json_decode($row->payload, true)['displayName'] ?? 'a job')),
                    mb_strimwidth(strtok($row->exception, "\n") ?: '', 0, 200, '…'),
                    (string) $row->failed_at,
                ),
                $rows->all(),
            ),
        );
    }

    /** @return array<string, string> */
    public function versions(): array
    {
        return [
            'PHP' => PHP_VERSION,
            'Database' => (string) DB::scalar('select version()'),
            'ImageMagick' => explode(' ', Imagick::getVersion()['versionString'])[1] ?? '',
            'Schema' => (string) DB::table('migrations')->max('migration'),
        ];
    }
}
