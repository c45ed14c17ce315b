<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Bounds\ListBound;
use Core\Changes\Matrix\DraftValue;
use Core\Changes\Matrix\LikeChoice;
use Core\Changes\Matrix\MatrixChoices;

/** What a person settles about a change of the matrix, or of codes. */
trait ReadsMatrixChoices
{
    /** Rows of axes that a form has: those of the product, those that go and those that come. */
    private const MOST_AXES = 50;

    /** @return array<string, list<mixed>> */
    private function choiceRules(): array
    {
        $lists = ['homes', 'survivors', 'exchanges', 'heirs', 'as_facts', 'winners', 'roles', 'codes'];
        $rules = array_fill_keys($lists, ['nullable', 'array', ListBound::ofTexts(1_000, 600)]);

        return $rules + [
            'likes' => ['nullable', 'array', new ListBound(self::MOST_AXES, ListBound::ofTexts(1_000, 600))],
            'stock_adds_up' => self::YES,
            'comers_stay' => self::YES,
        ];
    }

    /** What was settled about a change of the matrix. */
    public function choices(): MatrixChoices
    {
        $value = fn(mixed $json): ?DraftValue => (string) $json === '' ? null : DraftValue::fromJson((string) $json);
        $winners = [];
        foreach ($this->fields('winners') as $key => $skuId) {
            $winners[$key === '-' ? '' : (string) $key] = (int) $skuId;
        }
        $exchanges = array_map(strval(...), $this->byId('exchanges'));

        return new MatrixChoices(
            homes: array_filter(array_map($value, $this->fields('homes'))),
            survivors: array_map(intval(...), $this->byId('survivors')),
            stockAddsUp: $this->boolean('stock_adds_up'),
            exchanges: array_filter($exchanges, fn(string $row): bool => $row !== ''),
            heirs: array_map($value, $this->byId('heirs')),
            likes: array_map($this->likes(...), $this->fields('likes')),
            asFacts: array_map(intval(...), array_keys($this->byId('as_facts'))),
            comersStay: $this->boolean('comers_stay'),
            winners: $winners,
            roles: array_map(intval(...), $this->fields('roles')),
            codes: $this->codes(),
        );
    }

    /** @return array<string, string> code that is not free => the one to take in its place */
    public function codes(): array
    {
        return array_filter(array_map(fn(mixed $code): string => trim((string) $code), $this->fields('codes')));
    }

    /** @return list<LikeChoice> */
    private function likes(mixed $row): array
    {
        return array_values(array_filter(array_map($this->like(...), is_array($row) ? $row : [])));
    }

    /** A new value and the id of the one it is made like, as JSON; nothing for none. */
    private function like(mixed $json): ?LikeChoice
    {
        $pair = is_string($json) && $json !== '' ? json_decode($json, true, 2) : null;

        return is_array($pair) && count($pair) === 2 && is_int($pair[1] ?? null)
            ? new LikeChoice(DraftValue::from($pair[0] ?? null), $pair[1])
            : null;
    }
}
