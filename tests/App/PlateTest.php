<?php

declare(strict_types=1);

namespace Tests\App;

use App\Formats\Plate\PlateSvg;
use App\Formats\UnreadableFile;
use App\Models\Company;
use App\Models\PlateRow;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\HttpFoundation\Response;

/** Drawings and photographs of figures, friendly and hostile. */
final class PlateTest extends TestCase
{
    private const SVG = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 200">%s</svg>';

    public function testShapesNamedAfterAreasAreGivenToThem(): void
    {
        $this->signIn();
        $answer = $this->send(
            sprintf(
                self::SVG,
                '<g data-area="Coat"><path data-tone="plane" d="M10 10L90 10L50 90Z"/><path data-tone="recess" d="M50 '
                    .'10L90 10L50 90Z"/></g><rect id="lantern" x="10" y="100" width="80" height="9"/><circle cx="9" cy="9" r="4"/>',
            ),
        )->assertOk();

        $this->assertAnswers('plate_answer', $answer);
        $coat = $this->areaId('Coat');
        self::assertSame(
            [[$coat, 'plane'], [$coat, 'recess'], [$this->areaId('Lantern'), 'plane'], [null, 'plane']],
            array_map(static fn (array $s): array => [$s['area'], $s['tone']], (array) $answer->json('company.plate.shapes')),
        );
        self::assertSame([100, 200], [$answer->json('company.plate.width'), $answer->json('company.plate.height')]);

        $given = $this->putJson(
            $this->url(),
            ['given' => [['shape' => 3, 'area' => $coat, 'tone' => 'ridge']], 'removed' => [2]],
        )->assertOk();
        self::assertSame(
            [[$coat, 'plane'], [$coat, 'recess'], [$coat, 'ridge']],
            array_map(static fn (array $s): array => [$s['area'], $s['tone']], (array) $given->json('company.plate.shapes')),
        );
        $this->assertRefused(
            422,
            'The drawing has no shape 10: it has 3.',
            $this->putJson($this->url(), ['given' => [['shape' => 9, 'area' => $coat, 'tone' => 'plane']]]),
        );
        $this->assertRefused(
            422,
            'has no such area',
            $this->putJson($this->url(), ['given' => [['shape' => 0, 'area' => 99999, 'tone' => 'plane']]]),
        );
        $this->assertRefused(
            422,
            'recess, plane or ridge',
            $this->putJson($this->url(), ['given' => [['shape' => 0, 'area' => $coat, 'tone' => 'pink']]]),
        );
        self::assertFalse($this->deleteJson($this->url())->assertOk()->json('company.plate.own'), 'that of its sort of model is back');
        $this->assertRefused(422, 'has no drawing yet', $this->putJson($this->url(), ['removed' => [0]]));
    }

    public function testNothingOfAHostileDrawingIsKept(): void
    {
        $this->signIn();
        $answer = $this->send(
            sprintf(
                self::SVG,
                '<script>alert(1)</script><a href="javascript:alert(1)"><path d="M0 0L1 1L2 '
                    .'0Z"/></a><foreignObject><b xmlns="http://www.w3.org/1999/xhtml" '
                        .'onclick="x()">hi</b></foreignObject><image href="http://elsewhere.example/x.png"/><use '
                            .'href="#a"/><style>@import url(http://elsewhere.example)</style><path d="M0 0L9 9L9 0Z" '
                                .'onload="alert(1)" style="fill:url(http://elsewhere.example)" data-area="Coat&quot; onload=&quot;x"/>',
            ),
        )->assertOk();
        $kept = (string) json_encode(PlateRow::query()->firstOrFail()->shapes);

        self::assertCount(1, (array) $answer->json('company.plate.shapes'));
        foreach (['script', 'alert', 'http', 'onload=', 'onclick', 'javascript', 'url('] as $trace) {
            self::assertStringNotContainsString($trace, $kept);
        }
        self::assertStringContainsString('1 × script', (string) $answer->json('left_out'));
        self::assertStringContainsString('1 × foreignobject', (string) $answer->json('left_out'));
    }

    #[DataProvider('broken')]
    public function testDrawingsThatAreRefused(string $svg, string $sentence): void
    {
        $this->signIn();
        $this->assertRefused(422, $sentence, $this->send($svg));
        self::assertSame(0, PlateRow::query()->count());
    }

