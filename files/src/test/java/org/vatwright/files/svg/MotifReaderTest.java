package org.vatwright.files.svg;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.Random;

import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.TileRenderer;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.files.demo.DemoCommission;
import org.vatwright.files.disk.Limits;
import org.vatwright.files.produce.MotifPicture;
import org.vatwright.files.vector.SvgTileWriter;

class MotifReaderTest {

    private static MotifReader.Reading read(String inside) {
        return MotifReader.read(("<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink' "
                + "width='100mm' height='100mm' viewBox='0 0 100 100'>" + inside + "</svg>")
                .getBytes(StandardCharsets.UTF_8), "trial", Limits.STANDARD);
    }

    /** @return the colour at a place of the drawing's 100 x 100, as rrggbb, or "clear" */
    private static String at(MotifReader.Reading reading, int x, int y) {
        Raster picture = MotifPicture.draw(reading, 100);
        int argb = picture.at(x, y);
        return argb >>> 24 == 0 ? "clear" : "%06x".formatted(argb & 0xFFFFFF);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', value = {
            "<rect x='10' y='10' width='50' height='50' fill='teal'/> | 20 | 20 | 008080",
            "<g fill='#f00'><rect width='50' height='50' style='fill:rgb(0,0,255)'/></g> | 9 | 9 | 0000ff",
            "<style>.a{fill:#0a0} g .a{fill:#00a} #b{fill:#a00}</style><g><rect class='a' width='50' height='50'/></g> | 9 | 9 | 0000aa",
            "<style>.a{fill:#0a0} #b{fill:#a00}</style><rect id='b' class='a' width='50' height='50'/> | 9 | 9 | aa0000",
            "<path d='M0 0h60v60h-60zM20 20h20v20h-20z' fill-rule='evenodd'/> | 30 | 30 | clear",
            "<path d='M0 0h60v60h-60zM20 20h20v20h-20z'/> | 30 | 30 | 000000",
            "<defs><path id='p' d='M0 0h20v20h-20z'/></defs><use href='#p' x='40' y='40' fill='lime'/> | 50 | 50 | 00ff00",
            "<symbol id='s' viewBox='0 0 10 10'><rect width='10' height='10' fill='red'/></symbol><use xlink:href='#s' x='20' y='20' width='40' height='40'/> | 55 | 55 | ff0000",
            "<rect width='50' height='50' transform='translate(40 0) rotate(90)' fill='navy'/> | 30 | 30 | 000080",
            "<line x1='0' y1='50' x2='100' y2='50' stroke='#123456' stroke-width='10'/> | 50 | 50 | 123456",
            "<line x1='0' y1='50' x2='100' y2='50' stroke='red' stroke-width='10' stroke-dasharray='10'/> | 15 | 50 | clear",
            "<clipPath id='c'><circle cx='50' cy='50' r='20'/></clipPath><rect width='100' height='100' clip-path='url(#c)' fill='red'/> | 20 | 20 | clear",
            "<clipPath id='c'><circle cx='50' cy='50' r='20'/></clipPath><rect width='100' height='100' clip-path='url(#c)' fill='red'/> | 50 | 50 | ff0000",
            "<linearGradient id='g'><stop offset='0' stop-color='black'/><stop offset='1' stop-color='white'/></linearGradient><rect width='100' height='100' fill='url(#g)'/> | 50 | 50 | 818181",
            "<linearGradient id='a'><stop offset='0' stop-color='red'/><stop offset='1' stop-color='red'/></linearGradient><radialGradient id='g' xlink:href='#a'/><rect width='90' height='90' fill='url(#g)'/> | 50 | 50 | ff0000",
            "<g color='#00ff00'><rect width='50' height='50' fill='currentColor'/></g> | 9 | 9 | 00ff00",
            "<g display='none'><rect width='50' height='50'/></g><rect x='60' width='9' height='9'/> | 9 | 9 | clear",
            "<svg x='50' y='50' width='20' height='20' viewBox='0 0 1 1'><rect width='5' height='5' fill='red'/></svg> | 75 | 75 | clear",
            "<rect width='50' height='50' fill='hsl(120 100% 50%)'/> | 9 | 9 | 00ff00",
            "<pattern id='p' width='20' height='20' patternUnits='userSpaceOnUse'><rect width='10' height='10' fill='red'/><rect x='10' y='10' width='10' height='10' fill='blue'/></pattern><rect x='5' width='90' height='90' fill='url(#p)'/> | 45 | 5 | ff0000",
            "<pattern id='p' width='20' height='20' patternUnits='userSpaceOnUse'><rect width='10' height='10' fill='red'/><rect x='10' y='10' width='10' height='10' fill='blue'/></pattern><rect x='5' width='90' height='90' fill='url(#p)'/> | 55 | 15 | 0000ff",
            "<pattern id='p' width='20' height='20' patternUnits='userSpaceOnUse'><rect width='10' height='10' fill='red'/><rect x='10' y='10' width='10' height='10' fill='blue'/></pattern><rect x='5' width='90' height='90' fill='url(#p)'/> | 55 | 5 | clear",
            "<pattern id='p' width='20' height='20' patternUnits='userSpaceOnUse' x='10' y='10'><rect width='10' height='10' fill='red'/><rect x='10' y='10' width='10' height='10' fill='blue'/></pattern><rect width='90' height='90' fill='url(#p)'/> | 55 | 15 | ff0000",
            "<pattern id='p' width='20' height='20' patternUnits='userSpaceOnUse' patternTransform='scale(2)'><rect width='10' height='10' fill='red'/><rect x='10' y='10' width='10' height='10' fill='blue'/></pattern><rect width='90' height='90' fill='url(#p)'/> | 52 | 12 | ff0000",
            "<pattern id='p' width='20' height='20' patternUnits='userSpaceOnUse' patternTransform='rotate(90)'><rect width='10' height='10' fill='red'/><rect x='10' y='10' width='10' height='10' fill='blue'/></pattern><rect width='90' height='90' fill='url(#p)'/> | 15 | 5 | ff0000",
            "<pattern id='p' width='20' height='20' patternUnits='userSpaceOnUse'><rect width='10' height='10' fill='red'/><rect x='10' y='10' width='10' height='10' fill='blue'/></pattern><pattern id='q' href='#p' patternTransform='translate(10 0)'/><rect width='90' height='90' fill='url(#q)'/> | 15 | 5 | ff0000",
            "<pattern id='p' width='.5' height='1' patternContentUnits='objectBoundingBox'><rect width='.25' height='1' fill='lime'/></pattern><rect x='10' width='80' height='40' fill='url(#p)'/> | 55 | 5 | 00ff00",
            "<pattern id='p' width='20' height='20' patternUnits='userSpaceOnUse' viewBox='0 0 2 2'><rect width='1' height='2' fill='lime'/></pattern><rect width='80' height='40' fill='url(#p)'/> | 25 | 5 | 00ff00",
            "<pattern id='p' width='20' height='20' patternUnits='userSpaceOnUse'><rect width='99' height='10' fill='url(#p)'/><circle r='5' cx='10' cy='10' fill='teal'/></pattern><rect width='80' height='40' fill='url(#p)'/> | 30 | 10 | 008080",
            "<rect width='50' height='50' fill='url(#none) orange'/> | 9 | 9 | ffa500",
            "<polygon points='0,0 60,0 60,60' fill='#abc'/> | 50 | 10 | aabbcc"})
    void whatIsReadIsDrawn(String inside, int x, int y, String colour) {
        assertThat(at(read(inside), x, y)).isEqualTo(colour);
    }

    @Test
    void aPatternBecomesAFillThatIsADesignOfItsOwnAndLiesInTheMotifAsItWasDrawn() {
        MotifReader.Reading reading = read(
                """
                        <pattern id='p' width='8' height='6' patternUnits='userSpaceOnUse' patternTransform='rotate(20) scale(2)'>
                        <rect width='8' height='6' fill='#f1e9d8'/><circle cx='3' cy='3' r='2' fill='#20365f'/></pattern>
                        <circle cx='60' cy='40' r='30' fill='url(#p)'/><rect x='5' y='70' width='30' height='20' fill='url(#p)'/>""");
        assertThat(reading.fills()).hasSize(1);
        Project start = Project.empty("Quay").addDesign(new Design("Ballast", new Repeat(100, 100,
                Arrangement.STRAIGHT), Ink.CLEAR, List.of(),
                new Palette(List.of("Ground"), List.of(
                        new Colourway("Day", List.of(new Rgb(1, 2, 3))))),
                Guides.NONE));
        Design ballast = start.designs().getFirst();
        Project with = start.edit(ballast.id(), d -> MotifDrawing.into(d, 0, reading));
        assertThat(with.designs()).as("it is on the shelf").hasSize(2);
        Design drawn = with.design(ballast.id()).orElseThrow();
        // The motif stands in the middle of the cell; the drawing's middle was at (47.5, 50).
        Raster motif = TileRenderer.render(new Cloth(drawn, drawn.palette().first()),
                TileGrid.ofWidth(drawn.repeat().tile(), 400), Work.on(2));
        Raster alone = MotifPicture.draw(reading, 400);
        int far = 0;
        for (int y = 0; y < 400; y++) {
            for (int x = 0; x < 390; x++) {
                int there = motif.at(x + 10, y);
                int here = alone.at(x, y);
                far += Math.abs((there & 255) - (here & 255)) + Math.abs((there >>> 24) - (here >>> 24)) > 60 ? 1 : 0;
            }
        }
        assertThat(far).as("pixels that differ by much").isLessThan(1600);
    }

    @ParameterizedTest
    @ValueSource(strings = {"gangway", "terns", "wake"})
    void whatIsWrittenAsShapesIsReadBackAsItWas(String id, @TempDir Path folder) {
        Design design = DemoCommission.load().design(new Id(id)).orElseThrow();
        Cloth cloth = new Cloth(design, design.palette().first());
        Path svg = folder.resolve("tile.svg");
        SvgTileWriter.write(cloth, new Density(100), svg, Work.on(2));
        MotifReader.Reading reading = MotifReader.read(svg);
        TileGrid grid = TileGrid.ofWidth(design.repeat().tile(), 200);
        Raster painted = TileRenderer.render(cloth, grid, Work.on(2));
        Raster back = MotifPicture.draw(reading, 200);
        double far = 0;
        for (int i = 0; i < painted.argb().length; i++) {
            for (int shift = 0; shift < 24; shift += 8) {
                far += Math.abs((painted.argb()[i] >>> shift & 255) - (back.argb()[i] >>> shift & 255)) / 3.0;
            }
        }
        assertThat(far / painted.argb().length).as("mean difference of a channel").isLessThan(4);
    }

    /** Two shapes under one opacity do not show through each other. */
    @Test
    void opacityOfAGroupIsThatOfTheWhole() {
        MotifReader.Reading reading = read("<g opacity='0.5'><rect width='60' height='60' fill='red'/>"
                + "<rect x='30' width='60' height='60' fill='blue'/></g>");
        Raster picture = MotifPicture.draw(reading, 100);
        int both = picture.at(40, 30);
        assertThat(both >>> 24).isCloseTo(128, within(1));
        assertThat(both >> 16 & 255).isZero();
        assertThat(picture.at(10, 30) >> 16 & 255).isCloseTo(128, within(1));
    }

    @Test
    void sizesColoursAndWhatIsLeftOutAreTold() {
        MotifReader.Reading reading = read("<rect width='50' height='50' fill='red'/><circle r='9' fill='#ff0000'/>"
                + "<text>words</text><text>more</text><image href='http://example.org/a.png'/>"
                + "<rect width='5' height='5' fill='url(#none)'/><g filter='url(#f)'><rect width='9' height='9'/></g>");
        assertThat(reading.widthMm()).isEqualTo(100, within(1e-9));
        assertThat(reading.palette()).hasSize(2);
        assertThat(reading.findings()).contains("left out: text (2 times)", "left out: image",
                "a filter is not applied", "a fill that cannot be found is left out");
        MotifReader.Reading px = MotifReader.read(
                "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 48 48'><rect width='48' height='48'/></svg>"
                        .getBytes(StandardCharsets.UTF_8),
                "px", Limits.STANDARD);
        assertThat(px.widthMm()).isEqualTo(12.7, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(strings = {"<script>alert(1)</script>", "<text>only words</text>", "", "<path d='nonsense'/>",
            "<use href='http://example.org/x.svg#a'/>", "<g id='a'><use href='#a'/></g>",
            "<rect width='50' height='50' fill='none'/>", "<rect width='-5' height='9'/>"})
    void whatHoldsNothingIsRefusedInASentence(String inside) {
        assertThatThrownBy(() -> read(inside)).isInstanceOf(Refusal.class).hasMessageContaining("trial holds nothing");
    }

    /** Uses that lead to ever more uses, claims of size, entities: refused or cut short, never followed. */
    @Test
    void hostileDrawingsEnd() {
        StringBuilder bomb = new StringBuilder("<defs><g id='g0'><rect width='9' height='9'/></g>");
        for (int i = 1; i < 40; i++) {
            bomb.append("<g id='g%d'>%s</g>".formatted(i, "<use href='#g%d'/>".formatted(i - 1).repeat(10)));
        }
        String many = bomb + "</defs><use href='#g39'/><rect width='9' height='9'/>";
        assertThat(read(many).findings()).isNotEmpty();
        assertThatThrownBy(() -> MotifReader.read(
                "<!DOCTYPE svg [<!ENTITY a 'b'>]><svg xmlns='http://www.w3.org/2000/svg'/>".getBytes(
                        StandardCharsets.UTF_8),
                "e", Limits.STANDARD)).isInstanceOf(Refusal.class).hasMessageContaining("entities");
        assertThatThrownBy(() -> MotifReader.read("<svg xmlns='http://www.w3.org/2000/svg' width='1e9' height='1e9'/>"
                .getBytes(StandardCharsets.UTF_8), "e", Limits.STANDARD)).isInstanceOf(Refusal.class)
                .hasMessageContaining("20,000 mm");
        assertThat(at(read("<rect width='1e300' height='1e300'/><rect width='50' height='50' fill='red'/>"), 9, 9))
                .isEqualTo("ff0000");
    }

    /** Drawings with letters exchanged are read, or refused in a sentence. */
    @Test
    void mutatedDrawingsNeverFail() {
        Random random = new Random(1);
        String good = "<svg xmlns='http://www.w3.org/2000/svg' width='20mm' height='20mm' viewBox='0 0 20 20'><style>"
                + ".a{fill:#123456}</style><defs><linearGradient id='g' x1='0' y1='0' x2='1' y2='1'><stop offset='0' "
                + "stop-color='red'/><stop offset='1' stop-color='#fff'/></linearGradient></defs><g transform='rotate(3)'"
                + " opacity='.5'><path class='a' d='M1 1 L 9 2 C 3 4 5 6 7 8 Z' stroke='blue' stroke-dasharray='1 2'/>"
                + "<circle cx='5' cy='5' r='4' fill='url(#g)'/><use href='#g'/></g></svg>";
        int read = 0;
        for (int n = 0; n < 3000; n++) {
            StringBuilder text = new StringBuilder(good);
            for (int k = 0; k < 1 + random.nextInt(4); k++) {
                text.setCharAt(random.nextInt(text.length()), (char) (32 + random.nextInt(95)));
            }
            try {
                MotifPicture.draw(MotifReader.read(text.toString().getBytes(StandardCharsets.UTF_8), "m",
                        Limits.STANDARD), 20);
                read++;
            } catch (Refusal e) {
                assertThat(e.getMessage()).isNotBlank();
            }
        }
        assertThat(read).isGreaterThan(500);
    }

    /** Numbers, dashes and coordinates that no hand draws: a sentence or a drawing, soon, never a fault of the program. */
    @ParameterizedTest
    @ValueSource(strings = {"<path d='M8 1 7 0 0 4A7 7 11111111111111111111111111111111111111 008 1'/>",
            "<path d='M1 0C.446 0 -1e308 .446 0 1v5 1h5c.554'/>", "<path d='M0 0L1e39 5 5 5z'/>",
            "<path d='M0 0L90 90' stroke='red' stroke-dasharray='0.00001'/>",
            "<path d='M0 0L90 90' stroke='red' stroke-dasharray='4 2 1e39' stroke-dashoffset='1e300'/>",
            "<defs><radialGradient id='g' cx='.5' cy='1e308' r='.4'><stop offset='0' stop-color='red'/>"
                    + "<stop offset='1'/></radialGradient></defs><rect width='9' height='9' fill='url(#g)'/>",
            "<path d='M40 40L98 20 262 20 272 44z' stroke='red' stroke-width='1e308'/>",
            "<g clip-path='url(#c)'><rect width='9' height='9'/></g><clipPath id='c'>"
                    + "<rect width='9' height='9' transform='scale(1e200) scale(1e200)'/></clipPath>",
            "<svg width='1e308' height='9' viewBox='0 0 1e-9 1'><rect width='9' height='9'/></svg>",
            "<circle cx='5' cy='5' r='1e300'/>", "<path d='M0 0Q1e30 1e30 5 5z'/>"})
    @Timeout(20)
    void whatNoHandDrawsIsRefusedOrDrawn(String shape) {
        String svg = "<svg xmlns='http://www.w3.org/2000/svg' width='100mm' height='100mm' viewBox='0 0 100 100'>"
                + shape
                + "</svg>";
        PrintStream out = System.out;
        ByteArrayOutputStream noise = new ByteArrayOutputStream();
        System.setOut(new PrintStream(noise, true, StandardCharsets.UTF_8));
        try {
            MotifReader.Reading reading = MotifReader.read(svg.getBytes(StandardCharsets.UTF_8), "odd",
                    Limits.STANDARD);
            assertThat(MotifPicture.draw(reading, 60).width()).isEqualTo(60);
            assertThat(reading.marks().toString()).doesNotContain("NaN").doesNotContain("Infinity");
        } catch (Refusal e) {
            assertThat(e.getMessage()).contains("odd");
        } finally {
            System.setOut(out);
        }
        assertThat(noise.toString(StandardCharsets.UTF_8)).as("printed by the platform's geometry").isEmpty();
    }

    @Test
    @Timeout(20)
    void aNumberOfAHundredThousandDigitsIsNoNumber() {
        String svg = "<svg xmlns='http://www.w3.org/2000/svg' width='100mm' height='100mm' viewBox='0 0 100 100'>"
                + "<rect width='" + "1".repeat(160_000) + "x' height='5'/><rect width='20' height='10'/></svg>";
        MotifReader.Reading reading = MotifReader.read(svg.getBytes(StandardCharsets.UTF_8), "odd", Limits.STANDARD);
        assertThat(reading.marks()).hasSize(1);
    }
}
