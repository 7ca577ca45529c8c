package org.vatwright.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;

import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.vatwright.core.dress.Article;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.Raster;
import org.vatwright.files.demo.DemoCommission;
import org.vatwright.files.disk.Limits;
import org.vatwright.files.picture.Pictures;
import org.vatwright.files.project.ProjectFile;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;

/** Pieces of drawings, and articles dressed otherwise than in the project. */
class DressVerbsTest {

    @TempDir
    private static Path folder;
    private static Path project;
    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    @BeforeAll
    static void demo() {
        project = folder.resolve("demo.vatwright");
        ProjectFile.write(DemoCommission.load(), project);
    }

    private int run(String... args) {
        out.getBuffer().setLength(0);
        err.getBuffer().setLength(0);
        return Main.run(args, new PrintWriter(out, true), new PrintWriter(err, true));
    }

    private Path drawing(String body) throws IOException {
        Path file = folder.resolve("drawing.svg");
        Files.writeString(file, "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"200mm\" height=\"100mm\""
                + " viewBox=\"0 0 200 100\">%s</svg>".formatted(body), StandardCharsets.UTF_8);
        return file;
    }

    @Test
    void piecesAreListedWithTheirSharesAndWhatIsOpenIsFound() throws IOException {
        Path file = drawing("""
                <g transform="translate(5 5)"><rect id="front_panel" width="30" height="20" fill="none" stroke="#000"/>
                <path id="flap" d="M 50 0 L 60 0 L 60 20 L 50 20 Z M 52 2 L 52 12 L 58 12 L 58 2 Z"/></g>
                <path d="M 100 0 L 120 0 L 120 20 L 103 4" stroke="#222" fill="none"/>
                <path id="fold" d="M 10 90 L 90 90" stroke="#222"/><line x1="0" y1="0" x2="9" y2="9" stroke="#000"/>
                <text x="5" y="5">no shape</text>""");
        assertThat(run("pieces", file.toString(), "--json")).as(err.toString()).isZero();
        JsonNode told = new ObjectMapper().readTree(out.toString());
        assertThat(told.get("pieces")).hasSize(3);
        assertThat(told.at("/pieces/0/name").asText()).isEqualTo("front panel");
        assertThat(told.at("/pieces/0/closed").asBoolean()).isTrue();
        assertThat(told.at("/pieces/0/areaShare").asDouble()).isCloseTo(600.0 / (600 + 140), within(1e-9));
        assertThat(told.at("/pieces/1/areaShare").asDouble()).as("less its hole").isCloseTo(140.0 / 740, within(1e-9));
        assertThat(told.at("/pieces/2/closed").asBoolean()).isFalse();
        assertThat(told.at("/pieces/2/areaShare").asDouble()).isZero();
        assertThat(told.get("findings")).hasSize(2);
        assertThat(told.at("/findings/0").asText())
                .isEqualTo("open shape 1 is open, its ends lie 5 mm apart; closed it would be a piece");
        assertThat(told.at("/findings/1").asText()).isEqualTo("left out: text");
        assertThat(run("pieces", file.toString())).isZero();
        assertThat(out.toString()).contains("piece    front panel, 81.1 % of all").contains("open     open shape 1");
    }

    @Test
    void aDrawingWithoutClosedShapesIsToldAndABrokenOneRefused() throws IOException {
        assertThat(run("pieces", drawing("<path d='M 0 0 L 9 0 L 9 9' stroke='#000'/>").toString(), "--json")).isZero();
        assertThat(new ObjectMapper().readTree(out.toString()).at("/findings/1").asText())
                .startsWith("there is no closed shape");
        Path broken = Files.writeString(folder.resolve("broken.svg"), "<svg><path");
        assertThat(run("pieces", broken.toString())).isEqualTo(1);
        assertThat(err.toString()).startsWith("vatwright: ").hasLineCount(1);
    }

    private Raster dressed(String... more) {
        Path file = folder.resolve("out.png");
        String[] args = java.util.Arrays.copyOf(new String[]{"dress", project.toString(), "--article", "Crew apron",
                "--dpi", "20", "-o", file.toString()}, 8 + more.length);
        System.arraycopy(more, 0, args, 8, more.length);
        assertThat(run(args)).as(err.toString()).isZero();
        return Pictures.read(file, Limits.STANDARD);
    }

