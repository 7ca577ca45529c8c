package org.vatwright.files.recovery;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.raster.Raster;
import org.vatwright.files.disk.Disk;
import org.vatwright.files.disk.FileStamp;
import org.vatwright.files.disk.Limits;
import org.vatwright.files.json.Json;
import org.vatwright.files.json.JsonIn;
import org.vatwright.files.project.ProjectFile;

/**
 * Work that was not saved when the program ended.
 *
 * @param when it was kept last
 */
public record LeftBehind(Path folder, Instant when) {

    /** Work that was read, in the place where it goes on being kept. */
    public record Taken(KeptWork work, KeptPlace place) {}

    /** @throws Refusal when it is damaged; it stays where it is */
    public KeptWork read() {
        return read((name, raster) -> {});
    }

    /** Reads the work and takes over its place, so that it is kept at every moment. */
    public Taken take() {
        KeptPlace place = KeptPlace.take(folder)
                .orElseThrow(() -> new Refusal("this work is open in another window already"));
        try {
            return new Taken(read(place::known), place);
        } catch (RuntimeException | Error e) {
            place.close();
            throw e;
        }
    }

    private interface Told {
        void picture(String name, Raster raster);
    }

    private KeptWork read(Told told) {
        byte[] bytes = Disk.read(folder.resolve(KeptPlace.DOCUMENT), Limits.STANDARD);
        return Json.read(bytes, "the work that was kept", in -> in.placed(i -> {
            i.only("format", "version", "file", "seen", "design", "project", "homes");
            if (!i.text("format").equals(KeptPlace.FORMAT) || i.whole("version", 0) != KeptPlace.VERSION) {
                throw i.at("version").wrong("is not one that this Vatwright reads");
            }
            Map<String, Raster> read = new HashMap<>();
            JsonIn homes = i.at("homes");
            return new KeptWork(ProjectFile.ofDocument(i.at("project"), name -> read.computeIfAbsent(name, n -> {
                Raster raster = picture(n, homes);
                told.picture(n, raster);
                return raster;
            })), file(i.text("file", "")), seen(i), new Id(i.text("design")));
        }));
    }

    private static Optional<FileStamp> seen(JsonIn in) {
        return in.has("seen")
                ? Optional.of(new FileStamp(in.at("seen").longWhole("bytes", 0), in.at("seen").longWhole("nanos", 0)))
                : Optional.empty();
    }

    private static Optional<Path> file(String path) {
        try {
            return path.isEmpty() ? Optional.empty() : Optional.of(Path.of(path));
        } catch (InvalidPathException e) {
            return Optional.empty();
        }
    }

    private Raster picture(String name, JsonIn homes) {
        Path pixels = KeptPlace.pixels(folder, name);
        if (Files.exists(pixels)) {
            try (InputStream in = Files.newInputStream(pixels)) {
                return Pixels.read(in, Limits.STANDARD.picturePx());
            } catch (IOException e) {
                throw new Refusal("a picture that was kept could not be read: " + Disk.why(e), e);
            }
        }
        JsonIn home = homes.at(name);
        return ProjectFile.picture(file(home.text("file")).orElseThrow(() -> home.wrong("names no file")),
                home.text("entry"));
    }
}
