package org.vatwright.files.recovery;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Raster;
import org.vatwright.files.Demos;
import org.vatwright.files.disk.FileStamp;
import org.vatwright.files.project.ProjectFile;

class RecoveryTest {

    @TempDir
    Path folder;
    private final Project demo = Demos.withoutPictures();

    private RecoveryStore store() {
        return new RecoveryStore(folder.resolve("recovery"));
    }

    private KeptWork work(Project project) {
        return new KeptWork(project, Optional.of(folder.resolve("ferry.vatwright")),
                Optional.of(new FileStamp(12, 1_795_000_000_123_456_789L)),
                project.designs().getFirst().id());
    }

    private Project withPicture(Project project, int argb) {
        Raster raster = new Raster(300, 200);
        for (int i = 0; i < raster.argb().length; i++) {
            raster.argb()[i] = 0xFF000000 | argb + i * 31;
        }
        Design first = project.designs().getFirst();
        return project.edit(first.id(), d -> d
                .addFill(new Fill("Brushed deck " + argb, new Fill.OfPicture(new Picture(raster, 150)))));
    }

    private List<String> pixels(Path place) throws IOException {
        try (Stream<Path> all = Files.list(place)) {
            return all.map(p -> p.getFileName().toString()).filter(n -> n.endsWith(".pixels")).sorted().toList();
        }
    }

    @Test
    void whatWasKeptComesBackWithItsPicturesAfterTheProgramIsGone() throws IOException {
        Project project = withPicture(withPicture(demo, 0x102030), 0x405060);
        KeptPlace place = store().begin();
        place.keep(work(project));
        assertThat(store().leftBehind()).as("somebody works on it").isEmpty();
        assertThat(pixels(place.folder())).hasSize(2);
        Project later = project.withName("Ferry refit, later");
        place.keep(work(later));
        place.release();

        List<LeftBehind> found = store().leftBehind();
        assertThat(found).hasSize(1);
        KeptWork read = found.getFirst().read();
        assertThat(read).isEqualTo(work(later));
        LeftBehind.Taken taken = found.getFirst().take();
        assertThat(store().leftBehind()).as("it is in hand again").isEmpty();
        assertThat(taken.work()).isEqualTo(work(later));
        long before = Files.getLastModifiedTime(taken.place().folder().resolve("picture-1.pixels")).toMillis();
        taken.place().keep(work(taken.work().project().withName("Ferry refit, last")));
        assertThat(pixels(place.folder())).as("the same two, not written again").hasSize(2);
        assertThat(Files.getLastModifiedTime(taken.place().folder().resolve("picture-1.pixels")).toMillis())
                .isEqualTo(before);
        taken.place().clear();
        taken.place().close();
        assertThat(place.folder()).doesNotExist();
    }

    @Test
    void picturesThatStandInTheProjectsFileAreFoundThereAndKeptAllTheSame() throws IOException {
        Path file = folder.resolve("ferry.vatwright");
        ProjectFile.write(withPicture(demo, 0x102030), file);
        Project opened = ProjectFile.read(file);
        KeptPlace place = store().begin();
        place.keep(work(opened.withName("Edited")));
        place.release();
        LeftBehind left = store().leftBehind().getFirst();
        Path copy = place.folder().resolve("picture-1.pixels");
        assertThat(copy).exists();
        Files.delete(file);
        assertThat(left.read().project()).isEqualTo(opened.withName("Edited"));
        ProjectFile.write(opened, file);
        Files.delete(copy);
        assertThat(left.read().project()).as("out of the file").isEqualTo(opened.withName("Edited"));
    }

    @Test
    void picturesNobodyUsesAnyMoreAreTidied() throws IOException {
        KeptPlace place = store().begin();
        Project both = withPicture(withPicture(demo, 0x102030), 0x405060);
        place.keep(work(both));
        place.keep(work(demo));
        assertThat(pixels(place.folder())).isEmpty();
        place.keep(work(both));
        assertThat(pixels(place.folder())).as("undo brought them back").hasSize(2);
        place.close();
        assertThat(store().leftBehind().getFirst().read().project()).isEqualTo(both);
    }

