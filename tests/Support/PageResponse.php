<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Testing\TestResponse;

/** An answer read as people read it: how a page is broken into lines, and where around its tags, does not matter. */
final class PageResponse extends TestResponse
{
    public function assertSee($value, $escape = true)
    {
        foreach ($this->texts($value, $escape) as $text) {
            expect(self::read((string) $this->getContent()))->toContain($text);
        }

        return $this;
    }

    public function assertDontSee($value, $escape = true)
    {
        foreach ($this->texts($value, $escape) as $text) {
            expect(self::read((string) $this->getContent()))->not->toContain($text);
        }

        return $this;
    }

    public function assertSeeInOrder(array $values, $escape = true)
    {
        $page = self::read((string) $this->getContent());
        $from = 0;
        foreach ($this->texts($values, $escape) as $text) {
            $at = strpos($page, $text, $from);
            expect($at)->not->toBeFalse("“{$text}” does not follow in: " . substr($page, $from, 2000));
            $from = (int) $at + strlen($text);
        }

        return $this;
    }

    public static function read(string $html): string
    {
        return (string) preg_replace(['/\s+/', '/ ?(<[^<>]+>) ?/'], [' ', '$1'], $html);
    }

    /** @return list<string> */
    private function texts(mixed $value, bool $escape): array
    {
        return array_map(
            fn(mixed $text): string => self::read($escape ? e((string) $text) : (string) $text),
            is_array($value) ? array_values($value) : [$value],
        );
    }
}
