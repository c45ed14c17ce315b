<?php

declare(strict_types=1);

namespace Core\Details;

use Core\CoreException;
use Core\Pricing\Currency;
use Core\Pricing\Money;
use Core\Pricing\PriceEnding;
use Core\Pricing\QuantityBreak;
use Core\Pricing\QuantityBreaks;
use Core\Pricing\Sale;
use Core\Text\Day;
use Core\Text\Name;
use Core\Text\NumberReader;
use Core\Text\UnreadableNumber;

/** Reads what is typed of a product into the one way it is kept, and says what is kept. */
final readonly class DetailReader
{
    private const MOST_UNITS = 9_999_999;

    private const MOST_WORDS = 80;

    private const MOST_SHORT = 500;

    private const MOST_HIGHLIGHTS = 10;

    private const MOST_TAGS = 40;

    private const MOST_PATHS = 10;

    public function __construct(private Currency $currency)
    {
    }

    /**
     * @param  list<string>  $typed  as many fields as the detail has: three of a sale, three to each quantity break, three of a text asked from the buyer, else one
     * @return string as it is kept; empty where nothing was typed
     *
     * @throws CoreException
     */
    public function read(DetailKind $kind, array $typed): string
    {
        $first = trim($typed[0] ?? '');
        if ($kind === DetailKind::Breaks) {
            return QuantityBreaks::typed(array_map(fn (array $row): array => [$row[0], $row[1] ?? '', $row[2] ?? ''], array_chunk($typed, 3)), $this->currency)->text();
        }

        return $first === '' ? '' : match ($kind) {
            DetailKind::Ending => PriceEnding::typed($first, $this->currency)->text(),
            DetailKind::ListPrice, DetailKind::Cost, DetailKind::Surcharge, DetailKind::GiftWrap => Money::typed($first, $this->currency)->shown(),
            DetailKind::Sale => Sale::typed($first, $typed[1] ?? '', $typed[2] ?? '', $this->currency)->text(),
            DetailKind::LowMark, DetailKind::PictureUnits, DetailKind::ProductUnits => (string) $this->units($first, 0),
            DetailKind::Least, DetailKind::Most => (string) $this->units($first, 1),
            DetailKind::Counting => Counting::tryFrom($first)->value ?? throw UnreadableDetail::noCounting($first),
            DetailKind::PreOrder => Day::typed($first)->iso,
            DetailKind::Dimensions => Dimensions::typed($first)->text(),
            DetailKind::Highlights => $this->list($kind, preg_split('/\R/u', $first) ?: [], "\n", self::MOST_HIGHLIGHTS),
            DetailKind::AlsoIn => $this->list($kind, array_map($this->path(...), preg_split('/[|\r\n]/u', $first) ?: []), "\n", self::MOST_PATHS),
            DetailKind::Tags => $this->list($kind, preg_split('/[,;|\r\n]/u', $first) ?: [], ', ', self::MOST_TAGS),
            DetailKind::Condition => Condition::tryFrom(mb_strtolower($first))->value ?? throw UnreadableDetail::noCondition($first),
            DetailKind::Customs => $this->customsCode($first),
            DetailKind::Origin => Country::typed($first)->code,
            DetailKind::BuyerText => BuyerText::typed($first, $typed[1] ?? '', $typed[2] ?? '')->text(),
            DetailKind::ShortText => $this->text($kind, $first, self::MOST_SHORT),
            DetailKind::Kind, DetailKind::Warranty, DetailKind::Tax => $this->text($kind, $first, self::MOST_WORDS),
        };
    }

    /** What is kept, as a person reads it. */
    public function inWords(DetailKind $kind, string $kept): string
    {
        return $kept === '' ? 'none' : match ($kind) {
            DetailKind::Sale => Sale::fromText($kept, $this->currency)->inWords(),
            DetailKind::Breaks => QuantityBreaks::fromText($kept, $this->currency)->inWords(),
            DetailKind::Counting => Counting::from($kept)->inWords(),
            DetailKind::PreOrder => Day::typed($kept)->inWords(),
            DetailKind::Origin => Country::typed($kept)->name(),
            DetailKind::BuyerText => BuyerText::fromText($kept)->inWords(),
            DetailKind::Highlights, DetailKind::AlsoIn => str_replace("\n", '; ', $kept),
            default => $kept,
        };
    }

    /**
     * What is kept of an amount, in another currency: the number stays, rounded where the currency has fewer digits.
     */
    public function inCurrency(DetailKind $kind, string $kept, Currency $other): string
    {
        $money = fn (string $amount): string => Money::of($amount, $this->currency)->roundedIn($other)->shown();

        return $kept === '' || ! $kind->hasMoney() ? $kept : match ($kind) {
            DetailKind::Sale => $this->saleIn($kept, $other),
            DetailKind::Breaks => (string) preg_replace_callback('/(?<= )[\d.]+(?= )/', fn (array $found): string => $money($found[0]), $kept),
            // An ending that the currency cannot have ends nothing any more.
            DetailKind::Ending => str_contains($kept, '.') && $other->digits !== $this->currency->digits ? '' : $kept,
            default => $money($kept),
        };
    }

    /** @return list<Money> the amounts in what is kept; an ending is none */
    public function amounts(DetailKind $kind, string $kept): array
    {
        return $kept === '' ? [] : match ($kind) {
            DetailKind::ListPrice, DetailKind::Cost, DetailKind::Surcharge, DetailKind::GiftWrap => [Money::of($kept, $this->currency)],
            DetailKind::Sale => [Sale::fromText($kept, $this->currency)->price],
            DetailKind::Breaks => array_values(array_filter(array_map(fn (QuantityBreak $break): ?Money => $break->off instanceof Money ? $break->off : null, QuantityBreaks::fromText($kept, $this->currency)->breaks))),
            default => [],
        };
    }

    private function saleIn(string $kept, Currency $other): string
    {
        $sale = Sale::fromText($kept, $this->currency);

        return (new Sale($sale->price->roundedIn($other), $sale->from, $sale->until))->text();
    }

    /**
     * @throws UnreadableDetail
     * @throws UnreadableNumber
     */
    private function units(string $typed, int $least): int
    {
        $number = NumberReader::read($typed);
        if ($number->hasNonZeroFractionalPart() || $number->isLessThan($least) || $number->isGreaterThan(self::MOST_UNITS)) {
            throw UnreadableDetail::noCount($typed, $least, self::MOST_UNITS);
        }

        return $number->toInt();
    }

    /** A path through the tree of categories: "Outerwear > Smocks". */
    private function path(string $typed): string
    {
        return implode(' > ', array_filter(array_map(trim(...), preg_split('/[>›]/u', $typed) ?: []), fn (string $part): bool => $part !== ''));
    }

    /** @throws UnreadableDetail */
    private function customsCode(string $typed): string
    {
        $digits = (string) preg_replace('/[.\s]/u', '', $typed);

        return preg_match('/^\d{6,12}$/', $digits) === 1 ? $digits : throw UnreadableDetail::noCustomsCode($typed);
    }

    /** @throws UnreadableDetail */
    private function text(DetailKind $kind, string $typed, int $most): string
    {
        $text = trim((string) preg_replace('/\s+/u', ' ', $typed));

        return mb_strlen($text) > $most ? throw UnreadableDetail::isTooLong($kind, $most) : $text;
    }

    /**
     * @param  array<string>  $parts
     *
     * @throws UnreadableDetail
     */
    private function list(DetailKind $kind, array $parts, string $between, int $most): string
    {
        $list = [];
        foreach ($parts as $part) {
            $text = $this->text($kind, $part, self::MOST_WORDS * 2);
            if ($text !== '') {
                $list[Name::of($text)->folded] ??= $text;
            }
        }

        return count($list) > $most ? throw UnreadableDetail::areTooMany($kind, $most) : implode($between, $list);
    }
}
