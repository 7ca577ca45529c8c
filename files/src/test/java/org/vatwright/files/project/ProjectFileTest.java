package org.vatwright.files.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.vatwright.core.band.Band;
import org.vatwright.core.band.BandRun;
import org.vatwright.core.catalogue.Catalogue;
import org.vatwright.core.effect.Blur;
import org.vatwright.core.effect.BreakUp;
import org.vatwright.core.effect.CastShadow;
import org.vatwright.core.effect.Halo;
import org.vatwright.core.effect.OutlineEffect;
import org.vatwright.core.effect.Relief;
import org.vatwright.core.effect.ToothWear;
import org.vatwright.core.family.block.Blocks;
import org.vatwright.core.family.block.Bond;
import org.vatwright.core.family.block.Touch;
import org.vatwright.core.family.flow.FlowLines;
import org.vatwright.core.family.interlace.Interlace;
import org.vatwright.core.family.interlace.Mesh;
import org.vatwright.core.family.motif.Instance;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.Placing;
import org.vatwright.core.family.plaid.Plaid;
import org.vatwright.core.family.together.Together;
import org.vatwright.core.family.tooth.Tooth;
import org.vatwright.core.family.zigzag.Zigzag;
import org.vatwright.core.loom.Look;
import org.vatwright.core.loom.Weave;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.motif.Form;
import org.vatwright.core.motif.Part;
import org.vatwright.core.pattern.CheckLimit;
import org.vatwright.core.pattern.CheckLimits;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Gradient;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.WallpaperGroup;
import org.vatwright.core.shape.Outline;
import org.vatwright.core.tooth.ToothForm;
import org.vatwright.core.tooth.ToothKind;
import org.vatwright.core.woven.ThreadMask;
import org.vatwright.files.Demos;
import org.vatwright.files.demo.DemoCommission;
import org.vatwright.files.disk.Disk;

class ProjectFileTest {

    @TempDir
    private Path folder;

    private Path demo() {
        Path file = folder.resolve("demo.vatwright");
        ProjectFile.write(Demos.withoutPictures(), file);
        return file;
    }

    private static byte[] json(Path project) throws IOException {
        try (ZipFile zip = new ZipFile(project.toFile())) {
            return zip.getInputStream(zip.getEntry("project.json")).readAllBytes();
        }
    }

