package org.vatwright.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;

import javax.imageio.ImageIO;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.vatwright.core.measure.Id;
import org.vatwright.core.project.Project;
import org.vatwright.files.project.ProjectFile;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;

class VerbsTest extends OnTheDemo {

    private BufferedImage picture(String name) throws IOException {
        return ImageIO.read(folder.resolve(name).toFile());
    }

    @Test
    void aFieldOfTwoTilesIsTheTileTwice() throws IOException {
        assertThat(run("tile", project, "--design", "Buoys", "--dpi", "254", "-o", file("tile.png"))).isZero();
        assertThat(run("field", project, "--design", "Buoys", "--size", "192mmx96mm", "--dpi", "254", "-o",
                file("field.png")))
                .isZero();
        BufferedImage tile = picture("tile.png");
        BufferedImage field = picture("field.png");
        assertThat(tile.getWidth()).isEqualTo(960);
        assertThat(field.getWidth()).isEqualTo(1920);
        for (int y = 0; y < field.getHeight(); y++) {
            for (int x = 0; x < field.getWidth(); x++) {
                if (field.getRGB(x, y) != tile.getRGB(x % 960, y % 480)) {
                    throw new AssertionError("pixel %d, %d differs".formatted(x, y));
                }
            }
        }
    }

    @Test
    void fieldsTakeScaleGrainAndStart() throws IOException {
        assertThat(run("field", project, "--design", "Foredeck", "--colourway", "Night Crossing", "--size", "12inx12in",
                "--dpi", "50", "--scale", "37.3", "--grain", "-31", "--start", "1cm,-1/2in", "-o", file("f.jpg")))
                .isZero();
        assertThat(picture("f.jpg").getWidth()).isEqualTo(600);
        assertThat(err.toString()).isEmpty();
    }

    @Test
    void articlesAreDressedAtADensityOrAWidth() throws IOException {
        assertThat(run("dress", project, "--article", "Crew apron", "--px", "380", "-o", file("a.png"))).isZero();
        assertThat(picture("a.png").getWidth()).isEqualTo(380);
        assertThat(picture("a.png").getHeight()).isEqualTo(450);
        assertThat(
                run("dress", project, "--article", "Paper sheet", "--colourway", "Night Crossing", "--dpi", "30", "-o",
                        file("s.tif")))
                .isZero();
        assertThat(picture("s.tif").getWidth()).isEqualTo(360);
    }

    @Test
    void whatMovesIsDrawnAtItsPhase() throws IOException {
        for (String phase : new String[]{"0", "0.25", "1"}) {
            assertThat(run("tile", project, "--design", "Wake", "--px", "120", "--phase", phase, "-o",
                    file(phase + ".png"))).as(err.toString()).isZero();
        }
        assertThat(folder.resolve("1.png")).hasSameBinaryContentAs(folder.resolve("0.png"));
        assertThat(Files.readAllBytes(folder.resolve("0.25.png")))
                .isNotEqualTo(Files.readAllBytes(folder.resolve("0.png")));
        assertThat(run("field", project, "--design", "Quay", "--size", "100mmx100mm", "--dpi", "20",
                "--phase", "0.5", "-o", file("q.png"))).isZero();
        assertThat(run("dress", project, "--article", "Departures screen", "--px", "140", "--phase", "0.5", "-o",
                file("d.png"))).isZero();
        assertThat(run("tile", project, "--design", "Wake", "--px", "9", "--phase", "soon", "-o", file("x.png")))
                .isEqualTo(2);
        assertThat(err.toString()).contains("soon");
    }

