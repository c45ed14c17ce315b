<?php

declare(strict_types=1);

namespace Tests\Soak;

use CurlHandle;

/** What a server answered; status 0 where it did not. */
final readonly class Answer
{
    private function __construct(
        public int $status,
        public string $body,
        public string $location,
        public bool $wasKeptBefore,
        public int $version,
    ) {}

    public static function of(CurlHandle $curl, string|bool $got): self
    {
        if (!is_string($got)) {
            return new self(0, '', '', false, 0);
        }
        $size = curl_getinfo($curl, CURLINFO_HEADER_SIZE);
        $header = fn(string $name): string => preg_match(
            "/^{$name}:\\s*(.*?)\\s*$/mi",
            substr($got, 0, $size),
            $found,
        ) === 1
            ? $found[1]
            : '';
        $body = substr($got, $size);
        preg_match('/data-version="(\d+)"/', $body, $shown);

        return new self(
            curl_getinfo($curl, CURLINFO_RESPONSE_CODE),
            $body,
            $header('Location'),
            $header('X-Kept') === '1',
            (int) ($shown[1] ?? $header('X-Version')),
        );
    }
}
