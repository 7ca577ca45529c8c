package org.vatwright.desktop.building;

import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.UnaryOperator;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.measure.LengthText;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Unit;
import org.vatwright.core.motif.Part;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Gradient;
import org.vatwright.core.pattern.Ink;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Message;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.vatwright.desktop.control.Fold;

/** Inks that go over into each other across a shape, and how its outline is drawn. */
final class PartPaint extends VBox {

    private static final String FLAT = "One ink";
    private static final String ACROSS = "Across";
    private static final String ROUND = "From within";

    private final Studio studio;
    private final BiConsumer<String, UnaryOperator<Part>> edit;
    private final Segments<String> kind;
    private final NumberRow angle;
    private final VBox stops = new VBox(3);
    private final List<InkChip> chips = new ArrayList<>();
    private final List<NumberRow> places = new ArrayList<>();
    private final VBox shade = new VBox(4);
    private final Segments<Part.Join> join;
    private final Segments<Part.Cap> cap;
    private final TextField dashes = new TextField();
    private final VBox outline = new VBox(4);
    private Part shown;

    /** @param edit changes the part in hand, under a name */
    PartPaint(Studio studio, BiConsumer<String, UnaryOperator<Part>> edit) {
        super(4);
        this.studio = studio;
        this.edit = edit;
        kind = new Segments<>(List.of(FLAT, ACROSS, ROUND), k -> k, this::choose);
        kind.button(ACROSS).setId("shade-across");
        kind.button(ROUND).setId("shade-round");
        kind.button(FLAT).setId("shade-none");
        angle = NumberRow.number(studio, "Direction", "direction of the shading", "\u00b0", 1, 15, n -> edit.accept(
                "turn a shading", p -> p.withGradient(p.gradient().map(g -> laid(p, g.stops(), false, n)))));
        shade.getChildren().addAll(angle, stops);
        join = new Segments<>(List.of(Part.Join.values()), j -> switch (j) {
            case MITER -> "Pointed";
            case ROUND -> "Round";
            case BEVEL -> "Cut";
        }, j -> edge("corners of an outline", e -> new Part.Edge(e.ink(), e.widthMm(), j, e.cap(), e.dashesMm())));
        cap = new Segments<>(List.of(Part.Cap.values()), c -> switch (c) {
            case BUTT -> "Flush";
            case ROUND -> "Round";
            case SQUARE -> "Square";
        }, c -> edge("ends of dashes", e -> new Part.Edge(e.ink(), e.widthMm(), e.join(), c, e.dashesMm())));
        join.getStyleClass().add("tight");
        cap.getStyleClass().add("tight");
        dashes.setId("dashes");
        dashes.setPromptText("4 2 mm, or none");
        dashes.setAccessibleText("Dashes and gaps in turn");
        dashes.setOnAction(e -> takeDashes());
        outline.getChildren().addAll(Ui.labelled("Corners", join), Ui.labelled("Ends", cap),
                Ui.labelled("Dashes", dashes));
        Fold fold = Ui.fold("part-paint", "Shading, and how the outline runs", Ui.column(6, kind, shade, outline));
        getChildren().add(fold);
    }

    private void edge(String name, UnaryOperator<Part.Edge> change) {
        edit.accept(name, p -> p.withEdge(p.edge().map(change)));
    }

    private void takeDashes() {
        try {
            List<Double> lengths = new ArrayList<>();
            for (String word : dashes.getText().replace("mm", " ").strip().split("[\\s,;]+")) {
                if (!word.isEmpty() && !word.equals("none")) {
                    lengths.add(LengthText.parseMm(word, Unit.MM, studio.project().density()));
                }
            }
            edge(lengths.isEmpty() ? "no dashes" : "dashes",
                    e -> new Part.Edge(e.ink(), e.widthMm(), e.join(), e.cap(), lengths));
        } catch (Refusal e) {
            studio.say(Message.refused(e.getMessage()));
        }
    }

    private void choose(String wanted) {
        edit.accept(wanted.equals(FLAT) ? "one ink" : "shade a shape", p -> {
            if (wanted.equals(FLAT)) {
                return p.gradient().map(g -> p.withFill(g.stops().getFirst().ink())).orElse(p);
            }
            List<Gradient.Stop> inks = p.gradient().map(Gradient::stops)
                    .orElseGet(() -> List.of(new Gradient.Stop(0, p.fill(), 1), new Gradient.Stop(1, other(p), 1)));
            return p.withGradient(Optional.of(laid(p, inks, wanted.equals(ROUND), 0)));
        });
    }

    /** @return another ink of the design than the shape's */
    private Ink other(Part p) {
        return studio.design().map(d -> d.palette().slots().stream().map(Ink::slot).filter(i -> !i.equals(p.fill()))
                .reduce((a, b) -> b).orElse(p.fill())).orElse(p.fill());
    }

