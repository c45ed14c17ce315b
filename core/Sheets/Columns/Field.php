<?php

declare(strict_types=1);

namespace Core\Sheets\Columns;

use Core\Details\DetailKind;
use Core\Gallery\Roles\Role;
use Core\Product\SkuField;
use Core\Product\SkuFields;
use Core\Text\Name;

/** What a column of a sheet says, with the name of what it says it of. */
final readonly class Field
{
    /** The same for all headers that mean the same. */
    private string $key;

    private function __construct(public FieldKind $kind, public string $name = '')
    {
        $this->key = $kind->isNamed() ? Name::of("{$kind->value} {$name}")->folded : $this->header();
    }

    public static function of(FieldKind $kind): self
    {
        return new self($kind);
    }

    public static function axis(string $name): self
    {
        return new self(FieldKind::Axis, $name);
    }

    public static function adds(string $axis): self
    {
        return new self(FieldKind::Adds, $axis);
    }

    public static function swatch(string $axis): self
    {
        return new self(FieldKind::Swatch, $axis);
    }

    public static function role(Role $role): self
    {
        return new self(FieldKind::Role, $role->value);
    }

    public static function detail(DetailKind $kind): self
    {
        return new self(FieldKind::Detail, $kind->value);
    }

    /** @param  string  $name  with its kind in brackets where it is not a shown text: "Length (number, cm)" */
    public static function fact(string $name): self
    {
        return new self(FieldKind::Fact, $name);
    }

    public static function text(SkuField $field): self
    {
        return new self(FieldKind::SkuText, $field->key());
    }

    /** The field of a header as we write it, without regard to case; null where it is none of ours. */
    public static function named(string $header): ?self
    {
        $shown = Name::of($header)->shown;
        $folded = Name::of($header)->folded;
        foreach (FieldKind::cases() as $kind) {
            if ($kind->isNamed()) {
                $isSo = str_starts_with($folded, "{$kind->value} ");
                $name = trim(mb_substr($shown, mb_strlen($kind->value)));
                if ($isSo && $name !== '') {
                    return new self($kind, $name);
                }
            } elseif ($folded === $kind->value && !in_array($kind, self::BY_NAME, true)) {
                return new self($kind);
            }
        }

        return self::byItsName($folded);
    }

    private const BY_NAME = [FieldKind::Role, FieldKind::Detail, FieldKind::SkuText];

    private static function byItsName(string $folded): ?self
    {
        $role = Role::tryFrom($folded);
        if ($role !== null && $role !== Role::Swatch) {
            return self::role($role);
        }
        foreach (SkuFields::texts() as $field) {
            if (str_replace('-', ' ', $field->key()) === $folded) {
                return self::text($field);
            }
        }
        $kind = DetailKind::tryFrom($folded);

        return $kind === null ? null : self::detail($kind);
    }

    /** As it stands in our header: "axis Color", "base price", "lead". */
    public function header(): string
    {
        return match (true) {
            $this->kind->isNamed() => "{$this->kind->value} {$this->name}",
            $this->kind === FieldKind::SkuText => str_replace('-', ' ', $this->name),
            $this->name !== '' => $this->name,
            default => $this->kind->value,
        };
    }

    /** The same for all headers that mean the same. */
    public function key(): string
    {
        return $this->key;
    }

    /** The detail that it says; null where it says something else. */
    public function detailKind(): ?DetailKind
    {
        return $this->kind === FieldKind::Detail ? DetailKind::from($this->name) : null;
    }

    /** Whether it is said of the whole product, so that it may stand in the first of its rows only. */
    public function isOfProduct(): bool
    {
        return $this->kind->isOfProduct() || $this->detailKind()?->isOfProduct() === true;
    }
}
