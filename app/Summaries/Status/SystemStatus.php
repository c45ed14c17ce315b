<?php

declare(strict_types=1);

namespace App\Summaries\Status;

use App\Models\PhotoState;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Imagick;
use stdClass;

/** What runs behind the screens, as it stands now. */
final readonly class SystemStatus
{
    private const LISTED = 100;

    public function __construct(private Health $health)
    {
    }

    /** @return array<string, array{ok: bool, says: string}> */
    public function checks(): array
    {
        return $this->health->checks();
    }

    /** @return array<string, int> state => how many pictures */
    public function pictures(): array
    {
        $counts = DB::table('photos')->groupBy('state')->selectRaw('state, count(*) as pictures')->pluck('pictures', 'state')->all();

        return array_combine(
            array_map(fn (PhotoState $state): string => $state->value, PhotoState::cases()),
            array_map(fn (PhotoState $state): int => (int) ($counts[$state->value] ?? 0), PhotoState::cases()),
        );
    }

    /** @return Collection<int, stdClass> pictures without sizes, with a product each is in */
    public function unread(): Collection
    {
        return DB::table('photos')->leftJoin('placements', 'placements.photo_id', '=', 'photos.id')->leftJoin('products', 'products.id', '=', 'placements.product_id')
            ->where('photos.state', '<>', PhotoState::Ready->value)->groupBy('photos.id', 'photos.state', 'photos.failure', 'photos.updated_at', 'photos.bytes')
            ->orderBy('photos.updated_at')->limit(self::LISTED)
            ->get(['photos.id', 'photos.state', 'photos.failure', 'photos.updated_at', 'photos.bytes', DB::raw('min(placements.file_name) as file'), DB::raw('min(products.name) as product'), DB::raw('min(products.code) as code')]);
    }

    public function waitingJobs(): int
    {
        return Queue::size();
    }

    public static function countFailedJobs(): int
    {
        return DB::table('failed_jobs')->count();
    }

    /** @return Collection<int, stdClass> the latest first */
    public function failedJobs(): Collection
    {
        return DB::table('failed_jobs')->latest('id')->limit(self::LISTED)->get(['id', 'payload', 'exception', 'failed_at'])->map(fn (stdClass $job): stdClass => (object) [
            'name' => class_basename((string) (json_decode($job->payload, true)['displayName'] ?? 'a job')),
            'why' => mb_strimwidth(strtok($job->exception, "\n") ?: '', 0, 200, '…'),
            'at' => $job->failed_at,
        ]);
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
