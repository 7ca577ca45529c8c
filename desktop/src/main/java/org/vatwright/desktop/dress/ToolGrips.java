package org.vatwright.desktop.dress;

import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import org.vatwright.core.drape.Box;
import org.vatwright.core.drape.Drape;
import org.vatwright.core.drape.Place;
import org.vatwright.core.drape.Refit;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Cutting;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Pen;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.dress.Seam;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Id;
import org.vatwright.core.sewing.EdgeWalk;
import org.vatwright.core.sewing.SeamLine;
import org.vatwright.core.shape.Outline;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.DressEdits;
import org.vatwright.desktop.studio.DressHand.Tool;
import org.vatwright.desktop.studio.Message;
import org.vatwright.desktop.studio.ShadeHand;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;

/** What is done once and then put down: a cut, a measure, a piece drawn, a lay taken from another piece, a seam sewn. */
final class ToolGrips extends ArticleGrips {

    private static final Pen DRAWN = new Pen(new Rgb(42, 38, 48), 1.2);
    private static final double EDGE_PX = 14;
    private static final Set<Tool> BY_CORNERS = Set.of(Tool.DRAW, Tool.LIMIT, Tool.LINE, Tool.SEW_LINE);

    /** A corner of what is being drawn. @param outX,outY where its curve sets out to, from it */
    private record Corner(Place at, double outX, double outY) {}

    private final List<Corner> corners = new ArrayList<>();
    private Optional<Seam.Edge> edge = Optional.empty();
    private Optional<Notched> notched = Optional.empty();
    private Place start;
    private Place end;

    /** A notch that waits for the other edge. @param first whether it is on the first edge @param share of that edge */
    private record Notched(Seam seam, boolean first, double share) {}

    ToolGrips(Studio studio) {
        super(studio);
    }

    private Tool tool() {
        return studio.dressHand().tool();
    }

    private void done() {
        corners.clear();
        edge = Optional.empty();
        notched = Optional.empty();
        start = null;
        studio.holdDress(h -> h.withTool(Tool.NONE));
    }

    private static String words(Tool tool, boolean second) {
        return switch (tool) {
            case NONE -> "";
            case SPLIT -> "Pull a line through the piece that is to be cut. Esc puts the shears down.";
            case MEASURE -> "Pull along something whose true length you know.";
            case DRAW -> "Click corner after corner, pull for a curve; click the first one to close. Esc gives up.";
            case TAKE -> "Click the piece whose lay is to be taken.";
            case TAKE_DRAPE -> "Click the piece whose drape is to be taken.";
            case NOTCH -> second
                    ? "Now click where it meets on the other edge."
                    : "Click on an edge of a seam where a notch is.";
            case LIMIT -> "Click corner after corner around what is to be shaded; click the first one to close.";
            case LINE, SEW_LINE ->
                "Click place after place of the line, pull for a curve; Enter ends it. Esc gives up.";
            case SEW -> second
                    ? "Now pull along the edge that is sewn to it, the same way."
                    : "Pull along an edge that is sewn.";
        };
    }

    @Override
    void draw() {
        if (tool() == Tool.NONE) {
            corners.clear();
            edge = Optional.empty();
            notched = Optional.empty();
            start = null;
            return;
        }
        Label words = Ui.label(words(tool(), edge.isPresent() || notched.isPresent()), "on-choice");
        words.setId("tool-words");
        getChildren().add(words);
        words.autosize();
        words.relocate(14, 12);
        edge.ifPresent(e -> line(edgeLine(e), "seam-line"));
        if (start != null && end != null && tool() != Tool.SEW) {
            line(new double[]{view.pxX(start.x()), view.pxY(start.y()), view.pxX(end.x()), view.pxY(end.y())},
                    "tool-line");
        } else if (start != null && end != null) {
            edgeBetween(start, end).ifPresent(e -> line(edgeLine(e), "seam-line"));
        }
        if (!corners.isEmpty()) {
            line(flattened(false), "tool-line");
            for (Corner corner : corners) {
                knob(view.pxX(corner.at.x()), view.pxY(corner.at.y()), "grip-drape");
            }
        }
    }

    private double[] edgeLine(Seam.Edge e) {
        EdgeWalk walk = EdgeWalk.of(cut.piece(e.piece()).orElseThrow().seen());
        double[] places = new double[2 * 61];
        double length = e.to() - e.from() + (e.to() < e.from() ? 1 : 0);
        for (int k = 0; k <= 60; k++) {
            Place p = walk.at(e.from() + length * k / 60);
            places[2 * k] = view.pxX(p.x());
            places[2 * k + 1] = view.pxY(p.y());
        }
        return places;
    }

