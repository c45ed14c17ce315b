<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\GivenTexts;
use App\Files\Cards\CardDrawing;
use App\Files\Cards\CardFile;
use App\Files\Cards\PrintedCard;
use App\Files\Cards\ProductCards;
use App\Files\Cards\WhichCards;
use App\Models\Product;
use App\Store\Products\ProductLoader;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Console\Command;
use Illuminate\Database\Eloquent\Builder;

final class CardsCommand extends Command
{
    use GivenTexts;

    /** Products whose cards are made together. */
    private const AT_ONCE = 25;

    protected $signature = 'slate:cards {product?* : Codes of products; all without} {--views : A card for each view} {--missing : Only for what is missing} {--out= : Where to: .html, all to be printed, or .svg, one below the other} {--json : Print the codes as JSON}';

    protected $description = 'Writes slate cards: photographed before the pictures that they stand for, they say what these are of';

    public function handle(ProductLoader $loader): int
    {
        try {
            $cards = $answers = [];
            foreach (array_chunk($this->productIds(), self::AT_ONCE) as $ids) {
                foreach ($loader->standing($ids) as $loaded) {
                    foreach (ProductCards::of($loaded, $this->which()) as $card) {
                        $cards[] = $card;
                        $answers[] = $this->answer($card, $loaded->core->matrix->choice($card->card->part));
                    }
                }
            }
            $file = $this->optional('out');
            if ($file !== null) {
                CardFile::write($file, $cards);
            }
        } catch (Refusal $refused) {
            $this->components->error($refused->getMessage());

            return 1;
        }
        $this->option('json')
            ? $this->line(
                (string) json_encode($answers, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE),
            )
            : array_map(
                fn(PrintedCard $card) => $this->line("{$card->card->code}  " . CardDrawing::named($card)),
                $cards,
            );

        return 0;
    }

    /**
     * @return list<int> by code; of all where none was given
     *
     * @throws Refusal
     */
    private function productIds(): array
    {
        $codes = array_values(array_filter((array) $this->argument('product'), is_string(...)));
        $ids = Product::query()
            ->standing()
            ->when($codes !== [], fn(Builder $query) => $query->whereIn('code', $codes))
            ->orderBy('code')
            ->pluck('id', 'code')
            ->all();
        $missing = array_udiff($codes, array_map(strval(...), array_keys($ids)), strcasecmp(...));
        if ($missing !== []) {
            throw new Refusal('No product has the code ' . implode(', ', $missing) . '.', RefusalKind::Gone, 'product');
        }

        return array_values(array_map(intval(...), $ids));
    }

    private function which(): WhichCards
    {
        return match (true) {
            $this->option('views') && $this->option('missing') => WhichCards::MissingViews,
            (bool) $this->option('views') => WhichCards::Views,
            (bool) $this->option('missing') => WhichCards::Missing,
            default => WhichCards::Parts,
        };
    }

    /**
     * @param  array<string, string>  $choice  axis name => value
     * @return array{code: string, product: string, choice: object, view: ?string}
     */
    private function answer(PrintedCard $card, array $choice): array
    {
        return [
            'code' => $card->card->code,
            'product' => $card->productCode,
            'choice' => (object) $choice,
            'view' => $card->card->view?->name,
        ];
    }
}
