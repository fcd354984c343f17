<?php

declare(strict_types=1);

namespace App\Format;

use Dompdf\Dompdf;
use Dompdf\Options;

/** A page laid out with styles, made into a PDF of A4 sheets with their numbers. Fetches nothing from anywhere. */
final readonly class Paper
{
    private const STYLE = '
        @page { margin: 16mm 15mm 18mm }
        body { font-family: "DejaVu Sans"; font-size: 8.5pt; line-height: 1.35; color: #1d2326 }
        h1 { font-size: 17pt; margin: 0 0 1mm }
        th { font-size: 11pt; text-align: left; padding: 4mm 0 0.8mm; border-bottom: 0.5mm solid #1d2326 }
        p { margin: 0 0 2mm }
        .first { border: 0.4mm solid #1d2326; padding: 2mm 3mm; margin: 2mm 0; page-break-inside: avoid }
        table { width: 100%; border-collapse: collapse }
        td { vertical-align: top; padding: 1.2mm 3mm 1.2mm 0; border-bottom: 0.15mm solid #b9c0c2 }
        tr { page-break-inside: avoid }
        td.tick { width: 5mm }
        td.tick span { display: block; margin-top: 0.7mm; width: 3mm; height: 3mm; border: 0.3mm solid #1d2326 }
        td.time { width: 31mm; font-family: "DejaVu Sans Mono"; font-size: 7.5pt; white-space: nowrap }
        td.who { width: 42mm }
        .small { font-size: 7.5pt; color: #4a5559 }
        footer { position: fixed; bottom: -11mm; left: 0; right: 0; font-size: 7pt; color: #4a5559 }
        footer .page { float: right } footer .page:after { content: "sheet " counter(page) }
    ';

    public function __construct(private string $cache) {}

    /**
     * @param string $body HTML
     * @param string $foot plain text at the foot of each sheet
     */
    public function pdf(string $title, string $body, string $foot, \DateTimeImmutable $made): string
    {
        if (!is_dir($this->cache)) {
            mkdir($this->cache, 0o777, true);
        }
        $pdf = new Dompdf(
            new Options([
                'defaultPaperSize' => 'a4',
                'fontCache' => $this->cache,
                'tempDir' => $this->cache,
                'chroot' => $this->cache,
                'isRemoteEnabled' => false,
                'isPhpEnabled' => false,
                'isJavascriptEnabled' => false,
                'isFontSubsettingEnabled' => true,
            ]),
        );
        $pdf->loadHtml(
            sprintf(
                '<html lang="en"><head><meta charset="utf-8"><title>%s</title><style>%s</style></head><body>' .
                    '<footer><span class="page"></span>%s</footer>%s</body></html>',
                self::text($title),
                self::STYLE,
                self::text($foot),
                $body,
            ),
        );
        $pdf->render();
        foreach (['CreationDate', 'ModDate'] as $when) {
            $pdf->addInfo($when, $made->setTimezone(new \DateTimeZone('UTC'))->format('\D:YmdHis\Z'));
        }

        return $pdf->output();
    }

    public static function text(string $words): string
    {
        return htmlspecialchars($words, \ENT_QUOTES | \ENT_SUBSTITUTE, 'UTF-8');
    }
}
