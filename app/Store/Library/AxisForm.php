<?php

declare(strict_types=1);

namespace App\Store\Library;

use Core\Matrix\AxisDisplay;
use Core\Matrix\AxisKind;
use Core\Refusal;
use Core\RefusalKind;
use Core\Text\Name;
use Core\Text\Translations;

/** An axis of the library as a person typed it. */
final readonly class AxisForm
{
    private const MOST_NAME = 60;

    private function __construct(
        public Name $name,
        public AxisKind $kind,
        public AxisDisplay $display,
        public bool $changesPicture,
        public Translations $translations,
    ) {}

    /** @throws Refusal */
    public static function typed(
        string $name,
        string $kind,
        string $display,
        bool $changesPicture,
        string $translations = '',
    ): self {
        $read = Name::of($name);
        if ($read->isEmpty() || $read->isLongerThan(self::MOST_NAME)) {
            throw new Refusal(
                'An axis needs a name of up to ' . self::MOST_NAME . ' characters, such as Size.',
                RefusalKind::Missing,
                'name',
            );
        }
        $kinds = AxisKind::tryFrom($kind) ?? AxisKind::Other;

        return new self(
            $read,
            $kinds,
            AxisDisplay::tryFrom($display) ?? AxisDisplay::usualFor($kinds),
            $changesPicture,
            Translations::read($translations),
        );
    }

    /** @return array<string, mixed> */
    public function row(): array
    {
        return [
            'name' => $this->name->shown,
            'folded' => $this->name->folded,
            'kind' => $this->kind->value,
            'display' => $this->display->value,
            'changes_picture' => (int) $this->changesPicture,
            'translations' => json_encode(
                (object) $this->translations->byTag,
                JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
            ),
        ];
    }
}
