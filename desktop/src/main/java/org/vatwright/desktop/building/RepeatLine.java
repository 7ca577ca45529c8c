package org.vatwright.desktop.building;

import java.util.List;

import org.kordamp.ikonli.javafx.FontIcon;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.Tile;
import org.vatwright.desktop.control.ArrangementPicker;
import org.vatwright.desktop.control.Late;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Styles;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.frame.Command;
import org.vatwright.desktop.frame.Commands;
import org.vatwright.desktop.studio.Studio;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The repeat in one line: the cell and how it recurs. Opened in its place: its numbers, its tile, the whole scaled or turned. */
final class RepeatLine extends VBox {

    private final Button line = new Button();
    private final Label words = Ui.label("");
    private final VBox open = new VBox(8);
    private final NumberRow width;
    private final NumberRow height;
    private final ArrangementPicker arrangement;
    private final Segments<Arrangement> recurs;
    private final Label tile = Ui.prose("", "quiet");

    /** @param toggle opens and closes it */
    RepeatLine(Studio studio, Runnable toggle) {
        super(8);
        getStyleClass().add("repeat-line");
        width = NumberRow.length(studio, "Width", "cell width",
                mm -> studio.editDesign("cell width " + Numbers.plain(mm) + " mm",
                        d -> d.withRepeat(d.repeat().withSize(mm, d.repeat().heightMm()))));
        height = NumberRow.length(studio, "Height", "cell height",
                mm -> studio.editDesign("cell height " + Numbers.plain(mm) + " mm",
                        d -> d.withRepeat(d.repeat().withSize(d.repeat().widthMm(), mm))));
        arrangement = new ArrangementPicker(studio, "arrangement",
                a -> studio.editDesign("arrangement " + a, d -> d.withRepeat(d.repeat().withArrangement(a))));
        FontIcon turn = new FontIcon("fth-chevron-down");
        words.setMinWidth(0);
        recurs = ArrangementPicker.small("recurs",
                a -> studio.editDesign("arrangement " + a, d -> d.withRepeat(d.repeat().withArrangement(a))));
        Label title = Ui.label("Repeat", "card-title");
        title.setMinWidth(USE_PREF_SIZE);
        HBox inside = Ui.row(title, words, Ui.spring(), turn);
        inside.setSpacing(5);
        line.setGraphic(inside);
        line.getStyleClass().add("line-button");
        line.setMinWidth(0);
        line.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(line, Priority.ALWAYS);
        line.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        line.setId("repeat");
        line.setOnAction(e -> toggle.run());
        ((Region) line.getGraphic()).prefWidthProperty().bind(line.widthProperty().subtract(14));
        open.getChildren().addAll(Ui.pair(width, height), arrangement, tile, new RepeatTurn(studio));
        HBox head = new HBox(line, recurs);
        head.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(head, new Late(open));
    }

    /** @return what can be done in it. @param unfold opens it */
    List<Command> commands(Design design, Runnable unfold) {
        boolean isOpen = open.isVisible();
        show(design, true);
        List<Command> all = Commands.of(open).stream().map(c -> c.in("Repeat", unfold)).toList();
        show(design, isOpen);
        return all;
    }

    void show(Design design, boolean isOpen) {
        Repeat repeat = design.repeat();
        words.setText("%s x %s mm".formatted(Numbers.plain(repeat.widthMm(), 2),
                Numbers.plain(repeat.heightMm(), 2)));
        line.setAccessibleText("Repeat, %s, %s".formatted(words.getText(), repeat.arrangement()));
        Ui.tip(line, "%s, %s".formatted(words.getText(), repeat.arrangement()));
        recurs.show(repeat.arrangement());
        Ui.show(recurs, !isOpen);
        pseudoClassStateChanged(Styles.CHOSEN, isOpen);
        Ui.show(open, isOpen);
        if (isOpen) {
            width.show(repeat.widthMm());
            height.show(repeat.heightMm());
            arrangement.show(repeat.arrangement());
            Tile t = repeat.tile();
            int cells = t.columns() * t.rows();
            tile.setText("Tile %s x %s mm, %s".formatted(Numbers.plain(t.widthMm(), 2),
                    Numbers.plain(t.heightMm(), 2), cells == 1 ? "the cell itself" : cells + " cells"));
        }
    }
}