    private Path zip(String entry, byte[] content) throws IOException {
        Path file = folder.resolve("made.vatwright");
        try (ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(file))) {
            out.putNextEntry(new ZipEntry(entry));
            out.write(content);
        }
        return file;
    }

    @Test
    void whatIsWrittenIsReadEqualAndTheSameBytesAgain() throws IOException {
        Project project = DemoCommission.load();
        project = project.edit(new Id("gangway"),
                d -> d.withGuides(Guides.parts(3)).replace(1, l -> l.withMask(Optional.of(
                        new ThreadMask(Weave.of("mine", List.of("xx.", ".x.")), false, 9, 12.5)))));
        project = project.edit(new Id("skarholm"), d -> d.replace(1, l -> {
            Plaid p = (Plaid) l.structure();
            BandRun weft = new BandRun(List.of(new Band(Ink.CLEAR, 3), new Band(Ink.slot("Fog"), 5)), false);
            return l.withStructure(
                    p.withFabric(p.fabric().withOwnWeft(Optional.of(weft)).withLook(new Look.Blended(0.3))
                            .withWeave(Weave.parse("basket 2/3"))).withLetter("ZZ", Ink.CLEAR).withAngle(-45));
        }));
        project = project.edit(new Id("buoys"), d -> d.replace(1, l -> l.withLocked(true).withGroup("Water"))
                .replace(2, l -> l.withGroup("Water")));
        project = laid(project).withLimits(CheckLimits.USUAL.with(CheckLimit.FLOAT, 7.5).with(CheckLimit.STRETCH, 2));
        Path file = folder.resolve("a.vatwright");
        ProjectFile.write(project, file);
        Project read = ProjectFile.read(file);
        assertThat(read).isEqualTo(project);
        Path again = folder.resolve("b.vatwright");
        ProjectFile.write(read, again);
        assertThat(Files.readAllBytes(again)).isEqualTo(Files.readAllBytes(file));
    }

    /** Every member of the laid families away from its neutral value. */
    private static Project laid(Project demo) {
        Ink fog = Ink.slot("Fog");
        return demo.edit(new Id("quay"), d -> d.replace(1, l -> l.withStructure(((Blocks) l.structure()).withBond(
                Bond.parse("argyle")).withLine(new Blocks.Line(fog, 2)).withAngle(12)
                .withTouch(new Touch.Spot(1, 2, 0),
                        new Touch(-0.1, Optional.of(Ink.CLEAR), 2))
                .withRadiusMm(3))))
                .edit(new Id("swell"), d -> d.replace(1, l -> l.withStructure(((Zigzag) l.structure())
                        .withCorner(Zigzag.Corner.CUT, 0.3).withAngle(-20))))
                .edit(new Id("mooring"), d -> d.replace(1, l -> l.withStructure(((Interlace) l.structure())
                        .withMesh(new Mesh.Strips(Weave.of("mine", List.of("xx.", ".x.")))).flip(
                                new Interlace.Spot(0, 1, 2)))))
                .edit(new Id("buoys"), d -> d.replace(1, l -> l.withMode(BlendMode.LINEAR_LIGHT).withEffects(List.of(
                        new BreakUp(3, 4, 1.5, 9, 0.5, -1), new Blur(0.25),
                        new OutlineEffect(0.75, OutlineEffect.Side.OUTSIDE, Ink.CLEAR),
                        new Relief(1.25, 0.4, -60, 33, 0.7, true, true),
                        new ToothWear(new ToothForm(ToothKind.SLUB, 4, 0.2, 15, 0.9, 77, 1, 2)),
                        new CastShadow(3, 200, 1.5, 0.35, d.layers().getFirst().inks().getFirst()),
                        new Halo(true, 2.5, 0.15, true, d.layers().getFirst().inks().getLast())))))
                .edit(new Id("spray"), d -> d.replace(1, l -> l.withStructure(new Tooth(new ToothForm(ToothKind.MARBLE,
                        7.5, 0.41, -33, 0.27, -5, 1.5, -2.25), List.of(Ink.slot("Deep"), Ink.CLEAR), true))))
                .edit(new Id("terns"), ProjectFileTest::everyForm)
                .edit(new Id("wake"), d -> d.replace(1, l -> l.withStructure(((FlowLines) l.structure()).withPhase(0.3)
                        .splitAfter(1))));
    }

    private static Design everyForm(Design terns) {
        Motifs motifs = (Motifs) terns.layers().getFirst().structure();
        Ink navy = Ink.slot("Navy");
        List<Part> parts = new ArrayList<>();
        for (Form form : Form.examples(8)) {
            parts.add(new Part(form, navy).at(1, 2).withTurn(20).withScale(-1, 1.5).withEdge(Optional.of(
                    new Part.Edge(Ink.CLEAR, 0.5, Part.Join.ROUND, Part.Cap.SQUARE, List.of(1.0, 2.0)))));
        }
        Outline box = Outline.parse("M 0 0 L 9 0 L 9 9 Z");
        parts.add(new Part("letters", new Form.Letters("A", "Cabin", 9, box), 0, 0, 0, 1, 1, Ink.CLEAR,
                Optional.of(new Gradient(true, 0.1, 0.2, 1, 0, 0, 1, 3, 4, List.of(new Gradient.Stop(0, navy, 1),
                        new Gradient.Stop(1, Ink.CLEAR, 0.5)), Gradient.Spread.REFLECT)),
                0.7, Optional.empty()));
        return terns.withRepeat(terns.repeat().withArrangement(Arrangement.STRAIGHT))
                .replace(1, l -> l.withStructure(motifs.replace(1, m -> m.withParts(parts))
                        .withByHand(List.of(new Instance(2, 5, 6, 30, 1.5, true, Optional.of(navy))))
                        .withPlacing(new Placing.Rings(2, 3, 4, 20, 9, false)).withGroup(WallpaperGroup.P4G)));
    }

    @Test
    void theDemoHoldsWhatTheCommissionAsksFor() {
        Project demo = DemoCommission.load();
        assertThat(demo.designs()).extracting(d -> d.name()).contains("Gangway", "Foredeck", "Buoys");
        assertThat(demo.designs()).allSatisfy(d -> assertThat(d.palette().colourways()).extracting(c -> c.name())
                .startsWith("Morning").contains("Night Crossing"));
        assertThat(demo.articles()).hasSizeGreaterThanOrEqualTo(3);
        assertThat(demo.jobs()).isNotEmpty();
    }

    @Test
    void everyFamilyOfTheCatalogueHasItsCodec() {
        assertThat(StructureCodec.ALL).extracting(StructureCodec::family)
                .containsExactlyElementsOf(Stream.concat(Catalogue.FAMILIES.stream().map(Catalogue.Family::id),
                        Stream.of(Together.FAMILY)).toList());
    }

    @Test
    void aDesignWrittenByHandMayLeaveOutWhatIsNeutral() throws IOException {
        Path file = folder.resolve("hand.json");
        Files.writeString(file, """
                {"name": "Plain", "cell": {"widthMm": 30, "heightMm": 20},
                 "layers": [{"structure": {"family": "stripes", "bands": [{"ink": "A", "width": 10}, {"width": 5}]}}],
                 "palette": {"slots": ["A"], "colourways": [{"name": "One", "colours": {"A": "#102030"}}]}}
                """);
        Project project = ProjectFile.read(file);
        assertThat(project.designs()).singleElement()
                .satisfies(d -> assertThat(d.layers().getFirst().name()).isEqualTo("Stripes"));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"\"version\" : 2|\"version\" : 7|later Vatwright",
            "\"pivot\" : true|\"pivott\" : true|designs[0].layers[0].structure has \"pivott\"",
            "\"opacity\" : 1.0|\"opacity\" : 140|opacity 14000 % must be from 0 to 100",
            "\"family\" : \"stripes\"|\"family\" : \"spirals\"|a structure this version does not know",
            "\"width\" : 26.0|\"width\" : \"wide\"|bands[0].width should be a number",
            "\"weave\" : \"twill 2/2\"|\"weave\" : \"knit\"|is no weave we know",
            "\"threads\" : 24|\"threads\" : 2.5|must be whole threads",
            "\"kind\" : \"gingham\"|\"kind\" : \"tweed\"|is no check we know",
            "\"look\" : \"yarn\"|\"look\" : \"felted\"|should be \"woven\"",
            "\"origin\" : \"right,bottom\"|\"origin\" : \"middle\"|is no corner",
            "\"shafts\" : 4|\"shafts\" : 3|should be a whole number, 1 to 3",
            "\"shafts\" : 4|\"shafts\" : 44|shafts",
            "\"design\" : \"gangway\"|\"design\" : 5 5|no JSON that can be read",
            "\"design\" : \"gangway\"|\"design\" : \"a b\"|is no id", "\"#20365f\"|\"blue\"|no colour",
            "\"vatwright-project\"|\"other\"|was expected"})
    void faultsAreToldWithTheirPlace(String from, String to, String told) throws IOException {
        String text = new String(json(demo()), StandardCharsets.UTF_8);
        assertThat(text).contains(from);
        Path file = zip("project.json",
                text.replaceFirst(java.util.regex.Pattern.quote(from), to).getBytes(StandardCharsets.UTF_8));
        assertThatThrownBy(() -> ProjectFile.read(file)).isInstanceOf(Refusal.class).hasMessageContaining(told)
                .hasMessageStartingWith("made.vatwright");
    }

    @Test
    void hostileArchivesAreRefused() throws IOException {
        assertThatThrownBy(() -> ProjectFile.read(zip("../../climbs.json", json(demo()))))
                .hasMessageContaining("leads out of the project");
        assertThatThrownBy(() -> ProjectFile.read(zip("/etc/project.json", new byte[3])))
                .hasMessageContaining("leads out");
        assertThatThrownBy(() -> ProjectFile.read(zip("else.txt", new byte[3])))
                .hasMessageContaining("without project.json");
        assertThatThrownBy(() -> ProjectFile.read(zip("project.json", new byte[300 << 20])))
                .hasMessageContaining("unpacks to more than");
        String deep = "[".repeat(100_000);
        assertThatThrownBy(() -> ProjectFile.read(zip("project.json", deep.getBytes(StandardCharsets.UTF_8))))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void brokenFilesBringAnErrorAndNothingElse() throws IOException {
        byte[] good = Files.readAllBytes(demo());
        byte[] text = json(demo());
        Random random = new Random(77);
        Path file = folder.resolve("broken.vatwright");
        for (int n = 0; n < 300; n++) {
            byte[] bytes = n % 2 == 0 ? good.clone() : text.clone();
            if (n % 3 == 0) {
                bytes = java.util.Arrays.copyOf(bytes, random.nextInt(bytes.length));
            } else {
                for (int k = 0; k < 5; k++) {
                    bytes[random.nextInt(bytes.length)] = (byte) random.nextInt(256);
                }
            }
            Files.write(file, bytes);
            try {
                ProjectFile.read(file);
            } catch (Refusal e) {
                assertThat(e.getMessage()).isNotBlank();
            }
        }
        assertThatThrownBy(() -> ProjectFile.read(folder.resolve("none.vatwright")))
                .hasMessageContaining("no such file");
        assertThatThrownBy(() -> ProjectFile.read(folder)).hasMessageContaining("is a folder");
    }

    /** Two alike in all but their place are two. */
    @Test
    void aProjectWrittenByHandMayLeaveOutIdsAndGetsTheSameOnesEachTime() throws IOException {
        String design = """
                {"name": "Hand", "cell": {"widthMm": 20, "heightMm": 20}, "ground": "Sea",
                 "palette": {"slots": ["Sea"], "colourways": [{"name": "Day", "colours": {"Sea": "#2b6f80"}}]}}""";
        Path file = zip("project.json", """
                {"format": "vatwright-project", "version": 2, "name": "By hand", "designs": [%s, %s]}"""
                .formatted(design, design).getBytes(StandardCharsets.UTF_8));
        List<Design> read = ProjectFile.read(file).designs();
        assertThat(read).extracting(Design::name).containsExactly("Hand", "Hand");
        assertThat(read.get(0).id()).isNotEqualTo(read.get(1).id());
        assertThat(ProjectFile.read(file).designs()).isEqualTo(read);
    }

    @Test
    void aFailedWriteLeavesTheOldFileAndNoRemains() throws IOException {
        Path file = folder.resolve("kept.txt");
        Files.writeString(file, "old");
        assertThatThrownBy(() -> Disk.writeWhole(file, out -> {
            out.write(1);
            throw new IOException("the disk is full");
        })).hasMessageContaining("the disk is full");
        assertThat(file).hasContent("old");
        assertThat(folder).isDirectoryNotContaining("glob:**.part");
    }
}
