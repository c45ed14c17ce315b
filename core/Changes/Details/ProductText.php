<?php

declare(strict_types=1);

namespace Core\Changes\Details;

use Core\Product\ProductDetails;
use Core\Refusal;
use Core\RefusalKind;

/** A text that a product has of its own. */
enum ProductText: string
{
    case Name = 'name';
    case Description = 'description';
    case Brand = 'brand';
    case Category = 'category';

    /** Characters that it can have at most. */
    public function longest(): int
    {
        return match ($this) {
            self::Name => 120,
            self::Description => 20_000,
            self::Brand => 80,
            self::Category => 200,
        };
    }

    /**
     * @return string as it is kept
     *
     * @throws Refusal where it is missing or too long
     */
    public function read(string $typed): string
    {
        $text = trim($typed);
        if ($this === self::Name && $text === '') {
            throw new Refusal('The name cannot be empty.', RefusalKind::Missing, 'value');
        }
        if (mb_strlen($text) > $this->longest()) {
            throw new Refusal(
                "That is longer than this field can hold ({$this->longest()} characters).",
                RefusalKind::Unreadable,
                'value',
            );
        }

        return $text;
    }

    public function of(ProductDetails $details): string
    {
        return match ($this) {
            self::Name => $details->name,
            self::Description => $details->description,
            self::Brand => $details->brand,
            self::Category => $details->category,
        };
    }

    public function said(ProductDetails $details, string $text): ProductDetails
    {
        return match ($this) {
            self::Name => $details->with(['name' => $text]),
            self::Description => $details->with(['description' => $text]),
            self::Brand => $details->with(['brand' => $text]),
            self::Category => $details->with(['category' => $text]),
        };
    }
}
