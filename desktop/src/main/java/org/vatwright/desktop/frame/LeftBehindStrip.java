package org.vatwright.desktop.frame;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;

import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.control.Scroll;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Aside;
import org.vatwright.desktop.studio.Message;
import org.vatwright.desktop.studio.Scenes;
import org.vatwright.desktop.studio.Studio;
import org.vatwright.files.recovery.KeptWork;
import org.vatwright.files.recovery.LeftBehind;
import org.vatwright.files.recovery.RecoveryStore;

import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Work that was not saved when the program ended, above everything else until it is taken up or let go. */
public final class LeftBehindStrip extends VBox {

    private static final int THUMB = 72;

    private final Studio studio;
    private final Desk desk;
    private final RecoveryStore store;
    private final BiConsumer<LeftBehind, Runnable> takeUp;
    private final HBox cards = new HBox(12);
    private final List<LeftBehind> shown = new ArrayList<>();

    /** @param takeUp opens the work, then calls what it is given; until then the work stays in the strip */
    public LeftBehindStrip(Studio studio, Desk desk, RecoveryStore store, BiConsumer<LeftBehind, Runnable> takeUp) {
        super(6);
        this.studio = studio;
        this.desk = desk;
        this.store = store;
        this.takeUp = takeUp;
        setId("left-behind");
        getStyleClass().add("left-behind");
        ScrollPane scroll = new Scroll(cards);
        scroll.getStyleClass().add("bare-scroll");
        scroll.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setFitToHeight(true);
        getChildren().addAll(Ui.label("Not saved when the program ended", "card-title"), scroll);
        store.tidy(Instant.now());
        shown.addAll(store.leftBehind());
        refresh();
    }

    private void refresh() {
        Ui.show(this, !shown.isEmpty());
        cards.getChildren().setAll(shown.stream().map(this::card).toList());
    }

    private HBox card(LeftBehind work) {
        ClothImage image = new ClothImage();
        StackPane frame = new StackPane(image);
        frame.getStyleClass().add("left-behind-picture");
        Label name = Ui.label("\u2026", "card-title");
        Label place = Ui.label("", "quiet");
        Button up = Ui.button("Take it up", () -> takeUp(work));
        up.getStyleClass().add("pill");
        Button go = Ui.link("let it go", () -> letGo(work));
        VBox words = new VBox(2, name, place, Ui.label(ago(work.when(), Instant.now()), "quiet"), Ui.row(up, go));
        HBox card = new HBox(10, frame, words);
        card.setAlignment(Pos.CENTER_LEFT);
        card.getStyleClass().addAll("card", "left-behind-card");
        int at = shown.indexOf(work);
        up.setId("take-up-" + at);
        go.setId("let-go-" + at);
        Aside<KeptWork> read = new Aside<>(Platform::runLater, kept -> {
            name.setText(kept.project().name());
            place.setText(kept.file().map(f -> String.valueOf(f.getFileName())).orElse("never saved"));
            kept.project().design(kept.design()).or(() -> kept.project().designs().stream().findFirst())
                    .ifPresent(d -> draw(d, image));
        });
        read.ask(work, ignored -> work.read());
        return card;
    }

    private void draw(Design design, ClothImage image) {
        double pxPerMm = THUMB / (1.2 * Math.max(design.repeat().widthMm(), design.repeat().heightMm()));
        Scenes.Field field = new Scenes.Field(design, design.palette().orFirst(""), 0, 0, THUMB, THUMB, pxPerMm);
        image.draw(field, field.subject(studio.tiles()), THUMB, THUMB);
    }

    private void takeUp(LeftBehind work) {
        if (desk.mayLeave()) {
            takeUp.accept(work, () -> {
                shown.remove(work);
                refresh();
            });
        }
    }

    private void letGo(LeftBehind work) {
        desk.attempt(() -> {
            LeftBehind gone = store.letGo(work);
            shown.remove(work);
            refresh();
            studio.say(Message.hint("It is let go.").offering("bring it back", () -> {
                desk.attempt(() -> {
                    shown.add(store.bringBack(gone));
                    refresh();
                    return Optional.empty();
                });
            }));
            return Optional.empty();
        });
    }

    /** @return when it was, as a person would say it */
    static String ago(Instant then, Instant now) {
        Duration past = Duration.between(then, now);
        if (past.toMinutes() < 1) {
            return "kept a moment ago";
        }
        if (past.toHours() < 1) {
            return "kept %d min ago".formatted(past.toMinutes());
        }
        return past.toDays() < 1
                ? "kept %d h ago".formatted(past.toHours())
                : "kept %d %s ago".formatted(past.toDays(), past.toDays() == 1 ? "day" : "days");
    }
}
