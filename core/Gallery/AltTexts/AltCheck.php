<?php

declare(strict_types=1);

namespace Core\Gallery\AltTexts;

use Core\Gallery\Strip;
use Core\Text\Name;

/**
 * Holds the texts of a product's pictures against each other, gallery by gallery, and proposes others for those that
 * are not good.
 */
final readonly class AltCheck
{
    /**
     * @param  list<Strip>  $strips
     * @param  array<int, string>  $texts  placement id => its text, typed or made
     * @param  array<int, string>  $made  placement id => its text by the pattern
     */
    public function __construct(
        private array $strips,
        private array $texts,
        private array $made,
        private string $productName,
    ) {}

    /** @return array<int, non-empty-list<AltFault>> placement id => what is wrong with its text */
    public function faults(): array
    {
        $faults = [];
        foreach ($this->texts as $id => $text) {
            $own = array_values(
                array_filter([
                    Name::of($text)->is(Name::of($this->productName)) || trim($text) === '' ? AltFault::Gap : null,
                    $this->isTaken($id, $text, $this->texts) ? AltFault::Double : null,
                    mb_strlen($text) > AltText::LONGEST ? AltFault::Long : null,
                ]),
            );
            if ($own !== []) {
                $faults[$id] = $own;
            }
        }

        return $faults;
    }

    /**
     * Texts without a fault in place of those that have one: what the pattern makes, cut at a word where it is too
     * long, numbered where a gallery has it already.
     *
     * @return array<int, string> placement id => text
     */
    public function proposals(): array
    {
        $texts = $this->texts;
        $proposals = [];
        foreach (array_keys($this->faults()) as $id) {
            $stem = $texts[$id];
            if (mb_strlen($stem) > AltText::LONGEST || trim($stem) === '') {
                $stem = $this->made[$id] ?? $stem;
            }
            for ($number = 1; ; $number++) {
                $ending = $number === 1 ? '' : ", {$number}";
                $text = $this->cut($stem, AltText::LONGEST - mb_strlen($ending)) . $ending;
                if (!$this->isTaken($id, $text, $texts)) {
                    break;
                }
            }
            if ($text !== $texts[$id]) {
                $texts[$id] = $proposals[$id] = $text;
            }
        }

        return $proposals;
    }

    /** @param  array<int, string>  $texts */
    private function isTaken(int $id, string $text, array $texts): bool
    {
        $name = Name::of($text);
        foreach ($this->strips as $strip) {
            if (isset($strip->shownBy[$id])) {
                foreach (array_keys($strip->shownBy) as $other) {
                    if ($other !== $id && isset($texts[$other]) && Name::of($texts[$other])->is($name)) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    private function cut(string $text, int $most): string
    {
        if (mb_strlen($text) <= $most) {
            return $text;
        }
        $start = mb_substr($text, 0, $most);

        return rtrim((string) preg_replace('/\s+\S*$/u', '', $start), ' ,;–-');
    }
}
