<?php

declare(strict_types=1);

namespace App\Intake\Addresses;

use CurlHandle;

/**
 * Fetches a file from an address of the public network into a file of this machine: bounded in bytes and in time, each
 * redirect looked at as the address itself, connected to the very number that was looked at.
 */
final readonly class PictureFetcher
{
    private const MOST_REDIRECTS = 5;

    private const SECONDS = 30;

    private const CONNECT_SECONDS = 5;

    /** Bytes a second, below which a server is given up after ten seconds. */
    private const SLOWEST = 1_024;

    private const SLOW_SECONDS = 10;

    /** @param  ?int  $mostBytes  null: as many as a picture may have */
    public function __construct(private ?int $mostBytes = null) {}

    /** @throws AddressRefused */
    public function fetch(string $url, string $path): void
    {
        $end = microtime(true) + self::SECONDS;
        for ($redirects = 0; $redirects <= self::MOST_REDIRECTS; $redirects++) {
            $next = $this->ask(PublicAddress::of($url), $path, max(1, (int) ($end - microtime(true))));
            if ($next === null) {
                return;
            }
            $url = $next;
        }
        throw AddressRefused::forGood(
            'It leads on and on to other addresses, more than ' . self::MOST_REDIRECTS . ' times.',
        );
    }

    /** @return ?string where it leads on to; null where it is there */
    private function ask(PublicAddress $address, string $path, int $seconds): ?string
    {
        $most = $this->mostBytes ?? (int) config('slate.photos.most_bytes');
        $file = fopen($path, 'wb') ?: throw AddressRefused::forNow('The server has too little room for the picture.');
        $received = 0;
        $curl = curl_init($address->url);
        curl_setopt_array($curl, [
            CURLOPT_PROTOCOLS => CURLPROTO_HTTP | CURLPROTO_HTTPS,
            CURLOPT_FOLLOWLOCATION => false,
            // The number that was looked at, and no proxy between that would look the name up again.
            CURLOPT_RESOLVE => ["{$address->host}:{$address->port}:{$address->ip}"],
            CURLOPT_PROXY => '',
            CURLOPT_CONNECTTIMEOUT => self::CONNECT_SECONDS,
            CURLOPT_TIMEOUT => $seconds,
            CURLOPT_LOW_SPEED_LIMIT => self::SLOWEST,
            CURLOPT_LOW_SPEED_TIME => self::SLOW_SECONDS,
            CURLOPT_ENCODING => 'identity',
            CURLOPT_HTTPHEADER => ['Accept: image/*,video/*;q=0.5'],
            CURLOPT_USERAGENT => 'Indigo Slate',
            CURLOPT_WRITEFUNCTION => function (CurlHandle $handle, string $piece) use ($file, $most, &$received): int {
                $received += strlen($piece);

                return $received > $most ? -1 : (int) fwrite($file, $piece);
            },
        ]);
        $isDone = curl_exec($curl) !== false;
        $fault = curl_error($curl);
        $status = (int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
        $ip = (string) curl_getinfo($curl, CURLINFO_PRIMARY_IP);
        $next = curl_getinfo($curl, CURLINFO_REDIRECT_URL);
        curl_close($curl);
        fclose($file);
        if ($received > $most) {
            throw AddressRefused::forGood(
                'It sends more than ' . number_format($most / 1_048_576) . ' MB: a picture cannot have that.',
            );
        }
        if (!$isDone) {
            throw AddressRefused::forNow("The server did not answer as it should ({$fault}).");
        }
        if ($ip !== $address->ip && $ip !== '') {
            throw AddressRefused::forGood('Another server answered than the one that was asked.');
        }

        return $this->read($status, is_string($next) ? $next : '');
    }

    private function read(int $status, string $next): ?string
    {
        return match (true) {
            $status === 200 => null,
            $status >= 300 && $status < 400 && $next !== '' => $next,
            in_array($status, [404, 410], true) => throw AddressRefused::forGood('There is nothing at this address.'),
            in_array($status, [401, 403], true) => throw AddressRefused::forGood(
                'The server does not let anybody have it.',
            ),
            $status === 429 || $status >= 500 => throw AddressRefused::forNow(
                "The server is in trouble (it says {$status}).",
            ),
            default => throw AddressRefused::forGood("The server says {$status}, and sends no picture."),
        };
    }
}
