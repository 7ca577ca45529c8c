package org.vatwright.core.family.flow;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.measure.Noise;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Spine;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.shape.Drawing;
import org.vatwright.core.shape.Group;

/** Flow lines as shapes on a tile: blobs lowest, then each copy's line, then its beads. */
final class FlowDrawing {

    /** Pieces a line is cut in where its colour changes along it. */
    private static final int PIECES = 96;
    private static final int BLOB_POINTS = 48;
    private static final double EDGE_POINTS_MM = 0.35;

    private static final int MOST_BEADS = 40_000;

    private final FlowLines lines;
    private final List<AffineTransform> places;
    private final List<Group> groups = new ArrayList<>();
    private long beads;

    private FlowDrawing(FlowLines lines, Repeat repeat) {
        this.lines = lines;
        places = lines.places(lines.fit(repeat));
    }

    static Drawing of(FlowLines lines, Repeat repeat) {
        FlowDrawing drawing = new FlowDrawing(lines, repeat);
        for (int i = 0; i < lines.blobs().size(); i++) {
            drawing.group(List.of(new VectorMark(blob(lines.blobs().get(i), i), lines.blobs().get(i).ink())), false);
        }
        for (int copy = 0; copy < lines.copies().count(); copy++) {
            Centreline line = Centreline.of(lines, copy);
            drawing.line(line, copy);
            for (BeadRow row : lines.beads()) {
                drawing.beads(line, row);
            }
        }
        return new Drawing(drawing.groups);
    }

    /** The same marks at every place of the lattice, which abut there. */
    private void abutting(List<VectorMark> unit) {
        group(unit, true);
    }

    private void group(List<VectorMark> unit, boolean seams) {
        List<VectorMark> marks = new ArrayList<>();
        for (AffineTransform place : places) {
            for (VectorMark mark : unit) {
                marks.add(mark.moved(place));
            }
        }
        groups.add(new Group(marks, Ink.CLEAR, seams));
    }

    private void line(Centreline line, int copy) {
        double thickness = lines.stroke().thicknessMm() + copy * lines.copies().thickerMm();
        if (thickness <= 0) {
            return;
        }
        int n = line.spans();
        Spine spine = new Spine(line.x(), line.y(), thickness / 2);
        if (lines.stroke().along().isEmpty()) {
            Ink ink = lines.stroke().inks().get(copy % lines.stroke().inks().size());
            abutting(List.of(new VectorMark(ribbon(line, 0, n, thickness), ink)
                    .along(spine)));
            return;
        }
        List<VectorMark> pieces = new ArrayList<>();
        for (int piece = 0; piece < PIECES; piece++) {
            int from = piece * n / PIECES;
            int to = (piece + 1) * n / PIECES;
            if (to > from) {
                double middle = (line.way()[from] + line.way()[to]) / 2 / line.lengthMm();
                Ribbon.Mixture mixture = lines.stroke().at(middle);
                // A gradient runs on over all pieces.
                pieces.add(new VectorMark(ribbon(line, from, to, thickness), mixture.from(), mixture.to(),
                        mixture.share()).along(spine));
            }
        }
        abutting(pieces);
    }

    /** The line between two of its points, cut across at both. */
    private static Shape ribbon(Centreline line, int from, int to, double thickness) {
        Path2D path = new Path2D.Double();
        for (int side = 1; side >= -1; side -= 2) {
            for (int k = 0; k <= to - from; k++) {
                int i = side > 0 ? from + k : to - k;
                double[] d = line.direction(i);
                double off = side * thickness / 2 * line.swell()[i];
                point(path, line.x()[i] + d[1] * off, line.y()[i] - d[0] * off);
            }
        }
        path.closePath();
        return path;
    }

    private static void point(Path2D path, double x, double y) {
        if (path.getCurrentPoint() == null) {
            path.moveTo(x, y);
        } else {
            path.lineTo(x, y);
        }
    }

