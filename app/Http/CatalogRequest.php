<?php

declare(strict_types=1);

namespace App\Http;

use App\Summaries\Lists\ListQuery;
use App\Summaries\Lists\ListSort;
use Illuminate\Foundation\Http\FormRequest;

/** What of the catalog is asked for, as the address of the page says it. What it does not understand it passes over. */
final class CatalogRequest extends FormRequest
{
    /** @param  ListSort  $usual  how the page is sorted where nobody said how */
    public function asked(ListSort $usual = ListSort::Name, bool $usuallyDown = false): ListQuery
    {
        $filters = [];
        foreach ([...array_keys(ListQuery::FACETS), ListQuery::LACKS] as $facet) {
            $value = $this->word($facet, 200);
            if ($value !== null) {
                $filters[$facet] = $value;
            }
        }
        $sort = ltrim((string) $this->word('sort', 20), '-');

        return new ListQuery(
            (string) $this->word('q', 200),
            $filters,
            ListSort::tryFrom($sort) ?? $usual,
            $sort === '' ? $usuallyDown : str_starts_with((string) $this->word('sort', 20), '-'),
            $this->word('after', 600),
            $this->word('before', 600),
        );
    }

    /** @return array<string, ?string> what is to become of a picture in many products, as ChangePictures reads it */
    public function wantedPicture(): array
    {
        $wanted = [];
        foreach (['photo', 'file', 'way', 'part', 'view', 'other', 'other_file', 'find'] as $field) {
            $wanted[$field] = $this->word($field, 300);
        }

        return $wanted;
    }

    /** @return ?string null for nothing, or for what is no text */
    private function word(string $field, int $most): ?string
    {
        $given = $this->input($field);

        return is_string($given) && $given !== '' ? mb_substr(mb_scrub($given, 'UTF-8'), 0, $most) : null;
    }
}
