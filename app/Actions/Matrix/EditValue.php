<?php

declare(strict_types=1);

namespace App\Actions\Matrix;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Models\HistoryOwner;
use App\Models\LibraryValue;
use App\Models\Product;
use App\Store\Library\ValueForm;
use App\Store\Library\ValueTwins;
use App\Store\Products\ProductLoader;
use Core\Changes\Values\SetValueLabel;
use Core\Refusal;
use Core\RefusalKind;
use Core\Text\Name;

/**
 * Changes a value of the library for every product that uses it. Made from a product, it is noted there, and
 * the name can be meant for that product only.
 */
final class EditValue
{
    public function __construct(private readonly UnitOfWork $work, private readonly ProductLoader $loader) {}

    /**
     * @param  bool  $nameHereOnly  the product calls the value so; the library keeps its name
     * @param  ?string  $seen  what the dialog showed of the value (LibraryValue::seen()): a change of the value from
     *                         another product, which leaves this one's version as it was, is not taken back unseen
     *
     * @throws Refusal
     */
    public function run(
        Change $change,
        int $valueId,
        ValueForm $form,
        bool $nameHereOnly = false,
        ?string $seen = null,
    ): ?HistoryEntry {
        return $this->work->keepLibrary($change, self::class, function (Ledger $ledger, HistoryOwner $kept) use (
            $change,
            $valueId,
            $form,
            $nameHereOnly,
            $seen,
        ): string {
            $value = LibraryValue::with('axis')->lockForUpdate()->findOrFail($valueId);
            if ($seen !== null && $value->seen() !== $seen) {
                throw new Refusal(
                    "{$value->axis->name} {$value->name} was changed in the library while this window was open: its code is now {$value->code}. Nothing was kept. Open it again to see all of it; what you typed stays here until then.",
                    RefusalKind::Changed,
                );
            }
            $this->refuseTaken($value, $form, $nameHereOnly);
            $called = $kept instanceof Product ? $this->called($kept, $value) : null;
            $ledger->update('axis_values', [
                $value->id => [
                    ...$nameHereOnly ? [] : ['name' => $form->name->shown, 'folded' => $form->name->folded],
                    'code' => $form->code,
                    'synonyms' => json_encode($form->synonyms, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
                    'translations' => json_encode(
                        (object) $form->translations->byTag,
                        JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
                    ),
                ],
            ]);
            if ($kept instanceof Product && $called !== null) {
                // What is said for every product is said on this one too.
                $this->work->apply($ledger, $kept, new SetValueLabel($value->id, $form->name->shown));
            }
            $called ??= $value->name;
            $this->refuseTwins($value, $form, $nameHereOnly ? $change->productId : null);
            $renamed = $form->name->shown === $called ? '' : " to {$form->name->shown}";

            return "Changed {$value->axis->name} {$called}{$renamed}" .
                ($nameHereOnly ? ' on this product' : ' in the library');
        });
    }

    /** What the product calls the value; null where it does not have it. */
    private function called(Product $product, LibraryValue $value): ?string
    {
        $names = $this->loader->again($product)->core->library->names;

        return $names->knows($value->id) ? $names->value($value->id) : null;
    }

    /** No product may have two values of one name: of its own, or of the library's. */
    private function refuseTwins(LibraryValue $value, ValueForm $form, ?int $productId): void
    {
        foreach (ValueTwins::of($value, $productId) as [$product, $called]) {
            if (Name::of($called)->is($form->name)) {
                throw new Refusal(
                    "{$product} has a {$value->axis->name} “{$form->name->shown}” already. Choose another name, or merge" .
                        ' the two.',
                    RefusalKind::Taken,
                    'name',
                );
            }
        }
    }

    private function refuseTaken(LibraryValue $value, ValueForm $form, bool $nameHereOnly): void
    {
        $others = LibraryValue::query()->where('axis_id', $value->axis_id)->whereKeyNot($value->id)->get();
        $words = $nameHereOnly ? $form->synonyms : [$form->name->shown, ...$form->synonyms];
        foreach ($others as $other) {
            if ($other->code === $form->code) {
                throw new Refusal(
                    "{$value->axis->name} {$other->name} has the code {$form->code}. Choose another.",
                    RefusalKind::Taken,
                    'code',
                );
            }
            foreach ($words as $word) {
                foreach ([$other->name, ...$other->synonyms] as $taken) {
                    if (Name::of($taken)->is(Name::of($word))) {
                        throw new Refusal(
                            $taken === $other->name
                                ? "{$value->axis->name} has a value “{$other->name}” already."
                                : "“{$taken}” is another word for {$value->axis->name} {$other->name} already.",
                            RefusalKind::Taken,
                            'name',
                        );
                    }
                }
            }
        }
    }
}
