<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\GivenTexts;
use App\Console\Reports\SkuReport;
use App\Store\Products\ProductLoader;
use Core\Product\SkuFields;
use Illuminate\Console\Command;

final class ExplainCommand extends Command
{
    use GivenTexts;

    protected $signature = 'slate:explain {sku : The SKU’s code} {--json : Print JSON}';

    protected $description = 'Everything about a SKU, and why: price line by line, stock, code, GTIN, gallery, roles';

    public function handle(ProductLoader $loader, SkuReport $report): int
    {
        $found = $loader->withSku($this->text('sku'));
        if ($found === null) {
            $this->components->error("No SKU has the code {$this->text('sku')}.");

            return 2;
        }
        $told = $report->of(...$found);
        if ($this->option('json')) {
            $this->line(
                (string) json_encode(
                    $told,
                    JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
                ),
            );

            return 0;
        }
        $this->line(
            "{$told['sku']}  " .
                implode(', ', (array) $told['choice']) .
                ($told['state'] === 'retired' ? '  (retired: not on offer)' : ''),
        );
        $this->table(
            ['Price', 'Change', $told['price']['currency']],
            array_map(
                fn(array $step): array => [$step['what'], $step['change'], $step['amount']],
                $told['price']['steps'],
            ),
        );
        foreach (
            [
                'GTIN' => $told['gtin'] ?? 'none',
                'Stock' => $told['stock']['count'] ?? 'not counted',
                'Code' => $told['code']['typed'] ? 'typed' : 'made of its values',
                'Weight' => $told['weight_g'] === null ? 'not known' : "{$told['weight_g']} g",
                'Margin' => $told['price']['margin']['percent'] ?? 'not known',
            ]
            as $what => $says
        ) {
            $this->line(sprintf('  %-8s %s', $what, $says));
        }
        foreach ((array) $told['texts'] as $key => $text) {
            $this->line('  ' . SkuFields::named($key)?->name() . ": {$text}");
        }
        foreach ((array) $told['details'] as $kind => $detail) {
            $this->line("  {$kind}: {$detail['words']}" . ($detail['own'] ? ' (here, not as the product)' : ''));
        }
        $this->table(
            ['Picture', 'View', 'Linked to', 'Roles'],
            array_map(
                fn(array $entry): array => [
                    $entry['file'],
                    $entry['view'] ?? '',
                    $entry['reach_words'],
                    implode(', ', $entry['roles']),
                ],
                $told['gallery'],
            ),
        );
        foreach ($told['roles'] as $role => $answer) {
            $this->line(sprintf('  %-7s %s  %s', $role, $answer['file'] ?? '–', $answer['reason']));
        }

        return 0;
    }
}
