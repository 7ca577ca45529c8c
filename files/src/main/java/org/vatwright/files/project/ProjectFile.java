package org.vatwright.files.project;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.Arrays;
import java.util.Optional;
import java.util.function.Function;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;

import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.Raster;
import org.vatwright.files.disk.Disk;
import org.vatwright.files.disk.FileStamp;
import org.vatwright.files.disk.Limits;
import org.vatwright.files.json.Json;
import org.vatwright.files.json.JsonIn;

import com.fasterxml.jackson.databind.node.ObjectNode;

/**
 * Project files: a zip archive with the document as {@code project.json} and each picture as an entry of its own. A bare
 * design in JSON is read as a project of one design.
 */
public final class ProjectFile {

    public static final String SUFFIX = ".vatwright";
    static final String DOCUMENT = "project.json";
    /** Without a time of its own, the same project gives the same bytes. */
    private static final FileTime TIME = FileTime.fromMillis(315_532_800_000L);
    private static final int LOOKED_AT = 64;

    private ProjectFile() {}

    static ZipEntry entry(String name) {
        ZipEntry entry = new ZipEntry(name);
        entry.setLastModifiedTime(TIME);
        return entry;
    }

    /**
     * Writes a project. The new file is read back (its document, its directory, its new pictures) before it takes the place
     * of the old one.
     */
    public static void write(Project project, Path file) {
        write(project, file, Optional.empty());
    }

    /**
     * Writes a project over a file that was seen before.
     *
     * @param seen the file as it was then; when it is another one now, nothing is written
     * @return the file as it is now
     * @throws ChangedMeanwhile when someone else changed it
     */
    public static Optional<FileStamp> write(Project project, Path file, Optional<FileStamp> seen) {
        checkSeen(file, seen);
        try (PictureEntries pictures = new PictureEntries(file)) {
            byte[] json = Json.write(ProjectCodec.write(project, pictures::entry));
            checkReadable(json.length, pictures.count());
            Disk.writeWhole(file, out -> pack(json, pictures, out), written -> {
                readBack(project, json, pictures, written);
                pictures.letGo();
                checkSeen(file, seen);
            });
            pictures.written();
            return FileStamp.of(file);
        }
    }

    private static void checkSeen(Path file, Optional<FileStamp> seen) {
        Optional<FileStamp> now = FileStamp.of(file);
        if (seen.isPresent() && now.isPresent() && !now.equals(seen)) {
            throw new ChangedMeanwhile(file);
        }
    }

    /** @param entries names the entry that a picture stands in */
    public static ObjectNode document(Project project, Function<Raster, String> entries) {
        return ProjectCodec.write(project, entries);
    }

    /** @param entries the picture of an entry that was named */
    public static Project ofDocument(JsonIn in, Function<String, Raster> entries) {
        return ProjectCodec.read(in, entries);
    }

    /** Where a picture stands on the disk. */
    public record Home(Path file, String entry) {}

    /** @return the project's file that a picture was read from or written to, when it has one */
    public static Optional<Home> home(Raster picture) {
        return PictureEntries.home(picture);
    }

    /** @return the picture of an entry of a project's file */
    public static Raster picture(Path file, String entry) {
        try (ProjectEntries entries = new ProjectEntries(file, Limits.STANDARD)) {
            return entries.picture(entry);
        }
    }

    /** What would be refused when it is opened is not written in the first place. */
    static void checkReadable(long documentBytes, int pictures) {
        Limits limits = Limits.STANDARD;
        Require.that(documentBytes <= limits.fileBytes(),
                "the project's document has %,d bytes; %,d are the most that is read back: part it in two projects"
                        .formatted(documentBytes, limits.fileBytes()));
        Require.that(pictures < limits.entries(),
                "the project has %,d pictures; %,d are the most that is read back: part it in two projects"
                        .formatted(pictures, limits.entries() - 1));
    }

