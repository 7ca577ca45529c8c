package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.IntUnaryOperator;
import java.util.function.UnaryOperator;

import org.vatwright.core.dress.TypeLine;
import org.vatwright.core.dress.Typeface;
import org.vatwright.core.motif.Form;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.motif.Part;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import org.vatwright.desktop.control.Fold;

/** What is rarely needed while a motif is drawn: letters as a shape, copies of a shape by number and step. */
final class PartExtras extends VBox {

    private int count = 5;
    private double across = 0;
    private double down = 0;
    private double turn = 72;

    /**
     * @param edit changes the motif in hand, under a name
     * @param chosen the number of the chosen part of a motif with so many
     */
    PartExtras(Studio studio, BiConsumer<String, UnaryOperator<Motif>> edit, IntUnaryOperator chosen) {
        super(4);
        ComboBox<String> face = new ComboBox<>();
        face.getItems().addAll(studio.faces().names());
        face.getSelectionModel().select(0);
        face.setId("letters-face");
        TextField letters = new TextField();
        letters.setId("letters-text");
        letters.setPromptText("letters, then Enter");
        letters.setAccessibleText("Letters to add as a shape");
        letters.setOnAction(e -> edit.accept("add letters", m -> lettered(m, letters.getText().strip(),
                studio.faces().find(face.getValue()))));
        NumberRow number = NumberRow.number(studio, "Copies", "copies of the shape", "", 0, 1,
                n -> count = (int) Math.max(1, Math.min(200, Math.rint(n))));
        NumberRow stepAcross = NumberRow.length(studio, "Step across", "step of copies across", mm -> across = mm);
        NumberRow stepDown = NumberRow.length(studio, "Step down", "step of copies down", mm -> down = mm);
        NumberRow stepTurn = NumberRow.number(studio, "Turned by", "turn of copies", "\u00b0", 2, 5, n -> turn = n);
        for (NumberRow row : List.of(number, stepAcross, stepDown, stepTurn)) {
            row.field().focusedProperty().addListener((o, was, is) -> show(number, stepAcross, stepDown, stepTurn));
            row.field().addEventHandler(javafx.event.ActionEvent.ACTION,
                    e -> show(number, stepAcross, stepDown, stepTurn));
        }
        show(number, stepAcross, stepDown, stepTurn);
        var make = Ui.button("Make the copies", () -> edit.accept("copy a shape", m -> copied(m,
                chosen.applyAsInt(m.parts().size()))));
        make.setId("make-copies");
        VBox rows = Ui.column(4, Ui.labelled("Face", face), Ui.labelled("Letters", letters), number, stepAcross,
                stepDown, stepTurn, make);
        Fold fold = Ui.fold("part-extras", "Letters, and copies of a shape", rows);
        getChildren().add(fold);
    }

    private void show(NumberRow number, NumberRow stepAcross, NumberRow stepDown, NumberRow stepTurn) {
        number.show(count);
        stepAcross.show(across);
        stepDown.show(down);
        stepTurn.show(turn);
    }

    private static Motif lettered(Motif m, String text, Typeface face) {
        double high = Math.max(1, Math.max(m.bounds().getWidth(), m.bounds().getHeight()) / 2);
        List<Part> more = new ArrayList<>(m.parts());
        Form form = new Form.Letters(text, face.name(), high, TypeLine.outline(text, face, high));
        more.add(new Part(text, form, 0, 0, 0, 1, 1, m.parts().getLast().fill(), java.util.Optional.empty(), 1,
                java.util.Optional.empty()));
        return m.withParts(more);
    }

    /** Each copy a step on from the one before, turned about the motif's middle. */
    private Motif copied(Motif m, int index) {
        List<Part> more = new ArrayList<>(m.parts());
        Part like = m.parts().get(index);
        for (int i = 1; i <= count - 1; i++) {
            double a = -Math.toRadians(i * turn);
            double x = like.x() * Math.cos(a) - like.y() * Math.sin(a) + i * across;
            double y = like.x() * Math.sin(a) + like.y() * Math.cos(a) + i * down;
            more.add(index + i, like.at(x, y).withTurn(like.turnDeg() + i * turn));
        }
        return m.withParts(more);
    }
}
