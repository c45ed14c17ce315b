<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PhpParser\Node;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;

/** What the methods of a file say of themselves, read from its syntax. */
final class Methods
{
    /** @return list<string> public methods that throw, and do not say what */
    public static function silent(Source $source): array
    {
        $find = new NodeFinder();
        $silent = [];
        $syntax = (new ParserFactory())->createForNewestSupportedVersion()->parse($source->code) ?? [];
        foreach ($find->findInstanceOf($syntax, Node\Stmt\ClassMethod::class) as $method) {
            $throws = array_filter(
                $find->findInstanceOf($method->stmts ?? [], Node\Expr\Throw_::class),
                // Whatever was caught is thrown again.
                fn(Node\Expr\Throw_ $throw): bool => !($throw->expr instanceof Node\Expr\Variable),
            );
            if ($method->isPublic() && $throws !== [] && !str_contains((string) $method->getDocComment(), '@throws')) {
                $silent[] = "{$source->path} {$method->name->name}() throws, and does not say what";
            }
        }

        return $silent;
    }

    /** @return list<string> methods of six parameters or more; what constructs a value may have them */
    public static function crowded(Source $source): array
    {
        $crowded = [];
        $syntax = (new ParserFactory())->createForNewestSupportedVersion()->parse($source->code) ?? [];
        foreach ((new NodeFinder())->findInstanceOf($syntax, Node\Stmt\ClassMethod::class) as $method) {
            if (count($method->params) > 5 && $method->name->name !== '__construct') {
                $crowded[] = "{$source->path} {$method->name->name}() takes " . count($method->params);
            }
        }

        return $crowded;
    }
}
