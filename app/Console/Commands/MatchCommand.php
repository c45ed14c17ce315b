<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Accounts\Accounts;
use App\Actions\Pictures\ReceivePhotos;
use App\Console\GivenTexts;
use App\Console\Reports\ReachNames;
use App\History\Change;
use App\Intake\Resemblances;
use App\Media\Incoming\IncomingFile;
use App\Media\Looks\PictureLookCache;
use App\Models\Product;
use App\Models\User;
use App\Store\Words\ShopWords;
use Core\Matching\DropReader;
use Core\Matching\Names\DroppedName;
use Core\Matching\Names\KnownProduct;
use Core\Matching\Names\Lexicon;
use Core\Matching\SeenPicture;
use Core\Matching\Verdict;
use Core\Reach\Reach;
use Core\Reach\Wording;
use Core\Refusal;
use Core\RefusalKind;
use FilesystemIterator;
use Illuminate\Console\Command;
use Illuminate\Support\Str;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/**
 * Reads the names of the pictures in a folder and looks at them, says where each belongs, and links those that are sure
 * if it is asked to.
 */
final class MatchCommand extends Command
{
    use GivenTexts;

    private const ENDINGS = ['jpg', 'jpeg', 'png', 'webp', 'tif', 'tiff', 'gif', 'heic', 'avif', 'mp4', 'webm', 'glb'];

    private const MOST_FILES = 10_000;

    protected $signature = 'slate:match {dir : A folder of pictures; folders in it are read too} {--product= : Code of the product, where all are of one} {--sender= : Who sent them: words taught for that sender count as well} {--accept= : Take in and link those of this confidence or more, such as 0.9} {--as= : Email address of the account that links them} {--json : Print JSON}';

    protected $description = 'Reads names of files and the pictures, and says which product, part and view each is of';

    /** @throws Refusal */
    public function handle(
        ShopWords $words,
        ReceivePhotos $action,
        Accounts $accounts,
        PictureLookCache $looked,
        Resemblances $resemblances,
    ): int {
        try {
            $given = $this->givenProduct();
            $accept = $this->accepted();
            $user =
                $accept === null
                    ? null
                    : $accounts->withAddress((string) $this->optional('as')) ??
                        throw new Refusal(
                            'Say whose account links them: --as=name@shop.example.',
                            RefusalKind::Missing,
                            'as',
                        );
            $names = $this->names();
            $seen = $this->seen($names, $looked, $resemblances);
            $list = $words->of($names, $given, (string) $this->optional('sender'), Resemblances::products($seen));
            $verdicts = (new DropReader($list))->read($names, $given?->id, $seen);
            $this->option('json') ? $this->printJson($names, $verdicts, $list) : $this->print($names, $verdicts, $list);
        } catch (Refusal $refusal) {
            $this->components->error($refusal->getMessage());

            return 2;
        }

        return $user === null || $this->link($verdicts, (float) $accept, $user, $action) ? 0 : 1;
    }

    /**
     * @param  array<string, DroppedName>  $names
     * @return array<string, SeenPicture> by path; of those that can be read
     */
    private function seen(array $names, PictureLookCache $looked, Resemblances $resemblances): array
    {
        $bar = $this->option('json') ? null : $this->output->createProgressBar(count($names));
        $seen = [];
        foreach ($names as $path => $name) {
            $look = $looked->at(new IncomingFile($path, $name->file));
            if ($look !== null) {
                $seen[$path] = new SeenPicture($look->colors, $resemblances->of($look));
            }
            $bar?->advance();
        }
        $bar?->clear();

        return $seen;
    }

    private function givenProduct(): ?Product
    {
        $code = $this->optional('product');

        return $code === null
            ? null
            : Product::query()->standing()->where('code', $code)->first() ??
                    throw new Refusal("No product has the code {$code}.", RefusalKind::Gone, 'product');
    }

    private function accepted(): ?float
    {
        $typed = $this->optional('accept');
        if ($typed !== null && (!is_numeric($typed) || (float) $typed <= 0.5 || (float) $typed > 1)) {
            throw new Refusal(
                '--accept wants a confidence above 0.5, up to 1, such as 0.9.',
                RefusalKind::Unreadable,
                'accept',
            );
        }

        return $typed === null ? null : (float) $typed;
    }

