package org.vatwright.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.vatwright.core.inspect.SeamCheck;
import org.vatwright.core.measure.Density;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.picture.Making;
import org.vatwright.core.project.Output;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Raster;
import org.vatwright.files.disk.Limits;
import org.vatwright.files.picture.PictureWriter;
import org.vatwright.files.picture.Pictures;
import org.vatwright.files.project.ProjectFile;

/** A picture of stained paper, lit from the left, made into a tile. */
class SeamlessVerbTest {

    private static final int W = 180;
    private static final int H = 140;

    @TempDir
    private Path folder;
    private Path paper;
    private final StringWriter err = new StringWriter();

    @BeforeEach
    void picture() {
        Raster raster = new Raster(W, H);
        for (int y = 0; y < H; y++) {
            for (int x = 0; x < W; x++) {
                int stain = (x - 60) * (x - 60) + (y - 70) * (y - 70) < 900 ? 40 : 0;
                int light = 235 - x / 3 - stain;
                raster.argb()[y * W + x] = 0xFF000000 | light << 16 | light - 14 << 8 | light - 50;
            }
        }
        paper = folder.resolve("Old chart.png");
        PictureWriter.write(raster, new Density(200), Output.Format.PNG, 90, paper);
    }

    private int run(String... more) {
        err.getBuffer().setLength(0);
        String[] args = new String[more.length + 2];
        args[0] = "seamless";
        args[1] = paper.toString();
        System.arraycopy(more, 0, args, 2, more.length);
        return Main.run(args, new PrintWriter(new StringWriter()), new PrintWriter(err, true));
    }

    private Picture made(String... more) {
        Path out = folder.resolve("tile.png");
        String[] args = java.util.Arrays.copyOf(more, more.length + 2);
        args[more.length] = "-o";
        args[more.length + 1] = out.toString();
        assertThat(run(args)).as(err.toString()).isZero();
        return Pictures.sized(out, Limits.STANDARD);
    }

    @ParameterizedTest
    @CsvSource({"heal, 180, 140", "fade, 152, 112", "mirror, 360, 280"})
    void eachWayHasItsSizeAndNoSeam(String way, int width, int height) {
        Picture tile = made("--way", way, "--margin", "20");
        assertThat(tile.raster().width()).isEqualTo(width);
        assertThat(tile.raster().height()).isEqualTo(height);
        assertThat(SeamCheck.ratio(tile.raster())).isLessThan(1.5);
        assertThat(SeamCheck.ratio(Pictures.read(paper, Limits.STANDARD))).isGreaterThan(3);
        assertThat(tile.dpi()).isEqualTo(200);
    }

    @Test
    void withoutOptionsItHealsAMarginOfTwelvePercentAndADensityIsOnlyStated() {
        Raster plain = made().raster();
        assertThat(made("--way", "heal", "--margin", "12").raster().argb()).isEqualTo(plain.argb());
        Picture dense = made("--dpi", "600");
        assertThat(dense.dpi()).isEqualTo(600);
        assertThat(dense.raster().argb()).isEqualTo(plain.argb());
        // Beyond the margin of 17 px the picture is untouched.
        Raster paperItself = Pictures.read(paper, Limits.STANDARD);
        for (int x = 17; x < W - 17; x++) {
            assertThat(plain.at(x, 70)).isEqualTo(paperItself.at(x, 70));
        }
    }

    @Test
    void evenedOutBothSidesAreAsLight() {
        Raster tile = made("--even", "100", "--way", "mirror").raster();
        assertThat(Math.abs((tile.at(20, 10) & 255) - (tile.at(160, 10) & 255))).isLessThan(8);
    }

    @Test
    void reducedItHasThatManyColoursAndAsAProjectSlotsThatWearThem() throws IOException {
        Raster tile = made("--inks", "4", "--seed", "7").raster();
        Map<Integer, Integer> colours = new HashMap<>();
        for (int argb : tile.argb()) {
            colours.merge(argb, 1, Integer::sum);
        }
        assertThat(colours).hasSize(4);
        assertThat(made("--inks", "4", "--seed", "7").raster().argb()).isEqualTo(tile.argb());
        Path file = folder.resolve("chart.vatwright");
        assertThat(run("--inks", "4", "--seed", "7", "--dpi", "100", "-o", file.toString())).isZero();
        Project project = ProjectFile.read(file);
        Design design = project.designs().getFirst();
        assertThat(design.name()).isEqualTo("Old chart");
        assertThat(design.palette().slots()).hasSize(4);
        assertThat(design.repeat().widthMm()).isEqualTo(W * 0.254);
        Path again = folder.resolve("again.png");
        assertThat(Main.run(new String[]{"tile", file.toString(), "--design", "Old chart", "--dpi", "100", "-o",
                again.toString()}, new PrintWriter(new StringWriter()), new PrintWriter(err, true))).isZero();
        assertThat(Pictures.read(again, Limits.STANDARD).argb()).isEqualTo(tile.argb());
        Fill fill = design.fills().getFirst();
        assertThat(fill.picture().orElseThrow().making()).contains(Making.HEAL);
        assertThat(fill.picture().orElseThrow().picture().raster().argb())
                .as("the whole picture stays").isEqualTo(Pictures.read(paper, Limits.STANDARD).argb());
    }

    @Test
    void whatCannotBeIsSaidInASentenceAndNothingIsWritten() throws IOException {
        Path out = folder.resolve("no.png");
        assertThat(run("--margin", "60", "-o", out.toString())).isEqualTo(2);
        assertThat(err.toString()).contains("margin 60 % must be from 1 to 45 %");
        assertThat(run("--inks", "1", "-o", out.toString())).isEqualTo(2);
        assertThat(run("--way", "glue", "-o", out.toString())).isEqualTo(2);
        assertThat(err.toString()).contains("\"glue\" is no way to make a picture seamless; heal, fade, mirror are");
        assertThat(run("-o", folder.resolve("no.svg").toString())).isEqualTo(1);
        assertThat(err.toString()).contains("a seamless tile is written as .png, .jpg or .tif");
        paper = Files.writeString(folder.resolve("words.png"), "no picture at all");
        assertThat(run("-o", out.toString())).isEqualTo(1);
        assertThat(err.toString()).contains("words.png is no picture that can be read");
        assertThat(out).doesNotExist();
    }
}
