package org.vatwright.files.project;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.Enumeration;
import java.util.List;
import java.util.function.Function;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;

import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.project.Project;
import org.vatwright.files.disk.Disk;
import org.vatwright.files.disk.Limits;
import org.vatwright.files.json.Json;
import org.vatwright.files.json.JsonIn;

/**
 * Project files: a zip archive with {@code project.json} inside. A bare design in JSON is read as a project of one
 * design.
 */
public final class ProjectFile {

    public static final String SUFFIX = ".vatwright";
    private static final String ENTRY = "project.json";

    private ProjectFile() {}

    public static void write(Project project, Path file) {
        byte[] json = Json.write(ProjectCodec.write(project));
        Disk.writeWhole(file, out -> {
            ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
            ZipEntry entry = new ZipEntry(ENTRY);
            // Without a time of its own, the same project gives the same bytes.
            entry.setLastModifiedTime(FileTime.fromMillis(315_532_800_000L));
            zip.putNextEntry(entry);
            zip.write(json);
            zip.closeEntry();
            zip.finish();
        });
    }

    public static Project read(Path file) {
        return read(file, Limits.STANDARD);
    }

    /** @throws Refusal when the file is missing, broken, hostile or of a later version; nothing is changed then */
    public static Project read(Path file, Limits limits) {
        byte[] bytes = Disk.read(file, limits);
        String name = String.valueOf(file.getFileName());
        if (bytes.length >= 2 && bytes[0] == 'P' && bytes[1] == 'K') {
            return Json.read(unpack(file, limits), name, in -> {
                ProjectCodec.checkVersion(in, ProjectCodec.PROJECT);
                return in.placed(ProjectCodec::read);
            });
        }
        if (!new String(bytes, 0, Math.min(bytes.length, 64), StandardCharsets.UTF_8).replace("\uFEFF", "").strip()
                .startsWith("{")) {
            throw new Refusal("%s is neither a project nor a design in JSON, or it was cut short".formatted(name));
        }
        return Json.read(bytes, name, ProjectFile::bare);
    }

    private static Project bare(JsonIn in) {
        if (in.text("format", ProjectCodec.DESIGN).equals(ProjectCodec.PROJECT)) {
            ProjectCodec.checkVersion(in, ProjectCodec.PROJECT);
            return in.placed(ProjectCodec::read);
        }
        return in.placed(() -> {
            Design design = design(in, name -> null);
            return Project.empty(design.name()).addDesign(design);
        });
    }

    /** Reads a design in JSON from wherever it comes. @param known designs that its fills may name; null where none is */
    public static Design readDesign(byte[] json, String name, Function<String, Design> known) {
        return Json.read(json, name, in -> in.placed(() -> design(in, known)));
    }

    private static Design design(JsonIn in, Function<String, Design> known) {
        ProjectCodec.checkVersion(in, ProjectCodec.DESIGN);
        return DesignCodec.read(in, known);
    }

    /** @return the design in JSON, as it may stand alone in a file */
    public static byte[] designJson(Design design) {
        var out = Json.object().put("format", ProjectCodec.DESIGN).put("version", ProjectCodec.VERSION);
        out.setAll(DesignCodec.write(design, true));
        return Json.write(out);
    }

    private static byte[] unpack(Path file, Limits limits) {
        String name = String.valueOf(file.getFileName());
        try (ZipFile zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8)) {
            if (zip.size() > limits.entries()) {
                throw new Refusal("%s holds %d entries; %d are the most".formatted(name, zip.size(), limits.entries()));
            }
            for (Enumeration<? extends ZipEntry> all = zip.entries(); all.hasMoreElements();) {
                checkName(name, all.nextElement().getName());
            }
            ZipEntry entry = zip.getEntry(ENTRY);
            if (entry == null) {
                throw new Refusal("%s is a zip archive without %s; it is no project".formatted(name, ENTRY));
            }
            try (InputStream in = zip.getInputStream(entry)) {
                byte[] bytes = in.readNBytes((int) Math.min(Integer.MAX_VALUE - 16, limits.fileBytes() + 1));
                if (bytes.length > limits.fileBytes()) {
                    throw new Refusal("%s unpacks to more than %,d bytes, the most that is read".formatted(name,
                            limits.fileBytes()));
                }
                return bytes;
            }
        } catch (IOException | IllegalArgumentException e) {
            throw new Refusal("%s is broken or was cut short: %s".formatted(name, e.getMessage()), e);
        }
    }

    /** Nothing is ever unpacked to disk; a path that climbs out still marks an archive that was not made here. */
    private static void checkName(String file, String entry) {
        if (entry.startsWith("/") || entry.contains("\\") || entry.contains(":")
                || List.of(entry.split("/")).contains("..")) {
            throw new Refusal("%s holds the entry \"%s\", whose path leads out of the project; it is not opened"
                    .formatted(file, entry));
        }
    }
}
