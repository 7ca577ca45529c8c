package org.vatwright.desktop.dress;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.dress.Judge;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.project.Project;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.cloth.ClothPane;
import org.vatwright.desktop.cloth.HandNumber;
import org.vatwright.desktop.cloth.ScaleBar;
import org.vatwright.desktop.cloth.Viewport;
import org.vatwright.desktop.control.Styles;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.frame.Frame;
import org.vatwright.desktop.studio.DressEdits;
import org.vatwright.desktop.studio.Scenes;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.input.DragEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.SVGPath;
import javafx.scene.transform.Affine;
import javafx.scene.transform.Transform;

/** The article large: pieces light up, are chosen, take designs dropped on them; their lays are dragged and nudged. */
final class ArticlePane extends ClothPane {

    private static final double MARGIN = 34;
    private static final double NUDGE_MM = 0.5;

    private final Studio studio;
    private final ClothImage cloth = ClothImage.underTheHand();
    private final Pane under = new Pane();
    private final Pane marks = new Pane();
    private final SeamMarks seams;
    private final List<ArticleGrips> grips;
    private Optional<ArticleGrips> held = Optional.empty();
    private boolean showsSeams;
    private final DrapeGrips drape;
    private final ShadeGrips shading;
    private final CalloutGrips callouts;
    private final FadeGrips fading;
    private final TrimGrips trims;
    private final GrainGrip grain;
    private String open = "";
    private final SVGPath lit = new SVGPath();
    private final ScaleBar bar = new ScaleBar();
    private Article article;
    private Cut cut;
    private Optional<Piece> pointed = Optional.empty();
    private boolean grabbing;
    /** Whether the picture grew under a hand. */
    private boolean grown;
    private boolean aside;
    private double grabX;
    private double grabY;
    private double movedX;
    private double movedY;