    /** It had the name of the one before, and both came back as one of them. */
    @Test
    void aPictureMadeAfterOneWasTakenUpAndPutAsideDoesNotTakeItsPlace() throws IOException {
        KeptPlace place = store().begin();
        place.keep(work(withPicture(demo, 0x102030)));
        place.release();
        LeftBehind.Taken taken = store().leftBehind().getFirst().take();
        Project before = taken.work().project();
        Design first = before.designs().getFirst();
        String name = first.fills().getLast().name();
        taken.place().keep(work(before.edit(first.id(), d -> d.removeFill(name, d.ground()))));
        taken.place().keep(work(withPicture(demo, 0x405060)));
        Project both = withPicture(before, 0x405060);
        taken.place().keep(work(both));
        taken.place().release();
        assertThat(store().leftBehind().getFirst().read().project()).isEqualTo(both);
    }

    @Test
    void whatIsDamagedIsRefusedInASentenceAndStays() throws IOException {
        KeptPlace place = store().begin();
        place.keep(work(withPicture(demo, 0x102030)));
        place.release();
        LeftBehind left = store().leftBehind().getFirst();
        Path pixels = left.folder().resolve("picture-1.pixels");
        byte[] whole = Files.readAllBytes(pixels);
        Files.write(pixels, java.util.Arrays.copyOf(whole, whole.length / 2));
        assertThatThrownBy(left::read).isInstanceOf(Refusal.class).hasMessageContaining("picture");
        assertThatThrownBy(left::take).isInstanceOf(Refusal.class);
        Files.write(pixels, new byte[]{127, 127, 127, 127, 127, 127, 127, 127});
        assertThatThrownBy(left::read).isInstanceOf(Refusal.class).hasMessageContaining("2139062143");
        Files.write(pixels, whole);
        assertThat(left.take().work().project()).isEqualTo(left.read().project());
    }

    @Test
    void oneWindowAtATimeHasIt() {
        KeptPlace place = store().begin();
        place.keep(work(demo));
        place.release();
        LeftBehind left = store().leftBehind().getFirst();
        try (KeptPlace held = left.take().place()) {
            assertThat(held.folder()).isEqualTo(place.folder());
            assertThatThrownBy(left::take).isInstanceOf(Refusal.class).hasMessageContaining("another window");
        }
    }

    @Test
    void letGoItIsOfferedNoMoreUntilItIsBroughtBackAndGoesWithTime() throws IOException {
        RecoveryStore store = store();
        KeptPlace place = store.begin();
        place.keep(work(demo));
        place.release();
        LeftBehind gone = store.letGo(store.leftBehind().getFirst());
        assertThat(store.leftBehind()).isEmpty();
        assertThat(store.bringBack(gone).read().project()).isEqualTo(demo);
        assertThat(store.leftBehind()).hasSize(1);
        KeptPlace held = store.begin();
        held.keep(work(demo));
        Instant month = Instant.now().plus(RecoveryStore.KEPT).plus(Duration.ofDays(2));
        store.tidy(Instant.now().plus(RecoveryStore.KEPT).minus(Duration.ofDays(1)));
        assertThat(store.leftBehind()).hasSize(1);
        store.tidy(month);
        assertThat(store.leftBehind()).isEmpty();
        assertThat(held.folder()).as("somebody works on it").exists();
        held.clear();
        held.close();
    }

    @Test
    void thoseOfSeveralProjectsAreOfferedTheLatestFirst() throws IOException {
        for (String name : List.of("first", "second", "third")) {
            KeptPlace place = store().begin();
            place.keep(work(demo.withName(name)));
            place.release();
            Files.setLastModifiedTime(place.folder().resolve("work.json"),
                    FileTime.from(Instant.now().minus(Duration.ofHours(name.length()))));
        }
        assertThat(store().leftBehind().stream().map(l -> l.read().project().name())).hasSize(3)
                .last().isEqualTo("second");
    }
}
