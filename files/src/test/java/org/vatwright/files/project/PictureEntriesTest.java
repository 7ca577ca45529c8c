package org.vatwright.files.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Provenance;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Raster;
import org.vatwright.files.Demos;
import org.vatwright.files.disk.Limits;

/** Pictures stand beside the document, not in it. */
class PictureEntriesTest {

    private static final Id GANGWAY = new Id("gangway");
    private static final Provenance MADE = new Provenance("Inga Holm", "her sketchbook", "own use");

    @TempDir
    private Path folder;

    private static Picture noise(int w, int h, long seed) {
        Raster raster = new Raster(w, h);
        Random random = new Random(seed);
        for (int i = 0; i < raster.argb().length; i++) {
            raster.argb()[i] = 0xFF000000 | random.nextInt(1 << 24);
        }
        return new Picture(raster, 150, MADE);
    }

    private static Project with(Picture... pictures) {
        Project project = Demos.withoutPictures();
        for (Picture picture : pictures) {
            project = project.edit(GANGWAY, d -> d.addFill(new Fill("Paper", new Fill.OfPicture(picture))));
        }
        return project;
    }

    private static List<String> entries(Path file) throws IOException {
        try (ZipFile zip = new ZipFile(file.toFile())) {
            return Collections.list(zip.entries()).stream().map(ZipEntry::getName).toList();
        }
    }

    private static Picture picture(Project project, int fill) {
        return ((Fill.OfPicture) project.design(GANGWAY).orElseThrow().fills().get(fill).source()).picture();
    }

    @Test
    void eachStandsOnceNamedByItsHashAndComesBackEqual() throws IOException {
        Picture same = noise(40, 30, 1);
        Project project = with(same, noise(20, 20, 2), same);
        Path file = folder.resolve("a.vatwright");
        ProjectFile.write(project, file);
        assertThat(entries(file)).hasSize(3).first().isEqualTo("project.json");
        assertThat(entries(file).subList(1, 3)).allMatch(e -> e.matches("pictures/[0-9a-f]{64}\\.png"));
        Project read = ProjectFile.read(file);
        assertThat(read).isEqualTo(project);
        assertThat(picture(read, 0).provenance()).isEqualTo(MADE);
        assertThat(picture(read, 0).raster()).as("read once").isSameAs(picture(read, 2).raster());
    }

