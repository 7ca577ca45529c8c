package org.vatwright.desktop.dress;

import javafx.scene.control.Button;
import org.vatwright.files.vector.SvgCuttingWriter;
import org.vatwright.desktop.studio.Message;
import org.vatwright.desktop.studio.DressHand;
import org.vatwright.desktop.frame.Outside;
import org.vatwright.desktop.frame.Desk;
import org.vatwright.core.measure.Refusal;
import java.util.Optional;
import java.util.List;
import java.util.function.UnaryOperator;

import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.AsMotif;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.dress.Retyped;
import org.vatwright.core.dress.Setting;
import org.vatwright.core.measure.Numbers;
import org.vatwright.desktop.control.Fold;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What kind of article it is and what makes it that: words and face, sheet size and density. */
final class ArticleCard extends VBox {

    private static final int MOST_ROWS = 3;

    private final Studio studio;
    private final TextField name = new TextField();
    private final Label size = Ui.prose("", "quiet");
    private final TextArea text = new TextArea();
    private final ComboBox<String> face = new ComboBox<>();
    private final NumberRow height;
    private final NumberRow apart;
    private final NumberRow leading;
    private final NumberRow arc;
    private final NumberRow box;
    private final Segments<Setting.Align> align;
    /** What wears a lay of its own. */
    private enum Own {
        ALL, WORD, LETTER;

        String words() {
            return this == ALL ? "for all" : this == WORD ? "by word" : "by letter";
        }
    }

    private static final double CUT_MM = 2;
    private static final Outside.FileKind SVG = new Outside.FileKind("SVG drawing", "*.svg");

    private final Desk desk;
    private final Segments<Own> own;
    private final Button straight;
    private final LegibilityRow legibility;
    private final VBox lettering;
    private final NumberRow width;
    private final NumberRow depth;
    private final NumberRow density;
    private final VBox sheet;
    private boolean showing;