    @Test
    void aDrawingIsDrawnAsItIsUnderstood() throws IOException {
        Files.writeString(folder.resolve("m.svg"), "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 40 20'>"
                + "<rect width='20' height='20' fill='#ab3b2c'/><text>words</text></svg>");
        assertThat(run("motif", file("m.svg"), "--px", "80", "-o", file("m.png"))).isZero();
        assertThat(err.toString().strip()).isEqualTo("left out: text");
        assertThat(out.toString().strip()).isEqualTo("1 shape, 1 ink, 10.58 x 5.29 mm");
        assertThat(picture("m.png").getWidth()).isEqualTo(80);
        assertThat(picture("m.png").getHeight()).isEqualTo(40);
        assertThat(picture("m.png").getRGB(20, 20)).isEqualTo(0xFFab3b2c);
        assertThat(picture("m.png").getRGB(60, 20) >>> 24).isZero();
        Files.writeString(folder.resolve("p.svg"), "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 40 20'>"
                + "<pattern id='p' width='8' height='8' patternUnits='userSpaceOnUse'><circle r='3'/></pattern>"
                + "<rect width='20' height='20' fill='url(#p)'/><rect x='20' width='20' height='9' fill='red'/></svg>");
        assertThat(run("motif", file("p.svg"), "--px", "80", "-o", file("p.png"))).isZero();
        assertThat(out.toString()).contains("2 shapes, 2 inks");
        Files.writeString(folder.resolve("n.svg"), "<svg xmlns='http://www.w3.org/2000/svg'><text>no</text></svg>");
        assertThat(run("motif", file("n.svg"), "-o", file("n.png"))).isEqualTo(1);
        assertThat(folder.resolve("n.png")).doesNotExist();
        assertThat(err.toString()).contains("n holds nothing that can be read as a motif: left out: text");
    }

    @Test
    void theListHasTheStatedShape() throws IOException {
        assertThat(run("list", project, "--json")).isZero();
        JsonNode list = new ObjectMapper().readTree(out.toString());
        JsonNode buoys = list.get("designs").get(6);
        assertThat(buoys.get("name").asText()).isEqualTo("Buoys");
        assertThat(buoys.get("cell").get("widthMm").asDouble()).isEqualTo(48);
        assertThat(buoys.get("tile").get("widthMm").asDouble()).isEqualTo(96);
        assertThat(buoys.get("arrangement").asText()).isEqualTo("drop 1/2");
        assertThat(buoys.get("colourways").get(1).asText()).isEqualTo("Night Crossing");
        assertThat(buoys.get("inks").get(1).toString()).isEqualTo("{\"slot\":\"Cork\",\"hex\":\"#e2713c\"}");
        assertThat(buoys.get("id").asText()).isEqualTo("buoys");
        JsonNode apron = list.get("articles").get(0);
        assertThat(apron.get("pieces").asInt()).isEqualTo(8);
        assertThat(apron.get("id").asText()).isEqualTo("crew-apron");
        assertThat(apron.get("pieceList")).hasSize(8);
        assertThat(apron.get("pieceList").get(3).toString()).isEqualTo("{\"id\":\"skirt\",\"name\":\"skirt\"}");
        assertThat(run("list", project)).isZero();
        assertThat(out.toString()).contains("Crew apron: 760 x 900 mm, 8 pieces");
    }

    @Test
    void aNameOfSeveralLinesStaysOnTheLineOfItsThing() {
        int lines = ProjectFile.read(Path.of(project)).designs().size()
                + ProjectFile.read(Path.of(project)).articles().size() + 1;
        Project odd = ProjectFile.read(Path.of(project)).edit(new Id("buoys"), d -> d.withName("Bu\r\no\ny\ts"));
        ProjectFile.write(odd, folder.resolve("odd.vatwright"));
        assertThat(run("list", file("odd.vatwright"))).isZero();
        assertThat(out.toString().lines()).hasSize(lines)
                .anyMatch(l -> l.startsWith("design   Bu o y s: cell 48 x 48 mm"));
    }

