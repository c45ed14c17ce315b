<?php

declare(strict_types=1);

namespace Core\Sheets\Columns;

use Core\Text\Name;

/** Words that headers of suppliers and tills usually have, in several languages. Common practice, no source. */
final class UsualHeaders
{
    private const WORDS = [
        'product' =>
            'product code, product no, product number, product id, item no, item number, item group, article, ' .
            'article no, article number, style no, style number, style code, parent, parent code, parent sku, model, ' .
            'model no, group, group code, artikel, artikelnummer, artikelnr, artikel nr, modell, modellnummer, ' .
            'reference, ref, référence, réf, code article, codigo, código, referencia, codice, modello, artikelcode',
        'name' =>
            'title, product name, item name, article name, product title, bezeichnung, artikelbezeichnung, ' .
            'artikelname, produktname, titel, nom, désignation, designation, libellé, nombre, título, nome, titolo, naam',
        'description' =>
            'long description, product description, text, beschreibung, artikelbeschreibung, ' .
            'produktbeschreibung, descriptif, descripción, descrizione, omschrijving',
        'brand' => 'brand name, make, maker, manufacturer, marke, hersteller, marque, marca, merk',
        'category' =>
            'categories, category path, department, product group, kategorie, warengruppe, catégorie, ' .
            'categoria, categoría, categorie, rubrik',
        'axis size' =>
            'size, sizes, größe, grösse, groesse, größen, taille, tailles, talla, tallas, taglia, taglie, ' .
            'maat, maten, storlek, rozmiar',
        'axis color' =>
            'color, colour, colors, colours, color name, colour name, farbe, farben, farbname, couleur, ' .
            'couleurs, colore, colori, kleur, kleuren, färg, kolor',
        'sku' =>
            'sku code, sku no, sku number, variant code, variant no, variant sku, item code, stock code, code, ' .
            'seller code, variante, variantennummer, einzelartikel, code sku, lagernummer',
        'gtin' =>
            'ean, ean code, ean13, ean-13, ean 13, gtin13, gtin-13, gtin 13, upc, upc code, barcode, bar code, ' .
            'barcodes, strichcode, code-barres, code barres, código de barras, codice a barre, streepjescode',
        'price' =>
            'retail price, selling price, sales price, unit price, shop price, price eur, price (eur), ' .
            'price gbp, price usd, preis, verkaufspreis, vk, vk-preis, vk preis, prix, prix de vente, precio, prezzo, ' .
            'prijs, verkoopprijs, pris',
        'list price' =>
            'rrp, srp, msrp, recommended price, recommended retail price, uvp, prix conseillé, ' .
            'precio recomendado, adviesprijs',
        'cost' =>
            'cost price, purchase price, buying price, wholesale, wholesale price, trade price, net price, ek, ' .
            'ek-preis, ek preis, einkaufspreis, prix d’achat, prix d\'achat, costo, inkoopprijs',
        'sale price' =>
            'special price, offer price, promo price, aktionspreis, angebotspreis, sonderpreis, prix promo, ' .
            'precio oferta, prezzo scontato, actieprijs',
        'stock' =>
            'qty, quantity, on hand, in stock, stock level, stock qty, units, inventory, bestand, ' .
            'lagerbestand, menge, anzahl, quantité, cantidad, existencias, quantità, giacenza, voorraad, aantal',
        'weight g' => 'weight, gewicht, poids, peso, weight g, weight (g), weight in g, gewicht (g)',
        'weight g@kg' => 'weight kg, weight (kg), weight in kg, gewicht kg, gewicht (kg), poids (kg), peso (kg)',
        'weight g@oz' => 'weight oz, weight (oz)',
        'weight g@lb' => 'weight lb, weight (lb), weight lbs, weight (lbs)',
        'currency' => 'currency code, währung, devise, moneda, valuta',
        'photos' =>
            'photo, picture, pictures, image, images, image file, image files, image url, image urls, ' .
            'picture url, photo url, bild, bilder, bild-url, foto, fotos, fotografie, afbeelding, afbeeldingen, ' .
            'imagen, imágenes, immagine, immagini, bilddatei',
        'customs code' =>
            'hs code, hs-code, tariff code, tariff number, commodity code, taric, zolltarifnummer, ' .
            'warentarifnummer, code douanier, código arancelario',
        'origin' =>
            'country of origin, made in, coo, ursprungsland, herkunftsland, pays d’origine, pays d\'origine, ' .
            'país de origen, paese di origine, land van herkomst',
        'tags' => 'tag, keywords, labels, schlagworte, stichworte, mots-clés, etiquetas',
        'short text' => 'short description, teaser, kurzbeschreibung, kurztext, description courte',
        'care' => 'care instructions, washing, pflege, pflegehinweise, entretien, onderhoud',
        'warranty' => 'guarantee, garantie, garantía, garanzia',
        'maker number' => 'mpn, manufacturer part number, herstellernummer, hersteller-nr',
    ];

    /** @var array<string, string>|null folded header => key of a field, with its unit behind an @ */
    private static ?array $byWord = null;

    /** @return ?array{string, string} header of the field as we write it, and the unit of its cells; null for no word */
    public static function find(string $header): ?array
    {
        if (self::$byWord === null) {
            self::$byWord = [];
            foreach (self::WORDS as $key => $words) {
                foreach (explode(', ', $words) as $word) {
                    self::$byWord[Name::of($word)->folded] = $key;
                }
            }
        }
        $found =
            self::$byWord[Name::of($header)->folded] ?? (self::$byWord[self::plain(Name::of($header)->folded)] ?? null);

        return $found === null ? null : [explode('@', $found)[0], explode('@', "{$found}@")[1]];
    }

    /** "Image 2" and "image_url" as the word alone. */
    private static function plain(string $folded): string
    {
        $words = trim((string) preg_replace('/[\s_.:]+/u', ' ', $folded));

        return trim((string) preg_replace('/[\s#-]*\d{1,2}$/u', '', $words));
    }
}
