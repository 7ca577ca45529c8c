package org.vatwright.files.disk;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.attribute.GroupPrincipal;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFileAttributes;
import java.nio.file.attribute.PosixFilePermission;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

import org.vatwright.core.measure.Refusal;

/** Who may do what with a file that is about to be replaced. */
record Rights(Set<PosixFilePermission> permissions, GroupPrincipal group) {

    private static final Set<PosixFilePermission> WRITE = EnumSet.of(PosixFilePermission.OWNER_WRITE,
            PosixFilePermission.GROUP_WRITE, PosixFilePermission.OTHERS_WRITE);
    private static final int MOST_LINKS = 40;

    /** @return the file that a link, or a chain of them, leads to */
    static Path meant(Path file) throws IOException {
        Path at = file;
        for (int i = 0; Files.isSymbolicLink(at); i++) {
            if (i == MOST_LINKS) {
                throw new Refusal("%s is a link that leads to itself".formatted(file));
            }
            at = at.resolveSibling(Files.readSymbolicLink(at)).normalize();
        }
        return at;
    }

    /** @return those of the file, where the system has such; refuses what must not be written or is no file */
    static Optional<Rights> of(Path file) throws IOException {
        if (!Files.exists(file)) {
            return Optional.empty();
        }
        if (!Files.isRegularFile(file)) {
            throw new Refusal("%s is no file but something of the system's own; name a file".formatted(file));
        }
        PosixFileAttributeView view = Files.getFileAttributeView(file, PosixFileAttributeView.class,
                LinkOption.NOFOLLOW_LINKS);
        PosixFileAttributes found = view == null ? null : view.readAttributes();
        // A user who may do anything still means it when a file is marked as not to be written.
        boolean writable = Files.isWritable(file)
                && (found == null || found.permissions().stream().anyMatch(WRITE::contains));
        if (!writable) {
            throw new Refusal("%s is read-only and is not replaced; save under another name".formatted(file));
        }
        return found == null ? Optional.empty() : Optional.of(new Rights(found.permissions(), found.group()));
    }

    void give(Path file) throws IOException {
        PosixFileAttributeView view = Files.getFileAttributeView(file, PosixFileAttributeView.class);
        try {
            if (!view.readAttributes().group().equals(group)) {
                view.setGroup(group);
            }
        } catch (IOException e) {
            // Only a member of a group may give a file to it; the rights are given all the same.
            System.getLogger(Rights.class.getName()).log(System.Logger.Level.DEBUG, "group not kept", e);
        }
        view.setPermissions(permissions);
    }
}