    ArticlePane(Studio studio) {
        this.studio = studio;
        setId("article");
        under.setMouseTransparent(true);
        marks.setMouseTransparent(true);
        lit.getStyleClass().add("piece-lit");
        lit.setMouseTransparent(true);
        Ui.placedByHand(bar);
        seams = new SeamMarks(studio);
        // Who comes first takes hold first.
        drape = new DrapeGrips(studio);
        shading = new ShadeGrips(studio, cloth);
        callouts = new CalloutGrips(studio);
        fading = new FadeGrips(studio);
        trims = new TrimGrips(studio);
        HandNumber number = new HandNumber(studio, this);
        grain = new GrainGrip(studio, number);
        grips = List.of(new ToolGrips(studio), shading, callouts, fading, trims, drape, new PrintGrips(studio), grain);
        getChildren().addAll(under, cloth, lit, marks, seams);
        getChildren().addAll(grips);
        getChildren().addAll(bar, number);
        setOnMouseMoved(this::point);
        setOnMouseExited(e -> light(Optional.empty()));
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::press);
        addEventHandler(MouseEvent.MOUSE_DRAGGED, this::drag);
        addEventHandler(MouseEvent.MOUSE_RELEASED, e -> {
            grabbing = false;
            studio.endDrag();
            held.ifPresent(g -> g.release(e));
            held = Optional.empty();
            if (grown) {
                grown = false;
                fit();
            }
        });
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        setOnDragOver(this::over);
        setOnDragDropped(this::drop);
    }

    void show(Article shown) {
        boolean other = article == null || !article.id().equals(shown.id());
        Cut before = cut;
        article = shown;
        cut = studio.cut(shown);
        boolean resized = before != null
                && (before.widthMm() != cut.widthMm() || before.heightMm() != cut.heightMm());
        grown |= resized && !other;
        // Not under a hand: what it holds would slip away.
        if (other || grown && !studio.dragging()) {
            grown = false;
            fit();
        } else {
            update();
        }
    }

    @Override
    protected Viewport fitting() {
        return cut == null
                ? viewport()
                : Viewport.fitting(cut.widthMm(), cut.heightMm(), MARGIN, MARGIN, getWidth() - 2 * MARGIN,
                        getHeight() - 2 * MARGIN - 16);
    }

    @Override
    protected void update() {
        if (cut == null || getWidth() < 2) {
            return;
        }
        Viewport v = viewport();
        Scenes.Dressed dressed = new Scenes.Dressed(judged(), seen(), Optional.empty(), v.pxPerMm());
        cloth.of(cut.article().id());
        cloth.draw(dressed, dressed.subject(studio.tiles()), cut.widthMm() * v.pxPerMm(), cut.heightMm() * v.pxPerMm());
        cloth.relocate(v.x(), v.y());
        under.getChildren().clear();
        cut.pieces().stream().filter(p -> !cut.dressing(p).seen() && !p.hidden() && p.fill().isEmpty() && beside(p))
                .forEach(p -> under.getChildren().add(path(p, "piece-bare")));
        marks.getChildren().clear();
        List<Piece> chosen = cut.pieces().stream().filter(p -> studio.selection().pieces().contains(p.id())).toList();
        chosen.forEach(p -> marks.getChildren().addAll(path(p, "piece-chosen-under"), path(p, "piece-chosen")));
        // Of bent cloth it is seen elsewhere.
        chosen.stream().findFirst().filter(p -> cut.dressing(p).drape().isEmpty()).flatMap(cut::lay)
                .ifPresent(lay -> startMark(lay, v));
        light(pointed);
        seams.show(article, v, showsSeams);
        grips.forEach(g -> g.show(cut, v));
        bar.show(v.pxPerMm());
        bar.autosize();
        bar.relocate(14, getHeight() - bar.prefHeight(-1) - 8);
    }

    private boolean beside(Piece piece) {
        Set<Id> alone = studio.dressHand().alone();
        return alone.isEmpty() || alone.contains(piece.id());
    }

    /** @return the article as it is looked at: some pieces alone, plain cloth to judge a drape by */
    private Cut seen() {
        Article judged = studio.dressHand().judge().on(article);
        List<Piece> pieces = cut.pieces().stream().filter(this::beside).toList();
        return cut.with().article(judged).pieces(pieces)
                .lines(pieces.size() == cut.pieces().size() ? cut.lines() : List.of()).build();
    }

    private Project judged() {
        Judge judge = studio.dressHand().judge();
        Project project = studio.project();
        if (judge == Judge.NONE) {
            return project;
        }
        List<Design> designs = new ArrayList<>(project.designs());
        designs.add(judge.design());
        return project.withDesigns(designs);
    }

    /** @param open the chapter that stands open: seams are seen with theirs, a drape in those of the cloth */
    void showFor(String open) {
        boolean bends = open.equals("lay") || open.equals("drape");
        if (!open.equals(this.open)) {
            this.open = open;
            showsSeams = open.equals("seams");
            drape.shown(bends);
            shading.shown(open.equals("light"));
            callouts.shown(open.equals("callouts"));
            fading.shown(open.equals("lay"));
            trims.shown(open.equals("trim"));
            grain.shown(open.equals("lay") || open.equals("cloths"));
            update();
        }
    }

    SeamMarks seams() {
        return seams;
    }

    private SVGPath path(Piece piece, String style) {
        SVGPath path = new SVGPath();
        place(path, piece);
        path.getStyleClass().add(style);
        return path;
    }

    private void place(SVGPath path, Piece piece) {
        Viewport v = viewport();
        var shape = piece.seen().path(java.awt.geom.AffineTransform.getScaleInstance(v.pxPerMm(), v.pxPerMm()));
        path.setContent(org.vatwright.core.shape.Outline.of(shape).data());
        Affine move = new Affine(Transform.translate(v.x(), v.y()));
        path.getTransforms().setAll(move);
    }

    /** A cross where the design begins, its upright along the warp. */
    private void startMark(Lay lay, Viewport v) {
        double x = v.pxX(lay.startX());
        double y = v.pxY(lay.startY());
        double a = Math.toRadians(lay.grainDeg());
        for (String style : new String[]{"start-mark-under", "start-mark"}) {
            Line warp = new Line(x - 16 * Math.sin(a), y - 16 * Math.cos(a), x + 16 * Math.sin(a),
                    y + 16 * Math.cos(a));
            Line weft = new Line(x - 8 * Math.cos(a), y + 8 * Math.sin(a), x + 8 * Math.cos(a), y - 8 * Math.sin(a));
            Circle ring = new Circle(x, y, 4);
            warp.getStyleClass().add(style);
            weft.getStyleClass().add(style);
            ring.getStyleClass().add(style);
            marks.getChildren().addAll(warp, weft, ring);
        }
    }

    private Optional<Piece> pieceAt(double x, double y) {
        return cut == null
                ? Optional.empty()
                : cut.pieceAt(viewport().mmX(x), viewport().mmY(y), p -> !p.locked() && beside(p));
    }

    private void point(MouseEvent e) {
        Optional<Piece> piece = pieceAt(e.getX(), e.getY());
        light(piece);
        Viewport v = viewport();
        int argb = cloth.argb(e.getX() - v.x(), e.getY() - v.y());
        String words = piece.map(p -> p.name() + cut.lay(p).map(this::words).orElse(", bare")).orElse("");
        studio.tellFoot(f -> f.withPlace(words, argb >>> 24 == 255 ? argb : 0));
    }

    private String words(Lay lay) {
        return ", %s in %s".formatted(studio.project().design(lay.design()).map(Design::name).orElse("nothing"),
                lay.colourway());
    }

    private void light(Optional<Piece> piece) {
        pointed = piece.flatMap(p -> cut.piece(p.id()));
        grain.point(pointed);
        lit.setVisible(pointed.isPresent());
        pointed.ifPresent(p -> {
            place(lit, p);
            lit.pseudoClassStateChanged(Styles.CHOSEN, studio.selection().pieces().contains(p.id()));
        });
    }

    private void press(MouseEvent e) {
        requestFocus();
        held = grips.stream().filter(g -> g.press(e)).findFirst();
        if (held.isPresent() || e.getButton() != MouseButton.PRIMARY) {
            return;
        }
        Optional<Piece> piece = pieceAt(e.getX(), e.getY());
        Set<Id> chosen = new HashSet<>(studio.selection().pieces());
        if (piece.isEmpty()) {
            chosen.clear();
        } else if (e.isShiftDown() || e.isShortcutDown()) {
            if (!chosen.remove(piece.get().id())) {
                chosen.add(piece.get().id());
            }
        } else if (!chosen.contains(piece.get().id())) {
            chosen = Set.of(piece.get().id());
        }
        Set<Id> now = chosen;
        if (!now.equals(studio.selection().pieces())) {
            studio.holdDress(h -> h.with().points(Set.of()).figure(-1).build());
        }
        studio.select(s -> s.withPieces(now));
        grabbing = piece.filter(p -> now.contains(p.id()) && (e.isAltDown() || cut.lay(p).isPresent())).isPresent();
        grabX = e.getX();
        grabY = e.getY();
        movedX = 0;
        movedY = 0;
    }

    /** Moves the start of the chosen lays with the hand; with Alt the pieces themselves, aside. */
    private void drag(MouseEvent e) {
        if (held.isPresent()) {
            held.get().drag(e);
            return;
        }
        if (!grabbing || !studio.dragging() && Math.hypot(e.getX() - grabX, e.getY() - grabY) < 3) {
            return;
        }
        if (!studio.dragging()) {
            aside = e.isAltDown() && article instanceof Article.Flat;
            studio.beginDrag(aside ? "move pieces aside" : "move the lay");
        }
        double toX = Math.rint((e.getX() - grabX) / viewport().pxPerMm() * 10) / 10;
        double toY = Math.rint((e.getY() - grabY) / viewport().pxPerMm() * 10) / 10;
        double dx = toX - movedX;
        double dy = toY - movedY;
        movedX = toX;
        movedY = toY;
        if (aside) {
            DressEdits.pieces(studio, "move pieces aside",
                    p -> p.withAside(clean(p.asideX() + dx), clean(p.asideY() + dy)));
        } else {
            move(dx, dy, "move the lay");
        }
    }

    private void move(double dx, double dy, String name) {
        studio.editLays(name, l -> l.withStart(clean(l.startX() + dx), clean(l.startY() + dy)));
    }

    private static double clean(double mm) {
        return Math.rint(mm * 1e6) / 1e6;
    }

    private void key(KeyEvent e) {
        if (grips.stream().anyMatch(g -> g.key(e))) {
            e.consume();
            return;
        }
        double step = e.isShiftDown() ? 10 * NUDGE_MM : NUDGE_MM;
        double[] way = way(e.getCode());
        if ((way[0] != 0 || way[1] != 0) && !studio.selection().pieces().isEmpty()) {
            move(step * way[0], step * way[1], "nudge the lay by " + Numbers.plain(step) + " mm");
            e.consume();
        }
    }

    /** @return where an arrow key leads: right and down */
    static double[] way(KeyCode code) {
        return switch (code) {
            case LEFT -> new double[]{-1, 0};
            case RIGHT -> new double[]{1, 0};
            case UP -> new double[]{0, -1};
            case DOWN -> new double[]{0, 1};
            default -> new double[2];
        };
    }

    private Optional<Design> design(DragEvent e) {
        return Frame.draggedDesign(e.getDragboard()).flatMap(studio.project()::design);
    }

    private void over(DragEvent e) {
        if (design(e).isPresent()) {
            light(pieceAt(e.getX(), e.getY()));
            if (pointed.isPresent()) {
                e.acceptTransferModes(TransferMode.COPY);
            }
            e.consume();
        }
    }

    private void drop(DragEvent e) {
        Optional<Piece> piece = pieceAt(e.getX(), e.getY());
        design(e).filter(d -> piece.isPresent()).ifPresent(d -> {
            studio.select(s -> s.withPieces(Set.of(piece.get().id())));
            String colourway = d.palette().orFirst(studio.selection().colourway()).name();
            studio.editLays("lay " + d.name(), l -> l.withDesign(d.id(), colourway));
            e.setDropCompleted(true);
            e.consume();
        });
    }
}
