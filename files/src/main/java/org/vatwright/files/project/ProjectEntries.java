package org.vatwright.files.project;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Enumeration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;

import org.vatwright.core.measure.Refusal;
import org.vatwright.core.raster.Raster;
import org.vatwright.files.disk.Limits;
import org.vatwright.files.picture.Pictures;
import org.vatwright.files.picture.PixelBudget;

/** The entries of a project's file, read with limits. Nothing is ever unpacked to disk. */
final class ProjectEntries implements AutoCloseable {

    private final Path file;
    private final String name;
    private final Limits limits;
    private final ZipFile zip;
    private final PixelBudget budget;
    private final Map<String, Raster> pictures = new HashMap<>();

    /** @throws Refusal when it is broken, or was not made here */
    ProjectEntries(Path file, Limits limits) {
        this.file = file;
        this.limits = limits;
        budget = new PixelBudget(limits);
        name = String.valueOf(file.getFileName());
        try {
            zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8);
        } catch (IOException | IllegalArgumentException e) {
            throw broken(e);
        }
        try {
            checkEntries();
        } catch (Refusal e) {
            close();
            throw e;
        }
    }

    private void checkEntries() {
        if (zip.size() > limits.entries()) {
            throw new Refusal("%s holds %d entries; %d are the most".formatted(name, zip.size(), limits.entries()));
        }
        for (Enumeration<? extends ZipEntry> all = zip.entries(); all.hasMoreElements();) {
            checkName(all.nextElement().getName());
        }
    }

    /** A path that climbs out marks an archive that was not made here. */
    private void checkName(String entry) {
        if (entry.startsWith("/") || entry.contains("\\") || entry.contains(":")
                || List.of(entry.split("/")).contains("..")) {
            throw new Refusal("%s holds the entry \"%s\", whose path leads out of the project; it is not opened"
                    .formatted(name, entry));
        }
    }

    byte[] document() {
        ZipEntry entry = zip.getEntry(ProjectFile.DOCUMENT);
        if (entry == null) {
            throw new Refusal("%s is a zip archive without %s; it is no project".formatted(name, ProjectFile.DOCUMENT));
        }
        return bytes(entry, limits.fileBytes());
    }

    /** @return the picture of an entry, read once */
    Raster picture(String entry) {
        Raster known = pictures.get(entry);
        if (known != null) {
            return known;
        }
        ZipEntry found = entry.startsWith(PictureEntries.FOLDER) ? zip.getEntry(entry) : null;
        if (found == null) {
            throw new Refusal("the picture %s is missing from %s".formatted(entry, name));
        }
        byte[] bytes = bytes(found, limits.pictureBytes());
        if (!entry.equals(PictureEntries.FOLDER + PictureEntries.hash(bytes) + ".png")) {
            throw new Refusal("the picture %s in %s is damaged: its bytes are not those it is named by".formatted(entry,
                    name));
        }
        Raster read = Pictures.read(bytes, entry, budget);
        PictureEntries.read(entry, read, file);
        pictures.put(entry, read);
        return read;
    }

    private byte[] bytes(ZipEntry entry, long most) {
        try (InputStream in = zip.getInputStream(entry)) {
            byte[] bytes = in.readNBytes((int) Math.min(Integer.MAX_VALUE - 16, most + 1));
            if (bytes.length > most) {
                throw new Refusal("%s unpacks to more than %,d bytes, the most that is read".formatted(name, most));
            }
            return bytes;
        } catch (IOException | IllegalArgumentException e) {
            throw broken(e);
        }
    }

    private Refusal broken(Exception e) {
        return new Refusal("%s is broken or was cut short: %s".formatted(name, e.getMessage()), e);
    }

    @Override
    public void close() {
        try {
            zip.close();
        } catch (IOException e) {
            throw broken(e);
        }
    }
}
