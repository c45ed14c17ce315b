<?php

declare(strict_types=1);

namespace App\Intake\Addresses;

/**
 * An address of the public network, with the number that its name stands for: that number is connected to, and the name
 * is not looked up a second time. Private, local and reserved networks are refused, whichever of the numbers of a name
 * lies in one. Source of the networks: IANA, IPv4 and IPv6 Special-Purpose Address Registries (RFC 6890).
 */
final readonly class PublicAddress
{
    private const PORTS = [80, 443, 8080, 8443];

    private const LONGEST = 1_000;

    /** Those that PHP's own filters let pass. */
    private const RESERVED = [
        '100.64.0.0/10',
        '192.0.0.0/24',
        '192.0.2.0/24',
        '192.88.99.0/24',
        '198.18.0.0/15',
        '198.51.100.0/24',
        '203.0.113.0/24',
        '224.0.0.0/4',
        '64:ff9b::/96',
        '64:ff9b:1::/48',
        '100::/64',
        '2001::/23',
        '2001:db8::/32',
        '2002::/16',
        'fe80::/10',
        'ff00::/8',
    ];

    private function __construct(public string $url, public string $host, public int $port, public string $ip) {}

    /**
     * @param  callable(string): list<string>|null  $look  the numbers of a name; null: as the system's resolver says
     *
     * @throws AddressRefused
     */
    public static function of(string $url, ?callable $look = null): self
    {
        $parts = strlen($url) <= self::LONGEST ? parse_url($url) : false;
        $scheme = strtolower((string) ($parts['scheme'] ?? ''));
        $host = strtolower(trim((string) ($parts['host'] ?? ''), '[]'));
        if ($parts === false || !in_array($scheme, ['http', 'https'], true) || $host === '') {
            throw AddressRefused::forGood('It is no address of the web: it has to begin with http:// or https://.');
        }
        if (isset($parts['user']) || isset($parts['pass'])) {
            throw AddressRefused::forGood('An address with a name or a password in it is not asked.');
        }
        $port = $parts['port'] ?? ($scheme === 'https' ? 443 : 80);
        if ("{$host}:{$port}" === config('slate.supplier')) {
            return new self($url, $host, $port, $host);
        }
        if (!in_array($port, self::PORTS, true)) {
            throw AddressRefused::forGood("Port {$port} is not asked: pictures are fetched from the usual ports only.");
        }
        $ips = filter_var($host, FILTER_VALIDATE_IP) !== false ? [$host] : ($look ?? self::look(...))($host);
        if ($ips === []) {
            throw AddressRefused::forNow("Nobody knows a server called {$host}.");
        }
        foreach ($ips as $ip) {
            if (!self::isPublic($ip)) {
                throw AddressRefused::forGood("{$host} lies in a private network: nothing is fetched from there.");
            }
        }

        return new self($url, $host, $port, $ips[0]);
    }

    public static function isPublic(string $ip): bool
    {
        $flags = FILTER_FLAG_NO_PRIV_RANGE | FILTER_FLAG_NO_RES_RANGE;
        $packed = @inet_pton($ip);
        if ($packed === false || filter_var($ip, FILTER_VALIDATE_IP, $flags) === false) {
            return false;
        }
        // An IPv4 number that is written as one of IPv6 is that of IPv4.
        if (strlen($packed) === 16 && str_starts_with($packed, str_repeat("\0", 10) . "\xff\xff")) {
            return self::isPublic((string) inet_ntop(substr($packed, 12)));
        }
        foreach (self::RESERVED as $network) {
            if (self::isIn($packed, $network)) {
                return false;
            }
        }

        return true;
    }

    private static function isIn(string $packed, string $network): bool
    {
        [$base, $bits] = explode('/', $network);
        $own = (string) inet_pton($base);
        if (strlen($own) !== strlen($packed)) {
            return false;
        }
        $whole = intdiv((int) $bits, 8);
        $rest = (int) $bits % 8;
        if (strncmp($own, $packed, $whole) !== 0) {
            return false;
        }
        $mask = (0xff << (8 - $rest)) & 0xff;

        return $rest === 0 || (ord($own[$whole]) & $mask) === (ord($packed[$whole]) & $mask);
    }

    /** @return list<string> */
    private static function look(string $host): array
    {
        $four = gethostbynamel($host);
        $six = @dns_get_record($host, DNS_AAAA);

        return array_values(array_unique([...$four === false ? [] : $four, ...array_column($six ?: [], 'ipv6')]));
    }
}