    private static boolean same(Raster a, Raster b, double leftMm, double topMm, double rightMm, double bottomMm) {
        double px = 20 / 25.4;
        for (int y = (int) (topMm * px); y < bottomMm * px; y++) {
            for (int x = (int) (leftMm * px); x < rightMm * px; x++) {
                if (a.at(x, y) != b.at(x, y)) {
                    return false;
                }
            }
        }
        return true;
    }

    @Test
    void anotherDesignIsWornWhereOneWasAndNowhereElse() {
        Raster before = dressed();
        Raster after = dressed("--swap", "Buoys=Terns");
        assertThat(same(before, after, 190, 510, 330, 630)).as("the left pocket wore buoys").isFalse();
        assertThat(same(before, after, 430, 510, 570, 630)).as("the right pocket").isTrue();
        assertThat(same(before, after, 200, 680, 560, 820)).as("the skirt").isTrue();
        assertThat(dressed("--swap", "Buoys=Terns", "--swap", "Terns=Buoys").argb()).isEqualTo(before.argb());
    }

    @Test
    void onePieceLiesOtherwise() {
        Raster before = dressed();
        Raster turned = dressed("--piece", "left pocket:grain=45,scale=60,startX=20,startY=1cm");
        assertThat(same(before, turned, 190, 510, 330, 630)).isFalse();
        assertThat(same(before, turned, 430, 510, 570, 630)).isTrue();
        assertThat(same(before, turned, 270, 130, 480, 330)).as("the bib").isTrue();
        assertThat(dressed("--piece", "left pocket:grain=45", "--piece", "left pocket:scale=60,startX=20mm",
                "--piece", "left pocket:startY=10").argb()).isEqualTo(turned.argb());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "--piece | left pocket | says no piece or not how it lies",
            "--piece | left pocket:grain | has no value",
            "--piece | left pocket:lean=4 | a lay has no lean; it has grain, scale, startX and startY",
            "--piece | left pocket:scale=0 | scale 0 % must be from 1 to 10000 %",
            "--piece | hood:grain=4 | there is no piece hood",
            "--swap | Buoys | names no two designs",
            "--swap | Buoys=Nothing | there is no design Nothing",
            "--swap | Kelp=Buoys | Crew apron does not wear Kelp"})
    void whatCannotBeIsSaidInOneSentence(String option, String value, String why) {
        assertThat(run("dress", project.toString(), "--article", "Crew apron", "--dpi", "20", option, value, "-o",
                folder.resolve("no.png").toString())).isIn(1, 2);
        assertThat(err.toString()).contains(why).hasLineCount(1);
        assertThat(folder.resolve("no.png")).doesNotExist();
    }

    @Test
    void asShapesItSaysWhatIsPixels() throws IOException {
        Path svg = folder.resolve("apron.svg");
        assertThat(run("dress", project.toString(), "--article", "Crew apron", "--px", "600", "--swap", "Buoys=Terns",
                "-o", svg.toString())).as(err.toString()).isZero();
        assertThat(err.toString()).contains("Dungaree is no shape (painted)");
        assertThat(Files.readString(svg)).contains("<title>Crew apron</title>").contains("patternTransform");
        Path pdf = folder.resolve("apron.pdf");
        assertThat(run("dress", project.toString(), "--article", "Crew apron", "--px", "600", "-o", pdf.toString()))
                .isZero();
        assertThat(Files.size(pdf)).isGreaterThan(5000);
    }

    @Test
    void blanksAreListedAndOneIsDressedWithoutAnArticle() throws IOException {
        assertThat(run("blanks", "--json")).isZero();
        JsonNode all = new ObjectMapper().readTree(out.toString()).get("blanks");
        assertThat(all).hasSize(18);
        assertThat(all.get(3)).isEqualTo(new ObjectMapper().readTree(
                "{\"name\":\"Tee\",\"widthMm\":760.0,\"heightMm\":720.0,\"pieces\":4}"));
        assertThat(run("blanks")).isZero();
        assertThat(out.toString()).contains("Deckchair: 760 x 1120 mm, 5 pieces").hasLineCount(18);
        Path file = folder.resolve("tee.png");
        assertThat(run("blanks", "Tee", "--design", "Gangway", "--colourway", "Night Crossing", project.toString(),
                "--px", "380",
                "-o", file.toString())).as(err.toString()).isZero();
        Raster tee = Pictures.read(file, Limits.STANDARD);
        assertThat(tee.width()).isEqualTo(380);
        assertThat(tee.height()).isEqualTo(360);
        assertThat(tee.at(2, 2)).as("around it is nothing").isZero();
        assertThat(tee.at(190, 200) >>> 24).isEqualTo(255);
        Path svg = folder.resolve("mug.svg");
        assertThat(run("blanks", "mug", "--design", "Buoys", project.toString(), "--dpi", "72", "-o", svg.toString()))
                .as(err.toString()).isZero();
        assertThat(Files.readString(svg)).contains("<title>Mug</title>").contains("patternTransform");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"Hat | --design | Buoys | there is no blank Hat; there are Apron",
            "Tee | --colourway | Morning | to dress a blank --design DESIGN is needed",
            "Tee | --design | Fog | there is no design Fog"})
    void aBlankThatCannotBeDressedIsToldInOneSentence(String blank, String option, String value, String why) {
        assertThat(run("blanks", blank, option, value, project.toString(), "--dpi", "20", "-o",
                folder.resolve("none.png").toString())).isIn(1, 2);
        assertThat(err.toString()).contains(why).hasLineCount(1);
        assertThat(folder.resolve("none.png")).doesNotExist();
    }

    @Test
    void facesAreListed() throws IOException {
        assertThat(run("faces", "--json")).isZero();
        JsonNode all = new ObjectMapper().readTree(out.toString()).get("faces");
        assertThat(all).hasSizeGreaterThanOrEqualTo(8);
        assertThat(all.get(0).get("name").asText()).isEqualTo("League Spartan Black");
        assertThat(run("faces")).isZero();
        assertThat(out.toString().lines()).hasSize(all.size()).contains("Roboto Slab Bold");
    }

    /** An H of 40 mm is as high as that; its surround is clear; what it wears is the design's. */
    @Test
    void wordsAreDressedInOneDesignOrInSeveralInTurn() throws IOException {
        Path file = folder.resolve("words.png");
        assertThat(
                run("words", "HIH", "--face", "cabin bold", "--cap", "40mm", "--design", "Gangway", project.toString(),
                        "--dpi", "100", "-o", file.toString()))
                .as(err::toString).isZero();
        Raster words = Pictures.read(file, Limits.STANDARD);
        int first = words.height();
        int last = 0;
        for (int y = 0; y < words.height(); y++) {
            for (int x = 0; x < words.width(); x++) {
                if (words.at(x, y) >>> 24 == 255) {
                    first = Math.min(first, y);
                    last = y;
                }
            }
        }
        assertThat(last + 1 - first).isBetween(156, 158);
        assertThat(words.at(0, 0)).isZero();

        Path turn = folder.resolve("turn.svg");
        assertThat(run("words", "HIH", "--face", "Cabin Bold", "--cap", "40mm", "--design", "Gangway", "--each-letter",
                "Terns,Gangway", "--each-letter", "Quay", project.toString(), "-o", turn.toString())).as(err::toString)
                .isZero();
        String svg = Files.readString(turn);
        assertThat(svg).contains("H, letter 1", "H, letter 3", "id=\"cloth-1\"", "id=\"cloth-2\"");
        assertThat(err.toString()).as("the third letter wears stone").contains("Stone in Quay");

        Path pdf = folder.resolve("words.pdf");
        assertThat(run("words", "Spray\\nTern", "--face", "Leckerli One", "--cap", "1in", "--design", "Gangway",
                project.toString(), "--align", "middle", "--arc", "200mm", "-o", pdf.toString())).as(err::toString)
                .isZero();
        assertThat(Files.size(pdf)).isGreaterThan(1000);
    }

    @Test
    void wordsThatCannotBeSetAreRefusedInASentence() {
        assertThat(run("words", "HIH", "--face", "Nobody", "--cap", "40mm", "--design", "Gangway", project.toString(),
                "--dpi", "50", "-o", folder.resolve("no.png").toString())).isEqualTo(1);
        assertThat(err.toString()).contains("no typeface \"Nobody\"", "Cabin Bold");
        assertThat(run("words", "HIH", "--face", "Cabin Bold", "--cap", "0.1mm", "--design", "Gangway",
                project.toString(), "--dpi", "50", "-o", folder.resolve("no.png").toString())).isEqualTo(2);
        assertThat(err.toString()).contains("height of a capital");
        assertThat(run("words", "HIH", "--face", "Cabin Bold", "--cap", "40mm", "--design", "Gangway",
                project.toString(), "-o", folder.resolve("no.png").toString())).isEqualTo(2);
        assertThat(err.toString()).contains("--dpi N or --px WIDTH");
        assertThat(folder.resolve("no.png")).doesNotExist();
    }

    /** Of an H of 40 mm the cutting line is 2 mm away all around: 4 mm higher; nothing is filled, nothing dressed. */
    @Test
    void cuttingLinesAreWrittenAlone() throws IOException {
        Path file = folder.resolve("cut.svg");
        assertThat(run("words", "H", "--face", "Cabin Bold", "--cap", "40mm", "--design", "Gangway", project.toString(),
                "--cut", "2mm", "-o", file.toString())).as(err::toString).isZero();
        String svg = Files.readString(file);
        assertThat(svg).contains("fill=\"none\"").doesNotContain("pattern", "<image");
        assertThat(Double.parseDouble(svg.replaceAll("(?s).*?height=\"([0-9.]+)mm\".*", "$1"))).as("with 2 mm around")
                .isCloseTo(40 + 4 + 4, org.assertj.core.api.Assertions.within(0.1));
        assertThat(svg.split("M(?=\\d)", -1)).as("one line around one letter").hasSize(2);
        assertThat(run("words", "H", "--face", "Cabin Bold", "--cap", "40mm", "--design", "Gangway", project.toString(),
                "--cut", "2mm", "-o", folder.resolve("no.png").toString(), "--dpi", "50")).isEqualTo(1);
        assertThat(err.toString()).contains("name a file that ends in .svg");
    }

    @Test
    void wordsThatWillNotReadAreToldWithTheScaleThatDoes() {
        assertThat(run("words", "HIH", "--face", "Routed Gothic", "--cap", "20mm", "--design", "Gangway",
                project.toString(), "--dpi", "50", "-o", folder.resolve("thin.png").toString())).isZero();
        assertThat(err.toString())
                .containsPattern("hard to read: strokes are [12]\\.\\d mm broad, the design shows \\d+\\.\\d mm; "
                        + "up to \\d+ % it reads");
        assertThat(run("words", "HIH", "--face", "League Spartan Black", "--cap", "400mm", "--design", "Gangway",
                project.toString(), "--dpi", "20", "-o", folder.resolve("broad.png").toString())).isZero();
        assertThat(err.toString()).doesNotContain("hard to read");
    }

    /** On a line that leans by 45 degrees the picture is about as high as it is wide. */
    @Test
    void wordsStandOnALine() throws IOException {
        Path file = folder.resolve("line.png");
        assertThat(run("words", "HHHHHH", "--face", "Cabin Bold", "--cap", "20mm", "--design", "Gangway",
                project.toString(), "--line", "M 0 0 L 100 100", "--dpi", "50", "-o", file.toString()))
                .as(err::toString)
                .isZero();
        Raster words = Pictures.read(file, Limits.STANDARD);
        assertThat((double) words.width() / words.height()).isBetween(0.85, 1.18);
        assertThat(
                run("words", "HH", "--face", "Cabin Bold", "--cap", "20mm", "--design", "Gangway", project.toString(),
                        "--line", "along there", "--dpi", "50", "-o", file.toString()))
                .isEqualTo(1);
        assertThat(err.toString()).doesNotContain("Exception");
    }

    @Test
    void aTypefaceThatIsMissingIsTold() throws IOException {
        Project demo = ProjectFile.read(project);
        Project other = demo.withArticles(demo.articles().stream().map(a -> a instanceof Article.Lettering l
                ? l.withTypeface("Nobody's Grotesque")
                : a).toList());
        Path file = folder.resolve("other.vatwright");
        ProjectFile.write(other, file);
        assertThat(run("dress", file.toString(), "--article", "Ferry line", "--px", "120", "-o",
                folder.resolve("line.png").toString())).isZero();
        assertThat(err.toString()).contains("there is no typeface Nobody's Grotesque here").hasLineCount(1);
    }
}