    /** @return array<string, DroppedName> by path, in order */
    private function names(): array
    {
        $dir = rtrim($this->text('dir'), '/');
        if (!is_dir($dir) || !is_readable($dir)) {
            throw new Refusal("{$dir} is no folder that can be read.", RefusalKind::Gone, 'dir');
        }
        $names = [];
        /** @var SplFileInfo $file */
        foreach (
            new RecursiveIteratorIterator(new RecursiveDirectoryIterator($dir, FilesystemIterator::SKIP_DOTS))
            as $file
        ) {
            if ($file->isFile() && in_array(strtolower($file->getExtension()), self::ENDINGS, true)) {
                $names[$file->getPathname()] = new DroppedName(
                    $file->getFilename(),
                    basename($dir) . substr($file->getPath(), strlen($dir)),
                );
            }
            if (count($names) > self::MOST_FILES) {
                throw new Refusal(
                    'There are more than ' .
                        number_format(self::MOST_FILES) .
                        ' pictures in this folder. Read its folders one after the other.',
                    RefusalKind::Impossible,
                    'dir',
                );
            }
        }
        ksort($names, SORT_NATURAL);

        return $names;
    }

    /**
     * @param  array<string, DroppedName>  $names
     * @param  array<string, Verdict>  $verdicts
     */
    private function printJson(array $names, array $verdicts, Lexicon $list): void
    {
        $told = [];
        foreach ($verdicts as $path => $verdict) {
            $product = $this->product($list, $verdict);
            $told[] = [
                'file' => $names[$path]->file,
                'path' => ltrim(substr($path, strlen(rtrim($this->text('dir'), '/'))), '/'),
                'product' => $product?->code,
                'reach' =>
                    $product === null ? null : ReachNames::of($verdict->reach ?? Reach::nothing(), $product->matrix),
                'view' => $verdict->view?->name,
                'place' => $verdict->place,
                'confidence' => $verdict->confidence,
                'reasons' => [...$verdict->reasons, ...$verdict->doubtWords()],
            ];
        }
        $this->line(json_encode($told, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE));
    }

    /**
     * @param  array<string, DroppedName>  $names
     * @param  array<string, Verdict>  $verdicts
     */
    private function print(array $names, array $verdicts, Lexicon $list): void
    {
        $rows = [];
        foreach ($verdicts as $path => $verdict) {
            $product = $this->product($list, $verdict);
            $rows[] = [
                $names[$path]->file,
                $product->code ?? '–',
                $product === null ? '–' : (new Wording())->say($verdict->reach ?? Reach::nothing(), $product->matrix),
                $verdict->view->name ?? '–',
                "{$verdict->inWords()} (" . number_format($verdict->confidence, 2) . ')',
                implode(' ', $verdict->doubts === [] ? $verdict->reasons : $verdict->doubtWords()),
            ];
        }
        $this->table(['File', 'Product', 'Part', 'View', 'How sure', 'Why'], $rows);
        $this->line(
            count(array_filter($verdicts, fn(Verdict $verdict): bool => $verdict->isSure())) .
                ' of ' .
                count($verdicts) .
                ' are sure.',
        );
    }

    private function product(Lexicon $list, Verdict $verdict): ?KnownProduct
    {
        return $verdict->productId === null ? null : $list->product($verdict->productId);
    }

    /**
     * @param  array<string, Verdict>  $verdicts
     * @return bool whether every one was taken
     */
    private function link(array $verdicts, float $accept, User $user, ReceivePhotos $action): bool
    {
        $byProduct = [];
        foreach ($verdicts as $path => $verdict) {
            if ($verdict->productId !== null && $verdict->confidence >= $accept) {
                $byProduct[$verdict->productId][] = new IncomingFile(
                    $path,
                    basename($path),
                    $verdict->reach,
                    $verdict->view,
                );
            }
        }
        $refused = [];
        foreach ($byProduct as $productId => $files) {
            $receipt = $action->run(new Change($user, $productId, null, (string) Str::uuid()), $files);
            array_push($refused, ...$receipt->refused);
        }
        $said = $this->option('json') ? $this->output->getErrorStyle() : $this->output;
        foreach ($refused as $why) {
            $said->writeln("<comment>{$why}</comment>");
        }
        // What programs read is JSON and nothing else; they are told by the exit code.
        if (!$this->option('json')) {
            $this->line(
                'Taken in: ' .
                    (array_sum(array_map(count(...), $byProduct)) - count($refused)) .
                    ', refused: ' .
                    count($refused) .
                    '.',
            );
        }

        return $refused === [];
    }
}
