package org.vatwright.desktop.building;

import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.pattern.Course;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.FillUse;
import org.vatwright.core.pattern.GradientClosing;
import org.vatwright.core.pattern.Offer;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/**
 * The gradient chosen among the inks: its inks on a strip, what it crosses, its shape as live pictures of this design, whether
 * its ends agree. Where it begins and ends is pulled on the cloth.
 */
final class GradientCard extends VBox {

    private static final LivePicker.Shape KINDS = new LivePicker.Shape(3, 74, 46);
    /** So that about one tile is seen in a picture. */
    private static final double PICTURE_PX = 74;

    private final Studio studio;
    private final FillName name;
    private final RampStrip strip;
    private final Segments<Fill.Across> across;
    private final LivePicker<Course.Kind> kind;
    private final CheckBox back = new CheckBox("there and back");
    private final Label agrees = Ui.prose("", "quiet");
    private final Offers offers;

    GradientCard(Studio studio) {
        super(6);
        this.studio = studio;
        setId("gradient-card");
        name = new FillName(studio, "gradient");
        strip = new RampStrip(studio, stops -> gradient("inks of a gradient", g -> g.withStops(stops)));
        across = new Segments<>(List.of(Fill.Across.values()), GradientCard::words,
                a -> gradient("gradient across the " + words(a).toLowerCase(Locale.ROOT),
                        g -> g.withAcross(a)));
        for (Fill.Across each : Fill.Across.values()) {
            across.button(each).setId("gradient-across-" + words(each).toLowerCase(Locale.ROOT));
        }
        kind = new LivePicker<>(studio, "", "gradient-kind", List.of(Course.Kind.values()), GradientCard::words, KINDS,
                k -> gradient(words(k) + " gradient", g -> g.withCourse(g.course().withKind(k))));
        kind.open(true);
        back.setId("gradient-back");
        back.setOnAction(e -> gradient(back.isSelected() ? "gradient there and back" : "gradient one way",
                g -> g.withCourse(g.course().withBack(back.isSelected()))));
        agrees.setId("gradient-agrees");
        offers = new Offers(studio, "offer-");
        getChildren().addAll(name, strip, Ui.labelled("Across", across), kind, back, agrees, offers,
                name.removal("gradient"));
    }

    private static String words(Fill.Across across) {
        return switch (across) {
            case MARK -> "Mark";
            case LINE -> "Line";
            case TILE -> "Tile";
            case PIECE -> "Piece";
        };
    }

    private static String words(Course.Kind kind) {
        return switch (kind) {
            case LINEAR -> "linear";
            case RADIAL -> "radial";
            case ROUND -> "round";
        };
    }

    private void gradient(String words, UnaryOperator<Fill.OfGradient> change) {
        name.edit(words, f -> f.withGradient(change));
    }

    void show(Design design, Colourway shown, int index) {
        boolean is = index >= 0 && index < design.fills().size()
                && design.fills().get(index).gradient().isPresent();
        Ui.show(this, is);
        if (!is) {
            return;
        }
        name.showing(true);
        Fill fill = design.fills().get(index);
        Fill.OfGradient gradient = fill.gradient().orElseThrow();
        name.show(fill);
        strip.show(fill, design, shown);
        across.show(gradient.across());
        List<Offer> uses = FillUse.offers(design, fill, studio.layer());
        // What colours nothing yet is shown as it is.
        Design seen = uses.isEmpty() ? design : design.with().layers(List.of()).ground(fill.ink()).build();
        kind.show(gradient.course().kind(),
                k -> seen.editFill(fill.name(),
                        f -> f.withGradient(g -> g.withCourse(g.course().withKind(k)))),
                shown, PICTURE_PX / design.repeat().tile().widthMm());
        back.setSelected(gradient.course().back());
        agrees.getStyleClass().removeAll("fine", "look");
        agrees.getStyleClass().add(gradient.agrees() ? "fine" : "look");
        agrees.setText(told(gradient));
        offers.show(Stream.concat(uses.stream(), GradientClosing.offers(fill, design).stream()).toList());
        name.showing(false);
    }

    private static String told(Fill.OfGradient gradient) {
        String ends = gradient.agrees()
                ? gradient.meets() ? "Both ends agree: no line where it begins again." : ""
                : "%s meets %s where it begins again: a line shows.".formatted(gradient.stops().getLast().ink().words(),
                        gradient.stops().getFirst().ink().words());
        return gradient.across() == Fill.Across.PIECE
                ? "Runs over the piece that wears it; here it is shown across the tile."
                : ends.isEmpty() ? "Its ends meet nowhere: no line shows." : ends;
    }
}
