<?php

declare(strict_types=1);

namespace App\Files;

use Illuminate\Support\Str;

/** The guide for catalog managers: pages of Markdown in docs/guide, with pictures out of docs/screenshots. */
final readonly class Guide
{
    public function __construct(private string $docs) {}

    /** @return array<string, string> name of the page => its title, in order */
    public function titles(): array
    {
        $titles = [];
        foreach (glob("{$this->docs}/guide/*.md") ?: [] as $file) {
            $titles[basename($file, '.md')] = ltrim((string) strtok((string) file_get_contents($file), "\n"), '# ');
        }

        return $titles;
    }

    /**
     * @param  callable(string): string  $page  name of a page => its address
     * @param  callable(string): string  $picture  name of a picture => its address
     * @return ?string the page as HTML; null where there is none of that name
     */
    public function html(string $name, callable $page, callable $picture): ?string
    {
        if (!isset($this->titles()[$name])) {
            return null;
        }
        $text = (string) file_get_contents("{$this->docs}/guide/{$name}.md");
        $text = (string) preg_replace_callback(
            '/\]\(([a-z0-9-]+)\.md\)/',
            fn(array $found): string => '](' . $page($found[1]) . ')',
            $text,
        );
        $text = (string) preg_replace_callback(
            '/\]\(\.\.\/screenshots\/([a-z0-9-]+)\.png\)/',
            fn(array $found): string => '](' . $picture($found[1]) . ')',
            $text,
        );

        return Str::markdown($text, ['html_input' => 'escape', 'allow_unsafe_links' => false]);
    }

    /** @return ?string where a picture of the guide lies; null where there is none of that name */
    public function picture(string $name): ?string
    {
        $path = "{$this->docs}/screenshots/{$name}.png";

        return preg_match('/^[a-z0-9-]+$/D', $name) === 1 && is_file($path) ? $path : null;
    }
}
