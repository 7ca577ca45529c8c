package org.vatwright.files.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.vatwright.core.brush.Brush;
import org.vatwright.core.brush.BrushStroke;
import org.vatwright.core.brush.ShippedBrushes;
import org.vatwright.core.brush.Symmetry;
import org.vatwright.core.brush.TipForm;
import org.vatwright.core.brush.Track;
import org.vatwright.core.family.brush.Brushwork;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.project.Project;
import org.vatwright.core.repeat.WallpaperGroup;
import org.vatwright.core.shape.Outline;
import org.vatwright.files.Demos;
import org.vatwright.files.demo.DemoCommission;

/** Paintings in files. */
class BrushworkFileTest {

    @TempDir
    private Path folder;

    private static Brushwork painting(Ink one, Ink two) {
        List<BrushStroke> strokes = new ArrayList<>();
        for (Brush brush : ShippedBrushes.ALL) {
            strokes.add(new BrushStroke(Track.of(0.001, -3, 1.0 / 3, 7e-7, 1e5, 12), brush, one));
        }
        strokes.add(new BrushStroke(
                Track.of(new double[]{1, 2.5}, new double[]{-3, 4}, new float[]{0.25f, 1}), ShippedBrushes.ALL.get(2),
                two,
                Optional.of(one), false, new Symmetry.Axes(5, 12.25, -3, 30), 77));
        byte[] grey = new byte[15];
        for (int i = 0; i < 15; i++) {
            grey[i] = (byte) (17 * i);
        }
        strokes.add(strokes.getFirst().withBrush(strokes.getFirst().brush()
                .formed(new TipForm.OfOutline(Outline.parse("M 0 0 L 4 0.125 C 4 4 3 3 1 9 Z")))));
        strokes.add(strokes.getFirst().withBrush(strokes.getFirst().brush().formed(new TipForm.OfPicture(5, 3, grey))));
        strokes.add(strokes.getFirst().withErases(true).withSymmetry(new Symmetry.Turns(6, 1, 2)));
        strokes.add(strokes.getFirst().withSymmetry(new Symmetry.Group(WallpaperGroup.PGG)));
        return new Brushwork(strokes, new Symmetry.Axes(3, 40, 40, 90));
    }

    @Test
    void whatWasPaintedComesBackToTheLastBit() {
        Project demo = Demos.withoutPictures();
        Project project = demo.edit(new Id("gangway"), d -> d.withLayers(List.of(new Layer(4, "Painted",
                painting(Ink.slot(d.palette().slots().getFirst()), Ink.slot(d.palette().slots().getLast()))))));
        Path file = folder.resolve("painted.vatwright");
        ProjectFile.write(project, file);
        assertThat(ProjectFile.read(file)).isEqualTo(project);
        Design again = ProjectFile.read(file).design(new Id("gangway")).orElseThrow();
        assertThat(again.renameSlot(again.palette().slots().getLast(), "Tar").layers().getFirst().structure().inks())
                .as("its inks are slots").contains(Ink.slot("Tar"));
    }

    @Test
    void aBrushStandsInTheFileOnceAndWhatIsAtRestNotAtAll() {
        Design design = Demos.withoutPictures().design(new Id("gangway")).orElseThrow();
        Ink ink = Ink.slot(design.palette().slots().getFirst());
        Brush tar = ShippedBrushes.ALL.get(1);
        Brushwork work = Brushwork.empty().and(new BrushStroke(Track.of(1, 2), tar, ink))
                .and(new BrushStroke(Track.of(3, 4.5), tar, ink));
        String json = new String(ProjectFile.designJson(design.withLayers(List.of(new Layer(1, "P", work)))),
                StandardCharsets.UTF_8);
        assertThat(json.split("\"tip\"")).hasSize(2);
        assertThat(json).contains("\"points\" : \"1,2\"", "\"points\" : \"3,4.5\"").doesNotContain("jitter", "wet",
                "pressed", "symmetry");
    }

    /** The demo's painting with one thing in it changed. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "\"tip\": \"bristle\"|\"tip\": \"sponge\"|no tip of a brush; round, dry, seed, bristle, spray, motif, picture are",
            "\"sizeMm\": 13|\"sizeMm\": 1300|from 0.05 to 500 mm", "\"brush\": 0,|\"brush\": 40,|counted from 0",
            "\"axes\": 3|\"axes\": 17|from 1 to 16", "\"points\": \"|\"points\": \"4;5 |two numbers with a comma",
            "\"points\": \"|\"points\": \"7777777|place of a stroke", "\"turns\": 6|\"turns\": 1|from 2 to 32",
            "[\"Shallow\"]|[]|has 0 inks", "\"seed\": 1,|\"seed\": 1.5,|whole number",
            "\"seed\": 1,|\"seed\": 1, \"pressed\": \"0.5 7\",|each point needs both",
            "\"tip\": \"bristle\"|\"tip\": \"motif\"|needs an outline",
            "\"tip\": \"bristle\"|\"tip\": \"picture\", \"picture\": \"data:image/png;base64,AAAA\"|the picture of a tip",
            "\"seed\": 1,|\"wobble\": 1,|means nothing here", "\"opacity\": 0.5|\"opacity\": 50|from 0 to 100 %"})
    void whatCannotBePaintedIsRefusedInASentence(String there, String instead, String sentence) throws Exception {
        String json;
        try (var in = DemoCommission.class.getResourceAsStream("kelp.json")) {
            json = new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
        assertThat(json).contains(there);
        byte[] broken = json.replaceFirst(java.util.regex.Pattern.quote(there),
                java.util.regex.Matcher.quoteReplacement(instead)).getBytes(StandardCharsets.UTF_8);
        assertThatThrownBy(() -> ProjectFile.readDesign(broken, "kelp.json", n -> null)).isInstanceOf(Refusal.class)
                .hasMessageContaining(sentence).hasMessageStartingWith("kelp.json: ");
    }
}
