package org.vatwright.files.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.project.Output;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Raster;
import org.vatwright.files.demo.DemoCommission;
import org.vatwright.files.disk.Limits;
import org.vatwright.files.picture.PictureWriter;
import org.vatwright.files.picture.Pictures;

/** Designs within designs and pictures, in project files. */
class FillFileTest {

    private static final Raster LEAF = new Raster(2, 2, new int[]{0xFF102030, 0, 0x80402010, 0xFFFFFFFF});

    @TempDir
    private Path folder;

    private static Project nested() {
        Project demo = DemoCommission.load();
        Design wake = demo.design(new Id("wake")).orElseThrow();
        return demo.edit(new Id("buoys"), d -> d.withRepeat(d.repeat().withCells(3, 2)).addFill(Fill.of("Sea", wake)
                .withScale(0.5, 0.75).withTurnDeg(30).withStart(3, -4).withFollows(false))
                .addFill(new Fill("Foil", new Fill.OfPicture(new Picture(LEAF, 150))).withAnew(true))
                .addFill(new Fill("Night", new Fill.OfDesign(wake, Optional.of(wake.palette().first().name())))));
    }

    @Test
    void comeBackEqualAndLinkedWhateverTheirOrder() {
        Project project = nested();
        Project turned = project.withDesigns(project.designs().reversed());
        for (Project each : new Project[]{project, turned}) {
            Path file = folder.resolve("nested.vatwright");
            ProjectFile.write(each, file);
            Project read = ProjectFile.read(file);
            assertThat(read).isEqualTo(each);
            assertThat(read.design(new Id("buoys")).orElseThrow().fills().getFirst().design().orElseThrow())
                    .isSameAs(read.design(new Id("wake")).orElseThrow());
        }
        // A design that stands alone carries what lies in it.
        Design buoys = project.design(new Id("buoys")).orElseThrow();
        assertThat(ProjectFile.readDesign(ProjectFile.designJson(buoys), "b.json", name -> null)).isEqualTo(buoys);
    }

    @Test
    void circlesAndNamesOfNothingAreToldAtTheirPlace() throws Exception {
        String one = """
                {"name": "%s", "cell": {"widthMm": 10, "heightMm": 10}, "ground": "A",
                 "palette": {"slots": ["A"], "colourways": [{"name": "One", "colours": {"A": "#112233"}}]},
                 "fills": [{"name": "F", "design": "%s"}]}""";
        String text = "{\"format\": \"vatwright-project\", \"version\": 1, \"name\": \"P\", \"designs\": [%s, %s, %s]}";
        Path file = folder.resolve("circle.json");
        Files.writeString(file, text.formatted(one.formatted("Rope", "Sail"), one.formatted("Sail", "Mast"),
                one.formatted("Mast", "Rope")), StandardCharsets.UTF_8);
        assertThatThrownBy(() -> ProjectFile.read(file)).hasMessageContaining("Rope in Mast in Sail in Rope");
        Files.writeString(file, text.formatted(one.formatted("Rope", "Sail"), one.formatted("Sail", "Gone"),
                one.formatted("Mast", "Rope")), StandardCharsets.UTF_8);
        assertThatThrownBy(() -> ProjectFile.read(file)).hasMessageContaining("fills[0].design is \"Gone\"");
        Files.writeString(file, text.formatted(one.formatted("Rope", "Sail").replace("\"design\": \"Sail\"",
                "\"picture\": {\"png\": \"iVBORw0\"}"), one.formatted("Sail", "Rope"), one.formatted("Mast", "Rope")));
        assertThatThrownBy(() -> ProjectFile.read(file)).hasMessageContaining("fills[0].picture");
    }

    @Test
    void aPictureComesInWithItsTrueSizeAndItsOpenPartsOpen() {
        Path file = folder.resolve("leaf.png");
        PictureWriter.write(LEAF, new Density(254), Output.Format.PNG, 90, file);
        Picture read = Pictures.sized(file, Limits.STANDARD);
        assertThat(read.dpi()).isEqualTo(254);
        assertThat(read.widthMm()).isEqualTo(0.2, org.assertj.core.api.Assertions.within(1e-12));
        assertThat(read.raster().argb()).isEqualTo(LEAF.argb());
    }
}
