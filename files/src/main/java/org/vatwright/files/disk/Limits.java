package org.vatwright.files.disk;

/**
 * What may come in from a file. Beyond it a file is refused before memory is spent on it.
 *
 * @param fileBytes of one file, and of one entry of a project unpacked
 * @param entries in a project
 * @param depth of nested elements or objects
 * @param elements of a drawing
 * @param picturePx pixels of a picture
 * @param pictureBytes of a picture in a project
 */
public record Limits(long fileBytes, int entries, int depth, int elements, long picturePx,
        long pictureBytes) {

    public static final Limits STANDARD = new Limits(256L << 20, 10_000, 200, 200_000, 150_000_000,
            1L << 30);
}
