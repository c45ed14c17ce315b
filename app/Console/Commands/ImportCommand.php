<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Accounts\Accounts;
use App\Actions\Intake\StartImport;
use App\Actions\Intake\StartPackage;
use App\Actions\Intake\TakeInFolder;
use App\Batches\BatchList;
use App\Batches\BatchRunner;
use App\Console\GivenTexts;
use App\Console\Reports\PackageReport;
use App\Console\Reports\SheetReport;
use App\Files\Sheets\SheetWriter;
use App\Intake\Packages\PackageFromFile;
use App\Intake\Sheets\LayoutRecord;
use App\Intake\Sheets\SheetFromFile;
use App\Intake\Sheets\TermsRecord;
use App\Intake\Sheets\Verdicts\RejectSheet;
use App\Models\Batch;
use App\Models\BatchProductState;
use App\Models\Sheets\Sheet;
use App\Models\User;
use Core\Refusal;
use Core\RefusalKind;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\Reading\EmptyCells;
use Core\Sheets\Reading\SheetTerms;
use Illuminate\Console\Command;

/** Brings sheets into the catalog from the command line. */
final class ImportCommand extends Command
{
    use GivenTexts;

    protected $signature = 'slate:import
        {file* : Sheets (.csv, .xlsx or .ods) or packages (.zip)}
        {--photos= : A folder with the pictures that they name}
        {--map= : A JSON file: {"header in the sheet": "header of ours, or nothing to leave it alone"}}
        {--empty=keep : What an empty cell means: keep or clear}
        {--dry-run : Only say what would become of each row}
        {--rejects= : Where to write what is not taken, with the reasons}
        {--as= : Email address of the account that does it}
        {--json : For programs}';

    protected $description = 'Brings sheets and packages into the catalog, and says what becomes of each row or product';

    public function __construct(
        private readonly SheetFromFile $sheets,
        private readonly StartImport $imports,
        private readonly BatchRunner $runner,
        private readonly BatchList $batches,
        private readonly SheetReport $report,
        private readonly RejectSheet $rejects,
        private readonly PackageFromFile $packages,
        private readonly StartPackage $packageStart,
        private readonly PackageReport $packageReport,
    ) {
        parent::__construct();
    }

    public function handle(Accounts $accounts, TakeInFolder $pictures): int
    {
        try {
            $user = $this->user($accounts);
            $map = $this->map();
            $photos = $this->optional('photos');
            $there = [];
            if ($photos !== null && $this->option('dry-run')) {
                $there = TakeInFolder::pictures($photos);
            } elseif ($photos !== null) {
                $pictures->run($user, $photos);
            }
            $terms = new TermsRecord($this->emptyCells(), self::names($there), []);
            $isSound = true;
            foreach ($this->files() as $path) {
                $isSound =
                    (self::ending($path) === 'zip'
                        ? $this->package($user, $path)
                        : $this->one($user, $path, $terms, $map)) && $isSound;
            }

            return $isSound ? self::SUCCESS : self::FAILURE;
        } catch (Refusal $refusal) {
            $this->components->error($refusal->getMessage());

            return self::INVALID;
        }
    }

    /**
     * @param  array<string, string>  $map
     * @return bool whether all of it was taken
     */
    private function one(User $user, string $path, TermsRecord $terms, array $map): bool
    {
        $sheet = $this->sheets->vetted($user, $path, $terms, $map);
        $report = $this->report->of($sheet, self::skuPlace($sheet));
        $rejects = $this->optional('rejects');
        if ($rejects !== null) {
            $this->rejects->write($sheet, SheetWriter::byEnding($rejects, self::ending($rejects)));
        }
        $refused = [];
        if ($this->option('dry-run')) {
            $sheet->delete();
        } elseif ($report['products']['new'] + $report['products']['changed'] > 0) {
            $refused = $this->imported($user, $sheet);
        }
        $this->option('json') ? $this->line(json_encode($report, self::JSON)) : $this->tell($path, $report, $refused);

        return $report['products']['rejected'] === 0 && $refused === [];
    }

