package org.vatwright.core.dress;

import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.colour.Palette;
import org.vatwright.core.family.motif.Instance;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.Placing;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.motif.Form;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.motif.Part;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.WallpaperGroup;
import org.vatwright.core.shape.Outline;

/**
 * The dressed pieces of an article, letters above all, as one motif of a design of its own: each piece a shape, filled with the
 * design that it wears, at its scale, grain and start. So they can be laid as a figure on anything, or repeated.
 */
public final class AsMotif {

    /** Around the pieces, of the longer side. */
    private static final double MARGIN = 0.05;
    private static final int MOST_PIECES = Design.MOST_FILLS;

    private AsMotif() {}

    /**
     * @param designs those that the pieces may wear
     * @return a design whose one cell holds the pieces in true size, ground clear
     * @throws Refusal when no piece wears anything, or a piece is bent, leaning or mirrored, which a fill cannot be
     */
    public static Design of(Cut cut, List<Design> designs) {
        List<Piece> pieces = cut.pieces().stream().filter(p -> !p.hidden() && worn(cut, p, designs).isPresent())
                .toList();
        if (pieces.isEmpty()) {
            throw new Refusal(
                    "no piece of %s wears a design; a motif is made of those that do".formatted(cut.article().name()));
        }
        if (pieces.size() > MOST_PIECES) {
            throw new Refusal(
                    "%d pieces are too many for a motif; %d are the most".formatted(pieces.size(), MOST_PIECES));
        }
        Rectangle2D box = pieces.stream().map(p -> p.seen().bounds()).reduce(Rectangle2D::createUnion).orElseThrow();
        double margin = MARGIN * Math.max(box.getWidth(), box.getHeight());
        double left = box.getX() - margin;
        double top = box.getY() - margin;
        double wide = Math.max(Repeat.LEAST_MM, box.getWidth() + 2 * margin);
        double high = Math.max(Repeat.LEAST_MM, box.getHeight() + 2 * margin);
        Palette palette = worn(cut, pieces.getFirst(), designs).orElseThrow().palette();
        List<Fill> fills = new ArrayList<>();
        List<Part> parts = new ArrayList<>();
        for (Piece piece : pieces) {
            Lay lay = straight(cut, piece);
            Design of = worn(cut, piece, designs).orElseThrow();
            Rectangle2D own = piece.seen().bounds();
            Fill fill = fill(of, lay, own, name(of, palette, fills.size()));
            fills.add(fill);
            Outline outline = Outline.of(piece.seen().path(AffineTransform.getTranslateInstance(-own.getCenterX(),
                    -own.getCenterY())));
            parts.add(new Part(piece.name(), new Form.Free(outline), own.getCenterX() - left - wide / 2,
                    own.getCenterY() - top - high / 2, 0, 1, 1, 0, new Ink.Filled(fill.name()), Optional.empty(),
                    lay.opacity(), Optional.empty(), 0));
        }
        Motif motif = new Motif(1, cut.article().name(), parts);
        Motifs motifs = new Motifs(List.of(motif), List.of(new Instance(1, wide / 2, high / 2)), new Placing.ByHand(),
                WallpaperGroup.P1);
        return new Design(cut.article().name(), new Repeat(wide, high, Arrangement.STRAIGHT), Ink.CLEAR,
                List.of(), palette, Guides.NONE).with().fills(fills)
                .layers(List.of(new Layer(1, motif.name(), motifs))).build();
    }

    private static Optional<Design> worn(Cut cut, Piece piece, List<Design> designs) {
        return cut.lay(piece).flatMap(l -> designs.stream().filter(d -> d.id().equals(l.design())).findFirst());
    }

    private static Lay straight(Cut cut, Piece piece) {
        Lay lay = cut.lay(piece).orElseThrow();
        boolean bent = cut.dressing(piece).drape().isPresent();
        if (bent || lay.shearDeg() != 0 || lay.flipped()) {
            throw new Refusal("%s is %s; the cloth of a motif lies flat and upright".formatted(piece.name(),
                    bent ? "bent" : lay.flipped() ? "mirrored" : "leaning"));
        }
        return lay;
    }

    /** @return one that no ink has */
    private static String name(Design of, Palette palette, int count) {
        String name = of.name() + " " + (count + 1);
        return palette.slot(name) < 0 ? name : name + " cloth";
    }

    /** A fill that runs through a tile is drawn at the nearest that closes; one that starts in its piece is drawn as it is. */
    private static Fill fill(Design of, Lay lay, Rectangle2D piece, String name) {
        Optional<String> colourway = of.palette().find(lay.colourway()).map(c -> c.name());
        double a = Math.toRadians(lay.grainDeg());
        double wide = of.repeat().tile().widthMm() * lay.scale() / 2;
        double high = of.repeat().tile().heightMm() * lay.scale() / 2;
        return new Fill(Id.fresh(), name, new Fill.OfDesign(of, colourway), lay.scale(), lay.scale(), lay.grainDeg(),
                lay.startX() + wide * Math.cos(a) + high * Math.sin(a) - piece.getCenterX(),
                lay.startY() - wide * Math.sin(a) + high * Math.cos(a) - piece.getCenterY(), true, false);
    }
}
