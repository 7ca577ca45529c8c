package org.vatwright.files.recovery;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Refusal;
import org.vatwright.files.disk.Disk;

/** The user's folder of kept work. */
public record RecoveryStore(Path folder) {

    /** What nobody took up for so long is tidied away. */
    static final Duration KEPT = Duration.ofDays(30);
    /** In front of the name of a place that was let go. */
    private static final String LET_GO = "let-go-";

    /** @return a place for a project that was just opened */
    public KeptPlace begin() {
        Path place = folder.resolve(Id.fresh().text());
        try {
            Files.createDirectories(place);
        } catch (IOException e) {
            throw new Refusal("%s cannot be used to keep work for recovery: %s".formatted(folder, Disk.why(e)), e);
        }
        return KeptPlace.take(place).orElseThrow();
    }

    /** @return what nobody is working on now, the latest first */
    public List<LeftBehind> leftBehind() {
        List<LeftBehind> found = new ArrayList<>();
        for (Path place : places()) {
            if (!place.getFileName().toString().startsWith(LET_GO)) {
                time(place.resolve(KeptPlace.DOCUMENT)).filter(t -> free(place))
                        .ifPresent(t -> found.add(new LeftBehind(place, t)));
            }
        }
        found.sort(Comparator.comparing(LeftBehind::when).reversed());
        return found;
    }

    /** Offers that work no longer. @return as it is kept now; it may be brought back for a while */
    public LeftBehind letGo(LeftBehind work) {
        return moved(work, folder.resolve(LET_GO + work.folder().getFileName()));
    }

    public LeftBehind bringBack(LeftBehind letGo) {
        return moved(letGo, folder.resolve(letGo.folder().getFileName().toString().substring(LET_GO.length())));
    }

    private static LeftBehind moved(LeftBehind work, Path to) {
        try {
            Files.move(work.folder(), to);
            return new LeftBehind(to, work.when());
        } catch (IOException e) {
            throw new Refusal("the work that was kept could not be put aside: " + Disk.why(e), e);
        }
    }

    /** Removes what is old, and places in which nothing was ever kept. */
    public void tidy(Instant now) {
        for (Path place : places()) {
            Path document = place.resolve(KeptPlace.DOCUMENT);
            boolean old = time(document).or(() -> time(place)).filter(t -> t.isBefore(now.minus(KEPT))).isPresent();
            boolean empty = !Files.exists(document)
                    && time(place).filter(t -> t.isBefore(now.minus(Duration.ofDays(1)))).isPresent();
            if ((old || empty) && free(place)) {
                delete(place);
            }
        }
    }

    private List<Path> places() {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> all = Files.list(folder)) {
            return all.filter(Files::isDirectory).toList();
        } catch (IOException e) {
            System.getLogger(RecoveryStore.class.getName()).log(System.Logger.Level.WARNING, "not listed", e);
            return List.of();
        }
    }

    private static Optional<Instant> time(Path file) {
        try {
            return Optional.of(Files.getLastModifiedTime(file).toInstant());
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    private static boolean free(Path place) {
        try {
            Optional<KeptPlace> taken = KeptPlace.take(place);
            taken.ifPresent(KeptPlace::release);
            return taken.isPresent();
        } catch (Refusal e) {
            return false;
        }
    }

    static void delete(Path place) {
        try (Stream<Path> all = Files.list(place)) {
            for (Path file : all.toList()) {
                Files.deleteIfExists(file);
            }
            Files.deleteIfExists(place);
        } catch (IOException e) {
            System.getLogger(RecoveryStore.class.getName()).log(System.Logger.Level.WARNING, "left behind: " + place,
                    e);
        }
    }
}
