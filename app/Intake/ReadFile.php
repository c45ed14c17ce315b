<?php

declare(strict_types=1);

namespace App\Intake;

use App\Media\Looks\PhotoLook;
use App\Models\DropFile;
use App\Models\PhotoState;
use Core\Matching\DoubtKind;
use Core\Matching\Drop\Comparison;
use Core\Matching\Drop\DropFileStatus;
use Core\Matching\Drop\DropPicture;
use Core\Matching\Drop\DuplicateCandidate;
use Core\Matching\Names\KnownProduct;
use Core\Matching\Names\NamePart;
use Core\Matching\Names\NameSource;
use Core\Matching\Verdict;
use Core\Reach\Reach;

/** A file of a drop with what its reading says, and how it stands. */
final readonly class ReadFile
{
    /**
     * @param  ?Verdict  $verdict  null where it is no picture that is kept
     * @param  ?KnownProduct  $product  that it is linked to; else of the verdict
     * @param  ?PhotoLook  $look  null while it is not measured
     * @param  list<DuplicateCandidate>  $alike  pictures that show the same
     * @param  string  $why  why it stands so, where the verdict does not say it
     * @param  ?Reach  $linkedTo  the part of the product that it was accepted for, where it is linked or about to be
     */
    public function __construct(
        public DropFile $file,
        public DropFileStatus $status,
        public ?Verdict $verdict = null,
        public ?KnownProduct $product = null,
        public ?PhotoLook $look = null,
        public ?PhotoState $photoState = null,
        public int $width = 0,
        public int $height = 0,
        public array $alike = [],
        public string $why = '',
        public ?Reach $linkedTo = null,
    ) {}

    /** As far as it is compared with others; of one that is kept. */
    public function picture(): DropPicture
    {
        return new DropPicture(
            $this->file->id,
            $this->file->file,
            (int) $this->file->photo_id,
            $this->photoState === PhotoState::Ready,
            $this->width,
            $this->height,
            $this->file->bytes,
            $this->status,
            $this->verdict,
            $this->product,
        );
    }

    public function compared(Comparison $comparison): self
    {
        return new self(
            $this->file,
            $comparison->status,
            $this->verdict,
            $this->product,
            $this->look,
            $this->photoState,
            $this->width,
            $this->height,
            $comparison->candidates,
            $this->why,
        );
    }

    /** The same of another product, or of none. */
    public function withProduct(?KnownProduct $product): self
    {
        return new self(
            $this->file,
            $this->status,
            $this->verdict,
            $product,
            $this->look,
            $this->photoState,
            $this->width,
            $this->height,
            $this->alike,
            $this->why,
            $this->linkedTo,
        );
    }

    /**
     * As it stands once it is settled, or taken up again.
     *
     * @param  ?KnownProduct  $product  that it is linked to; null for the one that is read
     */
    public function settled(
        DropFile $file,
        DropFileStatus $status,
        ?KnownProduct $product,
        ?Reach $linkedTo,
        string $why,
    ): self {
        return new self(
            $file,
            $status,
            $this->verdict,
            $product ?? $this->product,
            $this->look,
            $this->photoState,
            $this->width,
            $this->height,
            [],
            $why,
            $linkedTo,
        );
    }

    /** Whether it is linked elsewhere than its reading says: somebody pointed there. */
    public function isByHand(): bool
    {
        return $this->linkedTo !== null &&
            ($this->verdict?->productId !== $this->product?->id ||
                $this->verdict?->reach?->key() !== $this->linkedTo->key());
    }

    /** What a page shows of the reading: it is accepted only as it was seen. */
    public function seen(): string
    {
        return substr(
            sha1(
                implode(' ', [
                    $this->product?->id,
                    $this->verdict?->reach?->key(),
                    $this->verdict?->view?->key,
                    $this->verdict?->place,
                    $this->status->value,
                ]),
            ),
            0,
            10,
        );
    }

    /** @return list<string> words of its own name that nobody knows, as they are written */
    public function unknownWords(): array
    {
        return array_values(
            array_map(
                fn(NamePart $part): string => $part->text,
                array_filter(
                    $this->verdict->reading->unknown ?? [],
                    fn(NamePart $part): bool => $part->source === NameSource::File,
                ),
            ),
        );
    }

    /**
     * What a person has to decide of it, where the same is to be decided of others: what an unknown word means, or
     * whether name or picture is right.
     *
     * @return ?string null where it says nothing of others
     */
    public function decision(): ?string
    {
        $clash = $this->verdict?->contradiction;
        $words = array_map(mb_strtolower(...), $this->unknownWords());
        sort($words);

        return !$this->status->needsPerson() || ($words === [] && $clash === null)
            ? null
            : implode(' ', [$this->product->id ?? 0, $clash->saidId ?? 0, $clash->looksId ?? 0, implode(' ', $words)]);
    }

    /** The heading that it comes under where a drop is grouped by what is wrong. */
    public function trouble(): string
    {
        $doubt = $this->verdict?->doubts[0] ?? null;

        return match ($this->status) {
            DropFileStatus::InDoubt, DropFileStatus::NotUnderstood => ($doubt->kind ?? DoubtKind::NoProduct)->label(),
            DropFileStatus::Likely => $doubt?->kind->label() ?? 'Read by a slip, a part of a name, or the color',
            DropFileStatus::Double => $this->alike[0]->heading(),
            DropFileStatus::NotLinked => 'Could not be linked',
            default => ucfirst($this->status->label()),
        };
    }
}
