<?php

declare(strict_types=1);

namespace Core\Changes\Details;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Details\Fact;
use Core\Details\FactKind;
use Core\Product\Product;
use Core\Refusal;
use Core\RefusalKind;
use Core\Text\Name;

/** Says a fact of a product, in the place of what is said under its name. */
final readonly class SayFact implements ProductChange
{
    private const LONGEST_NAME = 60;

    private const LONGEST_VALUE = 200;

    private const LONGEST_UNIT = 12;

    /**
     * @param  string  $value  as typed
     * @param  string  $unit  of a number; nothing for none
     */
    public function __construct(
        private string $name,
        private string $value,
        private FactKind $kind = FactKind::Text,
        private string $unit = '',
        private bool $isShown = true,
    ) {}

    /** @throws Refusal */
    public function on(Product $product, Catalog $catalog): Changed
    {
        $fact = $this->fact();
        foreach ($product->matrix->axes as $axis) {
            if ($fact->isNamed($axis->name)) {
                throw new Refusal(
                    "{$axis->name} is an axis of this product: every SKU says its own.",
                    RefusalKind::Impossible,
                    'name',
                );
            }
        }
        $was = Fact::named($product->state->details->facts, $fact->name);

        return new Changed(
            $product->state->withDetails($product->state->details->withFact($fact)),
            "{$fact->name}: {$fact->inWords()}" .
                ($fact->isShown ? '' : ', not shown to shoppers') .
                ($was === null ? '' : " (was {$was->inWords()})"),
        );
    }

    /** @throws Refusal where a name or what it says is missing, or too long */
    private function fact(): Fact
    {
        $name = Name::of($this->name);
        $said = $this->kind->read($this->value);
        $unit = $this->kind === FactKind::Number ? trim($this->unit) : '';
        if (
            $name->isEmpty() ||
            $said === '' ||
            $name->isLongerThan(self::LONGEST_NAME) ||
            mb_strlen($said) > self::LONGEST_VALUE ||
            mb_strlen($unit) > self::LONGEST_UNIT
        ) {
            throw new Refusal(
                'A fact needs a name of up to ' .
                    self::LONGEST_NAME .
                    ' characters and what it says, up to ' .
                    self::LONGEST_VALUE .
                    ', such as Lining: cotton.',
                RefusalKind::Missing,
                'name',
            );
        }

        return new Fact(0, $name->shown, $said, $this->kind, $unit, $this->isShown);
    }
}
