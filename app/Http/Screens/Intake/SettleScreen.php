<?php

declare(strict_types=1);

namespace App\Http\Screens\Intake;

use App\Http\Screens\Board\SmallMatrix;
use App\Http\Screens\Sizes;
use App\Intake\ReadFile;
use App\Intake\SettleCase;
use App\Media\PhotoSize;
use App\Models\Drop;
use App\Models\Product;
use App\Store\Products\LoadedProduct;
use Core\Color\Measuring\ColorShare;
use Core\Color\Srgb;
use Core\Color\Swatches\Swatch;
use Core\Gallery\View;
use Core\Gallery\Views;
use Core\Matching\Drop\DropFileStatus;
use Core\Matching\Drop\DuplicateCandidate;
use Core\Matching\Names\NamePart;
use Core\Matching\Names\NameSource;
use Core\Matrix\Axis;
use Core\Reach\Selection;

/** One picture of a drop beside the small matrix of its product. */
final readonly class SettleScreen
{
    private const MOST_COLORS = 3;

    private const MOST_ALIKE = 3;

    public IntakeRow $row;

    public ?SmallMatrix $matrix;

    public ReadFile $file;

    /**
     * @param  Views  $views  that the shop knows
     * @param  ?LoadedProduct  $loaded  the product whose matrix is shown
     */
    public function __construct(
        public Drop $drop,
        private SettleCase $case,
        private Views $views,
        public ?LoadedProduct $loaded,
    ) {
        $this->file = $case->file;
        $this->row = new IntakeRow($case->file);
        $this->matrix = $loaded === null ? null : new SmallMatrix($loaded);
    }

    public function picture(): ?string
    {
        return $this->row->picture(PhotoSize::Card);
    }

    /** What is pointed at as it opens: what was read, unless the picture speaks against it. */
    public function selected(): string
    {
        $verdict = $this->file->verdict;
        if (
            $this->loaded === null ||
            $verdict?->reach === null ||
            $this->file->product?->id !== $this->loaded->product->id ||
            $verdict->contradiction !== null ||
            $verdict->doubts !== []
        ) {
            return '';
        }

        return Selection::of($verdict->reach->activeIn($this->loaded->core->matrix))->key();
    }

    /** Whether what is read can be accepted as it is. */
    public function canAccept(): bool
    {
        return $this->file->status->isOpen() && $this->file->product !== null && $this->file->verdict?->reach !== null;
    }

    /** @return list<ClashSide> what the name says, and what the picture looks like */
    public function contradiction(): array
    {
        $clash = $this->file->verdict?->contradiction;
        $product = $this->file->product;
        if ($clash === null || $product === null) {
            return [];
        }

        return [
            new ClashSide(
                __('intake.the_name_says'),
                $product->label($clash->axisId, $clash->saidId),
                $product->swatches[$clash->saidId] ?? null,
            ),
            new ClashSide(
                __('intake.the_picture_looks'),
                $product->label($clash->axisId, $clash->looksId),
                $product->swatches[$clash->looksId] ?? null,
            ),
        ];
    }

    /** @return list<ColorShare> what was measured of the picture */
    public function colors(): array
    {
        return array_slice($this->file->look->colors->colors ?? [], 0, self::MOST_COLORS);
    }

    /** @return array<string, string> code => name of products that others of the drop are of */
    public function products(): array
    {
        return $this->case->products;
    }

    /** How many others wait for the same decision. */
    public function alikeCount(): int
    {
        return count($this->case->alike);
    }

    /** This and those that wait for the same decision, as the page shows them. */
    public function withAlike(): string
    {
        return implode(',', ["{$this->file->file->id}:{$this->file->seen()}", ...$this->case->alike]);
    }

    /** What they have in common: "“mss”", or that name and picture disagree. */
    public function alikeBy(): string
    {
        $words = $this->file->unknownWords();

        return $words === []
            ? __('intake.the_same_contradiction')
            : implode(', ', array_map(fn(string $word): string => "“{$word}”", $words));
    }

    /**
     * @return list<string> words of the name that can be taught: those that nobody knows, and those that were guessed
     */
    public function wordsToTeach(): array
    {
        $reading = $this->file->verdict?->reading;
        $parts = $reading->unknown ?? [];
        foreach ($reading->understood ?? [] as $understood) {
            if (count($understood->parts) === 1 && $understood->isGuessed()) {
                $parts[] = $understood->parts[0];
            }
        }
        $own = array_filter(
            $parts,
            fn(NamePart $part): bool => $part->source === NameSource::File && mb_strlen($part->bare) > 1,
        );

        return array_values(array_unique(array_map(fn(NamePart $part): string => $part->text, $own)));
    }

    /** @return list<Axis> whose values a word can be taught to mean */
    public function axes(): array
    {
        return $this->loaded->core->matrix->axes ?? [];
    }

    /** @return list<string> what speaks against the reading; of the picture of a card nothing is read */
    public function doubts(): array
    {
        return $this->isCard() ? [] : $this->file->verdict?->doubtWords() ?? [];
    }

    public function isCard(): bool
    {
        return $this->file->status === DropFileStatus::Card;
    }

    public function isDouble(): bool
    {
        return $this->file->status === DropFileStatus::Double;
    }

    public function isBroken(): bool
    {
        return $this->file->status === DropFileStatus::Broken;
    }

    /** @return list<string> pieces of the name that say nothing, in quotation marks */
    public function passedOver(): array
    {
        return array_map(
            fn(NamePart $part): string => "“{$part->text}”",
            $this->file->verdict->reading->passedOver ?? [],
        );
    }

    public function swatch(?Srgb $color): ?Swatch
    {
        return $color === null ? null : Swatch::of($color);
    }

    public function percent(float $share): int
    {
        return (int) round(100 * $share);
    }

    /** @return list<DuplicateCandidate> pictures that show the same, those that are shown */
    public function alike(): array
    {
        return array_slice($this->file->alike, 0, self::MOST_ALIKE);
    }

    public function measures(DuplicateCandidate $alike): string
    {
        return "{$alike->width} × {$alike->height}, " . Sizes::megabytes($alike->bytes);
    }

    /** The name of the linked picture whose place it can take; empty where there is none. */
    public function replaces(): string
    {
        foreach ($this->file->alike as $alike) {
            if ($alike->placementId !== null) {
                return $alike->file;
            }
        }

        return '';
    }

    /** @return list<View> that a word can be taught to mean */
    public function views(): array
    {
        return $this->views->all;
    }

    public function product(): ?Product
    {
        return $this->loaded?->product;
    }
}