    /** @return iterable<string, array{string, string}> */
    public static function broken(): iterable
    {
        $laughs = '<!DOCTYPE svg [<!ENTITY a "ha"><!ENTITY b "&a;&a;&a;&a;&a;&a;&a;&a;">]>'.sprintf(
            self::SVG,
            '<path d="M0 0L1 1L2 0Z"/><text>&b;</text>',
        );
        yield 'billion laughs' => [$laughs, 'declares entities of its own'];
        yield 'a file of the machine' => [
            '<!DOCTYPE svg [<!ENTITY x SYSTEM "file:///etc/passwd">]>'.sprintf(self::SVG, '<text>&x;</text>'),
            'declares entities',
        ];
        yield 'a parameter entity' => [
            '<!DOCTYPE svg SYSTEM "x" [<!ENTITY % p SYSTEM "http://elsewhere.example/x.dtd">%p;]>'.sprintf(self::SVG, '<path d="M0 0Z"/>'),
            'declares entities',
        ];
        yield 'a page' => ['<html xmlns="http://www.w3.org/1999/xhtml"><body/></html>', 'begins with <html>'];
        yield 'words' => ['not a drawing at all', 'is not an SVG drawing'];
        yield 'nothing' => ['', 'is not an SVG drawing'];
        yield 'cut short' => [substr(sprintf(self::SVG, '<path d="M0 0L1 1L2 0Z"/>'), 0, -9), 'is not an SVG drawing'];
        yield 'without size' => ['<svg xmlns="http://www.w3.org/2000/svg"><path d="M0 0L1 1L2 0Z"/></svg>', 'does not say how large'];
        yield 'as large as a house' => [
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 1e9 1e9"><path d="M0 0L1 1L2 0Z"/></svg>',
            'at most 20000 along a side',
        ];
        yield 'without shapes' => [sprintf(self::SVG, '<text>figure</text><path d="M0 0L9 9" fill="none"/>'), 'No filled shape'];
        yield 'too many bytes' => [sprintf(self::SVG, '<path d="M0 0L1 1L2 0Z"/>'.str_repeat(' ', 600_001)), 'at most 600 kB'];
        yield 'too many shapes' => [sprintf(self::SVG, str_repeat('<path d="M0 0L1 1L2 0Z"/>', 601)), 'more than 600 shapes'];
        yield 'too deep' => [
            sprintf(self::SVG, str_repeat('<g>', 60).'<path d="M0 0L1 1L2 0Z"/>'.str_repeat('</g>', 60)),
            'more than 40 deep',
        ];
        yield 'one endless outline' => [sprintf(self::SVG, '<path d="M0 0'.str_repeat('L1 1', 9000).'Z"/>'), 'at most 30000'];
    }

    /** Whatever comes in, only outlines of numbers come out, or one sentence. */
    public function testFuzzedDrawingsNeverBreakIt(): void
    {
        $good = (string) file_get_contents(database_path('demo/plates/lamplighter.svg'));
        $dice = new Randomizer(new Mt19937(66));
        $read = 0;
        for ($i = 0; $i < 200; ++$i) {
            $svg = $good;
            for ($k = 0; $k < 4; ++$k) {
                $at = $dice->getInt(0, strlen($svg) - 1);
                $svg = substr($svg, 0, $at).substr(
                    $dice->shuffleBytes('<>"&;MLZ0 '),
                    0,
                    $dice->getInt(0, 5),
                ).substr($svg, $at + $dice->getInt(0, 9));
            }
            try {
                foreach (PlateSvg::read($svg)->shapes as $shape) {
                    self::assertMatchesRegularExpression('/^\s*[Mm][MmZzLlHhVvCcSsQqTtAa\d\s.,eE+-]*$/D', $shape['d']);
                    self::assertMatchesRegularExpression('/^(matrix\([-\d. ]+\))?$/D', $shape['turn']);
                }
                ++$read;
            } catch (UnreadableFile $problem) {
                self::assertStringEndsWith('Nothing was taken.', $problem->getMessage());
            }
        }
        self::assertGreaterThan(0, $read);
        self::assertLessThan(200, $read);
    }

    public function testTransformsAreCarried(): void
    {
        $read = PlateSvg::read(
            sprintf(self::SVG, '<g transform="translate(10,20) scale(2)"><path d="M0 0L1 1L2 0Z" transform="rotate(90)"/></g>'),
        );

        // By hand: first turned by 90°, (x, y) → (−y, x), then doubled and moved: (10 − 2y, 20 + 2x).
        self::assertSame('matrix(0 2 -2 0 10 20)', $read->shapes[0]['turn']);
    }

