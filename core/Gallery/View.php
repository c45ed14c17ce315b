<?php

declare(strict_types=1);

namespace Core\Gallery;

/** What a picture shows. Shops have views of their own beside the usual ones. */
final readonly class View
{
    /**
     * @param  string  $key  what it is known by; it stays when the view is called something else
     * @param  string  $name  as it is said within a sentence: "size guide"
     * @param  list<string>  $words  by which names of files mean it
     * @param  list<string>  $looseWords  that can mean goods as well: where a name has a plainer word, they say no view
     */
    public function __construct(
        public string $key,
        public string $name,
        public Showing $showing = Showing::Goods,
        public array $words = [],
        public array $looseWords = [],
    ) {}

    /**
     * One of the usual views.
     *
     * @throws UnknownView
     */
    public static function usual(string $key): self
    {
        return Views::usual()->find($key) ?? throw UnknownView::called($key);
    }

    public function is(?self $other): bool
    {
        return $this->key === $other?->key;
    }

    /** As it is said on screen: "Size guide". */
    public function label(): string
    {
        return mb_strtoupper(mb_substr($this->name, 0, 1)) . mb_substr($this->name, 1);
    }
}
