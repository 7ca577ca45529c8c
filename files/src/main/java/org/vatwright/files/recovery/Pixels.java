package org.vatwright.files.recovery;

import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.ByteBuffer;

import org.vatwright.core.measure.Refusal;
import org.vatwright.core.raster.Raster;

/**
 * Pixels as they stand in memory: width and height, then premultiplied ARGB, four bytes each, most significant first. To
 * encode a picture of 20 million pixels as PNG takes seconds; this takes as long as the disk does.
 */
final class Pixels {

    private static final int BLOCK = 16_384;

    private Pixels() {}

    static void write(Raster raster, OutputStream to) throws IOException {
        DataOutputStream out = new DataOutputStream(to);
        out.writeInt(raster.width());
        out.writeInt(raster.height());
        int[] argb = raster.argb();
        ByteBuffer block = ByteBuffer.allocate(BLOCK * Integer.BYTES);
        for (int at = 0; at < argb.length; at += BLOCK) {
            int count = Math.min(BLOCK, argb.length - at);
            block.clear();
            block.asIntBuffer().put(argb, at, count);
            out.write(block.array(), 0, count * Integer.BYTES);
        }
        out.flush();
    }

    /** @param most pixels that are read */
    static Raster read(InputStream from, long most) throws IOException {
        DataInputStream in = new DataInputStream(from);
        int width = in.readInt();
        int height = in.readInt();
        if (width < 1 || height < 1 || (long) width * height > most) {
            throw new Refusal("a kept picture of %d x %d pixels is damaged or too large".formatted(width, height));
        }
        Raster raster = new Raster(width, height);
        int[] argb = raster.argb();
        ByteBuffer block = ByteBuffer.allocate(BLOCK * Integer.BYTES);
        for (int at = 0; at < argb.length; at += BLOCK) {
            int count = Math.min(BLOCK, argb.length - at);
            in.readFully(block.array(), 0, count * Integer.BYTES);
            block.asIntBuffer().get(argb, at, count);
        }
        return raster;
    }
}
