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

    /**
     * @param  \DateTimeImmutable|null  $takenAt  with the zone in which it was taken
     */
    public static function of(string $creator, string $copyright, ?\DateTimeImmutable $takenAt = null, string $headline = ''): string
    {
        $xml = new \XMLWriter();
        $xml->openMemory();
        $xml->setIndent(true);
        $xml->startElement('x:xmpmeta');
        $xml->writeAttribute('xmlns:x', 'adobe:ns:meta/');
        $xml->startElement('rdf:RDF');
        $xml->writeAttribute('xmlns:rdf', self::RDF);
        $xml->startElement('rdf:Description');
        foreach (
            ['rdf:about' => '', 'xmlns:dc' => self::DC, 'xmlns:xmpRights' => self::RIGHTS, 'xmlns:photoshop' => self::PHOTOSHOP] as $name => $value
        ) {
            $xml->writeAttribute($name, $value);
        }
        if ($takenAt !== null) {
            $xml->writeElement('photoshop:DateCreated', $takenAt->format('Y-m-d\TH:i:sP'));
        }
        if ($headline !== '') {
            $xml->writeElement('photoshop:Headline', self::clean($headline));
        }
        $xml->writeElement('xmpRights:Marked', 'True');
        self::listed($xml, 'dc:creator', 'rdf:Seq', self::clean($creator));
        self::listed($xml, 'dc:rights', 'rdf:Alt', self::clean($copyright));
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

    private static function listed(\XMLWriter $xml, string $name, string $kind, string $text): void
    {
        $xml->startElement($name);
        $xml->startElement($kind);
        $xml->startElement('rdf:li');
        if ($kind === 'rdf:Alt') {
            $xml->writeAttribute('xml:lang', 'x-default');
        }
        $xml->text($text);
        $xml->endElement();
        $xml->endElement();
        $xml->endElement();
    }

    /** Without what XML 1.0 does not allow. */
    private static function clean(string $text): string
    {
        return (string) preg_replace('/[^\x{9}\x{A}\x{D}\x{20}-\x{D7FF}\x{E000}-\x{FFFD}\x{10000}-\x{10FFFF}]/u', '', $text);
    }
}