    /** Names may repeat; then an id says which, and a name alone says too little. */
    @Test
    void aNameOrAnIdSaysWhichAndANameThatStandsTwiceIsRefused() {
        Project twice = ProjectFile.read(Path.of(project));
        twice = twice.edit(new Id("buoys"), d -> d.withName("Quay")).editArticle(new Id("tote"),
                a -> a.withName("Crew apron"));
        ProjectFile.write(twice, Path.of(project));
        assertThat(run("tile", project, "--design", "Quay", "--px", "20", "-o", file("n.png"))).isEqualTo(2);
        assertThat(err.toString()).contains("2 designs are called Quay").contains("buoys, quay");
        assertThat(run("dress", project, "--article", "Crew apron", "--px", "20", "-o", file("n.png"))).isEqualTo(2);
        assertThat(err.toString()).contains("crew-apron, tote");
        assertThat(folder.resolve("n.png")).doesNotExist();
        assertThat(run("tile", project, "--design", "buoys", "--px", "20", "-o", file("n.png"))).isZero();
        assertThat(run("dress", project, "--article", "tote", "--px", "20", "-o", file("a.png"))).isZero();
        assertThat(run("tile", project, "--design", "swell", "--px", "20", "-o", file("s.png"))).isZero();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"2|knit|Unmatched", "2|tile P --design Buoys -o X|--dpi",
            "2|tile P --design Buoys --dpi 300 --px 5 -o X|", "2|tile P --design Buoys --dpi fast -o X|fast",
            "2|tile P --design Buoys --dpi 0 -o X|must be from 0.5",
            "2|field P --design Buoys --size big --dpi 9 -o X|is no size",
            "1|tile P --design Boys --dpi 9 -o X|there is no design Boys; there are Gangway",
            "1|tile P --design Buoys --colourway Fog --dpi 9 -o X|has no colourway Fog",
            "1|tile P --design Buoys --dpi 9 -o X.bmp|.png, .jpg",
            "1|field P --design Buoys --size 1inx1in --dpi 9 -o X.svg|is written as .png",
            "1|dress P --article Kettle --dpi 9 -o X.png|there is no article Kettle",
            "2|sett K4~24 --dpi 9 -o X.png|at sign 4: \"24\" lacks its colour",
            "2|sett K4 --weave knit --dpi 9 -o X.png|is no weave we know",
            "2|sett K4 --inks K:red --dpi 9 -o X.png|is no ink", "2|sett K4 --look knitted --dpi 9 -o X.png|is no look",
            "2|sett K4 --px-per-thread 0 -o X.png|must be from 0.1", "2|sett K4 -o X.png|--px-per-thread",
            "2|closing --cell 10x10 --angle 9 --arrangement spiral|is no arrangement",
            "1|list nowhere.vatwright|there is no such file",
            "1|field P --design Buoys --size 99999x99999 --dpi 9000 -o X.png|lower the density"})
    void wrongUseAndFailedWorkAreToldInOneLine(int code, String words, String told) {
        String[] args = words.replace("P ", project.replace(" ", "\u00a0") + " ").split(" ");
        for (int i = 0; i < args.length; i++) {
            args[i] = args[i].replace('~', ' ');
            args[i] = args[i].startsWith("X") ? file(args[i].equals("X") ? "x.png" : args[i]) : args[i];
        }
        err.getBuffer().setLength(0);
        assertThat(run(args)).as(err.toString()).isEqualTo(code);
        assertThat(err.toString().strip()).hasLineCount(1).startsWith("vatwright: ").contains(told == null ? "" : told);
    }

    @Test
    void anExistingFileIsKeptWhenTheWorkFails() throws IOException {
        Files.writeString(folder.resolve("keep.png"), "mine");
        assertThat(run("tile", project, "--design", "Gone", "--dpi", "9", "-o", file("keep.png"))).isEqualTo(1);
        assertThat(folder.resolve("keep.png")).hasContent("mine");
        assertThat(run("tile", project, "--design", "Buoys", "--px", "96", "-o", file("keep.png"))).isZero();
        assertThat(picture("keep.png").getWidth()).isEqualTo(96);
    }

    /** A design that stands alone carries the design and the picture that serve as its inks. */
    @Test
    void aDesignWithinADesignIsDrawnAndAPictureInItIsTold() throws IOException {
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        BufferedImage dots = new BufferedImage(4, 4, BufferedImage.TYPE_INT_RGB);
        dots.setRGB(0, 0, 0xFF0000);
        ImageIO.write(dots, "png", png);
        String fills = """
                [{"name": "Inner", "across": 0.5, "design": {"name": "In", "cell": {"widthMm": 4, "heightMm": 4},
                  "ground": {"fill": "Photo"}, "palette": {"slots": ["B"], "colourways": [{"name": "One",
                  "colours": {"B": "#00ff00"}}]},
                  "fills": [{"name": "Photo", "picture": {"dpi": 25.4, "png": "%s"}}]}}]"""
                .formatted(Base64.getEncoder().encodeToString(png.toByteArray()));
        Path design = folder.resolve("outer.json");
        Files.writeString(design, """
                {"name": "Out", "cell": {"widthMm": 10, "heightMm": 10}, "ground": {"fill": "Inner"},
                 "palette": {"slots": ["A"], "colourways": [{"name": "One", "colours": {"A": "#0000ff"}}]},
                 "fills": %s}""".formatted(fills));
        assertThat(run("tile", design.toString(), "--design", "Out", "--dpi", "50.8", "-o", file("o.png"))).isZero();
        // Half a millimetre a pixel of the photo, one pixel each: it recurs after four.
        BufferedImage tile = picture("o.png");
        assertThat(tile.getWidth()).isEqualTo(20);
        for (int x = 0; x < 20; x++) {
            assertThat(tile.getRGB(x, 4)).isEqualTo(x % 4 == 0 ? 0xFFFF0000 : 0xFF000000);
        }
        assertThat(run("tile", design.toString(), "--design", "Out", "--dpi", "300", "-o", file("o.svg"))).isZero();
        assertThat(err.toString()).contains("Photo in In is a picture; it is embedded at 50.8 dpi");
        assertThat(Files.readString(folder.resolve("o.svg"))).contains("data:image/png;base64,");
        Files.writeString(design, Files.readString(design).replace("\"fill\": \"Inner\"", "\"fill\": \"Gone\""));
        assertThat(run("tile", design.toString(), "--design", "Out", "--dpi", "9", "-o", file("p.png"))).isEqualTo(1);
        assertThat(err.toString()).contains("there is no fill Gone in the design; it has Inner");
    }

    @Test
    void theDemoWritesAllItMakes() {
        assertThat(run("demo", "--to", file("made"))).isZero();
        assertThat(out.toString()).contains(" 1 of 139").contains("are in ");
        assertThat(folder.resolve("made")).isDirectoryContaining("glob:**ship-s-name-morning.png")
                .isDirectoryContaining("glob:**foredeck-night-crossing-field.png");
    }

    @Test
    void aToothIsDrawnInItsInkOnClearGround() throws IOException {
        assertThat(run("tooth", "felt", "--size", "3mm", "--cell", "30x20mm", "--px", "150", "-o", file("t.png")))
                .isZero();
        BufferedImage tile = picture("t.png");
        assertThat(tile.getWidth()).isEqualTo(150);
        assertThat(tile.getHeight()).isEqualTo(100);
        long clear = 0;
        long black = 0;
        for (int y = 0; y < 100; y++) {
            for (int x = 0; x < 150; x++) {
                int p = tile.getRGB(x, y);
                clear += p >>> 24 == 0 ? 1 : 0;
                black += p == 0xFF000000 ? 1 : 0;
                assertThat(p & 0xFFFFFF).as("no other colour").isZero();
            }
        }
        assertThat(clear).isGreaterThan(200);
        assertThat(black).isGreaterThan(200);
        assertThat(run("tooth", "glitter", "--size", "1mm", "--cell", "1inx1in", "--dpi", "100", "--ink", "#336699",
                "--ground", "#ffffff", "--seed", "4", "-o", file("g.png"))).isZero();
        assertThat(picture("g.png").getWidth()).isEqualTo(100);
    }

    @Test
    void aToothThatCannotBeIsRefusedInALine() {
        assertThat(run("tooth", "grain", "--size", "3mm", "--cell", "30x20mm", "--px", "150", "-o", file("t.png")))
                .isEqualTo(2);
        assertThat(err.toString()).contains("\"grain\" is no kind of tooth").contains("glitter");
        assertThat(run("tooth", "felt", "--size", "0mm", "--cell", "30x20mm", "--px", "150", "-o", file("t.png")))
                .isEqualTo(2);
        assertThat(err.toString()).contains("size of a tooth");
        assertThat(run("tooth", "felt", "--size", "3mm", "--cell", "30x20mm", "--px", "150", "--seed", "1.5", "-o",
                file("t.png"))).isEqualTo(2);
        assertThat(err.toString()).contains("whole number");
    }

    @Test
    void aSettIsDrawnOnePixelACrossing() throws IOException {
        assertThat(run("sett", "K4 W4", "--px-per-thread", "1", "--inks", "K=#000000,W=#ffffff", "-o", file("h.png")))
                .isZero();
        BufferedImage tile = picture("h.png");
        assertThat(tile.getWidth()).isEqualTo(8);
        for (int y = 0; y < 8; y++) {
            for (int x = 0; x < 8; x++) {
                boolean warp = (x + y) % 4 < 2;
                assertThat(tile.getRGB(x, y)).isEqualTo((warp ? x : y) < 4 ? 0xFF000000 : 0xFFFFFFFF);
            }
        }
        assertThat(err.toString()).isEmpty();
    }

    @Test
    void aSettHasItsPeriodItsWeftItsLookAndNamesWhatIsUnknown() throws IOException {
        assertThat(run("sett", "K/4 R24 Q24 Y/4", "--px-per-thread", "3", "-o", file("p.png"))).isZero();
        assertThat(picture("p.png").getWidth()).isEqualTo(312);
        assertThat(err.toString().strip()).hasLineCount(1).contains("no colour is known for Q");
        assertThat(run("sett", "K4 R6", "--weft", "G10 W4", "--weave", "plain", "--px-per-thread", "4", "-o",
                file("w.png"))).isZero();
        assertThat(picture("w.png").getWidth()).isEqualTo(40);
        assertThat(picture("w.png").getHeight()).isEqualTo(56);
        assertThat(run("sett", "K5 R6", "--look", "blended", "--threads-per-cm", "11", "--dpi", "254", "-o",
                file("b.png"))).isZero();
        assertThat(picture("b.png").getWidth()).isEqualTo(100);
        assertThat(run("sett", "K5 R6", "--dpi", "100", "-o", file("b.svg"))).isZero();
        assertThat(Files.readString(folder.resolve("b.svg"))).contains("<pattern ");
    }

    @Test
    void plaidsOfProjectsAreTilesAndFields() throws IOException {
        assertThat(run("tile", project, "--design", "Skarholm", "--dpi", "254", "-o", file("t.png"))).isZero();
        assertThat(run("field", project, "--design", "Skarholm", "--size", "220mmx110mm", "--dpi", "254", "-o",
                file("f.png"))).isZero();
        BufferedImage tile = picture("t.png");
        BufferedImage field = picture("f.png");
        assertThat(tile.getWidth()).isEqualTo(1100);
        for (int i = 0; i < 2200 * 1100; i += 7) {
            assertThat(field.getRGB(i % 2200, i / 2200)).isEqualTo(tile.getRGB(i % 2200 % 1100, i / 2200));
        }
        assertThat(run("dress", project, "--article", "Crew smock", "--px", "300", "-o", file("s.png"))).isZero();
    }

    @Test
    void closingAnglesAreListedBestFirst() throws IOException {
        assertThat(run("closing", "--cell", "100mmx100mm", "--angle", "45", "--json")).isZero();
        JsonNode list = new ObjectMapper().readTree(out.toString());
        assertThat(list.get(0).get("angle").asDouble()).isEqualTo(45);
        assertThat(list.get(0).get("errorDeg").asDouble()).isZero();
        assertThat(list.get(0).get("stretchX").asDouble()).isEqualTo(1);
        assertThat(list.get(0).get("tile").get("widthMm").asDouble()).isEqualTo(100 * Math.sqrt(2));
        assertThat(run("closing", "--cell", "12cmx50", "--angle", "-20", "--arrangement", "drop 1/2")).isZero();
        assertThat(out.toString()).contains("off by");
    }
}
