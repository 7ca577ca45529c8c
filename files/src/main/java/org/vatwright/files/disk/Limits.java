package org.vatwright.files.disk;

/**
 * What may come in from a file. Beyond it a file is refused before memory is spent on it. Those of pixels follow from the
 * memory there is; docs/file-format.md states them all.
 *
 * @param fileBytes of one file, and of one entry of a project unpacked
 * @param entries in a project
 * @param depth of nested elements or objects
 * @param elements of a drawing
 * @param picturePx pixels of a picture
 * @param picturesPx pixels of all pictures of a project together
 * @param pictureBytes of a picture in a project
 */
public record Limits(long fileBytes, int entries, int depth, int elements, long picturePx, long picturesPx,
        long pictureBytes) {

    /** A picture that is decoded is there three times for a moment, with up to eight bytes a pixel, besides all else. */
    private static final int BYTES_DECODING = 24;
    /** A picture that is kept has four bytes a pixel, and a third more for its levels when it is looked at. */
    private static final int BYTES_KEPT = 12;
    private static final long MOST_PICTURE_PX = 100_000_000;
    private static final long MOST_PICTURES_PX = 1_000_000_000;

    public static final Limits STANDARD = with(Runtime.getRuntime().maxMemory());

    /** @param memory of the program, in bytes */
    public static Limits with(long memory) {
        return new Limits(Math.min(256L << 20, memory / 16), 10_000, 200, 200_000,
                Math.min(MOST_PICTURE_PX, memory / BYTES_DECODING),
                Math.min(MOST_PICTURES_PX, memory / BYTES_KEPT), 1L << 30);
    }
}
