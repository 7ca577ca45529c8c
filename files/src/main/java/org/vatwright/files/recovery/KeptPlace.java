package org.vatwright.files.recovery;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import org.vatwright.core.measure.Refusal;
import org.vatwright.core.raster.Raster;
import org.vatwright.files.disk.Disk;
import org.vatwright.files.disk.HeldLock;
import org.vatwright.files.json.Json;
import org.vatwright.files.project.ProjectFile;

import com.fasterxml.jackson.databind.node.ObjectNode;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;

/** The place of one open project, locked for as long as it is open. Used on one thread. */
public final class KeptPlace implements AutoCloseable {

    static final String DOCUMENT = "work.json";
    static final String LOCK = "lock";
    static final String FORMAT = "vatwright-recovery";
    static final int VERSION = 1;
    private static final String PIXELS = ".pixels";

    private final Path folder;
    private final HeldLock lock;
    /** By the picture itself, not by its pixels. */
    private final Cache<Raster, String> names = Caffeine.newBuilder().weakKeys().build();
    private final Set<String> stored = new HashSet<>();
    /** A picture that is used no more may be brought back, so its name stays its own. */
    private final Set<String> given = new HashSet<>();
    private int counted;

    private KeptPlace(Path folder, HeldLock lock) {
        this.folder = folder;
        this.lock = lock;
    }

    /** @return nothing when another program, or another window of this one, has it */
    static Optional<KeptPlace> take(Path folder) {
        try {
            return HeldLock.take(folder.resolve(LOCK)).map(held -> new KeptPlace(folder, held));
        } catch (IOException e) {
            throw new Refusal("%s cannot be used to keep work for recovery: %s".formatted(folder, Disk.why(e)), e);
        }
    }

    Path folder() {
        return folder;
    }

    /**
     * Writes the work, replacing what was kept only whole. Pictures that stand in no file are written first, as they are;
     * copies of those that do come after the document, so that it does not wait for them.
     */
    public void keep(KeptWork work) {
        Map<String, Raster> used = new LinkedHashMap<>();
        ObjectNode document = ProjectFile.document(work.project(), raster -> {
            String name = name(raster);
            used.put(name, raster);
            if (ProjectFile.home(raster).isEmpty()) {
                store(name, raster);
            }
            return name;
        });
        ObjectNode out = Json.object().put("format", FORMAT).put("version", VERSION);
        work.file().ifPresent(f -> out.put("file", f.toString()));
        work.seen().ifPresent(s -> out.putObject("seen").put("bytes", s.bytes()).put("nanos", s.nanos()));
        out.put("design", work.design().text()).set("project", document);
        ObjectNode homes = out.putObject("homes");
        used.forEach((name, raster) -> ProjectFile.home(raster).ifPresent(
                h -> homes.putObject(name).put("file", h.file().toString()).put("entry", h.entry())));
        byte[] bytes = Json.write(out);
        Disk.writeWhole(folder.resolve(DOCUMENT), stream -> stream.write(bytes));
        used.forEach(this::store);
        for (String name : Set.copyOf(stored)) {
            if (!used.containsKey(name)) {
                stored.remove(name);
                discard(folder.resolve(name + PIXELS));
            }
        }
    }

    private String name(Raster raster) {
        return names.get(raster, r -> {
            String free;
            do {
                free = "picture-" + ++counted;
            } while (!given.add(free) || Files.exists(folder.resolve(free + PIXELS)));
            return free;
        });
    }

    private void store(String name, Raster raster) {
        if (!stored.contains(name)) {
            Disk.writeWhole(folder.resolve(name + PIXELS), out -> Pixels.write(raster, out));
            stored.add(name);
        }
    }

    /** Notes what a picture that was kept is called, so that it is not kept twice. */
    void known(String name, Raster raster) {
        names.put(raster, name);
        given.add(name);
        if (Files.exists(pixels(folder, name))) {
            stored.add(name);
        }
    }

    static Path pixels(Path folder, String name) {
        return folder.resolve(name + PIXELS);
    }

    /** Nothing is left to be kept: all is saved, or was given up. */
    public void clear() {
        discard(folder.resolve(DOCUMENT));
        stored.forEach(name -> discard(folder.resolve(name + PIXELS)));
        stored.clear();
    }

    private static void discard(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException e) {
            throw new Refusal("%s could not be removed: %s".formatted(file, Disk.why(e)), e);
        }
    }

    /** Leaves the place as it is. */
    void release() {
        lock.close();
    }

    /** Leaves the place; it goes too when nothing is kept there. */
    @Override
    public void close() {
        boolean empty = !Files.exists(folder.resolve(DOCUMENT));
        lock.close();
        if (empty) {
            RecoveryStore.delete(folder);
        }
    }
}
