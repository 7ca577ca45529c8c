package org.vatwright.files.project;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;

import org.vatwright.core.raster.Raster;
import org.vatwright.files.picture.Pictures;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;

/**
 * The pictures of a project as entries of its file, each named by the hash of its bytes. A picture is encoded once: what its
 * entry is called and which file holds it is remembered for as long as it lives; when it is saved again, the bytes are copied
 * from there as they are. One for each writing.
 */
final class PictureEntries implements AutoCloseable {

    static final String FOLDER = "pictures/";

    /** By the picture itself, not by its pixels. */
    private static final Cache<Raster, String> NAMES = Caffeine.newBuilder().weakKeys().build();
    private static final Map<String, Path> HOMES = new ConcurrentHashMap<>();

    private final Path target;
    private final Map<String, Raster> used = new LinkedHashMap<>();
    private final Map<String, byte[]> fresh = new HashMap<>();
    private final Map<Path, Optional<ZipFile>> opened = new HashMap<>();

    /** @param target the file that is going to be replaced, if it is there */
    PictureEntries(Path target) {
        this.target = target.toAbsolutePath();
    }

    /** Notes the entry and the file that a picture was read from. */
    static void read(String entry, Raster raster, Path file) {
        NAMES.put(raster, entry);
        HOMES.put(entry, file.toAbsolutePath());
    }

    static Optional<ProjectFile.Home> home(Raster picture) {
        return Optional.ofNullable(NAMES.getIfPresent(picture)).flatMap(
                entry -> Optional.ofNullable(HOMES.get(entry)).map(file -> new ProjectFile.Home(file, entry)));
    }

    /** @return the entry of a picture, which is used from now on */
    String entry(Raster raster) {
        String known = NAMES.getIfPresent(raster);
        if (known == null || !fresh.containsKey(known) && holder(known).isEmpty()) {
            byte[] bytes = Pictures.png(raster);
            known = FOLDER + hash(bytes) + ".png";
            fresh.put(known, bytes);
            NAMES.put(raster, known);
        }
        used.put(known, raster);
        return known;
    }

    int count() {
        return used.size();
    }

    /** @return the picture of an entry in use; null when there is none */
    Raster used(String entry) {
        return used.get(entry);
    }

    private Optional<ZipFile> holder(String entry) {
        return Stream.of(Optional.of(target), Optional.ofNullable(HOMES.get(entry))).flatMap(Optional::stream)
                .map(p -> opened.computeIfAbsent(p, PictureEntries::open)).flatMap(Optional::stream)
                .filter(zip -> zip.getEntry(entry) != null && zip.getEntry(entry).getMethod() == ZipEntry.STORED)
                .findFirst();
    }

    private static Optional<ZipFile> open(Path file) {
        try {
            return Files.isRegularFile(file) ? Optional.of(new ZipFile(file.toFile())) : Optional.empty();
        } catch (IOException e) {
            // What cannot be opened holds nothing for us; the picture is encoded anew.
            return Optional.empty();
        }
    }

    /** Writes every entry in use, stored as it is: what is packed already does not get smaller. */
    void write(ZipOutputStream zip) throws IOException {
        for (String name : used.keySet()) {
            ZipEntry entry = ProjectFile.entry(name);
            entry.setMethod(ZipEntry.STORED);
            byte[] bytes = fresh.get(name);
            if (bytes != null) {
                CRC32 crc = new CRC32();
                crc.update(bytes);
                entry.setSize(bytes.length);
                entry.setCrc(crc.getValue());
                zip.putNextEntry(entry);
                zip.write(bytes);
            } else {
                ZipFile from = holder(name).orElseThrow(() -> new IOException("the file with " + name + " is gone"));
                ZipEntry old = from.getEntry(name);
                entry.setSize(old.getSize());
                entry.setCrc(old.getCrc());
                zip.putNextEntry(entry);
                try (InputStream in = from.getInputStream(old)) {
                    in.transferTo(zip);
                }
            }
            zip.closeEntry();
        }
    }

    /** Looks whether a file that was just written has every entry, and whether the new ones are whole. */
    void check(ZipFile written) throws IOException {
        for (String name : used.keySet()) {
            ZipEntry entry = written.getEntry(name);
            if (entry == null) {
                throw new IOException(name + " is missing");
            }
            if (fresh.containsKey(name)) {
                try (InputStream in = written.getInputStream(entry)) {
                    if (!name.equals(FOLDER + hash(in.readAllBytes()) + ".png")) {
                        throw new IOException(name + " came back changed");
                    }
                }
            }
        }
    }

    /** Notes that the file holds every entry in use now. */
    void written() {
        used.keySet().forEach(name -> HOMES.put(name, target));
    }

    static String hash(byte[] bytes) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }

    @Override
    public void close() {
        letGo();
    }

    /** Lets go of the files that pictures were copied from: some systems replace none that is open. */
    void letGo() {
        opened.values().forEach(zip -> zip.ifPresent(z -> {
            try {
                z.close();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }));
        opened.clear();
    }
}