    /** @return bool whether all of it was taken */
    private function package(User $user, string $path): bool
    {
        $package = $this->packages->vetted($user, $path);
        $report = $this->packageReport->of($package);
        $rejects = $this->optional('rejects');
        if ($rejects !== null) {
            $this->packageReport->writeRejects($report, SheetWriter::byEnding($rejects, self::ending($rejects)));
        }
        $refused = [];
        if ($this->option('dry-run')) {
            $this->packages->forget($package);
        } elseif ($report['products']['new'] + $report['products']['changed'] > 0 || $report['library'] !== []) {
            $refused = $this->worked($this->packageStart->run($user, $package));
        }
        if ($this->option('json')) {
            $this->line(json_encode($report, self::JSON));
        } else {
            $this->line("{$path}:");
            $this->table(array_keys($report['products']), [array_values($report['products'])]);
            foreach ([...$this->packageReport->inWords($report), ...$refused] as $line) {
                $this->line($line);
            }
        }

        return $report['products']['rejected'] === 0 && $refused === [];
    }

    private const JSON = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES;

    /** @return list<string> products that refused when they were written, each with the reason */
    private function imported(User $user, Sheet $sheet): array
    {
        return $this->worked($this->imports->run($user, $sheet));
    }

    /** @return list<string> products that refused when they were written, each with the reason */
    private function worked(?Batch $batch): array
    {
        while ($batch !== null && $this->runner->advance($batch->id, 3600.0)) {
            // Until nothing is left.
        }

        return $batch === null ? [] : $this->refused($batch);
    }

    /** @return list<string> */
    private function refused(Batch $batch): array
    {
        $refused = [];
        foreach ($this->batches->products($batch->id, BatchProductState::Refused, 0) as $product) {
            $refused[] = "{$product->name}: {$product->why}";
        }

        return $refused;
    }

    /**
     * @param  array{products: array<string, int>, skus: array<string, int>, rows: list<array<string, mixed>>}  $report
     * @param  list<string>  $refused
     */
    private function tell(string $path, array $report, array $refused): void
    {
        $this->line("{$path}:");
        $this->table(
            ['', ...array_keys($report['products'])],
            [['products', ...array_values($report['products'])], ['rows', ...array_values($report['skus'])]],
        );
        foreach ($report['rows'] as $row) {
            /** @var list<array{column: string, message: string}> $problems */
            $problems = $row['problems'];
            foreach ($problems as $problem) {
                if ($problem['column'] !== '') {
                    $this->line("Row {$row['row']}, {$problem['column']}: {$problem['message']}");
                }
            }
        }
        foreach ($refused as $why) {
            $this->line($why);
        }
    }

    private function user(Accounts $accounts): User
    {
        $address = $this->optional('as');
        if ($address === null && $this->option('dry-run')) {
            return User::query()->oldest('id')->firstOrFail();
        }

        return ($address === null ? null : $accounts->withAddress($address)) ??
            throw new Refusal('Say whose account does it: --as=name@shop.example.', RefusalKind::Missing, 'as');
    }

    private function emptyCells(): EmptyCells
    {
        return EmptyCells::tryFrom((string) $this->optional('empty')) ??
            throw new Refusal('Say what an empty cell means: --empty=keep or --empty=clear.', RefusalKind::Missing);
    }

    /** @return array<string, string> */
    private function map(): array
    {
        $path = $this->optional('map');
        if ($path === null) {
            return [];
        }
        $map = is_file($path) ? json_decode((string) file_get_contents($path), true) : null;
        if (!is_array($map) || array_filter($map, is_string(...)) !== $map || array_is_list($map)) {
            throw new Refusal(
                "{$path} is no map: write JSON such as {\"Farbe\": \"axis Color\", \"Notiz\": \"\"}.",
                RefusalKind::Unreadable,
                'map',
            );
        }

        return $map;
    }

    /** @return list<string> */
    private function files(): array
    {
        $files = array_values($this->argument('file'));
        foreach ($files as $path) {
            if (!is_file($path) || !is_readable($path)) {
                throw new Refusal("There is no file {$path} that can be read.", RefusalKind::Gone, 'file');
            }
        }

        return $files;
    }

    /**
     * Pictures that would be there.
     *
     * @param  list<string>  $paths
     * @return array<string, true>
     */
    private static function names(array $paths): array
    {
        $names = [];
        foreach ($paths as $path) {
            $names[SheetTerms::confirmation(FieldKind::Photos->value, basename($path))] = true;
        }

        return $names;
    }

    private static function skuPlace(Sheet $sheet): int
    {
        foreach (LayoutRecord::decode($sheet->layout)->columns as $column) {
            if ($column->field?->kind === FieldKind::Sku) {
                return $column->place;
            }
        }

        return -1;
    }

    private static function ending(string $path): string
    {
        return strtolower(pathinfo($path, PATHINFO_EXTENSION));
    }
}
