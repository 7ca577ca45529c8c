package org.vatwright.core.dress;

import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import org.vatwright.core.drape.Box;
import org.vatwright.core.drape.Place;
import org.vatwright.core.drape.Refit;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;
import org.vatwright.core.shape.Outline;

/** Changes to the pieces of a flat: cut in two, joined, closed, made as large as they are in truth. What they wear stays. */
public final class Cutting {

    private static final double FAR = 4 * Outline.FARTHEST_MM;

    private Cutting() {}

    /** @return the piece in two along the line through both places, each dressed as it was. @throws Refusal beside the piece */
    public static Article.Flat split(Article.Flat article, Id piece, Place a, Place b) {
        Require.that(a.far(b) > 0.01, "the two places of the line are one; they must lie apart");
        Piece whole = article.piece(piece).orElseThrow();
        double dx = (b.x() - a.x()) / a.far(b);
        double dy = (b.y() - a.y()) / a.far(b);
        Path2D half = new Path2D.Double();
        half.moveTo(a.x() - FAR * dx, a.y() - FAR * dy);
        half.lineTo(a.x() + FAR * dx, a.y() + FAR * dy);
        half.lineTo(a.x() + FAR * dx - FAR * dy, a.y() + FAR * dy + FAR * dx);
        half.lineTo(a.x() - FAR * dx - FAR * dy, a.y() - FAR * dy + FAR * dx);
        half.closePath();
        Area one = new Area(whole.outline().path());
        Area other = new Area(whole.outline().path());
        one.intersect(new Area(half));
        other.subtract(new Area(half));
        if (one.isEmpty() || other.isEmpty()) {
            throw new Refusal("the line does not cross %s; draw it through the piece".formatted(whole.name()));
        }
        Piece first = whole.with().name(whole.name() + " 1").outline(Outline.of(one)).build();
        Piece second = whole.with().id(Id.fresh()).name(whole.name() + " 2").outline(Outline.of(other)).build();
        List<Piece> pieces = new ArrayList<>();
        article.pieces().forEach(p -> pieces.addAll(p.id().equals(piece) ? List.of(first, second) : List.of(p)));
        // Seams tell shares of an outline that is no more.
        return article.with().pieces(pieces).seams(article.seams().stream().filter(s -> !s.concerns(piece)).toList())
                .dressings(article.dressings().with(second.id(), article.dressing(piece))).build();
    }

    /** @return the pieces as one, at the place and with the dress of the lowest */
    public static Article.Flat joined(Article.Flat article, Set<Id> chosen) {
        List<Piece> parts = article.pieces().stream().filter(p -> chosen.contains(p.id())).toList();
        Require.that(parts.size() > 1, "one piece alone cannot be joined; choose two or more");
        Area all = new Area();
        parts.forEach(p -> all.add(new Area(p.outline().path())));
        Piece one = parts.getFirst().withOutline(Outline.of(all));
        List<Piece> pieces = article.pieces().stream().filter(p -> !chosen.contains(p.id()) || p.id().equals(one.id()))
                .map(p -> p.id().equals(one.id()) ? one : p).toList();
        Dressings dressings = article.dressings();
        for (Piece part : parts.subList(1, parts.size())) {
            dressings = dressings.with(part.id(), Dressing.BARE);
        }
        return article.with().pieces(pieces).dressings(dressings)
                .seams(article.seams().stream().filter(s -> chosen.stream().noneMatch(s::concerns)).toList()).build();
    }

    /** @return lines that enclose something once a straight line joins their ends, with how far these lie apart, in mm */
    public static List<Article.Line> closable(Article.Flat article) {
        return article.lines().stream().filter(l -> closed(l.outline()).area() > 1).toList();
    }

    private static Outline closed(Outline open) {
        Path2D path = open.path();
        path.closePath();
        return Outline.of(path);
    }

    /** @return with that line as a piece above all others */
    public static Article.Flat closed(Article.Flat article, Article.Line line, String name) {
        List<Piece> pieces = new ArrayList<>(article.pieces());
        pieces.add(new Piece(Id.fresh(), name, closed(line.outline()), Optional.of(line.stroke())));
        List<Article.Line> lines = new ArrayList<>(article.lines());
        lines.remove(line);
        return article.with().pieces(pieces).lines(lines).build();
    }

    /** @return with one more piece above all others */
    public static Article.Flat added(Article.Flat article, Piece piece) {
        List<Piece> pieces = new ArrayList<>(article.pieces());
        pieces.add(piece);
        return article.with().pieces(pieces).build();
    }

    public static Article.Flat removed(Article.Flat article, Set<Id> chosen) {
        Dressings dressings = article.dressings();
        for (Id piece : chosen) {
            dressings = dressings.with(piece, Dressing.BARE);
        }
        return article.with().pieces(article.pieces().stream().filter(p -> !chosen.contains(p.id())).toList())
                .dressings(dressings).build();
    }

    /** @return everything so much larger; cloth keeps its true size, and begins where it did on the drawing */
    public static Article.Flat scaled(Article.Flat article, double by) {
        AffineTransform scale = AffineTransform.getScaleInstance(by, by);
        Refit refit = new Refit(new Box(0, 0, 1, 1), new Box(0, 0, by, by), false);
        return article.with().widthMm(article.widthMm() * by).heightMm(article.heightMm() * by)
                .pieces(article.pieces().stream().map(p -> p.with().outline(Outline.of(p.outline().path(), scale))
                        .stroke(p.stroke().map(s -> thicker(s, by)))
                        .asideX(p.asideX() * by).asideY(p.asideY() * by).build()).toList())
                .lines(article.lines().stream().map(l -> new Article.Line(Outline.of(l.outline().path(), scale),
                        thicker(l.stroke(), by))).toList())
                .dressings(article.dressings().eachDressing(d -> d.with()
                        .lay(d.lay().map(l -> l.withStart(l.startX() * by, l.startY() * by)
                                .withFade(l.fade().map(f -> f.scaled(by)))))
                        .drape(d.drape().map(drape -> drape.refit(refit)))
                        .stitches(d.stitches().stream().map(st -> st.through(scale)).toList())
                        .prints(d.prints().stream().map(p -> p.at(p.x() * by, p.y() * by)).toList()).build())
                        .withWhole(w -> w.scaled(by)))
                .build();
    }

    private static Pen thicker(Pen pen, double by) {
        return pen.withWidthMm(Math.max(0.01, Math.min(200, pen.widthMm() * by)));
    }

    /** @return as large as it is in truth, by one measure. @param measuredMm on the drawing @param trueMm what it is */
    public static Article.Flat measured(Article.Flat article, double measuredMm, double trueMm) {
        Require.within("measure on the drawing", measuredMm, 0.1, Article.MOST_MM, "mm");
        Require.within("measure", trueMm, 0.1, Article.MOST_MM, "mm");
        return scaled(article, trueMm / measuredMm);
    }
}
