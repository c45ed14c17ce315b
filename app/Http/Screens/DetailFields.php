<?php

declare(strict_types=1);

namespace App\Http\Screens;

use Brick\Math\BigDecimal;
use Core\Details\BuyerText;
use Core\Details\Condition;
use Core\Details\Country;
use Core\Details\DetailKind;
use Core\Details\Dimensions;
use Core\Details\Unit;
use Core\Pricing\Currency;
use Core\Pricing\Sale;
use Core\Text\NumberReader;

/** The fields in which details are typed. */
final class DetailFields
{
    /**
     * @param  string  $text  as it is kept; empty for nothing
     * @return list<DetailField>
     */
    public static function of(DetailKind $kind, string $text, Currency $currency): array
    {
        $label = $kind->label();

        return match ($kind) {
            DetailKind::Sale => self::sale($text === '' ? null : Sale::fromText($text, $currency), $currency),
            DetailKind::BuyerText => self::buyerText($text === '' ? null : BuyerText::fromText($text)),
            DetailKind::ListPrice => [new DetailField("{$label}, {$currency->code}", self::again($text), hint: 'Recommended, or what it cost before.')],
            DetailKind::Cost => [new DetailField("{$label}, {$currency->code}", self::again($text), hint: 'What it costs the shop. Shoppers never see it.')],
            DetailKind::Surcharge => [new DetailField("{$label}, {$currency->code}", self::again($text), hint: 'Added to the cost of sending each.')],
            DetailKind::GiftWrap => [new DetailField("{$label}, {$currency->code}", self::again($text), hint: 'What wrapping one costs; 0 where it is free. Nothing: not offered.')],
            DetailKind::Ending => [new DetailField($label, $text, hint: $currency->digits === 0 ? 'Such as 80: each goes to the nearest that ends so.' : 'Such as .95 or 9.00: each goes to the nearest that ends so.')],
            DetailKind::LowMark => [new DetailField($label, $text, hint: 'From so many units on stock is shown as low.')],
            DetailKind::PreOrder => [new DetailField($label, $text, 'date', 'Until then it can be ordered ahead, though none is there.')],
            DetailKind::Dimensions => [new DetailField($label, $text, hint: $text === '' ? 'Of what is sent, such as 30 × 20 × 5 cm.' : '= '.Dimensions::fromText($text)->in(str_ends_with($text, 'in') || str_ends_with($text, 'ft') ? Unit::Centimeter : Unit::Inch))],
            DetailKind::ShortText => [new DetailField($label, $text, 'lines', 'A sentence or two.')],
            DetailKind::Highlights => [new DetailField($label, $text, 'lines', 'One to a line, up to ten.')],
            DetailKind::AlsoIn => [new DetailField($label, $text, 'lines', 'One path to a line, such as Gifts > For gardeners.')],
            DetailKind::Tags => [new DetailField($label, $text, hint: 'With commas between.', known: 'tags')],
            DetailKind::Condition => [new DetailField($label, $text, 'select', options: ['' => 'Not said'] + array_column(array_map(fn (Condition $one): array => [$one->value, ucfirst($one->value)], Condition::cases()), 1, 0))],
            DetailKind::Origin => [new DetailField($label, $text, 'select', options: ['' => 'Not said'] + Country::names())],
            DetailKind::Customs => [new DetailField($label, $text, hint: '6 to 12 digits of the tariff.')],
            DetailKind::Kind, DetailKind::Tax, DetailKind::Warranty => [new DetailField($label, $text, known: str_replace(' ', '-', $kind->value))],
            default => [new DetailField($label, $text)],
        };
    }

    /** An amount as it can be typed again. */
    private static function again(string $text): string
    {
        return $text === '' ? '' : NumberReader::again(BigDecimal::of($text));
    }

    /** @return list<DetailField> */
    private static function sale(?Sale $sale, Currency $currency): array
    {
        return [
            new DetailField("Sale price, {$currency->code}", $sale === null ? '' : NumberReader::again($sale->price->amount)),
            new DetailField('From', $sale->from->iso ?? '', 'date'),
            new DetailField('Until', $sale->until->iso ?? '', 'date'),
        ];
    }

    /** @return list<DetailField> */
    private static function buyerText(?BuyerText $text): array
    {
        return [
            new DetailField('Asked from the buyer', $text->asks ?? '', hint: 'Such as Name to embroider.'),
            new DetailField('At least, characters', $text === null ? '' : (string) $text->least, hint: '0: may be left empty.'),
            new DetailField('At most', $text === null ? '' : (string) $text->most),
        ];
    }
}