    private void beads(Centreline line, BeadRow row) {
        double length = line.lengthMm();
        List<BeadRow.Step> steps = row.steps(length);
        double list = length / row.times(length);
        double at = lines.travel() * lines.phase() * list;
        beads += (long) row.times(length) * steps.size() * places.size();
        if (beads > MOST_BEADS) {
            throw new Refusal(
                    "the tile would hold %,d beads; %,d are the most: make them longer or farther apart, or the line shorter"
                            .formatted(beads, MOST_BEADS));
        }
        List<VectorMark> marks = new ArrayList<>();
        for (int time = 0; time < row.times(length); time++) {
            double from = at + time * list;
            for (BeadRow.Step step : steps) {
                marks.add(new VectorMark(bead(line, row, from, step.lengthMm()), row.ink()));
                from += step.lengthMm() + step.gapMm();
            }
        }
        group(marks, false);
    }

    /** A bead follows the line; its ends are inside its length. */
    private static Shape bead(Centreline line, BeadRow row, double from, double length) {
        int points = (int) Math.max(12, Math.min(160, length / EDGE_POINTS_MM));
        Path2D path = new Path2D.Double();
        for (int side = 1; side >= -1; side -= 2) {
            for (int k = 0; k <= points; k++) {
                double t = (double) (side > 0 ? k : points - k) / points;
                // Points stand closer near the ends, where a cap turns.
                double u = (1 - Math.cos(Math.PI * t)) / 2;
                Centreline.Spot spot = line.at(from + u * length);
                double half = row.sizeMm() / 2 * spot.swell() * breadth(row.cap(), u * length, length, row.sizeMm());
                point(path, spot.sideX(row.offsetMm() - side * half), spot.sideY(row.offsetMm() - side * half));
            }
        }
        path.closePath();
        return path;
    }

    /** @return how much of its size a bead has at a place along it */
    private static double breadth(BeadRow.Cap cap, double at, double length, double size) {
        double cup = Math.min(size, length) / 2;
        double end = Math.min(at, length - at);
        return switch (cap) {
            case SQUARE -> 1;
            case ROUND -> end >= cup ? 1 : Math.sqrt(Math.max(0, 1 - (1 - end / cup) * (1 - end / cup)));
            case POINTED -> Math.sin(Math.PI * at / length);
        };
    }

    private static Shape blob(Blob blob, int number) {
        Path2D path = new Path2D.Double();
        double turn = Math.toRadians(blob.turnDeg());
        double[] x = new double[BLOB_POINTS];
        double[] y = new double[BLOB_POINTS];
        for (int i = 0; i < BLOB_POINTS; i++) {
            double t = (double) i / BLOB_POINTS;
            double far = 1 + blob.uneven() * Noise.torus(number * 31L + 7, t, 0.5, 5, 1);
            double px = blob.widthMm() / 2 * far * Math.cos(2 * Math.PI * t);
            double py = blob.heightMm() / 2 * far * Math.sin(2 * Math.PI * t);
            x[i] = blob.x() + px * Math.cos(turn) + py * Math.sin(turn);
            y[i] = blob.y() + py * Math.cos(turn) - px * Math.sin(turn);
        }
        // Through the points by cubic pieces, each with the direction of its neighbours.
        path.moveTo(x[0], y[0]);
        for (int i = 0; i < BLOB_POINTS; i++) {
            int before = (i + BLOB_POINTS - 1) % BLOB_POINTS;
            int next = (i + 1) % BLOB_POINTS;
            int after = (i + 2) % BLOB_POINTS;
            path.curveTo(x[i] + (x[next] - x[before]) / 6, y[i] + (y[next] - y[before]) / 6,
                    x[next] - (x[after] - x[i]) / 6, y[next] - (y[after] - y[i]) / 6, x[next], y[next]);
        }
        path.closePath();
        return path;
    }
}