    ArticleCard(Studio studio, Desk desk) {
        super(8);
        this.studio = studio;
        this.desk = desk;
        name.getStyleClass().add("title-field");
        name.setId("article-name");
        name.setAccessibleText("Name of the article");
        name.setOnAction(e -> rename());
        name.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                rename();
            }
        });
        text.setId("lettering-text");
        text.setAccessibleText("Words");
        text.textProperty().addListener((o, was, is) -> type(is));
        text.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                studio.endDrag();
            }
        });
        text.setPrefRowCount(1);
        text.setWrapText(true);
        Ui.tip(text, "Shift and Enter begin a new line");
        text.addEventFilter(KeyEvent.KEY_PRESSED, this::entered);
        HBox.setHgrow(text, Priority.ALWAYS);
        face.setId("typeface");
        face.setAccessibleText("Typeface");
        face.getItems().setAll(studio.faces().names());
        // Asked for when they are wanted: a system may have hundreds.
        face.setOnShowing(e -> {
            if (face.getItems().size() == studio.faces().names().size()) {
                face.getItems().addAll(studio.faces().system());
            }
        });
        face.setOnAction(e -> {
            if (!showing && face.getValue() != null) {
                letters("typeface " + face.getValue(), l -> l.withTypeface(face.getValue()));
            }
        });
        size.setId("article-size");
        height = NumberRow.length(studio, "Capitals", "height of a capital",
                mm -> letters("letters %s mm high".formatted(Numbers.plain(mm)), l -> l.withHeightMm(mm)));
        own = new Segments<>(List.of(Own.values()), Own::words, o -> letters("a lay " + o.words(), l -> l.with()
                .eachOwn(o != Own.ALL).setting(l.setting().withByWord(o == Own.WORD)).build()));
        own.button(Own.LETTER).setId("each-own");
        own.button(Own.WORD).setId("each-word");
        own.button(Own.ALL).setId("one-for-all");
        Button line = Ui.link("along a line", () -> studio.holdDress(h -> h.withTool(DressHand.Tool.LINE)));
        line.setId("words-along");
        straight = Ui.link("straight again", () -> setting("words straight again", s -> s.withLine(Optional.empty())));
        straight.setId("words-straight");
        Button cutting = Ui.link("cutting lines\u2026", this::cutting);
        cutting.setId("words-cutting");
        Button motif = Ui.link("as a motif", this::motif);
        motif.setId("words-motif");
        Ui.tip(motif, "A design of these letters, to be laid as a figure on any piece or repeated");
        legibility = new LegibilityRow(studio);
        apart = NumberRow.number(studio, "Apart", "space between letters", "%", 1, 5,
                n -> setting("space between letters", s -> s.withApart(n / 100)));
        leading = NumberRow.number(studio, "Lines", "line spacing", "%", 0, 10,
                n -> setting("line spacing", s -> s.withLeading(n / 100)));
        arc = NumberRow.length(studio, "Arc", "radius of the arc",
                mm -> setting("words on an arc", s -> s.withArcMm(mm)));
        box = NumberRow.length(studio, "Box", "width of the box",
                mm -> setting("words in a box", s -> s.withBoxMm(mm)));
        align = new Segments<>(List.of(Setting.Align.values()), Setting.Align::keyword,
                a -> setting("lines " + a.keyword(), s -> s.withAlign(a)));
        align.getStyleClass().add("tight");
        for (Setting.Align each : Setting.Align.values()) {
            align.button(each).setId("align-" + each.keyword());
        }
        Fold setting = Ui.fold("words-setting", "Lines, arc and space",
                Ui.column(7, Ui.pair(apart, leading), Ui.pair(arc, box),
                        Ui.row(Ui.label("Lines to the", "quiet"), align),
                        Ui.row(line, straight, Ui.spring(), cutting)));
        lettering = Ui.column(5, Ui.labelled("Words", text), Ui.pair(face, height), Ui.row(own, Ui.spring(), motif),
                legibility, setting);
        width = NumberRow.length(studio, "Width", "sheet width",
                mm -> sheet("sheet width", s -> s.withSize(mm, s.heightMm())));
        depth = NumberRow.length(studio, "Height", "sheet height",
                mm -> sheet("sheet height", s -> s.withSize(s.widthMm(), mm)));
        density = NumberRow.density(studio, "Density", "sheet density",
                d -> sheet("sheet density", s -> s.withDensity(d)));
        sheet = Ui.column(8, Ui.pair(width, depth), density);
        getChildren().addAll(name, size, lettering, sheet);
    }

    /** Around all letters, a little outside, what touches as one. */
    private void cutting() {
        studio.article()
                .ifPresent(a -> desk.outside().askSave("Write cutting lines", a.name() + " cutting lines.svg", SVG)
                        .ifPresent(file -> {
                            try {
                                SvgCuttingWriter.write(studio.cut(a), CUT_MM, file);
                                studio.say(Message.hint("Cutting lines, %s mm outside the letters: %s".formatted(
                                        Numbers.plain(CUT_MM), file.getFileName())));
                            } catch (Refusal e) {
                                studio.say(Message.wrong(e.getMessage()));
                            }
                        }));
    }

    /** The letters as they are dressed become a design: a figure for a bib, a repeat for a paper. */
    private void motif() {
        studio.article().flatMap(a -> desk.attempt(() -> AsMotif.of(studio.cut(a), studio.project().designs())))
                .ifPresent(design -> {
                    if (studio.edit("make a motif of " + design.name(), p -> p.addDesign(design))) {
                        studio.say(Message.done("%s is on the shelf: choose a piece and lay it there as a figure."
                                .formatted(studio.project().designs().getLast().name())));
                    }
                });
    }

    private void rename() {
        String wanted = name.getText().strip();
        studio.article().filter(a -> !showing && !wanted.isEmpty() && !wanted.equals(a.name()))
                .ifPresent(a -> studio.editArticle("rename " + a.name(), x -> x.withName(wanted)));
    }

    /** Every key shows at once; what is typed without leaving the field is undone together. */
    private void type(String words) {
        if (!showing && !words.isBlank()) {
            studio.beginDrag("type words");
            letters("type \u201c%s\u201d".formatted(words.strip()),
                    l -> Retyped.of(l, words, studio.faces().find(l.typeface())));
        }
    }

    private void entered(KeyEvent e) {
        if (e.getCode() == KeyCode.ENTER) {
            e.consume();
            if (e.isShiftDown()) {
                text.replaceSelection("\n");
            } else {
                studio.endDrag();
            }
        }
    }

    private void setting(String what, UnaryOperator<Setting> change) {
        letters(what, l -> l.withSetting(change.apply(l.setting())));
    }

    private void letters(String what, UnaryOperator<Article.Lettering> change) {
        studio.editArticle(what, a -> a instanceof Article.Lettering l ? change.apply(l) : a);
    }

    private void sheet(String what, UnaryOperator<Article.Sheet> change) {
        studio.editArticle(what, a -> a instanceof Article.Sheet s ? change.apply(s) : a);
    }

    void show(Article article, Cut cut) {
        showing = true;
        if (!name.isFocused()) {
            name.setText(article.name());
        }
        String kind = switch (article) {
            case Article.Flat _ -> "Flat";
            case Article.Lettering _ -> "Lettering";
            case Article.Sheet _ -> "Background sheet";
        };
        Optional<String> missing = article instanceof Article.Lettering l
                ? studio.faces().missing(l.typeface())
                : Optional.empty();
        size.setText("%s, %s x %s mm, %d %s".formatted(kind, Numbers.plain(cut.widthMm(), 1),
                Numbers.plain(cut.heightMm(), 1), cut.pieces().size(), cut.pieces().size() == 1 ? "piece" : "pieces")
                + missing.map(m -> "; " + m).orElse(""));
        Ui.show(lettering, article instanceof Article.Lettering);
        Ui.show(sheet, article instanceof Article.Sheet);
        if (article instanceof Article.Lettering l) {
            text.setPrefRowCount((int) Math.min(MOST_ROWS, l.text().lines().count()));
            if (!text.getText().equals(l.text()) && !(text.isFocused() && studio.dragging())) {
                text.setText(l.text());
            }
            face.setValue(studio.faces().find(l.typeface()).name());
            height.show(l.heightMm());
            own.show(!l.eachOwn() ? Own.ALL : l.setting().byWord() ? Own.WORD : Own.LETTER);
            Ui.show(straight, l.setting().line().isPresent());
            apart.show(100 * l.setting().apart());
            leading.show(100 * l.setting().leading());
            arc.show(l.setting().arcMm());
            box.show(l.setting().boxMm());
            align.show(l.setting().align());
        }
        if (article instanceof Article.Sheet s) {
            width.show(s.widthMm());
            depth.show(s.heightMm());
            density.show(s.density().dpi());
        }
        legibility.show(article, cut);
        showing = false;
    }
}
