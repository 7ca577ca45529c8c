package org.vatwright.desktop.control;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;

import org.vatwright.core.colour.CmykShares;
import org.vatwright.core.colour.Lab;
import org.vatwright.core.colour.Oklch;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.LengthText;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.raster.Raster;
import org.vatwright.desktop.studio.Studio;

import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.Background;
import javafx.scene.layout.BackgroundFill;
import javafx.scene.layout.CornerRadii;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Edits one colour: by eye on a plane and a hue strip, by hex, RGB, CMYK shares or Lab. */
public final class ColourEditor extends VBox {

    /** One way to write a colour down. */
    private record Notation(String id, String label, Function<Rgb, String> write, Function<String, Rgb> read) {}

    private static final List<Notation> NOTATIONS = List.of(new Notation("hex", "Hex", Rgb::hex, Rgb::parse),
            new Notation("rgb", "RGB", c -> "%d, %d, %d".formatted(c.red(), c.green(), c.blue()), text -> {
                double[] n = numbers(text, 3, "three numbers from 0 to 255 such as 31, 52, 96");
                return new Rgb((int) Math.rint(n[0]), (int) Math.rint(n[1]), (int) Math.rint(n[2]));
            }), new Notation("cmyk", "CMYK", c -> {
                CmykShares s = CmykShares.of(c);
                return list(s.cyan(), s.magenta(), s.yellow(), s.black());
            }, text -> {
                double[] n = numbers(text, 4, "four shares in percent such as 68, 46, 0, 62");
                return new CmykShares(n[0], n[1], n[2], n[3]).toRgb();
            }), new Notation("lab", "Lab", c -> {
                Lab lab = Lab.of(c);
                return list(lab.lightness(), lab.a(), lab.b());
            }, text -> {
                double[] n = numbers(text, 3, "lightness, a and b such as 22, 4, -28");
                return new Lab(n[0], n[1], n[2]).toRgb();
            }));

    private final Studio studio;
    private final Consumer<Rgb> commit;
    private final Label title = Ui.label("", "card-title");
    private final Region patch = new Region();
    private final ColourPlane plane;
    private final Label error = Ui.prose("", "field-error");
    private final List<TextField> fields = new ArrayList<>();
    private Rgb now = new Rgb(0, 0, 0);

    /** @param pictures asks for a picture to take a colour from */
    public ColourEditor(Studio studio, Consumer<Rgb> commit, Consumer<Consumer<Raster>> pictures) {
        super(8);
        this.studio = studio;
        this.commit = commit;
        getStyleClass().add("card");
        setId("colour-editor");
        patch.getStyleClass().add("colour-patch");
        plane = new ColourPlane(oklch -> {
            if (!studio.dragging()) {
                studio.beginDrag("recolour");
            }
            commit.accept(oklch.toRgb());
        }, studio::endDrag);
        getChildren().addAll(title, patch, plane);
        for (Notation notation : NOTATIONS) {
            TextField field = new TextField();
            field.setId("colour-" + notation.id());
            field.setAccessibleText("Colour as " + notation.label());
            field.getStyleClass().add("wide");
            field.setOnAction(e -> take(notation, field));
            field.focusedProperty().addListener((o, was, is) -> {
                if (!is) {
                    take(notation, field);
                }
            });
            fields.add(field);
            getChildren().add(Ui.labelled(notation.label(), field));
        }
        error.setId("colour-error");
        Ui.show(error, false);
        PicturePick pick = new PicturePick(studio, commit);
        Button take = Ui.link("take from a picture\u2026", () -> pictures.accept(pick::show));
        take.setId("take-from-picture");
        getChildren().addAll(error, Ui.row(Ui.spring(), take), pick,
                Ui.prose("CMYK is plain shares, without a press profile. Lab is relative to D50.", "quiet"));
    }

    public void show(String words, Rgb colour) {
        title.setText(words);
        boolean same = colour.equals(now);
        now = colour;
        patch.setBackground(new Background(new BackgroundFill(Swatch.fx(colour), new CornerRadii(5), Insets.EMPTY)));
        plane.show(Oklch.of(colour), studio.dragging());
        for (int i = 0; i < fields.size(); i++) {
            if (!fields.get(i).isFocused() || !same) {
                fields.get(i).setText(NOTATIONS.get(i).write().apply(colour));
            }
        }
    }

    /** Puts the hand into the first field, so that a colour can be typed at once. */
    public void begin() {
        TextField first = fields.getFirst();
        Platform.runLater(() -> {
            if (first.getScene() != null && isVisible()) {
                first.requestFocus();
                first.selectAll();
            }
        });
    }

    private void take(Notation notation, TextField field) {
        if (field.getText().equals(notation.write().apply(now))) {
            return;
        }
        try {
            Rgb typed = notation.read().apply(field.getText());
            Ui.show(error, false);
            if (!typed.equals(now)) {
                commit.accept(typed);
            }
            field.setText(notation.write().apply(now));
        } catch (Refusal e) {
            field.setText(notation.write().apply(now));
            error.setText("The colour stays %s: %s.".formatted(now.hex(), e.getMessage()));
            Ui.show(error, true);
        }
    }

    private static double[] numbers(String text, int count, String right) {
        String[] words = text.strip().split("[\\s,;]+");
        if (words.length != count) {
            throw new Refusal("\"%s\" should be %s".formatted(text, right));
        }
        double[] n = new double[count];
        for (int i = 0; i < count; i++) {
            n[i] = LengthText.parseNumber(words[i], "%");
        }
        return n;
    }

    private static String list(double... numbers) {
        StringBuilder text = new StringBuilder();
        for (double n : numbers) {
            text.append(text.isEmpty() ? "" : ", ").append(Numbers.plain(n, 1));
        }
        return text.toString();
    }
}
