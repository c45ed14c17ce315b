<?php

declare(strict_types=1);

namespace App\Intake\Table;

use App\Intake\ReadFile;
use App\Intake\Shoots\ShootMembers;
use Core\Matching\Drop\DropFileStatus;

/** A file of a drop as far as the table counts and orders it, whether its page is shown or not. */
final readonly class DropLine
{
    /**
     * @param  string  $trouble  the heading that it comes under where the drop is grouped by what is wrong
     * @param  string  $seen  what a page shows of its reading: it is accepted only as it was seen
     * @param  ?string  $decision  what a person has to decide of it, where the same is to be decided of others
     * @param  ?int  $productId  null where nobody knows it
     * @param  string  $code  of its product; empty for none
     * @param  string  $product  its name
     * @param  bool  $isBetter  whether it can take the place of a picture that a product has
     * @param  bool  $isShot  whether it can be laid out as a shoot
     * @param  string  $path  folder and name, by which files are in order
     * @param  int  $grewAt  when more of it came last, in seconds since 1970
     */
    private function __construct(
        public int $id,
        public DropFileStatus $status,
        public string $trouble,
        public string $seen,
        public ?string $decision,
        public ?int $productId,
        public string $code,
        public string $product,
        public bool $isBetter,
        public bool $isShot,
        public string $path,
        public int $grewAt,
    ) {}

    public static function of(ReadFile $one): self
    {
        return new self(
            $one->file->id,
            $one->status,
            $one->trouble(),
            $one->seen(),
            $one->decision(),
            $one->product?->id,
            $one->product->code ?? '',
            $one->product->name ?? '',
            $one->status === DropFileStatus::Double && ($one->alike[0]->placementId ?? null) !== null,
            ShootMembers::isOne($one),
            "{$one->file->folder}/{$one->file->file}",
            $one->file->updated_at->getTimestamp(),
        );
    }

    /** As a page says which file is meant, and how it showed it. */
    public function token(): string
    {
        return "{$this->id}:{$this->seen}";
    }

    public function hasProduct(): bool
    {
        return $this->productId !== null;
    }
}
