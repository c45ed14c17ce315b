<?php

declare(strict_types=1);

namespace Core\Sheets\Rows;

use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\Reading\GivenRow;
use Core\Text\Name;

/**
 * Says of each row of a sheet which product it is about: by the code of the product, else by the product that has its
 * SKU, else by its name, else by what the codes of its SKUs begin with. A row that says nothing of its product belongs to
 * that above it.
 */
final class RowGrouper
{
    private const FEWEST_LETTERS = 2;

    private ?RowGroup $last = null;

    private readonly bool $hasNames;

    private readonly bool $hasCodes;

    /** Parts of a code that stand for its values. */
    private readonly int $values;

    private readonly Field $code;

    private readonly Field $name;

    private readonly Field $sku;

    /** What the row before said of its product: mostly the next says the same. */
    private string $said = '';

    /** @param  list<Field>  $fields  of the sheet */
    public function __construct(array $fields)
    {
        $this->code = Field::of(FieldKind::Product);
        $this->name = Field::of(FieldKind::Name);
        $this->sku = Field::of(FieldKind::Sku);
        $kinds = array_map(fn(Field $field): FieldKind => $field->kind, $fields);
        $this->hasCodes = in_array(FieldKind::Product, $kinds, true);
        $this->hasNames = in_array(FieldKind::Name, $kinds, true);
        $this->values = count(array_filter($kinds, fn(FieldKind $kind): bool => $kind === FieldKind::Axis));
    }

    /** @param  ?string  $owner  code of the product that has the row's SKU; null where none has it */
    public function group(GivenRow $row, ?string $owner): RowGroup
    {
        return $this->last = $this->found($row, $owner);
    }

    private function found(GivenRow $row, ?string $owner): RowGroup
    {
        $code = $row->text($this->code);
        $name = $row->text($this->name);
        $sku = $row->text($this->sku);
        $said = $code === '' ? '' : "{$code}\n{$name}";
        if ($said !== '' && $said === $this->said && $this->last !== null) {
            return $this->last;
        }
        $this->said = $said;

        return match (true) {
            $code !== '' => RowGroup::coded($code, $name),
            $owner !== null => RowGroup::coded($owner, $name),
            ($this->hasCodes || $this->hasNames) && $name === '' && $this->last !== null => $this->last,
            $name !== '' => RowGroup::named($name, $this->stem($sku)),
            $this->stem($sku) !== '' => RowGroup::coded($this->stem($sku), ''),
            default => RowGroup::single($row->number),
        };
    }

    /** The code of a SKU without the parts that stand for its values: "TB-SMOCK-MOSS-M" with two axes is TB-SMOCK. */
    private function stem(string $code): string
    {
        $code = trim($code);
        if ($this->values === 0) {
            return $code;
        }
        $parts = preg_split('/(?<=.)[-_.\/ ](?=.)/u', $code) ?: [];
        if (count($parts) <= $this->values) {
            return '';
        }
        $values = array_sum(
            array_map(fn(string $part): int => mb_strlen($part) + 1, array_slice($parts, -$this->values)),
        );
        $stem = mb_substr($code, 0, mb_strlen($code) - $values);

        return mb_strlen(Name::of($stem)->bare()) < self::FEWEST_LETTERS ? '' : $stem;
    }
}
