<?php

declare(strict_types=1);

namespace Core\Product\Document;

use Core\Product\ProductState;
use JsonException;
use stdClass;

/**
 * A product that can be carried elsewhere: by names, codes and checksums in the place of ids, as JSON after
 * docs/schema/product.schema.json.
 */
final readonly class ProductDocument
{
    public const FORMAT = 'slate product';

    /** Each version reads the documents of all before it. */
    public const VERSION = 1;

    private const DEPTH = 12;

    /**
     * @param  string  $json  as it is written to a file: one line, the same for the same product
     */
    private function __construct(public string $json, private stdClass $data) {}

    /** @throws UnreadableDocument where the library does not know what the product uses */
    public static function of(ProductState $state, LibraryIndex $library): self
    {
        $data = (new DocumentWriter($state, $library))->write();

        return self::fromJson(
            json_encode($data, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
        );
    }

    /** @throws UnreadableDocument where it is no document of a product, or one of a newer version */
    public static function fromJson(string $json): self
    {
        try {
            $data = json_decode($json, false, self::DEPTH, JSON_THROW_ON_ERROR);
        } catch (JsonException $fault) {
            throw UnreadableDocument::noDocument("it is no JSON ({$fault->getMessage()})");
        }
        if (
            !($data instanceof stdClass) ||
            ($data->format ?? null) !== self::FORMAT ||
            !is_int($data->version ?? null)
        ) {
            throw UnreadableDocument::noDocument('it does not say “format”: “' . self::FORMAT . '” and its version');
        }
        if ($data->version > self::VERSION) {
            throw UnreadableDocument::newer($data->version, self::VERSION);
        }

        return new self($json, $data);
    }

    /** What its product is called by: a code and a name, as they stand there. */
    public function title(): DocumentTitle
    {
        $text = fn(string $name): string => is_string($this->data->{$name} ?? null) ? $this->data->{$name} : '';

        return new DocumentTitle($text('code'), $text('name'), $text('currency'));
    }

    /** @return list<string> checksums of the pictures that it names, each once */
    public function checksums(): array
    {
        preg_match_all('/"(?:sha256|picture)"\s*:\s*"([0-9a-f]{64})"/', $this->json, $found);

        return array_values(array_unique($found[1]));
    }

    /** @return list<string> codes of its SKUs, as they stand there */
    public function skuCodes(): array
    {
        $codes = [];
        foreach (is_array($this->data->skus ?? null) ? $this->data->skus : [] as $sku) {
            if ($sku instanceof stdClass && is_string($sku->code ?? null)) {
                $codes[] = $sku->code;
            }
        }

        return $codes;
    }

    /**
     * The product that the document describes, with what the library lacks of it.
     *
     * @throws UnreadableDocument
     */
    public function read(LibraryIndex $library): ReadProduct
    {
        return (new DocumentReader($this->data, $library))->read();
    }
}