    private Path2D path(boolean closed) {
        Path2D path = new Path2D.Double();
        for (int i = 0; i < corners.size() + (closed ? 1 : 0); i++) {
            Corner c = corners.get(i % corners.size());
            if (i == 0) {
                path.moveTo(c.at.x(), c.at.y());
                continue;
            }
            Corner b = corners.get(i - 1);
            if (b.outX == 0 && b.outY == 0 && c.outX == 0 && c.outY == 0) {
                path.lineTo(c.at.x(), c.at.y());
            } else {
                path.curveTo(b.at.x() + b.outX, b.at.y() + b.outY, c.at.x() - c.outX, c.at.y() - c.outY, c.at.x(),
                        c.at.y());
            }
        }
        if (closed) {
            path.closePath();
        }
        return path;
    }

    private double[] flattened(boolean closed) {
        List<Double> all = new ArrayList<>();
        double[] c = new double[6];
        for (var it = path(closed).getPathIterator(null, 0.2); !it.isDone(); it.next()) {
            it.currentSegment(c);
            all.add(view.pxX(c[0]));
            all.add(view.pxY(c[1]));
        }
        return all.stream().mapToDouble(Double::doubleValue).toArray();
    }

    private Place at(MouseEvent e) {
        return new Place(clean(view.mmX(e.getX())), clean(view.mmY(e.getY())));
    }

    @Override
    boolean press(MouseEvent e) {
        if (tool() == Tool.NONE || e.getButton() != MouseButton.PRIMARY) {
            return false;
        }
        start = at(e);
        end = null;
        switch (tool()) {
            case DRAW, LIMIT, LINE, SEW_LINE -> corner(e);
            case TAKE -> take(e);
            case TAKE_DRAPE -> takeDrape(e);
            case NOTCH -> notch();
            default -> {
            }
        }
        return true;
    }

    private void corner(MouseEvent e) {
        if (corners.size() > 2 && Math.hypot(view.pxX(corners.getFirst().at.x()) - e.getX(),
                view.pxY(corners.getFirst().at.y()) - e.getY()) < REACH_PX) {
            close();
            return;
        }
        corners.add(new Corner(start, 0, 0));
        show(cut, view);
    }

    private void close() {
        Outline outline = Outline.of(path(true));
        if (tool() == Tool.LINE || tool() == Tool.SEW_LINE) {
            line(outline);
            return;
        }
        if (tool() == Tool.LIMIT) {
            done();
            studio.holdDress(h -> h.shading(s -> s.with().path(Optional.of(outline)).keep(ShadeHand.Keep.PATH)
                    .build()));
            return;
        }
        Id id = Id.fresh();
        done();
        DressEdits.flat(studio, "draw a piece", f -> Cutting.added(f, new Piece(id, "piece " + (f.pieces().size() + 1),
                outline, Optional.of(DRAWN))));
        studio.select(s -> s.withPieces(Set.of(id)));
    }

    private void line(Outline line) {
        boolean sewn = tool() == Tool.SEW_LINE;
        done();
        if (sewn) {
            DrawnLine.sew(studio, cut, line);
        } else {
            DrawnLine.trim(studio, line);
        }
    }

    private void take(MouseEvent e) {
        Optional<Lay> lay = cut.pieceAt(view.mmX(e.getX()), view.mmY(e.getY())).flatMap(cut::lay);
        done();
        lay.ifPresentOrElse(l -> studio.editLays("take the lay of another piece", own -> l),
                () -> studio.say(Message.hint("There is no lay to take: that piece is bare.")));
    }

    /** Drawn out to the chosen pieces as it lies on its own. */
    private void takeDrape(MouseEvent e) {
        Optional<Piece> from = cut.pieceAt(view.mmX(e.getX()), view.mmY(e.getY()));
        done();
        Optional<Drape> drape = from.flatMap(p -> cut.dressing(p).drape());
        if (drape.isEmpty()) {
            studio.say(Message.hint("There is no drape to take: the cloth of that piece lies flat."));
            return;
        }
        Box box = Box.of(from.orElseThrow().outline().bounds());
        DressEdits.each(studio, "take the drape of another piece", (piece, worn) -> worn.withDrape(drape.map(
                d -> d.refit(new Refit(box, Box.of(piece.outline().bounds()), false)))));
    }

    /** The edge of a seam that the place is on. */
    private Optional<Notched> onSeam(Place at, Optional<Notched> other) {
        double best = EDGE_PX / view.pxPerMm();
        Optional<Notched> found = Optional.empty();
        if (cut.article() instanceof Article.Flat flat) {
            for (Seam seam : other.map(n -> List.of(n.seam)).orElse(flat.seams())) {
                for (boolean first : other.map(n -> List.of(!n.first)).orElse(List.of(true, false))) {
                    EdgeWalk.Near near = SeamLine.near(flat, first ? seam.first() : seam.second(), at);
                    if (near.far() < best && !seam.laidOn()) {
                        best = near.far();
                        found = Optional.of(new Notched(seam, first, near.share()));
                    }
                }
            }
        }
        return found;
    }

