package org.vatwright.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;

import javax.imageio.ImageIO;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.vatwright.core.draft.NamedWeave;
import org.vatwright.core.draft.Squares;
import org.vatwright.files.wif.WifFile;

/** The verb that draws and writes weaves. */
class WeaveVerbTest {

    @TempDir
    private Path folder;
    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    private int run(String... args) {
        return Main.run(args, new PrintWriter(out, true), new PrintWriter(err, true));
    }

    private String file(String name) {
        return folder.resolve(name).toString();
    }

    private BufferedImage picture(String name) throws IOException {
        return ImageIO.read(folder.resolve(name).toFile());
    }

    @Test
    void aNamedWeaveIsOnePixelACrossingWithTheFirstEndAtTheRightAndTheFirstPickAtTheBottom() throws IOException {
        assertThat(run("weave", "--name", "satin 8/3", "--repeats", "2", "-o", file("s.wif"))).isZero();
        assertThat(run("weave", file("s.wif"), "-o", file("s.png"))).isZero();
        Squares down = NamedWeave.parse("satin 8/3").draft().drawdown();
        BufferedImage seen = picture("s.png");
        assertThat(seen.getWidth()).isEqualTo(16);
        assertThat(run("weave", file("s.wif"), "--origin", "left,top", "-o", file("t.png"))).isZero();
        BufferedImage turned = picture("t.png");
        assertThat(run("weave", "--name", "satin 8/3", "--repeats", "2", "-o", file("n.png"))).isZero();
        BufferedImage named = picture("n.png");
        for (int pick = 0; pick < 16; pick++) {
            for (int end = 0; end < 16; end++) {
                int wanted = down.at(end % 8, pick % 8) ? 0xFF000000 : 0xFFFFFFFF;
                assertThat(seen.getRGB(15 - end, 15 - pick)).isEqualTo(wanted);
                assertThat(named.getRGB(15 - end, 15 - pick)).isEqualTo(wanted);
                assertThat(turned.getRGB(end, pick)).isEqualTo(wanted);
            }
        }
        assertThat(WifFile.read(folder.resolve("s.wif")).draft().ends()).isEqualTo(16);
        assertThat(err.toString()).isEmpty();
    }

    @Test
    void threadsHaveTheColoursOfTheFileAndFindingsArePrinted() throws IOException {
        Files.writeString(folder.resolve("c.wif"), """
                [WEAVING]
                Shafts=2
                Treadles=2
                [WARP]
                Threads=2
                [WEFT]
                Threads=2
                [COLOR PALETTE]
                Range=0,999
                [COLOR TABLE]
                1=999,0,0
                2=0,999,0
                3=0,0,999
                [WARP COLORS]
                1=1
                2=2
                [WEFT COLORS]
                1=3
                2=3
                [THREADING]
                1=1
                2=2
                [TIEUP]
                1=1
                2=2
                [TREADLING]
                1=1
                2=2
                """);
        assertThat(run("weave", file("c.wif"), "--findings", "-o", file("c.png"))).isZero();
        assertThat(out.toString()).contains("[WIF]: is missing").contains("[WEAVING] Rising Shed: is left out");
        BufferedImage picture = picture("c.png");
        assertThat(picture.getRGB(1, 1)).isEqualTo(0xFFFF0000);
        assertThat(picture.getRGB(0, 1)).isEqualTo(0xFF0000FF);
        assertThat(picture.getRGB(0, 0)).isEqualTo(0xFF00FF00);
        assertThat(run("weave", file("c.wif"), "--px-per-thread", "5", "-o", file("five.png"))).isZero();
        assertThat(picture("five.png").getWidth()).isEqualTo(10);
        assertThat(picture("five.png").getRGB(9, 9)).isEqualTo(0xFFFF0000);
        assertThat(run("weave", file("c.wif"), "--look", "cloth", "--px-per-thread", "12", "-o", file("cloth.png")))
                .isZero();
        assertThat(picture("cloth.png").getWidth()).isEqualTo(24);
        assertThat(picture("cloth.png").getColorModel().hasAlpha()).isTrue();
        assertThat(run("weave", file("c.wif"), "-o", file("again.wif"))).isZero();
        assertThat(WifFile.read(folder.resolve("again.wif")).draft())
                .isEqualTo(WifFile.read(folder.resolve("c.wif")).draft());
    }

    @Test
    void wrongUseIsToldInOneLine() throws IOException {
        Files.writeString(folder.resolve("bad.wif"), "[WEAVING]\nShafts=99\n[THREADING]\n1=1\n");
        told(2, "give a weaving file or --name", "weave", "-o", file("x.png"));
        told(2, "say with -o", "weave", "--name", "plain");
        told(2, "step 3, 5 will do", "weave", "--name", "satin 8/2", "-o", file("x.png"));
        told(2, "is no corner", "weave", "--name", "plain", "--origin", "up", "-o", file("x.png"));
        told(2, "is no look", "weave", "--name", "plain", "--look", "knit", "-o", file("x.png"));
        told(1, "could not be read: there is no such file", "weave", file("gone.wif"), "-o", file("x.png"));
        told(1, "1 to 32", "weave", file("bad.wif"), "-o", file("x.png"));
        told(1, "1 to 4000", "weave", "--name", "satin 32/3", "--repeats", "200", "-o", file("x.wif"));
        assertThat(folder.resolve("x.png")).doesNotExist();
    }

    private void told(int code, String what, String... args) {
        err.getBuffer().setLength(0);
        assertThat(run(args)).isEqualTo(code);
        assertThat(err.toString()).contains(what).hasLineCount(1);
    }
}