    /** Over the whole of the form: from side to side in a direction, or from its middle to the circle around it. */
    private static Gradient laid(Part p, List<Gradient.Stop> stops, boolean round, double degrees) {
        Rectangle2D box = p.form().shape().getBounds2D();
        AffineTransform place = AffineTransform.getTranslateInstance(box.getCenterX(), box.getCenterY());
        place.rotate(-Math.toRadians(degrees));
        if (round) {
            double r = Math.hypot(box.getWidth(), box.getHeight()) / 2;
            place.scale(r, r);
        } else {
            double a = Math.toRadians(degrees);
            double length = Math.abs(box.getWidth() * Math.cos(a)) + Math.abs(box.getHeight() * Math.sin(a));
            place.translate(-length / 2, 0);
            place.scale(length, length);
        }
        try {
            return Gradient.of(round, 0, 0, place.createInverse(), stops, Gradient.Spread.PAD);
        } catch (NoninvertibleTransformException e) {
            throw new Refusal("a shape without area cannot be shaded", e);
        }
    }

    private void stops(String name, UnaryOperator<List<Gradient.Stop>> change) {
        edit.accept(name, p -> p.withGradient(p.gradient().map(g -> g.withStops(change.apply(g.stops())))));
    }

    void show(Part part, Design design, Colourway colourway) {
        shown = part;
        Optional<Gradient> gradient = part.gradient();
        kind.show(gradient.map(g -> g.radial() ? ROUND : ACROSS).orElse(FLAT));
        Ui.show(shade, gradient.isPresent());
        gradient.ifPresent(g -> {
            Ui.show(angle, !g.radial());
            angle.show(-Math.toDegrees(Math.atan2(g.m01(), g.m00())));
            rows(g, design, colourway);
        });
        Ui.show(outline, part.edge().isPresent());
        part.edge().ifPresent(e -> {
            join.show(e.join());
            cap.show(e.cap());
            if (!dashes.isFocused()) {
                dashes.setText(e.dashesMm().isEmpty()
                        ? ""
                        : String.join(" ", e.dashesMm().stream().map(d -> Numbers.plain(d, 2)).toList()) + " mm");
            }
        });
    }

    private void rows(Gradient g, Design design, Colourway colourway) {
        if (chips.size() != g.stops().size()) {
            chips.clear();
            places.clear();
            stops.getChildren().clear();
            for (int i = 0; i < g.stops().size(); i++) {
                stops.getChildren().add(row(i, g.stops().size()));
            }
        }
        for (int i = 0; i < chips.size(); i++) {
            chips.get(i).show(g.stops().get(i).ink(), design, colourway);
            places.get(i).show(100 * g.stops().get(i).place());
        }
    }

    private HBox row(int index, int count) {
        String what = "ink %d of the shading".formatted(index + 1);
        InkChip chip = new InkChip(what, k -> stops("ink a shading with " + k.words(),
                s -> with(s, index, new Gradient.Stop(s.get(index).place(), k, s.get(index).opacity()))));
        NumberRow place = NumberRow.number(studio, "", "place of " + what, "%", 1, 5, n -> stops("move an ink",
                s -> sorted(with(s, index, new Gradient.Stop(n / 100, s.get(index).ink(), s.get(index).opacity())))));
        chips.add(chip);
        places.add(place);
        place.field().setPrefWidth(64);
        HBox row = Ui.row(chip, place);
        if (count > 1) {
            row.getChildren().add(Ui.icon("x", "Take out " + what, () -> stops("take an ink out", s -> {
                List<Gradient.Stop> fewer = new ArrayList<>(s);
                fewer.remove(index);
                return fewer;
            })));
        }
        if (index == count - 1 && count < 12) {
            var more = Ui.icon("plus", "Add an ink to the shading", () -> stops("add an ink", s -> {
                List<Gradient.Stop> all = new ArrayList<>(s);
                Gradient.Stop last = s.getLast();
                all.add(new Gradient.Stop(Math.min(1, last.place()), other(shown), last.opacity()));
                return all;
            }));
            more.setId("add-shade-" + count);
            row.getChildren().add(more);
        }
        return row;
    }

    private static List<Gradient.Stop> with(List<Gradient.Stop> all, int index, Gradient.Stop stop) {
        List<Gradient.Stop> changed = new ArrayList<>(all);
        changed.set(index, stop);
        return changed;
    }

    private static List<Gradient.Stop> sorted(List<Gradient.Stop> all) {
        return all.stream().sorted(java.util.Comparator.comparingDouble(Gradient.Stop::place)).toList();
    }

}
