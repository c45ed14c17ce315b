<?php

declare(strict_types=1);

namespace App\Summaries\Shooting;

use App\Store\Products\LoadedProduct;
use Core\Gallery\Coverage\Shot;
use Core\Matching\AskedPicture;
use Core\Matrix\AxisKind;
use Core\Matrix\Combination;
use Core\Reach\Selection;

/** A picture that a part of a product lacks. */
final readonly class WantedPicture
{
    /**
     * @param  Combination  $part  of the picture axes; empty for the whole product
     * @param  int  $skus  that do not show it
     */
    public function __construct(
        public LoadedProduct $loaded,
        public AskedPicture $asked,
        public Shot $shot,
        public Combination $part,
        public int $skus,
    ) {}

    /** The same for more SKUs. */
    public function lackedBy(int $more): self
    {
        return new self($this->loaded, $this->asked, $this->shot, $this->part, $this->skus + $more);
    }

    private function color(): string
    {
        foreach ($this->loaded->core->matrix->axes as $axis) {
            if ($axis->kind === AxisKind::Color) {
                return $axis->value($this->part->value($axis->id) ?? 0)->label ?? '';
            }
        }

        return '';
    }

    /** @param  string  $file  the name under which the intake knows it; empty where there is none */
    public function line(string $file): ShootingLine
    {
        return new ShootingLine(
            $this->loaded->product->code,
            $this->loaded->product->name,
            $this->loaded->core->matrix->choice($this->part),
            $this->color(),
            Selection::at($this->part)->key(),
            $this->shot->view,
            $this->shot->need,
            $this->skus,
            $file,
        );
    }
}