    public function testTheThreeDrawingsOfTheSampleShowTheirAreas(): void
    {
        $this->artisan('kalokroma:demo')->assertSuccessful();
        foreach (Company::query()->with('plate', 'areas')->get() as $company) {
            $shapes = $company->plate->shapes ?? [];
            self::assertSame([], array_filter($shapes, static fn (array $s): bool => $s['area'] === null), $company->name);
            $tones = [];
            foreach ($shapes as $shape) {
                $tones[$shape['area']][$shape['tone']] = true;
            }
            self::assertCount($company->areas->count(), $tones, $company->name.': every area is drawn');
            self::assertSame([3], array_values(array_unique(array_map(count(...), $tones))), $company->name.': in three tones');
        }
    }

    public function testAPhotographIsKeptAsGreyValuesWithoutItsData(): void
    {
        $this->signIn();
        $answer = $this->send(self::jpeg(1600, 1200, 'GPS 53.1 N'), 'photo.jpg')->assertOk();
        self::assertSame([1200, 900], [$answer->json('company.plate.width'), $answer->json('company.plate.height')]);
        $picture = $this->get('/api/companies/'.$this->company().'/plate/picture')->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        $bytes = (string) $picture->getContent();
        self::assertStringNotContainsString('GPS', $bytes);
        $pixel = imagecolorat(imagecreatefromstring($bytes) ?: self::fail('not a picture'), 600, 450);
        self::assertEqualsWithDelta($pixel >> 16 & 0xFF, $pixel & 0xFF, 3, 'grey');

        $coat = $this->areaId('Coat');
        $traced = $this->putJson(
            $this->url(),
            ['outlines' => [['area' => $coat, 'tone' => 'plane', 'points' => [[10, 10], [400, 20], [200, 5000]]]]],
        )->assertOk();
        self::assertSame('M10.0 10.0L400.0 20.0L200.0 900.0Z', $traced->json('company.plate.shapes.0.d'), 'points stay inside the picture');
        $this->assertRefused(
            422,
            '3 to 400 points',
            $this->putJson($this->url(), ['outlines' => [['area' => $coat, 'tone' => 'plane', 'points' => [[1, 1]]]]]),
        );
        $this->assertRefused(
            422,
            'each as two numbers',
            $this->putJson($this->url(), ['outlines' => [['area' => $coat, 'tone' => 'plane', 'points' => [['a', 'b'], [1, 2], [3, 4]]]]]),
        );
    }

    public function testPicturesThatAreRefused(): void
    {
        $this->signIn();
        $huge = "\x89PNG\r\n\x1a\n".pack('N', 13).'IHDR'.pack('NN', 60000, 60000)."\x08\x02\x00\x00\x00".pack('N', 0);
        $this->assertRefused(422, 'The picture is 60000 × 60000 pixels', $this->send($huge, 'huge.png'));
        $this->assertRefused(422, 'broken', $this->send(substr(self::png(40, 40), 0, 60), 'cut.png'));
        $this->assertRefused(422, 'not an SVG drawing', $this->send("GIF89a\x01\x00", 'small.gif'));
        $this->assertRefused(422, 'did not arrive', $this->postJson($this->url()));
        self::assertSame(0, PlateRow::query()->count());
    }

    /** @return TestResponse<Response> */
    private function send(string $bytes, string $name = 'figure.svg'): TestResponse
    {
        return $this->post(
            $this->url(),
            ['file' => UploadedFile::fake()->createWithContent($name, $bytes)],
            ['Accept' => 'application/json'],
        );
    }

    private function url(): string
    {
        return '/api/companies/'.$this->company().'/plate';
    }

    private function company(): int
    {
        return (int) Company::query()->value('id');
    }

    private function areaId(string $name): ?int
    {
        return Company::query()->with('areas')->firstOrFail()->areas->firstWhere('name', $name)?->id;
    }

    private static function jpeg(int $width, int $height, string $comment): string
    {
        $image = imagecreatetruecolor(max(1, $width), max(1, $height));
        imagefill($image, 0, 0, 0xA04030);
        ob_start();
        imagejpeg($image);
        $bytes = (string) ob_get_clean();

        return substr($bytes, 0, 2)."\xFF\xFE".pack('n', strlen($comment) + 2).$comment.substr($bytes, 2);
    }

    private static function png(int $width, int $height): string
    {
        ob_start();
        imagepng(imagecreatetruecolor(max(1, $width), max(1, $height)));

        return (string) ob_get_clean();
    }
}
