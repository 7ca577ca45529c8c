package org.vatwright.bench;

import java.awt.AlphaComposite;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.TexturePaint;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.Random;

import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Setup;
import org.vatwright.core.map.Affine;
import org.vatwright.core.map.TorusSampler;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;

/** A 3600 x 3600 field from a ready tile of 567 x 567, held against a plain copy and against TexturePaint. */
public class FieldBenchmark extends BesideCopy {

    private static final int SIDE = 3600;
    private static final int TILE = 567;

    private Raster tile;
    private Affine straight;
    private Affine turned;
    private BufferedImage paintTile;
    private BufferedImage paintOut;

    public FieldBenchmark() {
        super(SIDE);
    }

    @Setup
    public void prepare() {
        tile = new Raster(TILE, TILE);
        Random random = new Random(1);
        for (int i = 0; i < TILE * TILE; i++) {
            tile.argb()[i] = 0xFF000000 | random.nextInt(1 << 24);
        }
        straight = new Affine(0, 1.0 / TILE, 0, 0, 0, 1.0 / TILE);
        double c = Math.cos(Math.toRadians(31)) / 0.873;
        double s = Math.sin(Math.toRadians(31)) / 0.873;
        turned = new Affine(0.1, c / TILE, -s / TILE, 0.2, s / TILE, c / TILE);
        paintTile = new BufferedImage(TILE, TILE, BufferedImage.TYPE_INT_RGB);
        System.arraycopy(tile.argb(), 0, ((DataBufferInt) paintTile.getRaster().getDataBuffer()).getData(), 0,
                TILE * TILE);
        paintOut = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_RGB);
    }

    @Benchmark
    public Raster fieldAsItIs() {
        TorusSampler.sample(tile, straight, out, Work.on(2));
        return out;
    }

    @Benchmark
    public Raster fieldTurnedAndScaled() {
        TorusSampler.sample(tile, turned, out, Work.on(2));
        return out;
    }

    @Benchmark
    public BufferedImage texturePaintTurnedAndScaled() {
        Graphics2D g = paintOut.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        g.setComposite(AlphaComposite.Src);
        AffineTransform turn = AffineTransform.getRotateInstance(Math.toRadians(-31));
        turn.scale(0.873, 0.873);
        g.transform(turn);
        g.setPaint(new TexturePaint(paintTile, new Rectangle(TILE, TILE)));
        g.fill(new Rectangle(-3 * SIDE, -3 * SIDE, 8 * SIDE, 8 * SIDE));
        g.dispose();
        return paintOut;
    }
}
