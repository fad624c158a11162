<?php

declare(strict_types=1);

namespace NorthSatchel\Wrap;

/**
 * Creator, copyright and the true time of a frame as an XMP packet in a file of its own (ISO 16684-1; IPTC Photo
 * Metadata); the original is not touched.
 */
final class XmpSidecar
{
    private const RDF = 'http://www.w3.org/1999/02/22-rdf-syntax-ns#';

    private const DC = 'http://purl.org/dc/elements/1.1/';

    private const RIGHTS = 'http://ns.adobe.com/xap/1.0/rights/';

    private const PHOTOSHOP = 'http://ns.adobe.com/photoshop/1.0/';

    private const CORE = 'http://iptc.org/std/Iptc4xmpCore/1.0/xmlns/';

    private const EXTENSION = 'http://iptc.org/std/Iptc4xmpExt/2008-02-29/';

    /**
     * @param  \DateTimeImmutable|null  $takenAt  with the zone in which it was taken
     * @param  string  $instructions  to whoever works on the picture (IPTC Core: Instructions)
     */
    public static function of(
        string $creator,
        string $copyright,
        ?\DateTimeImmutable $takenAt = null,
        string $headline = '',
        ?Caption $caption = null,
        string $instructions = '',
    ): string {
        $xml = new \XMLWriter();
        $xml->openMemory();
        $xml->setIndent(true);
        $xml->startElement('x:xmpmeta');
        $xml->writeAttribute('xmlns:x', 'adobe:ns:meta/');
        $xml->startElement('rdf:RDF');
        $xml->writeAttribute('xmlns:rdf', self::RDF);
        $xml->startElement('rdf:Description');
        foreach (
            [
                'rdf:about' => '', 'xmlns:dc' => self::DC, 'xmlns:xmpRights' => self::RIGHTS, 'xmlns:photoshop' => self::PHOTOSHOP,
                'xmlns:Iptc4xmpCore' => self::CORE, 'xmlns:Iptc4xmpExt' => self::EXTENSION,
            ] as $name => $value
        ) {
            $xml->writeAttribute($name, $value);
        }
        if ($takenAt !== null) {
            $xml->writeElement('photoshop:DateCreated', $takenAt->format('Y-m-d\TH:i:sP'));
        }
        if ($headline !== '') {
            $xml->writeElement('photoshop:Headline', self::clean($headline));
        }
        if ($instructions !== '') {
            $xml->writeElement('photoshop:Instructions', self::clean($instructions));
        }
        if ($copyright !== '') {
            $xml->writeElement('xmpRights:Marked', 'True');
        }
        if ($caption !== null && $caption->place !== '') {
            $xml->writeElement('Iptc4xmpCore:Location', self::clean($caption->place));
        }
        self::listed($xml, 'dc:creator', 'rdf:Seq', [$creator]);
        self::listed($xml, 'dc:rights', 'rdf:Alt', $copyright === '' ? [] : [$copyright]);
        self::listed($xml, 'dc:description', 'rdf:Alt', $caption === null || $caption->text === '' ? [] : [$caption->text]);
        self::listed($xml, 'Iptc4xmpExt:PersonInImage', 'rdf:Bag', $caption->people ?? []);
        $xml->endElement();
        $xml->endElement();
        $xml->endElement();

        return '<?xpacket begin="'.
            "\u{FEFF}".
            '" id="W5M0MpCehiHzreSzNTczkc9d"?>'.
            "\n".
            $xml->outputMemory().
            '<?xpacket end="w"?>'.
            "\n";
    }

    /** @param  list<string>  $texts */
    private static function listed(\XMLWriter $xml, string $name, string $kind, array $texts): void
    {
        if ($texts === []) {
            return;
        }
        $xml->startElement($name);
        $xml->startElement($kind);
        foreach ($texts as $text) {
            $xml->startElement('rdf:li');
            if ($kind === 'rdf:Alt') {
                $xml->writeAttribute('xml:lang', 'x-default');
            }
            $xml->text(self::clean($text));
            $xml->endElement();
        }
        $xml->endElement();
        $xml->endElement();
    }

    /** Without what XML 1.0 does not allow. */
    private static function clean(string $text): string
    {
        return (string) preg_replace('/[^\x{9}\x{A}\x{D}\x{20}-\x{D7FF}\x{E000}-\x{FFFD}\x{10000}-\x{10FFFF}]/u', '', $text);
    }
}