    private void notch() {
        Optional<Notched> found = onSeam(start, notched);
        if (found.isEmpty()) {
            studio.say(Message.hint(notched.isEmpty()
                    ? "There is no edge of a seam there."
                    : "That is not the other edge of the seam; it may lie beside the piece that is sewn to it."));
        } else if (notched.isEmpty()) {
            notched = found;
            show(cut, view);
        } else {
            Notched one = notched.get();
            Seam.Notch fresh = one.first
                    ? new Seam.Notch(one.share, found.get().share)
                    : new Seam.Notch(found.get().share, one.share);
            done();
            DressEdits.flat(studio, "notch a seam", f -> f.editSeam(one.seam, x -> x.withNotch(fresh)));
        }
    }

    @Override
    void drag(MouseEvent e) {
        if (BY_CORNERS.contains(tool()) && !corners.isEmpty()) {
            Corner last = corners.removeLast();
            Place at = at(e);
            corners.add(new Corner(last.at, at.x() - last.at.x(), at.y() - last.at.y()));
        } else {
            end = at(e);
        }
        show(cut, view);
    }

    @Override
    void release(MouseEvent e) {
        if (start == null || end == null || start.far(end) * view.pxPerMm() < 4) {
            return;
        }
        Place a = start;
        Place b = end;
        switch (tool()) {
            case SPLIT -> {
                done();
                split(a, b);
            }
            case MEASURE -> {
                done();
                studio.holdDress(h -> h.withMeasuredMm(clean(a.far(b))));
            }
            case SEW -> sew(a, b);
            default -> {
            }
        }
    }

    private void split(Place a, Place b) {
        Optional<Piece> chosen = piece().or(() -> cut.pieceAt((a.x() + b.x()) / 2, (a.y() + b.y()) / 2));
        chosen.ifPresentOrElse(p -> DressEdits.flat(studio, "cut " + p.name() + " in two",
                f -> Cutting.split(f, p.id(), a.moved(-p.asideX(), -p.asideY()), b.moved(-p.asideX(), -p.asideY()))),
                () -> studio.say(Message.hint("There is no piece under the line.")));
    }

    private void sew(Place a, Place b) {
        Optional<Seam.Edge> found = edgeBetween(a, b);
        start = null;
        if (found.isEmpty()) {
            studio.say(Message.hint("There is no edge along there; begin and end near the outline of one piece."));
        } else if (edge.isEmpty()) {
            edge = found;
            show(cut, view);
        } else if (edge.get().piece().equals(found.get().piece())) {
            studio.say(Message.hint("Both edges are of one piece; the second is to be of another."));
        } else {
            Seam seam = new Seam(edge.get(), found.get());
            done();
            DressEdits.flat(studio, "sew a seam", f -> {
                List<Seam> seams = new ArrayList<>(f.seams());
                seams.add(seam);
                return f.with().seams(seams).build();
            });
        }
    }

    /** @return the edge of the piece whose outline is nearest to both places, the shorter way between them */
    private Optional<Seam.Edge> edgeBetween(Place a, Place b) {
        if (!(cut.article() instanceof Article.Flat)) {
            return Optional.empty();
        }
        double best = EDGE_PX / view.pxPerMm();
        Optional<Seam.Edge> found = Optional.empty();
        for (Piece piece : cut.pieces()) {
            EdgeWalk walk = EdgeWalk.of(piece.seen());
            EdgeWalk.Near from = walk.near(a);
            EdgeWalk.Near to = walk.near(b);
            double far = Math.max(from.far(), to.far());
            if (far < best && from.share() != to.share()) {
                best = far;
                double forward = to.share() - from.share() - Math.floor(to.share() - from.share());
                found = Optional.of(forward <= 0.5
                        ? new Seam.Edge(piece.id(), from.share(), to.share(), false)
                        : new Seam.Edge(piece.id(), to.share(), from.share(), true));
            }
        }
        return found;
    }

    @Override
    boolean key(KeyEvent e) {
        if (tool() == Tool.NONE) {
            return false;
        }
        if (e.getCode() == KeyCode.ESCAPE) {
            done();
        } else if (e.getCode() == KeyCode.ENTER && (tool() == Tool.LINE || tool() == Tool.SEW_LINE)
                && corners.size() > 1) {
            line(Outline.of(path(false)));
        } else if (e.getCode() == KeyCode.ENTER && corners.size() > 2) {
            close();
        } else if (e.getCode() == KeyCode.BACK_SPACE && !corners.isEmpty()) {
            corners.removeLast();
            show(cut, view);
        } else {
            return false;
        }
        return true;
    }
}
