<?php

declare(strict_types=1);

namespace App\Accounts;

use RuntimeException;

/**
 * The passwords that most people take, which are tried first. The list is that of the package
 * @zxcvbn-ts/language-common (MIT), as the screens are built with it.
 */
final class CommonPasswords
{
    /** Letters that a word of the list has at least: shorter ones are part of anything. */
    private const LEAST = 4;

    /** @var ?array<string, int> */
    private ?array $all = null;

    /** @param  string  $list  the file: JSON, the most used first */
    public function __construct(private readonly string $list) {}

    /** Whether it is one of them, alone, twice in a row, or with digits and signs around it. */
    public function has(string $plain): bool
    {
        $bare = mb_strtolower($plain);
        $word = (string) preg_replace('/^[^\p{L}]+|[^\p{L}]+$/u', '', $bare);
        $half = mb_substr($bare, 0, intdiv(mb_strlen($bare), 2));
        $isTwice = $half !== '' && $half . $half === $bare;

        return $this->isListed($bare) || $this->isListed($word) || ($isTwice && $this->isListed($half));
    }

    private function isListed(string $word): bool
    {
        return mb_strlen($word) >= self::LEAST && isset($this->all()[$word]);
    }

    /** @return array<string, int> */
    private function all(): array
    {
        if ($this->all === null) {
            $list = json_decode((string) @file_get_contents($this->list), true);
            if (!is_array($list)) {
                throw new RuntimeException(
                    "The list of common passwords is not there: {$this->list}. Build the screens again.",
                );
            }
            $this->all = array_flip(array_filter($list, is_string(...)));
        }

        return $this->all;
    }
}