    /** What is in the file already is copied as it is, whichever encoder made it. */
    @Test
    void whatIsUnchangedIsCopiedAsItIs() throws IOException {
        Path file = folder.resolve("a.vatwright");
        ProjectFile.write(with(noise(40, 30, 1)), file);
        // The same picture packed another way, under its own hash: what a later encoder would make of it.
        byte[] other = org.vatwright.files.picture.Pictures.png(noise(41, 30, 1).raster());
        String name = PictureEntries.FOLDER + PictureEntries.hash(other) + ".png";
        Path foreign = folder.resolve("foreign.vatwright");
        try (ZipFile zip = new ZipFile(file.toFile());
                ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(foreign))) {
            String old = entries(file).get(1);
            out.putNextEntry(new ZipEntry("project.json"));
            out.write(new String(zip.getInputStream(zip.getEntry("project.json")).readAllBytes(),
                    java.nio.charset.StandardCharsets.UTF_8).replace(old, name)
                    .getBytes(java.nio.charset.StandardCharsets.UTF_8));
            ZipEntry entry = new ZipEntry(name);
            entry.setMethod(ZipEntry.STORED);
            java.util.zip.CRC32 crc = new java.util.zip.CRC32();
            crc.update(other);
            entry.setCrc(crc.getValue());
            entry.setSize(other.length);
            out.putNextEntry(entry);
            out.write(other);
        }
        Project read = ProjectFile.read(foreign);
        Path elsewhere = folder.resolve("elsewhere.vatwright");
        ProjectFile.write(read.withName("Renamed"), elsewhere);
        assertThat(entries(elsewhere)).containsExactly("project.json", name);
        assertThat(ProjectFile.read(elsewhere).withName(read.name())).isEqualTo(read);
        // When no file holds it any more it is encoded anew.
        Files.delete(foreign);
        Files.delete(elsewhere);
        ProjectFile.write(read, folder.resolve("c.vatwright"));
        assertThat(ProjectFile.read(folder.resolve("c.vatwright"))).isEqualTo(read);
    }

    @Test
    void whatIsNotUsedAnyMoreGoes() throws IOException {
        Path file = folder.resolve("a.vatwright");
        Project project = with(noise(40, 30, 1), noise(20, 20, 2));
        ProjectFile.write(project, file);
        Design design = project.design(GANGWAY).orElseThrow();
        Project less = project.edit(GANGWAY, d -> d.removeFill(design.fills().getFirst().name(), d.ground()));
        ProjectFile.write(less, file);
        assertThat(entries(file)).hasSize(2);
        assertThat(ProjectFile.read(file)).isEqualTo(less);
    }

    /** As text within the document its noise was over the limit of what is read. */
    @Test
    void aLargePictureOfNoiseIsSavedAndOpenedAgain() {
        Path file = folder.resolve("noise.vatwright");
        Project project = with(noise(4300, 4300, 9));
        ProjectFile.write(project, file);
        assertThat(ProjectFile.read(file)).isEqualTo(project);
    }

    @Test
    void whatIsMissingOrDamagedIsToldAndAnOldFileStaysWhenTheNewOneCannotBeReadBack() throws IOException {
        Path file = folder.resolve("a.vatwright");
        ProjectFile.write(with(noise(40, 30, 1)), file);
        byte[] whole = Files.readAllBytes(file);
        Path cut = folder.resolve("cut.vatwright");
        try (ZipFile zip = new ZipFile(file.toFile());
                ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(cut))) {
            out.putNextEntry(new ZipEntry("project.json"));
            zip.getInputStream(zip.getEntry("project.json")).transferTo(out);
        }
        assertThatThrownBy(() -> ProjectFile.read(cut)).hasMessageContaining("is missing from cut.vatwright");
        Path damaged = folder.resolve("damaged.vatwright");
        try (ZipFile zip = new ZipFile(file.toFile());
                ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(damaged))) {
            for (String name : entries(file)) {
                out.putNextEntry(new ZipEntry(name));
                byte[] bytes = zip.getInputStream(zip.getEntry(name)).readAllBytes();
                if (name.startsWith(PictureEntries.FOLDER)) {
                    bytes[bytes.length - 20]++;
                }
                out.write(bytes);
            }
        }
        assertThatThrownBy(() -> ProjectFile.read(damaged)).hasMessageContaining("is damaged");
        assertThatThrownBy(() -> org.vatwright.files.disk.Disk.writeWhole(file, out -> out.write(1), written -> {
            throw new IOException("not what was meant");
        })).hasMessageContaining("could not be written: not what was meant");
        assertThat(Files.readAllBytes(file)).isEqualTo(whole);
        Files.copy(file, folder.resolve("copy.vatwright"), StandardCopyOption.REPLACE_EXISTING);
        try (var left = Files.list(folder)) {
            assertThat(left.filter(p -> p.toString().endsWith(".part"))).isEmpty();
        }
    }

    @Test
    void whatCouldNotBeReadBackIsNotWritten() {
        ProjectFile.checkReadable(Limits.STANDARD.fileBytes(), Limits.STANDARD.entries() - 1);
        assertThatThrownBy(() -> ProjectFile.checkReadable(Limits.STANDARD.fileBytes() + 1, 0))
                .isInstanceOf(Refusal.class).hasMessageContaining("268,435,457").hasMessageContaining("two projects");
        assertThatThrownBy(() -> ProjectFile.checkReadable(1, Limits.STANDARD.entries())).isInstanceOf(Refusal.class)
                .hasMessageContaining("10,000 pictures");
    }
}
