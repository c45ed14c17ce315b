<?php

declare(strict_types=1);

namespace App\Http\Controllers\Product;

use App\Actions\Skus\AllocateGtins;
use App\Actions\Skus\ApplyCodePattern;
use App\Http\BoardResponder;
use App\Http\Requests\CodesRequest;
use App\Http\Screens\Board\LabelScreen;
use App\Models\GtinRangeRecord;
use App\Store\Products\CatalogLookup;
use App\Store\Products\CodePatterns;
use App\Store\Products\ProductLoader;
use Core\Changes\Skus\NumberFromRange;
use Core\Codes\Gtin;
use Core\Codes\UnreadableGtin;
use Core\Product\ChosenSkus;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

/** Codes by a pattern, GTINs out of a range, and labels with barcodes. */
final readonly class CodeController
{
    public function __construct(
        private BoardResponder $board,
        private ProductLoader $loader,
        private CodePatterns $patterns,
    ) {}

    /** What becomes of the codes of the product by a pattern. */
    public function plan(CodesRequest $request, ApplyCodePattern $action): View
    {
        $loaded = $this->loader->again($request->product());
        $patternId = $request->has('pattern') ? $this->patternId($request) : $loaded->product->code_pattern_id;

        return view('board.codes', [
            'product' => $loaded->product,
            'loaded' => $loaded,
            'patterns' => $this->patterns->all(),
            'patternId' => $patternId,
            'typedToo' => $request->boolean('typed_too'),
            'plan' => $action->plan($loaded, $patternId, $this->chosen($request), $request->boolean('typed_too')),
        ]);
    }

    public function apply(CodesRequest $request, ApplyCodePattern $action): Response
    {
        return $this->board->fragment(
            $request,
            $action->run(
                $request->change(),
                $this->patternId($request),
                $this->chosen($request),
                $request->boolean('typed_too'),
            ),
        );
    }

    /** Which GTINs the selected SKUs would be given. */
    public function gtinPlan(CodesRequest $request, CatalogLookup $catalog): View
    {
        $chosen = $this->loader->again($request->product())->core->chosen($request->selection());
        $ranges = $this->patterns->ranges();
        $range =
            array_values(
                array_filter($ranges, fn(GtinRangeRecord $one): bool => $one->id === $request->integer('range')),
            )[0] ??
            ($ranges[0] ?? null);
        [$numbers, $problem] = $this->next($chosen, $range, $catalog);

        return view('board.gtins', [
            'product' => $request->product(),
            'chosen' => $chosen,
            'lacking' => NumberFromRange::lacking($chosen),
            'ranges' => $ranges,
            'range' => $range,
            'numbers' => $numbers,
            'last' => $numbers[count($numbers) - 1] ?? '',
            'problem' => $problem,
            'restriction' => $numbers === [] ? null : Gtin::restriction($numbers[0]),
        ]);
    }

    public function allocate(CodesRequest $request, AllocateGtins $action): Response
    {
        return $this->board->fragment(
            $request,
            $action->run($request->change(), $request->selection(), $request->integer('range')),
        );
    }

    /** Labels of the selected SKUs, to be printed. */
    public function labels(CodesRequest $request): View
    {
        $loaded = $this->loader->again($request->product());
        $copies = $request->input('copies', []);

        return view('labels.page', [
            'product' => $loaded->product,
            'screen' => new LabelScreen(
                $loaded,
                $loaded->core->chosen($request->selection())->some(),
                is_array($copies) ? array_map(intval(...), $copies) : [],
            ),
            'selected' => $request->selectedKey(),
        ]);
    }

    /** @return array{list<string>, string} the numbers, or why there are none */
    private function next(ChosenSkus $chosen, ?GtinRangeRecord $range, CatalogLookup $catalog): array
    {
        if ($range === null) {
            return [[], ''];
        }
        try {
            return [NumberFromRange::next($range->toCore(), count(NumberFromRange::lacking($chosen)), $catalog), ''];
        } catch (UnreadableGtin $exhausted) {
            return [[], $exhausted->getMessage()];
        }
    }

    private function patternId(CodesRequest $request): ?int
    {
        return $request->integer('pattern') === 0 ? null : $request->integer('pattern');
    }

    /** @return array<string, string> */
    private function chosen(CodesRequest $request): array
    {
        return $request->choices()->codes;
    }
}
