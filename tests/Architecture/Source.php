<?php

declare(strict_types=1);

namespace Tests\Architecture;

use FilesystemIterator;
use PhpToken;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;

/** What a PHP file uses, read from its tokens: classes, global functions, methods, and what it declares. */
final class Source
{
    /** @var list<PhpToken> */
    private readonly array $tokens;

    private readonly string $namespace;

    /** @var array<string, string> alias => full name */
    private readonly array $imports;

    public function __construct(public readonly string $path, public readonly string $code)
    {
        $this->tokens = array_values(
            array_filter(PhpToken::tokenize($code), fn(PhpToken $token): bool => !$token->isIgnorable()),
        );
        $this->namespace = $this->readNamespace();
        $this->imports = $this->readImports();
    }

    /** @return list<self> of all PHP files below a folder, by path: a disk may list them in any order */
    public static function below(string $folder): array
    {
        $sources = [];
        foreach (
            new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS))
            as $file
        ) {
            if ($file->getExtension() === 'php') {
                $sources[] = new self($file->getPathname(), (string) file_get_contents($file->getPathname()));
            }
        }

        usort($sources, fn(self $a, self $b): int => $a->path <=> $b->path);

        return $sources;
    }

    /** The class that the file declares, by its full name. */
    public function className(): string
    {
        return $this->namespace . '\\' . basename($this->path, '.php');
    }

    public function isStrict(): bool
    {
        return preg_match('/^<\?php\s+declare\(strict_types=1\);/', $this->code) === 1;
    }

    /**
     * @return list<string> full names of all classes that are imported, called statically, made, caught, extended or
     *   hinted
     */
    public function classes(): array
    {
        $names = array_values($this->imports);
        foreach ($this->tokens as $at => $token) {
            $isCalled = $this->is($at + 1, '(') && !$this->is($at - 1, T_NEW);
            if ($token->is([T_NAME_FULLY_QUALIFIED, T_NAME_QUALIFIED]) && !$isCalled) {
                $names[] = $token->is(T_NAME_FULLY_QUALIFIED)
                    ? ltrim($token->text, '\\')
                    : $this->resolved($token->text);
            } elseif (
                $token->is(T_STRING) &&
                ($this->is($at + 1, T_DOUBLE_COLON) || $this->is($at - 1, [T_NEW, T_EXTENDS, T_INSTANCEOF]))
            ) {
                $names[] = $this->resolved($token->text);
            }
        }

        return array_values(array_unique(array_diff($names, ['self', 'static', 'parent', $this->namespace, ''])));
    }

    /** @return list<string> global functions that are called or handed on, in small letters */
    public function functions(): array
    {
        $names = [];
        foreach ($this->tokens as $at => $token) {
            $isName = $token->is([T_STRING, T_NAME_FULLY_QUALIFIED]) && $this->is($at + 1, '(');
            if (
                $isName &&
                !$this->is($at - 1, [
                    T_OBJECT_OPERATOR,
                    T_NULLSAFE_OBJECT_OPERATOR,
                    T_DOUBLE_COLON,
                    T_FUNCTION,
                    T_NEW,
                    T_FN,
                ]) &&
                !$this->isAttribute($at)
            ) {
                $names[] = strtolower(ltrim($token->text, '\\'));
            } elseif (
                $token->is([T_EXIT, T_ECHO, T_PRINT, T_EVAL, T_INCLUDE, T_INCLUDE_ONCE, T_REQUIRE, T_REQUIRE_ONCE])
            ) {
                $names[] = strtolower($token->text);
            }
        }

        return array_values(array_unique($names));
    }

    /** @return list<string> names of methods that are called on an object or a class */
    public function methods(): array
    {
        $names = [];
        foreach ($this->tokens as $at => $token) {
            if (
                $token->is(T_STRING) &&
                $this->is($at - 1, [T_OBJECT_OPERATOR, T_NULLSAFE_OBJECT_OPERATOR, T_DOUBLE_COLON]) &&
                $this->is($at + 1, '(')
            ) {
                $names[] = $token->text;
            }
        }

        return array_values(array_unique($names));
    }

    /** @return list<array{string, string}> class and method of each static call */
    public function staticCalls(): array
    {
        $calls = [];
        foreach ($this->tokens as $at => $token) {
            if (
                $token->is([T_STRING, T_NAME_FULLY_QUALIFIED, T_NAME_QUALIFIED]) &&
                $this->is($at + 1, T_DOUBLE_COLON) &&
                $this->is($at + 2, T_STRING) &&
                $this->is($at + 3, '(')
            ) {
                $calls[] = [
                    $token->is(T_NAME_FULLY_QUALIFIED) ? ltrim($token->text, '\\') : $this->resolved($token->text),
                    $this->tokens[$at + 2]->text,
                ];
            }
        }

        return $calls;
    }

    /** @return ?string the module the file is of: "Core\Matrix", "App\Http" */
    public function module(): ?string
    {
        $parts = explode('\\', $this->namespace);

        return isset($parts[1]) ? "{$parts[0]}\\{$parts[1]}" : null;
    }

    /** @return list<string> classes declared here that are neither final nor abstract */
    public function openClasses(): array
    {
        $open = [];
        foreach ($this->tokens as $at => $token) {
            if (
                $token->is(T_CLASS) &&
                $this->is($at + 1, T_STRING) &&
                !$this->is($at - 1, T_DOUBLE_COLON) &&
                !$this->is($at - 1, [T_FINAL, T_ABSTRACT]) &&
                !($this->is($at - 1, T_READONLY) && $this->is($at - 2, [T_FINAL, T_ABSTRACT]))
            ) {
                $open[] = $this->tokens[$at + 1]->text;
            }
        }

        return $open;
    }

    /** @param  int|string|list<int>  $kind */
    private function is(int $at, int|string|array $kind): bool
    {
        return isset($this->tokens[$at]) && $this->tokens[$at]->is($kind);
    }

    private function isAttribute(int $at): bool
    {
        return $this->is($at - 1, T_ATTRIBUTE);
    }

    private function resolved(string $name): string
    {
        $parts = explode('\\', $name, 2);
        $first = $this->imports[$parts[0]] ?? null;

        return match (true) {
            in_array(strtolower($name), ['self', 'static', 'parent'], true) => strtolower($name),
            $first !== null => $first . (isset($parts[1]) ? '\\' . $parts[1] : ''),
            $this->namespace !== '' => $this->namespace . '\\' . $name,
            default => $name,
        };
    }

    private function readNamespace(): string
    {
        foreach ($this->tokens as $at => $token) {
            if ($token->is(T_NAMESPACE) && isset($this->tokens[$at + 1])) {
                return $this->tokens[$at + 1]->text;
            }
        }

        return '';
    }

    /** @return array<string, string> */
    private function readImports(): array
    {
        preg_match_all(
            '/^use\s+(?:function\s+)?\\\\?([\w\\\\]+)(?:\s+as\s+(\w+))?;/m',
            $this->code,
            $found,
            PREG_SET_ORDER,
        );
        $imports = [];
        foreach ($found as $use) {
            $parts = explode('\\', $use[1]);
            $imports[$use[2] ?? end($parts)] = $use[1];
        }

        return $imports;
    }
}
