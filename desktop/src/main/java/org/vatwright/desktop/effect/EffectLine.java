package org.vatwright.desktop.effect;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

import org.vatwright.core.pattern.Effect;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.control.Styles;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;

/**
 * What is done to the marks of the open layer: a stitch line of small pictures of this very layer, one an effect, in the
 * order in which they are done. A filled knot means on. A picture opens the numbers of its effect; the knot under it puts
 * the effect on or off.
 */
public final class EffectLine extends VBox {

    private static final double SIDE = 34;
    private static final double STEP = 40.5;
    private static final double KNOT = 5;

    private record Kept(Object key, String kind) {}

    private record Place(Button picture, ClothImage cloth, Button knot) {}

    private final Studio studio;
    private final EffectTarget target;
    private final Runnable opened;
    private final Map<EffectKind, Place> places = new EnumMap<>(EffectKind.class);
    private final Map<EffectKind, EffectPanel<?>> panels = new EnumMap<>(EffectKind.class);
    /** Numbers of what was put off, for when it is put on again. */
    private final Map<Kept, Effect> before = new HashMap<>();
    private final Label named = Ui.label("", "quiet");
    private final VBox numbers = new VBox(4);
    private final EdgeLook edges = new EdgeLook();
    private Optional<EffectKind> open = Optional.empty();
    private Object shown;

    /** @param opened told when numbers are opened or closed */
    public EffectLine(Studio studio, EffectTarget target, Runnable opened) {
        super(4);
        this.studio = studio;
        this.target = target;
        this.opened = opened;
        Pane knots = new Pane();
        HBox pictures = new HBox(STEP - SIDE - 4);
        Line stitch = new Line(SIDE / 2, KNOT + 3, STEP * (EffectKind.values().length - 1) + SIDE / 2, KNOT + 3);
        stitch.getStyleClass().add("stitch");
        knots.getChildren().add(stitch);
        for (EffectKind kind : EffectKind.values()) {
            Place place = place(kind);
            places.put(kind, place);
            pictures.getChildren().add(place.picture());
            place.knot().relocate(STEP * kind.ordinal() + SIDE / 2 - KNOT - 3, 0);
            knots.getChildren().add(place.knot());
        }
        MenuButton starts = new MenuButton("Start as");
        starts.setId("effect-starts");
        for (EffectStart start : EffectStart.values()) {
            MenuItem item = new MenuItem(start.words());
            item.setOnAction(e -> target.seen().ifPresent(
                    seen -> target.edit("as " + start.words(), all -> start.effects(seen))));
            starts.getItems().add(item);
        }
        named.setId("effect-now");
        getChildren().addAll(Ui.row(Ui.label("Effects", "card-title"), named, Ui.spring(), starts), pictures, knots,
                numbers, edges.label());
    }

    private Place place(EffectKind kind) {
        ClothImage cloth = new ClothImage();
        Button picture = new Button(null, cloth);
        picture.getStyleClass().add("effect");
        picture.setId("effect-" + kind.kind());
        picture.setAccessibleText(kind.title());
        picture.setMinSize(SIDE + 4, SIDE + 4);
        Ui.tip(picture, kind.title());
        picture.setOnAction(e -> open(kind));
        Circle dot = new Circle(KNOT);
        dot.getStyleClass().add("knot");
        Button knot = new Button(null, dot);
        knot.getStyleClass().add("effect-knot");
        knot.setId("knot-" + kind.kind());
        knot.setAccessibleText(kind.title() + " on or off");
        Ui.tip(knot, kind.title() + " on or off");
        knot.setOnAction(e -> toggle(kind));
        return new Place(picture, cloth, knot);
    }

    private void open(EffectKind kind) {
        boolean close = open.equals(Optional.of(kind)) && isOpen();
        open = close ? Optional.empty() : Optional.of(kind);
        target.seen().filter(s -> !close && s.effect(kind).isEmpty()).ifPresent(s -> toggle(kind));
        opened.run();
    }

    private void toggle(EffectKind kind) {
        target.seen().ifPresent(seen -> {
            Kept key = new Kept(seen.key(), kind.kind());
            Optional<Effect> now = seen.effect(kind);
            now.ifPresent(e -> before.put(key, e));
            Effect effect = now.orElseGet(() -> before.getOrDefault(key, kind.fresh(seen)));
            target.edit("%s %s".formatted(kind.title().toLowerCase(Locale.ROOT), now.isPresent() ? "off" : "on"),
                    all -> {
                        List<Effect> left = new ArrayList<>(all);
                        left.removeIf(e -> e.kind().equals(kind.kind()));
                        if (now.isEmpty()) {
                            left.add(effect);
                        }
                        left.sort(Comparator.comparingInt(Effect::order));
                        return left;
                    });
        });
    }

    /** @return whether the numbers of an effect stand open */
    public boolean isOpen() {
        return numbers.isVisible();
    }

    public void show(EffectTarget.Seen seen) {
        if (!seen.key().equals(shown)) {
            shown = seen.key();
            // What is not on here has no numbers; it would only hide what else there is.
            open = open.filter(k -> seen.effect(k).isPresent());
        }
        List<EffectKind> on = places.keySet().stream().filter(k -> seen.effect(k).isPresent()).toList();
        Optional<EffectKind> seenOpen = open.filter(on::contains);
        named.setText(seenOpen.map(EffectKind::title).orElse(on.isEmpty() ? "none" : ""));
        places.forEach((kind, place) -> {
            Optional<Effect> now = seen.effect(kind);
            target.draw(place.cloth(), now.orElseGet(() -> kind.fresh(seen)), SIDE);
            place.knot().pseudoClassStateChanged(Styles.CHOSEN, now.isPresent());
            place.picture().pseudoClassStateChanged(Styles.CHOSEN, seenOpen.equals(Optional.of(kind)));
        });
        Optional<EffectPanel<?>> panel = seenOpen
                .map(k -> panels.computeIfAbsent(k, x -> x.panel(studio, target)));
        panel.ifPresent(
                p -> p.show(seen.effect(seenOpen.orElseThrow()).orElseThrow(), seen.design(), seen.colourway()));
        if (!numbers.getChildren().equals(panel.stream().toList())) {
            numbers.getChildren().setAll(panel.stream().toList());
        }
        Ui.show(numbers, panel.isPresent());
        edges.show(target, seen.effects(), seenOpen.flatMap(seen::effect));
    }
}