    private static void pack(byte[] json, PictureEntries pictures, OutputStream out) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
        zip.putNextEntry(entry(DOCUMENT));
        zip.write(json);
        zip.closeEntry();
        pictures.write(zip);
        zip.finish();
    }

    private static void readBack(Project project, byte[] json, PictureEntries pictures, Path written)
            throws IOException {
        try (ZipFile zip = new ZipFile(written.toFile(), StandardCharsets.UTF_8);
                InputStream in = zip.getInputStream(zip.getEntry(DOCUMENT))) {
            byte[] document = in.readAllBytes();
            if (!Arrays.equals(document, json)) {
                throw new IOException("the document came back changed");
            }
            Project back = Json.read(document, "what was written", i -> ProjectCodec.read(i, pictures::used));
            if (back.designs().size() != project.designs().size()
                    || back.articles().size() != project.articles().size()
                    || back.jobs().size() != project.jobs().size()) {
                throw new IOException("not everything came back");
            }
            pictures.check(zip);
        } catch (Refusal e) {
            throw new IOException(e.getMessage(), e);
        }
    }

    public static Project read(Path file) {
        return read(file, Limits.STANDARD);
    }

    /** @throws Refusal when the file is missing, broken, hostile or of a later version; nothing is changed then */
    public static Project read(Path file, Limits limits) {
        String name = String.valueOf(file.getFileName());
        byte[] head = head(file);
        if (head.length >= 2 && head[0] == 'P' && head[1] == 'K') {
            try (ProjectEntries entries = new ProjectEntries(file, limits)) {
                return Json.read(entries.document(), name,
                        in -> in.placed(i -> ProjectCodec.read(i, entries::picture)));
            }
        }
        if (!new String(head, StandardCharsets.UTF_8).replace("\uFEFF", "").strip().startsWith("{")) {
            throw new Refusal("%s is neither a project nor a design in JSON, or it was cut short".formatted(name));
        }
        return Json.read(Disk.read(file, limits), name, ProjectFile::bare);
    }

    private static byte[] head(Path file) {
        Disk.checkFile(file);
        try (InputStream in = Files.newInputStream(file)) {
            return in.readNBytes(LOOKED_AT);
        } catch (IOException e) {
            throw new Refusal("%s could not be read: %s".formatted(file, Disk.why(e)), e);
        }
    }

    private static Project bare(JsonIn in) {
        if (in.text("format", ProjectCodec.DESIGN).equals(ProjectCodec.PROJECT)) {
            return in.placed(i -> ProjectCodec.read(i, ProjectFile::noEntry));
        }
        return in.placed(() -> {
            Design design = design(in, LinksIn.alone(name -> null));
            return Project.empty(design.name()).addDesign(design);
        });
    }

    private static Raster noEntry(String entry) {
        throw new Refusal("the picture %s stands in a project's file; here is the document alone".formatted(entry));
    }

    /** Reads a design in JSON from wherever it comes. @param known designs that its fills may name; null where none is */
    public static Design readDesign(byte[] json, String name, Function<String, Design> known) {
        return Json.read(json, name, in -> in.placed(() -> design(in, LinksIn.alone(known))));
    }

    /** @param entries the pictures that it names */
    public static Design readDesign(byte[] json, String name, Function<String, Design> known,
            Function<String, Raster> entries) {
        return Json.read(json, name, in -> in.placed(() -> design(in, new LinksIn(known, entries))));
    }

    private static Design design(JsonIn in, LinksIn links) {
        ProjectCodec.checkVersion(in, ProjectCodec.DESIGN);
        return DesignCodec.read(in, links);
    }

    /** @return the design in JSON, as it may stand alone in a file */
    public static byte[] designJson(Design design) {
        var out = Json.object().put("format", ProjectCodec.DESIGN).put("version", ProjectCodec.VERSION);
        out.setAll(DesignCodec.write(design, LinksOut.WHOLE));
        return Json.write(out);
    }
}
